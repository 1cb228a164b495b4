import type { Motion } from '../motion/motion';
import { SlideSweep } from '../motion/slideSweep';
import { proven } from '../motion/sweep';
import type { Solid, HalfSpace } from '../solid/halfSpace';
import type { Approach } from './approach';
import { type Boxes, squareBox } from './boxes';
import { type GjkStart, coldStart } from './gjk';
import type { MovingPiece } from './movingPiece';
import { separate } from './separate';
import { emptySeparation, type Separation, ROUNDING } from './separation';
import { SquareApproach } from './squareApproach';

/**
 * Against a piece that stands still, or that is seen so.
 *
 * @param carrier  how the piece moves with the same travel, where it does; the mover moves relative to it then
 * @param box      about the piece, where it is known
 */
export function approachStill(mover: MovingPiece, still: Solid, carrier?: Motion, box?: Boxes): Approach {
  if (mover.sweep instanceof SlideSweep && mover.square && still.kind === 'convex') {
    const square = squareBox(still, box);
    if (square) return new SquareApproach(mover.square, mover.sweep, square, carrier);
  }
  return new StillApproach(mover, still, carrier);
}

/** All answer into one record, so that it must be read, and bounds asked, before another is asked. */
const ANSWER = emptySeparation();
let asked: StillApproach | undefined;

class StillApproach implements Approach {
  readonly now = ANSWER;
  evaluations = 0;
  readonly knots: readonly number[];
  private readonly start: GjkStart = coldStart();
  private travel = 0;
  /** Whether the last answer was asked for without a floor: it then answers any question of the same travel. */
  private exact = false;

  constructor(
    private readonly mover: MovingPiece,
    private readonly still: Solid,
    readonly carrier: Motion | undefined,
  ) {
    this.knots = mover.knots;
  }

  at(travel: number, floor?: number): Separation {
    if (asked === this && travel === this.travel && this.exact) return this.now;
    this.evaluations += 1;
    this.travel = travel;
    this.exact = floor === undefined;
    // eslint-disable-next-line @typescript-eslint/no-this-alias -- whose answer it is
    asked = this;
    const { mover, still, now } = this;
    mover.goTo(travel);
    return still.kind === 'convex'
      ? separate(mover.piece, mover.corners, still, still.corners, this.start, now, floor)
      : heightOver(mover.corners, still, now);
  }

  lowerBound(back: number, ahead: number, enough: number): number {
    const { mover, travel, still, now } = this.asLeft();
    mover.goTo(travel);
    // Turned with the mover n would leave a plane, so only n fixed in the space bounds anything there.
    const bound =
      still.kind === 'convex'
        ? mover.sweep.separation(
            mover.corners,
            travel,
            now.normal,
            still.corners,
            back,
            ahead,
            enough + ROUNDING,
          )
        : mover.sweep.lowest(mover.corners, travel, now.normal, back, ahead) - still.offset;
    return proven(bound - ROUNDING);
  }

  reach(level: number, sense: 1 | -1, most: number): number {
    const { mover, travel, still, now } = this.asLeft();
    mover.goTo(travel);
    const to = level + ROUNDING;
    return proven(
      still.kind === 'convex'
        ? mover.sweep.reach(mover.corners, travel, now.normal, still.corners, to, sense, most)
        : mover.sweep.fall(mover.corners, travel, now.normal, still.offset + to, sense, most),
    );
  }

  /** The bounds rest on the answer left last: another's in its place would prove nothing. */
  private asLeft(): this {
    if (asked !== this) throw new Error('Bounds were asked of an approach after another was asked.');
    return this;
  }

  speedOver(back: number, ahead: number): number {
    this.mover.goTo(this.travel);
    return proven(this.mover.sweep.speedOver(this.mover.corners, this.travel, back, ahead));
  }
}

/** Over a plane no search is needed: the lowest corner along its normal is the answer, and n never changes. */
function heightOver(corners: Float64Array, { normal, offset }: HalfSpace, out: Separation): Separation {
  out.normal.set(normal);
  out.value = Infinity;
  for (let i = 0; i < corners.length; i += 3) {
    const height =
      normal[0] * corners[i]! + normal[1] * corners[i + 1]! + normal[2] * corners[i + 2]! - offset;
    if (height >= out.value) continue;
    out.value = height;
    for (let axis = 0; axis < 3; axis += 1) {
      out.onFirst[axis] = corners[i + axis]!;
      out.onSecond[axis] = corners[i + axis]! - height * normal[axis]!;
    }
  }
  out.lower = out.value;
  return out;
}
