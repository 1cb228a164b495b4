import type { Body, IntendedContact, Mover, MovingBody } from '../scene/scene';
import { approachStill, type Approach } from './approach';
import { curveOf, share, type CurvePoint } from './curve';
import { DEFAULT_BRACKET, firstContact, type FirstContact } from './firstContact';
import { DEFAULT_TOLERANCE, leastClearance, type LeastClearance, type Witness } from './leastClearance';

/** Pressing deeper than this into a touch that is meant, or that was there at the start, is a hit, mm. */
export const TOUCH = 0.01;
/** What stays farther than this is said as such and not measured, mm. */
export const WATCH = 50;

export type Verdict = 'clear' | 'tight' | 'hits';

/** One moving body against one still body over the whole travel. Clearances in mm, travels as the joint's. */
export interface Encounter {
  readonly moving: string;
  readonly still: string;
  readonly needed: number;
  readonly verdict: Verdict;
  /** Least clearance: no less than `lower`, attained at `witness`. Absent where it hits, and for a meant touch alone. */
  readonly least: { readonly lower: number; readonly witness: Witness } | undefined;
  readonly contact: FirstContact | undefined;
  /** Where the clearance first falls to less than needed; absent where it never does. */
  readonly short: FirstContact | undefined;
  /** Inside it by this much at the start, and at the end, of the travel, mm; 0 where it is not. */
  readonly startDepth: number;
  readonly endDepth: number;
  /** Its clearance over the travel, cut off at the watch distance; empty where only a meant touch was looked at. */
  readonly curve: readonly CurvePoint[];
}

/** What a mover meets. `curve` is, at each travel, the clearance that is shortest of what it needs. */
export interface MoverCheck {
  readonly id: string;
  readonly verdict: Verdict;
  readonly from: number;
  readonly to: number;
  /** Worst first. What stays beyond the watch distance is left out. */
  readonly encounters: readonly Encounter[];
  /** Travel proven free of hits from the start, and proven to keep every needed clearance. */
  readonly usable: number;
  readonly comfortable: number;
  readonly curve: readonly CurvePoint[];
  readonly watch: number;
  /** Distance evaluations behind the encounters; those of the curve are not counted. */
  readonly evaluations: number;
}

export interface CheckOptions {
  readonly tolerance?: number;
  readonly bracket?: number;
  readonly watch?: number;
}

interface Watched {
  readonly approach: Approach;
  /** Travels over which this pair is held to its needed clearance. */
  readonly held: readonly (readonly [number, number])[];
  readonly needed: number;
}

/**
 * Check one mover against everything still, over its whole travel.
 *
 * A meant touch is held to its depth over its own stretch of travel and to the needed clearance outside it. A pair
 * found touching at the start without being declared may part, or stay; pressing in further than `TOUCH` is a hit.
 */
export function checkMover(mover: Mover, still: readonly Body[], options: CheckOptions = {}): MoverCheck {
  const { watch = WATCH } = options;
  const encounters: Encounter[] = [];
  const watched: Watched[] = [];
  let evaluations = 0;
  for (const moving of mover.bodies) {
    for (const other of still) {
      const meeting = meet(mover, moving, other, { ...options, watch });
      evaluations += meeting.evaluations;
      if (!meeting.encounter) continue;
      encounters.push(meeting.encounter);
      watched.push(...meeting.watched);
    }
  }
  encounters.sort(worstFirst);
  const hit = encounters.find((e) => e.contact)?.contact;
  const usable = hit ? hit.free : mover.to;
  const comfortable = Math.min(usable, ...encounters.map((e) => e.short?.free ?? mover.to));
  const must = encounters.flatMap(turningPoints);
  const curve = curveOf(
    (travel) => worstAt(watched, travel, mover.needs.around, watch),
    mover.from,
    mover.to,
    must,
  );
  const verdict = encounters[0]?.verdict ?? 'clear';
  return {
    id: mover.id,
    verdict,
    from: mover.from,
    to: mover.to,
    encounters,
    usable,
    comfortable,
    curve,
    watch,
    evaluations,
  };
}

/** The travels that a drawn curve must not miss. */
function turningPoints({ contact, short, least }: Pick<Encounter, 'contact' | 'short' | 'least'>): number[] {
  return [contact?.at.travel, short?.at.travel, least?.witness.travel].filter(
    (travel) => travel !== undefined,
  );
}

function worstAt(watched: readonly Watched[], travel: number, around: number, watch: number): CurvePoint {
  let worst: CurvePoint = { travel, clearance: watch, needed: around };
  for (const { approach, held, needed } of watched) {
    if (!held.some(([from, to]) => travel >= from && travel <= to)) continue;
    const here = { travel, clearance: approach.at(travel).value, needed };
    if (share(here) < share(worst) || here.clearance < Math.min(0, worst.clearance)) worst = here;
  }
  return worst;
}

