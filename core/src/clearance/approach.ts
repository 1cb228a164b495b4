import type { Motion } from '../motion/motion';
import { type Separation } from './separation';

/**
 * A moving piece against another that stands still, or is seen so by what moves with it: signed separation at a travel,
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
  /** What carries both, where the other piece moves too: nearest points are told as it has them at travel 0. */
  readonly carrier: Motion | undefined;
  /** Signed separation at a travel, with the nearest points; at or below `floor` mm it need not be exact (see `separate`). */
  at(travel: number, floor?: number): Separation;
  /**
   * A proven lower bound on the separation from `back` before the travel last asked to `ahead` after it, mm; one above `enough`
   * may be less than the best that could be proven.
   */
  lowerBound(back: number, ahead: number, enough: number): number;
  /** How far from the travel last asked, up to `most`, the separation is proven to stay above `level` mm. */
  reach(level: number, sense: 1 | -1, most: number): number;
  /** Fastest the two come nearer over a stretch about the travel last asked, mm per unit of travel. */
  speedOver(back: number, ahead: number): number;
}
