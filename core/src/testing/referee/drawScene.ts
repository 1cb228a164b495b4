import type { JointSpec, PieceSpec, SceneFile } from '../../scene/schema';
import { SCENE_FORMAT, SCENE_VERSION } from '../../scene/schema';
import type { Dice } from '../dice';
import { across, pathsOf, put, Unfit, type Stand, type V3 } from './poses';
import { cornersOf } from './solids';

/** A random scene, with what is meant by it. */
export interface Drawn {
  readonly file: SceneFile;
  /** The refusal that is wanted, as path and sentence; a scene that must be read where there is none. */
  readonly refused: { readonly at: string; readonly saying: RegExp } | undefined;
  /** Travels at which something was set near a mover, by its id: looked at besides the even ones. */
  readonly watched: Readonly<Record<string, readonly number[]>>;
}

type MoverSpec = SceneFile['movers'][number];
type Moving = MoverSpec['bodies'][number];
type Solid = Exclude<PieceSpec, { kind: 'half-space' }>;
export type JointKind = JointSpec['kind'];

const KINDS: readonly JointKind[] = ['turn', 'slide', 'four-bar', 'track', 'cup hinge'];
const AXES: readonly V3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** A scene of the kinds that people make and of those that hurt an engine: thin, slender, touching, nested, far off. */
export const drawScene = (dice: Dice): Drawn => new Scenery(dice).draw();

const scaled = (k: number, v: V3): V3 => [k * v[0], k * v[1], k * v[2]];
const plus = (a: V3, b: V3): V3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];

class Scenery {
  /** How large all is drawn: a joint at home is some 300 mm. */
  private readonly size: number;
  private readonly centre: V3;
  private readonly bodies: SceneFile['bodies'] = [];
  private readonly watched: Record<string, number[]> = {};

  constructor(private readonly dice: Dice) {
    this.size = dice.one([1, 1, 1, 1, 1, 1, 0.01, 0.1, 6]);
    const far = this.size === 1 && dice.chance(0.25);
    this.centre = far ? ([0, 1, 2].map(() => dice.real(-17_000, 17_000)) as unknown as V3) : [0, 0, 0];
  }

  draw(): Drawn {
    const { dice } = this;
    const count = dice.one([1, 1, 1, 1, 1, 2, 2, 3]);
    const movers = Array.from({ length: count }, (_, m) => this.mover(m));
    for (const mover of movers) this.furnish(mover);
    for (let i = dice.below(3); i > 0; i -= 1) this.stray();
    const file: SceneFile = { format: SCENE_FORMAT, version: SCENE_VERSION, bodies: this.bodies, movers };
    return dice.chance(0.05) ? this.spoilt(file) : { file, refused: undefined, watched: this.watched };
  }

  /** A mover on a joint of some kind: drawn again while that would lock or jam, so that no kind is rarer for it. */
  private mover(m: number): MoverSpec {
    const kind = this.dice.one(KINDS);
    for (;;) {
      try {
        return this.moverOn(kind, m);
      } catch (error) {
        if (!(error instanceof Unfit)) throw error;
      }
    }
  }

  private moverOn(kind: JointKind, m: number): MoverSpec {
    const { dice } = this;
    const unit = kind === 'slide' || kind === 'track' ? 'mm' : 'rad';
    const most =
      unit === 'mm' ? dice.real(50, 800) * this.size : dice.real(0.1, kind === 'cup hinge' ? 1.9 : 2.6);
    // Of any sign: from as built, about it, wholly below or wholly above.
    const way = dice.one(['up', 'up', 'about', 'about', 'to shut', 'below', 'above']);
    const [from, to] = {
      up: [0, most],
      about: [-most * dice.real(0.1, 0.9), most * dice.real(0.1, 0.9)],
      'to shut': [-most, 0],
      below: [-most, -most * dice.real(0.05, 0.6)],
      above: [most * dice.real(0.05, 0.6), most],
    }[way] as [number, number];
    const bodies: Moving[] = [];
    const n = dice.one([1, 1, 1, 2, 2, 3]);
    for (let i = 0; i < n; i += 1) {
      const first = i === 0 || dice.chance(0.3);
      const joints = first ? [this.joint(kind, from, to)] : [];
      if (!first || dice.chance(0.25)) {
        const simple = dice.one(['turn', 'slide'] as const);
        if (dice.chance(0.85)) joints.push(this.joint(simple, from, to));
      }
      const parent = first ? undefined : bodies[dice.below(i)]!.id;
      const pieces = Array.from({ length: dice.one([1, 1, 1, 2]) }, () => this.solid(this.near(joints)));
      bodies.push({ id: `m${m}b${i}`, pieces, joints, ...(parent === undefined ? {} : { parent }) });
    }
    // Listed in any order: who carries may come after who is carried.
    if (dice.chance(0.2)) bodies.reverse();
    const around = dice.one([0, 0, 2, 10, dice.real(0, 30), 50, 55]);
    const mover: MoverSpec = { id: `m${m}`, unit, from, to, bodies, contacts: [], needs: { around, of: {} } };
    this.watched[mover.id] = [from, to];
    pathsOf(mover); // throws where it would lock
    return mover;
  }

