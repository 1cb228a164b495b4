import { place } from '../motion/joint';
import { motionPose } from '../motion/motion';
import { sameThing, type Body, type Mover, type Scene } from '../scene/scene';
import { withCorners } from '../solid/convex';
import { curveSteps, hangsWith, meetings, moverCheck, type MoverCheck } from './checkMover';
import { BodyIndex } from './bodyIndex';
import { meet, noCounts, reachOf, type CheckOptions, type Counts, type Met } from './encounter';
import { swept } from './extent';
import { finish, telling } from './steps';

/** How far a long check has come. */
export interface Progress {
  readonly done: number;
  readonly of: number;
}

export interface SceneCheck {
  readonly movers: readonly MoverCheck[];
  /** The work of this check alone: what was kept from the one before costs nothing. */
  readonly counts: Counts;
  /** Pairs of bodies looked at anew, and those whose answer was kept. */
  readonly fresh: number;
  readonly kept: number;
}

/** A mover's bodies where it stands at a travel, as things that stand still. */
export function parked(mover: Mover, travel: number): Body[] {
  return mover.bodies.map(({ motion, ...body }) => {
    const pose = motionPose(motion, travel);
    return {
      ...body,
      parked: mover.id,
      pieces: body.pieces.map((piece) => withCorners(piece, place(pose, piece.corners))),
    };
  });
}

/** Pairs of bodies near each other between two looks at the clock by whoever runs the check in steps. */
const STEP = 4;

/** What is known of a mover: what it meets, by the other body, and the check made of it. */
interface Known {
  readonly met: ReadonlyMap<Body, Met[]>;
  readonly own: readonly Met[];
  check: MoverCheck;
}

/**
 * Checks a whole scene, each mover against what stands still and against the other movers at rest, and keeps what it
 * found: of the next scene only what changed is looked at anew. Bodies and movers are known again by their content,
 * so a scene built afresh from a changed plan counts as changed only where it is.
 */
export class SceneChecker {
  private readonly known = new Map<string, Known>();
  private readonly bodies = new Map<string, Body>();
  private readonly keys = new WeakMap<Body, string>();
  private readonly moverKeys = new WeakMap<Mover, string>();
  private readonly parkedOf = new WeakMap<Mover, { at: number; bodies: Body[] }>();
  private readonly openedOf = new WeakMap<Mover, readonly Body[]>();
  private last = new Set<Body>();

  constructor(private readonly options: CheckOptions = {}) {}

  /**
   * @param rest  where movers stand while another moves, by id; shut where none is given
   */
  check(scene: Scene, rest: Readonly<Record<string, number>> = {}): SceneCheck {
    return finish(this.steps(scene, rest));
  }

  /** The same in steps short enough to stop between: each yields how far it has come. A run not finished leaves no trace. */
  *steps(scene: Scene, rest: Readonly<Record<string, number>> = {}): Generator<Progress, SceneCheck> {
    const counts = noCounts();
    let [fresh, kept] = [0, 0];
    const still = scene.still.map((body) => this.canonical(body));
    // Another way of a thing stands where the thing stands: once is enough.
    const parkedBodies = scene.movers.map((mover) =>
      mover.goes === 'instead' ? [] : this.parked(mover, rest[mover.id] ?? mover.from),
    );
    const opened = this.openedFor(scene);
    const all = new Set([...still, ...parkedBodies.flat(), ...[...opened.values()].flat()]);
    const removed = [...this.last].filter((body) => !all.has(body));
    const anew = new BodyIndex([...all].filter((body) => !this.last.has(body)));
    let everything: BodyIndex | undefined;
    const next = new Map<string, Known>();
    for (const [i, mover] of scene.movers.entries()) {
      const key = this.moverKey(mover);
      const before = this.known.get(key);
      const mine = new Set(parkedBodies[i]);
      if (mover.thing !== undefined || opened.size > 0)
        scene.movers.forEach((one, j) => {
          const open = opened.get(one.id);
          // What closes its place stands open for it, and shut for all others.
          const waits = mover.behind?.includes(one.id) ?? false;
          if (sameThing(one, mover) || waits) parkedBodies[j]!.forEach((body) => mine.add(body));
          if (open && !waits) open.forEach((body) => mine.add(body));
        });
      const index = before ? anew : (everything ??= new BodyIndex([...all]));
      const met = new Map(before?.met);
      const lost = removed.map((body) => met.delete(body)).includes(true);
      const own = noCounts();
      const met0 = met.size;
      yield* this.meetNear(mover, index, mine, met, own, { done: i, of: scene.movers.length });
      const among = before?.own ?? this.meetOwn(mover, own);
      if (!before) fresh += [...meetings(mover, [])].length;
      const others = index.sizeWithout(mine);
      fresh += mover.bodies.length * others;
      kept += mover.bodies.length * (all.size - mine.size - others);
      counts.pairs += own.pairs;
      counts.survived += own.survived;
      counts.evaluations += own.evaluations;
      if (before && !lost && met.size === met0) next.set(key, before);
      else {
        const everyone = [...among, ...[...met.values()].flat()];
        const plain = moverCheck(mover, everyone, this.options, own);
        const drawing = this.options.curves ? curveSteps(mover, plain, everyone) : undefined;
        const check = drawing ? yield* telling(drawing, { done: i, of: scene.movers.length }) : plain;
        next.set(key, { met, own: among, check });
      }
    }
    this.known.clear();
    for (const [key, value] of next) this.known.set(key, value);
    this.last = all;
    this.forget(all);
    const movers = scene.movers.map((mover) => this.known.get(this.moverKey(mover))!.check);
    return { movers, counts, fresh, kept };
  }

