import type { ManifoldToplevel } from 'manifold-3d';
import { pathText } from '../../item/issue';
import { cellOf } from '../../clearance/pairMap';
import { groundAlong, groundAt } from '../../clearance/pairMap';
import { PairMaps } from '../../clearance/pairMaps';
import { SceneChecker } from '../../clearance/checkScene';
import { BLOCKED, FREE } from '../../clearance/cellState';
import type { MoverCheck } from '../../clearance/checkMover';
import type { Encounter } from '../../clearance/encounter';
import { readScene } from '../../scene/readScene';
import type { SceneFile } from '../../scene/schema';
import type { Scene } from '../../scene/scene';
import type { Dice } from '../dice';
import type { Drawn } from './drawScene';
import { pathsOf, type Stand } from './poses';
import { Solids, type Solid } from './solids';

type MoverSpec = SceneFile['movers'][number];

/** What one scene came to. */
export interface Judged {
  /** Where engine and referee disagree, in words; empty where they agree. */
  readonly wrong: readonly string[];
  /** What the engine says of each pair of bodies it names, or of the whole: `refused`. */
  readonly verdicts: readonly string[];
  /** Something came within a tenth of a millimetre of touching. */
  readonly close: boolean;
  /** Pairs of bodies looked at. */
  readonly pairs: number;
  /** How long the engine took, ms. */
  readonly ms: number;
}

/** What rounding and the referee's own search may differ by, mm. */
const SLACK = 2e-5;
/** Pressing deeper than this into a touch is a hit, mm: the rule of docs/core.md, told here again. */
const PRESS = 0.01;
const WATCHED = 50;
const WIDTH = 0.05;
const EVEN = 24;

const AT_REST: Stand = { turn: [1, 0, 0, 0], shift: [0, 0, 0] };

/** A body as the referee knows it, and where it stands. */
interface Known {
  readonly id: string;
  readonly solids: readonly Solid[];
  readonly stand: (travel: number) => Stand;
}

/** Hold what the engine says of a scene against manifold-3d over the referee's own poses. */
export function judge(api: ManifoldToplevel, { file, refused, watched }: Drawn, dice: Dice): Judged {
  const began = performance.now();
  let scene: Scene;
  let checks: readonly MoverCheck[];
  const maps = new PairMaps();
  try {
    const read = readScene(JSON.parse(JSON.stringify(file)));
    const ms = performance.now() - began;
    if (!read.ok) {
      const [{ path, message } = { path: [], message: '' }] = read.issues;
      const said = `${pathText(path)}: ${message}`;
      const meant = refused && pathText(path).startsWith(refused.at) && refused.saying.test(message);
      return { wrong: meant ? [] : [`refused: ${said}`], verdicts: ['refused'], close: false, pairs: 0, ms };
    }
    if (refused)
      return {
        wrong: [`read, though ${refused.at} cannot be`],
        verdicts: ['read'],
        close: false,
        pairs: 0,
        ms,
      };
    scene = read.scene;
    checks = new SceneChecker({ curves: true }).check(scene).movers;
    scene.movers.forEach((a, i) => scene.movers.slice(i + 1).forEach((b) => maps.of(a, b)));
  } catch (error) {
    return {
      wrong: [`crash: ${(error as Error).message}`],
      verdicts: ['crash'],
      close: false,
      pairs: 0,
      ms: 0,
    };
  }
  const ms = performance.now() - began;
  const solids = new Solids(api);
  const court = new Court(solids, file, watched);
  try {
    file.movers.forEach((mover, m) => court.mover(mover, m, checks[m]!));
    file.movers.forEach((a, i) =>
      file.movers.slice(i + 1).forEach((b, k) => {
        const map = maps.of(scene.movers[i]!, scene.movers[i + 1 + k]!);
        court.pair(a, i, b, i + 1 + k, map, dice);
      }),
    );
  } finally {
    solids.free();
  }
  const { wrong, close, pairs } = court;
  return {
    wrong,
    verdicts: checks.flatMap(({ encounters }) => encounters.map(({ verdict }) => verdict)),
    close,
    pairs,
    ms,
  };
}

class Court {
  readonly wrong: string[] = [];
  close = false;
  pairs = 0;
  private readonly still: readonly Known[];
  private readonly moving: readonly (readonly Known[])[];

