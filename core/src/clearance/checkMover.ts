import type { Body, Mover, MovingBody } from '../scene/scene';
import { onlyShifts } from '../motion/motion';
import { curveOf, share, type CurvePoint } from './curve';
import { Envelope } from './envelope';
import { leastClearance, type LeastClearance } from './leastClearance';
import {
  nearerClearance,
  meet,
  noCounts,
  WATCH_DISTANCE_MM,
  type CheckOptions,
  type Counts,
  type Encounter,
  type EncounterRecord,
  type StillPair,
} from './encounter';
import { RANK, type Verdict } from '../item/verdict';
import { finish } from './steps';

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
  /** The work behind the encounters; that of curves is not counted. */
  readonly counts: Counts;
}

/** Check one mover against everything that stands still, and its own bodies against each other, over its whole travel. */
export function checkMover(mover: Mover, still: readonly Body[], options: CheckOptions = {}): MoverCheck {
  const counts = noCounts();
  const all: EncounterRecord[] = [];
  for (const [moving, other] of meetings(mover, still)) {
    all.push(...meet(mover, moving, other, options, counts));
  }
  const check = moverCheck(mover, all, options, counts);
  if (!options.curves) return check;
  return finish(chartSteps(mover, finish(curveSteps(mover, check, all)), all));
}

/** A track or frame that a joined mover came with. */
export const hangsWith = ({ joined, id }: Mover, { item }: Body): boolean => joined === true && item === id;

/** Every pair of bodies to look at: with what is still, and of the mover's own those that move unlike each other. */
export function* meetings(
  mover: Mover,
  still: readonly Body[],
): Generator<readonly [MovingBody, Body | MovingBody]> {
  const { bodies } = mover;
  for (const [i, moving] of bodies.entries()) {
    for (const other of still) if (!hangsWith(mover, other)) yield [moving, other];
    if (mover.joined) continue;
    for (const other of bodies.slice(i + 1))
      if (other.motion.key !== moving.motion.key) yield [moving, other];
  }
}

/** What a mover's encounters come to. A meant touch that keeps its depth is no news and is left out. */
export function moverCheck(
  mover: Mover,
  all: readonly EncounterRecord[],
  options: CheckOptions,
  counts: Counts,
): MoverCheck {
  const encounters = all
    .map(({ encounter }) => encounter)
    .filter(({ least, contact }) => least || contact)
    .map((encounter): Ranked => ({ encounter, rank: RANK[encounter.verdict], badness: badness(encounter) }))
    .sort(worstFirst)
    .map(({ encounter }) => encounter);
  // Hits that come within a hair of each other are told by name: what is proven free is the least of all.
  const usable = Math.min(mover.to, ...encounters.flatMap(({ contact }) => contact?.free ?? []));
  return {
    id: mover.id,
    verdict: encounters[0]?.verdict ?? 'clear',
    from: mover.from,
    to: mover.to,
    encounters,
    usable,
    comfortable: Math.min(usable, ...encounters.map((e) => e.short?.free ?? mover.to)),
    curve: [],
    watch: options.watch ?? WATCH_DISTANCE_MM,
    counts,
  };
}

/** Those that get a line of their own: all that come short, and of what stays clear the nearest of each neighbour. Worst first. */
export function worthTelling(encounters: readonly Encounter[]): Encounter[] {
  const told = new Set<string>();
  return encounters.filter(({ neighbour, verdict }) => {
    const first = !told.has(neighbour);
    told.add(neighbour);
    return first || verdict !== 'clear';
  });
}

/** More curves than this in one chart are not told apart: the worst are drawn. */
const MOST_CURVES = 4;

/** The same check with the curve of the whole, and with how deep what hits would go. */
export function* curveSteps(
  mover: Mover,
  check: MoverCheck,
  all: readonly EncounterRecord[],
): Generator<void, MoverCheck> {
  const pairsOf = new Map(all.map(({ encounter, pairs }) => [encounter, pairs]));
  const { from, to, watch } = check;
  // The worst first: once it is found at a travel, what can never be as short is not looked at there, nor what comes after.
  const nearest = check.encounters
    .flatMap((encounter) => {
      const lower = encounter.least?.lower ?? 0;
      return pairsOf.get(encounter)!.map((pair) => ({
        pair,
        bound: share({ clearance: Math.max(lower, pair.apart), needed: encounter.needed }),
      }));
    })
    .sort((a, b) => a.bound - b.bound);
  const pairs = nearest.map(({ pair }) => pair);
  const bounds = nearest.map(({ bound }) => bound);
  const must = check.encounters.flatMap(turningPoints);
  const envelope = new Envelope(pairs, bounds, from, to, mover.needs.around, watch);
  yield;
  const curve = curveOf((travel) => envelope.at(travel), from, to, must, shifts(mover));
  yield;
  return { ...withDepths(check, all), curve };
}