  private at(spread: number): V3 {
    return plus(
      this.centre,
      [0, 1, 2].map(() => this.dice.real(-spread, spread) * this.size) as unknown as V3,
    );
  }

  private direction(): V3 {
    const { dice } = this;
    if (dice.chance(0.5)) return scaled(dice.one([1, -1]), dice.one(AXES));
    for (;;) {
      const v = [0, 1, 2].map(() => dice.real(-1, 1)) as unknown as V3;
      const size = Math.hypot(...v);
      if (size > 0.2 && size < 1) return scaled(1 / size, v);
    }
  }

  /** Three directions square to each other. */
  private frame(): readonly [V3, V3, V3] {
    const z = this.direction();
    const other = this.dice.one(
      AXES.filter((axis) => Math.abs(axis[0] * z[0] + axis[1] * z[1] + axis[2] * z[2]) < 0.8),
    );
    const x = across(other, z);
    const size = Math.hypot(...x);
    const u = scaled(1 / size, x);
    return [u, across(z, u), z];
  }

  private joint(kind: JointKind, from: number, to: number): JointSpec {
    const { dice, size } = this;
    const reach = Math.max(Math.abs(from), Math.abs(to));
    switch (kind) {
      case 'turn':
        return {
          kind,
          point: [...this.at(300)],
          axis: [...this.direction()],
          drive: this.drive(1.6 / reach, from, to),
        };
      case 'slide':
        return { kind, direction: [...this.direction()], drive: this.drive((400 * size) / reach, from, to) };
      case 'four-bar': {
        const [x, , z] = this.frame();
        const first = this.at(200);
        const ground = dice.real(60, 300) * size;
        const [crank, coupler, rocker] = [0, 1, 2].map(() => dice.real(40, 360) * size) as [
          number,
          number,
          number,
        ];
        return {
          kind,
          link: dice.one(['crank', 'coupler', 'rocker']),
          axis: [...z],
          first: [...first],
          second: [...plus(first, scaled(ground, x))],
          crank,
          coupler,
          rocker,
          assembly: dice.one(['open', 'crossed']),
          start: dice.real(-3.1, 3.1),
        };
      }
      case 'track':
        return this.track(from, to);
      case 'cup hinge': {
        const [x, y] = this.frame();
        const jitter = () => dice.real(-1.5, 1.5);
        const k = Math.max(size, 0.1);
        const place = (u: number, v: number): [number, number] => [k * (u + jitter()), k * (v + jitter())];
        return {
          kind,
          origin: [...this.at(200)],
          x: [...x],
          y: [...y],
          sense: dice.one([1, -1]),
          plate: [place(42.5, 6.5), place(37.5, 24.5)],
          cup: [place(13, -10.5), place(9, -5)],
        };
      }
    }
  }

  private drive(most: number, from: number, to: number): Extract<JointSpec, { kind: 'turn' }>['drive'] {
    const { dice } = this;
    const reach = Math.max(Math.abs(from), Math.abs(to));
    if (dice.chance(0.7)) return { ratio: most * dice.one([1, -1, dice.real(-1, 1)]) };
    const inner = [dice.real(0.1, 0.4), dice.real(0.5, 0.9)].map((share) => from + (to - from) * share);
    return {
      table: [from, ...inner, to].map((t): [number, number] => [t, reach * most * dice.real(-1, 1)]),
    };
  }

