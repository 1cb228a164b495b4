import type { Convex } from './convex';
import type { HalfSpace } from './halfSpace';
import { hull } from './hull';
import type { Point3 } from './prism';

/** All of a half-space that is within a ball, and some more, as a convex solid; undefined where none of it is. */
export function slabIn({ normal, offset }: HalfSpace, centre: Point3, radius: number): Convex | undefined {
  const depth = offset - dot(normal, centre);
  if (depth < -radius) return undefined;
  // Any two directions in the plane, square to each other.
  const least = [0, 1, 2].reduce((a, b) => (Math.abs(normal[b]!) < Math.abs(normal[a]!) ? b : a));
  const u = unit(cross(normal, [least === 0 ? 1 : 0, least === 1 ? 1 : 0, least === 2 ? 1 : 0]));
  const v = cross(normal, u);
  const wide = 2 * radius;
  const corner = (i: number): Point3 => {
    const [a, b] = [i & 1 ? wide : -wide, i & 2 ? wide : -wide];
    const c = depth - (i & 4 ? depth + wide : 0);
    return [0, 1, 2].map((k) => centre[k]! + a * u[k]! + b * v[k]! + c * normal[k]!) as unknown as Point3;
  };
  return hull(Array.from({ length: 8 }, (_, i) => corner(i)));
}

const dot = (a: Point3, b: Point3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Point3, b: Point3): Point3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
function unit(a: Point3): Point3 {
  const size = Math.hypot(...a);
  return [a[0] / size, a[1] / size, a[2] / size];
}