  constructor(
    private readonly solids: Solids,
    private readonly file: SceneFile,
    private readonly watched: Drawn['watched'],
  ) {
    this.still = file.bodies.map(({ id, pieces }) => ({
      id,
      solids: pieces.map((piece) => solids.of(piece)),
      stand: () => AT_REST,
    }));
    this.moving = file.movers.map((mover) => {
      const paths = pathsOf(mover);
      return mover.bodies.map(({ id, pieces }, b) => ({
        id,
        solids: pieces.map((piece) => solids.of(piece)),
        stand: paths[b]!,
      }));
    });
  }

  /** Every body of a mover against what stands still, the other movers as they are shut, and its own that move unlike it. */
  mover(mover: MoverSpec, m: number, check: MoverCheck): void {
    const shut = this.moving.flatMap((bodies, k) =>
      k === m ? [] : bodies.map((body) => ({ ...body, stand: () => body.stand(this.file.movers[k]!.from!) })),
    );
    const own = this.moving[m]!;
    own.forEach((body, i) => {
      for (const other of [...this.still, ...shut]) this.meeting(mover, body, other, check);
      for (const other of own.slice(i + 1)) {
        const found = check.encounters.some((e) => e.moving === body.id && e.still === other.id);
        if (found || !rigid(body, other, mover)) this.meeting(mover, body, other, check);
      }
    });
    const hit = Math.min(...check.encounters.flatMap((e) => e.contact?.free ?? []), mover.to);
    if (check.usable !== hit)
      this.wrong.push(`${mover.id}: usable to ${check.usable}, first contact at ${hit}`);
  }

  private meeting(mover: MoverSpec, body: Known, other: Known, check: MoverCheck): void {
    this.pairs += 1;
    const encounter = check.encounters.find((e) => e.moving === body.id && e.still === other.id);
    body.solids.forEach((a) =>
      other.solids.forEach((b) => {
        const at = (t: number) => this.solids.between(a, body.stand(t), b, other.stand(t));
        this.pieces(
          mover,
          at,
          `${body.id} and ${other.id}`,
          encounter,
          other.id,
          body.id,
          a.convex && b.convex,
        );
      }),
    );
    if (encounter) this.claims(mover, body, other, encounter);
  }

  /** One pair of pieces over the travel: does it do anything that the engine says it does not? */
  private pieces(
    mover: MoverSpec,
    at: (t: number) => number,
    who: string,
    encounter: Encounter | undefined,
    other: string,
    body: string,
    convex: boolean,
  ): void {
    const from = mover.from!;
    const needed = mover.needs!.of![other] ?? mover.needs!.around;
    const start = at(from);
    const samples = this.sampled(at, mover, encounter);
    for (const [t, apart] of samples) {
      if (Number.isNaN(apart) && !convex) {
        // They overlap, by how much is not known: enough for a hit wherever no touch is meant and none was there at the start.
        if (meantAt(mover, body, other, t) < 0 && !(Math.abs(start) <= 1) && !Number.isNaN(start))
          this.hitAt(t, who, encounter, 'overlap');
        continue;
      }
      if (Math.abs(apart) < 0.1) this.close = true;
      const meant = meantAt(mover, body, other, t);
      const level = this.levelAt(mover, body, other, t, start);
      if (apart < level - SLACK) this.hitAt(t, who, encounter, String(apart));
      if (meant >= 0) continue;
      const short = encounter?.short?.free ?? encounter?.contact?.free ?? Infinity;
      if (t < short && apart < needed - SLACK && !(encounter?.contact && t >= encounter.contact.free))
        this.wrong.push(
          `${who} ${apart} apart at ${t}, ${needed} needed: said ${encounter?.verdict ?? 'nothing'}`,
        );
      const proven = encounter ? (encounter.least?.lower ?? -Infinity) : Math.max(WATCHED, needed);
      if (apart < proven - SLACK) this.wrong.push(`${who} ${apart} apart at ${t}: proven ${proven}`);
    }
  }

  private hitAt(t: number, who: string, encounter: Encounter | undefined, how: string): void {
    if (!encounter?.contact)
      this.wrong.push(`${who} hit at ${t} (${how}): said ${encounter?.verdict ?? 'nothing'}`);
    else if (t < encounter.contact.free - SLACK)
      this.wrong.push(`${who} hit at ${t} (${how}): said free to ${encounter.contact.free}`);
  }

