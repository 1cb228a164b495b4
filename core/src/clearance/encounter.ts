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
import { boxOf, mayMeet, sweptBoxes, type Boxes } from './sweptBoxes';

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

const sweptOf = new WeakMap<MovingBody, { from: number; to: number; boxes: Boxes[] }>();
const boxesOf = new WeakMap<Body, (Boxes | undefined)[]>();

/** The boxes a body sweeps over its mover's travel, piece by piece; made once. */
function sweptBoxesOf(moving: MovingBody, { from, to }: Mover): Boxes[] {
  const known = sweptOf.get(moving);
  if (known && known.from === from && known.to === to) return known.boxes;
  const boxes = moving.pieces.map((piece) => sweptBoxes(piece, moving.motion, from, to));
  sweptOf.set(moving, { from, to, boxes });
  return boxes;
}

function stillBoxesOf(body: Body): (Boxes | undefined)[] {
  let boxes = boxesOf.get(body);
  if (!boxes) {
    boxes = body.pieces.map((piece) => (piece.kind === 'convex' ? boxOf(piece.corners) : undefined));
    boxesOf.set(body, boxes);
  }
  return boxes;
}

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
      for (const obstacle of other.pieces) {
        counts.pairs += 1;
        counts.survived += 1;
        pairs.push({
          approach: approachMoving({ piece, motion: a }, { piece: obstacle, motion: b }),
          held,
          needed,
        });
      }
    }
    return pairs;
  }
  const swept = sweptBoxesOf(moving, mover);
  const boxes = stillBoxesOf(other);
  for (let i = 0; i < swept.length; i += 1) {
    for (let j = 0; j < boxes.length; j += 1) {
      counts.pairs += 1;
      if (boxes[j] && !mayMeet(swept[i]!, boxes[j]!, reach)) continue;
      counts.survived += 1;
      pairs.push({
        approach: approachStill({ piece: moving.pieces[i]!, motion: moving.motion }, other.pieces[j]!),
        held,
        needed,
      });
    }
  }
  return pairs;
}

const wholeOf = new WeakMap<Body, Boxes>();
const sweptWholeOf = new WeakMap<Body, Boxes>();

/** One box about all that stands still of a body; of all space where a piece has none. */
export const stillBox = (body: Body): Boxes => wholeBox(wholeOf, body, () => stillBoxesOf(body));

/** One box about all a body sweeps. */
export const sweptBox = (moving: MovingBody, mover: Mover): Boxes =>
  wholeBox(sweptWholeOf, moving, () => sweptBoxesOf(moving, mover));

/** Whether two boxes are farther apart than `reach` mm along an axis. */
export function boxesApart(a: Boxes, b: Boxes, reach: number): boolean {
  return (
    a[0]! - b[3]! > reach ||
    b[0]! - a[3]! > reach ||
    a[1]! - b[4]! > reach ||
    b[1]! - a[4]! > reach ||
    a[2]! - b[5]! > reach ||
    b[2]! - a[5]! > reach
  );
}

/** How far about a mover anything matters, mm. */
export function reachOf({ needs }: Mover, { watch = WATCH }: CheckOptions): number {
  return Math.max(watch, needs.around, ...Object.values(needs.of));
}

/** One box about the first box of each list; of all space where a piece has none. */
function wholeBox(
  kept: WeakMap<Body, Boxes>,
  body: Body,
  boxes: () => readonly (Boxes | undefined)[],
): Boxes {
  let whole = kept.get(body);
  if (whole) return whole;
  whole = Float64Array.of(Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity);
  for (const box of boxes()) {
    for (let axis = 0; axis < 3; axis += 1) {
      whole[axis] = Math.min(whole[axis]!, box ? box[axis]! : -Infinity);
      whole[3 + axis] = Math.max(whole[3 + axis]!, box ? box[3 + axis]! : Infinity);
    }
  }
  kept.set(body, whole);
  return whole;
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
  if (!('motion' in other) && boxesApart(sweptBox(moving, mover), stillBox(other), Math.max(watch, needed))) {
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

function lesser(a: LeastClearance | undefined, b: LeastClearance): LeastClearance {
  if (!a) return b;
  const witness = b.witness.clearance < a.witness.clearance ? b.witness : a.witness;
  return { lower: Math.min(a.lower, b.lower), witness, beyondWatch: false };
}

function earlier(a: FirstContact | undefined, b: FirstContact | undefined): FirstContact | undefined {
  if (!a || !b) return a ?? b;
  return b.at.travel < a.at.travel ? b : a;
}
