import FlatQueue from 'flatqueue';
import { BLOCKED, FREE, UNKNOWN, type CellState } from './cellState';
import { neverBoth } from './neverBoth';
import { isPassing, type Move, type Order, type Parkable, type Posed } from './moves';
import { groundAlong, swapped, type PairMap } from './pairMap';
import type { FreeSpace } from './freeGround';
import { wayThrough } from './wayThrough';
import type { Place } from './freeGround';

/** States looked at before giving up as not proven. */
const MOST_STATES = 20_000;

/** A state that moves lead to, as travels by id. */
export interface Standing {
  readonly moves: readonly Move[];
  readonly travels: Readonly<Record<string, number>>;
}

/** Which state each part is in, by its place among its own. */
type State = readonly number[];

interface Step {
  readonly before: string;
  readonly move: Move;
}

/** Of states alike so many are told. */
const MOST_NEAREST = 8;

/** The search behind `orderOfOpening`, which can also be asked how near to its goal it came. */
export class OrderSearch {
  /** What was in the way, the first that is proven to hit before any other. */
  private obstacle: { pair: readonly [string, string] | undefined; hits: boolean } = {
    pair: undefined,
    hits: false,
  };
  /** The state each part is wanted in. */
  private readonly wanted: readonly (number | undefined)[];
  /** What goes along with each part, its own travel beginning with that part's. */
  private readonly riders: readonly (readonly number[])[];
  /** What each part rides on, by its place among the parts; -1 where it stands on what does not move. */
  private readonly hosts: readonly number[];
  /** Maps with riders elsewhere than where they are told, by how they are asked for: made when they are wanted. */
  private readonly posed = new Map<string, PairMap | undefined>();
  private readonly rooms = new Map<PairMap, FreeSpace>();
  /** Each part's move from a state to another beside each other part in a state of its, as `known` keeps it; -1 where not looked at. */
  private readonly grounds: Int8Array;
  /** No part has more states. */
  private readonly most: number;
  /** The place of each part's thing among the parts; -1 where it has none but itself. */
  private readonly things: readonly number[];
  private readonly parts: readonly Parkable[];
  private readonly maps = new Map<string, PairMap>();
  /** How each state looked at last was come to. */
  private steps = new Map<string, Step | undefined>();

  /** As of `orderOfOpening`. */
  constructor(
    parts: readonly Parkable[],
    private readonly goal: Readonly<Record<string, number>>,
    private readonly mapOf: (a: Posed, b: Posed) => PairMap | undefined,
    private readonly roomOf: (map: PairMap) => FreeSpace,
  ) {
    parts.forEach((a, i) =>
      parts.slice(i + 1).forEach((b) => {
        const map = mapOf({ id: a.id }, { id: b.id });
        if (!map) return;
        this.maps.set(`${a.id} ${b.id}`, map);
        this.maps.set(`${b.id} ${a.id}`, swapped(map));
      }),
    );
    // What opens in place has a state more: shut, after it was open.
    this.parts = parts.map((part) =>
      isPassing(part) && part.id in goal ? { ...part, states: [...part.states, part.states[0]!] } : part,
    );
    this.wanted = parts.map(({ id, states }) => {
      if (!(id in goal)) return undefined;
      const state = states.indexOf(goal[id]!);
      if (state < 0) throw new Error(`The wanted travel of ${id} is none of its states.`);
      return state;
    });
    this.most = Math.max(0, ...this.parts.map(({ states }) => states.length));
    this.grounds = new Int8Array(this.parts.length ** 2 * this.most ** 3).fill(-1);
    this.things = parts.map(({ id, thing }) => parts.findIndex((one) => one.id === thing && thing !== id));
    this.riders = parts.map(({ id }) =>
      [...parts.keys()].filter((j) => parts[j]!.goes === 'along' && parts[j]!.thing === id),
    );
    this.hosts = parts.map(({ ride }) => (ride ? parts.findIndex(({ id }) => id === ride.on) : -1));
  }

  order(): Order {
    const never = neverBoth(this.parts, this.goal, this.maps);
    if (never) return { kind: 'none', ...never };
    // Moves of two parts at once ask for two hands and an eye: only where single moves alone do not lead there.
    const moves = this.moves(false) ?? this.moves(true);
    return moves ? { kind: 'order', moves } : { kind: 'not proven', ...this.obstacle };
  }

