import { place } from '../motion/joint';
import { motionPose } from '../motion/motion';
import type { Body, Mover, Scene } from '../scene/scene';
import { withCorners } from '../solid/convex';
import { meetings, moverCheck, withCurves, type MoverCheck } from './checkMover';
import {
  boxesApart,
  meet,
  noCounts,
  reachOf,
  stillBox,
  sweptBox,
  type CheckOptions,
  type Counts,
  type Encounter,
} from './encounter';

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
  return mover.bodies.map(({ id, name, item, pieces, motion }) => {
    const pose = motionPose(motion, travel);
    return { id, name, item, pieces: pieces.map((piece) => withCorners(piece, place(pose, piece.corners))) };
  });
}

/** Pairs of bodies near each other between two looks at the clock by whoever runs the check in steps. */
const STEP = 16;

/** What is known of a mover: what it meets, by the other body, and the check made of it. */
interface Known {
  readonly met: Map<Body, Encounter[]>;
  readonly own: readonly Encounter[];
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
  private last = new Set<Body>();

  constructor(private readonly options: CheckOptions = {}) {}

  /**
   * @param rest  where movers stand while another moves, by id; shut where none is given
   */
  check(scene: Scene, rest: Readonly<Record<string, number>> = {}): SceneCheck {
    const steps = this.steps(scene, rest);
    for (;;) {
      const { done, value } = steps.next();
      if (done) return value;
    }
  }

  /** The same in steps short enough to stop between: each yields how far it has come. A run not finished leaves no trace. */
  *steps(scene: Scene, rest: Readonly<Record<string, number>> = {}): Generator<Progress, SceneCheck> {
    const counts = noCounts();
    let [fresh, kept, since] = [0, 0, 0];
    const still = scene.still.map((body) => this.canonical(body));
    const parkedBodies = scene.movers.map((mover) => this.parked(mover, rest[mover.id] ?? mover.from));
    const all = new Set([...still, ...parkedBodies.flat()]);
    const added = [...all].filter((body) => !this.last.has(body));
    const removed = [...this.last].filter((body) => !all.has(body));
    const next = new Map<string, Known>();
    const boxes = new Map([...all].map((body) => [body, stillBox(body)]));
    for (const [i, mover] of scene.movers.entries()) {
      const key = this.moverKey(mover);
      const before = this.known.get(key);
      const mine = new Set(parkedBodies[i]);
      const news = (before ? added : [...all]).filter((body) => !mine.has(body));
      const met = before ? new Map(before.met) : new Map<Body, Encounter[]>();
      let changed = !before;
      for (const body of removed) changed = met.delete(body) || changed;
      const own = noCounts();
      const ownEncounters: Encounter[] = before ? [...before.own] : [];
      if (!before) {
        for (const [moving, other] of meetings(mover, [])) {
          const encounter = meet(mover, moving, other, this.options, own);
          fresh += 1;
          if (encounter) ownEncounters.push(encounter);
        }
      }
      const swept = mover.bodies.map((moving) => sweptBox(moving, mover));
      const reach = reachOf(mover, this.options);
      for (const body of news) {
        const box = boxes.get(body)!;
        let encounters: Encounter[] | undefined;
        for (let b = 0; b < swept.length; b += 1) {
          const moving = mover.bodies[b]!;
          // Nearly all pairs end here, so this comes before anything that costs.
          if (boxesApart(swept[b]!, box, reach)) {
            own.pairs += moving.pieces.length * body.pieces.length;
            continue;
          }
          since += 1;
          const encounter = meet(mover, moving, body, this.options, own);
          if (encounter) (encounters ??= []).push(encounter);
        }
        fresh += swept.length;
        if (encounters) {
          met.set(body, encounters);
          changed = true;
        }
        if (since >= STEP) {
          since = 0;
          yield { done: i, of: scene.movers.length };
        }
      }
      kept += mover.bodies.length * (all.size - mine.size - news.length);
      counts.pairs += own.pairs;
      counts.survived += own.survived;
      counts.evaluations += own.evaluations;
      if (before && !changed) next.set(key, { ...before, met });
      else {
        const plain = moverCheck(mover, [...ownEncounters, ...[...met.values()].flat()], this.options, own);
        const obstacles = [...all].filter((body) => !mine.has(body));
        next.set(key, {
          met,
          own: ownEncounters,
          check: this.options.curves ? withCurves(mover, obstacles, plain) : plain,
        });
      }
    }
    this.known.clear();
    for (const [key, value] of next) this.known.set(key, value);
    this.last = all;
    this.forget(all);
    return {
      movers: scene.movers.map((mover) => this.known.get(this.moverKey(mover))!.check),
      counts,
      fresh,
      kept,
    };
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
  return `${body.id} ${body.item} ${body.name} ${body.pieces.length} ${a >>> 0} ${b >>> 0}`;
}

function moverKey(mover: Mover, key: (body: Body) => string): string {
  const { id, name, bodies, from, to, contacts, needs } = mover;
  const moving = bodies.map((body) => `${key(body)} ${body.motion.key}`).join('|');
  return `${id} ${name} ${from} ${to} ${moving} ${JSON.stringify(contacts)} ${JSON.stringify(needs)}`;
}
