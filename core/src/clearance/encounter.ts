import { AT_REST } from '../motion/motion';
import { relative } from '../motion/relative';
import type { Body, IntendedContact, Mover, MovingBody } from '../scene/scene';
import { approachMoving, approachStill, type Approach } from './approach';
import type { CurvePoint } from './curve';
import {
  blockedStretches,
  DEFAULT_BRACKET,
  firstContact,
  type Blocked,
  type FirstContact,
} from './firstContact';
import { DEFAULT_TOLERANCE, leastClearance, type LeastClearance, type Witness } from './leastClearance';
import { boxesApart, standing, swept } from './extent';
import { MovingPiece } from './movingPiece';
import { mayMeet } from './sweptBoxes';

/** Pressing deeper than this into a touch that is meant, or that was there at the start, is a hit, mm. */
export const TOUCH = 0.01;
/** What stays farther than this is said as such and not measured, mm. */
export const WATCH = 50;
/** A gap this much under the needed one is still the needed one: a leaf hung 2 mm off 2 mm wanted is not tight. */
const UNDER = 1e-6;

export type Verdict = 'clear' | 'tight' | 'hits';

/** One moving body against one other over the whole travel. Clearances in mm, travels as the mover's. */
export interface Encounter {
  readonly moving: string;
  readonly still: string;
  readonly needed: number;
  readonly verdict: Verdict;
  /** Least clearance: no less than `lower`, attained at `witness`. Absent where it hits, and for a meant touch alone. */
  readonly least: { readonly lower: number; readonly witness: Witness } | undefined;
  readonly contact: FirstContact | undefined;
  /** Every stretch of travel on which it hits, in order, where they were asked for. */
  readonly blocked: readonly Blocked[];
  /** Where the clearance first falls to less than needed; absent where it never does. */
  readonly short: FirstContact | undefined;
  /** Inside it by this much at the start, and where curves were asked for at the end, of the travel, mm; 0 where it is not. */
  readonly startDepth: number;
  readonly endDepth: number;
  /** Where it would be deepest inside, were it pushed on through; of what hits, where curves were asked for. */
  readonly deepest: LeastClearance | undefined;
  /** Its clearance over the travel, cut off at the watch distance; empty where none was asked for. */
  readonly curve: readonly CurvePoint[];
}

export interface CheckOptions {
  /** Width of a least clearance, mm. */
  readonly tolerance?: number;
  /** Motion between proven free and found in contact, mm. */
  readonly bracket?: number;
  readonly watch?: number;
  /** Curves of clearance, and all blocked stretches: for drawing. */
  readonly curves?: boolean;
}

/** The pair of pieces with the travels over which it is held to its needed clearance. */
export interface PiecePair {
  readonly approach: Approach;
  readonly held: readonly (readonly [number, number])[];
  readonly needed: number;
}

/** Counts of the work: pairs of pieces looked at, those that survived the boxes, distance evaluations. */
export interface Counts {
  pairs: number;
  survived: number;
  evaluations: number;
}

export const noCounts = (): Counts => ({ pairs: 0, survived: 0, evaluations: 0 });

/**
 * The pairs of pieces of two bodies that may come within the watch distance, with what each is held to.
 * `other` stands still, unless it is a body of the same mover that moves its own way.
 */
export function piecePairs(
  mover: Mover,
  moving: MovingBody,
  other: Body | MovingBody,
  watch: number,
  counts: Counts,
): PiecePair[] {
  const needed = mover.needs.of[other.id] ?? mover.needs.around;
  const held = stretchesOutside(contactOf(mover, moving, other), mover.from, mover.to);
  const reach = Math.max(watch, needed);
  const pairs: PiecePair[] = [];
  if ('motion' in other) {
    const [a, b] = relative(moving.motion, other.motion);
    for (const piece of moving.pieces) {
      const first = new MovingPiece(piece, a);
      for (const obstacle of other.pieces) {
        const approach =
          b === AT_REST
            ? approachStill(first, obstacle)
            : approachMoving(first, new MovingPiece(obstacle, b));
        pairs.push({ approach, held, needed });
      }
    }
    counts.pairs += pairs.length;
    counts.survived += pairs.length;
    return pairs;
  }
  const { pieces, boxes: sweptBy } = swept(moving, mover);
  const { boxes } = standing(other);
  for (let i = 0; i < pieces.length; i += 1) {
    for (let j = 0; j < boxes.length; j += 1) {
      counts.pairs += 1;
      if (boxes[j] && !mayMeet(sweptBy[i]!, boxes[j]!, reach)) continue;
      counts.survived += 1;
      pairs.push({ approach: approachStill(pieces[i]!, other.pieces[j]!), held, needed });
    }
  }
  return pairs;
}

/** How far about a mover anything matters, mm. */
export function reachOf({ needs }: Mover, { watch = WATCH }: CheckOptions): number {
  return Math.max(watch, needs.around, ...Object.values(needs.of));
}

function contactOf(mover: Mover, moving: Body, other: Body): IntendedContact | undefined {
  return mover.contacts.find((c) => c.moving === moving.id && c.still === other.id);
}