  /** Movers that others wait for, standing open all the way, by id. */
  private openedFor(scene: Scene): ReadonlyMap<string, readonly Body[]> {
    const wanted = new Set(scene.movers.flatMap(({ behind = [] }) => behind));
    return new Map(
      scene.movers.filter(({ id }) => wanted.has(id)).map((mover) => [mover.id, this.opened(mover)] as const),
    );
  }

  private opened(mover: Mover): readonly Body[] {
    const known = this.openedOf.get(mover);
    if (known) return known;
    const bodies = parked(mover, mover.to).map((body) => this.canonical(body));
    this.openedOf.set(mover, bodies);
    return bodies;
  }

  /** Hold a mover against those of the index that stand near, but for its own; stops between every few. */
  private *meetNear(
    mover: Mover,
    index: BodyIndex,
    mine: ReadonlySet<Body>,
    met: Map<Body, Met[]>,
    counts: Counts,
    progress: Progress,
  ): Generator<Progress> {
    const reach = reachOf(mover, this.options);
    const obstacles = index.piecesWithout(mine);
    let since = 0;
    for (const moving of mover.bodies) {
      counts.pairs += moving.pieces.length * obstacles;
      for (const body of index.near(swept(moving, mover).whole, reach)) {
        if (mine.has(body) || hangsWith(mover, body)) continue;
        counts.pairs -= moving.pieces.length * body.pieces.length; // counted where they meet
        const found = meet(mover, moving, body, this.options, counts);
        if (found) met.set(body, [...(met.get(body) ?? []), found]);
        if ((since += 1) % STEP === 0) yield progress;
      }
    }
    yield progress;
  }

  /** Hold a mover's own bodies against each other. */
  private meetOwn(mover: Mover, counts: Counts): Met[] {
    const found = [...meetings(mover, [])].map(([moving, other]) =>
      meet(mover, moving, other, this.options, counts),
    );
    return found.filter((met) => met !== undefined);
  }

  /** The first body ever seen with this content. */
  private canonical(body: Body): Body {
    const key = this.key(body);
    const first = this.bodies.get(key);
    if (first) return first;
    this.bodies.set(key, body);
    return body;
  }

  private parked(mover: Mover, at: number): Body[] {
    const known = this.parkedOf.get(mover);
    if (known && known.at === at) return known.bodies;
    const bodies = parked(mover, at).map((body) => this.canonical(body));
    this.parkedOf.set(mover, { at, bodies });
    return bodies;
  }

  private key(body: Body): string {
    let key = this.keys.get(body);
    if (key === undefined) {
      key = bodyKey(body);
      this.keys.set(body, key);
    }
    return key;
  }

  private moverKey(mover: Mover): string {
    let key = this.moverKeys.get(mover);
    if (key === undefined) {
      key = moverKey(mover, (body) => this.key(body));
      this.moverKeys.set(mover, key);
    }
    return key;
  }

  /** Let go of bodies that no scene has any more, once they are many. */
  private forget(live: ReadonlySet<Body>): void {
    if (this.bodies.size < 2 * live.size + 1000) return;
    this.bodies.clear();
    for (const body of live) this.bodies.set(this.key(body), body);
  }
}

/** Content of a body as text: its ids, and a hash of every coordinate's bits. */
function bodyKey(body: Body): string {
  let [a, b] = [0x811c9dc5, 0x1b873593];
  const mix = (values: Float64Array) => {
    const words = new Uint32Array(values.buffer, values.byteOffset, 2 * values.length);
    for (const word of words) {
      a = Math.imul(a ^ word, 0x01000193);
      b = Math.imul(b ^ (word >>> 16) ^ (word << 16), 0x85ebca6b);
    }
  };
  for (const piece of body.pieces)
    mix(piece.kind === 'convex' ? piece.corners : Float64Array.of(...piece.normal, piece.offset));
  return `${body.id} ${body.item} ${body.zone ?? ''} ${body.doubt ?? ''} ${body.row ?? ''} ${body.name} ${body.pieces.length} ${a >>> 0} ${b >>> 0}`;
}

function moverKey(mover: Mover, key: (body: Body) => string): string {
  const { id, name, thing = '', behind = [], bodies, from, to, contacts, needs } = mover;
  const moving = bodies.map((body) => `${key(body)} ${body.motion.key}`).join('|');
  return `${id} ${name} ${thing} ${behind.join()} ${from} ${to} ${moving} ${JSON.stringify(contacts)} ${JSON.stringify(needs)}`;
}
