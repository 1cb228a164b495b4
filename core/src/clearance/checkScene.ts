import { omitKey } from '../item/omitKey';
import { place } from '../motion/joint';
import { motionPose } from '../motion/motion';
import { hostsOf, rideTravel } from '../scene/riding';
import { answersTo, byWaiting, type Body, type Mover, type Scene } from '../scene/scene';
import { withCorners } from '../solid/convex';
import {
  chartSteps,
  curveSteps,
  withDepths,
  hangsWith,
  meetings,
  moverCheck,
  type MoverCheck,
} from './checkMover';
import { BodyIndex } from './bodyIndex';
import { meet, noCounts, reachOf, type CheckOptions, type Counts, type EncounterRecord } from './encounter';
import { swept } from './extent';
import { SameContent } from './sameContent';
import { finish, withProgress } from './steps';

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

/** A mover's bodies where it stands at a travel, as things that stand still: of the mover, or of what it is called there. */
export function parked(mover: Mover, travel: number, of = mover.id): Body[] {
  return mover.bodies.map(({ motion, ...moving }) => {
    const body = omitKey(omitKey(moving, 'own'), 'riders');
    const pose = motionPose(motion, travel);
    const meant = meantAt(mover, body, travel);
    return {
      ...body,
      parked: of,
      ...(meant.length > 0 && { meant }),
      pieces: body.pieces.map((piece) => withCorners(piece, place(pose, piece.corners))),
    };
  });
}

/** What one of a mover's bodies may touch at a travel; a touch of two of its own is none of another's. */
function meantAt(mover: Mover, body: Body, travel: number): NonNullable<Body['meant']> {
  return mover.contacts.flatMap(({ moving, still, from, to, depth }) => {
    if (travel < from || travel > to) return [];
    const pairs = [
      [moving, still],
      [still, moving],
    ] as const;
    return pairs
      .filter(
        ([one, other]) => answersTo(body, one) && !mover.bodies.some((another) => answersTo(another, other)),
      )
      .map(([one, other]) => ({ own: one, other, depth }));
  });
}

/** Pairs of bodies near each other between two looks at the clock by whoever runs the check in steps. */
const STEP = 4;

/** What is known of a mover: what it meets, by the other body, and the check made of it. */
interface Known {
  readonly met: ReadonlyMap<Body, EncounterRecord[]>;
  readonly own: readonly EncounterRecord[];
  check: MoverCheck;
  /** Whether the curves of what it meets are in the check. */
  charted: boolean;
}

/** A check under way. */
interface Run {
  /** What each mover is known by: its content, and what stands open for it. */
  readonly keys: ReadonlyMap<Mover, string>;
  readonly known: Map<string, Known>;
  readonly counts: Counts;
  fresh: number;
  kept: number;
  readonly of: number;
  readonly options: CheckOptions;
}

/** Of what is only tried no more is asked than what is not clear, and by how much. */
const TRIAL: CheckOptions = { depths: true, watch: 0 };

/** All that stands about the movers, and how that differs from what stood there at the last check. */
class Surroundings {
  readonly all: ReadonlySet<Body>;
  readonly removed: readonly Body[];
  readonly anew: BodyIndex;
  private whole: BodyIndex | undefined;

  constructor(bodies: readonly Body[], last: ReadonlySet<Body>) {
    this.all = new Set(bodies);
    this.removed = [...last].filter((body) => !this.all.has(body));
    this.anew = new BodyIndex([...this.all].filter((body) => !last.has(body)));
  }

  get everything(): BodyIndex {
    return (this.whole ??= new BodyIndex([...this.all]));
  }
}

/** What each mover is not held against: its own bodies standing there, those of its thing, and the shut leaves it waits for. */
class Own {
  private readonly ofMover = new Map<string, readonly Body[]>();
  private readonly ofThing = new Map<string, Body[]>();
  /** What carries each rider, where it must stand for that to go. */
  private readonly carrying = new Map<string, readonly Body[]>();
  /** All that is there for riders alone. */
  private readonly forRiders: ReadonlySet<Body>;

  constructor(
    private readonly scene: Scene,
    standing: readonly (readonly Body[])[],
    firstOf: (body: Body) => Body,
  ) {
    const { movers } = scene;
    for (const [i, { id, thing }] of movers.entries()) {
      this.ofMover.set(id, standing[i]!);
      if (thing !== undefined) this.ofThing.set(thing, [...(this.ofThing.get(thing) ?? []), ...standing[i]!]);
    }
    for (const mover of movers)
      if (mover.ride) this.carrying.set(mover.id, carriersOf(mover, movers).map(firstOf));
    const all = new Set(standing.flat());
    this.forRiders = new Set([...this.carrying.values()].flat().filter((body) => !all.has(body)));
  }

  get riders(): readonly Body[] {
    return [...this.forRiders];
  }

