import type { Joint } from './joint';

/**
 * What a joint proves about the motion of a piece away from one pose, along one direction.
 *
 * The separation of a moved piece from a still one along a unit direction n (from the still piece to the mover) is
 * sep(t) = min over the mover's corners of n.p(t) - max over the still corners of n.o, and any n gives a lower bound
 * on their signed distance. Both functions below bound sep(t) from the pose where n was found, in closed form.
 *
 * Arguments: `mover` the mover's corners at the pose, `still` the other's, mm; `n` a unit direction.
 */
export interface Sweep {
  /** No point of the piece moves faster, mm per unit of travel. */
  readonly speed: number;
  /** A lower bound on the separation for every travel from `back` before the pose to `ahead` after it. */
  separationOver(
    mover: Float64Array,
    still: Float64Array,
    n: Float64Array,
    back: number,
    ahead: number,
  ): number;
  /** How far ahead of the pose the separation is proven to stay above `level`; 0 where it is not above it now. */
  freeAhead(mover: Float64Array, still: Float64Array, n: Float64Array, level: number): number;
}

export function sweepOf(joint: Joint, corners: Float64Array): Sweep {
  return joint.kind === 'turn' ? new TurnSweep(joint, corners) : new SlideSweep(joint);
}

/** The largest n.o over a list of points. */
function farthest(points: Float64Array, n: Float64Array): number {
  let most = -Infinity;
  for (let i = 0; i < points.length; i += 3) {
    const along = n[0]! * points[i]! + n[1]! * points[i + 1]! + n[2]! * points[i + 2]!;
    if (along > most) most = along;
  }
  return most;
}

function nearest(points: Float64Array, n: Float64Array): number {
  let least = Infinity;
  for (let i = 0; i < points.length; i += 3) {
    const along = n[0]! * points[i]! + n[1]! * points[i + 1]! + n[2]! * points[i + 2]!;
    if (along < least) least = along;
  }
  return least;
}

class SlideSweep implements Sweep {
  readonly speed = 1;
  private readonly d: readonly [number, number, number];

  constructor(joint: Extract<Joint, { kind: 'slide' }>) {
    this.d = joint.direction;
  }

  separationOver(
    mover: Float64Array,
    still: Float64Array,
    n: Float64Array,
    back: number,
    ahead: number,
  ): number {
    const rate = this.rate(n);
    return nearest(mover, n) - farthest(still, n) + Math.min(-rate * back, rate * ahead);
  }

  freeAhead(mover: Float64Array, still: Float64Array, n: Float64Array, level: number): number {
    const room = nearest(mover, n) - farthest(still, n) - level;
    if (!(room > 0)) return 0;
    const rate = this.rate(n);
    return rate < 0 ? room / -rate : Infinity;
  }

  private rate(n: Float64Array): number {
    return n[0]! * this.d[0] + n[1]! * this.d[1] + n[2]! * this.d[2];
  }
}

/**
 * A turn moves n.p(t) as C + A cos + B sin of the turn since the pose, so its least value over an interval shorter
 * than a half turn is at an end or, where the slope changes sign, -sqrt(A2 + B2). Holding n fixed in the mover
 * instead turns the still corners the other way about the axis: the same form. The better of the two is kept: the
 * first suits a corner passing a still face, the second a moving face passing a still corner.
 */
class TurnSweep implements Sweep {
  readonly speed: number;
  private readonly q: readonly [number, number, number];
  private readonly k: readonly [number, number, number];

  constructor(joint: Extract<Joint, { kind: 'turn' }>, corners: Float64Array) {
    this.q = joint.point;
    this.k = joint.axis;
    let most = 0;
    for (let i = 0; i < corners.length; i += 3) {
      const x = corners[i]! - this.q[0];
      const y = corners[i + 1]! - this.q[1];
      const z = corners[i + 2]! - this.q[2];
      const along = x * this.k[0] + y * this.k[1] + z * this.k[2];
      most = Math.max(most, x * x + y * y + z * z - along * along);
    }
    this.speed = Math.sqrt(most);
  }