/**
 * One body against another over the whole travel; undefined where it is proven to stay beyond the watch distance.
 *
 * A meant touch is held to its depth over its own stretch of travel and to the needed clearance outside it. A pair
 * found touching at the start without being declared may part, or stay; pressing in further than `TOUCH` is a hit.
 */
export function meet(
  mover: Mover,
  moving: MovingBody,
  other: Body | MovingBody,
  options: CheckOptions,
  counts: Counts,
): Encounter | undefined {
  const { watch = WATCH, tolerance = DEFAULT_TOLERANCE, bracket = DEFAULT_BRACKET } = options;
  const needed = mover.needs.of[other.id] ?? mover.needs.around;
  if (
    !('motion' in other) &&
    boxesApart(swept(moving, mover).whole, standing(other).whole, Math.max(watch, needed))
  ) {
    counts.pairs += moving.pieces.length * other.pieces.length;
    return undefined;
  }
  const contact = contactOf(mover, moving, other);
  let near = false;
  let least: LeastClearance | undefined;
  let hit: FirstContact | undefined;
  let short: FirstContact | undefined;
  let startDepth = 0;
  let endDepth = 0;
  const blocked: Blocked[] = [];

  for (const { approach, held } of piecePairs(mover, moving, other, watch, counts)) {
    if (contact) {
      const found = pressesIn(approach, contact, bracket);
      hit = earlier(hit, found);
      if (found) near = true;
      if (found && contact.from === mover.from)
        startDepth = Math.max(startDepth, -approach.at(mover.from).value);
    }
    for (const [from, to] of held) {
      const start = from === mover.from ? approach.at(from).value : Infinity;
      const level = startLevel(start);
      const answer = leastClearance(approach, from, to, {
        tolerance,
        decide: [level, needed],
        watch: Math.max(watch, needed),
        enough: level,
      });
      if (answer.beyondWatch) continue;
      near = true;
      least = lesser(least, answer);
      const nearer =
        answer.lower < needed ? firstContact(approach, from, to, needed - UNDER, bracket) : undefined;
      short = earlier(short, nearer);
      if (answer.lower > level) continue;
      // What is proven to keep its needed clearance needs no second look for a touch.
      const begin = nearer && level < needed - UNDER ? nearer.free : from;
      const touched = firstContact(approach, begin, to, level, bracket);
      hit = earlier(hit, touched);
      if (touched && options.curves) blocked.push(...blockedStretches(approach, from, to, level, bracket));
      startDepth = Math.max(startDepth, -start);
      if (to === mover.to && options.curves) endDepth = Math.max(endDepth, -approach.at(to).value);
    }
    counts.evaluations += approach.evaluations;
  }
  if (!near && !contact) return undefined;
  return {
    moving: moving.id,
    still: other.id,
    needed,
    verdict: hit ? 'hits' : short ? 'tight' : 'clear',
    least: hit || !least ? undefined : { lower: least.lower, witness: least.witness },
    contact: hit,
    blocked: mergedStretches(blocked),
    short,
    startDepth: startDepth > TOUCH ? startDepth : 0,
    endDepth: endDepth > TOUCH ? endDepth : 0,
    deepest: undefined,
    curve: [],
  };
}

/** The level below which the pair hits: 0, or a hair deeper than a touch it starts from. */
function startLevel(start: number): number {
  return Math.abs(start) <= TOUCH ? Math.min(start, 0) - TOUCH : 0;
}

/** The first travel at which a meant touch goes deeper than it may. */
function pressesIn(approach: Approach, contact: IntendedContact, bracket: number): FirstContact | undefined {
  const floor = -contact.depth - TOUCH;
  const { lower } = leastClearance(approach, contact.from, contact.to, {
    tolerance: Infinity,
    decide: [floor],
    enough: floor,
  });
  return lower > floor ? undefined : firstContact(approach, contact.from, contact.to, floor, bracket);
}

function stretchesOutside(
  contact: IntendedContact | undefined,
  from: number,
  to: number,
): [number, number][] {
  if (!contact) return [[from, to]];
  const stretches: [number, number][] = [
    [from, Math.min(to, contact.from)],
    [Math.max(from, contact.to), to],
  ];
  return stretches.filter(([a, b]) => b > a);
}

/** Stretches of several pieces as one list without overlap. */
function mergedStretches(stretches: readonly Blocked[]): Blocked[] {
  const merged: Blocked[] = [];
  for (const next of [...stretches].sort((a, b) => a.free - b.free)) {
    const last = merged[merged.length - 1];
    if (!last || next.free > last.clear) merged.push(next);
    else if (next.clear > last.clear)
      merged[merged.length - 1] = { ...last, until: Math.max(last.until, next.until), clear: next.clear };
  }
  return merged;
}

export function lesser(a: LeastClearance | undefined, b: LeastClearance): LeastClearance {
  if (!a) return b;
  const witness = b.witness.clearance < a.witness.clearance ? b.witness : a.witness;
  return { lower: Math.min(a.lower, b.lower), witness, beyondWatch: false };
}

function earlier(a: FirstContact | undefined, b: FirstContact | undefined): FirstContact | undefined {
  if (!a || !b) return a ?? b;
  return b.at.travel < a.at.travel ? b : a;
}
