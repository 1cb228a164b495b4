import { freeBeside } from '../clearance/freeBeside';
import { WATCH_DISTANCE_MM } from '../clearance/encounter';
import { BLOCKED, FREE } from '../clearance/cellState';
import {
  CELLS,
  groundAlong,
  relationOf,
  swapped,
  type PairMap,
  type PairRelation,
} from '../clearance/pairMap';
import { airBetween } from '../clearance/pairMaps';
import { isRiderOf } from '../clearance/riderSquare';
import { isWayThrough, provenParted } from '../clearance/wayThrough';
import { lengthMark, sayLengths } from '../length/lengthMark';
import { MM_PER_INCH, type Units } from '../length/units';
import { sameThing, type Mover } from '../scene/scene';
import { shortfallText, travelText } from './words';

/**
 * How two parts stand to each other, as a word for a cell of a table. Each is told only where it is proven: `first only` is
 * that the second never opens fully beside the first, `parted` that both could stand open and nothing leads there from shut.
 */
export type PairWord =
  | 'never meet'
  | 'one thing'
  | 'any order'
  | 'first first'
  | 'second first'
  | 'together'
  | 'one at a time'
  | 'first only'
  | 'second only'
  | 'neither'
  | 'parted'
  | 'not proven';

/** The word for two parts by their map, or where they have none. */
export function pairWord(a: Mover, b: Mover, map: PairMap | undefined): PairWord {
  if (!map) return isLinked(a, b) ? 'one thing' : 'never meet';
  const relation = relationOf(map);
  const { bothOpen, aWithBShut, bWithAShut, aWithBOpen, bWithAOpen } = relation;
  if (bothOpen === FREE) {
    const aFirst = aWithBShut === FREE && bWithAOpen === FREE;
    const bFirst = bWithAShut === FREE && aWithBOpen === FREE;
    if (aFirst && bFirst) return 'any order';
    if (aFirst) return 'first first';
    if (bFirst) return 'second first';
    const [shut, open] = [
      [a.from, b.from],
      [a.to, b.to],
    ] as const;
    if (isWayThrough(map, shut, open)) return 'together';
    // Of a rider the map is of one place of what carries it: elsewhere the other may pass.
    return !a.ride && !b.ride && provenParted(map, shut, open) ? 'parted' : 'not proven';
  }
  if (bothOpen !== BLOCKED) return 'not proven';
  if (aWithBShut === FREE && bWithAShut === FREE) return 'one at a time';
  if (aWithBShut === FREE && bWithAShut === BLOCKED) return 'first only';
  if (bWithAShut === FREE && aWithBShut === BLOCKED) return 'second only';
  return aWithBShut === BLOCKED && bWithAShut === BLOCKED ? 'neither' : 'not proven';
}

/** The word as a sentence, with how far one goes beside the other where it does not go all the way. */
export function pairSentence(
  a: Mover,
  b: Mover,
  word: PairWord,
  map: PairMap | undefined,
  units: Units,
): string {
  if (map && relationOf(map).bothShut === BLOCKED)
    return `${a.name} and ${b.name} stand in each other when both are shut.`;
  const [p, q] = [a.name, b.name];
  const said = (...sentences: string[]) => sayLengths(sentences.filter((one) => one !== '').join(' '), units);
  switch (word) {
    case 'never meet':
      return said(apartSentence(a, b, units));
    case 'one thing':
      return said(thingSentence(a, b));
    case 'any order':
      return said(`${p} and ${q} can both stand open, opened in any order.`);
    case 'first first':
      return said(firstSentence(a, b, relationOf(map!)), stopsAt(a, b, b.to, units));
    case 'second first':
      return said(firstSentence(b, a, relationOf(swapped(map!))), stopsAt(b, a, a.to, units));
    case 'together': {
      const { aWithBShut, aWithBOpen, bWithAShut, bWithAOpen } = relationOf(map!);
      const meets = (one: number, two: number) => one === BLOCKED || two === BLOCKED;
      const both = meets(aWithBShut, bWithAOpen) && meets(bWithAShut, aWithBOpen);
      return said(
        both
          ? `${p} and ${q} meet whichever opens first: they go together along the way through.`
          : `That ${p} and ${q} open one after the other is not proven: they go together along the way through.`,
        stopsAt(a, b, b.from, units),
      );
    }
    case 'parted':
      return said(
        partedSentence(a, b, relationOf(map!)),
        stopsAt(a, b, b.from, units),
        stopsAt(b, a, a.from, units),
      );
    case 'one at a time':
      return said(
        `${p} and ${q} cannot both stand open: shut one before you open the other.`,
        stopsAt(a, b, b.to, units),
      );
    case 'first only':
      return said(onlySentence(a, b, map!, units));
    case 'second only':
      return said(onlySentence(b, a, swapped(map!), units));
    case 'neither':
      return said(
        `Neither ${p} nor ${q} opens fully beside the other, shut or open.`,
        stopsAt(a, b, b.from, units),
        stopsAt(b, a, a.from, units),
      );
    case 'not proven':
      return said(unprovenSentence(a, b, relationOf(map!)));
  }
}

/** At least so much air is between the two wherever they are. */
function apartSentence(a: Mover, b: Mover, units: Units): string {
  const air = airBetween(a, b);
  if (air > WATCH_DISTANCE_MM) return `${a.name} and ${b.name} never come near each other.`;
  const step = units.system === 'in' ? MM_PER_INCH / units.step : units.step;
  return air < step
    ? `${a.name} and ${b.name} never meet, though they may pass within a hair of each other.`
    : `${a.name} and ${b.name} never meet: at least ${lengthMark(air, 'most')} stays between them wherever they stand.`;
}

