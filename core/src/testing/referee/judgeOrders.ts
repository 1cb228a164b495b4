import { SceneChecker } from '../../clearance/checkScene';
import type { Move, Order } from '../../clearance/order';
import { PairMaps } from '../../clearance/pairMaps';
import { finish } from '../../clearance/steps';
import { fullestOpening, openTravels, type Opening } from '../../report/opening';
import { pairLines, passOf, type PairLine } from '../../report/pass';
import { readScene } from '../../scene/readScene';
import type { SceneFile } from '../../scene/schema';
import { FAR, World } from './world';

/** What one scene's orders, ways and words came to. */
export interface JudgedOrders {
  readonly wrong: readonly string[];
  readonly words: readonly string[];
  /** What was told of an order: its kind, and why there is none. */
  readonly orders: readonly string[];
  readonly ms: number;
}

/** What sampling and rounding may differ by, mm. */
const SLACK = 1e-3;
/** So much to spare besides what moves between two samples, and free is beyond doubt, mm. */
const MARGIN = 0.05;
/** Samples of a move, of an edge, and of each side of the square of two travels. */
const SAMPLES = 400;
const SQUARE = 64;

/** Hold what the engine says of a scene's pairs and of opening all against poses worked out apart from it. */
export function judgeOrders(file: SceneFile): JudgedOrders {
  const began = performance.now();
  const read = readScene(JSON.parse(JSON.stringify(file)));
  if (!read.ok) return { wrong: [`refused: ${read.issues[0]!.message}`], words: [], orders: [], ms: 0 };
  const { scene } = read;
  const maps = new PairMaps();
  const checks = new SceneChecker().check(scene).movers;
  const lines = finish(pairLines(scene, maps));
  const passes = lines.map(({ a, b }) => passOf(scene, maps, a, b));
  const opening = fullestOpening(scene, checks, maps);
  const alone = openTravels(scene, checks);
  const ms = performance.now() - began;
  const court = new Court(file);
  lines.forEach((line, n) => court.pair(line, passes[n]!));
  court.goal(alone.goal);
  court.opening(opening, alone.goal);
  const { order, never } = opening;
  return {
    wrong: court.wrong,
    words: lines.map(({ word }) => word),
    orders: [
      never ? (never.kind === 'none' ? `none: ${never.why}` : never.kind) : order.kind,
      ...(order.kind === 'order' && order.moves.some(({ kind }) => kind === 'two') ? ['two at once'] : []),
    ],
    ms,
  };
}

/** What is beyond doubt of a stretch or a place: free, hit somewhere, or neither. */
type Sure = 'free' | 'hits' | 'unsure';

class Court {
  readonly wrong: string[] = [];
  private readonly world: World;
  private readonly moves = new Map<string, Sure>();

  constructor(file: SceneFile) {
    this.world = new World(file);
  }

  private index(id: string): number {
    return this.world.file.movers.findIndex((mover) => mover.id === id);
  }

  private at(i: number, n: number, of = SAMPLES): number {
    const { from, to } = this.world.spec(i);
    return from! + ((to - from!) * n) / of;
  }

  /** A mover going from one travel to another, another standing: looked at in even steps. */
  private going(i: number, from: number, to: number, j: number, at: number): Sure {
    const name = `${i} ${from} ${to} ${j} ${at}`;
    const known = this.moves.get(name);
    if (known) return known;
    let least = Infinity;
    let step = 0;
    for (let n = 0; n <= SAMPLES; n += 1) {
      const travel = from + ((to - from) * n) / SAMPLES;
      least = Math.min(least, this.world.spare(i, travel, j, at));
      if (n > 0) step = Math.max(step, this.world.moved(i, travel - (to - from) / SAMPLES, travel));
      if (least < -SLACK) break;
    }
    const sure = least < -SLACK ? 'hits' : least > MARGIN + step ? 'free' : 'unsure';
    this.moves.set(name, sure);
    return sure;
  }

  private pose(i: number, ti: number, j: number, tj: number): Sure {
    const spare = this.world.spare(i, ti, j, tj);
    return spare < -SLACK ? 'hits' : spare > MARGIN ? 'free' : 'unsure';
  }

