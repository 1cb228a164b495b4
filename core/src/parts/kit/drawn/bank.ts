import type { Issue } from '../../../item/issue';
import { lengthMark } from '../../../length/lengthMark';
import type { SumLine } from '../../../sizing/sum';
import { refuse } from '../issues';
import type { Bank } from './schema';

/** No front is lower than this, mm. Common practice. */
const LEAST_FRONT = 30;

export const countOf = ({ drawers }: Pick<Bank, 'drawers'>): number => drawers.length;

/** So many drawers: those there are from the bottom up, and new ones above them with ids that none of these has. */
export function drawersOf(count: number, known: Bank['drawers'] = []): Bank['drawers'] {
  const drawers = known.slice(0, count);
  for (let n = 1; drawers.length < count; n += 1)
    if (!known.some(({ id }) => id === `d${n}`)) drawers.push({ id: `d${n}` });
  return drawers;
}

/**
 * Heights of the fronts of a bank from the bottom up, mm; together with what is left between them they are the whole.
 *
 * @param free  what is left of the height when all between them is taken off, mm
 * @source derived: n fronts, each `step` lower than the one beneath it: the lowest is free / n + step (n - 1) / 2
 */
export function frontHeights(bank: Bank, free: number): number[] {
  if (bank.kind === 'typed') {
    const typed = bank.fronts.map(({ mm }) => mm);
    return [...typed, free - typed.reduce((sum, mm) => sum + mm, 0)];
  }
  const step = bank.kind === 'graduated' ? bank.step.mm : 0;
  const count = countOf(bank);
  const lowest = free / count + (step * (count - 1)) / 2;
  return bank.drawers.map((_, i) => lowest - i * step);
}

/** Why a bank cannot be, with the number that would do. Paths start at the part. */
export function bankIssues(bank: Bank, free: number): Issue[] {
  const count = countOf(bank);
  const heights = frontHeights(bank, free);
  const low = heights.findIndex((mm) => mm < LEAST_FRONT);
  if (low < 0) return [];
  switch (bank.kind) {
    case 'even': {
      const most = Math.floor(free / LEAST_FRONT);
      return refuse(
        ['bank', 'drawers'],
        `So many fronts would be ${lengthMark(free / count)} high. ${most > 0 ? `At most ${most} will do.` : 'Its bay is too low for a drawer.'}`,
      );
    }
    case 'graduated': {
      // free / n - step (n - 1) / 2 is the topmost.
      const most = (2 * (free / count - LEAST_FRONT)) / Math.max(1, count - 1);
      return refuse(
        ['bank', 'step'],
        `The topmost front would be ${lengthMark(Math.max(0, heights[count - 1]!))} high. ${most > 0 ? `Steps of at most ${lengthMark(most, 'most')} will do.` : 'Fewer drawers will do.'}`,
      );
    }
    case 'typed': {
      const last = bank.fronts.length - 1;
      if (low < bank.fronts.length)
        return refuse(
          ['bank', 'fronts', low],
          `A front of ${lengthMark(heights[low]!)} is too low. At least ${lengthMark(LEAST_FRONT, 'least')} will do.`,
        );
      const most = bank.fronts[last]!.mm + heights[count - 1]! - LEAST_FRONT;
      return refuse(
        ['bank', 'fronts', last],
        `${lengthMark(Math.max(0, heights[count - 1]!))} is left for the topmost front. ${most > 0 ? `At most ${lengthMark(most, 'most')} here will do.` : 'The others must be lower.'}`,
      );
    }
  }
}

/** How a front's height came about. */
export function frontHeightLines(
  bank: Bank,
  whole: readonly SumLine[],
  between: number,
  i: number,
): SumLine[] {
  const count = countOf(bank);
  const total = whole.reduce((sum, { mm }) => sum + mm, 0);
  const free = total - (count - 1) * between;
  const mm = frontHeights(bank, free)[i]!;
  if (bank.kind === 'typed' && i < bank.fronts.length) return [{ words: 'as typed', mm }];
  if (count === 1) return [...whole];
  return [
    ...whole,
    { words: 'gaps between fronts', mm: -(count - 1) * between, times: [count - 1, between] },
    { words: count > 2 ? 'the other fronts' : 'the other front', mm: mm - free },
  ];
}
