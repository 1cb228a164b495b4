import quickHull from 'quickhull3d';
import { convex, type Convex } from './convex';
import { volume, type Point3 } from './prism';

/** The package is CommonJS: Node hands its default export in an object, bundlers hand it bare. */
const run = (quickHull as unknown as { default?: typeof quickHull }).default ?? quickHull;

/** A hull has more corners than were asked for. */
export class TooFine extends Error {
  constructor(readonly corners: number) {
    super(`This hull has ${corners} corners.`);
  }
}

/**
 * The convex hull of points in space, mm.
 *
 * @param mostCorners  a hull of more is not made: what follows grows with their square
 * @throws `TooFine` where it has more; where the points lie in a plane, a line or a point, within 1e-6 mm
 */
export function hull(points: readonly Point3[], mostCorners = Infinity): Convex {
  if (points.length < 4) throw new Error('A hull needs four points or more.');
  let faces: number[][];
  try {
    faces = run(points.map((point) => [...point])) as number[][];
  } catch {
    throw new Error('A hull needs points that are not all in one plane.');
  }
  const used = [...new Set(faces.flat())].sort((a, b) => a - b);
  if (used.length > mostCorners) throw new TooFine(used.length);
  const place = new Map(used.map((old, i) => [old, i]));
  const corners = new Float64Array(used.flatMap((i) => [...points[i]!]));
  const solid = convex(
    corners,
    faces.map((face) => face.map((i) => place.get(i)!)),
  );
  if (!(volume(solid) > 1e-6)) throw new Error('A hull needs points that are not all in one plane.');
  return solid;
}
