import type { Motion } from '../motion/motion';
import type { SlideSweep } from '../motion/slideSweep';
import type { Approach } from './approach';
import { emptySeparation, ROUNDING, type Separation } from './separation';
import type { Boxes } from './boxes';

/** All of them answer into one record: a drawer passes hundreds of boxes, and each is asked once or twice. */
const ANSWER = emptySeparation();
const GAPS = new Float64Array(3);

/**
 * Two boxes square to the axes, one of which goes along a straight line: most of what a drawer passes. Their separation is
 * the length of the gaps along the three axes, or the least overlap where there is no gap: nothing is searched.
 */
export class SquareApproach implements Approach {
  readonly now = ANSWER;
  readonly knots: readonly number[] = [];
  evaluations = 0;
  /** The last answer, mm, and how fast it grows along its normal, mm per unit of travel. */
  private last = 0;
  private growth = 0;

  /**
   * @param first   the moving box as built
   * @param slide   how it moves
   * @param second  the box that stands still, or is seen so
   * @param carrier  how that box moves, where it does
   */
  constructor(
    private readonly first: Boxes,
    private readonly slide: SlideSweep,
    private readonly second: Boxes,
    readonly carrier: Motion | undefined,
  ) {}

  at(travel: number): Separation {
    this.evaluations += 1;
    const { first, slide, second, now } = this;
    const { normal, onFirst, onSecond } = now;
    let square = 0;
    let widest = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const shift = slide.offset[axis]! + travel * slide.rate[axis]!;
      const low = first[axis]! + shift;
      const high = first[3 + axis]! + shift;
      const least = second[axis]!;
      const most = second[3 + axis]!;
      const above = low - most >= least - high;
      const gap = above ? low - most : least - high;
      GAPS[axis] = gap;
      if (gap > 0) square += gap * gap;
      if (gap > GAPS[widest]!) widest = axis;
      normal[axis] = above ? 1 : -1;
      onFirst[axis] = above ? low : high;
      onSecond[axis] = above ? most : least;
    }
    const apart = square > 0;
    now.value = apart ? Math.sqrt(square) : GAPS[widest]!;
    now.lower = now.value;
    for (let axis = 0; axis < 3; axis += 1) {
      if (apart ? GAPS[axis]! > 0 : axis === widest) {
        if (apart) normal[axis]! *= GAPS[axis]! / now.value;
        continue;
      }
      // Side by side along this axis: any place that both reach is as near, and the middle of it is the plainest.
      const shift = slide.offset[axis]! + travel * slide.rate[axis]!;
      const least = Math.max(first[axis]! + shift, second[axis]!);
      const most = Math.min(first[3 + axis]! + shift, second[3 + axis]!);
      normal[axis] = 0;
      onFirst[axis] = onSecond[axis] = (least + most) / 2;
    }
    this.last = now.value;
    this.growth = normal[0]! * slide.rate[0]! + normal[1]! * slide.rate[1]! + normal[2]! * slide.rate[2]!;
    return now;
  }

  lowerBound(back: number, ahead: number): number {
    return this.last + Math.min(-this.growth * back, this.growth * ahead) - ROUNDING;
  }

  reach(level: number, sense: 1 | -1): number {
    const room = this.last - level - ROUNDING;
    if (!(room > 0)) return 0;
    const rate = sense * this.growth;
    return rate < 0 ? room / -rate : Infinity;
  }

  speedOver(): number {
    return this.slide.speedOver();
  }
}