/** The same check with the curves of the worst of what it met, for a chart; stops between them. */
export function* chartSteps(
  mover: Mover,
  check: MoverCheck,
  all: readonly EncounterRecord[],
): Generator<void, MoverCheck> {
  const pairsOf = new Map(all.map(({ encounter, pairs }) => [nameOf({ encounter }), pairs]));
  const told = new Set(worthTelling(check.encounters));
  const encounters: Encounter[] = [];
  let drawn = 0;
  for (const encounter of check.encounters) {
    const draw = drawn < MOST_CURVES && told.has(encounter);
    const pairs = pairsOf.get(nameOf({ encounter }))!;
    const curve = draw ? curveOfOne(mover, encounter, pairs, check.watch) : [];
    if (curve.length > 0) drawn += 1;
    encounters.push({ ...encounter, curve });
    yield;
  }
  return { ...check, encounters };
}

const shifts = ({ bodies }: Mover): boolean => bodies.every(({ motion }) => onlyShifts(motion));

function curveOfOne(
  mover: Mover,
  encounter: Encounter,
  pairs: readonly StillPair[],
  watch: number,
): CurvePoint[] {
  if (!pairs.some(({ held }) => held.length > 0)) return [];
  const { from, to } = mover;
  // In the order of how near they can come at all, so that what cannot be the shortest is not asked.
  const bounds = pairs.map(({ apart, needed }) => share({ clearance: apart, needed }));
  const envelope = new Envelope(pairs, bounds, from, to, encounter.needed, watch);
  return curveOf((travel) => envelope.at(travel), from, to, turningPoints(encounter), shifts(mover));
}

/** The same check with how deep what hits would go; nothing is drawn. */
export function withDepths(check: MoverCheck, all: readonly EncounterRecord[]): MoverCheck {
  const pairsOf = new Map(all.map(({ encounter, pairs }) => [encounter, pairs]));
  const encounters = check.encounters.map((encounter) =>
    encounter.contact && !encounter.deepest
      ? { ...encounter, deepest: deepestOf(pairsOf.get(encounter)!, check.from, check.to) }
      : encounter,
  );
  return { ...check, encounters };
}

/** Where two bodies overlap most over the whole travel, touches that are meant with the rest. */
function deepestOf(pairs: readonly StillPair[], from: number, to: number): LeastClearance | undefined {
  let deepest: LeastClearance | undefined;
  for (const { approach } of pairs) {
    const above = deepest?.witness.clearance ?? 0;
    deepest = nearerClearance(deepest, leastClearance(approach, from, to, { watch: above }));
  }
  return deepest;
}

/** The travels that a drawn curve must not miss. */
function turningPoints({ contact, short, least, blocked }: Encounter): number[] {
  const turns = [
    contact?.at.travel,
    short?.at.travel,
    least?.witness.travel,
    ...blocked.map(({ clear }) => clear),
  ];
  return turns.filter((travel) => travel !== undefined);
}

/** Nearer than this two travels or clearances are alike, mm or radians: last digits hang on where a search began. */
const ALIKE = 1e-6;

/** Earlier hits before later ones; then what is shortest of its needed gap; of those alike, by name: never as they happened to be found. */
function worstFirst(a: Ranked, b: Ranked): number {
  return a.rank - b.rank || a.badness - b.badness || (nameOf(a) < nameOf(b) ? -1 : 1);
}

/** An encounter with what it is sorted by, worked out once. */
interface Ranked {
  readonly encounter: Encounter;
  readonly rank: number;
  readonly badness: number;
}

const badness = ({ contact, least, needed }: Encounter): number =>
  Math.round((contact?.at.travel ?? (least ? least.witness.clearance - needed : 1e9)) / ALIKE);

const nameOf = ({ encounter: { moving, still } }: Pick<Ranked, 'encounter'>) => `${moving} ${still}`;
