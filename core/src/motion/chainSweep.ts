import type { Motion, Stage } from './motion';
import type { Sweep } from './sweep';

/** A stage with its axis as built and as it stands at a pose, its rate there, and bounds over the stretch asked last. */
interface Link {
  readonly stage: Stage;
  readonly turn: boolean;
  readonly builtPoint: Float64Array;
  readonly builtAxis: Float64Array;
  readonly point: Float64Array;
  readonly axis: Float64Array;
  rate: number;
  most: number;
  bend: number;
  radius: number;
  speed: number;
  drift: number;
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
    radius: 0,
    speed: 0,
    drift: 0,
  };
}

/** Times a longer way down is sought. */
const ROUNDS = 4;
/** Times a stretch is shortened because a drive bounds nothing over so long a one. */
const MOST_SHRUNK = 24;

// The pose reached along the chain so far, and one turn of it: scratch, this module is never re-entered.
const R = new Float64Array(9);
const S = new Float64Array(3);
const Q = new Float64Array(9);
const P = new Float64Array(9);

/**
 * Any chain of joints: to first order from the pose, less a bound on what bends away.
 *
 * n.p(t) >= n.p + n.p' (t - t0) - A h2/2 with h the half width. For a product of screws p'' is the sum over joints of
 * u'' xi p + u'^2 xi xi p, and twice u_l' u_i' xi_l xi_i p for each joint l before i (Murray, Li, Sastry 1994, ch. 3,
 * differentiated once more); xi_l of a velocity is k_l x, and n.(k x v) <= |n x k| |v|. So
 *   A = sum over turns l of |n x k_l| (|u_l''| r_l + u_l'^2 r_l + 2 |u_l'| sum over i > l of w_i) + sum over slides of |n.d| |u''|
 * with r the greatest distance of a corner from the joint's axis over the stretch and w = |u'| r (|u'| for a slide)
 * the speed the joint alone gives a point. Axes that earlier joints tilt are followed by their own greatest rate.
 */
export class ChainSweep implements Sweep {
  private readonly linksOf = new Map<readonly Stage[], Link[]>();
  private links: readonly Link[] = [];
  private stood = Number.NaN;
  private side: 1 | -1 = 1;

  constructor(
    private readonly motion: Motion,
    private readonly corners: Float64Array,
  ) {}

  place(t: number, out: Float64Array): void {
    this.stand(t, 1);
    for (let i = 0; i < out.length; i += 3) {
      const x = this.corners[i]!;
      const y = this.corners[i + 1]!;
      const z = this.corners[i + 2]!;
      out[i] = R[0]! * x + R[1]! * y + R[2]! * z + S[0]!;
      out[i + 1] = R[3]! * x + R[4]! * y + R[5]! * z + S[1]!;
      out[i + 2] = R[6]! * x + R[7]! * y + R[8]! * z + S[2]!;
    }
  }

  speedOver(at: Float64Array, t: number, back: number, ahead: number): number {
    this.bound(at, t, back, ahead);
    let speed = 0;
    for (const link of this.links) speed += link.speed;
    return speed;
  }

  lowest(at: Float64Array, t: number, n: Float64Array, back: number, ahead: number): number {
    this.bound(at, t, back, ahead);
    const half = Math.max(back, ahead);
    const bend = (this.bendAlong(n) * half * half) / 2;
    if (!(bend < Infinity)) return -Infinity;
    let least = Infinity;
    for (let i = 0; i < at.length; i += 3) {
      const rate = this.rateAlong(n, at[i]!, at[i + 1]!, at[i + 2]!);
      const here =
        n[0]! * at[i]! + n[1]! * at[i + 1]! + n[2]! * at[i + 2]! + Math.min(-rate * back, rate * ahead);
      if (here < least) least = here;
    }
    return least - bend;
  }

