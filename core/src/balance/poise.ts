import type { Figure } from './bounds';
import type { Conditions, Effort } from './force';
import { over, scaled, type Interval } from './interval';

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
export function driveOf(efforts: readonly Effort[], conditions: Conditions): Figure {
  const acting = together(efforts.filter(({ key }) => !conditions.failed.has(key)));
  return (from, to) => {
    let [least, most] = [0, 0];
    for (const { effort, times } of acting) {
      const does = effort.over(from, to, conditions);
      least += times * does.least;
      most += times * does.most;
    }
    // Comparing with what is no number would prove anything.
    if (Number.isNaN(least) || Number.isNaN(most))
      throw new Error('What drives a mover came out as no number.');
    return { least, most };
  };
}

/** Efforts that are alike, once each with how many there are. */
function together(efforts: readonly Effort[]): { readonly effort: Effort; readonly times: number }[] {
  const found: { effort: Effort; times: number }[] = [];
  for (const effort of efforts) {
    const same = found.find((one) => effort.alike !== undefined && one.effort.alike === effort.alike);
    if (same) same.times += 1;
    else found.push({ effort, times: 1 });
  }
  return found;
}

interface Known {
  readonly to: number;
  readonly found: Interval;
  readonly next: Known | undefined;
}

/** The same figure, which works out no stretch twice: all that looks at one halves the same travel, and few stretches begin at one place. */
export function remembered(figure: Figure): Figure {
  const known = new Map<number, Known>();
  return (from, to) => {
    const begins = known.get(from);
    for (let one = begins; one; one = one.next) if (one.to === to) return one.found;
    const found = figure(from, to);
    known.set(from, { to, found, next: begins });
    return found;
  };
}

/** What drives a mover as it opens, and as it closes. */
export interface Drives {
  readonly opening: Figure;
  readonly closing: Figure;
}

export const drivesOf = (efforts: readonly Effort[], conditions: Omit<Conditions, 'sense'>): Drives => ({
  opening: remembered(driveOf(efforts, { ...conditions, sense: 1 })),
  closing: remembered(driveOf(efforts, { ...conditions, sense: -1 })),
});

/**
 * What a hand gives at the handle as it opens: lifts, or holds back where that is less than 0; and as it closes: pushes, or holds back, N.
 */
export const handIn = (
  { opening, closing }: Drives,
  handle: Figure,
): { readonly lift: Figure; readonly shut: Figure } => ({
  lift: (from, to) => over(scaled(opening(from, to), -1), handle(from, to)),
  shut: (from, to) => over(closing(from, to), handle(from, to)),
});

/** The same as it goes one way. */
export function handOf({ efforts, handle }: Poised, conditions: Conditions): Figure {
  const hand = handIn(drivesOf(efforts, conditions), handle);
  return conditions.sense === 1 ? hand.lift : hand.shut;
}

/** As fine as the travel is divided where it may do either, where nothing can be proven, and where one stand goes over into another: shares of all of it. */
const UNDECIDED = 1 / 8;
const UNPROVEN = 1 / 64;
const CHANGE = 1 / 2048;

/**
 * What a mover does by itself, stretch by stretch. That it falls, stays or rises is proven of every travel in its stretch; where neither
 * is, it may.
 */
export function standsOver({ opening, closing }: Drives, ends: readonly number[]): Stretch[] {
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
    if (width <= whole * UNDECIDED) {
      const [first, last] = [judged(from, from), judged(to, to)];
      // That it may do either is true of all stands between as well.
      if (stand === first && first === last) return put(from, to, stand);
      // Where nothing is proven only a change from one stand to another is looked for more finely.
      const fine = first === last ? UNPROVEN : CHANGE;
      if (width <= whole * fine) return put(from, to, first === last && !isProven(first) ? first : stand);
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
