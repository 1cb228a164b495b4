import { place, poseAt, type Joint } from '../motion/joint';
import { sweepOf, type Sweep } from '../motion/sweep';
import type { Convex } from '../solid/convex';
import { coldStart, type GjkStart } from './gjk';
import { emptySeparation, separate, type Separation } from './separation';

/** What 64-bit sums may lose over 20 m, mm: proven bounds are lowered by it, so that none rests on rounding. */
export const ROUNDING = 1e-9;

/**
 * One moving piece against one still piece: distance at a travel, and bounds around it. Holds the buffers and the
 * warm start that make the next query cheap; one at a time, not shared between threads.
 */
export class Approach {
  /** The last answer of `at`; overwritten by the next. */
  readonly now: Separation = emptySeparation();
  /** Distance evaluations so far: the machine-independent measure of the work. */
  evaluations = 0;
  private readonly sweep: Sweep;
  private readonly corners: Float64Array;
  private readonly start: GjkStart = coldStart();

  constructor(
    private readonly mover: Convex,
    private readonly joint: Joint,
    private readonly still: Convex,
  ) {
    this.sweep = sweepOf(joint, mover.corners);
    this.corners = new Float64Array(mover.corners.length);
  }

  /** Fastest point of the mover, mm per unit of travel. */
  get speed(): number {
    return this.sweep.speed;
  }

  /** Signed separation at a travel, with the nearest points. */
  at(travel: number): Separation {
    this.evaluations += 1;
    place(poseAt(this.joint, travel), this.mover.corners, this.corners);
    return separate(this.mover, this.corners, this.still, this.still.corners, this.start, this.now);
  }

  /** A proven lower bound on the separation from `back` before the travel last asked to `ahead` after it, mm. */
  lowerBound(back: number, ahead: number): number {
    return (
      this.sweep.separationOver(this.corners, this.still.corners, this.now.normal, back, ahead) - ROUNDING
    );
  }

  /** How far ahead of the travel last asked the separation is proven to stay above `level` mm. */
  freeAhead(level: number): number {
    return this.sweep.freeAhead(this.corners, this.still.corners, this.now.normal, level + ROUNDING);
  }
}
