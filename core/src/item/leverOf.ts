import type { PathStep } from './path';
import { get } from './path';
import type { Amount, Choice, Cost } from './lever';
import type { Length } from '../length/length';

/** What a lever does less of its own than of its use costs, mm to mm. */
export const cost = (words: string, once: number, perUnit = 0): Cost => ({ words, once, perUnit });

/**
 * A length of an item as a lever, by its path.
 *
 * @param to     the farthest it may be set, mm
 * @param words  how it reads once it is set: "make its box 420 mm deep", of a marked length
 */
export function lengthLever(
  item: object,
  path: readonly PathStep[],
  lever: Pick<Amount, 'key' | 'what' | 'to' | 'cost' | 'words'> &
    Partial<Pick<Amount, 'lasting' | 'guess' | 'moves' | 'jumps'>>,
): Amount[] {
  const before = get(item, path) as Length | undefined | null;
  if (!before || Math.abs(lever.to - before.mm) < 1e-9) return [];
  return [
    {
      kind: 'amount',
      unit: 'mm',
      from: before.mm,
      moves: 1,
      ...lever,
      set: (mm) => [{ path: [...path], before, after: { mm } }],
    },
  ];
}

/** One value in place of another, by its path; none where it is that already. */
export function choiceLever(
  item: object,
  path: readonly PathStep[],
  after: unknown,
  lever: Pick<Choice, 'key' | 'what' | 'cost' | 'words'>,
): Choice[] {
  const before = get(item, path);
  if (JSON.stringify(before) === JSON.stringify(after)) return [];
  return [{ kind: 'choice', ...lever, changes: [{ path: [...path], before, after }] }];
}
