import { BLOCKED, FREE } from './ground';
import { cellOf, CELLS, groundAt, type PairMap } from './pairMap';
import type { Room } from './room';

/** A pair of travels. */
export type Place = readonly [number, number];

const NEIGHBOURS = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
] as const;

/**
 * A way through free ground from one pair of travels to another that keeps the most room: of all ways the one whose
 * narrowest place is widest, and of those a short one.
 *
 * @param room  of the map's cells (`roomInMm`, `roomInCells`)
 * @returns corners of a polyline in travels, all of it over proven free cells; undefined where free ground does not join them
 */
export function wayThrough(map: PairMap, room: Room, from: Place, to: Place): Place[] | undefined {
  const start = cell(map, from);
  const goal = cell(map, to);
  if (map.ground[start] !== FREE || map.ground[goal] !== FREE) return undefined;
  const narrowest = widest(room, start, goal);
  if (narrowest === 0) return undefined;
  const cells = shortest(room, start, goal, narrowest)!;
  return straightened(map, room, narrowest, cells, from, to);
}

/**
 * Whether two places are proven parted: no path joins them over ground that is free or merely unproven. Then no motion
 * of the two parts, in any company, leads from one to the other.
 */
export function provenParted(map: PairMap, from: Place, to: Place): boolean {
  const start = cell(map, from);
  const goal = cell(map, to);
  if (groundAt(map, ...from) === BLOCKED || groundAt(map, ...to) === BLOCKED) return true;
  const seen = new Uint8Array(CELLS * CELLS);
  const stack = [start];
  seen[start] = 1;
  while (stack.length > 0) {
    const here = stack.pop()!;
    if (here === goal) return false;
    for (const next of around(here)) {
      if (seen[next] || map.ground[next] === BLOCKED) continue;
      seen[next] = 1;
      stack.push(next);
    }
  }
  return true;
}

const cell = (map: PairMap, [a, b]: Place): number => cellOf(map.travelA, a) * CELLS + cellOf(map.travelB, b);

function* around(at: number): Generator<number> {
  const [i, j] = [Math.floor(at / CELLS), at % CELLS];
  for (const [di, dj] of NEIGHBOURS) {
    if (i + di >= 0 && i + di < CELLS && j + dj >= 0 && j + dj < CELLS) yield at + di * CELLS + dj;
  }
}

/** The greatest room that can be kept all the way: cells are opened from the roomiest down until the two are joined. */
function widest(room: Room, start: number, goal: number): number {
  const most = Math.min(room[start]!, room[goal]!);
  let [low, high] = [0, most];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (shortest(room, start, goal, middle)) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Cells of a shortest path over cells with at least this room; a diagonal step never cuts a corner. */
function shortest(room: Room, start: number, goal: number, least: number): number[] | undefined {
  const before = new Int32Array(CELLS * CELLS).fill(-1);
  before[start] = start;
  let edge = [start];
  while (edge.length > 0 && before[goal] === -1) {
    const next: number[] = [];
    for (const here of edge) {
      const j = here % CELLS;
      for (const there of around(here)) {
        if (before[there] !== -1 || room[there]! < least) continue;
        const dj = (there % CELLS) - j;
        const di = Math.round((there - here - dj) / CELLS);
        if (di !== 0 && dj !== 0 && (room[here + di * CELLS]! < least || room[here + dj]! < least)) continue;
        before[there] = here;
        next.push(there);
      }
    }
    edge = next;
  }
  if (before[goal] === -1) return undefined;
  const cells = [goal];
  while (cells[cells.length - 1] !== start) cells.push(before[cells[cells.length - 1]!]!);
  return cells.reverse();
}

/** The path with every corner left out that can be, keeping the room: from each corner as far as one can see. */
function straightened(
  map: PairMap,
  room: Room,
  least: number,
  cells: readonly number[],
  from: Place,
  to: Place,
): Place[] {
  const centre = (at: number): Place => [
    map.travelA[0] + ((Math.floor(at / CELLS) + 0.5) / CELLS) * (map.travelA[1] - map.travelA[0]),
    map.travelB[0] + (((at % CELLS) + 0.5) / CELLS) * (map.travelB[1] - map.travelB[0]),
  ];
  const kept: number[] = [0];
  while (kept[kept.length - 1]! < cells.length - 1) {
    const here = kept[kept.length - 1]!;
    let next = here + 1;
    for (let far = here + 2; far < cells.length; far += 1)
      if (sees(room, least, cells[here]!, cells[far]!)) next = far;
    kept.push(next);
  }
  return [from, ...kept.slice(1, -1).map((k) => centre(cells[k]!)), to];
}

/** Whether every cell a straight line between two cells' middles passes keeps the room. */
function sees(room: Room, least: number, a: number, b: number): boolean {
  const [ai, aj, bi, bj] = [Math.floor(a / CELLS), a % CELLS, Math.floor(b / CELLS), b % CELLS];
  const steps = 2 * Math.max(Math.abs(bi - ai), Math.abs(bj - aj));
  for (let k = 0; k <= steps; k += 1) {
    const i = ai + ((bi - ai) * k) / steps;
    const j = aj + ((bj - aj) * k) / steps;
    // Both cells where the line runs along an edge.
    for (const row of [Math.floor(i + 0.4999), Math.ceil(i - 0.4999)]) {
      for (const column of [Math.floor(j + 0.4999), Math.ceil(j - 0.4999)])
        if (room[row * CELLS + column]! < least) return false;
    }
  }
  return true;
}