  /** At or below this a pair of pieces hits: 0, a hair deeper than the touch it starts from, or than one that is meant. */
  private levelAt(mover: MoverSpec, body: string, other: string, t: number, start: number): number {
    const meant = meantAt(mover, body, other, t);
    if (meant >= 0) return -meant - PRESS;
    const atStart = meantBetween(mover, body, other, mover.from!, t) < 0;
    return atStart && Math.abs(start) <= PRESS + SLACK ? Math.min(start, 0) - PRESS : 0;
  }

  /** What the engine claims of a pair that it names must be so where it says. */
  private claims(
    mover: MoverSpec,
    body: Known,
    other: Known,
    { contact, least, short, needed }: Encounter,
  ): void {
    const who = `${body.id} and ${other.id}`;
    const lowest = (t: number) => {
      const all = body.solids.flatMap((a) =>
        other.solids.map((b) => this.solids.between(a, body.stand(t), b, other.stand(t))),
      );
      // How deep pieces that are not convex are in one another is not known.
      return all.some(Number.isNaN) ? Number.NaN : Math.min(...all);
    };
    if (contact) {
      const t = contact.at.travel;
      if (t < mover.from! - SLACK || t > mover.to + SLACK)
        this.wrong.push(`${who} said to touch at ${t}, beyond the travel`);
      const hits = body.solids.some((a) =>
        other.solids.some((b) => {
          const at = (travel: number) => this.solids.between(a, body.stand(travel), b, other.stand(travel));
          const here = at(t);
          if (Number.isNaN(here)) return true;
          const start = at(mover.from!);
          return (
            here <= this.levelAt(mover, body.id, other.id, t, Number.isNaN(start) ? -1 : start) + SLACK ||
            (meantAt(mover, body.id, other.id, t) >= 0 &&
              here <= this.levelBeside(mover, body.id, other.id, t) + SLACK)
          );
        }),
      );
      if (!hits) this.wrong.push(`${who} said to touch at ${t}: ${lowest(t)} apart`);
    }
    if (least) {
      const here = lowest(least.witness.travel);
      if (here < least.witness.clearance - WIDTH - SLACK)
        this.wrong.push(`${who} said ${least.witness.clearance} apart at ${least.witness.travel}: ${here}`);
      if (here > least.witness.clearance + SLACK && least.witness.clearance < 60)
        this.wrong.push(`${who} said ${least.witness.clearance} apart at ${least.witness.travel}: ${here}`);
      if (least.witness.clearance - least.lower > WIDTH + 1e-9)
        this.wrong.push(`${who} said between ${least.lower} and ${least.witness.clearance}: too wide`);
    }
    if (short && lowest(short.at.travel) > needed + SLACK)
      this.wrong.push(
        `${who} said short of ${needed} at ${short.at.travel}: ${lowest(short.at.travel)} apart`,
      );
  }

  /** At the very end of a meant touch the rule beside it holds as well. */
  private levelBeside(mover: MoverSpec, body: string, other: string, t: number): number {
    const hair = 1e-9 * Math.max(1, Math.abs(t));
    return [t - hair, t + hair].some((one) => meantAt(mover, body, other, one) < 0) ? 0 : -Infinity;
  }

  /** Travels with the separation there: even ones, those set aside, what the engine names, and the lowest places sought. */
  private sampled(
    at: (t: number) => number,
    mover: MoverSpec,
    encounter: Encounter | undefined,
  ): [number, number][] {
    const { from, to } = mover as { from: number; to: number };
    const named = [encounter?.contact?.free, encounter?.short?.free, encounter?.least?.witness.travel];
    const travels = [
      ...Array.from({ length: EVEN + 1 }, (_, i) => from + ((to - from) * i) / EVEN),
      ...(this.watched[mover.id] ?? []),
      ...named.filter((t) => t !== undefined),
    ].filter((t) => t >= from && t <= to);
    const samples = [...new Set(travels)].sort((p, q) => p - q).map((t): [number, number] => [t, at(t)]);
    const value = (i: number) => samples[i]?.[1] ?? Infinity;
    const dips = samples
      .map((_, i) => i)
      .filter((i) => value(i) < 60 && value(i) > 0 && value(i) <= value(i - 1) && value(i) <= value(i + 1))
      .sort((p, q) => value(p) - value(q))
      .slice(0, 2);
    for (const i of dips)
      samples.push(...sought(at, samples[i - 1]?.[0] ?? from, samples[i]![0], samples[i + 1]?.[0] ?? to));
    return samples;
  }

