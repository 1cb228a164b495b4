import { convex, withCorners, type Convex } from './convex';

/** A point on a plane, mm. */
export type Point2 = readonly [number, number];
/** A point or a direction in space, mm. */
export type Point3 = readonly [number, number, number];

const UNIT = prism(
  [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ],
  ([x, y], end) => [x, y, end],
);

/** An upright box from its least corner to its greatest, mm. Throws unless each side is longer than 0. */
export function box([x0, y0, z0]: Point3, [x1, y1, z1]: Point3): Convex {
  if (!(x1 > x0 && y1 > y0 && z1 > z0)) throw new Error('A box needs sides longer than 0.');
  // All boxes have the faces, frames and edges of one.
  return withCorners(
    UNIT,
    Float64Array.of(
      x0,
      y0,
      z0,
      x1,
      y0,
      z0,
      x1,
      y1,
      z0,
      x0,
      y1,
      z0,
      x0,
      y0,
      z1,
      x1,
      y0,
      z1,
      x1,
      y1,
      z1,
      x0,
      y1,
      z1,
    ),
  );
}

/**
 * A prism over a convex outline.
 *
 * @param outline  at least three points, counter-clockwise seen from the far end, no three in line
 * @param place    where an outline point lies at the near end (0) and the far end (1); the far end is the side a
 *                 right-handed outline's normal points to
 * @throws where the outline turns inward or back, has a repeated point, or the prism has no volume
 */
export function prism(outline: readonly Point2[], place: (point: Point2, end: 0 | 1) => Point3): Convex {
  const n = outline.length;
  if (n < 3) throw new Error('A prism needs an outline of three points or more.');
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % n]!;
    // Every other point, not only the next: an outline that winds twice round turns left all the way too.
    const left = outline.every(
      ([cx, cy], j) => j === i || j === (i + 1) % n || (bx - ax) * (cy - ay) - (by - ay) * (cx - ax) > 0,
    );
    if (!left) throw new Error('A prism needs a convex outline given counter-clockwise.');
  });
  const corners = new Float64Array(6 * n);
  outline.forEach((point, i) => {
    corners.set(place(point, 0), 3 * i);
    corners.set(place(point, 1), 3 * (n + i));
  });
  const ring = outline.map((_, i) => i);
  const sides = ring.map((i) => [i, (i + 1) % n, n + ((i + 1) % n), n + i]);
  const solid = convex(corners, [[...ring].reverse(), ring.map((i) => n + i), ...sides]);
  if (!(volume(solid) > 0))
    throw new Error('A prism must have volume, its far end on the side its outline faces.');
  return solid;
}

/** Volume in mm3, from the faces: signed tetrahedra to the first corner. */
export function volume({ corners, faces }: Convex): number {
  const at = (i: number, axis: number) => corners[3 * i + axis]! - corners[axis]!;
  let six = 0;
  for (const face of faces) {
    const a = face[0]!;
    for (let k = 1; k + 1 < face.length; k += 1) {
      const b = face[k]!;
      const c = face[k + 1]!;
      six +=
        at(a, 0) * (at(b, 1) * at(c, 2) - at(b, 2) * at(c, 1)) -
        at(a, 1) * (at(b, 0) * at(c, 2) - at(b, 2) * at(c, 0)) +
        at(a, 2) * (at(b, 0) * at(c, 1) - at(b, 1) * at(c, 0));
    }
  }
  return six / 6;
}
