import { SlideSweep } from '../motion/slideSweep';
import { type Boxes, AXES, boxOf } from './boxes';
import type { MovingPiece } from './movingPiece';

const SLICES = 6;

/**
 * Boxes that hold all a piece sweeps: first one of the whole travel, then one a slice of it, unless it goes straight
 * along an axis and slices would tell no more. They are proven, by the motion's own bound along each axis, not sampled.
 */
export function sweptBoxes(moving: MovingPiece, from: number, to: number): Boxes {
  if (moving.sweep instanceof SlideSweep && moving.sweep.alongAxis)
    return slidBox(moving.piece.corners, moving.sweep, from, to);
  const ends = [from, ...moving.knots.filter((knot) => knot > from && knot < to), to];
  const slices: [number, number][] = ends
    .slice(1)
    .flatMap((end, i) =>
      Array.from({ length: SLICES }, (_, k): [number, number] => [
        slice(ends[i]!, end, k),
        slice(ends[i]!, end, k + 1),
      ]),
    );
  const boxes = new Float64Array(6 * (slices.length + 1));
  boxes.fill(Infinity, 0, 3);
  boxes.fill(-Infinity, 3, 6);
  const { sweep, corners } = moving;
  slices.forEach(([start, end], i) => {
    const middle = (start + end) / 2;
    const half = (end - start) / 2;
    const at = 6 * (i + 1);
    moving.goTo(middle);
    for (let axis = 0; axis < 3; axis += 1) {
      boxes[at + axis] = sweep.lowest(corners, middle, AXES[axis]!, half, half);
      boxes[at + 3 + axis] = -sweep.lowest(corners, middle, AXES[axis + 3]!, half, half);
      boxes[axis] = Math.min(boxes[axis]!, boxes[at + axis]!);
      boxes[3 + axis] = Math.max(boxes[3 + axis]!, boxes[at + 3 + axis]!);
    }
  });
  return boxes;
}

function slidBox(corners: Float64Array, { offset, rate }: SlideSweep, from: number, to: number): Boxes {
  const box = boxOf(corners);
  for (let axis = 0; axis < 3; axis += 1) {
    const [one, other] = [from * rate[axis]!, to * rate[axis]!];
    box[axis]! += offset[axis]! + Math.min(one, other);
    box[3 + axis]! += offset[axis]! + Math.max(one, other);
  }
  return box;
}

const slice = (from: number, to: number, k: number) => from + ((to - from) * k) / SLICES;

/** At least so far, mm, a box stays from the swept piece: from its whole, then from every slice. Infinity beyond `watch`. */
export function boxGap(swept: Boxes, box: Boxes, watch: number): number {
  const whole = gapAt(swept, 0, box, watch);
  if (whole === Infinity || swept.length === 6) return whole;
  let least = Infinity;
  for (let at = 6; at < swept.length; at += 6) least = Math.min(least, gapAt(swept, at, box, watch));
  return least;
}

function gapAt(a: Boxes, at: number, b: Boxes, watch: number): number {
  let square = 0;
  for (let axis = 0; axis < 3; axis += 1) {
    const gap = Math.max(a[at + axis]! - b[3 + axis]!, b[axis]! - a[at + 3 + axis]!, 0);
    if (gap > watch) return Infinity;
    square += gap * gap;
  }
  return square <= watch * watch ? Math.sqrt(square) : Infinity;
}
