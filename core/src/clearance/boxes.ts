import type { Convex } from '../solid/convex';

/** Axis-aligned boxes, six numbers each: least x, y, z, greatest x, y, z, mm. */
export type Boxes = Float64Array;

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
