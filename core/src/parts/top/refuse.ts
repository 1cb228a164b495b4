import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { span } from '../../solid/bounds';
import { refuse } from '../kit/issues';
import type { LaidTop } from './lay';

/** A cleat shorter than this guides nothing, mm. Common practice. */
const LEAST_CLEAT = 60;

export function refuseTop({ top, place, board, strips, along }: LaidTop): Issue[] {
  if (place.carcass.top !== 'none')
    return refuse(
      ['bay'],
      'A top that slides wants a carcass without one of its own: leave its top out first.',
    );
  if (span(board.x) < 50 || span(board.y) < 50)
    return refuse(['over', 'left'], 'Nothing is left of the top. At least 50 mm each way is wanted.');
  const left = Math.min(...strips.map(({ x, y }) => span(along ? x : y)));
  if (left < LEAST_CLEAT)
    return refuse(
      ['travel'],
      `So far out nothing is left of the cleats that keep it on its way. At most ${lengthMark(Math.max(0, top.travel.mm + left - LEAST_CLEAT), 'most')} will do.`,
    );
  return [];
}