  /** Whether a path that is free beyond doubt leads from both shut to both at their ends. */
  private pathThrough(i: number, endI: number, j: number, endJ: number): boolean {
    const [{ from: fromI }, { from: fromJ }] = [this.world.spec(i), this.world.spec(j)];
    const travel = (from: number, to: number, n: number) => from + ((to - from) * n) / SQUARE;
    const ts = Array.from({ length: SQUARE + 1 }, (_, n) => travel(fromI!, endI, n));
    const us = Array.from({ length: SQUARE + 1 }, (_, n) => travel(fromJ!, endJ, n));
    const steps = (k: number, list: readonly number[]) =>
      list.map((t, n) => (n === 0 ? 0 : this.world.moved(k, list[n - 1]!, t)));
    const [movesI, movesJ] = [steps(i, ts), steps(j, us)];
    const around = (moves: readonly number[], n: number) => 0.75 * Math.max(moves[n]!, moves[n + 1] ?? 0);
    const seen = new Uint8Array((SQUARE + 1) ** 2);
    const free = (n: number, m: number) =>
      this.world.spare(i, ts[n]!, j, us[m]!) > MARGIN + around(movesI, n) + around(movesJ, m);
    const stack: [number, number][] = free(0, 0) ? [[0, 0]] : [];
    while (stack.length > 0) {
      const [n, m] = stack.pop()!;
      if (n === SQUARE && m === SQUARE) return true;
      for (const [p, q] of [
        [n + 1, m],
        [n - 1, m],
        [n, m + 1],
        [n, m - 1],
      ] as const) {
        if (p < 0 || q < 0 || p > SQUARE || q > SQUARE || seen[p * (SQUARE + 1) + q]) continue;
        seen[p * (SQUARE + 1) + q] = 1;
        if (free(p, q)) stack.push([p, q]);
      }
    }
    return false;
  }

  private claim(holds: boolean, what: string): void {
    if (!holds) this.wrong.push(what);
  }

  /** The word and the sentence of a pair, and the way through. */
  pair(line: PairLine, pass: ReturnType<typeof passOf>): void {
    const { word, sentence } = line;
    const [i, j] = [this.index(line.a), this.index(line.b)];
    const [a, b] = [this.world.spec(i), this.world.spec(j)];
    const what = `${line.a} and ${line.b}, “${word}”`;
    const open = this.pose(i, a.to, j, b.to);
    const shut = this.pose(i, a.from!, j, b.from!);
    const aShut = this.going(i, a.from!, a.to, j, b.from!);
    const aOpen = this.going(i, a.from!, a.to, j, b.to);
    const bShut = this.going(j, b.from!, b.to, i, a.from!);
    const bOpen = this.going(j, b.from!, b.to, i, a.to);
    const free = (...all: Sure[]) => this.claim(!all.includes('hits'), `${what}: they hit`);
    const stops = (...all: Sure[]) =>
      this.claim(!all.every((one) => one === 'free'), `${what}: nothing is in the way`);
    switch (word) {
      case 'any order':
        free(open, aShut, aOpen, bShut, bOpen);
        break;
      case 'first first':
        free(open, aShut, bOpen);
        if (/they meet/.test(sentence)) stops(bShut, aOpen);
        break;
      case 'second first':
        free(open, bShut, aOpen);
        if (/they meet/.test(sentence)) stops(aShut, bOpen);
        break;
      case 'together':
        free(open);
        stops(aShut, bOpen);
        stops(bShut, aOpen);
        this.claim(pass.way !== undefined, `${what}: no way is drawn`);
        break;
      case 'one at a time':
        stops(open);
        free(aShut, bShut);
        break;
      case 'first only':
        stops(open);
        stops(bShut);
        free(aShut);
        break;
      case 'second only':
        stops(open);
        stops(aShut);
        free(bShut);
        break;
      case 'neither':
        stops(open);
        stops(aShut);
        stops(bShut);
        break;
      case 'parted':
        free(open);
        if (shut !== 'hits') this.claim(!this.pathThrough(i, a.to, j, b.to), `${what}: a path leads there`);
        break;
      case 'not proven':
        if (open === 'hits')
          this.claim(aShut === 'unsure' || bShut === 'unsure', `${what}: both edges are plain`);
        if (open === 'free') this.claim(!this.pathThrough(i, a.to, j, b.to), `${what}: a path leads there`);
        break;
      case 'never meet':
        this.apart(i, j, sentence, what);
        break;
      default:
        this.wrong.push(`${what}: no word for two parts`);
    }
    if (/stand in each other/.test(sentence))
      this.claim(shut !== 'free', `${what}: they stand apart when shut`);
    if (word !== 'never meet') this.amounts(sentence, what);
    this.way(i, j, pass, what);
  }

