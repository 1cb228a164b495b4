import type { Motion } from '../motion/motion';
import { relative } from '../motion/relative';
import { MOST_DOUBT, neededFrom, partsOf, type Body, type Mover, type MovingBody } from '../scene/scene';
import { type Approach } from './approach';
import { approachStill } from './approachStill';
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
import type { Solid } from '../solid/halfSpace';
import { MovingPiece } from './movingPiece';
import { boxGap } from './sweptBoxes';
import { boxOf, type Boxes } from './boxes';
import { outside, touchesOf, type Touch } from './touches';
import type { Verdict } from '../item/verdict';

/** Pressing deeper than this into a touch that is meant, or that was there at the start, is a hit, mm. */
export const TOUCH_DEPTH_MM = 0.01;
/** What stays farther than this is said as such and not measured, mm. */
export const WATCH_DISTANCE_MM = 50;
/** A gap this much under the needed one is still the needed one: a leaf hung 2 mm off 2 mm wanted is not tight. */
const UNDER = 1e-6;

/** One part of a moving body against one part of another over the whole travel. Clearances in mm, travels as the mover's. */
export interface Encounter {
  readonly moving: string;
  readonly still: string;
  /** What that body is of, where it is of another mover that stands there, by its id; else the body itself. */
  readonly neighbour: string;
  readonly needed: number;
  readonly verdict: Verdict;
  /** Least clearance: no less than `lower`, attained at `witness`. Absent where it hits, and for a meant touch alone. */
  readonly least: { readonly lower: number; readonly witness: Witness } | undefined;
  readonly contact: FirstContact | undefined;
  /** Which solid of either part: those in contact, else those of the least clearance. */
  readonly pieces: readonly [number, number] | undefined;
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

/** An encounter with the pairs of pieces it was found of: its curve is drawn of the same. */
export interface EncounterRecord {
  readonly encounter: Encounter;
  readonly pairs: readonly StillPair[];
}

export interface CheckOptions {
  /** Width of a least clearance, mm. */
  readonly tolerance?: number;
  /** Motion between proven free and found in contact, mm. */
  readonly bracket?: number;
  readonly watch?: number;
  /** Curves of clearance, and all blocked stretches: for drawing. */
  readonly curves?: boolean;
  /** In a scene: with the curves of the worst of what every mover meets, not only of those that are asked for. */
  readonly charts?: boolean;
  /** How deep what hits would go, were it pushed on through, without its curves. */
  readonly depths?: boolean;
  /** Of a touch that is meant over the whole travel and never comes about: tell how near it comes, as of any other pair. */
  readonly meantAlways?: boolean;
}

/**
 * A pair of pieces with the travels over which it is held to its needed clearance. Most are spared, so how they approach
 * is worked out when it is first asked.
 */
export class StillPair {
  private made: Approach | undefined;

  /**
   * @param first    the moving piece; where the other moves too, as that one sees it
   * @param second   the other as it stands, or as built where `carrier` moves it
   * @param box      about the other, where it is known
   * @param pieces   their places among the pieces of the moving body and of the other
   * @param apart    at least so far from each other over the whole travel, mm, by their boxes
   */
  constructor(
    private readonly first: MovingPiece,
    private readonly second: Solid,
    private box: Boxes | undefined,
    private readonly carrier: Motion | undefined,
    readonly pieces: readonly [number, number],
    readonly held: readonly (readonly [number, number])[],
    readonly needed: number,
    readonly apart: number,
  ) {}

  get approach(): Approach {
    return (this.made ??= approachStill(this.first, this.second, this.carrier, this.box));
  }

  /** At least so far from each other over a stretch of the travel, mm, by their boxes. */
  apartOver(from: number, to: number): number {
    if (this.second.kind !== 'convex') return 0;
    return boxGap(this.first.boxOver(from, to), (this.box ??= boxOf(this.second.corners)), Infinity);
  }

