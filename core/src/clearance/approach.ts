import { farthest, nearest } from '../motion/along';
import { AT_REST, type Motion } from '../motion/motion';
import { sweepOf, type Sweep } from '../motion/sweep';
import type { Convex } from '../solid/convex';
import type { HalfSpace, Piece } from '../solid/halfSpace';
import { coldStart, type GjkStart } from './gjk';
import { emptySeparation, separate, type Separation } from './separation';

/** What 64-bit sums may lose over 20 m, mm: proven bounds are lowered by it, so that none rests on rounding. */
export const ROUNDING = 1e-9;

/** Chords drawn in search of the longest stretch that is proven. */
const CHORDS = 10;
const MOST_TRIES = 60;

/**
 * A moving piece against another, which stands still or moves with the same travel: signed separation at a travel,
 * and bounds around it. Holds the buffers and the warm start that make the next query cheap; one at a time, not
 * shared between threads.
 */
export interface Approach {
  /** The last answer of `at`; overwritten by the next. */
  readonly now: Separation;
  /** Distance evaluations so far: the measure of the work that no machine changes. */
  readonly evaluations: number;
  /** Travels at which a motion changes: no stretch may cross one. */
  readonly knots: readonly number[];
  /** Signed separation at a travel, with the nearest points; at or below `floor` mm it need not be exact (see `separate`). */
  at(travel: number, floor?: number): Separation;
  /** A proven lower bound on the separation from `back` before the travel last asked to `ahead` after it, mm. */
  lowerBound(back: number, ahead: number): number;
  /** How far from the travel last asked, up to `most`, the separation is proven to stay above `level` mm. */
  reach(level: number, sense: 1 | -1, most: number): number;
  /** Fastest the two come nearer over a stretch about the travel last asked, mm per unit of travel. */
  speedOver(back: number, ahead: number): number;
}

/** A piece on its motion. */
export interface Moving {
  readonly piece: Convex;
  readonly motion: Motion;
}

/** Against a piece that stands still. */
export function approachStill(mover: Moving, still: Piece): Approach {
  return still.kind === 'half-space' ? new PlaneApproach(mover, still) : new StillApproach(mover, still);
}

/** Against a piece that moves with the same travel. Joints that carry both alike are to be left out of both motions. */
export function approachMoving(mover: Moving, other: Moving): Approach {
  return other.motion === AT_REST ? new StillApproach(mover, other.piece) : new PairApproach(mover, other);
}

/**
 * A stretch, nearly the longest, over which a falling bound stays above a level; Infinity where it does up to `most`.
 * The bound of a chain falls as a parabola does, so the chord to a point below the level meets it on the safe side:
 * a few chords come within a tenth of the longest.
 *
 * @param now    the bound where it stands
 * @param bound  the bound over a stretch of a width
 */
function longest(most: number, now: number, level: number, bound: (width: number) => number): number {
  if (!(most > 0) || !(now > level)) return 0;
  let [low, atLow] = [0, now - level];
  let [high, atHigh] = [most, bound(most) - level];
  if (atHigh > 0) return Infinity;
  for (let drawn = 0, tried = 0; drawn < CHORDS && tried < MOST_TRIES; tried += 1) {
    // Until a first stretch holds, never more than a quarter: a bound that falls steeply at first shows its chords too long.
    const part = atHigh > -Infinity ? atLow / (atLow - atHigh) : 0.2;
    const width = low + (high - low) * Math.max(low > 0 ? part : Math.min(part, 0.25), 0.02);
    const here = bound(width) - level;
    if (low > 0) drawn += 1;
    if (here > 0) {
      [low, atLow] = [width, here];
      if (atHigh > -Infinity && (high - low < 0.1 * low || here < 0.05 * (now - level))) break;
    } else [high, atHigh] = [width, here];
  }
  return low;
}

class StillApproach implements Approach {
  readonly now = emptySeparation();
  evaluations = 0;
  readonly knots: readonly number[];
  private readonly sweep: Sweep;
  private readonly corners: Float64Array;
  private readonly start: GjkStart = coldStart();
  private travel = 0;

  constructor(
    private readonly mover: Moving,
    private readonly still: Convex,
  ) {
    this.sweep = sweepOf(mover.motion, mover.piece.corners);
    this.corners = new Float64Array(mover.piece.corners.length);
    this.knots = mover.motion.knots;
  }

  at(travel: number, floor?: number): Separation {
    this.evaluations += 1;
    this.travel = travel;
    const { corners, still, start, now } = this;
    this.sweep.place(travel, corners);
    return separate(this.mover.piece, corners, still, still.corners, start, now, floor);
  }

  lowerBound(back: number, ahead: number): number {
    const { still } = this.sweep;
    const { normal } = this.now;
    const bound = still
      ? still.separation(this.corners, normal, this.still.corners, back, ahead)
      : this.sweep.lowest(this.corners, this.travel, normal, back, ahead) -
        farthest(this.still.corners, normal);
    return bound - ROUNDING;
  }

