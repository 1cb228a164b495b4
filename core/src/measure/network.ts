import type { Point2 } from '../solid/prism';
import type { Measured } from './governing';

/** A length read between two corners of an outline, by their places in it. */
export interface Tie {
  readonly ends: readonly [number, number];
  readonly read: Measured;
}

export type Adjusted =
  | {
      readonly ok: true;
      /** The corners where all lengths together put them, the first where it was and the first wall along its old line; mm. */
      readonly corners: readonly Point2[];
      /** Of each length, what was read less what the corners have, mm. */
      readonly residuals: readonly number[];
      /** How many lengths more there are than the shape needs. */
      readonly spare: number;
      /** The lengths that fit so ill that it is no chance, the worst first, with what each would be without it. */
      readonly suspects: readonly { readonly tie: number; readonly ought: number }[];
    }
  | { readonly ok: false; readonly more: number };

const ROUNDS = 40;
/** A standardised residual beyond this is no chance. */
const NO_CHANCE = 3.3;

/**
 * Corners from the lengths between them, by least squares: of n corners 2n - 3 lengths fix the shape, and each one more
 * checks the others. The shape as drawn so far is where it begins, and tells mirror images apart.
 *
 * @returns where the lengths do not fix every corner, how many more are needed at the least
 * @source variation of coordinates (Gauss and Newton), residuals standardised by their own redundancy (Baarda's data
 * snooping): Ghilani, Adjustment Computations, from memory
 */
export function adjustCorners(drawn: readonly Point2[], ties: readonly Tie[]): Adjusted {
  const n = drawn.length;
  const unknowns = 2 * n - 3;
  const wanting = { ok: false, more: Math.max(1, unknowns - ties.length) } as const;
  if (ties.length < unknowns) return wanting;
  // In the frame of the first wall: the first corner at 0, the second along x; both stay there.
  const [ox, oy] = drawn[0]!;
  const first = Math.atan2(drawn[1]![1] - oy, drawn[1]![0] - ox);
  const [c, s] = [Math.cos(first), Math.sin(first)];
  const local = drawn.map(([x, y]): [number, number] => [
    c * (x - ox) + s * (y - oy),
    c * (y - oy) - s * (x - ox),
  ]);
  // x of the second corner, then x and y of all after it.
  const column = (corner: number, axis: 0 | 1) =>
    corner === 0 || (corner === 1 && axis === 1) ? -1 : 2 * corner - 2 + axis - (corner > 1 ? 1 : 0);
  let cofactor: number[][] | undefined;
  for (let round = 0; round < ROUNDS; round += 1) {
    const rows = ties.map(({ ends: [i, j], read }) => rowOf(local[i]!, local[j]!, i, j, read));
    const normal = Array.from({ length: unknowns }, () => new Array<number>(unknowns).fill(0));
    const right = new Array<number>(unknowns).fill(0);
    for (const { terms, missed, weight } of rows)
      for (const [p, a] of terms) {
        right[p] = right[p]! + weight * a * missed;
        for (const [q, b] of terms) normal[p]![q] = normal[p]![q]! + weight * a * b;
      }
    cofactor = inverted(normal);
    if (!cofactor) return wanting;
    const step = cofactor.map((row) => row.reduce((sum, value, k) => sum + value * right[k]!, 0));
    for (let i = 1; i < n; i += 1)
      for (const axis of [0, 1] as const) if (column(i, axis) >= 0) local[i]![axis] += step[column(i, axis)]!;
    if (Math.max(...step.map(Math.abs)) < 1e-9) break;
  }
  const residuals = ties.map(({ ends: [i, j], read }) => read.mm - lengthOf(local[i]!, local[j]!));
  const spare = ties.length - unknowns;
  const suspects = ties
    .map((one, tie) => {
      const { terms } = rowOf(local[one.ends[0]]!, local[one.ends[1]]!, ...one.ends, one.read);
      const fitted = terms.reduce(
        (sum, [p, a]) => sum + terms.reduce((inner, [q, b]) => inner + a * b * cofactor![p]![q]!, 0),
        0,
      );
      // How much of a slip in this length shows in its own residual; none where it checks nothing.
      const share = 1 - fitted / one.read.sigma ** 2;
      const test = share > 1e-6 ? Math.abs(residuals[tie]!) / (one.read.sigma * Math.sqrt(share)) : 0;
      return { tie, test, ought: one.read.mm - (share > 1e-6 ? residuals[tie]! / share : 0) };
    })
    .filter(({ test }) => test > NO_CHANCE)
    .sort((a, b) => b.test - a.test)
    .map(({ tie, ought }) => ({ tie, ought }));
  const corners = local.map(([x, y]): Point2 => [ox + c * x - s * y, oy + s * x + c * y]);
  return { ok: true, corners, residuals, spare, suspects };

  function rowOf(a: Point2, b: Point2, i: number, j: number, read: Measured) {
    const long = lengthOf(a, b);
    const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long];
    const terms = (
      [
        [column(i, 0), -ux],
        [column(i, 1), -uy],
        [column(j, 0), ux],
        [column(j, 1), uy],
      ] as const
    ).filter(([p]) => p >= 0);
    return { terms, missed: read.mm - long, weight: 1 / read.sigma ** 2 };
  }
}

const lengthOf = (a: Point2, b: Point2): number => Math.hypot(b[0] - a[0], b[1] - a[1]);

/** The inverse of a symmetric matrix by elimination with pivoting; undefined where it has none. */
function inverted(matrix: readonly (readonly number[])[]): number[][] | undefined {
  const n = matrix.length;
  const a = matrix.map((row, i) => [...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]);
  const largest = Math.max(...matrix.flat().map(Math.abs));
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    for (let i = k + 1; i < n; i += 1) if (Math.abs(a[i]![k]!) > Math.abs(a[pivot]![k]!)) pivot = i;
    if (!(Math.abs(a[pivot]![k]!) > 1e-9 * largest)) return undefined;
    [a[k], a[pivot]] = [a[pivot]!, a[k]!];
    const by = a[k]![k]!;
    a[k] = a[k]!.map((value) => value / by);
    for (let i = 0; i < n; i += 1) {
      if (i === k) continue;
      const factor = a[i]![k]!;
      if (factor !== 0) a[i] = a[i]!.map((value, j) => value - factor * a[k]![j]!);
    }
  }
  return a.map((row) => row.slice(n));
}
