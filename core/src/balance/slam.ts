import type { Figure } from './bounds';

/** What a mover lands with that falls shut. */
export interface Slam {
  /** mJ where drives are Nmm; what it lands with at most, and the travel it is let go at. */
  readonly energy: number;
  readonly from: number;
}

/** Parts the travel is summed over: of a force that falls evenly to nothing the sum comes out a hundredth too high. */
const PARTS = 128;

/**
 * What a mover lands with at the start of its travel at most, let go anywhere on it. Summed over parts by the least of each, and so never told
 * too little. What it is let go at is where most is to be had: on its way down from there it never stops.
 *
 * @param closing  what drives it as it closes: less than 0 shuts it
 * @param ends     as far as it opens, with the knots between
 */
export function slamOf(closing: Figure, ends: readonly number[]): Slam {
  let [sum, energy, top] = [0, 0, ends[0]!];
  const whole = ends[ends.length - 1]! - ends[0]!;
  for (let i = 1; i < ends.length; i += 1) {
    const [from, to] = [ends[i - 1]!, ends[i]!];
    const parts = Math.max(1, Math.ceil((PARTS * (to - from)) / whole));
    for (let k = 0; k < parts; k += 1) {
      const [a, b] = [from + ((to - from) * k) / parts, from + ((to - from) * (k + 1)) / parts];
      sum -= closing(a, b).least * (b - a);
      if (sum > energy) [energy, top] = [sum, b];
    }
  }
  return { energy, from: top };
}
