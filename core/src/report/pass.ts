import { checkMover } from '../clearance/checkMover';
import { parked } from '../clearance/checkScene';
import { orderOfOpening, type Order } from '../clearance/order';
import { BLOCKED, FREE } from '../clearance/ground';
import { relationOf, type PairRelation } from '../clearance/pairMap';
import type { PairMaps } from '../clearance/pairMaps';
import { roomInMm, wayClearance, type Room, type WayClearance } from '../clearance/room';
import { wayThrough, type Place } from '../clearance/wayThrough';
import type { Mover, Scene } from '../scene/scene';
import { shortfallText, travelText } from './words';
import { MILLIMETRES, type Units } from '../length/units';

/** How two parts stand to each other, as a word for a cell of a table. */
export type PairWord =
  'never meet' | 'any order' | 'first first' | 'second first' | 'one at a time' | 'together' | 'not proven';

/** Two parts in a table of all pairs. */
export interface PairLine {
  readonly a: string;
  readonly b: string;
  readonly word: PairWord;
  readonly sentence: string;
}

/** The map of two parts, ready to draw, and the way from both shut to both open. */
export interface Pass extends PairLine {
  readonly travelA: readonly [number, number];
  readonly travelB: readonly [number, number];
  /** `ground[i * CELLS + j]` and the room of each cell; absent where the two never come near each other. */
  readonly ground: Uint8Array | undefined;
  readonly room: Room | undefined;
  readonly way: readonly Place[] | undefined;
  /** What the way is proven to keep. */
  readonly keeps: WayClearance | undefined;
}

/** Every pair of a scene's parts, each with its word. */
export function* pairLines(
  scene: Scene,
  maps: PairMaps,
  units: Units = MILLIMETRES,
): Generator<void, PairLine[]> {
  const lines: PairLine[] = [];
  for (const [i, a] of scene.movers.entries()) {
    for (const b of scene.movers.slice(i + 1)) {
      const map = maps.of(a, b);
      lines.push(lineOf(a, b, map && relationOf(map), units));
      yield;
    }
  }
  return lines;
}

/** The pass of two parts. Throws where the scene has not both. */
export function passOf(scene: Scene, maps: PairMaps, a: string, b: string, units: Units = MILLIMETRES): Pass {
  const [first, second] = [moverOf(scene, a), moverOf(scene, b)];
  const map = maps.of(first, second);
  const line = lineOf(first, second, map && relationOf(map), units);
  const ends = {
    travelA: [first.from, first.to],
    travelB: [second.from, second.to],
  } as const;
  if (!map) return { ...line, ...ends, ground: undefined, room: undefined, way: undefined, keeps: undefined };
  const room = roomInMm(first, second, map);
  const way =
    wayThrough(map, room, [first.from, second.from], [first.to, second.to]) ??
    oneByOne(line.word, first, second);
  return { ...line, ...ends, ground: map.ground, room, way, keeps: way && wayClearance(first, second, way) };
}

/**
 * The shortest order from all shut to every named part at its wanted travel; each part may be parked shut, or there.
 * A part that is stopped short of its travel is taken to go no farther, so that its open edge is as sharp as its shut one.
 */
export function openingOrder(scene: Scene, maps: PairMaps, goal: Readonly<Record<string, number>>): Order {
  const movers = scene.movers.map((mover) => {
    const wanted = goal[mover.id];
    return wanted === undefined || wanted <= mover.from ? mover : { ...mover, to: wanted };
  });
  const byId = new Map(movers.map((mover) => [mover.id, mover]));
  return orderOfOpening(
    movers.map(({ id, from, to }) => ({ id, states: [from, to] })),
    goal,
    (a, b) => maps.of(byId.get(a)!, byId.get(b)!),
    (map) => roomInMm(byId.get(map.a)!, byId.get(map.b)!, map),
  );
}

/**
 * One part all the way, then the other: proven along the map's edges where the cells beside them are too coarse, as
 * between leaves that lap.
 */
function oneByOne(word: PairWord, a: Mover, b: Mover): Place[] | undefined {
  const [shut, open]: [Place, Place] = [
    [a.from, b.from],
    [a.to, b.to],
  ];
  if (word === 'first first' || word === 'any order') return [shut, [a.to, b.from], open];
  if (word === 'second first') return [shut, [a.from, b.to], open];
  return undefined;
}

function moverOf(scene: Scene, id: string): Mover {
  const mover = scene.movers.find((candidate) => candidate.id === id);
  if (!mover) throw new Error(`There is no moving part “${id}”.`);
  return mover;
}

function lineOf(a: Mover, b: Mover, relation: PairRelation | undefined, units: Units): PairLine {
  const word = wordOf(relation);
  const amount = {
    'never meet': '',
    'any order': '',
    'not proven': '',
    'first first': stopsAt(a, b, b.to, units),
    'second first': stopsAt(b, a, a.to, units),
    'one at a time': stopsAt(a, b, b.to, units),
    together: stopsAt(a, b, b.from, units),
  }[word];
  return { a: a.id, b: b.id, word, sentence: `${sentenceOf(word, a.name, b.name)}${amount}` };
}

/** How far one goes with the other where it stands, and how much that is short. */
function stopsAt(a: Mover, b: Mover, at: number, units: Units): string {
  const { usable } = checkMover(a, parked(b, at));
  if (usable >= a.to) return '';
  return ` With ${b.name} ${at === b.from ? 'shut' : 'open'}, ${a.name} goes to ${travelText(a, usable, units)}, ${shortfallText(a, usable, units)} short.`;
}

function wordOf(relation: PairRelation | undefined): PairWord {
  if (!relation) return 'never meet';
  const { bothOpen, aWithBShut, bWithAShut, aWithBOpen, bWithAOpen } = relation;
  const aFirst = aWithBShut === FREE && bWithAOpen === FREE;
  const bFirst = bWithAShut === FREE && aWithBOpen === FREE;
  if (bothOpen === BLOCKED) return 'one at a time';
  if (bothOpen !== FREE) return 'not proven';
  if (aFirst && bFirst) return 'any order';
  if (aFirst) return 'first first';
  if (bFirst) return 'second first';
  return aWithBShut === BLOCKED && bWithAShut === BLOCKED ? 'together' : 'not proven';
}

function sentenceOf(word: PairWord, a: string, b: string): string {
  switch (word) {
    case 'never meet':
      return `${a} and ${b} never come near each other.`;
    case 'any order':
      return `${a} and ${b} can both stand open, opened in any order.`;
    case 'first first':
      return `Open ${a} first, then ${b}: the other way round they meet.`;
    case 'second first':
      return `Open ${b} first, then ${a}: the other way round they meet.`;
    case 'one at a time':
      return `${a} and ${b} cannot both stand open: shut one before you open the other.`;
    case 'together':
      return `${a} and ${b} meet whichever opens first: they go together along the way through, if there is one.`;
    case 'not proven':
      return `Whether ${a} and ${b} can both stand open is not proven: they come within a hair of each other.`;
  }
}
