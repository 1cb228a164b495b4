import type { LogSummary, Summary } from '../readings/summary';
import type { Plan } from '../plan/schema';
import type { Point2 } from '../solid/prism';
import { cornersOf } from '../space/outline';
import type { Measured } from './governing';
import type { MeasuredDimension } from './measured';
import { adjustCorners, type Tie } from './network';
import { leanFromDiagonals, quadrilateral, QUAD_NAMES, type Six } from './quadrilateral';

/** What the lengths read between corners say together of the shape of the walls. */
export type TrueShape =
  | { readonly kind: 'none' }
  | {
      readonly kind: 'wanting';
      readonly more: number;
      /** What two diagonals of a plain room tell by themselves: how far it leans over its depth, mm. */
      readonly lean?: number;
    }
  | { readonly kind: 'impossible' }
  | {
      readonly kind: 'found';
      readonly corners: readonly Point2[];
      /** The lengths it was made of, as they are in it. */
      readonly lengths: readonly MeasuredDimension[];
      /** Lengths that cannot be true with the others: what each ought to be, the likeliest first. */
      readonly suspects: readonly { readonly words: string; readonly ought: number }[];
    };

const WALLS: Readonly<Record<string, string>> = {
  AB: 'south wall',
  BC: 'east wall',
  CD: 'north wall',
  DA: 'west wall',
  AC: 'diagonal from the south-west corner',
  BD: 'diagonal from the south-east corner',
};

/** The shape that all lengths read between corners make together, or how many are wanting. */
export function trueShape(
  { space }: Pick<Plan, 'space'>,
  summary: Pick<LogSummary, 'byDimension'>,
): TrueShape {
  const corners = cornersOf(space);
  const summaryOf = (a: number, b: number): Summary | undefined => {
    const [p, q] = [corners[a]!.id, corners[b]!.id];
    return summary.byDimension.get(`space/${p}:${q}`) ?? summary.byDimension.get(`space/${q}:${p}`);
  };
  const read = (a: number, b: number): Measured | undefined => summaryOf(a, b)?.governs;
  const lengthsIn = (shape: readonly Point2[]) =>
    ties.map(({ ends: [i, j] }): MeasuredDimension => {
      const { of, governs, readings } = summaryOf(i, j)!;
      const [[px, py], [qx, qy]] = [shape[i]!, shape[j]!];
      const mm = Math.hypot(qx - px, qy - py);
      return { of, mm, sigma: governs.sigma, rule: governs.rule, readings: readings.length };
    });
  const ties = corners.flatMap((_, i) =>
    corners.slice(i + 1).flatMap((__, k): Tie[] => {
      const one = read(i, i + 1 + k);
      return one ? [{ ends: [i, i + 1 + k], read: one }] : [];
    }),
  );
  if (ties.length === 0) return { kind: 'none' };
  // Four sides and two diagonals leave one length over: which is wrong is told by what is nearest to square.
  if (corners.length === 4 && ties.length === 6) return fourCorners(read, lengthsIn);
  const drawn = corners.map(({ x, y }): Point2 => [x.mm, y.mm]);
  const made = adjustCorners(drawn, ties);
  if (!made.ok) {
    const [ac, bd] = corners.length === 4 ? [read(0, 2), read(1, 3)] : [];
    const lean = ac && bd && leanFromDiagonals(space.width.mm, ac.mm, bd.mm);
    return { kind: 'wanting', more: made.more, ...(lean !== undefined && { lean }) };
  }
  if (made.corners.some((corner) => !corner.every(Number.isFinite))) return { kind: 'impossible' };
  return {
    kind: 'found',
    corners: made.corners,
    lengths: lengthsIn(made.corners),
    suspects: made.suspects.map(({ tie, ought }) => {
      const [i, j] = ties[tie]!.ends;
      return { words: `length from corner ${i + 1} to corner ${j + 1}`, ought };
    }),
  };
}

function fourCorners(
  read: (a: number, b: number) => Measured | undefined,
  lengthsIn: (shape: readonly Point2[]) => readonly MeasuredDimension[],
): TrueShape {
  const six = Object.fromEntries(
    QUAD_NAMES.map((name) => {
      const [a, b] = [...name].map((letter) => 'ABCD'.indexOf(letter));
      return [name, read(a!, b!)!];
    }),
  ) as unknown as Six<Measured>;
  const shape = quadrilateral(six);
  if (!shape) return { kind: 'impossible' };
  return {
    kind: 'found',
    corners: shape.corners,
    lengths: lengthsIn(shape.corners),
    suspects: shape.suspects.map(({ name, ought }) => ({ words: WALLS[name]!, ought })),
  };
}
