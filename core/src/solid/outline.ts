import earcut from 'earcut';
import { prism, type Point2, type Point3 } from './prism';
import type { Convex } from './convex';

/** What is wrong with an outline, with the index of the point where. */
export interface OutlineFault {
  readonly message: string;
  readonly at: number;
}

/** Parts cover what their outline does, as a share of it. */
const SAME_AREA = 1e-6;

const cross = (a: Point2, b: Point2, c: Point2) =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

/** Twice the area inside an outline; positive where it runs counter-clockwise. */
export function signedArea(outline: readonly Point2[]): number {
  return outline.reduce((sum, [x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    return sum + (x * ny - nx * y) / 2;
  }, 0);
}

/** Why an outline is none: too few points, a point twice, no area, or edges that cross or touch. Undefined where it is sound. */
export function outlineFault(outline: readonly Point2[]): OutlineFault | undefined {
  const n = outline.length;
  if (n < 3) return { message: 'An outline needs three points or more.', at: 0 };
  for (let i = 0; i < n; i += 1) {
    if (!outline[i]!.every(Number.isFinite))
      return { message: 'An outline has a point that is no number.', at: i };
    const [x, y] = outline[i]!;
    const [nx, ny] = outline[(i + 1) % n]!;
    if (Math.hypot(nx - x, ny - y) < 1e-9)
      return { message: 'An outline has the same point twice in a row.', at: i };
  }
  for (let i = 0; i < n; i += 1) {
    for (let j = i + 1; j < n; j += 1) {
      if (edgesMeet(outline, i, j)) return { message: 'An outline crosses or touches itself.', at: j };
    }
  }
  if (Math.abs(signedArea(outline)) < 1e-9) return { message: 'An outline has no area.', at: 0 };
  return undefined;
}

/** Whether edges i and j share a point that they should not: neighbours share one, and must not fold back. */
function edgesMeet(outline: readonly Point2[], i: number, j: number): boolean {
  const n = outline.length;
  const [a, b, c, d] = [outline[i]!, outline[(i + 1) % n]!, outline[j]!, outline[(j + 1) % n]!];
  const neighbours = j === i + 1 || (i === 0 && j === n - 1);
  if (neighbours) {
    const [from, joint, to] = j === i + 1 ? [a, b, d] : [c, a, b];
    const back = (from[0] - joint[0]) * (to[0] - joint[0]) + (from[1] - joint[1]) * (to[1] - joint[1]);
    return Math.abs(cross(from, joint, to)) < 1e-9 && back > 0;
  }
  const [ca, cb, cc, cd] = [cross(c, d, a), cross(c, d, b), cross(a, b, c), cross(a, b, d)];
  if (ca === 0 && onEdge(c, d, a)) return true;
  if (cb === 0 && onEdge(c, d, b)) return true;
  if (cc === 0 && onEdge(a, b, c)) return true;
  if (cd === 0 && onEdge(a, b, d)) return true;
  return ca * cb < 0 && cc * cd < 0;
}

/**
 * Why holes are none of an outline's: the first hole, and the point of it, from which an edge runs over the outline's or another
 * hole's edge. Undefined where none does; each ring must be sound by itself.
 */
export function holeFault(
  outline: readonly Point2[],
  holes: readonly (readonly Point2[])[],
): (OutlineFault & { readonly hole: number }) | undefined {
  for (const [hole, ring] of holes.entries()) {
    const crossed = (other: readonly Point2[]) => ring.findIndex((_, at) => runsOver(ring, at, other));
    const edge = crossed(outline);
    if (edge >= 0) return { hole, at: edge, message: 'A hole crosses the edge of its outline.' };
    const over = holes
      .slice(0, hole)
      .map(crossed)
      .find((at) => at >= 0);
    if (over !== undefined) return { hole, at: over, message: 'A hole crosses another hole.' };
  }
  return undefined;
}

/** Whether the edge of a ring from a point crosses any edge of another ring. */
function runsOver(ring: readonly Point2[], at: number, other: readonly Point2[]): boolean {
  const [a, b] = [ring[at]!, ring[(at + 1) % ring.length]!];
  return other.some((c, k) => {
    const d = other[(k + 1) % other.length]!;
    return cross(c, d, a) * cross(c, d, b) < 0 && cross(a, b, c) * cross(a, b, d) < 0;
  });
}

function onEdge(a: Point2, b: Point2, p: Point2): boolean {
  return (
    Math.min(a[0], b[0]) <= p[0] &&
    p[0] <= Math.max(a[0], b[0]) &&
    Math.min(a[1], b[1]) <= p[1] &&
    p[1] <= Math.max(a[1], b[1])
  );
}

/**
 * Convex outlines that make up a simple outline less its holes, each counter-clockwise without points in line.
 * Throws where an outline is faulty: read it with `outlineFault` and `holeFault` first.
 *
 * @source triangles by ear clipping (the package earcut), joined over needless diagonals after Hertel and Mehlhorn 1983:
 * never more than four times the fewest possible
 */
export function convexOutlines(
  outline: readonly Point2[],
  holes: readonly (readonly Point2[])[] = [],
): Point2[][] {
  for (const ring of [outline, ...holes]) {
    const fault = outlineFault(ring);
    if (fault) throw new Error(fault.message);
  }
  const points = [outline, ...holes].flat();
  const starts = holes.map((_, i) =>
    [outline, ...holes.slice(0, i)].reduce((sum, ring) => sum + ring.length, 0),
  );
  const indices = earcut(points.flat(), starts);
  let polygons: number[][] = [];
  for (let i = 0; i < indices.length; i += 3) {
    const triangle = [indices[i]!, indices[i + 1]!, indices[i + 2]!];
    const turn = cross(points[triangle[0]!]!, points[triangle[1]!]!, points[triangle[2]!]!);
    if (Math.abs(turn) > 1e-9) polygons.push(turn > 0 ? triangle : triangle.reverse());
  }
  for (let joined = true; joined;) {
    joined = false;
    for (let a = 0; a < polygons.length && !joined; a += 1) {
      for (let b = a + 1; b < polygons.length && !joined; b += 1) {
        const both = joinConvex(points, polygons[a]!, polygons[b]!);
        if (!both) continue;
        polygons = [...polygons.slice(0, a), both, ...polygons.slice(a + 1, b), ...polygons.slice(b + 1)];
        joined = true;
      }
    }
  }
  const parts = polygons.map((polygon) => withoutStraightPoints(polygon.map((i) => points[i]!)));
  const areaOf = (rings: readonly (readonly Point2[])[]) =>
    rings.reduce((sum, ring) => sum + Math.abs(signedArea(ring)), 0);
  const outer = areaOf([outline]);
  // What is left of a hole outside, over another, or across the edge shows in what the parts cover.
  if (!(Math.abs(areaOf(parts) - (outer - areaOf(holes))) <= SAME_AREA * outer))
    throw new Error(
      'An outline cannot be divided: a hole of it lies outside, over another hole or across the edge.',
    );
  return parts;
}

/** Two polygons that share an edge, as one, if that one is convex. */
function joinConvex(
  points: readonly Point2[],
  a: readonly number[],
  b: readonly number[],
): number[] | undefined {
  for (let i = 0; i < a.length; i += 1) {
    const from = a[i]!;
    const to = a[(i + 1) % a.length]!;
    const j = b.findIndex((start, k) => start === to && b[(k + 1) % b.length] === from);
    if (j < 0) continue;
    const ring = [...turned(a, i + 1), ...turned(b, j + 1).slice(1, -1)];
    const convexRing = ring.every((p, k) => {
      const next = ring[(k + 1) % ring.length]!;
      const after = ring[(k + 2) % ring.length]!;
      return cross(points[p]!, points[next]!, points[after]!) > -1e-9;
    });
    return convexRing ? ring : undefined;
  }
  return undefined;
}

const turned = (ring: readonly number[], start: number): number[] =>
  ring.map((_, k) => ring[(start + k) % ring.length]!);

function withoutStraightPoints(ring: Point2[]): Point2[] {
  return ring.filter((point, i) => {
    const before = ring[(i + ring.length - 1) % ring.length]!;
    const after = ring[(i + 1) % ring.length]!;
    return cross(before, point, after) > 1e-9;
  });
}

/**
 * A prism over any simple outline less its holes, as convex pieces.
 *
 * @param place  as for `prism`: where an outline point lies at the near end (0) and the far end (1)
 */
export function prismPieces(
  outline: readonly Point2[],
  holes: readonly (readonly Point2[])[],
  place: (point: Point2, end: 0 | 1) => Point3,
): Convex[] {
  return convexOutlines(outline, holes).map((part) => prism(part, place));
}
