import type { Issue } from '../../item/issue';
import { lengthMark } from '../../length/lengthMark';
import { refuseDrawn } from '../kit/drawn/refuse';
import { refuse } from '../kit/issues';
import type { LaidPullout } from './lay';

/** A guide strip is at least so high, mm. */
const LEAST_GUIDE = 5;

/** As a drawer's, but that it is no bank; and a guide must find room over its top. */
export function refusePullout(laid: LaidPullout): Issue[] {
  const issues = refuseDrawn(laid);
  // What is wrong with its height is told of its bay.
  if (issues.length > 0)
    return issues.map(({ path, message }) => ({ path: path[0] === 'bank' ? ['bay'] : path, message }));
  const { guide } = laid.pullout;
  const [at] = laid.drawers;
  const over = at!.place[1] - at!.box.z[1];
  if (guide && over < guide.play.mm + LEAST_GUIDE)
    return refuse(
      ['box', 'above'],
      `A guide finds no room over its top. At least ${lengthMark(guide.play.mm + LEAST_GUIDE, 'least')} free above it will do.`,
    );
  return [];
}
