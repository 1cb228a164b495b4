import type { Point3 } from '../solid/prism';

/** Two unit directions this far from square, as the cosine between them, are meant to be square and only rounded. */
const SQUARE = 1e-6;

/** A unit direction made exactly square to another one that it is meant to be square to. Throws `fault` where it is not. */
export function squareTo(direction: Point3, other: Point3, fault: string): Point3 {
  const off = direction[0] * other[0] + direction[1] * other[1] + direction[2] * other[2];
  if (!(Math.abs(off) <= SQUARE)) throw new Error(fault);
  const turned = direction.map((part, i) => part - off * other[i]!);
  const size = Math.hypot(...turned);
  return [turned[0]! / size, turned[1]! / size, turned[2]! / size];
}