  /**
   * @param open    ids of those that stand open for it
   * @param opened  the bodies of all that stand open for some, by their movers' ids
   */
  of(
    mover: Mover,
    open: ReadonlySet<string>,
    opened: ReadonlyMap<string, readonly Body[]>,
  ): ReadonlySet<Body> {
    const { id, thing } = mover;
    const one = (other: string) => this.ofMover.get(other)!;
    const own = new Set([
      ...one(id),
      ...(thing === undefined ? [] : this.ofThing.get(thing)!),
      ...[...open].flatMap(one),
      ...this.forRiders,
    ]);
    const hosts = hostsOf(mover, this.scene.movers);
    const carried = new Set(hosts.map((host) => host.id));
    for (const [leaf, bodies] of opened)
      if (!open.has(leaf) || carried.has(leaf)) bodies.forEach((body) => own.add(body));
    for (const host of hosts) one(host.id).forEach((body) => own.add(body));
    for (const body of this.carrying.get(id) ?? []) own.delete(body);
    return own;
  }
}

/** What carries a rider where that must stand for it to go, less the bodies that are there only while it is shut. */
function carriersOf(mover: Mover, movers: readonly Mover[]): Body[] {
  let rider = mover;
  const out = new Set([mover.id]);
  return hostsOf(mover, movers).flatMap((host) => {
    const at = rideTravel(rider.ride!, host) ?? host.from;
    const bodies = host.bodies.filter(({ riders = [] }) => !riders.some((id) => out.has(id)));
    rider = host;
    out.add(host.id);
    return parked({ ...host, bodies }, at, at > host.from ? `${host.id} open` : host.id);
  });
}

/**
 * Checks a whole scene, each mover against what stands still and against the other movers at rest, and keeps what it
 * found: of the next scene only what changed is looked at anew. Bodies and movers are known again by their content,
 * so a scene built afresh from a changed plan counts as changed only where it is.
 */
export class SceneChecker {
  private known: ReadonlyMap<string, Known> = new Map();
  private keys: Run['keys'] = new Map();
  private readonly content = new SameContent();
  private readonly parkedOf = new WeakMap<Mover, { at: number; bodies: Body[] }>();
  private readonly openedOf = new WeakMap<Mover, { at: number; bodies: readonly Body[] }>();
  private last: ReadonlySet<Body> = new Set();

  constructor(private readonly options: CheckOptions = {}) {}

  /**
   * @param rest  where movers stand while another moves, by id; shut where none is given
   */
  check(scene: Scene, rest: Readonly<Record<string, number>> = {}): SceneCheck {
    return finish(this.steps(scene, rest));
  }

  /** The same in steps short enough to stop between: each yields how far it has come. A run not finished leaves no trace. */
  *steps(scene: Scene, rest: Readonly<Record<string, number>> = {}): Generator<Progress, SceneCheck> {
    const { run, about, check } = yield* this.run(scene, rest, this.options);
    this.known = run.known;
    this.keys = run.keys;
    this.last = about.all;
    this.content.forgetBut(new Set([...about.all, ...scene.movers.flatMap((mover) => mover.bodies)]));
    return check;
  }

  /** A mover of the scene checked last, with the curves of the worst of what it meets: few are ever looked at, so they are drawn when asked for. */
  *chart(mover: Mover): Generator<void, MoverCheck> {
    const known = this.known.get(this.keys.get(mover) ?? '');
    if (!known) throw new Error(`The mover ${mover.id} is not of the scene checked last.`);
    if (!known.charted) {
      known.check = yield* chartSteps(mover, known.check, [...known.own, ...[...known.met.values()].flat()]);
      known.charted = true;
    }
    return known.check;
  }

  /** A scene that is only tried: what is known of the one before is used and stays known, of this one nothing does. */
  *trialSteps(scene: Scene): Generator<Progress, SceneCheck> {
    return (yield* this.run(scene, {}, TRIAL)).check;
  }