  /** The map of two movers at random places, at the corners, and a hair past the ends; and along its edges. */
  pair(a: MoverSpec, i: number, b: MoverSpec, k: number, map: ReturnType<PairMaps['of']>, dice: Dice): void {
    const past = (t: number, sense: 1 | -1) => t + sense * Math.max(Math.abs(t), 1e-300) * Number.EPSILON;
    const places = ({ from, to }: MoverSpec) => [
      from!,
      past(from!, -1),
      to,
      past(to, 1),
      ...[0, 1, 2].map(() => dice.real(from!, to)),
    ];
    const apartAt = (ta: number, tb: number) =>
      Math.min(
        ...this.moving[i]!.flatMap((one) =>
          this.moving[k]!.flatMap((two) =>
            one.solids.flatMap((p) =>
              two.solids.map((q) => {
                const apart = this.solids.between(p, one.stand(ta), q, two.stand(tb));
                return Number.isNaN(apart) ? -1 : apart;
              }),
            ),
          ),
        ),
      );
    const inside = ({ from, to }: MoverSpec, t: number) => Math.min(to, Math.max(from!, t));
    for (const ta of places(a))
      for (const tb of places(b)) {
        const apart = apartAt(inside(a, ta), inside(b, tb));
        const ground = map ? groundAt(map, ta, tb) : FREE;
        const where = `${a.id} at ${ta} with ${b.id} at ${tb}`;
        if (ground === FREE && apart < -SLACK) this.wrong.push(`${where}: ${apart}, said free`);
        if (ground === BLOCKED && apart > SLACK) this.wrong.push(`${where}: ${apart}, said blocked`);
        if (!map) continue;
        const whole = groundAlong(map, a.from!, ta, tb);
        if (whole === FREE && apart < -SLACK) this.wrong.push(`${where}: ${apart}, said free all along`);
      }
    if (map && cellOf(map.travelA, a.to) !== 255)
      this.wrong.push(`${a.id} ends in another cell than the last`);
  }
}

/** The deepest touch that is meant between two bodies at a travel; -1 where none is. */
function meantAt({ contacts }: MoverSpec, body: string, other: string, t: number): number {
  const meant = contacts!.filter(
    ({ moving, still, from, to }) =>
      ((moving === body && still === other) || (moving === other && still === body)) && t >= from && t <= to,
  );
  return Math.max(-1, ...meant.map(({ depth }) => depth));
}

/** The same, of all that is meant anywhere between two travels. */
function meantBetween({ contacts }: MoverSpec, body: string, other: string, a: number, b: number): number {
  const meant = contacts!.filter(
    ({ moving, still, from, to }) =>
      ((moving === body && still === other) || (moving === other && still === body)) && to > a && from <= b,
  );
  return Math.max(-1, ...meant.map(({ depth }) => depth));
}

/** Whether two bodies keep their place to each other over the travel. */
function rigid(a: Known, b: Known, { from, to }: MoverSpec): boolean {
  const shape = (t: number) => {
    const [p, q] = [a.stand(t), b.stand(t)];
    const d = p.turn.reduce((sum, x, i) => sum + x * q.turn[i]!, 0);
    const away = Math.hypot(p.shift[0] - q.shift[0], p.shift[1] - q.shift[1], p.shift[2] - q.shift[2]);
    return [Math.abs(d), away] as const;
  };
  return [0, 0.3, 0.7, 1].every((part) => {
    const [turn, away] = shape(from! + (to - from!) * part);
    return Math.abs(turn - 1) < 1e-12 && away < 1e-9;
  });
}

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** The lowest place between two travels about a middle one, by golden section, with all that was looked at on the way. */
function sought(at: (t: number) => number, low: number, middle: number, high: number): [number, number][] {
  const seen: [number, number][] = [];
  const look = (t: number) => {
    const value = at(t);
    seen.push([t, value]);
    return value;
  };
  for (let [a, b] of [
    [low, middle],
    [middle, high],
  ] as [number, number][]) {
    let [p, q] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
    let [atP, atQ] = [look(p), look(q)];
    for (let i = 0; i < 9; i += 1) {
      if (atP <= atQ) {
        [b, q, atQ] = [q, p, atP];
        p = b - GOLDEN * (b - a);
        atP = look(p);
      } else {
        [a, p, atP] = [p, q, atQ];
        q = a + GOLDEN * (b - a);
        atQ = look(q);
      }
    }
  }
  return seen;
}