  /** Lines and bends in turn, in all more than half a turn at times, long enough for the travel on either side. */
  private track(from: number, to: number): JointSpec {
    const { dice, size } = this;
    const [x, , z] = this.frame();
    const spacing = dice.real(60, 300) * size;
    const stretches: Extract<JointSpec, { kind: 'track' }>['stretches'] = [
      { kind: 'line', length: dice.real(0.2, 2) * spacing },
    ];
    const sharp = dice.chance(0.5) ? dice.one([1, -1]) : 0;
    let length = (stretches[0] as { length: number }).length;
    const wanted = 2 * spacing + Math.max(to, 0) - Math.min(from, 0);
    for (let i = 0; (length < wanted || i < 2) && i < 12; i += 1) {
      if (dice.chance(0.65)) {
        const radius = dice.real(0.55, 3) * spacing;
        const angle = dice.real(0.3, 2.6) * (sharp || dice.one([1, -1]));
        stretches.push({ kind: 'arc', radius, angle });
        length += radius * Math.abs(angle);
      } else {
        const straight = dice.real(0.1, 2) * spacing;
        stretches.push({ kind: 'line', length: straight });
        length += straight;
      }
    }
    if (length < wanted) stretches.push({ kind: 'line', length: wanted - length + spacing });
    const front = dice.real(1.05, 1.3) * spacing - Math.min(from, 0);
    return {
      kind: 'track',
      start: [...this.at(200)],
      along: [...x],
      axis: [...z],
      stretches,
      front,
      spacing,
    };
  }

  /** A place by what a body hangs on, so that it sweeps ground where others are. */
  private near(joints: readonly JointSpec[]): V3 {
    const [joint] = joints;
    const away = this.direction();
    const some = (at: V3) => plus(at, scaled(this.dice.real(0, 250) * this.size, away));
    if (joint?.kind === 'turn') return some([...joint.point]);
    if (joint?.kind === 'four-bar') return some([...joint.first]);
    if (joint?.kind === 'track') return some(plus([...joint.start], scaled(joint.front, [...joint.along])));
    if (joint?.kind === 'cup hinge') return some([...joint.origin]);
    return this.at(250);
  }

  /** A solid about a place: stout, thin, slender, of many sides, or bent with thin flanges. */
  private solid(at: V3): Solid {
    const { dice, size } = this;
    const thin = () => dice.real(0.2, 2) * (size > 0.5 ? 1 : size);
    const stout = () => dice.real(10, 160) * size;
    const box = (w: V3): Solid => ({
      kind: 'box',
      least: [at[0] - w[0] / 2, at[1] - w[1] / 2, at[2] - w[2] / 2],
      most: [at[0] + w[0] / 2, at[1] + w[1] / 2, at[2] + w[2] / 2],
    });
    const mixed = (a: number, b: number, c: number): V3 =>
      dice.one([
        [a, b, c],
        [b, c, a],
        [c, a, b],
      ]);
    const axis = dice.one(['x', 'y', 'z'] as const);
    const [u, v, w] = { x: [at[1], at[2], at[0]], y: [at[2], at[0], at[1]], z: [at[0], at[1], at[2]] }[
      axis
    ] as [number, number, number];
    const upright = (
      outline: readonly (readonly [number, number])[],
      holes: [number, number][][] = [],
      long = stout(),
    ): Solid => ({
      kind: 'prism',
      axis,
      holes,
      from: w - long / 2,
      to: w + long / 2,
      outline: outline.map(([a, b]): [number, number] => [u + a, v + b]),
    });
    switch (dice.below(8)) {
      case 0:
      case 1:
        return box([stout(), stout(), stout()]);
      case 2:
        return box(mixed(thin(), stout(), stout()));
      case 3:
        return box(mixed(thin(), thin(), dice.real(200, 1500) * size));
      case 4: {
        const n = 3 + dice.below(7);
        const [r, turn] = [stout() / 2, dice.real(0, 6)];
        return upright(
          Array.from({ length: n }, (_, k): [number, number] => [
            r * Math.cos(turn + (2 * Math.PI * k) / n),
            r * Math.sin(turn + (2 * Math.PI * k) / n),
          ]),
        );
      }
      case 5: {
        // A channel of thin sheet.
        const [t, broad, deep] = [thin() / 2, Math.max(stout() / 20, 3 * thin()), stout()];
        return upright([
          [0, deep],
          [t, deep],
          [t, t],
          [broad + t, t],
          [broad + t, deep],
          [broad + 2 * t, deep],
          [broad + 2 * t, 0],
          [0, 0],
        ]);
      }
      case 6: {
        const [a, b, t] = [stout(), stout(), Math.max(thin(), 0.5 * size)];
        const ring = (k: number): [number, number][] => [
          [-a / 2 + k, -b / 2 + k],
          [a / 2 - k, -b / 2 + k],
          [a / 2 - k, b / 2 - k],
          [-a / 2 + k, b / 2 - k],
        ];
        const rim = Math.min(t, a / 3, b / 3);
        return upright(ring(0), [ring(rim).map(([p, q]): [number, number] => [u + p, v + q])]);
      }
      default:
        return {
          kind: 'hull',
          points: Array.from({ length: 5 + dice.below(6) }, () => [
            ...plus(at, [dice.real(-1, 1) * stout(), dice.real(-1, 1) * stout(), dice.real(-1, 1) * stout()]),
          ]),
        };
    }
  }

