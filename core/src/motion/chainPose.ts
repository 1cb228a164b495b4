import type { Motion, Stage } from './motion';

/**
 * A stage with its axis as built and as it stands at a pose, and bounds over the stretch asked last. What a turn carries
 * on to the next turn, or to the corners, is its arm; slides in between make the arm longer.
 */
export interface Link {
  readonly stage: Stage;
  readonly turn: boolean;
  readonly builtPoint: Float64Array;
  readonly builtAxis: Float64Array;
  readonly point: Float64Array;
  readonly axis: Float64Array;
  rate: number;
  /** Greatest first and second derivative of its drive. */
  most: number;
  bend: number;
  /** Greatest and least angular velocity of what it carries, against the space, and the greatest change of it. */
  top: number;
  low: number;
  spin: number;
  /** The arm to the next turn, its length across the axis, and how fast slides along it lengthen it. */
  readonly arm: Float64Array;
  length: number;
  stretch: number;
}

/** The joints of a motion between two of its knots. */
export interface Chain {
  readonly links: readonly Link[];
  readonly turns: readonly Link[];
  /** Every turn's axis runs the same way, so that turns add up with their signs. */
  readonly parallel: boolean;
}

/** Axes nearer to parallel than this are taken as parallel: over 20 m it makes less than the rounding that is allowed for. */
const PARALLEL = 1e-14;

function chainOf(stages: readonly Stage[]): Chain {
  const links = stages.map(linkOf);
  const turns = links.filter(({ turn }) => turn);
  const parallel = turns.every(({ builtAxis }) => acrossOf(builtAxis, turns[0]!.builtAxis) < PARALLEL);
  return { links, turns, parallel };
}

function linkOf(stage: Stage): Link {
  const { joint } = stage;
  const turn = joint.kind === 'turn';
  return {
    stage,
    turn,
    builtPoint: Float64Array.from(turn ? joint.point : [0, 0, 0]),
    builtAxis: Float64Array.from(turn ? joint.axis : joint.direction),
    point: new Float64Array(3),
    axis: new Float64Array(3),
    rate: 0,
    most: 0,
    bend: 0,
    top: 0,
    low: 0,
    spin: 0,
    arm: new Float64Array(3),
    length: 0,
    stretch: 0,
  };
}

/** The chain of a motion as it stands at one travel: every joint's axis there, and the pose at the chain's end. */
export class ChainPose {
  chain: Chain = { links: [], turns: [], parallel: true };
  /** Rotation, rows first, and shift of what the chain carries. */
  readonly rotation = new Float64Array(9);
  readonly shift = new Float64Array(3);
  travel = Number.NaN;
  private side: 1 | -1 = 1;
  private readonly chains = new Map<readonly Stage[], Chain>();

  constructor(private readonly motion: Motion) {}

  /**
   * Walk along the chain to travel t; nothing is done where it stands there already, and true where it was walked.
   *
   * @param side  at a knot: the stretch after it (1) or before it (-1). Without knots both are the same.
   */
  stand(t: number, side: 1 | -1): boolean {
    if (t === this.travel && (side === this.side || this.motion.knots.length === 0)) return false;
    const stages = this.motion.stagesAt(t, side);
    let chain = this.chains.get(stages);
    if (!chain) this.chains.set(stages, (chain = chainOf(stages)));
    this.chain = chain;
    this.travel = t;
    this.side = side;
    this.walk(chain.links, t, side);
    const { turns, parallel } = chain;
    for (let i = 0; i + 1 < turns.length; i += 1) {
      const { point, axis, arm } = turns[i]!;
      for (let k = 0; k < 3; k += 1) arm[k] = turns[i + 1]!.point[k]! - point[k]!;
      turns[i]!.length = parallel ? acrossOf(arm, axis) : Math.hypot(arm[0]!, arm[1]!, arm[2]!);
    }
    return true;
  }

  private walk(links: readonly Link[], t: number, side: 1 | -1): void {
    const { rotation, shift } = this;
    rotation.fill(0);
    rotation[0] = rotation[4] = rotation[8] = 1;
    shift.fill(0);
    for (const link of links) {
      turned(rotation, link.builtAxis, link.axis);
      link.rate = link.stage.drive.rate(t, side);
      const value = link.stage.drive.value(t);
      if (link.turn) {
        turned(rotation, link.builtPoint, link.point);
        for (let axis = 0; axis < 3; axis += 1) link.point[axis]! += shift[axis]!;
        turnBy(rotation, shift, link, value);
      } else for (let axis = 0; axis < 3; axis += 1) shift[axis]! += value * link.axis[axis]!;
    }
  }

