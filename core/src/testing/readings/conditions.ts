import type { Measured } from '../../measure/governing';
import type { Point2 } from '../../solid/prism';

/** The six lengths of four corners A, B, C, D in order round an opening. */
export type QuadName = 'AB' | 'BC' | 'CD' | 'DA' | 'AC' | 'BD';
export type SixLengths<T> = Readonly<Record<QuadName, T>>;
export const QUAD_NAMES: readonly QuadName[] = ['AB', 'BC', 'CD', 'DA', 'AC', 'BD'];

/** A quadrilateral rebuilt from its sides and diagonals. */
export interface Quadrilateral {
  /** A at the origin, B along x, C and D to its left; mm. */
  readonly corners: readonly [Point2, Point2, Point2, Point2];
  /** The lengths as adjusted, so that all six are true together, mm. */
  readonly adjusted: SixLengths<number>;
  /** How far the six are from being true together, in standard deviations of what they ought to be. */
  readonly misfit: number;
}

const ROUNDS = 20;

/**
 * A quadrilateral from four sides and two diagonals. Five lengths fix it, so the sixth checks them: the six are adjusted
 * by least squares under the one condition that they close (a condition adjustment), each by what is not known of it.
 * Kept apart from the product, which adjusts by observations: the two must agree. Tests only.
 *
 * @returns undefined where the lengths make no convex quadrilateral at all
 * @source condition adjustment: Ghilani, Adjustment Computations, chapter on conditions (method from memory)
 */
export function quadrilateral(lengths: SixLengths<Measured>): Quadrilateral | undefined {
  const given = valuesOf(lengths);
  const weights = QUAD_NAMES.map((name) => lengths[name].sigma ** 2);
  let now = given;
  let misfit = 0;
  for (let round = 0; round < ROUNDS; round += 1) {
    const gap = closing(now);
    if (gap === undefined) return undefined;
    const slope = slopesAt(now);
    if (!slope) return undefined;
    // How far the condition misses at the lengths as given, seen along its slope here.
    const missed = gap + slope.reduce((sum, s, i) => sum + s * (given[i]! - now[i]!), 0);
    const scale = slope.reduce((sum, s, i) => sum + s * s * weights[i]!, 0);
    const next = given.map((mm, i) => mm - (missed * weights[i]! * slope[i]!) / scale);
    misfit = Math.abs(missed) / Math.sqrt(scale);
    const moved = Math.max(...next.map((mm, i) => Math.abs(mm - now[i]!)));
    now = next;
    if (moved < 1e-9) break;
  }
  const adjusted = named(now);
  const corners = cornersOf(adjusted);
  if (!corners) return undefined;
  return { corners, adjusted, misfit };
}

const valuesOf = (lengths: SixLengths<Measured>): number[] => QUAD_NAMES.map((name) => lengths[name].mm);
const named = (values: readonly number[]): SixLengths<number> =>
  Object.fromEntries(QUAD_NAMES.map((name, i) => [name, values[i]!])) as unknown as SixLengths<number>;

/** By how much BD is longer than the other five make it; undefined where they make nothing. */
function closing(values: readonly number[]): number | undefined {
  const ought = oughtOf(named(values), 'BD');
  return ought === undefined ? undefined : values[5]! - ought;
}

/** How the closing changes with each length: central differences, good to about nine figures. */
function slopesAt(values: readonly number[]): number[] | undefined {
  const slopes = values.map((mm, i) => {
    const step = Math.max(1e-3, 1e-6 * mm);
    const [more, less] = [step, -step].map((by) => closing(values.with(i, mm + by)));
    return more === undefined || less === undefined ? undefined : (more - less) / (2 * step);
  });
  return slopes.every((slope) => slope !== undefined) ? slopes : undefined;
}

/** Where a point lies that is r from P and s from Q, to the left of P to Q; undefined where the three do not close. */
function third(p: Point2, q: Point2, r: number, s: number, left = true): Point2 | undefined {
  const long = Math.hypot(q[0] - p[0], q[1] - p[1]);
  const along = (r * r - s * s + long * long) / (2 * long);
  const up = r * r - along * along;
  if (!(long > 0) || up < 0) return undefined;
  const [ux, uy] = [(q[0] - p[0]) / long, (q[1] - p[1]) / long];
  const off = left ? Math.sqrt(up) : -Math.sqrt(up);
  return [p[0] + along * ux - off * uy, p[1] + along * uy + off * ux];
}

/** The corners that five of the lengths make, and the sixth as it follows from them. */
function withoutOne(
  six: SixLengths<number>,
  name: QuadName,
): readonly [Point2, Point2, Point2, Point2] | undefined {
  const { AB, BC, CD, DA, AC, BD } = six;
  const a: Point2 = [0, 0];
  const chain = (b: Point2 | undefined, c: Point2 | undefined, d: Point2 | undefined) =>
    b && c && d ? ([a, b, c, d] as const) : undefined;
  switch (name) {
    case 'BD': {
      const b: Point2 = [AB, 0];
      const c = third(a, b, AC, BC);
      return chain(b, c, c && third(a, c, DA, CD));
    }
    case 'AC': {
      const b: Point2 = [AB, 0];
      const d = third(a, b, DA, BD);
      return chain(b, d && third(d, b, CD, BC, true), d);
    }
    case 'CD': {
      const b: Point2 = [AB, 0];
      return chain(b, third(a, b, AC, BC), third(a, b, DA, BD));
    }
    case 'AB': {
      // C and D first; A and B to the same side of them.
      const c: Point2 = [AC, 0];
      const d = third(a, c, DA, CD);
      return chain(d && third(d, c, BD, BC, false), c, d);
    }
    case 'BC': {
      const d: Point2 = [DA, 0];
      const b = third(a, d, AB, BD, false);
      return chain(b, third(a, d, AC, CD, false), d);
    }
    case 'DA': {
      const b: Point2 = [AB, 0];
      const c = third(a, b, AC, BC);
      return chain(b, c, c && third(b, c, BD, CD));
    }
  }
}

const ENDS: Record<QuadName, readonly [number, number]> = {
  AB: [0, 1],
  BC: [1, 2],
  CD: [2, 3],
  DA: [3, 0],
  AC: [0, 2],
  BD: [1, 3],
};

function oughtOf(six: SixLengths<number>, name: QuadName): number | undefined {
  const corners = withoutOne(six, name);
  if (!corners) return undefined;
  const [p, q] = ENDS[name].map((i) => corners[i]!) as [Point2, Point2];
  return Math.hypot(p[0] - q[0], p[1] - q[1]);
}

function cornersOf(six: SixLengths<number>): Quadrilateral['corners'] | undefined {
  return withoutOne(six, 'BD') as Quadrilateral['corners'] | undefined;
}