  /** Something that stands anywhere. */
  private stray(): void {
    const { dice } = this;
    const id = `o${this.bodies.length}`;
    if (dice.chance(0.1)) {
      const out = this.direction();
      const point = plus(this.centre, scaled(-dice.real(200, 600) * this.size, out));
      this.bodies.push({ id, pieces: [{ kind: 'half-space', point: [...point], out: [...out] }] });
    } else this.bodies.push({ id, pieces: [this.solid(this.at(300))] });
  }

  /** Things set about a mover so that they touch it, or nearly, somewhere on its travel: or would, a little beyond. */
  private furnish(mover: MoverSpec): void {
    const { dice } = this;
    const paths = pathsOf(mover);
    for (let i = 1 + dice.below(3); i > 0; i -= 1) {
      const b = dice.below(mover.bodies.length);
      const [body, path] = [mover.bodies[b]!, paths[b]!];
      const corners = cornersOf(dice.one(body.pieces) as Solid);
      const out = this.direction();
      const reach = (t: number) => Math.max(...this.placed(corners, path(t)).map((p) => along(out, p)));
      const bare =
        body.joints.every(({ kind }) => kind === 'turn' || kind === 'slide') && body.parent === undefined;
      const travel = this.chosen(mover, reach, bare);
      const gap = this.gap(mover.needs!.around);
      const spots = [this.against(this.placed(corners, path(travel)), out, gap)];
      // A second piece about as near as the first, of one body with it: only the nearer one counts.
      if (dice.chance(0.3)) {
        const other = dice.one([mover.from, mover.to, dice.real(mover.from, mover.to)]);
        const side = dice.chance(0.5) ? out : this.direction();
        spots.push(this.against(this.placed(corners, path(other)), side, gap - dice.real(0, 0.06)));
        this.watched[mover.id]!.push(other);
      }
      const id = `o${this.bodies.length}`;
      this.bodies.push({ id, pieces: spots });
      if (travel >= mover.from && travel <= mover.to) this.watched[mover.id]!.push(travel);
      if (dice.chance(0.35)) this.meanTouch(mover, body.id, id, travel, Math.max(0, -gap));
      if (dice.chance(0.15)) mover.needs!.of = { ...mover.needs!.of, [id]: dice.real(0, 60) };
    }
    const [a, b] = mover.bodies;
    if (a && b && dice.chance(0.3))
      this.meanTouch(mover, a.id, b.id, dice.real(mover.from, mover.to), dice.real(0, 5));
  }

  private placed(corners: readonly V3[], stand: Stand): V3[] {
    return corners.map((corner) => put(stand, corner));
  }