  /**
   * With the bend A of a stretch in hand the way down is a parabola's: n.p - r h - A h2/2 for each corner. A bend holds
   * on every shorter stretch, so what comes out is proven; taken again for a stretch not much longer than that, A is
   * smaller and the way longer.
   */
  fall(at: Float64Array, t: number, n: Float64Array, to: number, sense: 1 | -1, most: number): number {
    let proven = 0;
    let stretch = most;
    for (let round = 0, shrunk = 0; round < ROUNDS && shrunk < MOST_SHRUNK; round += 1) {
      this.bound(at, t, sense > 0 ? 0 : stretch, sense > 0 ? stretch : 0);
      const bend = this.bendAlong(n);
      if (!(bend < Infinity)) {
        stretch /= 4;
        shrunk += 1;
        round -= 1;
        continue;
      }
      let way = Infinity;
      for (let i = 0; i < at.length; i += 3) {
        const room = n[0]! * at[i]! + n[1]! * at[i + 1]! + n[2]! * at[i + 2]! - to;
        if (!(room > 0)) return 0;
        const down = -sense * this.rateAlong(n, at[i]!, at[i + 1]!, at[i + 2]!);
        // The smaller positive root of room - down h - bend h2 / 2, in the form that loses no digits.
        const root = Math.sqrt(down * down + 2 * bend * room);
        const here = down + root > 0 ? (2 * room) / (down + root) : Infinity;
        if (here < way) way = here;
      }
      if (way >= stretch) return stretch === most ? Infinity : stretch;
      const before = proven;
      proven = Math.max(proven, way);
      if (round > 0 && proven < 1.1 * before) break;
      stretch = Math.min(0.5 * stretch, 1.4 * way);
      if (stretch <= proven) break;
    }
    return proven;
  }

  /** Walk along the chain to travel t: each joint's axis as earlier joints carry it, and in R, S the pose at its end. */
  private stand(t: number, side: 1 | -1): void {
    const stages = this.motion.stagesAt(t, side);
    let links = this.linksOf.get(stages);
    if (!links) this.linksOf.set(stages, (links = stages.map(linkOf)));
    this.links = links;
    this.stood = t;
    this.side = side;
    R.fill(0);
    R[0] = R[4] = R[8] = 1;
    S.fill(0);
    for (const link of links) {
      turned(R, link.builtAxis, link.axis);
      turned(R, link.builtPoint, link.point);
      for (let axis = 0; axis < 3; axis += 1) link.point[axis]! += S[axis]!;
      link.rate = link.stage.drive.rate(t, side);
      const value = link.stage.drive.value(t);
      if (link.turn) turnBy(link, value);
      else for (let axis = 0; axis < 3; axis += 1) S[axis]! += value * link.axis[axis]!;
    }
  }

  /** Bounds of every link over the stretch, from the last to the first, since a radius grows with what later ones do. */
  private bound(at: Float64Array, t: number, back: number, ahead: number): void {
    const side = ahead > 0 ? 1 : -1;
    if (t !== this.stood || side !== this.side) this.stand(t, side);
    const { links } = this;
    const half = Math.max(back, ahead);
    let later = 0;
    for (let l = links.length - 1; l >= 0; l -= 1) {
      const link = links[l]!;
      const { rate, bend } = link.stage.drive.over(t - back, t + ahead);
      link.most = rate;
      link.bend = bend;
      link.radius = link.turn ? farthestFrom(at, link.point, link.axis) + half * later : 0;
      link.speed = link.turn ? rate * link.radius : rate;
      later += link.speed;
    }
    // How fast each axis itself may tilt: the turns before it that are not parallel to it.
    for (let l = 0; l < links.length; l += 1) {
      let drift = 0;
      for (let e = 0; e < l; e += 1) {
        if (links[e]!.turn && acrossOf(links[e]!.axis, links[l]!.axis) > 1e-14) drift += links[e]!.most;
      }
      links[l]!.drift = drift * half;
    }
  }

