import type { Convex } from '../solid/convex';
import { closestByFeatures } from './features';
import { type GjkStart, closestByGjk } from './gjk';
import { leastOverlapAxis } from './separatingAxis';
import type { Separation } from './separation';

/** Below this GJK's own answer is not trusted unless it parts the pieces: faces nearly in touch make it stall. */
const CLOSE = 1e-3;

/** A wider gap than this between attained and proven distance is settled by comparing features. */
const LOOSE = 1e-7;

/** The search's nearest points while axes are tried: scratch, this module is never re-entered. */
const POINTS = new Float64Array(6);

/**
 * Separation of piece `a` with its corners at `atA` from piece `b` with its corners at `atB` (mm), into `out`.
 * `start` remembers the last nearest features of this pair; hand the same one in for the next pose.
 *
 * @param floor  mm: at or below it the answer need not be told exactly. With 0 or more, pieces that overlap are
 * answered by 0 and a point they share, without `normal` or `lower`: their depth costs many times what a distance does.
 */
export function separate(
  a: Convex,
  atA: Float64Array,
  b: Convex,
  atB: Float64Array,
  start: GjkStart,
  out: Separation,
  floor = -Infinity,
): Separation {
  const apart = closestByGjk(atA, atB, start, out);
  if (!apart && floor >= 0) {
    out.value = 0;
    out.lower = -Infinity;
    return out;
  }
  // The supporting planes prove the answer whatever the search went through, if they part the pieces by themselves.
  if (apart && out.value - out.lower <= LOOSE && (out.value > CLOSE || out.lower > 0)) return out;
  // Whether they are apart at all is for the axes to say: comparing features tells nothing of pieces that overlap.
  const attained = apart ? out.value : Infinity;
  POINTS.set(out.onFirst);
  POINTS.set(out.onSecond, 3);
  const parted = leastOverlapAxis(a, atA, b, atB, out);
  if (parted <= 0) return out;
  if (attained - parted <= LOOSE) {
    // A face or two edges part them: the axis proves what the search attained.
    out.value = attained;
    out.onFirst.set(POINTS.subarray(0, 3));
    out.onSecond.set(POINTS.subarray(3));
    return out;
  }
  return closestByFeatures(a, atA, b, atB, out);
}