  /** Never met anywhere, and as far apart as is said. */
  private apart(i: number, j: number, sentence: string, what: string): void {
    const said = /at least ([\d.]+) mm/.exec(sentence);
    const least = said ? Number(said[1]) : /never come near/.test(sentence) ? 50 : 0;
    for (let n = 0; n <= 40; n += 1) {
      for (let m = 0; m <= 40; m += 1) {
        // The gap along an axis is less than the distance: of corners to corners by a root of three at most.
        const gap = this.world.gap(i, this.at(i, n, 40), j, this.at(j, m, 40));
        if (gap * Math.sqrt(3) < least - SLACK || gap < 0)
          return void this.wrong.push(`${what}: ${gap.toFixed(3)} apart of ${least}`);
      }
    }
  }

  /** How far one is said to go with the other shut or open. */
  private amounts(sentence: string, what: string): void {
    for (const [, other, where, own, figure, unit] of sentence.matchAll(
      /With (\S+) (shut|open), (\S+) goes to (-?[\d.]+)(°| mm)/g,
    ))
      this.amount(own!, other!, where!, figure!, unit!, what);
    for (const [, own, other, shut, unit, open] of sentence.matchAll(
      /(\S+) does not open past (\S+): it goes to (-?[\d.]+)(°| mm) with that shut, to (-?[\d.]+)/g,
    )) {
      this.amount(own!, other!, 'shut', shut!, unit!, what);
      this.amount(own!, other!, 'open', open!, unit!, what);
    }
  }

  private amount(
    own: string,
    other: string,
    where: string,
    figure: string,
    unit: string,
    what: string,
  ): void {
    const [i, j] = [this.index(own), this.index(other)];
    const { from, to } = this.world.spec(i);
    const at = where === 'shut' ? this.world.spec(j).from! : this.world.spec(j).to;
    const [one, said] =
      unit === '°' ? [Math.PI / 180, (Number(figure) * Math.PI) / 180] : [0.1, Number(figure)];
    const within = (t: number) => Math.min(to, Math.max(from!, t));
    for (let n = 0; n < SAMPLES; n += 1) {
      const t = from! + ((said - one / 2 - from!) * n) / SAMPLES;
      if (t > from! && this.world.spare(i, t, j, at) < -SLACK) {
        this.wrong.push(`${what}: ${own} hits at ${t}, before ${said}`);
        break;
      }
    }
    const near = Array.from({ length: 101 }, (_, n) =>
      this.world.spare(i, within(said + one * (n / 50 - 0.5)), j, at),
    );
    this.claim(Math.min(...near) < 0.1, `${what}: nothing stops ${own} at ${said}`);
  }

  /** A way is free all along, leads from shut to open, and keeps what it says. */
  private way(i: number, j: number, { way, keeps }: ReturnType<typeof passOf>, what: string): void {
    if (!way) return;
    const ends = [way[0]!, way.at(-1)!].flat();
    const [a, b] = [this.world.spec(i), this.world.spec(j)];
    this.claim(ends.join() === [a.from, b.from, a.to, b.to].join(), `${what}: the way ends elsewhere`);
    const least = this.leastAlong(i, j, way);
    this.claim(least.spare >= -SLACK, `${what}: the way goes ${-least.spare} in`);
    this.claim(
      least.gap * Math.sqrt(3) >= Math.min(FAR, keeps?.lower ?? 0) - SLACK,
      `${what}: the way keeps ${least.gap}, not ${keeps?.lower}`,
    );
  }

  private leastAlong(i: number, j: number, way: readonly (readonly [number, number])[]) {
    let [spare, gap] = [Infinity, Infinity];
    way.slice(1).forEach((to, k) => {
      const from = way[k]!;
      for (let n = 0; n <= SAMPLES; n += 1) {
        const at = (side: 0 | 1) => from[side] + ((to[side] - from[side]) * n) / SAMPLES;
        spare = Math.min(spare, this.world.spare(i, at(0), j, at(1)));
        gap = Math.min(gap, this.world.gap(i, at(0), j, at(1)));
      }
    });
    return { spare, gap };
  }

  /** Each part's goal is what stands still leaves it. */
  goal(goal: Readonly<Record<string, number>>): void {
    this.world.file.movers.forEach(({ id, from, to, unit }, i) => {
      const end = goal[id] ?? from!;
      for (let n = 0; n <= 3 * SAMPLES; n += 1) {
        const t = from! + ((end - from!) * n) / (3 * SAMPLES);
        if (end > from! && this.world.spareFromStill(i, t) < -SLACK)
          return void this.wrong.push(`${id}: its goal ${end} goes through what stands still at ${t}`);
      }
      if (end >= to) return;
      const beyond = Math.min(to, end + (unit === 'rad' ? Math.PI / 360 : 1) + 1e-6);
      const near = Array.from({ length: 201 }, (_, n) =>
        this.world.spareFromStill(i, end + ((beyond - end) * n) / 200),
      );
      this.claim(Math.min(...near) < 0.1, `${id}: nothing that stands still stops it at ${end}`);
    });
  }

