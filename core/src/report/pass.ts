import type { PairMaps } from '../clearance/pairMaps';
import { facing } from '../clearance/riderSquare';
import { freeSpaceInMm, wayClearance, type WayClearance } from '../clearance/freeSpace';
import { type FreeSpace } from '../clearance/freeGround';
import { FREE } from '../clearance/cellState';
import { cellAt } from '../clearance/pairMap';
import { wayThrough } from '../clearance/wayThrough';
import type { Place } from '../clearance/freeGround';
import { MILLIMETRES, type Units } from '../length/units';
import type { Mover, Scene } from '../scene/scene';
import { pairSentence, pairWord, type PairWord } from './pairWords';

// What one asks next of a pair that was told.
export { openingOrder } from './opening';

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
  /** `ground[i * CELLS + j]` and the room of each cell; absent where the two never meet, or are ways of one thing. */
  readonly ground: Uint8Array | undefined;
  readonly room: FreeSpace | undefined;
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
      lines.push(lineOf(a, b, scene.still, maps, units));
      yield;
    }
  }
  return lines;
}

/** The pass of two parts. Throws where the scene has not both. */
export function passOf(scene: Scene, maps: PairMaps, a: string, b: string, units: Units = MILLIMETRES): Pass {
  const pair = [moverOf(scene, a), moverOf(scene, b)] as const;
  const line = lineOf(...pair, scene.still, maps, units);
  const map = maps.of(...pair, scene.still);
  const [first, second] = facing(...pair, scene.still);
  const ends = {
    travelA: [first.from, first.to],
    travelB: [second.from, second.to],
  } as const;
  if (!map) return { ...line, ...ends, ground: undefined, room: undefined, way: undefined, keeps: undefined };
  const room = freeSpaceInMm(first, second, map);
  const [shut, open] = [
    [first.from, second.from],
    [first.to, second.to],
  ] as const;
  const inTurn = kept(first, second, oneByOne(line.word, first, second));
  // From a narrow start, as of leaves that lap, no way is wider than one after the other.
  const narrow = cellAt(map, ...shut) !== FREE || cellAt(map, ...open) !== FREE;
  const through = inTurn && narrow ? undefined : kept(first, second, wayThrough(map, room, shut, open));
  // One after the other is the simpler of two that keep as much.
  const simple = inTurn && (!through || inTurn.keeps.lower >= through.keeps.lower - AS_MUCH);
  const { way, keeps } = (simple ? inTurn : through) ?? { way: undefined, keeps: undefined };
  // Where all of it is a touch that is meant there is nothing to keep.
  return {
    ...line,
    ...ends,
    ground: map.ground,
    room,
    way,
    keeps: keeps && keeps.lower < Infinity ? keeps : undefined,
  };
}

/** A way keeps as much as another that keeps no more than so much more, mm. */
const AS_MUCH = 0.05;

function kept(a: Mover, b: Mover, way: Place[] | undefined) {
  return way && { way, keeps: wayClearance(a, b, way) };
}

/** One part all the way, then the other, where the two have to open so. */
function oneByOne(word: PairWord, a: Mover, b: Mover): Place[] | undefined {
  const [shut, open]: [Place, Place] = [
    [a.from, b.from],
    [a.to, b.to],
  ];
  if (word === 'first first') return [shut, [a.to, b.from], open];
  if (word === 'second first') return [shut, [a.from, b.to], open];
  return undefined;
}

function moverOf(scene: Scene, id: string): Mover {
  const mover = scene.movers.find((candidate) => candidate.id === id);
  if (!mover) throw new Error(`There is no moving part “${id}”.`);
  return mover;
}

function lineOf(a: Mover, b: Mover, still: Scene['still'], maps: PairMaps, units: Units): PairLine {
  const map = maps.of(a, b, still);
  const word = pairWord(a, b, map);
  const sentence = pairSentence(...facing(a, b, still), word, map, units);
  return { a: a.id, b: b.id, word, sentence };
}
