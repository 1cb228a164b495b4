import type { PieceSpec } from '../../scene/schema';
import { across, put, type Stand, type V3 } from './poses';
import { cornersOf } from './solids';

/** A convex piece by its corners, and the directions of its faces and edges as built. */
export interface Shape {
  readonly corners: readonly V3[];
  readonly faces: readonly V3[];
  readonly edges: readonly V3[];
}

/** A shape where it stands: its corners, the box about them, and its directions turned. */
export interface Placed {
  readonly corners: readonly V3[];
  readonly least: V3;
  readonly most: V3;
  readonly faces: readonly V3[];
  readonly edges: readonly V3[];
}

const dot = (a: V3, b: V3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const minus = (a: V3, b: V3): V3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const unit = (a: V3): V3 => {
  const size = Math.hypot(...a);
  return [a[0] / size, a[1] / size, a[2] / size];
};
/** Directions alike to within this, or planes through corners, are one. */
const ALIKE = 1e-7;

/** Faces by every three corners that have all others on one side, edges where two faces share two corners: slow, once a piece. */
export function shapeOf(spec: Exclude<PieceSpec, { kind: 'half-space' }>): Shape {
  const corners = cornersOf(spec);
  const size = Math.max(...corners.flatMap((p) => corners.map((q) => Math.hypot(...minus(p, q)))));
  const faces: { normal: V3; on: Set<number> }[] = [];
  corners.forEach((p, i) =>
    corners.forEach((q, j) =>
      corners.forEach((r, k) => {
        if (!(i < j && i < k && j !== k)) return;
        const raw = across(minus(q, p), minus(r, p));
        if (Math.hypot(...raw) < ALIKE * size * size) return;
        const normal = unit(raw);
        const heights = corners.map((c) => dot(normal, minus(c, p)));
        if (Math.max(...heights) > ALIKE * size) return;
        const on = new Set(heights.flatMap((height, c) => (height > -ALIKE * size ? [c] : [])));
        if (!faces.some((face) => dot(face.normal, normal) > 1 - ALIKE)) faces.push({ normal, on });
      }),
    ),
  );
  const edges: V3[] = [];
  faces.forEach((one, i) =>
    faces.slice(i + 1).forEach((two) => {
      const shared = [...one.on].filter((c) => two.on.has(c));
      if (shared.length < 2) return;
      const edge = unit(minus(corners[shared[1]!]!, corners[shared[0]!]!));
      if (!edges.some((other) => Math.abs(dot(other, edge)) > 1 - ALIKE)) edges.push(edge);
    }),
  );
  return { corners, faces: faces.map(({ normal }) => normal), edges };
}

export function placedAt({ corners, faces, edges }: Shape, stand: Stand): Placed {
  const at = corners.map((corner) => put(stand, corner));
  const turned = (way: V3) => put({ ...stand, shift: [0, 0, 0] }, way);
  const along = (pick: (...of: number[]) => number): V3 =>
    [0, 1, 2].map((axis) => pick(...at.map((p) => p[axis]!))) as unknown as V3;
  return {
    corners: at,
    least: along(Math.min),
    most: along(Math.max),
    faces: faces.map(turned),
    edges: edges.map(turned),
  };
}

/**
 * The greatest gap of two shapes along any axis that can part them (Gottschalk 1996), mm: no more than their distance, and minus
 * their depth where they overlap. Beyond `enough` along an axis of their boxes it is not looked for.
 */
export function gapOf(a: Placed, b: Placed, enough: number): number {
  let best = -Infinity;
  for (let axis = 0; axis < 3; axis += 1)
    best = Math.max(best, a.least[axis]! - b.most[axis]!, b.least[axis]! - a.most[axis]!);
  if (best > enough) return best;
  const along = (n: V3) => {
    let [leastA, mostA, leastB, mostB] = [Infinity, -Infinity, Infinity, -Infinity];
    for (const p of a.corners) {
      const x = dot(n, p);
      if (x < leastA) leastA = x;
      if (x > mostA) mostA = x;
    }
    for (const q of b.corners) {
      const x = dot(n, q);
      if (x < leastB) leastB = x;
      if (x > mostB) mostB = x;
    }
    best = Math.max(best, leastA - mostB, leastB - mostA);
  };
  for (const n of a.faces) along(n);
  for (const n of b.faces) along(n);
  if (best > enough) return best;
  for (const p of a.edges) {
    for (const q of b.edges) {
      const n = across(p, q);
      const size = Math.hypot(...n);
      if (size > 1e-6) along([n[0] / size, n[1] / size, n[2] / size]);
    }
  }
  return best;
}
