import { farthest, nearest } from './along';
import type { Drive } from './drive';
import type { Joint } from './joint';
import type { Sweep } from './sweep';

/**
 * One turn in step with its travel.
 *
 * It moves n.p as C + A cos + B sin of the turn since the pose, so its least value over less than a half turn is at an
 * end or, where the slope changes from falling to rising, C - sqrt(A2 + B2). Holding n fixed in the mover instead
 * turns the still corners the other way about the axis: the same form. The better of the two is kept: the first suits
 * a corner passing a still face, the second a moving face passing a still corner.
 */
export class TurnSweep implements Sweep {
  /** Each corner as built is c + a cos + b sin of the turn: three triples a corner. */
  private readonly cab: Float64Array;
  private readonly radius: number;
  private readonly ratio: number;
  private readonly offset: number;
  private readonly axis: Float64Array;
  private readonly point: Float64Array;

  constructor({ point, axis }: Extract<Joint, { kind: 'turn' }>, drive: Drive, corners: Float64Array) {
    this.ratio = drive.rate(0);
    this.offset = drive.value(0);
    this.axis = Float64Array.from(axis);
    this.point = Float64Array.from(point);
    const [kx, ky, kz] = axis;
    this.cab = new Float64Array(3 * corners.length);
    let most = 0;
    for (let i = 0; i < corners.length; i += 3) {
      const x = corners[i]! - point[0];
      const y = corners[i + 1]! - point[1];
      const z = corners[i + 2]! - point[2];
      const along = x * kx + y * ky + z * kz;
      const a = [x - along * kx, y - along * ky, z - along * kz] as const;
      const b = [ky * a[2] - kz * a[1], kz * a[0] - kx * a[2], kx * a[1] - ky * a[0]] as const;
      this.cab.set([point[0] + along * kx, point[1] + along * ky, point[2] + along * kz, ...a, ...b], 3 * i);
      most = Math.max(most, a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
    }
    this.radius = Math.sqrt(most);
  }

  place(t: number, out: Float64Array): void {
    const { cab } = this;
    const turn = this.offset + this.ratio * t;
    const c = Math.cos(turn);
    const s = Math.sin(turn);
    for (let i = 0, j = 0; i < out.length; i += 3, j += 9) {
      out[i] = cab[j]! + c * cab[j + 3]! + s * cab[j + 6]!;
      out[i + 1] = cab[j + 1]! + c * cab[j + 4]! + s * cab[j + 7]!;
      out[i + 2] = cab[j + 2]! + c * cab[j + 5]! + s * cab[j + 8]!;
    }
  }

  speedOver(): number {
    return this.radius * Math.abs(this.ratio);
  }

  lowest(at: Float64Array, _t: number, n: Float64Array, back: number, ahead: number): number {
    const [before, beyond] = this.turns(back, ahead);
    if (!(before + beyond < Math.PI)) return -Infinity;
    return this.leastAlong(at, n, 1, before, beyond);
  }

  separation(
    at: Float64Array,
    _t: number,
    n: Float64Array,
    still: Float64Array,
    back: number,
    ahead: number,
    enough: number,
  ): number {
    const [before, beyond] = this.turns(back, ahead);
    if (!(before + beyond < Math.PI)) return -Infinity;
    const world = this.leastAlong(at, n, 1, before, beyond) - farthest(still, n);
    if (world > enough) return world;
    const body = nearest(at, n) + this.leastAlong(still, n, -1, before, beyond);
    return world > body ? world : body;
  }

  /** Angles turned before and after the pose, in the axis's own sense. */
  private turns(back: number, ahead: number): readonly [number, number] {
    return this.ratio >= 0
      ? [this.ratio * back, this.ratio * ahead]
      : [-this.ratio * ahead, -this.ratio * back];
  }

  /**
   * Least over the stretch of side * n.p, where p turns with the mover (side 1) or against it (side -1).
   * With side -1 this is minus the largest n.o seen from the turning mover.
   */
  private leastAlong(
    points: Float64Array,
    n: Float64Array,
    side: 1 | -1,
    before: number,
    beyond: number,
  ): number {
    const kx = this.axis[0]!;
    const ky = this.axis[1]!;
    const kz = this.axis[2]!;
    const qx = this.point[0]!;
    const qy = this.point[1]!;
    const qz = this.point[2]!;
    const n0 = n[0]!;
    const n1 = n[1]!;
    const n2 = n[2]!;
    const nk = n0 * kx + n1 * ky + n2 * kz;
    // n x k, so that n.(k x p) = (n x k).p
    const m0 = n1 * kz - n2 * ky;
    const m1 = n2 * kx - n0 * kz;
    const m2 = n0 * ky - n1 * kx;
    const cosBefore = Math.cos(before);
    const sinBefore = -Math.sin(before);
    const cosBeyond = Math.cos(beyond);
    const sinBeyond = Math.sin(beyond);
    let least = Infinity;
    for (let i = 0; i < points.length; i += 3) {
      const x = points[i]! - qx;
      const y = points[i + 1]! - qy;
      const z = points[i + 2]! - qz;
      const c = nk * (kx * x + ky * y + kz * z);
      const a = side * (n0 * x + n1 * y + n2 * z - c);
      const b = m0 * x + m1 * y + m2 * z; // side cancels: both the value and the sense of turn change sign
      const atBefore = a * cosBefore + b * sinBefore;
      const atBeyond = a * cosBeyond + b * sinBeyond;
      const slopeBefore = b * cosBefore - a * sinBefore;
      const slopeBeyond = b * cosBeyond - a * sinBeyond;
      const dips = slopeBefore < 0 && slopeBeyond > 0;
      const value = side * c + (dips ? -Math.sqrt(a * a + b * b) : atBefore < atBeyond ? atBefore : atBeyond);
      if (value < least) least = value;
    }
    return least + side * (n0 * qx + n1 * qy + n2 * qz);
  }

  reach(
    at: Float64Array,
    _t: number,
    n: Float64Array,
    still: Float64Array,
    level: number,
    sense: 1 | -1,
    most: number,
  ): number {
    const far = farthest(still, n);
    const near = nearest(at, n);
    if (!(near - far > level)) return 0;
    if (this.ratio === 0) return Infinity;
    const turning = this.ratio > 0 ? sense : (-sense as 1 | -1);
    const cap = most * Math.abs(this.ratio);
    const world = this.firstFall(at, n, 1, level + far, turning, cap);
    if (world === Infinity) return Infinity;
    const body = this.firstFall(still, n, -1, level - near, turning, cap);
    return (world > body ? world : body) / Math.abs(this.ratio);
  }

  fall(at: Float64Array, _t: number, n: Float64Array, to: number, sense: 1 | -1, most: number): number {
    if (!(nearest(at, n) > to)) return 0;
    if (this.ratio === 0) return Infinity;
    const ratio = Math.abs(this.ratio);
    return this.firstFall(at, n, 1, to, this.ratio > 0 ? sense : (-sense as 1 | -1), most * ratio) / ratio;
  }

  /** The least turn in a sense, up to `cap`, at which side * n.p of any point has fallen to `to`; Infinity if none has. */
  private firstFall(
    points: Float64Array,
    n: Float64Array,
    side: 1 | -1,
    to: number,
    sense: 1 | -1,
    cap: number,
  ): number {
    const kx = this.axis[0]!;
    const ky = this.axis[1]!;
    const kz = this.axis[2]!;
    const qx = this.point[0]!;
    const qy = this.point[1]!;
    const qz = this.point[2]!;
    const nk = n[0]! * kx + n[1]! * ky + n[2]! * kz;
    const target = to - side * (n[0]! * qx + n[1]! * qy + n[2]! * qz);
    const m0 = n[1]! * kz - n[2]! * ky;
    const m1 = n[2]! * kx - n[0]! * kz;
    const m2 = n[0]! * ky - n[1]! * kx;
    let first = cap;
    let found = false;
    let cos = Math.cos(cap);
    let sin = Math.sin(cap);
    for (let i = 0; i < points.length; i += 3) {
      const x = points[i]! - qx;
      const y = points[i + 1]! - qy;
      const z = points[i + 2]! - qz;
      const c = nk * (kx * x + ky * y + kz * z);
      const a = side * (n[0]! * x + n[1]! * y + n[2]! * z - c);
      const b = sense * (m0 * x + m1 * y + m2 * z);
      const fall = target - side * c;
      const size2 = a * a + b * b;
      if (fall < 0 && fall * fall >= size2) continue;
      // Within less than a half turn it falls so far only at the end, or on the way where it dips: most points do neither.
      if (first < Math.PI && a * cos + b * sin > fall && !(b < 0 && b * cos - a * sin > 0)) continue;
      // a cos + b sin = size cos(turn - phase), and it is above `fall` at turn 0.
      const turn = Math.max(0, Math.atan2(b, a) + Math.acos(Math.min(1, fall / Math.sqrt(size2))));
      if (turn >= first) continue;
      first = turn;
      found = true;
      cos = Math.cos(turn);
      sin = Math.sin(turn);
    }
    return found ? first : Infinity;
  }
}
