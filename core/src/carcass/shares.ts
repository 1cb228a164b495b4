import type { Issue } from '../item/issue';
import { lengthMark } from '../length/lengthMark';
import type { Bay } from './schema';
import { LEAST } from './shell';

/**
 * What each bay of a split takes of what is free between the dividers, mm: its own size, an equal share of what those
 * leave, or the rest; or why that cannot be. Paths start at the list of bays.
 */
export function sharesOf(bays: readonly Bay[], free: number): readonly number[] | Issue {
  const fixed = bays.reduce((sum, { size }) => sum + (size?.mm ?? 0), 0);
  const open = bays.filter(({ take }) => take !== 'fixed').length;
  const rest = bays.findIndex(({ take }) => take === 'rest');
  if (rest >= 0 && open > 1)
    return {
      path: [rest, 'take'],
      message:
        'Only one bay can take the rest, and none an equal share beside it: make them equal, or give the others a size.',
    };
  const last = bays.length - 1;
  if (open === 0) {
    if (Math.abs(fixed - free) <= 0.05) return bays.map(({ size }) => size!.mm);
    const would = bays[last]!.size!.mm + free - fixed;
    return {
      path: [last, 'size'],
      message:
        `The bays take ${lengthMark(fixed)} and there are ${lengthMark(free)}. ` +
        (would >= LEAST
          ? `${lengthMark(would)} for the last will do, or let it take the rest.`
          : 'Let one of them take the rest.'),
    };
  }
  const share = (free - fixed) / open;
  if (share < LEAST) {
    const at = bays.findIndex(({ take }) => take === 'fixed');
    const most = Math.max(0, free - LEAST * open);
    return at < 0
      ? {
          path: [],
          message: `So many bays leave no room: ${lengthMark(Math.max(0, free))} is free, and each needs ${lengthMark(LEAST)}.`,
        }
      : {
          path: [at, 'size'],
          message: `The fixed bays leave too little for the others. Together they may take at most ${lengthMark(most, 'most')}.`,
        };
  }
  return bays.map(({ size }) => size?.mm ?? share);
}