  private *run(
    scene: Scene,
    rest: Readonly<Record<string, number>>,
    options: CheckOptions,
  ): Generator<Progress, { readonly run: Run; readonly about: Surroundings; readonly check: SceneCheck }> {
    const still = scene.still.map((body) => this.content.firstOf(body));
    // Another way of a thing stands where the thing stands, and a rider is a body of what carries it: once is enough.
    const standing = scene.movers.map((mover) =>
      mover.goes === 'instead' || mover.ride ? [] : this.parked(mover, rest[mover.id] ?? mover.from),
    );
    const own = new Own(scene, standing, (body) => this.content.firstOf(body));
    const bodies = [...still, ...standing.flat(), ...own.riders];
    const waited = new Set(scene.movers.flatMap(({ behind = [] }) => behind));
    const levels = byWaiting(scene.movers);
    const keys = new Map(
      levels.flat().map(([mover, open]) => [mover, `${this.content.keyOfMover(mover)} ${[...open].join()}`]),
    );
    const run: Run = {
      keys,
      known: new Map(),
      counts: noCounts(),
      fresh: 0,
      kept: 0,
      of: scene.movers.length,
      options,
    };
    // What others wait for is looked at before them: it stands open for them as far as it goes, and shut for all others.
    const opened = new Map<string, readonly Body[]>();
    let about = new Surroundings(bodies, this.last);
    for (const level of levels) {
      for (const [mover, open] of level) {
        yield* this.look(mover, about, own.of(mover, open, opened), run);
      }
      const leaves = level.filter(([{ id }]) => waited.has(id));
      if (leaves.length === 0) continue;
      for (const [leaf] of leaves) opened.set(leaf.id, this.opened(leaf, run));
      about = new Surroundings([...bodies, ...[...opened.values()].flat()], this.last);
    }
    const { counts, fresh, kept } = run;
    const movers = scene.movers.map((mover) => run.known.get(keys.get(mover)!)!.check);
    return { run, about, check: { movers, counts, fresh, kept } };
  }

  /** Hold a mover against all that is about it but what is its own, or only against what is new there. */
  private *look(mover: Mover, about: Surroundings, mine: ReadonlySet<Body>, run: Run): Generator<Progress> {
    const progress = { done: run.known.size, of: run.of };
    const key = run.keys.get(mover)!;
    const before = this.known.get(key);
    const index = before ? about.anew : about.everything;
    const met = new Map(before?.met);
    const lost = about.removed.map((body) => met.delete(body)).includes(true);
    const counts = noCounts();
    const met0 = met.size;
    yield* this.meetNear(mover, index, mine, met, run, counts);
    const own = before?.own ?? this.meetOwn(mover, run.options, counts);
    if (!before) run.fresh += [...meetings(mover, [])].length;
    const others = index.sizeWithout(mine);
    run.fresh += mover.bodies.length * others;
    run.kept += mover.bodies.length * (about.all.size - mine.size - others);
    run.counts.pairs += counts.pairs;
    run.counts.survived += counts.survived;
    run.counts.evaluations += counts.evaluations;
    if (before && !lost && met.size === met0) {
      run.known.set(key, before);
      return;
    }
    const everyone = [...own, ...[...met.values()].flat()];
    const plain = moverCheck(mover, everyone, run.options, counts);
    const check = run.options.curves
      ? yield* withProgress(curveSteps(mover, plain, everyone), progress)
      : run.options.depths
        ? withDepths(plain, everyone)
        : plain;
    const { charts = false } = run.options;
    const whole = charts ? yield* withProgress(chartSteps(mover, check, everyone), progress) : check;
    run.known.set(key, { met, own, check: whole, charted: charts });
  }

  /** The bodies of a leaf that others wait for, where it stands open: all the way, or as far as it goes. */
  private opened(leaf: Mover, { known, keys }: Run): readonly Body[] {
    const at = known.get(keys.get(leaf)!)!.check.usable;
    const before = this.openedOf.get(leaf);
    if (before?.at === at) return before.bodies;
    const bodies = parked(leaf, at, `${leaf.id} open`).map((body) => this.content.firstOf(body));
    this.openedOf.set(leaf, { at, bodies });
    return bodies;
  }

  /** Hold a mover against those of the index that stand near, but for its own; stops between every few. */
  private *meetNear(
    mover: Mover,
    index: BodyIndex,
    mine: ReadonlySet<Body>,
    met: Map<Body, EncounterRecord[]>,
    run: Run,
    counts: Counts,
  ): Generator<Progress> {
    const progress = { done: run.known.size, of: run.of };
    const reach = reachOf(mover, run.options);
    const obstacles = index.piecesWithout(mine);
    let since = 0;
    for (const moving of mover.bodies) {
      counts.pairs += moving.pieces.length * obstacles;
      for (const body of index.near(swept(moving, mover).whole, reach)) {
        if (mine.has(body) || hangsWith(mover, body)) continue;
        counts.pairs -= moving.pieces.length * body.pieces.length; // counted where they meet
        const found = meet(mover, moving, body, run.options, counts);
        if (found.length > 0) met.set(body, [...(met.get(body) ?? []), ...found]);
        if ((since += 1) % STEP === 0) yield progress;
      }
    }
    yield progress;
  }

  /** Hold a mover's own bodies against each other. */
  private meetOwn(mover: Mover, options: CheckOptions, counts: Counts): EncounterRecord[] {
    return [...meetings(mover, [])].flatMap(([moving, other]) => meet(mover, moving, other, options, counts));
  }

  private parked(mover: Mover, at: number): Body[] {
    const known = this.parkedOf.get(mover);
    if (known && known.at === at) return known.bodies;
    const bodies = parked(mover, at).map((body) => this.content.firstOf(body));
    this.parkedOf.set(mover, { at, bodies });
    return bodies;
  }
}
