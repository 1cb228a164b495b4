import FlatQueue from 'flatqueue';
import type { Interval } from './interval';

/** A figure over all travels [from, to], within its bounds: no stretch crosses a knot, one of no length is exact. */
export type Figure = (from: number, to: number) => Interval;

/** The most a figure comes to over a stretch of travel. */
export interface Most {
  /** Proven: nowhere more than this. */
  readonly bound: number;
  /** Attained, and where. */
  readonly attained: number;
  readonly travel: number;
}

/** Of a travel's whole stretch, no part smaller than this is looked at: what is not decided there has no bound. */
const SMALLEST = 1e-9;

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly upper: number;
}

/**
 * The most that a figure comes to, certified: what is proven to stay below the most attained so far, but for the tolerance, is left;
 * the rest is halved, the highest bound first.
 *
 * @param ends       the stretch's own ends with all knots between them, rising
 * @param tolerance  between the bound and what is attained
 * @source Moore 1966: interval bounds by branch and bound
 */
export function mostOver(figure: Figure, ends: readonly number[], tolerance: number): Most {
  const open = new FlatQueue<Stretch>();
  const [first, last] = [ends[0]!, ends[ends.length - 1]!];
  const least = SMALLEST * Math.max(1e-12, last - first);
  let attained = -Infinity;
  let travel = first;
  const look = (at: number) => {
    const { most } = figure(at, at);
    if (most > attained) [attained, travel] = [most, at];
  };
  const put = (from: number, to: number) => {
    const upper = figure(from, to).most;
    if (upper > attained) open.push({ from, to, upper }, -upper);
  };
  ends.forEach(look);
  for (let i = 1; i < ends.length; i += 1) if (ends[i]! > ends[i - 1]!) put(ends[i - 1]!, ends[i]!);
  for (let next = open.pop(); next; next = open.pop()) {
    const { from, to, upper } = next;
    if (upper <= attained + tolerance) return { bound: upper, attained, travel };
    if (to - from <= least) return { bound: upper, attained, travel };
    const middle = (from + to) / 2;
    look(middle);
    put(from, middle);
    put(middle, to);
  }
  return { bound: attained, attained, travel };
}

/** The least that a figure comes to: `bound` is proven, nowhere less. */
export function leastOver(figure: Figure, ends: readonly number[], tolerance: number): Most {
  const other: Figure = (from, to) => {
    const { least, most } = figure(from, to);
    return { least: -most, most: -least };
  };
  const { bound, attained, travel } = mostOver(other, ends, tolerance);
  return { bound: -bound, attained: -attained, travel };
}
