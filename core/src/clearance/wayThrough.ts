import FlatQueue from 'flatqueue';
import { BLOCKED, FREE } from './cellState';
import { cell, FreeGround, MOST_BESIDE, type Place } from './freeGround';
import { CELLS, groundAt, type PairMap } from './pairMap';
import type { FreeSpace } from './freeGround';

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
 * A way through free ground from one pair of travels to another that keeps the most room: of all ways one whose
 * narrowest place is widest, and of those one that is short and keeps away from narrow places elsewhere. It runs through
 * cells proven free and, where those are too coarse, along edges of the square, on which one part stands shut or open.
 *
 * @param room  of the map's cells (`roomInMm`, `roomInCells`)
 * @returns corners of a polyline in travels, all of it over proven free ground; undefined where free ground does not join them
 */
export function wayThrough(map: PairMap, room: FreeSpace, from: Place, to: Place): Place[] | undefined {
  const ground = new FreeGround(map, room);
  const [starts, goals] = [ground.nodesAt(from), ground.nodesAt(to)];
  if (starts.length === 0 || goals.length === 0) return undefined;
  const least = widest(ground, starts, goals);
  if (least === 0) return undefined;
  return ground.straightened(from, roomiest(ground, starts, goals, least, ground.inCells(to)), to);
}

/** Whether there is a way through free ground from one pair of travels to another, however narrow. */
export function isWayThrough(map: PairMap, from: Place, to: Place): boolean {
  const ground = new FreeGround(
    map,
    Uint16Array.from(map.ground, (kind) => (kind === FREE ? 1 : 0)),
  );
  const goals = new Set(ground.nodesAt(to));
  const stack = goals.size > 0 ? ground.nodesAt(from) : [];
  const seen = new Uint8Array(ground.size);
  const beside = new Int32Array(MOST_BESIDE);
  for (const node of stack) seen[node] = 1;
  while (stack.length > 0) {
    const here = stack.pop()!;
    if (goals.has(here)) return true;
    for (let n = ground.next(here, 1, beside) - 1; n >= 0; n -= 1) {
      const there = beside[n]!;
      if (seen[there]) continue;
      seen[there] = 1;
      stack.push(there);
    }
  }
  return false;
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

function* around(at: number): Generator<number> {
  const [i, j] = [Math.floor(at / CELLS), at % CELLS];
  for (const [di, dj] of NEIGHBOURS) {
    if (i + di >= 0 && i + di < CELLS && j + dj >= 0 && j + dj < CELLS) yield at + di * CELLS + dj;
  }
}

/**
 * The greatest room that can be kept all the way, 0 where none can: ground is opened from the roomiest down, each node joined to
 * those open beside it, until the two places are.
 */
function widest(ground: FreeGround, starts: readonly number[], goals: readonly number[]): number {
  const { size } = ground;
  const root = Int32Array.from({ length: size + 2 }, (_, node) => node);
  const [START, GOAL] = [size, size + 1];
  const find = (node: number): number => {
    while (root[node] !== node) node = root[node] = root[root[node]!]!;
    return node;
  };
  const beside = new Int32Array(MOST_BESIDE);
  const [atStart, atGoal] = [new Set(starts), new Set(goals)];
  for (const nodes of ground.byRoom()) {
    for (const node of nodes) {
      // A node beside it with more room is open already; of those with as much, whichever comes last joins the two.
      for (let n = ground.next(node, ground.roomAt(node), beside) - 1; n >= 0; n -= 1)
        root[find(beside[n]!)] = find(node);
      if (atStart.has(node)) root[find(START)] = find(node);
      if (atGoal.has(node)) root[find(GOAL)] = find(node);
    }
    if (find(START) === find(GOAL)) return ground.roomAt(nodes[0]!);
  }
  return 0;
}

/** A step over so much room, as `Room` counts it, is as good as two steps over any amount. */
const AMPLE = 100;

/** The nodes of a path over ground with at least this room, which is there: short, and the shorter the narrower it is (Hart, Nilsson, Raphael 1968). */
function roomiest(
  ground: FreeGround,
  starts: readonly number[],
  goals: readonly number[],
  least: number,
  to: Place,
): number[] {
  const before = new Int32Array(ground.size).fill(-1);
  const cost = new Float64Array(ground.size).fill(Infinity);
  const queue = new FlatQueue<number>();
  const beside = new Int32Array(MOST_BESIDE);
  for (const node of starts) {
    if (ground.roomAt(node) < least) continue;
    cost[node] = 0;
    queue.push(node, 0);
  }
  const reached = new Set(goals);
  let at = queue.pop()!;
  for (; !reached.has(at); at = queue.pop()!) {
    for (let n = ground.next(at, least, beside) - 1; n >= 0; n -= 1) {
      const there = beside[n]!;
      const asked = cost[at]! + ground.stepTo(at, there) * (1 + AMPLE / ground.roomAt(there));
      if (asked >= cost[there]!) continue;
      cost[there] = asked;
      before[there] = at;
      queue.push(there, asked + ground.stepsTo(there, to));
    }
  }
  const nodes = [at];
  for (let back = before[at]!; back !== -1; back = before[back]!) nodes.push(back);
  return nodes.reverse();
}
