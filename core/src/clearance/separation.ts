import type { Convex } from '../solid/convex';
import { closestByGjk, type GjkStart } from './gjk';
import { closestByFeatures } from './features';
import { leastOverlapAxis } from './separatingAxis';

/**
 * The signed separation of two convex pieces in place: their distance where they are apart, minus the depth (the
 * shortest shift that parts them) where they overlap. The record is reused between queries.
 */
export interface Separation {
  /** mm: attained distance, or minus the depth. */
  value: number;
  /** mm: no smaller is possible, whatever the rounding of the search: read from the supporting planes across `normal`. */
  lower: number;
  /** Unit direction from the second piece to the first, along which `lower` was read. */
  readonly normal: Float64Array;
  /** The nearest points: on the first piece, on the second; mm. */
  readonly onFirst: Float64Array;
  readonly onSecond: Float64Array;
}

/** What 64-bit sums may lose over 20 m, mm: proven bounds are lowered by it, so that none rests on rounding. */
export const ROUNDING = 1e-9;

export function emptySeparation(): Separation {
  return {
    value: 0,
    lower: 0,
    normal: new Float64Array(3),
    onFirst: new Float64Array(3),
    onSecond: new Float64Array(3),
  };
}

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
