import { SlideSweep } from '../motion/slideSweep';
import type { HalfSpace, Piece } from '../solid/halfSpace';
import { coldStart, type GjkStart } from './gjk';
import type { MovingPiece } from './movingPiece';
import { emptySeparation, ROUNDING, separate, type Separation } from './separation';
import { SquareApproach } from './squareApproach';
import { squareBox } from './sweptBoxes';

/** Chords drawn in search of the longest stretch that is proven. */
const CHORDS = 10;
const MOST_TRIES = 60;

/** A bound as it came out. Throws where that is no number: comparing with it would prove anything. */
export function proven(bound: number): number {
  if (Number.isNaN(bound)) throw new Error('A bound on a motion came out as no number.');
  return bound;
}

/**
 * A moving piece against another, which stands still or moves with the same travel: signed separation at a travel,
 * and bounds around it. Holds the buffers and the warm start that make the next query cheap; one at a time, not
 * shared between threads.
 */
export interface Approach {
  /** The last answer of `at`; overwritten by the next, of this approach or of another. */
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

/** Against a piece that stands still. */
export function approachStill(mover: MovingPiece, still: Piece): Approach {
  if (mover.sweep instanceof SlideSweep && mover.square && still.kind === 'convex') {
    const box = squareBox(still);
    if (box) return new SquareApproach(mover.square, mover.sweep, box);
  }
  return new StillApproach(mover, still);
}

/** Against a piece that moves with the same travel. Joints that carry both alike are to be left out of both motions. */
export const approachMoving = (mover: MovingPiece, other: MovingPiece): Approach =>
  new PairApproach(mover, other);

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
  private readonly start: GjkStart = coldStart();
  private travel = 0;

  constructor(
    private readonly mover: MovingPiece,
    private readonly still: Piece,
  ) {
    this.knots = mover.knots;
  }

  at(travel: number, floor?: number): Separation {
    this.evaluations += 1;
    this.travel = travel;
    const { mover, still, now } = this;
    mover.goTo(travel);
    return still.kind === 'convex'
      ? separate(mover.piece, mover.corners, still, still.corners, this.start, now, floor)
      : heightOver(mover.corners, still, now);
  }

  lowerBound(back: number, ahead: number): number {
    const { mover, travel, still, now } = this;
    mover.goTo(travel);
    // Turned with the mover n would leave a plane, so only n fixed in the space bounds anything there.
    const bound =
      still.kind === 'convex'
        ? mover.sweep.separation(mover.corners, travel, now.normal, still.corners, back, ahead)
        : mover.sweep.lowest(mover.corners, travel, now.normal, back, ahead) - still.offset;
    return proven(bound - ROUNDING);
  }

  reach(level: number, sense: 1 | -1, most: number): number {
    const { mover, travel, still, now } = this;
    mover.goTo(travel);
    const to = level + ROUNDING;
    return proven(
      still.kind === 'convex'
        ? mover.sweep.reach(mover.corners, travel, now.normal, still.corners, to, sense, most)
        : mover.sweep.fall(mover.corners, travel, now.normal, still.offset + to, sense, most),
    );
  }

  speedOver(back: number, ahead: number): number {
    this.mover.goTo(this.travel);
    return proven(this.mover.sweep.speedOver(this.mover.corners, this.travel, back, ahead));
  }
}

/** Over a plane no search is needed: the lowest corner along its normal is the answer, and n never changes. */
function heightOver(corners: Float64Array, { normal, offset }: HalfSpace, out: Separation): Separation {
  out.normal.set(normal);
  out.value = Infinity;
  for (let i = 0; i < corners.length; i += 3) {
    const height =
      normal[0] * corners[i]! + normal[1] * corners[i + 1]! + normal[2] * corners[i + 2]! - offset;
    if (height >= out.value) continue;
    out.value = height;
    for (let axis = 0; axis < 3; axis += 1) {
      out.onFirst[axis] = corners[i + axis]!;
      out.onSecond[axis] = corners[i + axis]! - height * normal[axis]!;
    }
  }
  out.lower = out.value;
  return out;
}

class PairApproach implements Approach {
  readonly now = emptySeparation();
  evaluations = 0;
  readonly knots: readonly number[];
  private readonly start: GjkStart = coldStart();
  private readonly opposite = new Float64Array(3);
  private travel = 0;

  constructor(
    private readonly first: MovingPiece,
    private readonly second: MovingPiece,
  ) {
    this.knots = [...new Set([...first.knots, ...second.knots])].sort((a, b) => a - b);
  }

  at(travel: number, floor?: number): Separation {
    this.evaluations += 1;
    this.travel = travel;
    this.goTo(travel);
    const { first, second } = this;
    return separate(first.piece, first.corners, second.piece, second.corners, this.start, this.now, floor);
  }

  lowerBound(back: number, ahead: number): number {
    const { first, second, travel, opposite } = this;
    const { normal } = this.now;
    this.goTo(travel);
    for (let axis = 0; axis < 3; axis += 1) opposite[axis] = -normal[axis]!;
    return proven(
      first.sweep.lowest(first.corners, travel, normal, back, ahead) +
        second.sweep.lowest(second.corners, travel, opposite, back, ahead) -
        ROUNDING,
    );
  }

  reach(level: number, sense: 1 | -1, most: number): number {
    return longest(most, this.now.lower, level, (width) =>
      sense > 0 ? this.lowerBound(0, width) : this.lowerBound(width, 0),
    );
  }

  speedOver(back: number, ahead: number): number {
    const { first, second, travel } = this;
    this.goTo(travel);
    return proven(
      first.sweep.speedOver(first.corners, travel, back, ahead) +
        second.sweep.speedOver(second.corners, travel, back, ahead),
    );
  }

  private goTo(travel: number): void {
    this.first.goTo(travel);
    this.second.goTo(travel);
  }
}
