import type { Convex } from '../solid/convex';
import type { Separation } from './separation';

/** Edges nearer to parallel than this, as the squared sine between them, have no direction across both: it would be rounding. */
const PARALLEL = 1e-22;

/**
 * The largest separation over all axes that can part two convex polyhedra: face normals of either, and products of
 * their edges. Zero or less means overlap by that depth; `out` then holds the answer, with the deepest corner as one
 * of its points. Above zero `out` holds a lower bound only.
 *
 * @source Gottschalk, Lin, Manocha 1996 (separating axis theorem for convex polyhedra)
 */
export function leastOverlapAxis(
  a: Convex,
  atA: Float64Array,
  b: Convex,
  atB: Float64Array,
  out: Separation,
): number {
  out.value = -Infinity;
  for (let i = 0; i < a.frames.length; i += 3) tryFrame(atA, a.frames, i, atA, atB, out);
  for (let i = 0; i < b.frames.length; i += 3) tryFrame(atB, b.frames, i, atA, atB, out);
  for (let i = 0; i < a.edges.length; i += 2) {
    const p = 3 * a.edges[i]!;
    const q = 3 * a.edges[i + 1]!;
    const ux = atA[q]! - atA[p]!;
    const uy = atA[q + 1]! - atA[p + 1]!;
    const uz = atA[q + 2]! - atA[p + 2]!;
    const u2 = ux * ux + uy * uy + uz * uz;
    for (let j = 0; j < b.edges.length; j += 2) {
      const r = 3 * b.edges[j]!;
      const s = 3 * b.edges[j + 1]!;
      const vx = atB[s]! - atB[r]!;
      const vy = atB[s + 1]! - atB[r + 1]!;
      const vz = atB[s + 2]! - atB[r + 2]!;
      const nx = uy * vz - uz * vy;
      const ny = uz * vx - ux * vz;
      const nz = ux * vy - uy * vx;
      const size2 = nx * nx + ny * ny + nz * nz;
      if (size2 > PARALLEL * u2 * (vx * vx + vy * vy + vz * vz)) {
        const size = Math.sqrt(size2);
        tryAxis(nx / size, ny / size, nz / size, atA, atB, out);
      }
    }
  }
  out.lower = out.value;
  deepestPoints(atA, out);
  return out.value;
}

function tryFrame(
  at: Float64Array,
  frames: Uint16Array,
  i: number,
  atA: Float64Array,
  atB: Float64Array,
  out: Separation,
): void {
  const p = 3 * frames[i]!;
  const q = 3 * frames[i + 1]!;
  const r = 3 * frames[i + 2]!;
  const ux = at[q]! - at[p]!;
  const uy = at[q + 1]! - at[p + 1]!;
  const uz = at[q + 2]! - at[p + 2]!;
  const vx = at[r]! - at[p]!;
  const vy = at[r + 1]! - at[p + 1]!;
  const vz = at[r + 2]! - at[p + 2]!;
  const nx = uy * vz - uz * vy;
  const ny = uz * vx - ux * vz;
  const nz = ux * vy - uy * vx;
  const size = Math.sqrt(nx * nx + ny * ny + nz * nz);
  tryAxis(nx / size, ny / size, nz / size, atA, atB, out);
}

function tryAxis(
  nx: number,
  ny: number,
  nz: number,
  atA: Float64Array,
  atB: Float64Array,
  out: Separation,
): void {
  let leastA = Infinity;
  let mostA = -Infinity;
  let leastB = Infinity;
  let mostB = -Infinity;
  for (let i = 0; i < atA.length; i += 3) {
    const along = nx * atA[i]! + ny * atA[i + 1]! + nz * atA[i + 2]!;
    if (along < leastA) leastA = along;
    if (along > mostA) mostA = along;
  }
  for (let i = 0; i < atB.length; i += 3) {
    const along = nx * atB[i]! + ny * atB[i + 1]! + nz * atB[i + 2]!;
    if (along < leastB) leastB = along;
    if (along > mostB) mostB = along;
  }
  const ahead = leastA - mostB;
  const behind = leastB - mostA;
  const gap = ahead > behind ? ahead : behind;
  if (gap > out.value) {
    const sign = ahead > behind ? 1 : -1;
    out.value = gap;
    out.normal[0] = sign * nx;
    out.normal[1] = sign * ny;
    out.normal[2] = sign * nz;
  }
}

function deepestPoints(atA: Float64Array, out: Separation): void {
  const { normal: n, onFirst, onSecond } = out;
  let least = Infinity;
  for (let i = 0; i < atA.length; i += 3) {
    const along = n[0]! * atA[i]! + n[1]! * atA[i + 1]! + n[2]! * atA[i + 2]!;
    if (along < least) {
      least = along;
      onFirst[0] = atA[i]!;
      onFirst[1] = atA[i + 1]!;
      onFirst[2] = atA[i + 2]!;
    }
  }
  for (let axis = 0; axis < 3; axis += 1) onSecond[axis] = onFirst[axis]! - out.value * n[axis]!;
}