  reach(level: number, sense: 1 | -1, most: number): number {
    const { still } = this.sweep;
    const { normal } = this.now;
    if (still) return still.reach(this.corners, normal, this.still.corners, level + ROUNDING, sense, most);
    const to = farthest(this.still.corners, normal) + level + ROUNDING;
    return this.sweep.fall(this.corners, this.travel, normal, to, sense, most);
  }

  speedOver(back: number, ahead: number): number {
    return this.sweep.speedOver(this.corners, this.travel, back, ahead);
  }
}

/** Against a plane no search is needed: the lowest corner along its normal is the answer, and n never changes. */
class PlaneApproach implements Approach {
  readonly now = emptySeparation();
  evaluations = 0;
  readonly knots: readonly number[];
  private readonly sweep: Sweep;
  private readonly corners: Float64Array;
  private travel = 0;

  constructor(
    mover: Moving,
    private readonly plane: HalfSpace,
  ) {
    this.sweep = sweepOf(mover.motion, mover.piece.corners);
    this.corners = new Float64Array(mover.piece.corners.length);
    this.knots = mover.motion.knots;
  }

  at(travel: number): Separation {
    this.evaluations += 1;
    this.travel = travel;
    this.sweep.place(travel, this.corners);
    const { now, corners } = this;
    const { normal, offset } = this.plane;
    now.normal.set(normal);
    now.value = nearest(corners, now.normal) - offset;
    now.lower = now.value;
    for (let i = 0; i < corners.length; i += 3) {
      const height =
        normal[0] * corners[i]! + normal[1] * corners[i + 1]! + normal[2] * corners[i + 2]! - offset;
      if (height > now.value) continue;
      for (let axis = 0; axis < 3; axis += 1) {
        now.onFirst[axis] = corners[i + axis]!;
        now.onSecond[axis] = corners[i + axis]! - height * normal[axis]!;
      }
      break;
    }
    return now;
  }

  lowerBound(back: number, ahead: number): number {
    // Turned with the mover n would leave the plane, so only n fixed in the space bounds anything here.
    const lowest = this.sweep.lowest(this.corners, this.travel, this.now.normal, back, ahead);
    return lowest - this.plane.offset - ROUNDING;
  }

  reach(level: number, sense: 1 | -1, most: number): number {
    return this.sweep.fall(
      this.corners,
      this.travel,
      this.now.normal,
      this.plane.offset + level + ROUNDING,
      sense,
      most,
    );
  }

  speedOver(back: number, ahead: number): number {
    return this.sweep.speedOver(this.corners, this.travel, back, ahead);
  }
}

class PairApproach implements Approach {
  readonly now = emptySeparation();
  evaluations = 0;
  readonly knots: readonly number[];
  private readonly sweeps: readonly [Sweep, Sweep];
  private readonly corners: readonly [Float64Array, Float64Array];
  private readonly start: GjkStart = coldStart();
  private readonly opposite = new Float64Array(3);
  private travel = 0;

  constructor(
    private readonly first: Moving,
    private readonly second: Moving,
  ) {
    this.sweeps = [sweepOf(first.motion, first.piece.corners), sweepOf(second.motion, second.piece.corners)];
    this.corners = [
      new Float64Array(first.piece.corners.length),
      new Float64Array(second.piece.corners.length),
    ];
    this.knots = [...new Set([...first.motion.knots, ...second.motion.knots])].sort((a, b) => a - b);
  }

  at(travel: number, floor?: number): Separation {
    this.evaluations += 1;
    this.travel = travel;
    const [atFirst, atSecond] = this.corners;
    this.sweeps[0].place(travel, atFirst);
    this.sweeps[1].place(travel, atSecond);
    return separate(this.first.piece, atFirst, this.second.piece, atSecond, this.start, this.now, floor);
  }

  lowerBound(back: number, ahead: number): number {
    const { normal } = this.now;
    for (let axis = 0; axis < 3; axis += 1) this.opposite[axis] = -normal[axis]!;
    const first = this.sweeps[0].lowest(this.corners[0], this.travel, normal, back, ahead);
    return first + this.sweeps[1].lowest(this.corners[1], this.travel, this.opposite, back, ahead) - ROUNDING;
  }

  reach(level: number, sense: 1 | -1, most: number): number {
    return longest(most, this.now.lower, level, (width) =>
      sense > 0 ? this.lowerBound(0, width) : this.lowerBound(width, 0),
    );
  }

  speedOver(back: number, ahead: number): number {
    const [a, b] = this.sweeps;
    return (
      a.speedOver(this.corners[0], this.travel, back, ahead) +
      b.speedOver(this.corners[1], this.travel, back, ahead)
    );
  }
}
