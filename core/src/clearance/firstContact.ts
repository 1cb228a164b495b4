import type { Approach } from './approach';
import { witnessOf, type Witness } from './leastClearance';

/**
 * Where a moving piece first comes as near as a given level: proven free up to `free`, found within at `at.travel`.
 * Between the two no point moves farther than the bracket asked for.
 */
export interface FirstContact {
  readonly free: number;
  readonly at: Witness;
}

/** A stretch of travel on which a piece is nearer than a level: from its first contact to where it is proven out again. */
export interface Blocked extends FirstContact {
  /** Within the level until here at least, and out of it at `clear`; both the end of the travel where it ends inside. */
  readonly until: number;
  readonly clear: number;
}

/** How far the mover may move between proven free and found in contact, mm. */
export const DEFAULT_BRACKET = 0.001;
/** A graze that stays undecided over a motion this short, mm, counts as contact. */
const SHORTEST = 1e-7;

/** A travel within the level and one out of it, brought together to a width. */
function exitBetween(
  approach: Approach,
  inside: number,
  out: number,
  level: number,
  width: number,
): readonly [number, number] {
  let [until, clear] = [inside, out];
  while (clear - until > width) {
    const middle = (until + clear) / 2;
    if (approach.at(middle, level).value <= level) until = middle;
    else clear = middle;
  }
  return [until, clear];
}

/**
 * First travel at which the signed separation falls to `level` or below, or undefined where it is proven never to.
 *
 * Marches from `from`: at each pose the bound says how far ahead the separation must stay above the level; near a
 * contact these steps shrink as Newton's do. When a step is shorter than the bracket, the far end of the bracket is
 * tried; if it is not yet in contact the short stretch is proven free, or halved until it is decided.
 *
 * @param bracket  mm of motion between the two travels of the answer
 */
export function firstContact(
  approach: Approach,
  from: number,
  to: number,
  level = 0,
  bracket = DEFAULT_BRACKET,
): FirstContact | undefined {
  const ends = [...approach.knots.filter((knot) => knot > from && knot < to), to];
  let free = from;
  for (const end of ends) {
    // A motion may change at a knot: each stretch is asked from just inside it.
    const found = contactWithin(approach, free, end, level, bracket);
    if (found) return found;
    free = end;
  }
  return undefined;
}

function contactWithin(
  approach: Approach,
  from: number,
  to: number,
  level: number,
  bracket: number,
): FirstContact | undefined {
  let free = from;
  while (free < to) {
    if (approach.at(free, level).value <= level) return { free, at: witnessOf(approach, free) };
    const ahead = approach.reach(level, 1, to - free);
    if (free + ahead >= to) break;
    const shortStep = bracket / Math.max(approach.speedOver(0, Math.min(to - free, 2 * ahead + 1e-6)), 1e-9);
    if (ahead > shortStep) {
      free += ahead;
      continue;
    }
    const end = Math.min(free + shortStep, to);
    const found = withinShort(approach, free, end, level);
    if (found) return found;
    free = end;
  }
  return approach.at(to, level).value <= level ? { free: to, at: witnessOf(approach, to) } : undefined;
}

/** Contact within a stretch as short as the bracket: at its end, or at a graze inside it. Its start is free. */
function withinShort(approach: Approach, from: number, to: number, level: number): FirstContact | undefined {
  if (approach.at(to, level).value <= level) return { free: from, at: witnessOf(approach, to) };
  const middle = (from + to) / 2;
  const here = approach.at(middle, level).value;
  if (here <= level) return { free: from, at: witnessOf(approach, middle) };
  if (approach.lowerBound(middle - from, to - middle, level) > level) return undefined;
  const motion = (to - from) * approach.speedOver(middle - from, to - middle);
  if (motion <= SHORTEST) return { free: from, at: witnessOf(approach, middle) };
  return withinShort(approach, from, middle, level) ?? withinShort(approach, middle, to, level);
}

/** How far the travel can go on, at most to `to`, while no point moves by more than `room`, mm. */
function wayOut(approach: Approach, at: number, to: number, room: number): number {
  const knot = approach.knots.find((one) => one > at + Number.EPSILON * Math.abs(at) && one < to) ?? to;
  // Over a long stretch a motion may bound nothing: over a short enough one it does.
  for (let stretch = knot - at; ; stretch /= 2) {
    const speed = approach.speedOver(0, stretch);
    if (speed * stretch <= room) return stretch;
    if (speed < Infinity) return Math.max(room / speed, 1e-12 * (to - at));
  }
}

/** A way out of a touch and in again that is shorter than this share of the travel is not told: nothing could use it. */
const NO_WAY_OUT = 1 / 512;
/** Where a way out begins is told to this share of the travel. */
const EXIT = 2 ** -24;

/**
 * Every stretch of travel on which the separation is at or below `level`, in order.
 *
 * Inside one the way out is marched too: no point moves faster than the motion's bound, so a depth of d keeps the
 * piece inside for at least d over that speed. Where it only slides along in touch, steps are a share of the travel.
 */
export function blockedStretches(
  approach: Approach,
  from: number,
  to: number,
  level = 0,
  bracket = DEFAULT_BRACKET,
): Blocked[] {
  const stretches: Blocked[] = [];
  let start = from;
  while (start < to) {
    const contact = firstContact(approach, start, to, level, bracket);
    if (!contact) break;
    let until = contact.at.travel;
    let clear = to;
    while (until < to) {
      const depth = level - approach.at(until).value;
      const step = Math.max(wayOut(approach, until, to, Math.max(depth, bracket)), NO_WAY_OUT * (to - from));
      const next = Math.min(to, until + step);
      if (approach.at(next, level).value > level) {
        [until, clear] = exitBetween(approach, until, next, level, EXIT * (to - from));
        break;
      }
      until = next;
    }
    stretches.push({ ...contact, until, clear });
    start = clear;
  }
  return stretches;
}
