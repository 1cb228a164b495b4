import type { MovingPiece } from './movingPiece';

/** Axis-aligned boxes, six numbers each: least x, y, z, greatest x, y, z, mm. */
export type Boxes = Float64Array;

const SLICES = 6;
const AXES = [
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

/**
 * Boxes that hold all a piece sweeps: first one of the whole travel, then one a slice of it. They are proven, by the
 * motion's own bound along each axis, not sampled.
 */
export function sweptBoxes(moving: MovingPiece, from: number, to: number): Boxes {
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

const slice = (from: number, to: number, k: number) => from + ((to - from) * k) / SLICES;

/** Whether a box comes within `watch` mm of the swept piece: of its whole, then of any slice. */
export function mayMeet(swept: Boxes, box: Boxes, watch: number): boolean {
  if (!within(swept, 0, box, watch)) return false;
  for (let at = 6; at < swept.length; at += 6) if (within(swept, at, box, watch)) return true;
  return false;
}

function within(a: Boxes, at: number, b: Boxes, watch: number): boolean {
  let square = 0;
  for (let axis = 0; axis < 3; axis += 1) {
    const gap = Math.max(a[at + axis]! - b[3 + axis]!, b[axis]! - a[at + 3 + axis]!, 0);
    if (gap > watch) return false;
    square += gap * gap;
  }
  return square <= watch * watch;
}