const RANK: Record<Verdict, number> = { hits: 0, tight: 1, clear: 2 };

/** Earlier hits before later ones; then what is shortest of its needed gap. */
function worstFirst(a: Encounter, b: Encounter): number {
  if (a.verdict !== b.verdict) return RANK[a.verdict] - RANK[b.verdict];
  if (a.contact && b.contact) return a.contact.at.travel - b.contact.at.travel;
  const spare = (e: Encounter) => (e.least ? e.least.witness.clearance - e.needed : Infinity);
  return spare(a) - spare(b);
}

interface Meeting {
  readonly encounter: Encounter | undefined;
  readonly watched: readonly Watched[];
  readonly evaluations: number;
}

function meet(
  mover: Mover,
  moving: MovingBody,
  other: Body,
  options: CheckOptions & { watch: number },
): Meeting {
  const { watch, tolerance = DEFAULT_TOLERANCE, bracket = DEFAULT_BRACKET } = options;
  const needed = mover.needs.of[other.id] ?? mover.needs.around;
  const contact = mover.contacts.find((c) => c.moving === moving.id && c.still === other.id);
  const held = stretchesOutside(contact, mover.from, mover.to);
  const watched: Watched[] = [];
  let evaluations = 0;
  let least: LeastClearance | undefined;
  let hit: FirstContact | undefined;
  let short: FirstContact | undefined;
  let startDepth = 0;
  let endDepth = 0;

  for (const piece of moving.pieces) {
    for (const obstacle of other.pieces) {
      const approach = approachStill({ piece, motion: mover.motion }, obstacle);
      let near = false;
      if (contact) {
        const found = pressesIn(approach, contact, bracket);
        hit = earlier(hit, found);
        near = found !== undefined;
        if (near && contact.from === mover.from)
          startDepth = Math.max(startDepth, -approach.at(mover.from).value);
      }
      for (const [from, to] of held) {
        const start = approach.at(from).value;
        const touchesAtStart = from === mover.from && Math.abs(start) <= TOUCH;
        const level = touchesAtStart ? Math.min(start, 0) - TOUCH : 0;
        const answer = leastClearance(approach, from, to, {
          tolerance,
          decide: [level, needed],
          watch: Math.max(watch, needed),
          enough: level,
        });
        if (answer.beyondWatch) continue;
        near = true;
        least = lesser(least, answer);
        if (answer.lower <= level) hit = earlier(hit, firstContact(approach, from, to, level, bracket));
        if (answer.lower < needed)
          short = earlier(short, firstContact(approach, from, to, needed - UNDER, bracket));
        if (from === mover.from) startDepth = Math.max(startDepth, -start);
        if (to === mover.to) endDepth = Math.max(endDepth, -approach.at(to).value);
      }
      evaluations += approach.evaluations;
      if (near) watched.push({ approach, held, needed });
    }
  }
  if (watched.length === 0) return { encounter: undefined, watched, evaluations };
  const verdict: Verdict = hit ? 'hits' : short ? 'tight' : 'clear';
  const found = {
    contact: hit,
    short,
    least: hit || !least ? undefined : { lower: least.lower, witness: least.witness },
  };
  const curve =
    held.length > 0
      ? curveOf(
          (travel) => worstAt(watched, travel, needed, watch),
          mover.from,
          mover.to,
          turningPoints(found),
        )
      : [];
  const encounter: Encounter = {
    ...found,
    moving: moving.id,
    still: other.id,
    needed,
    verdict,
    startDepth: startDepth > TOUCH ? startDepth : 0,
    endDepth: endDepth > TOUCH ? endDepth : 0,
    curve,
  };
  return { encounter, watched, evaluations };
}

/** A gap this much under the needed one is still the needed one: a leaf hung 2 mm off 2 mm wanted is not tight. */
const UNDER = 1e-6;

/** The first travel at which a meant touch goes deeper than it may. */
function pressesIn(approach: Approach, contact: IntendedContact, bracket: number): FirstContact | undefined {
  const floor = -contact.depth - TOUCH;
  const { lower } = leastClearance(approach, contact.from, contact.to, {
    tolerance: Infinity,
    decide: [floor],
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

function lesser(a: LeastClearance | undefined, b: LeastClearance): LeastClearance {
  if (!a) return b;
  const witness = b.witness.clearance < a.witness.clearance ? b.witness : a.witness;
  return { lower: Math.min(a.lower, b.lower), witness, beyondWatch: false };
}

function earlier(a: FirstContact | undefined, b: FirstContact | undefined): FirstContact | undefined {
  if (!a || !b) return a ?? b;
  return b.at.travel < a.at.travel ? b : a;
}