  /** A travel: where the piece reaches farthest out, an end, anywhere, or a little beyond the end. */
  private chosen({ from, to }: MoverSpec, reach: (t: number) => number, bare: boolean): number {
    const { dice } = this;
    if (bare && dice.chance(0.12)) return to + (to - from) * dice.real(0.02, 0.3);
    if (dice.chance(0.25)) return dice.one([from, to, dice.real(from, to)]);
    let best = from;
    for (let i = 0; i <= 60; i += 1) {
      const t = from + ((to - from) * i) / 60;
      if (reach(t) > reach(best)) best = t;
    }
    for (let step = (to - from) / 60; step > 1e-9 * (to - from); step *= 0.6)
      for (const t of [best - step, best + step])
        if (t >= from && t <= to && reach(t) > reach(best)) best = t;
    return best;
  }

  private gap(around: number): number {
    const { dice } = this;
    const near = dice.one([
      0,
      0,
      1e-7,
      -1e-7,
      0.004,
      -0.004,
      0.009,
      -0.009,
      -0.011,
      0.02,
      -0.02,
      0.049,
      dice.real(-0.1, 0.1),
    ]);
    const fine = this.size < 0.5 ? this.size : 1;
    return dice.one([
      near,
      near,
      near + around,
      around + dice.real(-0.06, 0.06),
      fine * dice.real(0, 3),
      fine * dice.real(-5, 60),
    ]);
  }

  /** A solid before the corner of a placed piece that is farthest out, its flat face square to `out`, so far from it. */
  private against(placed: readonly V3[], out: V3, gap: number): PieceSpec {
    const { dice, size } = this;
    const far = placed.reduce((a, b) => (along(out, b) > along(out, a) ? b : a));
    const foot = plus(far, scaled(gap, out));
    if (dice.chance(0.07)) return { kind: 'half-space', point: [...foot], out: [...scaled(-1, out)] };
    const wide = () =>
      dice.one([dice.real(0.5, 2), dice.real(10, 300), dice.real(10, 300)]) * Math.max(size, 0.05);
    const [w, d, deep] = [wide(), wide(), wide()];
    const [low, high] = [0, 1].map(() => dice.real(0.05, 0.95)) as [number, number];
    const axis = AXES.findIndex((one) => Math.abs(along(one, out)) === 1);
    if (axis >= 0) {
      const [p, q] = [(axis + 1) % 3, (axis + 2) % 3];
      const least: [number, number, number] = [0, 0, 0];
      const most: [number, number, number] = [0, 0, 0];
      [least[p], most[p]] = [foot[p]! - low * w, foot[p]! + (1 - low) * w];
      [least[q], most[q]] = [foot[q]! - high * d, foot[q]! + (1 - high) * d];
      const [near, end] = [foot[axis]!, foot[axis]! + out[axis]! * deep];
      [least[axis], most[axis]] = [Math.min(near, end), Math.max(near, end)];
      return { kind: 'box', least, most };
    }
    const other = AXES.find((one) => Math.abs(along(one, out)) < 0.8)!;
    const x = across(other, out);
    const u = scaled(1 / Math.hypot(...x), x);
    const v = across(out, u);
    const corner = (i: number): [number, number, number] => [
      ...plus(
        plus(foot, scaled(i & 4 ? deep : 0, out)),
        plus(scaled(w * ((i & 1) - low), u), scaled(d * (((i >> 1) & 1) - high), v)),
      ),
    ];
    return { kind: 'hull', points: [0, 1, 2, 3, 4, 5, 6, 7].map(corner) };
  }

  /** A touch that is meant about a travel: of one stretch or two, beyond the ends at times, named in either order. */
  private meanTouch(mover: MoverSpec, a: string, b: string, travel: number, depth: number): void {
    const { dice } = this;
    const long = mover.to - mover.from;
    const [moving, still] = dice.chance(0.5) ? [a, b] : [b, a];
    const from = travel - long * dice.real(0, 0.5);
    const to = travel + long * dice.one([0, dice.real(0, 0.5), 3]);
    const deep = depth + dice.one([0, 0.5, 2]);
    if (dice.chance(0.5)) mover.contacts!.push({ moving, still, from, to, depth: deep });
    else {
      const cut = (from + to) / 2;
      mover.contacts!.push({ moving, still, from, to: cut, depth: deep });
      mover.contacts!.push({ moving: still, still: moving, from: cut, to, depth: deep + dice.one([0, 1]) });
    }
  }

