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

/** How far the mover may move between proven free and found in contact, mm. */
export const DEFAULT_BRACKET = 0.001;
/** A graze that stays undecided over a motion this short, mm, counts as contact. */
const SHORTEST = 1e-7;

/**
 * First travel at which the signed separation falls to `level` or below, or undefined where it is proven never to.
 *
 * Marches from `from`: at each pose the closed-form bound says how far ahead the separation must stay above the
 * level; near a contact these steps shrink as Newton's do. When a step is shorter than the bracket, the far end of
 * the bracket is tried; if it is not yet in contact the short stretch is proven free, or halved until it is decided.
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
  const shortStep = bracket / Math.max(approach.speed, 1e-9);
  let free = from;
  for (;;) {
    if (approach.at(free).value <= level) return { free, at: witnessOf(approach, free) };
    const ahead = approach.freeAhead(level);
    if (free + ahead >= to) return undefined;
    if (ahead > shortStep) {
      free += ahead;
      continue;
    }
    const end = Math.min(free + shortStep, to);
    const found = withinStretch(approach, free, end, level);
    if (found) return found;
    if (end === to) return undefined;
    free = end;
  }
}

/** Contact within a stretch as short as the bracket: at its end, or at a graze inside it. Its start is free. */
function withinStretch(
  approach: Approach,
  from: number,
  to: number,
  level: number,
): FirstContact | undefined {
  if (approach.at(to).value <= level) return { free: from, at: witnessOf(approach, to) };
  const middle = (from + to) / 2;
  const here = approach.at(middle).value;
  if (here <= level) return { free: from, at: witnessOf(approach, middle) };
  if (approach.lowerBound(middle - from, to - middle) > level) return undefined;
  if ((to - from) * approach.speed <= SHORTEST) return { free: from, at: witnessOf(approach, middle) };
  return withinStretch(approach, from, middle, level) ?? withinStretch(approach, middle, to, level);
}