  /** The order is free in every move, ends where it says and is the shortest; none is none. */
  opening({ order, never, goal }: Opening, alone: Readonly<Record<string, number>>): void {
    if (never) this.neverAll(never, alone);
    if (order.kind !== 'order') return;
    const standing = this.world.file.movers.map(({ from }) => from!);
    for (const move of order.moves) this.follow(move, standing);
    for (const [id, wanted] of Object.entries(goal))
      this.claim(standing[this.index(id)] === wanted, `the order leaves ${id} elsewhere`);
    const shortest = this.shortest(goal);
    if (shortest !== undefined)
      this.claim(shortest >= order.moves.length, `${shortest} moves open all, not ${order.moves.length}`);
  }

  private follow(move: Move, standing: number[]): void {
    if (move.kind === 'one') {
      const i = this.index(move.part);
      this.claim(standing[i] === move.from, `${move.part} does not stand where its move begins`);
      standing.forEach((at, j) => {
        if (j !== i)
          this.claim(
            this.going(i, move.from, move.to, j, at) !== 'hits',
            `${move.part} hits m${j} on its way`,
          );
      });
      standing[i] = move.to;
      return;
    }
    const [i, j] = move.parts.map((id) => this.index(id)) as [number, number];
    this.claim(move.way[0]!.join() === [standing[i], standing[j]].join(), 'a way of two begins elsewhere');
    const { spare } = this.leastAlong(i, j, move.way);
    this.claim(spare >= -SLACK, `${move.parts.join(' and ')} together go ${-spare} in`);
    move.way.slice(1).forEach((to, k) =>
      (
        [
          [i, 0],
          [j, 1],
        ] as const
      ).forEach(([one, side]) =>
        standing.forEach((at, other) => {
          if (other !== i && other !== j)
            this.claim(
              this.going(one, move.way[k]![side], to[side], other, at) !== 'hits',
              `m${one} hits m${other} on a way of two`,
            );
        }),
      ),
    );
    [standing[i], standing[j]] = move.way.at(-1)!;
  }

  /** The fewest single moves, of those free beyond doubt, that lead from all shut to a goal; undefined where none do. */
  private shortest(goal: Readonly<Record<string, number>>): number | undefined {
    const { movers } = this.world.file;
    const ends = movers.map(({ id, from }) => goal[id] ?? from!);
    const start = movers.map(() => 0).join('');
    const depth = new Map([[start, 0]]);
    const queue = [start];
    for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
      const state = [...at].map(Number);
      if (state.every((open, i) => open === 1 || goal[movers[i]!.id] === undefined)) return depth.get(at);
      const stands = (i: number) => (state[i] ? ends[i]! : movers[i]!.from!);
      movers.forEach(({ from }, i) => {
        if (ends[i] === from) return;
        const next = state.with(i, 1 - state[i]!).join('');
        if (depth.has(next)) return;
        const to = state[i] ? from! : ends[i]!;
        const free = movers.every((_, j) => j === i || this.going(i, stands(i), to, j, stands(j)) === 'free');
        if (!free) return;
        depth.set(next, depth.get(at)! + 1);
        queue.push(next);
      });
    }
    return undefined;
  }

  /** No order opens all: what is said to be in the way is. */
  private neverAll(never: Exclude<Order, { kind: 'order' }>, goal: Readonly<Record<string, number>>): void {
    const found = this.shortest(goal);
    this.claim(found === undefined, `told ${never.kind}, and ${found} moves open all`);
    if (never.kind !== 'none') return;
    const [i, j] = never.pair.map((id) => this.index(id)) as [number, number];
    const [a, b] = [this.world.spec(i), this.world.spec(j)];
    const [endA, endB] = [goal[a.id]!, goal[b.id]!];
    const what = `${a.id} and ${b.id} never, “${never.why}”`;
    if (never.why === 'shut')
      this.claim(this.pose(i, a.from!, j, b.from!) !== 'free', `${what}: they stand apart`);
    if (never.why === 'there')
      this.claim(this.pose(i, endA, j, endB) !== 'free', `${what}: they stand apart there`);
    this.claim(!this.pathThrough(i, endA, j, endB), `${what}: a path leads there`);
  }
}
