import type { Point2 } from '../solid/prism';
import type { Measured } from './governing';
import { factored, inverseOf, quadratic, solved } from './symmetric';

/** A length read between two corners of an outline, by their places in it. */
export interface Tie {
  readonly ends: readonly [number, number];
  /** What was read, and how well it is known: never without doubt. */
  readonly read: Measured;
  /** The figures on the tape, mm, where one reading stands behind it: what a slip of the eye would have changed. */
  readonly figures?: number | undefined;
}

/** An equation of a length in the unknowns: how it changes with each of them. */
export type Terms = readonly (readonly [column: number, value: number])[];

/** Corners where lengths put them. */
export interface Settled {
  readonly kind: 'settled';
  /** The first where it was, and the first wall along its old line; mm. */
  readonly corners: readonly Point2[];
  /** Of each length, what was read less what the corners have, mm. */
  readonly residuals: readonly number[];
  /** Sum of the squares of the residuals, each by what is not known of its length. */
  readonly misfit: number;
  /** How many lengths more there are than the shape needs. */
  readonly spare: number;
  /** Covariances of the unknowns, mm^2, and the equation of any length between two corners. */
  readonly cofactor: readonly (readonly number[])[];
  termsOf(ends: readonly [number, number]): Terms;
}

export type Adjusted =
  | Settled
  /** The lengths do not fix every corner: so many more are needed at the least. */
  | { readonly kind: 'wanting'; readonly more: number }
  /** They do, but no shape was found that they settle to. */
  | { readonly kind: 'unsettled' };

const ROUNDS = 200;
/** Corners that move by less than this are where they belong, mm. */
const STILL = 1e-6;
/** Sums of squares are rounded by less than this of themselves. */
const ROUNDED = 1e-11;
/** Damping is begun with so little, and given up beyond so much. */
const DAMPED = { first: 1e-6, least: 1e-12, most: 1e12 };

/**
 * Corners from the lengths between them, by least squares: of n corners 2n - 3 lengths fix the shape, and each one more
 * checks the others. The shape as drawn so far is where it begins, and tells mirror images apart; corners that turn inward
 * are found as those that turn outward.
 *
 * @throws where a length is told without doubt
 * @source variation of coordinates: Ghilani, Adjustment Computations; damped after Levenberg 1944 and Marquardt 1963, both
 * from memory
 */
export function adjustCorners(drawn: readonly Point2[], ties: readonly Tie[]): Adjusted {
  const certain = ties.find(({ read }) => !(read.sigma > 0));
  if (certain)
    throw new Error(`The length between corners ${certain.ends.join(' and ')} has no doubt at all.`);
  const n = drawn.length;
  const unknowns = 2 * n - 3;
  const wanting = { kind: 'wanting', more: Math.max(1, unknowns - ties.length) } as const;
  if (ties.length < unknowns) return wanting;
  // In the frame of the first wall: the first corner at 0, the second along x; both stay there.
  const [ox, oy] = drawn[0]!;
  const first = Math.atan2(drawn[1]![1] - oy, drawn[1]![0] - ox);
  const [c, s] = [Math.cos(first), Math.sin(first)];
  let local = drawn.map(([x, y]): Point2 => [c * (x - ox) + s * (y - oy), c * (y - oy) - s * (x - ox)]);
  if (!factored(equations(local, ties, unknowns).normal)) return wanting;

  let damping = DAMPED.first;
  let misfit = misfitOf(local, ties);
  let settled = false;
  for (let round = 0; round < ROUNDS && !settled && damping < DAMPED.most; round += 1) {
    const { normal, right } = equations(local, ties, unknowns);
    for (let i = 0; i < unknowns; i += 1) normal[i]![i] = normal[i]![i]! * (1 + damping);
    const lower = factored(normal);
    const step = lower && solved(lower, right);
    const tried = step && local.map((point, i) => moved(point, i, step));
    const next = tried ? misfitOf(tried, ties) : Infinity;
    // Near the end a step gains less than sums are rounded by: it is no worse for that.
    if (tried && next <= misfit + ROUNDED * (1 + misfit)) {
      settled = Math.max(...step.map(Math.abs)) < STILL;
      [local, misfit] = [tried, next];
      damping = Math.max(DAMPED.least, damping / 10);
    } else damping *= 10;
  }
  const lower = factored(equations(local, ties, unknowns).normal);
  if (!settled || !lower) return { kind: 'unsettled' };
  return {
    kind: 'settled',
    corners: local.map(([x, y]): Point2 => [ox + c * x - s * y, oy + s * x + c * y]),
    residuals: ties.map(({ ends: [i, j], read }) => read.mm - lengthOf(local[i]!, local[j]!)),
    misfit,
    spare: ties.length - unknowns,
    cofactor: inverseOf(lower),
    termsOf: (ends) => termsOf(local, ends),
  };
}

/** How much of a slip in a length shows in its own residual: 1 where the others fix it, 0 where it checks nothing. */
export const shareShown = ({ cofactor, termsOf: of }: Settled, { ends, read }: Tie): number =>
  Math.max(0, 1 - quadratic(cofactor, of(ends)) / read.sigma ** 2);

/** x of the second corner, then x and y of all after it; -1 for what stays. */
export const columnOf = (corner: number, axis: 0 | 1): number =>
  corner === 0 || (corner === 1 && axis === 1) ? -1 : 2 * corner - 2 + axis - (corner > 1 ? 1 : 0);

const moved = ([x, y]: Point2, corner: number, step: readonly number[]): Point2 => [
  x + (step[columnOf(corner, 0)] ?? 0),
  y + (step[columnOf(corner, 1)] ?? 0),
];

const lengthOf = (a: Point2, b: Point2): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

const misfitOf = (local: readonly Point2[], ties: readonly Tie[]): number =>
  ties.reduce(
    (sum, { ends: [i, j], read }) => sum + ((read.mm - lengthOf(local[i]!, local[j]!)) / read.sigma) ** 2,
    0,
  );

function termsOf(local: readonly Point2[], [i, j]: readonly [number, number]): Terms {
  const [a, b] = [local[i]!, local[j]!];
  const long = lengthOf(a, b);
  // Two corners in one place lie apart in no way: any will do to begin with.
  const [ux, uy] = long > 1e-9 ? [(b[0] - a[0]) / long, (b[1] - a[1]) / long] : [1, 0];
  const terms: [number, number][] = [
    [columnOf(i, 0), -ux],
    [columnOf(i, 1), -uy],
    [columnOf(j, 0), ux],
    [columnOf(j, 1), uy],
  ];
  return terms.filter(([column]) => column >= 0);
}

function equations(local: readonly Point2[], ties: readonly Tie[], unknowns: number) {
  const normal = Array.from({ length: unknowns }, () => new Array<number>(unknowns).fill(0));
  const right = new Array<number>(unknowns).fill(0);
  for (const { ends, read } of ties) {
    const weight = 1 / read.sigma ** 2;
    const missed = read.mm - lengthOf(local[ends[0]]!, local[ends[1]]!);
    const terms = termsOf(local, ends);
    for (const [p, a] of terms) {
      right[p] = right[p]! + weight * a * missed;
      for (const [q, b] of terms) normal[p]![q] = normal[p]![q]! + weight * a * b;
    }
  }
  return { normal, right };
}
