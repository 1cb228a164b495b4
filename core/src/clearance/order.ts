import { BLOCKED, FREE, type Ground } from './ground';
import { groundAlong, swapped, type PairMap } from './pairMap';
import { roomInCells, type Room } from './room';
import { provenParted, wayThrough, type Place } from './wayThrough';

/** A part that can be left standing at some travels: shut first. */
export interface Parkable {
  readonly id: string;
  readonly states: readonly number[];
}

/** One step of an order: one part goes on its own, or two together along a way through. */
export type Move =
  | { readonly kind: 'one'; readonly part: string; readonly from: number; readonly to: number }
  | { readonly kind: 'two'; readonly parts: readonly [string, string]; readonly way: readonly Place[] };

export type Order =
  | { readonly kind: 'order'; readonly moves: readonly Move[] }
  /** Proven: whatever else is done, these two cannot both be where they are wanted. */
  | { readonly kind: 'none'; readonly pair: readonly [string, string] }
  /** No order was found, and none is proven not to be; `pair` is one that stands in the way. */
  | { readonly kind: 'not proven'; readonly pair: readonly [string, string] | undefined };

/** States looked at before giving up as not proven. */
const MOST_STATES = 100_000;

/**
 * The shortest order of moves from all parts shut to a wanted state, or the proof that there is none.
 *
 * Breadth first over what is parked where, single moves before any two at once. A part may move alone where every map proves its way free with the others
 * standing; two may move together along a way through their map, where all others leave both of them free. None is
 * told only where proven blocked cells part start and goal in one pair's map: then no motion at all joins them.
 *
 * @param goal  travels wanted, by id: each one of the part's states; parts not named may stand anywhere
 * @param mapOf the map of two parts, or undefined where the two never come near each other
 * @param roomOf what a way of two at once keeps most of
 */