  /** Of all states that moves lead to those in which most parts are where they are wanted, and of these the ones that take the fewest moves. */
  nearest(): readonly Standing[] {
    this.moves(true);
    const start = keyOf(this.parts.map(() => 0));
    let best: { readonly met: number; readonly depth: number; states: string[] } | undefined;
    for (const key of this.steps.keys()) {
      const state = statesIn(key);
      const met = state.filter((_, i) => this.wanted[i] && this.met(state, i)).length;
      if (best && met < best.met) continue;
      const depth = movesTo(this.steps, key).length;
      if (!best || met > best.met || depth < best.depth) best = { met, depth, states: [key] };
      else if (depth === best.depth) best.states.push(key);
    }
    return (best?.states ?? [start]).slice(0, MOST_NEAREST).map((key) => ({
      moves: movesTo(this.steps, key),
      travels: Object.fromEntries(
        statesIn(key).map((s, i) => [this.parts[i]!.id, this.parts[i]!.states[s]!]),
      ),
    }));
  }

  /** @param together  whether two parts may go at once */
  private moves(together: boolean): Move[] | undefined {
    const start = this.parts.map(() => 0);
    const steps = (this.steps = new Map<string, Step | undefined>([[keyOf(start), undefined]]));
    const depths = new Map<string, number>([[keyOf(start), 0]]);
    const queue = new FlatQueue<State>();
    // At most two parts come to where they are wanted by one move. Of states alike the one farther on, then parts as they are named.
    const push = (state: State, depth: number, tie: number) =>
      queue.push(state, depth + this.unmet(state) / (together ? 2 : 1) - 1e-4 * depth + 1e-7 * tie);
    push(start, 0, 0);
    const done = new Set<string>();
    while (queue.length > 0 && steps.size < MOST_STATES) {
      const state = queue.pop()!;
      const key = keyOf(state);
      if (done.has(key)) continue;
      done.add(key);
      if (this.reached(state)) return movesTo(steps, key);
      const depth = depths.get(key)! + 1;
      let tie = 0;
      for (const { move, after } of this.movesFrom(state, together, depth, depths)) {
        const name = keyOf(after);
        if ((depths.get(name) ?? Infinity) <= depth) continue;
        depths.set(name, depth);
        steps.set(name, { before: key, move });
        push(after, depth, (tie += 1));
      }
    }
    return undefined;
  }

  private met(state: State, i: number): boolean {
    const want = this.wanted[i];
    if (want === undefined || state[i] === want) return true;
    return isPassing(this.parts[i]!) && want > 0 && state[i] === this.parts[i]!.states.length - 1;
  }

  private reached(state: State): boolean {
    return state.every((_, i) => this.met(state, i));
  }

  /** Parts that still have a move of their own to make: what rides on a thing is brought there by it. */
  private unmet(state: State): number {
    let count = 0;
    for (let i = 0; i < state.length; i += 1)
      if (!this.met(state, i) && !(this.parts[i]!.goes === 'along' && this.wanted[i]! < 2)) count += 1;
    return count;
  }

  private travel(state: State, i: number): number {
    return this.parts[i]!.states[state[i]!]!;
  }

  private isShut(state: State, i: number): boolean {
    return this.travel(state, i) === this.parts[i]!.states[0];
  }

  private ground(i: number, j: number, from: number, to: number, at: number): CellState {
    const map = this.maps.get(`${this.parts[i]!.id} ${this.parts[j]!.id}`);
    return map ? groundAlong(map, from, to, at) : FREE;
  }

  /** The ground of part i from one of its states to another, with part j in one of its. */
  private known(i: number, j: number, s: number, t: number, u: number): CellState {
    const at = (((i * this.parts.length + j) * this.most + s) * this.most + t) * this.most + u;
    if (this.grounds[at] === -1) {
      const [{ states }, other] = [this.parts[i]!, this.parts[j]!];
      this.grounds[at] = this.ground(i, j, states[s]!, states[t]!, other.states[u]!);
    }
    return this.grounds[at] as CellState;
  }

  /**
   * Whether a rider stands elsewhere than its maps are told for. Of what rides on a rider, both may be so; then the nearer
   * of what carries it counts, and the farther is not proven (`beside`).
   */
  private isTaken(state: State, i: number): boolean {
    const host = this.hosts[i]!;
    return host >= 0 && this.parts[i]!.ride!.at === undefined && !this.isShut(state, host);
  }

  private poseOf(state: State, i: number): Posed {
    const { id } = this.parts[i]!;
    return this.isTaken(state, i) ? { id, hostAt: this.travel(state, this.hosts[i]!) } : { id };
  }

  private posedMap(a: Posed, b: Posed): PairMap | undefined {
    const key = `${JSON.stringify(a)} ${JSON.stringify(b)}`;
    if (!this.posed.has(key)) this.posed.set(key, this.mapOf(a, b));
    return this.posed.get(key);
  }

