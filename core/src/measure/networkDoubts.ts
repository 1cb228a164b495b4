import { errorFunction } from 'simple-statistics';
import { columnOf, shareShown, type Settled, type Tie } from './network';
import { noChance } from './suspects';

/** A slip of this size is what a network is asked to show, mm. */
export const SLIP = 10;

/** One more length to read, and what it would do. */
export interface NextLength {
  readonly ends: readonly [number, number];
  /** How often of 1 a slip would then pass unseen. */
  readonly unseen: number;
  /** How well the corner known least would then be known, one standard deviation, mm. */
  readonly worst: number;
}

/** How often of 1 a slip of `SLIP` in one of these lengths, any as likely, would pass unseen. */
export function unseenShare(ties: readonly Tie[], settled: Settled): number {
  if (settled.spare < 1) return 1;
  const limit = noChance(settled.spare);
  const missed = ties.map((tie) => {
    const shift = (SLIP / tie.read.sigma) * Math.sqrt(shareShown(settled, tie));
    return normal(limit - shift) - normal(-limit - shift);
  });
  return missed.reduce((sum, one) => sum + one, 0) / ties.length;
}

/** How well each corner is known against the first wall: the longer axis of its ellipse, one standard deviation, mm. */
export function cornerDoubts({ corners, cofactor }: Pick<Settled, 'corners' | 'cofactor'>): number[] {
  return corners.map((_, i) => {
    const [p, q] = [columnOf(i, 0), columnOf(i, 1)];
    const at = (a: number, b: number) => (a < 0 || b < 0 ? 0 : cofactor[a]![b]!);
    const [xx, yy, xy] = [at(p, p), at(q, q), at(p, q)];
    return Math.sqrt(Math.max(0, (xx + yy) / 2 + Math.hypot((xx - yy) / 2, xy)));
  });
}

/**
 * The length not read yet that would tell most: where the worst corner is known worse than `enough`, the one that mends that
 * best, else the one with which the fewest slips pass unseen. Undefined where all are read.
 *
 * @param enough  one standard deviation, mm
 */
export function nextLength(ties: readonly Tie[], settled: Settled, enough: number): NextLength | undefined {
  const n = settled.corners.length;
  const sigmas = ties.map(({ read }) => read.sigma).sort((a, b) => a - b);
  const sigma = sigmas[Math.floor(sigmas.length / 2)]!;
  const isRead = (i: number, j: number) =>
    ties.some(({ ends: [a, b] }) => (a === i && b === j) || (a === j && b === i));
  const tried = Array.from({ length: n }, (_, i) => i).flatMap((i) =>
    Array.from({ length: n - i - 1 }, (_, k) => i + 1 + k)
      .filter((j) => !isRead(i, j))
      .map((j): NextLength => {
        const ends = [i, j] as const;
        const cofactor = withOneMore(settled, ends, sigma);
        const more: Settled = { ...settled, cofactor, spare: settled.spare + 1 };
        const all = [...ties, { ends, read: { mm: 0, sigma } }];
        return { ends, unseen: unseenShare(all, more), worst: Math.max(...cornerDoubts(more)) };
      }),
  );
  const by: 'worst' | 'unseen' = Math.max(...cornerDoubts(settled)) > enough ? 'worst' : 'unseen';
  return tried.toSorted((a, b) => a[by] - b[by])[0];
}

/** Covariances once one more length is read: what is known grows by one row (Sherman and Morrison). */
function withOneMore(
  { cofactor, termsOf }: Settled,
  ends: readonly [number, number],
  sigma: number,
): number[][] {
  const terms = termsOf(ends);
  const along = cofactor.map((row) => terms.reduce((sum, [p, a]) => sum + a * row[p]!, 0));
  const size = sigma ** 2 + terms.reduce((sum, [p, a]) => sum + a * along[p]!, 0);
  return cofactor.map((row, i) => row.map((value, j) => value - (along[i]! * along[j]!) / size));
}

/** Standard normal distribution up to z. */
const normal = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2;
