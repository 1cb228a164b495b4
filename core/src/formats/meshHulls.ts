import { hull, TooFine } from '../solid/hull';
import type { Convex } from '../solid/convex';
import type { Point3 } from '../solid/prism';

/** What came of a mesh: its parts as hulls in a box, and how much those cover that the mesh does not. */
export interface MeshHulls {
  readonly least: Point3;
  readonly greatest: Point3;
  /** Each hull's corners as shares of the box. */
  readonly hulls: readonly (readonly Point3[])[];
  /** How deep the surface lies under the hulls at most: found at its corners, and proven nowhere deeper, mm. */
  readonly deviation: { readonly found: number; readonly atMost: number };
  readonly triangles: number;
  /** Parts that are flat or empty, and were left out. */
  readonly left: number;
}

export type MeshRead =
  { readonly ok: true; readonly mesh: MeshHulls } | { readonly ok: false; readonly message: string };

/** A plan keeps so many hulls of so many corners. */
const MOST_HULLS = 64;
const MOST_CORNERS = 400;
/** Corners of triangles nearer than this are one, mm. */
const WELD = 1e-3;

/**
 * A mesh of triangles as convex pieces: those that hang together are one part, and each part is taken to fill its hull. An
 * obstacle so taken is never smaller than it is; by how much larger, `deviation` tells.
 *
 * @param corners  x, y, z of every triangle's three corners, in the file's unit
 * @param unit     mm for one of the file's units
 */
export function hullsOfMesh(corners: ArrayLike<number>, unit: number): MeshRead {
  const triangles = Math.floor(corners.length / 9);
  if (triangles === 0) return { ok: false, message: 'There is no triangle in this file.' };
  const { points, index } = welded(corners, unit);
  if (points.some((point) => !point.every(Number.isFinite)))
    return { ok: false, message: 'This file holds corners that are no numbers.' };
  const parts = partsOf(index, points.length);
  const solids: { convex: Convex; part: readonly number[] }[] = [];
  let left = 0;
  for (const part of parts) {
    try {
      const convex = hull(
        [...new Set(part)].map((i) => points[i]!),
        MOST_CORNERS,
      );
      solids.push({ convex, part });
    } catch (error) {
      if (error instanceof TooFine)
        return {
          ok: false,
          message: `A part of this file has ${error.corners} corners on its outside; at most ${MOST_CORNERS} can be taken in. Export it coarser.`,
        };
      left += 1;
    }
  }
  if (solids.length === 0)
    return { ok: false, message: 'All that is in this file is flat: it takes up no room.' };
  if (solids.length > MOST_HULLS)
    return {
      ok: false,
      message: `This file falls into ${solids.length} loose parts; at most ${MOST_HULLS} can be taken in.`,
    };
  const ends = (pick: (...values: number[]) => number, axis: number) =>
    solids.reduce((end, { convex }) => {
      for (let i = axis; i < convex.corners.length; i += 3) end = pick(end, convex.corners[i]!);
      return end;
    }, solids[0]!.convex.corners[axis]!);
  const least: Point3 = [ends(Math.min, 0), ends(Math.min, 1), ends(Math.min, 2)];
  const greatest: Point3 = [ends(Math.max, 0), ends(Math.max, 1), ends(Math.max, 2)];
  const hulls = solids.map(({ convex }) =>
    Array.from({ length: convex.corners.length / 3 }, (_, i): Point3 => {
      const at = (axis: 0 | 1 | 2) =>
        Math.min(
          1,
          Math.max(0, (convex.corners[3 * i + axis]! - least[axis]) / (greatest[axis] - least[axis])),
        );
      return [at(0), at(1), at(2)];
    }),
  );
  let [found, atMost] = [0, 0];
  for (const { convex, part } of solids) {
    const depth = depthUnder(convex, part, points);
    found = Math.max(found, depth.found);
    atMost = Math.max(atMost, depth.atMost);
  }
  return { ok: true, mesh: { least, greatest, hulls, deviation: { found, atMost }, triangles, left } };
}

function welded(corners: ArrayLike<number>, unit: number): { points: Point3[]; index: number[] } {
  const points: Point3[] = [];
  const known = new Map<string, number>();
  const index: number[] = [];
  for (let i = 0; i + 2 < corners.length; i += 3) {
    const point: Point3 = [corners[i]! * unit, corners[i + 1]! * unit, corners[i + 2]! * unit];
    const key = point.map((x) => Math.round(x / WELD)).join(' ');
    let at = known.get(key);
    if (at === undefined) {
      at = points.length;
      known.set(key, at);
      points.push(point);
    }
    index.push(at);
  }
  return { points, index };
}

/** Triangles that share a corner, together: lists of three corners each. */
function partsOf(index: readonly number[], count: number): number[][] {
  const root = Int32Array.from({ length: count }, (_, i) => i);
  const find = (i: number): number => {
    let at = i;
    while (root[at] !== at) {
      root[at] = root[root[at]!]!;
      at = root[at]!;
    }
    return at;
  };
  for (let i = 0; i + 2 < index.length; i += 3) {
    root[find(index[i + 1]!)] = find(index[i]!);
    root[find(index[i + 2]!)] = find(index[i]!);
  }
  const parts = new Map<number, number[]>();
  for (let i = 0; i + 2 < index.length; i += 3) {
    const key = find(index[i]!);
    const part = parts.get(key) ?? [];
    parts.set(key, part);
    part.push(index[i]!, index[i + 1]!, index[i + 2]!);
  }
  return [...parts.values()];
}

/**
 * How deep a surface lies under its hull: of a point, the least of its depths under the hull's planes. Over a triangle
 * that is at most, for any one plane, the greatest of its corners'; the best plane gives the bound.
 */
function depthUnder(
  { corners, faces }: Convex,
  part: readonly number[],
  points: readonly Point3[],
): { found: number; atMost: number } {
  const planes = faces.map((face) => {
    const [a, b, c] = [0, 1, 2].map((k) =>
      [0, 1, 2].map((axis) => corners[3 * face[k]! + axis]!),
    ) as number[][];
    const u = b!.map((x, i) => x - a![i]!);
    const w = c!.map((x, i) => x - a![i]!);
    const n = [u[1]! * w[2]! - u[2]! * w[1]!, u[2]! * w[0]! - u[0]! * w[2]!, u[0]! * w[1]! - u[1]! * w[0]!];
    const size = Math.hypot(...n);
    const unit = n.map((x) => x / size);
    return { unit, offset: unit.reduce((sum, x, i) => sum + x * a![i]!, 0) };
  });
  const under = ({ unit, offset }: (typeof planes)[number], [x, y, z]: Point3) =>
    offset - unit[0]! * x - unit[1]! * y - unit[2]! * z;
  let [found, atMost] = [0, 0];
  for (let i = 0; i + 2 < part.length; i += 3) {
    const three = [part[i]!, part[i + 1]!, part[i + 2]!].map((k) => points[k]!);
    for (const point of three)
      found = Math.max(found, Math.min(...planes.map((plane) => under(plane, point))));
    const bound = Math.min(...planes.map((plane) => Math.max(...three.map((point) => under(plane, point)))));
    atMost = Math.max(atMost, bound);
  }
  return { found, atMost: Math.max(found, atMost) };
}