  /** Put points (x0, y0, z0, x1, ...) where the chain carries them. */
  place(points: Float64Array, out: Float64Array): void {
    const r = this.rotation;
    const [r0, r1, r2] = [r[0]!, r[1]!, r[2]!];
    const [r3, r4, r5] = [r[3]!, r[4]!, r[5]!];
    const [r6, r7, r8] = [r[6]!, r[7]!, r[8]!];
    const [sx, sy, sz] = [this.shift[0]!, this.shift[1]!, this.shift[2]!];
    for (let i = 0; i < out.length; i += 3) {
      const x = points[i]!;
      const y = points[i + 1]!;
      const z = points[i + 2]!;
      out[i] = r0 * x + r1 * y + r2 * z + sx;
      out[i + 1] = r3 * x + r4 * y + r5 * z + sy;
      out[i + 2] = r6 * x + r7 * y + r8 * z + sz;
    }
  }

  /** Put points of the space where what the chain carries sees them. */
  placeBack(points: Float64Array, out: Float64Array): void {
    const { rotation: r, shift } = this;
    for (let i = 0; i < points.length; i += 3) {
      const x = points[i]! - shift[0]!;
      const y = points[i + 1]! - shift[1]!;
      const z = points[i + 2]! - shift[2]!;
      for (let k = 0; k < 3; k += 1) out[i + k] = r[k]! * x + r[3 + k]! * y + r[6 + k]! * z;
    }
  }

  /** Turn a direction of the space as what the chain carries sees it. */
  turnBack(n: Float64Array, out: Float64Array): void {
    const r = this.rotation;
    for (let k = 0; k < 3; k += 1) out[k] = r[k]! * n[0]! + r[3 + k]! * n[1]! + r[6 + k]! * n[2]!;
  }
}

function turned(r: Float64Array, v: Float64Array, out: Float64Array): void {
  for (let i = 0; i < 3; i += 1) out[i] = r[3 * i]! * v[0]! + r[3 * i + 1]! * v[1]! + r[3 * i + 2]! * v[2]!;
}

/** Follow the chain over a turn: its rotation takes the turn after its own, its shift what turning about the link's point shifts. */
function turnBy(
  rotation: Float64Array,
  shift: Float64Array,
  { builtAxis, builtPoint }: Link,
  angle: number,
): void {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  const d = 1 - c;
  const kx = builtAxis[0]!;
  const ky = builtAxis[1]!;
  const kz = builtAxis[2]!;
  const q0 = c + kx * kx * d;
  const q1 = kx * ky * d - kz * s;
  const q2 = kx * kz * d + ky * s;
  const q3 = ky * kx * d + kz * s;
  const q4 = c + ky * ky * d;
  const q5 = ky * kz * d - kx * s;
  const q6 = kz * kx * d - ky * s;
  const q7 = kz * ky * d + kx * s;
  const q8 = c + kz * kz * d;
  const x = builtPoint[0]!;
  const y = builtPoint[1]!;
  const z = builtPoint[2]!;
  const fx = x - (q0 * x + q1 * y + q2 * z);
  const fy = y - (q3 * x + q4 * y + q5 * z);
  const fz = z - (q6 * x + q7 * y + q8 * z);
  for (let i = 0; i < 3; i += 1) {
    const a = rotation[3 * i]!;
    const b = rotation[3 * i + 1]!;
    const e = rotation[3 * i + 2]!;
    shift[i]! += a * fx + b * fy + e * fz;
    rotation[3 * i] = a * q0 + b * q3 + e * q6;
    rotation[3 * i + 1] = a * q1 + b * q4 + e * q7;
    rotation[3 * i + 2] = a * q2 + b * q5 + e * q8;
  }
}

/** |n x k|: for two unit vectors the sine between them, else the length of n across k. */
export function acrossOf(n: Float64Array, k: Float64Array): number {
  const x = n[1]! * k[2]! - n[2]! * k[1]!;
  const y = n[2]! * k[0]! - n[0]! * k[2]!;
  const z = n[0]! * k[1]! - n[1]! * k[0]!;
  return Math.sqrt(x * x + y * y + z * z);
}