  /** No faster do they come nearer or part over a stretch of the travel, mm per unit of it. */
  speedOver(from: number, to: number): number {
    return this.first.speedWithin(from, to);
  }
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
function piecePairs(
  mover: Mover,
  moving: MovingBody,
  other: Body | MovingBody,
  touches: readonly Touch[],
  needed: number,
  watch: number,
  counts: Counts,
): StillPair[] {
  const held = outside(touches, mover.from, mover.to);
  const reach = Math.max(watch, needed);
  const pairs: StillPair[] = [];
  if ('motion' in other) {
    const motion = relative(moving.motion, other.motion);
    for (const [i, piece] of moving.pieces.entries()) {
      const first = new MovingPiece(piece, motion);
      for (const [j, obstacle] of other.pieces.entries()) {
        pairs.push(new StillPair(first, obstacle, undefined, other.motion, [i, j], held, needed, 0));
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
      const apart = boxes[j] ? boxGap(sweptBy[i]!, boxes[j]!, reach) : 0;
      if (apart === Infinity) continue;
      counts.survived += 1;
      pairs.push(
        new StillPair(pieces[i]!, other.pieces[j]!, boxes[j], undefined, [i, j], held, needed, apart),
      );
    }
  }
  // The nearest first: what it attains spares most of the others.
  return pairs.sort((a, b) => a.apart - b.apart);
}

/** How far about a mover anything matters, mm. */
export function reachOf({ needs }: Mover, { watch = WATCH_DISTANCE_MM }: CheckOptions): number {
  return Math.max(
    watch,
    MOST_DOUBT + Math.max(needs.around, needs.row?.gap ?? 0, ...Object.values(needs.of)),
  );
}

/** What the pairs of pieces of two bodies come to, pair by pair. */
class Meeting {
  near = false;
  least: LeastClearance | undefined;
  hit: FirstContact | undefined;
  short: FirstContact | undefined;
  startDepth = 0;
  endDepth = 0;
  readonly blocked: Blocked[] = [];
  private leastPieces: StillPair['pieces'] | undefined;
  private hitPieces: StillPair['pieces'] | undefined;
  private readonly bracket: number;

  constructor(
    private readonly mover: Mover,
    private readonly options: CheckOptions,
  ) {
    this.bracket = options.bracket ?? DEFAULT_BRACKET;
  }

  get pieces(): StillPair['pieces'] | undefined {
    return this.hitPieces ?? this.leastPieces;
  }

  /** Whether a pair can neither touch, nor come short of what is needed, nor be nearer than what is attained. */
  spared({ apart, needed }: StillPair): boolean {
    return this.least !== undefined && apart > Math.max(needed, this.least.witness.clearance);
  }

  /** A touch that is meant may not go deeper than it is meant to. */
  press(pair: StillPair, { from, to, depth }: Touch): void {
    const { approach } = pair;
    const floor = -depth - TOUCH_DEPTH_MM;
    const always = this.options.meantAlways === true && pair.held.length === 0;
    const { watch = WATCH_DISTANCE_MM, tolerance = DEFAULT_TOLERANCE } = this.options;
    const answer = leastClearance(approach, from, to, {
      tolerance: always ? tolerance : Infinity,
      decide: always ? [floor, TOUCH_DEPTH_MM] : [floor],
      watch: always ? Math.min(watch, this.least?.witness.clearance ?? Infinity) : Infinity,
      enough: floor,
    });
    const { lower } = answer;
    if (always && lower > TOUCH_DEPTH_MM && !answer.beyondWatch) this.tell(pair, answer);
    if (lower > floor) return;
    if (!this.touch(pair, from, to, floor, from)) return;
    this.near = true;
    if (from === this.mover.from) this.startDepth = Math.max(this.startDepth, -approach.at(from).value);
  }

  /** Everywhere else it is to keep what is needed. */
  keep(pair: StillPair, from: number, to: number): void {
    const { approach, needed } = pair;
    const { watch = WATCH_DISTANCE_MM, tolerance = DEFAULT_TOLERANCE } = this.options;
    const start = from === this.mover.from ? approach.at(from).value : Infinity;
    const level = startLevel(start);
    const answer = leastClearance(approach, from, to, {
      tolerance,
      decide: [level, needed],
      // Of several pairs only the shortest counts: farther than what is attained is as good as out of sight.
      watch: Math.max(needed, Math.min(watch, this.least?.witness.clearance ?? Infinity)),
      enough: level,
    });
    if (answer.beyondWatch) return;
    const nearer =
      answer.lower < needed ? firstContact(approach, from, to, needed - UNDER, this.bracket) : undefined;
    // Where it is known to come short, a place where it does is nearer than one within the width of the answer.
    const found =
      nearer && nearer.at.clearance < answer.witness.clearance ? { ...answer, witness: nearer.at } : answer;
    this.tell(pair, found);
    this.short = earlier(this.short, nearer);
    if (answer.lower > level) return;
    // What is proven to keep its needed clearance needs no second look for a touch.
    this.touch(pair, from, to, level, nearer && level < needed - UNDER ? nearer.free : from);
    this.startDepth = Math.max(this.startDepth, -start);
    if (to === this.mover.to && (this.options.curves || this.options.depths))
      this.endDepth = Math.max(this.endDepth, -approach.at(to).value);
  }

  private tell(pair: StillPair, found: LeastClearance): void {
    this.near = true;
    if (!this.least || found.witness.clearance < this.least.witness.clearance) this.leastPieces = pair.pieces;
    this.least = nearerClearance(this.least, found);
  }

  /** Look from `begin` for where the pair comes to a level; whether it does. */
  private touch(pair: StillPair, from: number, to: number, level: number, begin: number): boolean {
    const { approach, pieces } = pair;
    const found = firstContact(approach, begin, to, level, this.bracket);
    if (!found) return false;
    if (earlier(this.hit, found) === found) [this.hit, this.hitPieces] = [found, pieces];
    if (this.options.curves) this.blocked.push(...blockedStretches(approach, from, to, level, this.bracket));
    return true;
  }
}

/** One body against another, part by part; empty where they are proven to stay beyond the watch distance. */
export function meet(
  mover: Mover,
  moving: MovingBody,
  other: Body | MovingBody,
  options: CheckOptions,
  counts: Counts,
): EncounterRecord[] {
  if (!('motion' in other)) {
    // What is of one row asks for less than what stands about: the most there is holds for all parts.
    const reach = reachOf(mover, options);
    if (boxesApart(swept(moving, mover).whole, standing(other).whole, reach)) {
      counts.pairs += moving.pieces.length * other.pieces.length;
      return [];
    }
  }
  const found: EncounterRecord[] = [];
  for (const two of partsOf(other))
    for (const one of partsOf(moving)) {
      const met = meetPart(mover, one, two, options, counts);
      if (met) found.push(met);
    }
  return found;
}

/**
 * One part against another over the whole travel; undefined where it is proven to stay beyond the watch distance.
 *
 * A meant touch is held to its depth over its own stretch of travel and to the needed clearance outside it. A pair
 * found touching at the start without being declared may part, or stay; pressing in further than `TOUCH` is a hit.
 */
function meetPart(
  mover: Mover,
  moving: MovingBody,
  other: Body | MovingBody,
  options: CheckOptions,
  counts: Counts,
): EncounterRecord | undefined {
  const { watch = WATCH_DISTANCE_MM } = options;
  const needed = neededFrom(mover, other, moving);
  if (
    !('motion' in other) &&
    boxesApart(swept(moving, mover).whole, standing(other).whole, Math.max(watch, needed))
  ) {
    counts.pairs += moving.pieces.length * other.pieces.length;
    return undefined;
  }
  const touches = touchesOf(mover, moving, other);
  const pairs = piecePairs(mover, moving, other, touches, needed, watch, counts);
  if (pairs.length === 0 && touches.length === 0) return undefined;
  const meeting = new Meeting(mover, options);
  for (const pair of pairs) {
    if (meeting.spared(pair)) continue;
    for (const touch of touches) meeting.press(pair, touch);
    for (const [from, to] of pair.held) meeting.keep(pair, from, to);
    counts.evaluations += pair.approach.evaluations;
  }
  const { near, least, hit, short, startDepth, endDepth, pieces, blocked } = meeting;
  if (!near && touches.length === 0) return undefined;
  const encounter: Encounter = {
    moving: moving.id,
    still: other.id,
    neighbour: other.parked ?? other.id,
    needed,
    verdict: hit ? 'hits' : short ? 'tight' : 'clear',
    least: hit || !least ? undefined : { lower: least.lower, witness: least.witness },
    contact: hit,
    pieces,
    blocked: mergedStretches(blocked),
    short,
    startDepth: startDepth > TOUCH_DEPTH_MM ? startDepth : 0,
    endDepth: endDepth > TOUCH_DEPTH_MM ? endDepth : 0,
    deepest: undefined,
    curve: [],
  };
  return { encounter, pairs };
}

/** The level below which a pair hits whose signed separation is `start` at the start: 0, or a hair deeper than a touch it starts from. */
export function startLevel(start: number): number {
  return Math.abs(start) <= TOUCH_DEPTH_MM ? Math.min(start, 0) - TOUCH_DEPTH_MM : 0;
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

export function nearerClearance(a: LeastClearance | undefined, b: LeastClearance): LeastClearance {
  if (!a) return b;
  const witness = b.witness.clearance < a.witness.clearance ? b.witness : a.witness;
  return { lower: Math.min(a.lower, b.lower), witness, beyondWatch: false };
}

function earlier(a: FirstContact | undefined, b: FirstContact | undefined): FirstContact | undefined {
  if (!a || !b) return a ?? b;
  return b.at.travel < a.at.travel ? b : a;
}
