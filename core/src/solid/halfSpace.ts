import type { Convex } from './convex';
import type { Point3 } from './prism';

/** All points with normal . p <= offset: a floor, a wall or a slope of any extent. `normal` is a unit vector out of it. */
export interface HalfSpace {
  readonly kind: 'half-space';
  readonly normal: Point3;
  readonly offset: number;
}

/** What may stand still: a convex solid, or the solid side of a plane. Only convex solids move. */
export type Solid = Convex | HalfSpace;

/** The solid below a plane through a point; `out` need not be a unit vector. Throws for a zero or non-finite one. */
export function halfSpace(point: Point3, out: Point3): HalfSpace {
  const size = Math.hypot(...out);
  if (!(size > 0 && size < Infinity)) throw new Error('A half-space needs a direction out of it.');
  const normal: Point3 = [out[0] / size, out[1] / size, out[2] / size];
  return {
    kind: 'half-space',
    normal,
    offset: normal[0] * point[0] + normal[1] * point[1] + normal[2] * point[2],
  };
}
