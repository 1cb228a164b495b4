import { SlideSweep } from '../motion/slideSweep';
import type { Convex } from '../solid/convex';
import type { MovingPiece } from './movingPiece';

/** Axis-aligned boxes, six numbers each: least x, y, z, greatest x, y, z, mm. */
export type Boxes = Float64Array;

const SLICES = 6;
/** Both ways along each axis of the space: x, y, z, then back. */
export const AXES = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
  [-1, 0, 0],
  [0, -1, 0],
  [0, 0, -1],
].map((axis) => Float64Array.from(axis));

export function boxOf(corners: Float64Array, out: Boxes = new Float64Array(6), at = 0): Boxes {
  for (let axis = 0; axis < 3; axis += 1) {
    let least = Infinity;
    let most = -Infinity;
    for (let i = axis; i < corners.length; i += 3) {
      if (corners[i]! < least) least = corners[i]!;
      if (corners[i]! > most) most = corners[i]!;
    }
    out[at + axis] = least;
    out[at + 3 + axis] = most;
  }
  return out;
}

/** A corner this near a corner of the box about its piece is on it, mm: what a turn by a right angle loses over 20 m is less. */
const SQUARE = 1e-10;

/** The box a piece fills where it is one and stands square to the axes: least x, y, z, greatest x, y, z, mm. */
export function squareBox({ corners }: Convex, box?: Boxes): Boxes | undefined {
  if (corners.length !== 24) return undefined;
  const about = box ?? boxOf(corners);
  return fills(about, corners) ? about : undefined;
}

/** Whether eight corners are the eight of a box, one on each. */
function fills(box: Boxes, corners: Float64Array): boolean {
  let taken = 0;
  for (let i = 0; i < corners.length; i += 3) {
    let which = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const at = corners[i + axis]!;
      if (box[3 + axis]! - at <= SQUARE) which |= 1 << axis;
      else if (at - box[axis]! > SQUARE) return false;
    }
    taken |= 1 << which;
  }
  return taken === 0xff;
}

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