  /** Draw a travel out below 0 to where a linkage of it cannot close: the path of that joint, where there is one. */
  private beyondClosing({ movers }: SceneFile): string | undefined {
    for (const [m, mover] of movers.entries()) {
      for (const [b, { joints }] of mover.bodies.entries()) {
        const j = joints.findIndex(({ kind }) => kind === 'four-bar');
        const joint = joints[j];
        if (joint?.kind !== 'four-bar') continue;
        for (let from = Math.min(mover.from!, 0); from > -Math.PI; from -= 0.05) {
          if (!apartFromReach(joint, from)) continue;
          mover.from = from - 0.05;
          return `movers[${m}].bodies[${b}].joints[${j}]`;
        }
      }
    }
    return undefined;
  }

  /** The same scene with one thing in it that cannot be. */
  private spoilt(file: SceneFile): Drawn {
    const { dice } = this;
    const found = file.movers.flatMap(({ bodies }, m) =>
      bodies.flatMap(({ joints }, b) =>
        joints.map((joint, j) => ({ joint, at: `movers[${m}].bodies[${b}].joints[${j}]` })),
      ),
    );
    const planar = found.filter(
      ({ joint }) => joint.kind === 'four-bar' || joint.kind === 'track' || joint.kind === 'cup hinge',
    );
    const far = dice.chance(0.4) ? this.beyondClosing(file) : undefined;
    if (far !== undefined) return { file, refused: { at: far, saying: /close/ }, watched: this.watched };
    if (planar.length > 0 && dice.chance(0.7)) {
      const { joint, at } = dice.one(planar);
      const lean = dice.real(0.01, 0.6);
      const leant = (v: readonly number[], towards: readonly number[]) => {
        const mixed = v.map((x, i) => x + lean * towards[i]!) as unknown as V3;
        return [...scaled(1 / Math.hypot(...mixed), mixed)] as [number, number, number];
      };
      if (joint.kind === 'four-bar') {
        const way = joint.second.map((x, i) => x - joint.first[i]!) as unknown as V3;
        joint.axis = leant(joint.axis, scaled(1 / Math.hypot(...way), way));
      } else if (joint.kind === 'track') joint.axis = leant(joint.axis, joint.along);
      else if (joint.kind === 'cup hinge') joint.y = leant(joint.y, joint.x);
      return { file, refused: { at, saying: /square/ }, watched: this.watched };
    }
    const [a, b, k] = [100, 80, 20].map((one) => one * this.size * dice.real(0.8, 1.2)) as [
      number,
      number,
      number,
    ];
    const hole: [number, number][] = [
      [k, k],
      [a + k, k],
      [a + k, b - k],
      [k, b - k],
    ];
    file.bodies.push({
      id: 'spoilt',
      pieces: [
        {
          kind: 'prism',
          axis: 'z',
          outline: [
            [0, 0],
            [a, 0],
            [a, b],
            [0, b],
          ],
          holes: [hole],
          from: 0,
          to: k,
        },
      ],
    });
    return {
      file,
      refused: { at: `bodies[${file.bodies.length - 1}].pieces[0].holes[0]`, saying: /hole/ },
      watched: this.watched,
    };
  }
}

/** Whether the ends of crank and rocker are clearly farther from each other than a coupler reaches, or nearer than it can fold. */
function apartFromReach(
  { first, second, crank, coupler, rocker, start }: Extract<JointSpec, { kind: 'four-bar' }>,
  travel: number,
): boolean {
  const ground = Math.hypot(...second.map((x, i) => x - first[i]!));
  const d = Math.hypot(ground - crank * Math.cos(start + travel), crank * Math.sin(start + travel));
  return d > 1.02 * (coupler + rocker) || d < 0.98 * Math.abs(coupler - rocker);
}

const along = (n: V3, p: V3) => n[0] * p[0] + n[1] * p[1] + n[2] * p[2];