  private bendAlong(n: Float64Array): number {
    const { links } = this;
    let bend = 0;
    let later = 0;
    for (let l = links.length - 1; l >= 0; l -= 1) {
      const { turn, axis, most, bend: bends, radius, speed, drift } = links[l]!;
      if (turn) {
        const across = Math.min(1, acrossOf(n, axis) + drift);
        if (across > 0) bend += across * (bends * radius + most * most * radius + 2 * most * later);
      } else if (bends > 0) {
        const along = Math.abs(n[0]! * axis[0]! + n[1]! * axis[1]! + n[2]! * axis[2]!);
        bend += Math.min(1, along + drift) * bends;
      }
      later += speed;
    }
    return bend;
  }

  private rateAlong(n: Float64Array, x: number, y: number, z: number): number {
    let rate = 0;
    for (let l = 0; l < this.links.length; l += 1) {
      const { turn, axis: k, point: q, rate: u } = this.links[l]!;
      if (turn) {
        const rx = x - q[0]!;
        const ry = y - q[1]!;
        const rz = z - q[2]!;
        rate +=
          u *
          (n[0]! * (k[1]! * rz - k[2]! * ry) +
            n[1]! * (k[2]! * rx - k[0]! * rz) +
            n[2]! * (k[0]! * ry - k[1]! * rx));
      } else rate += u * (n[0]! * k[0]! + n[1]! * k[1]! + n[2]! * k[2]!);
    }
    return rate;
  }
}

function turned(r: Float64Array, v: Float64Array, out: Float64Array): void {
  for (let i = 0; i < 3; i += 1) out[i] = r[3 * i]! * v[0]! + r[3 * i + 1]! * v[1]! + r[3 * i + 2]! * v[2]!;
}

/** Follow the chain over a turn: R becomes R Q and S takes what turning about the link's point shifts. */
function turnBy({ builtAxis: k, builtPoint: q }: Link, angle: number): void {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  const d = 1 - c;
  const kx = k[0]!;
  const ky = k[1]!;
  const kz = k[2]!;
  Q[0] = c + kx * kx * d;
  Q[1] = kx * ky * d - kz * s;
  Q[2] = kx * kz * d + ky * s;
  Q[3] = ky * kx * d + kz * s;
  Q[4] = c + ky * ky * d;
  Q[5] = ky * kz * d - kx * s;
  Q[6] = kz * kx * d - ky * s;
  Q[7] = kz * ky * d + kx * s;
  Q[8] = c + kz * kz * d;
  const fx = q[0]! - (Q[0]! * q[0]! + Q[1]! * q[1]! + Q[2]! * q[2]!);
  const fy = q[1]! - (Q[3]! * q[0]! + Q[4]! * q[1]! + Q[5]! * q[2]!);
  const fz = q[2]! - (Q[6]! * q[0]! + Q[7]! * q[1]! + Q[8]! * q[2]!);
  for (let i = 0; i < 3; i += 1) {
    const a = R[3 * i]!;
    const b = R[3 * i + 1]!;
    const e = R[3 * i + 2]!;
    S[i]! += a * fx + b * fy + e * fz;
    P[3 * i] = a * Q[0]! + b * Q[3]! + e * Q[6]!;
    P[3 * i + 1] = a * Q[1]! + b * Q[4]! + e * Q[7]!;
    P[3 * i + 2] = a * Q[2]! + b * Q[5]! + e * Q[8]!;
  }
  R.set(P);
}

/** The greatest distance of a corner from an axis. */
function farthestFrom(at: Float64Array, q: Float64Array, k: Float64Array): number {
  let most = 0;
  for (let i = 0; i < at.length; i += 3) {
    const x = at[i]! - q[0]!;
    const y = at[i + 1]! - q[1]!;
    const z = at[i + 2]! - q[2]!;
    const along = x * k[0]! + y * k[1]! + z * k[2]!;
    const away = x * x + y * y + z * z - along * along;
    if (away > most) most = away;
  }
  return Math.sqrt(most);
}

/** |n x k| of two unit vectors. */
function acrossOf(n: Float64Array, k: Float64Array): number {
  const x = n[1]! * k[2]! - n[2]! * k[1]!;
  const y = n[2]! * k[0]! - n[0]! * k[2]!;
  const z = n[0]! * k[1]! - n[1]! * k[0]!;
  return Math.sqrt(x * x + y * y + z * z);
}
