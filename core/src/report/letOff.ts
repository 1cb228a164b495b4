import { leastOver, mostOver } from '../balance/bounds';
import type { Conditions } from '../balance/force';
import { drivesOf, handIn, type Poised } from '../balance/poise';

/** Struts let off at their own valve: what is left of their gas, as a share, and what a hand then gives at most, N. */
export interface LetOff {
  readonly gas: number;
  readonly most: number;
}

/** As near as a hand's force is looked at, N; a share of gas nobody lets off finer, and the least that is left in. */
const NEAR_N = 0.2;
const FINEST = 0.01;
const LEAST_LEFT = 0.3;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * How much gas to let off for the least that a hand gives at its worst. At every travel a hand's force is linear in what is left, so that
 * the most of it falls up to one place and rises from there: that is closed in on.
 *
 * @returns undefined where letting any off makes it no lighter
 */
export function letOff({ efforts, ends, handle }: Poised, conditions: Omit<Conditions, 'sense'>): LetOff | undefined {
  const most = (gas: number): number => {
    const { lift, shut } = handIn(drivesOf(efforts, { ...conditions, gas }), handle);
    return Math.max(mostOver(lift, ends, NEAR_N).bound, mostOver(shut, ends, NEAR_N).bound, -leastOver(shut, ends, NEAR_N).bound);
  };
  let [low, high] = [LEAST_LEFT, 1];
  let [left, right] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
  let [atLeft, atRight] = [most(left), most(right)];
  while (high - low > FINEST) {
    if (atLeft <= atRight) {
      [high, right, atRight] = [right, left, atLeft];
      left = high - GOLDEN * (high - low);
      atLeft = most(left);
    } else {
      [low, left, atLeft] = [left, right, atRight];
      right = low + GOLDEN * (high - low);
      atRight = most(right);
    }
  }
  const best = atLeft <= atRight ? { gas: left, most: atLeft } : { gas: right, most: atRight };
  return best.most < most(1) - NEAR_N && best.gas < 1 - FINEST ? best : undefined;
} // prettier-ignore