export function orderOfOpening(
  parts: readonly Parkable[],
  goal: Readonly<Record<string, number>>,
  mapOf: (a: string, b: string) => PairMap | undefined,
  roomOf: (map: PairMap) => Room = roomInCells,
): Order {
  const maps = new Map<string, PairMap>();
  const rooms = new Map<PairMap, Room>();
  const ways = new Map<string, Place[] | undefined>();
  parts.forEach((a, i) =>
    parts.slice(i + 1).forEach((b) => {
      const map = mapOf(a.id, b.id);
      if (!map) return;
      maps.set(`${a.id} ${b.id}`, map);
      maps.set(`${b.id} ${a.id}`, swapped(map));
    }),
  );
  const start = parts.map(() => 0);
  const wanted = parts.map(({ id, states }) => {
    if (!(id in goal)) return undefined;
    const state = states.indexOf(goal[id]!);
    if (state < 0) throw new Error(`The wanted travel of ${id} is none of its states.`);
    return state;
  });
  const reached = (state: readonly number[]) =>
    wanted.every((want, i) => want === undefined || state[i] === want);
  const travel = (state: readonly number[], i: number) => parts[i]!.states[state[i]!]!;

  const parted = partedPair(parts, goal, maps);
  if (parted) return { kind: 'none', pair: parted };

  let obstacle: readonly [string, string] | undefined;
  const along = (i: number, j: number, from: number, to: number, at: number): Ground => {
    const map = maps.get(`${parts[i]!.id} ${parts[j]!.id}`);
    return map ? groundAlong(map, from, to, at) : FREE;
  };
  /** Whether part i may go while all but `aside` stand as in the state. */
  const goes = (state: readonly number[], i: number, from: number, to: number, aside = -1): boolean =>
    parts.every((other, j) => {
      if (j === i || j === aside) return true;
      const ground = along(i, j, from, to, travel(state, j));
      if (ground !== FREE && (!obstacle || ground === BLOCKED)) obstacle = [parts[i]!.id, other.id];
      return ground === FREE;
    });

  /** Each way is looked for once, whatever else stands where. */
  const wayOf = (map: PairMap, from: Place, to: Place): Place[] | undefined => {
    const name = `${map.a} ${map.b} ${from.join()} ${to.join()}`;
    if (ways.has(name)) return ways.get(name);
    let room = rooms.get(map);
    if (!room) rooms.set(map, (room = roomOf(map)));
    const way = wayThrough(map, room, from, to);
    ways.set(name, way);
    return way;
  };

  const key = (state: readonly number[]) => state.join(',');
  // Moves of two parts at once ask for two hands and an eye: only where single moves alone do not lead there.
  const moves = search(false) ?? search(true);
  return moves ? { kind: 'order', moves } : { kind: 'not proven', pair: obstacle };

  function search(together: boolean): Move[] | undefined {
    const seen = new Map<string, { readonly before: string; readonly move: Move } | undefined>([
      [key(start), undefined],
    ]);
    let edge: number[][] = [start];
    while (edge.length > 0 && seen.size < MOST_STATES) {
      const next: number[][] = [];
      for (const state of edge) {
        if (reached(state)) return movesTo(seen, key(state));
        for (const { move, after } of movesFrom(state, together, seen)) {
          const name = key(after);
          if (seen.has(name)) continue;
          seen.set(name, { before: key(state), move });
          next.push(after);
        }
      }
      edge = next;
    }
    return undefined;
  }

  function* movesFrom(
    state: readonly number[],
    together: boolean,
    seen: ReadonlyMap<string, unknown>,
  ): Generator<{ move: Move; after: number[] }> {
    for (const [i, { id, states }] of parts.entries()) {
      for (const s of states.keys()) {
        if (s === state[i] || !goes(state, i, travel(state, i), states[s]!)) continue;
        yield {
          move: { kind: 'one', part: id, from: travel(state, i), to: states[s]! },
          after: state.with(i, s),
        };
      }
    }
    if (!together) return;
    for (const [i, a] of parts.entries()) {
      for (const [j, b] of parts.entries()) {
        const map = j > i ? maps.get(`${a.id} ${b.id}`) : undefined;
        if (!map) continue;
        for (const si of a.states.keys()) {
          for (const sj of b.states.keys()) {
            if (si === state[i] || sj === state[j] || seen.has(key(state.with(i, si).with(j, sj)))) continue;
            const way = wayOf(map, [travel(state, i), travel(state, j)], [a.states[si]!, b.states[sj]!]);
            if (!way) continue;
            const spans = [0, 1].map(
              (side) =>
                [Math.min(...way.map((p) => p[side]!)), Math.max(...way.map((p) => p[side]!))] as const,
            );
            if (
              !goes(state, i, spans[0]![0], spans[0]![1], j) ||
              !goes(state, j, spans[1]![0], spans[1]![1], i)
            )
              continue;
            yield { move: { kind: 'two', parts: [a.id, b.id], way }, after: state.with(i, si).with(j, sj) };
          }
        }
      }
    }
  }
}

/** A pair whose wanted travels cannot be reached from shut, whatever the others do. */
function partedPair(
  parts: readonly Parkable[],
  goal: Readonly<Record<string, number>>,
  maps: ReadonlyMap<string, PairMap>,
): readonly [string, string] | undefined {
  const named = parts.filter(({ id }) => id in goal);
  for (const [i, a] of named.entries()) {
    for (const b of named.slice(i + 1)) {
      const map = maps.get(`${a.id} ${b.id}`);
      if (map && provenParted(map, [a.states[0]!, b.states[0]!], [goal[a.id]!, goal[b.id]!]))
        return [a.id, b.id];
    }
  }
  return undefined;
}

function movesTo(
  seen: ReadonlyMap<string, { readonly before: string; readonly move: Move } | undefined>,
  state: string,
): Move[] {
  const moves: Move[] = [];
  for (let at = seen.get(state); at; at = seen.get(at.before)) moves.push(at.move);
  return moves.reverse();
}