  /** What a part meets of another on its way between two travels, each where what carries it stands. */
  private beside(state: State, i: number, j: number, from: number, to: number): CellState {
    const at = this.travel(state, j);
    const linked = this.hosts[i] === j || this.hosts[j] === i;
    if (linked || (!this.isTaken(state, i) && !this.isTaken(state, j)))
      return this.ground(i, j, from, to, at);
    // What carries a rider that is taken along, itself being taken along, would have to be posed as well.
    if ([i, j].some((k) => this.isTaken(state, k) && this.isTaken(state, this.hosts[k]!))) return UNKNOWN;
    const map = this.posedMap(this.poseOf(state, i), this.poseOf(state, j));
    return map ? groundAlong(map, from, to, at) : FREE;
  }

  /** Whether all that rides on a part and is out goes free where the part takes it, past all but what goes with it. */
  private takesAlong(state: State, i: number, to: number): boolean {
    const taken = [...this.parts.keys()].filter((r) => this.hosts[r] === i);
    return taken.every((r) => {
      if (this.isShut(state, r)) return true;
      // What is out on a rider would go on two travels.
      if (this.isTaken(state, i) || this.parts.some((_, k) => this.hosts[k] === r && !this.isShut(state, k)))
        return false;
      const own = this.travel(state, r);
      return this.goes(state, r, [i, ...taken], (j) => {
        const map = this.posedMap({ id: this.parts[r]!.id, takenAt: own }, this.poseOf(state, j));
        return map ? groundAlong(map, this.travel(state, i), to, this.travel(state, j)) : FREE;
      });
    });
  }

  /** Whether a part stands nowhere of its own: as another way of a thing that stands there, or that is out another way. */
  private absent(state: State, i: number): boolean {
    if (!this.isShut(state, i)) return false;
    const { goes, ride } = this.parts[i]!;
    // Shut, it is a body of what carries it.
    if (goes === 'instead' || ride) return true;
    const out = this.things[i]!;
    if (goes === 'in place' && out >= 0 && !this.isShut(state, out)) return true;
    return goes === undefined && this.outElsewhere(state, i);
  }

  /** Whether a thing is out another way than its first. */
  private outElsewhere(state: State, i: number): boolean {
    return this.parts.some(
      ({ goes, thing }, j) => goes === 'instead' && thing === this.parts[i]!.id && !this.isShut(state, j),
    );
  }

  /** Whether a part may go while all but those `aside` stand as in the state: what is proven of it beside each of them. */
  private goes(state: State, i: number, aside: readonly number[], beside: (j: number) => CellState): boolean {
    for (let j = 0; j < this.parts.length; j += 1) {
      if (j === i || aside.includes(j) || this.absent(state, j)) continue;
      const ground = beside(j);
      if (ground === FREE) continue;
      if (!this.obstacle.pair || (ground === BLOCKED && !this.obstacle.hits))
        this.obstacle = { pair: [this.parts[i]!.id, this.parts[j]!.id], hits: ground === BLOCKED };
      return false;
    }
    return true;
  }

  /** Whether two parts pass each other one after the other on the way to a state. */
  private inTurn(state: State, after: State, first: number, then: number): boolean {
    const go = (i: number, j: number, at: number) => this.known(i, j, state[i]!, after[i]!, at) === FREE;
    return go(first, then, state[then]!) && go(then, first, after[first]!);
  }

  /** Whether what a part belongs to lets it go from one state to another. */
  private mayGo(state: State, i: number, to: number): boolean {
    const part = this.parts[i]!;
    const { goes, thing, id, ride } = part;
    const out = this.things[i]!;
    const host = this.hosts[i]!;
    if (ride?.at !== undefined && host >= 0 && this.travel(state, host) !== ride.at) return false;
    if (ride && isPassing(part) && goes === undefined && !this.opensOnce(state, i, to)) return false;
    const holds = (r: number) => this.hosts[r] === i && this.parts[r]!.ride!.at !== undefined;
    if (this.parts.some((_, r) => holds(r) && !this.isShut(state, r))) return false;
    switch (goes) {
      case 'along':
        // Its thing takes it out; then it goes on by itself.
        return state[i]! >= 1 && to >= 1;
      case 'in place':
        if (!this.opensOnce(state, i, to)) return false;
        return out < 0 || (this.isShut(state, out) && !this.outElsewhere(state, out));
      case 'instead':
        if (out >= 0 && !this.isShut(state, out)) return false;
        return this.parts.every(
          (other, j) => j === i || other.thing !== thing || j === out || this.isShut(state, j),
        );
      case undefined:
        break;
    }
    return this.parts.every((other, j) => {
      if (other.thing !== id || j === i) return true;
      return other.goes === 'along' ? state[j]! <= 1 : this.isShut(state, j);
    });
  }

