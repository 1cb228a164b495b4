import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { refuse, within } from '../kit/issues';
import { reusedIssues } from '../kit/reused';
import type { LaidReused } from './lay';

export function refuseReused({ reused: kept, place, opening }: LaidReused): Issue[] {
  const { what, old, over, room, depth } = kept;
  const wrong = reusedIssues(old);
  if (wrong.length > 0) return within('old', wrong);
  const { carcass } = place;
  if (what === 'top') {
    const short = carcass.width.mm - old.width.mm;
    if (short > 1e-9)
      return refuse(
        ['old', 'width'],
        `The old top is ${lengthMark(short)} narrower than what it is to cover. At least ${lengthMark(carcass.width.mm, 'least')} will do.`,
      );
    return [];
  }
  const { inside } = opening;
  // It goes in by the opening, which a face frame may make smaller than the inside.
  const wide = Math.min(opening.right.at - opening.left.at, inside.right - inside.left);
  const high = Math.min(opening.top.at - opening.bottom.at, inside.top - inside.bottom);
  const deep = inside.back - inside.front - over.front.mm;
  const large = (field: Issue['path'], has: number, most: number, words: string) =>
    has > most + 1e-9
      ? refuse(
          field,
          `The old box is ${lengthMark(has - most, 'least')} too ${words} for its bay. At most ${lengthMark(Math.max(0, most), 'most')} will do.`,
        )
      : [];
  return [
    ...large(['old', 'width'], old.width.mm, wide - room.mm, 'wide'),
    ...large(['old', 'height'], old.height.mm, high - room.mm, 'high'),
    ...large(['depth'], depth.mm, deep, 'deep'),
  ];
}