  separationOver(
    mover: Float64Array,
    still: Float64Array,
    n: Float64Array,
    back: number,
    ahead: number,
  ): number {
    if (!(back + ahead < Math.PI)) return -Infinity;
    const world = this.leastAlong(mover, n, 1, back, ahead) - farthest(still, n);
    const body = nearest(mover, n) + this.leastAlong(still, n, -1, back, ahead);
    return world > body ? world : body;
  }

  /**
   * Least over the interval of side * n.p, where p turns with the mover (side 1) or against it (side -1).
   * With side -1 this is minus the largest n.o seen from the turning mover.
   */
  private leastAlong(
    points: Float64Array,
    n: Float64Array,
    side: 1 | -1,
    back: number,
    ahead: number,
  ): number {
    const [qx, qy, qz] = this.q;
    const [kx, ky, kz] = this.k;
    const n0 = n[0]!;
    const n1 = n[1]!;
    const n2 = n[2]!;
    const nk = n0 * kx + n1 * ky + n2 * kz;
    // n x k, so that n.(k x p) = (n x k).p
    const m0 = n1 * kz - n2 * ky;
    const m1 = n2 * kx - n0 * kz;
    const m2 = n0 * ky - n1 * kx;
    const cosBack = Math.cos(back);
    const sinBack = -Math.sin(back);
    const cosAhead = Math.cos(ahead);
    const sinAhead = Math.sin(ahead);
    let least = Infinity;
    for (let i = 0; i < points.length; i += 3) {
      const x = points[i]! - qx;
      const y = points[i + 1]! - qy;
      const z = points[i + 2]! - qz;
      const c = nk * (kx * x + ky * y + kz * z);
      const a = side * (n0 * x + n1 * y + n2 * z - c);
      const b = m0 * x + m1 * y + m2 * z; // side cancels: both the value and the sense of turn change sign
      const atBack = a * cosBack + b * sinBack;
      const atAhead = a * cosAhead + b * sinAhead;
      const slopeBack = b * cosBack - a * sinBack;
      const slopeAhead = b * cosAhead - a * sinAhead;
      const dips = slopeBack < 0 && slopeAhead > 0;
      const value = side * c + (dips ? -Math.sqrt(a * a + b * b) : atBack < atAhead ? atBack : atAhead);
      if (value < least) least = value;
    }
    return least + side * (n0 * qx + n1 * qy + n2 * qz);
  }

  freeAhead(mover: Float64Array, still: Float64Array, n: Float64Array, level: number): number {
    if (!(nearest(mover, n) - farthest(still, n) > level)) return 0;
    const world = this.firstFall(mover, n, 1, level + farthest(still, n));
    const body = this.firstFall(still, n, -1, level - nearest(mover, n));
    return world > body ? world : body;
  }

  /** The least turn ahead at which side * n.p of any point has fallen to `to`; Infinity if none ever does. */
  private firstFall(points: Float64Array, n: Float64Array, side: 1 | -1, to: number): number {
    const [qx, qy, qz] = this.q;
    const [kx, ky, kz] = this.k;
    const nk = n[0]! * kx + n[1]! * ky + n[2]! * kz;
    const target = to - side * (n[0]! * qx + n[1]! * qy + n[2]! * qz);
    const m0 = n[1]! * kz - n[2]! * ky;
    const m1 = n[2]! * kx - n[0]! * kz;
    const m2 = n[0]! * ky - n[1]! * kx;
    let first = Infinity;
    for (let i = 0; i < points.length; i += 3) {
      const x = points[i]! - qx;
      const y = points[i + 1]! - qy;
      const z = points[i + 2]! - qz;
      const c = nk * (kx * x + ky * y + kz * z);
      const a = side * (n[0]! * x + n[1]! * y + n[2]! * z - c);
      const b = m0 * x + m1 * y + m2 * z;
      const fall = target - side * c;
      const reach = Math.sqrt(a * a + b * b);
      if (fall <= -reach) continue;
      // a cos + b sin = reach cos(turn - phase), and it is above `fall` at turn 0.
      const turn = Math.atan2(b, a) + Math.acos(Math.min(1, fall / reach));
      if (turn < first) first = turn;
    }
    return first > 0 ? first : 0;
  }
}
