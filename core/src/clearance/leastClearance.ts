import type { Point3 } from '../solid/prism';
import type { Approach } from './approach';

/** The nearest points of two pieces at a travel. */
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
  /** Proven to stay beyond the watch distance: the search stopped there and the two figures may be far apart. */
  readonly beyondWatch: boolean;
}

export interface LeastClearanceOptions {
  /** Width of the answer, mm. */
  readonly tolerance?: number;
  /** Clearances that decide something (0, the needed gap): the answer is narrowed until it is on one side of each. */
  readonly decide?: readonly number[];
  /** What is proven farther than this is not looked at further, mm. */
  readonly watch?: number;
  /** Once this or less is attained nothing more is wanted: it hits, and how deep is not asked. */
  readonly enough?: number;
}

export const DEFAULT_TOLERANCE = 0.05;
/** A level this near the answer, mm, is taken as reached: nearer than this nobody can say which side it is on. */
export const UNDECIDED = 1e-6;

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly lower: number;
}

export function witnessOf(approach: Approach, travel: number): Witness {
  const { value, onFirst, onSecond } = approach.now;
  return {
    travel,
    clearance: value,
    onMover: [onFirst[0]!, onFirst[1]!, onFirst[2]!],
    onStill: [onSecond[0]!, onSecond[1]!, onSecond[2]!],
  };
}

/**
 * Least clearance of a moving piece from a still one over a range of travel, certified.
 *
 * Best first: the stretch of travel with the lowest proven bound is always the one halved next, so when its bound
 * is within the tolerance of the least distance attained, no other stretch can hold less. Each half is bounded from
 * the pose in its middle along the normal found there, which loses only the square of its width.
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
  const queue = new StretchQueue();
  let best: Witness | undefined;
  const look = (start: number, end: number) => {
    const middle = (start + end) / 2;
    const { value } = approach.at(middle);
    if (!best || value < best.clearance) best = witnessOf(approach, middle);
    queue.push({
      from: start,
      to: end,
      lower: Math.min(value, approach.lowerBound(middle - start, end - middle)),
    });
  };
  const attain = (travel: number) => {
    const { value } = approach.at(travel);
    if (value < best!.clearance) best = witnessOf(approach, travel);
  };
  look(from, to);
  let ends = false;

  for (;;) {
    const worst = queue.pop()!;
    const attained = best!.clearance;
    const width = attained - worst.lower;
    const decided = decide.every((level) => attained <= level || worst.lower > level);
    const exhausted = width <= UNDECIDED || worst.to - worst.from <= smallestStep(worst);
    if (worst.lower > watch) return { lower: worst.lower, witness: best!, beyondWatch: true };
    if ((width <= tolerance && decided) || exhausted || attained <= enough) {
      return { lower: Math.min(worst.lower, attained), witness: best!, beyondWatch: false };
    }
    if (!ends) {
      // A part is often nearest at an end of its travel, which halving only creeps up to.
      ends = true;
      attain(from);
      attain(to);
      queue.push(worst);
      continue;
    }
    const middle = (worst.from + worst.to) / 2;
    look(worst.from, middle);
    look(middle, worst.to);
  }
}

/** A stretch that 64-bit travel can no longer halve. */
function smallestStep({ from, to }: Stretch): number {
  return 4 * Number.EPSILON * Math.max(1, Math.abs(from), Math.abs(to));
}

/** A binary heap, lowest bound on top. */
class StretchQueue {
  private readonly items: Stretch[] = [];

  push(item: Stretch): void {
    const { items } = this;
    let i = items.push(item) - 1;
    while (i > 0) {
      const parent = (i - 1) >> 1;
      if (items[parent]!.lower <= item.lower) break;
      items[i] = items[parent]!;
      i = parent;
    }
    items[i] = item;
  }

  pop(): Stretch | undefined {
    const { items } = this;
    const top = items[0];
    const last = items.pop();
    if (items.length === 0 || !last) return top;
    let i = 0;
    for (;;) {
      let child = 2 * i + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && items[child + 1]!.lower < items[child]!.lower) child += 1;
      if (items[child]!.lower >= last.lower) break;
      items[i] = items[child]!;
      i = child;
    }
    items[i] = last;
    return top;
  }
}
