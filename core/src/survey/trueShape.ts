import { withoutArticle } from '../item/called';
import { wallsOf, cornersOf } from '../space/outline';
import type { LogSummary, Summary } from '../readings/summary';
import type { Plan } from '../plan/schema';
import type { Point2 } from '../solid/prism';
import type { Space } from '../space/schema';
import { DRAWN } from '../measure/governing';
import { leanFromDiagonals } from '../measure/lean';
import type { MeasuredDimension } from '../measure/measured';
import { adjustCorners, type Settled, type Tie } from '../measure/network';
import { cornerDoubts, nextLength, unseenShare } from '../measure/networkDoubts';
import { suspectsOf } from '../measure/suspects';
import { cornersKey } from '../measure/dimensionKey';

/** A length that may be the wrong one, and what the others make of it, mm. */
export interface WrongLength {
  readonly words: string;
  readonly ought: number;
}

/** What the lengths read between corners say together of the shape of the walls. */
export type TrueShape =
  | { readonly kind: 'none' }
  | {
      readonly kind: 'wanting';
      readonly more: number;
      /** What two diagonals of a plain room tell by themselves: how far it leans over its depth, mm. */
      readonly lean?: number;
    }
  /** Lengths enough there are, and no shape that they settle to: which of them may be to blame, as below. */
  | { readonly kind: 'unsettled'; readonly suspects: readonly WrongLength[] }
  | {
      readonly kind: 'found';
      readonly corners: readonly Point2[];
      /** The lengths it was made of, as they are in it; each as well known as the corner it ends at. */
      readonly lengths: readonly MeasuredDimension[];
      /** Lengths that cannot be true with the others: what each ought to be, the likeliest first. */
      readonly suspects: readonly WrongLength[];
      /** How often of 1 a slip of 10 mm in one of them would pass unseen. */
      readonly unseen: number;
      /** The corner that is known least, and one standard deviation of it, mm. */
      readonly worst: { readonly corner: number; readonly sigma: number };
      /** The length that would tell most, if one is not read yet, and what it would do. */
      readonly next?: { readonly words: string; readonly unseen: number; readonly worst: number };
    };

/** A corner known worse than this, one standard deviation in mm, could as well have been drawn. */
const ENOUGH = DRAWN / 2;

/** The shape that all lengths read between corners make together, or how many are wanting. */
export function trueShape(
  { space }: Pick<Plan, 'space'>,
  summary: Pick<LogSummary, 'byDimension'>,
): TrueShape {
  const corners = cornersOf(space);
  const summaryOf = (a: number, b: number): Summary | undefined => {
    const [p, q] = [corners[a]!.id, corners[b]!.id];
    return summary.byDimension.get(cornersKey(p, q)) ?? summary.byDimension.get(cornersKey(q, p));
  };
  const ties = corners.flatMap((_, i) =>
    corners.slice(i + 1).flatMap((__, k): Tie[] => {
      const one = summaryOf(i, i + 1 + k);
      const single = one?.readings.length === 1 ? one.readings[0]!.reading.mm : undefined;
      return one ? [{ ends: [i, i + 1 + k], read: one.governs, figures: single }] : [];
    }),
  );
  if (ties.length === 0) return { kind: 'none' };
  const drawn = corners.map(({ x, y }): Point2 => [x.mm, y.mm]);
  const made = adjustCorners(drawn, ties);
  const suspects = (settled?: Settled) =>
    suspectsOf(drawn, ties, settled).map(({ tie, ought }): WrongLength => ({
      words: wordsOf(space, ties[tie]!.ends),
      ought,
    }));
  if (made.kind === 'unsettled') return { ...made, suspects: suspects() };
  if (made.kind === 'wanting') {
    const [ac, bd] = corners.length === 4 ? [summaryOf(0, 2), summaryOf(1, 3)] : [];
    const lean = ac && bd && leanFromDiagonals(space.width.mm, ac.governs.mm, bd.governs.mm);
    return { kind: 'wanting', more: made.more, ...(lean !== undefined && { lean }) };
  }
  const doubts = cornerDoubts(made);
  const lengths = ties.map(({ ends: [i, j] }): MeasuredDimension => {
    const { of, governs, readings } = summaryOf(i, j)!;
    const [[px, py], [qx, qy]] = [made.corners[i]!, made.corners[j]!];
    const sigma = Math.max(governs.sigma, doubts[i]!, doubts[j]!);
    return { of, mm: Math.hypot(qx - px, qy - py), sigma, rule: governs.rule, readings: readings.length };
  });
  const next = nextLength(ties, made, ENOUGH);
  const worst = doubts.indexOf(Math.max(...doubts));
  return {
    kind: 'found',
    corners: made.corners,
    lengths,
    suspects: suspects(made),
    unseen: unseenShare(ties, made),
    worst: { corner: worst, sigma: doubts[worst]! },
    ...(next && { next: { words: wordsOf(space, next.ends), unseen: next.unseen, worst: next.worst } }),
  };
}

const PLAIN = ['south-west', 'south-east', 'north-east', 'north-west'];

/** A length between two corners as it reads in a sentence: "east wall", "diagonal from the south-west corner". */
function wordsOf(space: Space, [i, j]: readonly [number, number]): string {
  const corners = cornersOf(space);
  const n = corners.length;
  const wall = j === i + 1 ? i : i === 0 && j === n - 1 ? j : undefined;
  const name = wall !== undefined && wallsOf(space).find(({ id }) => id === corners[wall]!.id)?.name;
  if (name) return withoutArticle(name);
  return space.outline
    ? `length from corner ${i + 1} to corner ${j + 1}`
    : `diagonal from the ${PLAIN[i]} corner`;
}