  /** Once open what opens in place is shut again, not anew. */
  private opensOnce(state: State, i: number, to: number): boolean {
    return this.isShut(state, i) ? to === 1 && state[i] === 0 : to !== 0 || this.wanted[i] === undefined;
  }

  private *movesFrom(
    state: State,
    together: boolean,
    depth: number,
    depths: ReadonlyMap<string, number>,
  ): Generator<{ move: Move; after: State }> {
    for (const [i, { id, states }] of this.parts.entries()) {
      const from = this.travel(state, i);
      for (const s of states.keys()) {
        if (s === state[i] || !this.mayGo(state, i, s)) continue;
        const riders = this.riders[i]!;
        const after = state.with(i, s);
        for (const rider of riders) after[rider] = Math.min(s, 1);
        if ((depths.get(keyOf(after)) ?? Infinity) <= depth) continue;
        const all = [i, ...riders];
        const free = all.every((one) =>
          this.goes(state, one, all, (j) =>
            this.isTaken(state, one) || this.isTaken(state, j)
              ? this.beside(state, one, j, this.travel(state, one), this.travel(after, one))
              : this.known(one, j, state[one]!, after[one]!, state[j]!),
          ),
        );
        if (free && this.takesAlong(state, i, states[s]!))
          yield { move: { kind: 'one', part: id, from, to: states[s]! }, after };
      }
    }
    if (together) yield* this.movesOfTwo(state, depth, depths);
  }

  private *movesOfTwo(
    state: State,
    depth: number,
    depths: ReadonlyMap<string, number>,
  ): Generator<{ move: Move; after: State }> {
    // What has ways or riders would need three maps at once.
    const alone = [...this.parts.keys()].filter(
      (i) =>
        this.parts[i]!.goes === undefined &&
        this.riders[i]!.length === 0 &&
        this.hosts[i] === -1 &&
        !this.hosts.includes(i),
    );
    for (const i of alone) {
      for (const j of alone) {
        const [a, b] = [this.parts[i]!, this.parts[j]!];
        const map = j > i ? this.maps.get(`${a.id} ${b.id}`) : undefined;
        if (!map) continue;
        for (const si of a.states.keys()) {
          for (const sj of b.states.keys()) {
            const after = state.with(i, si).with(j, sj);
            if (si === state[i] || sj === state[j] || (depths.get(keyOf(after)) ?? Infinity) <= depth)
              continue;
            if (!this.mayGo(state, i, si) || !this.mayGo(state, j, sj)) continue;
            // What can be done with one hand after the other is no move of two.
            if (this.inTurn(state, after, i, j) || this.inTurn(state, after, j, i)) continue;
            const way = this.wayOf(
              map,
              [this.travel(state, i), this.travel(state, j)],
              [this.travel(after, i), this.travel(after, j)],
            );
            if (!way) continue;
            const free = (
              [
                [i, 0],
                [j, 1],
              ] as const
            ).every(([one, side]) => {
              const travels = way.map((place) => place[side]);
              const [least, most] = [Math.min(...travels), Math.max(...travels)];
              return this.goes(state, one, [i, j], (other) => this.beside(state, one, other, least, most));
            });
            if (free) yield { move: { kind: 'two', parts: [a.id, b.id], way }, after };
          }
        }
      }
    }
  }

  /** Each way is looked for once, whatever else stands where. */
  private wayOf(map: PairMap, from: Place, to: Place): Place[] | undefined {
    let room = this.rooms.get(map);
    if (!room) this.rooms.set(map, (room = this.roomOf(map)));
    let ways = waysKept.get(room);
    if (!ways) waysKept.set(room, (ways = new Map()));
    const name = `${from.join()} ${to.join()}`;
    if (!ways.has(name)) ways.set(name, wayThrough(map, room, from, to));
    return ways.get(name);
  }
}

/** Ways found over a room, by their ends: one search often follows another over the same maps. */
const waysKept = new WeakMap<FreeSpace, Map<string, Place[] | undefined>>();

const keyOf = (state: State) => state.join(',');
const statesIn = (states: string): number[] => states.split(',').map(Number);

function movesTo(steps: ReadonlyMap<string, Step | undefined>, state: string): Move[] {
  const moves: Move[] = [];
  for (let at = steps.get(state); at; at = steps.get(at.before)) moves.push(at.move);
  return moves.reverse();
}