/** Whether two go with each other, so that they are not held against each other as others are. */
const isLinked = (a: Mover, b: Mover) => sameThing(a, b) || isRiderOf(a, b) || isRiderOf(b, a);

function thingSentence(a: Mover, b: Mover): string {
  if (isRiderOf(a, b)) return rideSentence(a, b);
  if (isRiderOf(b, a)) return rideSentence(b, a);
  const [on, thing] = a.id === a.thing ? [b, a] : [a, b];
  if (thing.id !== on.thing)
    return `${a.name} and ${b.name} belong to one thing, and are not held against each other.`;
  switch (on.goes) {
    case 'along':
      return `${on.name}: it rides on ${thing.name}, and opens once that is out.`;
    case 'in place':
      return `${on.name}: it opens where it stands, while ${thing.name} is shut.`;
    default:
      return `${a.name} and ${b.name} are two ways of one thing: it goes one way at a time.`;
  }
}

function rideSentence(rider: Mover, host: Mover): string {
  switch (rider.ride!.while) {
    case 'open':
      return `${rider.name}: it is mounted on ${host.name}, and opens once that stands open.`;
    case 'shut':
      return `${rider.name}: it is mounted on ${host.name}, and opens while that is shut.`;
    case 'any':
      return `${rider.name}: it is mounted on ${host.name}, and opens wherever that stands.`;
  }
}

function firstSentence(first: Mover, then: Mover, { bWithAShut, aWithBOpen }: PairRelation): string {
  const meet = bWithAShut === BLOCKED || aWithBOpen === BLOCKED;
  return `Open ${first.name} first, then ${then.name}${meet ? ': the other way round they meet' : '; the other way round is not proven free'}.`;
}

function partedSentence(a: Mover, b: Mover, { aWithBShut, bWithAShut }: PairRelation): string {
  const each = aWithBShut === FREE && bWithAShut === FREE;
  return `${a.name} and ${b.name} would be free of each other open, but nothing leads there from shut${each ? ': shut one before you open the other' : ''}.`;
}

/** One opens with the other shut; the other does not, whatever the first does: how far it goes, and where the first lets it by. */
function onlySentence(opens: Mover, stays: Mover, map: PairMap, units: Units): string {
  const beside = (at: number) => travelText(stays, freeBeside(stays, opens, at), units);
  const goes = `${stays.name} does not open past ${opens.name}: it goes to ${beside(opens.from)} with that shut, to ${beside(opens.to)} with it open, of ${travelText(stays, stays.to, units)}.`;
  const stand = letsThrough(map);
  const between = stand && travelsText(opens, stand, units);
  return between ? `${goes} It opens fully with ${opens.name} ${between}.` : goes;
}

/**
 * The longest stretch of a's travel on which it can stand and lets b through all of its own, reached with b shut;
 * undefined where there is none.
 */
function letsThrough(map: PairMap): readonly [number, number] | undefined {
  const [from, to] = map.travelA;
  const at = (i: number) => from + ((to - from) * i) / CELLS;
  let best: readonly [number, number] | undefined;
  let begin: number | undefined;
  for (let i = 0; i <= CELLS; i += 1) {
    const lets =
      i < CELLS &&
      map.ground.subarray(i * CELLS, (i + 1) * CELLS).every((cell) => cell === FREE) &&
      groundAlong(map, from, at(i + 1), map.travelB[0]) === FREE;
    if (lets) begin ??= i;
    else if (begin !== undefined) {
      if (!best || i - begin > best[1] - best[0]) best = [begin, i];
      begin = undefined;
    }
  }
  return best && [at(best[0]), at(best[1])];
}

/** "at 62° to 80°": whole figures that lie between two travels; undefined where none does. */
function travelsText(mover: Mover, [from, to]: readonly [number, number], units: Units): string | undefined {
  const least = mover.unit === 'rad' ? (Math.ceil((from * 180) / Math.PI - 1e-9) * Math.PI) / 180 : from;
  if (least > to) return undefined;
  const first = mover.unit === 'rad' ? travelText(mover, least, units) : lengthMark(from, 'least');
  const last = mover.unit === 'rad' ? travelText(mover, to, units) : lengthMark(to, 'most');
  return first === last ? `at ${first}` : `at ${first} to ${last}`;
}

function unprovenSentence(a: Mover, b: Mover, { bothOpen }: PairRelation): string {
  const [p, q] = [a.name, b.name];
  if (bothOpen === FREE)
    return `${p} and ${q} can both stand open, but no way there from shut is proven: they pass within a hair of each other.`;
  if (bothOpen === BLOCKED)
    return `${p} and ${q} cannot both stand open; whether each opens beside the other shut is not proven: they pass within a hair of each other.`;
  return `Whether ${p} and ${q} can both stand open is not proven: there they just touch.`;
}

/** How far one goes with the other where it stands, and how much that is short; empty where that does not stop it. */
function stopsAt(a: Mover, b: Mover, at: number, units: Units): string {
  const free = freeBeside(a, b, at);
  if (free >= a.to) return '';
  return `With ${b.name} ${at === b.from ? 'shut' : 'open'}, ${a.name} goes to ${travelText(a, free, units)}, ${shortfallText(a, free, units)} short.`;
}
