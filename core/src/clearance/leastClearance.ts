import FlatQueue from 'flatqueue';
import { motionPose, moved } from '../motion/motion';
import type { Point3 } from '../solid/prism';
import type { Approach } from './approach';

/** The nearest points of two pieces at a travel, in the space, mm. */
export interface Witness {
  readonly travel: number;
  /** Signed separation there, mm. */
  readonly clearance: number;
  readonly onMover: Point3;
  readonly onStill: Point3;
}

/** Least signed separation over a range of travel: between `lower` (proven) and `witness.clearance` (attained), mm. */
export interface LeastClearance {
  readonly lower: number;
  readonly witness: Witness;
  /** Proven to keep at least the watch distance: the search stopped there and the two figures may be far apart. */
  readonly beyondWatch: boolean;
}

export interface LeastClearanceOptions {
  /** Width of the answer, mm. */
  readonly tolerance?: number;
  /** Clearances that decide something (0, the needed gap): the answer is narrowed until it is on one side of each. */
  readonly decide?: readonly number[];
  /** What is proven farther than this is not looked at further, mm. */
  readonly watch?: number;
  /** Once this or less is attained nothing more is wanted: it hits, and how deep is not asked, nor proven. */
  readonly enough?: number;
}

export const DEFAULT_TOLERANCE = 0.05;
/** A level this near the answer, mm, is taken as reached: nearer than this nobody can say which side it is on. */
export const UNDECIDED = 1e-6;

/** A little less than the width asked, so that rounding cannot make the answer a little more. */
const WITHIN = 0.999;

interface Stretch {
  readonly from: number;
  readonly to: number;
  /** A bound on it, from the pose that left it open: the order in which stretches are looked at. */
  readonly lower: number;
}

/** What is still to be looked at: scratch, one search is through before the next begins. */
const OPEN = new FlatQueue<Stretch>();

export function witnessOf({ now, carrier }: Approach, travel: number): Witness {
  const [onMover, onStill] = [pointAt(now.onFirst), pointAt(now.onSecond)];
  if (!carrier) return { travel, clearance: now.value, onMover, onStill };
  const pose = motionPose(carrier, travel);
  return { travel, clearance: now.value, onMover: moved(pose, onMover), onStill: moved(pose, onStill) };
}

const pointAt = (at: Float64Array): Point3 => [at[0]!, at[1]!, at[2]!];

/**
 * Least clearance of two pieces over a range of travel, certified.
 *
 * A pose anywhere proves the travels about it, as far as its normal's bound stays above what is asked: the least
 * attained so far less the tolerance, or a deciding level just below it. What is left to either side is looked at next,
 * lowest bound first, until all of the range is proven. The bound loses only the square of the way from its pose, so
 * few poses are needed; a part that keeps its distance needs one. The start is looked at first: most of what moves leaves what it is
 * nearest to when shut, and what is attained there settles the rest.
 *
 * @param from, to  travel, radians or mm
 */
export function leastClearance(
  approach: Approach,
  from: number,
  to: number,
  options: LeastClearanceOptions = {},
): LeastClearance {
  const { tolerance = DEFAULT_TOLERANCE, decide = [], watch = Infinity, enough = -Infinity } = options;
  const ends = [from, ...approach.knots.filter((knot) => knot > from && knot < to), to];
  const open = OPEN;
  open.clear();
  for (let i = 1; i < ends.length; i += 1)
    open.push({ from: ends[i - 1]!, to: ends[i]!, lower: -Infinity }, -Infinity);
  let best: Witness | undefined;
  let proven = Infinity;
  let looked = 0;

  while (open.length > 0) {
    const { from: start, to: end, lower } = open.pop()!;
    if (best && lower > thresholdOf(best.clearance, tolerance, decide, watch)) {
      proven = Math.min(proven, lower);
      continue;
    }
    const at = looked === 0 ? start : looked === 1 ? end : (start + end) / 2;
    looked += 1;
    approach.at(at, enough);
    if (!best || approach.now.value < best.clearance) best = witnessOf(approach, at);
    if (best!.clearance <= enough)
      return { lower: Math.min(approach.now.lower, proven), witness: best!, beyondWatch: false };
    const threshold = thresholdOf(best.clearance, tolerance, decide, watch);
    const smallest = 4 * Number.EPSILON * Math.max(1, Math.abs(start), Math.abs(end));
    for (const sense of [-1, 1] as const) {
      const most = sense > 0 ? end - at : at - start;
      if (most <= 0) continue;
      const all =
        sense > 0 ? approach.lowerBound(0, most, threshold) : approach.lowerBound(most, 0, threshold);
      if (all > threshold) {
        proven = Math.min(proven, all);
        continue;
      }
      const reach = Math.max(smallest, approach.reach(threshold, sense, most));
      proven = Math.min(proven, threshold);
      if (reach >= most) continue;
      open.push(
        sense > 0 ? { from: at + reach, to: end, lower: all } : { from: start, to: at - reach, lower: all },
        all,
      );
    }
  }
  // A single travel is its own proof.
  const lower = to > from ? Math.min(proven, best!.clearance) : approach.now.lower;
  return { lower, witness: best!, beyondWatch: lower >= watch };
}

/** What must be proven everywhere, given the least attained: nothing is beyond the watch distance that is not proven to be. */
function thresholdOf(attained: number, tolerance: number, decide: readonly number[], watch: number): number {
  let level = attained - WITHIN * tolerance;
  for (const deciding of decide) if (deciding < attained - UNDECIDED && deciding > level) level = deciding;
  if (watch < attained - UNDECIDED) return watch;
  return level < watch ? level : watch;
}
