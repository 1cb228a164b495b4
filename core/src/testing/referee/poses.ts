/**
 * Where the bodies of a scene file stand, worked out from the file alone and apart from the engine: rotations by quaternions,
 * linkages by the places where circles meet, hinges and carriages by following them in small steps. Slow, and for tests only.
 */
import type { JointSpec, SceneFile } from '../../scene/schema';

export type V3 = readonly [number, number, number];
/** Turned by a unit quaternion (w, x, y, z), then shifted, mm. */
export interface Stand {
  readonly turn: readonly [number, number, number, number];
  readonly shift: V3;
}

const plus = (a: V3, b: V3): V3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
const times = (k: number, a: V3): V3 => [k * a[0], k * a[1], k * a[2]];
const dot = (a: V3, b: V3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const across = (a: V3, b: V3): V3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const unit = (a: V3): V3 => times(1 / Math.hypot(...a), a);

const STILL: Stand = { turn: [1, 0, 0, 0], shift: [0, 0, 0] };

/** Where a stand takes a point. */
export function put({ turn: [w, x, y, z], shift }: Stand, p: V3): V3 {
  const v: V3 = [x, y, z];
  const t = times(2, across(v, p));
  return plus(plus(p, plus(times(w, t), across(v, t))), shift);
}

/** First `inner`, then `outer`. */
function then(outer: Stand, inner: Stand): Stand {
  const [a, b, c, d] = outer.turn;
  const [e, f, g, h] = inner.turn;
  return {
    turn: [
      a * e - b * f - c * g - d * h,
      a * f + b * e + c * h - d * g,
      a * g - b * h + c * e + d * f,
      a * h + b * g - c * f + d * e,
    ],
    shift: put(outer, inner.shift),
  };
}

function turnAbout(point: V3, axis: V3, angle: number): Stand {
  const k = unit(axis);
  const s = Math.sin(angle / 2);
  const bare: Stand = { turn: [Math.cos(angle / 2), s * k[0], s * k[1], s * k[2]], shift: [0, 0, 0] };
  return { ...bare, shift: plus(point, times(-1, put(bare, point))) };
}

/** Why a scene's joint cannot be followed, or only near where it locks: no scene is made of it. */
export class Unfit extends Error {}

type Path = (travel: number) => Stand;

/** Each moving body of a mover, and where it stands at a travel. Throws `Unfit` where a joint is too near to locking. */
export function pathsOf({ bodies, from, to }: SceneFile['movers'][number]): Path[] {
  const own = bodies.map(({ joints }) => joints.map((joint) => pathOf(joint, from, to)));
  const path = (i: number): Path => {
    const at = bodies.findIndex(({ id }) => id === bodies[i]!.parent);
    const carrier = at >= 0 ? path(at) : () => STILL;
    return (travel) => own[i]!.reduce((stand, joint) => then(stand, joint(travel)), carrier(travel));
  };
  return bodies.map((_, i) => path(i));
}

function driven(drive: Extract<JointSpec, { kind: 'turn' | 'slide' }>['drive'], travel: number): number {
  if ('ratio' in drive) return drive.ratio * travel;
  const { table } = drive;
  let i = table.findIndex(([t]) => t > travel);
  i = i < 0 ? table.length - 1 : Math.max(1, i);
  const [[t0, v0], [t1, v1]] = [table[i - 1]!, table[i]!];
  return v0 + ((v1 - v0) * (travel - t0)) / (t1 - t0);
}

function pathOf(joint: JointSpec, from: number, to: number): Path {
  switch (joint.kind) {
    case 'turn':
      return (t) => turnAbout(joint.point, joint.axis, driven(joint.drive, t));
    case 'slide':
      return (t) => ({
        turn: [1, 0, 0, 0],
        shift: times(driven(joint.drive, t), unit(joint.direction)),
      });
    case 'four-bar':
      return linkagePath(joint, from, to);
    case 'track':
      return trackPath(joint, from, to);
    case 'cup hinge':
      return hingePath(joint, from, to);
  }
}

/** In a plane with origin o and directions x, y: a rigid body whose two points went from a0, b0 to a, b. */
function planar(o: V3, x: V3, y: V3, a0: V2, b0: V2, a: V2, b: V2): Stand {
  const lift = ([u, v]: V2): V3 => plus(o, plus(times(u, x), times(v, y)));
  const angle = Math.atan2(b[1] - a[1], b[0] - a[0]) - Math.atan2(b0[1] - a0[1], b0[0] - a0[0]);
  const turned = turnAbout(lift(a0), across(x, y), angle);
  return { ...turned, shift: plus(turned.shift, plus(lift(a), times(-1, lift(a0)))) };
}
type V2 = readonly [number, number];

/** Nearer than this to a lock, as a sine, no scene is made: whether it still closes is a matter of a hair there. */
const NEAR_LOCK = 0.05;
const STEPS = 400;

function linkagePath(joint: Extract<JointSpec, { kind: 'four-bar' }>, from: number, to: number): Path {
  const { first, second, crank, coupler, rocker, assembly, start, link } = joint;
  const x = unit(plus(second, times(-1, first)));
  const y = across(unit(joint.axis), x);
  const g: V2 = [Math.hypot(...plus(second, times(-1, first))), 0];
  const far = (c: V2): V2 => {
    // Where the circle of the coupler about the crank's end meets that of the rocker: left of the line there, or right.
    const [dx, dy] = [g[0] - c[0], g[1] - c[1]];
    const d = Math.hypot(dx, dy);
    const a = (coupler * coupler - rocker * rocker + d * d) / (2 * d);
    const h2 = coupler * coupler - a * a;
    const h = Math.sqrt(Math.max(0, h2));
    if (!(h2 > 0) || (h * d) / (coupler * rocker) < NEAR_LOCK) throw new Unfit('locks');
    const side = assembly === 'open' ? 1 : -1;
    return [c[0] + (a * dx - side * h * dy) / d, c[1] + (a * dy + side * h * dx) / d];
  };
  const end = (t: number): V2 => [crank * Math.cos(start + t), crank * Math.sin(start + t)];
  const [low, high] = [Math.min(from, 0), Math.max(to, 0)];
  for (let i = 0; i <= STEPS; i += 1) far(end(low + ((high - low) * i) / STEPS));
  const [c0, f0] = [end(0), far(end(0))];
  const origin: V2 = [0, 0];
  return (t) => {
    const c = end(t);
    if (link === 'crank') return planar(first, x, y, origin, c0, origin, c);
    if (link === 'rocker') return planar(first, x, y, g, f0, g, far(c));
    return planar(first, x, y, c0, f0, c, far(c));
  };
}

function hingePath(joint: Extract<JointSpec, { kind: 'cup hinge' }>, from: number, to: number): Path {
  const { origin, x, y, sense } = joint;
  const [p1, p2] = joint.plate;
  const [c1, c2] = joint.cup;
  const turned = ([u, v]: V2, angle: number): V2 => [
    u * Math.cos(angle) - v * Math.sin(angle),
    u * Math.sin(angle) + v * Math.cos(angle),
  ];
  const [arm, cup]: [V2, V2] = [
    [c1[0] - p1[0], c1[1] - p1[1]],
    [c2[0] - c1[0], c2[1] - c1[1]],
  ];
  const r2 = Math.hypot(c2[0] - p2[0], c2[1] - p2[1]);
  const ends = (swing: number, leaf: number): readonly [V2, V2] => {
    const [ax, ay] = turned(arm, swing);
    const [lx, ly] = turned(cup, leaf);
    const at: V2 = [p1[0] + ax, p1[1] + ay];
    return [at, [at[0] + lx, at[1] + ly]];
  };
  const miss = (swing: number, leaf: number) => {
    const [, b] = ends(swing, leaf);
    return Math.hypot(b[0] - p2[0], b[1] - p2[1]) - r2;
  };
  const settle = (guess: number, leaf: number) => {
    let swing = guess;
    for (let k = 0; k < 30; k += 1) {
      const slope = (miss(swing + 1e-6, leaf) - miss(swing - 1e-6, leaf)) / 2e-6;
      if (Math.abs(slope) < NEAR_LOCK * Math.hypot(...arm)) throw new Unfit('locks');
      const step = miss(swing, leaf) / slope;
      swing -= step;
      if (Math.abs(step) < 1e-15) break;
    }
    return swing;
  };
  const swingAt = followed(0, 0, Math.min(from, 0), Math.max(to, 0), 0.01, (guess, t) =>
    settle(guess, sense * t),
  );
  return (t) => {
    const [a, b] = ends(swingAt(t), sense * t);
    return planar(origin, unit(x), unit(y), c1, c2, a, b);
  };
}

/** Nearer than this to a jam, as a cosine, no scene is made. */
const NEAR_JAM = 0.15;

function trackPath(joint: Extract<JointSpec, { kind: 'track' }>, from: number, to: number): Path {
  const { stretches, front, spacing, start, along, axis } = joint;
  const length = stretches.reduce(
    (sum, one) => sum + (one.kind === 'line' ? one.length : one.radius * Math.abs(one.angle)),
    0,
  );
  const [low, high] = [front + Math.min(from, 0), front + Math.max(to, 0)];
  if (low < 0.01 * spacing || high > length - 0.001 * spacing) throw new Unfit('track too short');
  /** Place and direction so far along: turtle fashion, stretch by stretch. */
  const turtle = (s: number): { readonly at: V2; readonly way: V2 } => {
    let [x, y, heading, left] = [0, 0, 0, s];
    for (const one of stretches) {
      const whole = one.kind === 'line' ? one.length : one.radius * Math.abs(one.angle);
      const part = Math.min(left, whole);
      if (one.kind === 'line') {
        x += part * Math.cos(heading);
        y += part * Math.sin(heading);
      } else {
        // Along a bend a chord points half of its turn off.
        const turn = (Math.sign(one.angle) * part) / one.radius;
        const chord = 2 * one.radius * Math.sin(Math.abs(turn) / 2);
        x += chord * Math.cos(heading + turn / 2);
        y += chord * Math.sin(heading + turn / 2);
        heading += turn;
      }
      left -= part;
      if (left <= 0) break;
    }
    return { at: [x, y], way: [Math.cos(heading), Math.sin(heading)] };
  };
  const settle = (guess: number, s: number) => {
    const { at: f } = turtle(s);
    let rear = guess;
    for (let k = 0; k < 30; k += 1) {
      const { at: r, way } = turtle(rear);
      const [dx, dy] = [f[0] - r[0], f[1] - r[1]];
      const away = Math.hypot(dx, dy);
      const slope = -(dx * way[0] + dy * way[1]) / away;
      if (Math.abs(slope) < NEAR_JAM) throw new Unfit('jams');
      const step = (away - spacing) / slope;
      rear -= step;
      if (rear < 0.001 * spacing) throw new Unfit('track too short behind');
      if (Math.abs(step) < 1e-13 * length) break;
    }
    return rear;
  };
  // As built: the nearest behind.
  const { at: f0 } = turtle(front);
  const gapTo = (s: number) => Math.hypot(f0[0] - turtle(s).at[0], f0[1] - turtle(s).at[1]);
  let [near, behind] = [front, front];
  while (gapTo(behind) < spacing) {
    near = behind;
    behind -= spacing / 500;
    if (behind < 0) throw new Unfit('track too short behind');
  }
  for (let k = 0; k < 60; k += 1) {
    const middle = (near + behind) / 2;
    if (gapTo(middle) < spacing) near = middle;
    else behind = middle;
  }
  const rearAt = followed(front, settle(behind, front), low, high, spacing / 60, settle);
  const left = across(unit(axis), unit(along));
  const [a0, b0] = [turtle(rearAt(front)).at, turtle(front).at];
  return (t) => planar(start, unit(along), left, a0, b0, turtle(rearAt(front + t)).at, turtle(front + t).at);
}

/** What moves without a jump from a value as built: followed in small steps both ways, settled anew at each. */
function followed(
  built: number,
  value: number,
  low: number,
  high: number,
  step: number,
  settle: (guess: number, at: number) => number,
): (at: number) => number {
  const run = (end: number) => {
    const n = Math.max(1, Math.ceil(Math.abs(end - built) / step));
    if (n > 20_000) throw new Unfit('too long to follow');
    const values = [value];
    for (let i = 1; i <= n; i += 1) values.push(settle(values[i - 1]!, built + ((end - built) * i) / n));
    return (at: number) => {
      const i = end === built ? 0 : Math.round(((at - built) / (end - built)) * n);
      return settle(values[Math.min(n, Math.max(0, i))]!, at);
    };
  };
  const [back, ahead] = [run(low), run(high)];
  return (at) => (at < built ? back(at) : ahead(at));
}

/** Whether two unit directions are square to each other. */
export const isSquare = (a: V3, b: V3): boolean => Math.abs(dot(unit(a), unit(b))) < 1e-9;
