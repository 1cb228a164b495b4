import { place, poseAt } from './joint';
import { after, motionPose, moved, type Motion, type Stage } from './motion';
import type { Sweep } from './sweep';

/** A stage as it stands at a pose: its axis or direction there, and its rate. */
interface Standing {
  readonly turn: boolean;
  readonly point: Float64Array;
  readonly axis: Float64Array;
  rate: number;
}

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
  private stages: readonly Stage[] = [];
  private standing: Standing[] = [];
  private stood = Number.NaN;
  private side: 1 | -1 = 1;
  /** Per stage over the stretch asked last: |u'|, |u''|, r and w. */
  private readonly bounds: { rate: number; bend: number; radius: number; speed: number; drift: number }[] =
    [];

  constructor(
    private readonly motion: Motion,
    private readonly corners: Float64Array,
  ) {}

  place(t: number, out: Float64Array): void {
    place(motionPose(this.motion, t), this.corners, out);
  }

  speedOver(at: Float64Array, t: number, back: number, ahead: number): number {
    this.bound(at, t, back, ahead);
    return this.bounds.reduce((sum, { speed }, i) => (i < this.stages.length ? sum + speed : sum), 0);
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

  /** Each joint's axis as earlier joints have carried it to travel t. */
  private stand(t: number, side: 1 | -1): void {
    if (t === this.stood && side === this.side) return;
    this.stood = t;
    this.side = side;
    this.stages = this.motion.stagesAt(t, side);
    let pose = poseAt({ kind: 'slide', direction: [0, 0, 0] }, 0);
    this.standing = this.stages.map(({ joint, drive }) => {
      const turn = joint.kind === 'turn';
      const direction = turn ? joint.axis : joint.direction;
      const axis = moved({ ...pose, shift: [0, 0, 0] }, direction);
      const point = turn ? moved(pose, joint.point) : pose.shift;
      pose = after(pose, poseAt(joint, drive.value(t)));
      return {
        turn,
        axis: Float64Array.from(axis),
        point: Float64Array.from(point),
        rate: drive.rate(t, side),
      };
    });
  }

  /** Fill `bounds` for the stretch, from the last joint to the first, since a radius grows with what later joints do. */
  private bound(at: Float64Array, t: number, back: number, ahead: number): void {
    this.stand(t, ahead > 0 ? 1 : -1);
    const half = Math.max(back, ahead);
    let later = 0;
    for (let s = this.stages.length - 1; s >= 0; s -= 1) {
      const { rate, bend } = this.stages[s]!.drive.over(t - back, t + ahead);
      const { turn, axis, point } = this.standing[s]!;
      let radius = 0;
      if (turn) {
        let most = 0;
        for (let i = 0; i < at.length; i += 3) {
          const x = at[i]! - point[0]!;
          const y = at[i + 1]! - point[1]!;
          const z = at[i + 2]! - point[2]!;
          const along = x * axis[0]! + y * axis[1]! + z * axis[2]!;
          const away = x * x + y * y + z * z - along * along;
          if (away > most) most = away;
        }
        radius = Math.sqrt(most) + half * later;
      }
      const speed = turn ? rate * radius : rate;
      this.bounds[s] = { rate, bend, radius, speed, drift: 0 };
      later += speed;
    }
    // How fast each axis itself may tilt: the turns before it that are not parallel to it.
    for (let s = 0; s < this.stages.length; s += 1) {
      let drift = 0;
      for (let l = 0; l < s; l += 1) {
        if (this.standing[l]!.turn && !parallel(this.standing[l]!.axis, this.standing[s]!.axis))
          drift += this.bounds[l]!.rate;
      }
      this.bounds[s]!.drift = drift * half;
    }
  }

  private bendAlong(n: Float64Array): number {
    let bend = 0;
    let later = 0;
    for (let s = this.stages.length - 1; s >= 0; s -= 1) {
      const { rate, bend: bends, radius, speed, drift } = this.bounds[s]!;
      const { turn, axis } = this.standing[s]!;
      if (turn) {
        const across = Math.min(1, acrossOf(n, axis) + drift);
        if (across > 0) bend += across * (bends * radius + rate * rate * radius + 2 * rate * later);
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
    for (const { turn, axis: k, point: q, rate: u } of this.standing) {
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

/** |n x k| of two unit vectors. */
function acrossOf(n: Float64Array, k: Float64Array): number {
  const x = n[1]! * k[2]! - n[2]! * k[1]!;
  const y = n[2]! * k[0]! - n[0]! * k[2]!;
  const z = n[0]! * k[1]! - n[1]! * k[0]!;
  return Math.sqrt(x * x + y * y + z * z);
}

function parallel(a: Float64Array, b: Float64Array): boolean {
  return acrossOf(a, b) < 1e-14;
}
