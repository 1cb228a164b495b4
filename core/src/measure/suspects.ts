import type { Point2 } from '../solid/prism';
import { figureSlips } from './figures';
import { adjustCorners, shareShown, type Settled, type Tie } from './network';
import { quadratic } from './symmetric';

/** A length that cannot be true with the others, and what it would be if they are. */
export interface Suspect {
  readonly tie: number;
  readonly ought: number;
}

/**
 * A standardised residual beyond this is no chance, one time in a hundred of any of the lengths: one length too many makes
 * one test, since all of them then say the same; more make one of each.
 */
export const noChance = (spare: number): number => (spare === 1 ? 2.58 : 3.3);
/** A wall is built this much out of the angle it was drawn at, over its length, mm. Common practice, no single source. */
const SKEW = 15;
/** Drawn within this of a half right angle, a corner was meant to be that, degrees. */
const MEANT = 3;
/** So many are tried, those with the largest residuals. */
const MOST_TRIED = 8;
/** How much likelier a slip of figures that fits is than any other, times the mm that what the others make of it is known to. */
const FIGURES = 10;
/**
 * The lengths that may be the wrong one where they cannot all be true, the likeliest first; none where they can. Each is left
 * out in turn: it is the likelier the better the others then agree, the nearer the corners are to the angles they were drawn
 * with, and where a slip of figures leads from what the others make of it to what was read.
 *
 * @param settled  where all the lengths together put the corners; undefined where they settle to nothing
 *
 * @source residuals standardised by their own redundancy (Baarda's data snooping): Ghilani, Adjustment Computations, from
 * memory; odds by Bayes
 */
export function suspectsOf(
  drawn: readonly Point2[],
  ties: readonly Tie[],
  settled: Settled | undefined,
): readonly Suspect[] {
  const tried = settled ? farthestOff(ties, settled) : [...ties.keys()];
  return tried
    .flatMap((i) => {
      const tie = ties[i]!;
      const without = adjustCorners(drawn, ties.toSpliced(i, 1));
      if (without.kind !== 'settled') return [];
      const [p, q] = tie.ends.map((end) => without.corners[end]!) as [Point2, Point2];
      const ought = Math.hypot(q[0] - p[0], q[1] - p[1]);
      const sigma = Math.sqrt(quadratic(without.cofactor, without.termsOf(tie.ends)) + tie.read.sigma ** 2);
      // Some rooms are far out of square: the tail of what is built is a long one.
      const built = Math.log(1 + skewOf(drawn, without.corners) ** 2);
      const odds = Math.log(figures(tie, ought, sigma)) - without.misfit / 2 - built;
      return [{ tie: i, ought, odds }];
    })
    .sort((a, b) => b.odds - a.odds)
    .map(({ tie, ought }) => ({ tie, ought }));
}

/** The lengths that fit worst, the worst first; none where that may be chance. */
function farthestOff(ties: readonly Tie[], settled: Settled): number[] {
  const tests = ties.map((tie, i) => {
    const shows = shareShown(settled, tie);
    return shows > 1e-6 ? Math.abs(settled.residuals[i]!) / (tie.read.sigma * Math.sqrt(shows)) : 0;
  });
  if (!(Math.max(...tests) > noChance(settled.spare))) return [];
  return [...tests.keys()].sort((a, b) => tests[b]! - tests[a]!).slice(0, MOST_TRIED);
}

/** How likely the slip is as a slip of figures, against one of any size. */
function figures({ read, figures: typed }: Tie, ought: number, sigma: number): number {
  if (typed === undefined) return 1;
  const near = Math.min(...figureSlips(typed).map((mm) => Math.abs(mm + read.mm - typed - ought)));
  return 1 + (FIGURES / sigma) * Math.exp(-((near / sigma) ** 2) / 2);
}

/** By how many times what is usual the worst corner is off the angle it was meant to have, over the shorter of its walls. */
function skewOf(drawn: readonly Point2[], corners: readonly Point2[]): number {
  const [meant, found] = [anglesOf(drawn), anglesOf(corners)];
  const walls = corners.map(([x, y], i) => {
    const [nx, ny] = corners[(i + 1) % corners.length]!;
    return Math.hypot(nx - x, ny - y);
  });
  return Math.max(
    ...meant.map((angle, i) => {
      const half = 45 * Math.round(angle / 45);
      const off = found[i]! - (Math.abs(half - angle) < MEANT ? half : angle);
      const turned = ((off - 360 * Math.round(off / 360)) * Math.PI) / 180;
      return (Math.abs(turned) * Math.min(walls[i]!, walls.at(i - 1)!)) / SKEW;
    }),
  );
}

/** The turn from the wall before to the wall after each corner, degrees. */
export function anglesOf(corners: readonly Point2[]): number[] {
  const n = corners.length;
  return corners.map(([x, y], i) => {
    const [before, after] = [corners[(i + n - 1) % n]!, corners[(i + 1) % n]!];
    const [ux, uy, vx, vy] = [after[0] - x, after[1] - y, before[0] - x, before[1] - y];
    return (Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy) * 180) / Math.PI;
  });
}
