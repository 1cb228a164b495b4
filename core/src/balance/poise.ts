import type { Figure } from './bounds';
import type { Conditions, Effort } from './force';
import { NOTHING, over, scaled, sum, type Interval } from './interval';

/** What a mover does by itself where a hand lets go of it: `may` where it hangs on what is known only within bounds. */
export const STANDS = ['falls', 'may fall', 'stays', 'may move', 'may rise', 'rises'] as const;
export type Stand = (typeof STANDS)[number];

/** A part of the travel on which it does one and the same. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly stand: Stand;
}

/** What moves with all that drives it. */
export interface Poised {
  readonly efforts: readonly Effort[];
  /** The ends of its travel with every knot of its motions between, rising. */
  readonly ends: readonly number[];
  /** How fast the place goes where a hand takes hold of it, mm a unit of travel. */
  readonly handle: Figure;
}

/** What all efforts come to along the travel as it goes one way: more than 0 opens. Nmm of what turns, N of what slides. */
export const driveOf =
  (efforts: readonly Effort[], conditions: Conditions): Figure =>
  (from, to) => {
    const all = efforts.reduce((whole, effort) => sum(whole, effort.over(from, to, conditions)), NOTHING);
    // Comparing with what is no number would prove anything.
    if (Number.isNaN(all.least) || Number.isNaN(all.most))
      throw new Error('What drives a mover came out as no number.');
    return all;
  };

/**
 * What a hand gives at the handle as it opens (sense 1): lifts, or holds back where that is less than 0; and as it closes (sense -1):
 * pushes, or holds back, N.
 */
export function handOf({ efforts, handle }: Poised, conditions: Conditions): Figure {
  const drive = driveOf(efforts, conditions);
  return (from, to) => over(scaled(drive(from, to), -conditions.sense), handle(from, to));
}

/** As fine as the travel is divided where nothing can be proven, and where one stand goes over into another: shares of all of it. */
const UNPROVEN = 1 / 128;
const CHANGE = 1 / 4096;

/**
 * What a mover does by itself, stretch by stretch. That it falls, stays or rises is proven of every travel in its stretch; where neither
 * is, it may.
 */
export function standsOver({ efforts, ends }: Poised, conditions: Omit<Conditions, 'sense'>): Stretch[] {
  const closing = driveOf(efforts, { ...conditions, sense: -1 });
  const opening = driveOf(efforts, { ...conditions, sense: 1 });
  const judged = (from: number, to: number) => standOf(closing(from, to), opening(from, to));
  const whole = ends[ends.length - 1]! - ends[0]!;
  const found: Stretch[] = [];
  const put = (from: number, to: number, stand: Stand) => {
    const before = found[found.length - 1];
    if (before?.stand === stand) found[found.length - 1] = { ...before, to };
    else found.push({ from, to, stand });
  };
  const look = (from: number, to: number): void => {
    const stand = judged(from, to);
    if (isProven(stand)) return put(from, to, stand);
    const width = to - from;
    const changes = judged(from, from) !== judged(to, to);
    if (width <= whole * (changes ? CHANGE : UNPROVEN)) {
      const middle = judged((from + to) / 2, (from + to) / 2);
      return put(from, to, isProven(middle) ? stand : middle);
    }
    look(from, (from + to) / 2);
    look((from + to) / 2, to);
  };
  for (let i = 1; i < ends.length; i += 1) look(ends[i - 1]!, ends[i]!);
  return found;
}

const isProven = (stand: Stand) => stand === 'falls' || stand === 'stays' || stand === 'rises';

/** What rubs is more than 0 as it closes and less as it opens: between the two it stays. */
function standOf(closing: Interval, opening: Interval): Stand {
  if (closing.most < 0) return 'falls';
  if (opening.least > 0) return 'rises';
  const [falls, rises] = [closing.least < 0, opening.most > 0];
  if (falls && rises) return 'may move';
  if (falls) return 'may fall';
  return rises ? 'may rise' : 'stays';
}
