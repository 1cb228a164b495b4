import { farthest, nearest } from './along';
import type { Stage } from './motion';
import type { Sweep } from './sweep';

/** Slides in step, one on another: all corners go straight along one direction, so every bound is exact. */
export class SlideSweep implements Sweep {
  /** Where a corner is shifted to at travel 0, mm, and how fast it goes, mm per unit of travel. */
  readonly offset = new Float64Array(3);
  readonly rate = new Float64Array(3);
  /** Whether it goes along one axis of the space, or nowhere. */
  readonly alongAxis: boolean;
  private readonly speed: number;

  constructor(
    stages: readonly Stage[],
    private readonly corners: Float64Array,
  ) {
    for (const { joint, drive } of stages) {
      if (joint.kind !== 'slide') throw new Error('A slide sweep takes slides only.');
      for (let axis = 0; axis < 3; axis += 1) {
        this.rate[axis]! += joint.direction[axis]! * drive.rate(0);
        this.offset[axis]! += joint.direction[axis]! * drive.value(0);
      }
    }
    this.alongAxis = this.rate.filter((rate) => rate !== 0).length <= 1;
    this.speed = Math.hypot(this.rate[0]!, this.rate[1]!, this.rate[2]!);
  }

  place(t: number, out: Float64Array): void {
    const x = this.offset[0]! + t * this.rate[0]!;
    const y = this.offset[1]! + t * this.rate[1]!;
    const z = this.offset[2]! + t * this.rate[2]!;
    for (let i = 0; i < out.length; i += 3) {
      out[i] = this.corners[i]! + x;
      out[i + 1] = this.corners[i + 1]! + y;
      out[i + 2] = this.corners[i + 2]! + z;
    }
  }

  speedOver(): number {
    return this.speed;
  }

  lowest(at: Float64Array, _t: number, n: Float64Array, back: number, ahead: number): number {
    const rate = this.along(n);
    return nearest(at, n) + Math.min(-rate * back, rate * ahead);
  }

  fall(at: Float64Array, _t: number, n: Float64Array, to: number, sense: 1 | -1): number {
    const room = nearest(at, n) - to;
    if (!(room > 0)) return 0;
    const rate = sense * this.along(n);
    return rate < 0 ? room / -rate : Infinity;
  }

  separation(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    back: number,
    ahead: number,
  ): number {
    return this.lowest(at, t, n, back, ahead) - farthest(still, n);
  }

  reach(
    at: Float64Array,
    t: number,
    n: Float64Array,
    still: Float64Array,
    level: number,
    sense: 1 | -1,
  ): number {
    return this.fall(at, t, n, farthest(still, n) + level, sense);
  }

  private along(n: Float64Array): number {
    return n[0]! * this.rate[0]! + n[1]! * this.rate[1]! + n[2]! * this.rate[2]!;
  }
}
