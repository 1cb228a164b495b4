import type { Convex, Point3, Side } from '@tarnpass/core';
import { polygonHull } from 'd3-polygon';

/** A way of looking at the space without perspective: u to the right, v up the sheet, w towards the eye; unit vectors. */
export interface Projection {
  readonly u: Point3;
  readonly v: Point3;
  readonly w: Point3;
}

export const FROM_ABOVE: Projection = { u: [1, 0, 0], v: [0, 1, 0], w: [0, 0, 1] };

/** Looking level towards a side of the space, with up as up. */
export const LOOKING: Record<Side, Projection> = {
  north: { u: [1, 0, 0], v: [0, 0, 1], w: [0, -1, 0] },
  south: { u: [-1, 0, 0], v: [0, 0, 1], w: [0, 1, 0] },
  east: { u: [0, -1, 0], v: [0, 0, 1], w: [-1, 0, 0] },
  west: { u: [0, 1, 0], v: [0, 0, 1], w: [1, 0, 0] },
};

/** Mm on the sheet before it is scaled. */
export type Flat = readonly [number, number];

const along = (n: Point3, corners: Float64Array, i: number) =>
  n[0] * corners[i]! + n[1] * corners[i + 1]! + n[2] * corners[i + 2]!;

export const flatten = ({ u, v }: Projection, [x, y, z]: Point3): Flat => [
  u[0] * x + u[1] * y + u[2] * z,
  v[0] * x + v[1] * y + v[2] * z,
];

/** The axis of the space (0, 1, 2) that a direction of a projection runs along. */
export const axisOf = (n: Point3): 0 | 1 | 2 => (n[0] !== 0 ? 0 : n[1] !== 0 ? 1 : 2);

/** What is seen of convex pieces: the hull of their corners. */
export function seenOutline(projection: Projection, ...lists: readonly Float64Array[]): Flat[] {
  const points: [number, number][] = [];
  for (const corners of lists) {
    for (let i = 0; i < corners.length; i += 3)
      points.push([along(projection.u, corners, i), along(projection.v, corners, i)]);
  }
  return polygonHull(points) ?? points;
}

/** Least and greatest distance of a piece towards the eye, mm. */
export function reachOf({ w }: Projection, corners: Float64Array): Flat {
  let near = -Infinity;
  let far = Infinity;
  for (let i = 0; i < corners.length; i += 3) {
    const depth = along(w, corners, i);
    near = Math.max(near, depth);
    far = Math.min(far, depth);
  }
  return [far, near];
}

/** Where the plane at a distance towards the eye cuts a piece: the hull of the points in which its edges pass it. */
export function cutOutline({ u, v, w }: Projection, { corners, faces }: Convex, at: number): Flat[] {
  const points: [number, number][] = [];
  for (const face of faces) {
    for (const [k, from] of face.entries()) {
      const [i, j] = [3 * from, 3 * face[(k + 1) % face.length]!];
      const [a, b] = [along(w, corners, i) - at, along(w, corners, j) - at];
      if (a * b > 0 || a === b) continue;
      const share = a / (a - b);
      const between = (n: Point3) =>
        along(n, corners, i) + share * (along(n, corners, j) - along(n, corners, i));
      points.push([between(u), between(v)]);
    }
  }
  return polygonHull(points) ?? [];
}
