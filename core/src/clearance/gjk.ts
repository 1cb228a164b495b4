import type { Separation } from './separation';

/** The corners a pair's nearest points were last on: where the next query of the pair starts. */
export interface GjkStart {
  size: number;
  // Plain lists of small whole numbers: a room has thousands of them, and a typed array costs ten times as much to make.
  readonly first: number[];
  readonly second: number[];
}

export function coldStart(): GjkStart {
  return { size: 0, first: [0, 0, 0, 0], second: [0, 0, 0, 0] };
}

/** Gap between attained and proven distance, mm, at which the search ends. */
const SETTLED = 1e-10;
/** Below this distance, mm, the pieces count as not apart here; the caller then looks with separating axes. */
const TOUCHING = 1e-9;
const MOST_STEPS = 64;

// Scratch shared by all queries (this module is never re-entered): the simplex of corner differences, where its
// corners start in either list, and their weights. Typed arrays because plain module numbers are boxed by the engine.
const W = new Float64Array(12);
const I = new Uint32Array(4);
const J = new Uint32Array(4);
const L = new Float64Array(4);
/** Its nearest point to the origin, by those weights. */
const N = new Float64Array(3);
/** The weights of the simplex kept. */
const KEPT = new Float64Array(4);
/** The weights of the nearest face found so far of a tetrahedron. */
const BEST = new Float64Array(4);

/**
 * Nearest points of two convex point sets that are apart.
 *
 * @returns true where they are apart: `out.value` is then attained, `out.lower` proven along `out.normal`, and the
 * nearest points stand. False where they touch or overlap: both points are then one that the two share, nearly
 * @source Gilbert, Johnson, Keerthi 1988; the nearest point of a simplex by Voronoi regions after Ericson 2005
 */
export function closestByGjk(
  atA: Float64Array,
  atB: Float64Array,
  start: GjkStart,
  out: Separation,
): boolean {
  let size = begin(start, atA, atB);
  let lower = -Infinity;
  let last = Infinity;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    if (size === 4 && tetrahedron()) {
      remember(start, 4);
      writePoints(start, atA, atB, out);
      start.size = 0;
      return false;
    }
    if (size === 3) triangle(0, 1, 2);
    else if (size === 2) segment();
    else if (size === 1) L[0] = 1;
    if (size > 1) size = compact(size);
    nearestOf(size);
    const x = N[0]!;
    const y = N[1]!;
    const z = N[2]!;
    const distance = Math.sqrt(x * x + y * y + z * z);
    if (distance >= last) break; // no progress left in 64 bits: what is proven so far stands
    last = distance;
    remember(start, size);
    if (distance <= TOUCHING) {
      writePoints(start, atA, atB, out);
      start.size = 0;
      return false;
    }
    const nx = x / distance;
    const ny = y / distance;
    const nz = z / distance;
    const i = leastAlong(atA, nx, ny, nz);
    const j = leastAlong(atB, -nx, -ny, -nz);
    const apart = along(atA, i, nx, ny, nz) - along(atB, j, nx, ny, nz);
    if (apart > lower || step === 0) {
      lower = apart;
      out.normal[0] = nx;
      out.normal[1] = ny;
      out.normal[2] = nz;
    }
    if (distance - lower <= SETTLED) break;
    if (isKept(size, i, j)) break;
    I[size] = i;
    J[size] = j;
    difference(size, atA, atB);
    size += 1;
  }
  out.value = last;
  out.lower = lower;
  writePoints(start, atA, atB, out);
  return true;
}

/** The simplex that the last query of the pair left, or one corner of either; how many corners it has. */
function begin(start: GjkStart, atA: Float64Array, atB: Float64Array): number {
  if (start.size === 0) {
    I[0] = 0;
    J[0] = 0;
  } else {
    for (let s = 0; s < start.size; s += 1) {
      I[s] = start.first[s]!;
      J[s] = start.second[s]!;
    }
  }
  const size = Math.max(1, start.size);
  for (let s = 0; s < size; s += 1) difference(s, atA, atB);
  return size;
}

/** How far the corner that starts at `k` is along a direction. */
const along = (at: Float64Array, k: number, x: number, y: number, z: number): number =>
  x * at[k]! + y * at[k + 1]! + z * at[k + 2]!;

/** Where the corner starts that is least along a direction. */
function leastAlong(at: Float64Array, x: number, y: number, z: number): number {
  let found = 0;
  let least = Infinity;
  for (let k = 0; k < at.length; k += 3) {
    const value = along(at, k, x, y, z);
    if (value < least) {
      least = value;
      found = k;
    }
  }
  return found;
}

/** Writes the point of the simplex that its weights make. */
function nearestOf(size: number): void {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let s = 0; s < size; s += 1) {
    const weight = L[s]!;
    x += weight * W[3 * s]!;
    y += weight * W[3 * s + 1]!;
    z += weight * W[3 * s + 2]!;
  }
  N[0] = x;
  N[1] = y;
  N[2] = z;
}

/** Whether a pair of corners is in the simplex already. */
function isKept(size: number, i: number, j: number): boolean {
  for (let s = 0; s < size; s += 1) if (I[s] === i && J[s] === j) return true;
  return false;
}

function difference(s: number, atA: Float64Array, atB: Float64Array): void {
  const i = I[s]!;
  const j = J[s]!;
  W[3 * s] = atA[i]! - atB[j]!;
  W[3 * s + 1] = atA[i + 1]! - atB[j + 1]!;
  W[3 * s + 2] = atA[i + 2]! - atB[j + 2]!;
}

/** Keep the simplex: for the pair's next query, and as the best so far of this one. */
function remember(start: GjkStart, size: number): void {
  const { first, second } = start;
  start.size = size;
  for (let s = 0; s < size; s += 1) {
    first[s] = I[s]!;
    second[s] = J[s]!;
    KEPT[s] = L[s]!;
  }
}

/** The points that the kept simplex's weights make on either piece. */
function writePoints(start: GjkStart, atA: Float64Array, atB: Float64Array, out: Separation): void {
  const { size, first, second } = start;
  const { onFirst, onSecond } = out;
  let ax = 0;
  let ay = 0;
  let az = 0;
  let bx = 0;
  let by = 0;
  let bz = 0;
  for (let s = 0; s < size; s += 1) {
    const weight = KEPT[s]!;
    const i = first[s]!;
    const j = second[s]!;
    ax += weight * atA[i]!;
    ay += weight * atA[i + 1]!;
    az += weight * atA[i + 2]!;
    bx += weight * atB[j]!;
    by += weight * atB[j + 1]!;
    bz += weight * atB[j + 2]!;
  }
  onFirst[0] = ax;
  onFirst[1] = ay;
  onFirst[2] = az;
  onSecond[0] = bx;
  onSecond[1] = by;
  onSecond[2] = bz;
}

/** Corners of weight zero go, the rest move up. */
function compact(size: number): number {
  let kept = 0;
  for (let s = 0; s < size; s += 1) {
    if (!(L[s]! > 0)) continue;
    if (kept !== s) {
      L[kept] = L[s]!;
      I[kept] = I[s]!;
      J[kept] = J[s]!;
      W[3 * kept] = W[3 * s]!;
      W[3 * kept + 1] = W[3 * s + 1]!;
      W[3 * kept + 2] = W[3 * s + 2]!;
    }
    kept += 1;
  }
  return kept;
}

/** Weights of the nearest point of the segment 0, 1. */
function segment(): void {
  const share = shareOf(0, 1);
  L[0] = 1 - share;
  L[1] = share;
}

/** How far along the segment i, j its nearest point is, as a share of it. */
function shareOf(i: number, j: number): number {
  const ix = W[3 * i]!;
  const iy = W[3 * i + 1]!;
  const iz = W[3 * i + 2]!;
  const jx = W[3 * j]!;
  const jy = W[3 * j + 1]!;
  const jz = W[3 * j + 2]!;
  const ij = ix * jx + iy * jy + iz * jz;
  const toJ = ix * ix + iy * iy + iz * iz - ij;
  const toI = jx * jx + jy * jy + jz * jz - ij;
  return toJ <= 0 ? 0 : toI <= 0 ? 1 : toJ / (toI + toJ);
}

/** Weights of the nearest point of three corners in one line: it is on the nearest of their edges. */
function nearestEdge(a: number, b: number, c: number): void {
  let least = Infinity;
  for (let e = 0; e < 3; e += 1) {
    const i = e === 1 ? b : a;
    const j = e === 0 ? b : c;
    const share = shareOf(i, j);
    let square = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const v = (1 - share) * W[3 * i + axis]! + share * W[3 * j + axis]!;
      square += v * v;
    }
    if (square >= least) continue;
    least = square;
    L[a] = 0;
    L[b] = 0;
    L[c] = 0;
    setTwo(i, 1 - share, j, share);
  }
}

function setTwo(i: number, li: number, j: number, lj: number): void {
  L[i] = li;
  L[j] = lj;
}

/** Weights of the nearest point of the triangle a, b, c, by the Voronoi region the origin is in. */
function triangle(a: number, b: number, c: number): void {
  const ax = W[3 * a]!;
  const ay = W[3 * a + 1]!;
  const az = W[3 * a + 2]!;
  const bx = W[3 * b]!;
  const by = W[3 * b + 1]!;
  const bz = W[3 * b + 2]!;
  const cx = W[3 * c]!;
  const cy = W[3 * c + 1]!;
  const cz = W[3 * c + 2]!;
  const abx = bx - ax;
  const aby = by - ay;
  const abz = bz - az;
  const acx = cx - ax;
  const acy = cy - ay;
  const acz = cz - az;
  const d1 = -(abx * ax + aby * ay + abz * az);
  const d2 = -(acx * ax + acy * ay + acz * az);
  const d3 = -(abx * bx + aby * by + abz * bz);
  const d4 = -(acx * bx + acy * by + acz * bz);
  const d5 = -(abx * cx + aby * cy + abz * cz);
  const d6 = -(acx * cx + acy * cy + acz * cz);
  const va = d3 * d6 - d5 * d4;
  const vb = d5 * d2 - d1 * d6;
  const vc = d1 * d4 - d3 * d2;
  L[a] = 0;
  L[b] = 0;
  L[c] = 0;
  if (d1 <= 0 && d2 <= 0) L[a] = 1;
  else if (d3 >= 0 && d4 <= d3) L[b] = 1;
  else if (d6 >= 0 && d5 <= d6) L[c] = 1;
  else if (vc <= 0 && d1 >= 0 && d3 <= 0 && d1 > d3) setTwo(a, d3 / (d3 - d1), b, d1 / (d1 - d3));
  else if (vb <= 0 && d2 >= 0 && d6 <= 0 && d2 > d6) setTwo(a, d6 / (d6 - d2), c, d2 / (d2 - d6));
  else if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0 && d4 - d3 + (d5 - d6) > 0) {
    const w = (d4 - d3) / (d4 - d3 + (d5 - d6));
    setTwo(b, 1 - w, c, w);
  } else {
    const sum = va + vb + vc;
    // Corners that the pair's last pose left in one line or place have no inside: weights of it would be no numbers.
    if (!(sum > 0)) return nearestEdge(a, b, c);
    L[a] = va / sum;
    L[b] = vb / sum;
    L[c] = vc / sum;
  }
}

/** The faces of a tetrahedron, each with the corner across from it. */
const FACES = Uint8Array.from([0, 1, 2, 3, 0, 2, 3, 1, 0, 3, 1, 2, 1, 3, 2, 0]);
/** For each corner across, how far the origin lies from its face, as a share of how far the corner does. */
const DEEP = new Float64Array(4);

/**
 * Weights of the nearest point of the tetrahedron: of the origin itself, and true, where the tetrahedron holds it; else
 * of its nearest face.
 *
 * That it holds the origin is believed only with its proof: weights from 0 to 1 that make a point within `TOUCHING` of it,
 * which is a distance attained. In a tetrahedron nearly flat the signs are rounding: four faces may each seem to have the
 * origin on their inner side though it is far above them all. Then the nearest face is taken, as of a flat one, which
 * holds nothing, and the search goes on or ends with what it has proven.
 *
 * @source the weights as Montanari, Petrinic, Barbieri 2017 (signed volumes) demand them, held against what they make
 */
function tetrahedron(): boolean {
  for (let f = 0; f < 16; f += 4)
    DEEP[FACES[f + 3]!] = depthFrom(FACES[f]!, FACES[f + 1]!, FACES[f + 2]!, FACES[f + 3]!);
  const holds = DEEP[0]! > 0 && DEEP[1]! > 0 && DEEP[2]! > 0 && DEEP[3]! > 0;
  if (holds && makesOrigin()) return true;
  let best = Infinity;
  for (let f = 0; f < 16; f += 4) {
    const a = FACES[f]!;
    const b = FACES[f + 1]!;
    const c = FACES[f + 2]!;
    if (!holds && DEEP[FACES[f + 3]!]! > 0) continue;
    L.fill(0);
    triangle(a, b, c);
    let d2 = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const v = L[a]! * W[3 * a + axis]! + L[b]! * W[3 * b + axis]! + L[c]! * W[3 * c + axis]!;
      d2 += v * v;
    }
    if (d2 < best) {
      best = d2;
      BEST.set(L);
    }
  }
  L.set(BEST);
  return false;
}

/** Whether the shares of the four corners, as weights in L, make the origin itself. */
function makesOrigin(): boolean {
  const sum = DEEP[0]! + DEEP[1]! + DEEP[2]! + DEEP[3]!;
  let square = 0;
  for (let s = 0; s < 4; s += 1) L[s] = DEEP[s]! / sum;
  for (let axis = 0; axis < 3; axis += 1) {
    const v = L[0]! * W[axis]! + L[1]! * W[3 + axis]! + L[2]! * W[6 + axis]! + L[3]! * W[9 + axis]!;
    square += v * v;
  }
  return square <= TOUCHING * TOUCHING;
}

/** The origin's distance from the plane of a, b, c over that of d: its weight at d; not above 0 where it lies beyond or all is flat. */
function depthFrom(a: number, b: number, c: number, d: number): number {
  const ax = W[3 * a]!;
  const ay = W[3 * a + 1]!;
  const az = W[3 * a + 2]!;
  const ux = W[3 * b]! - ax;
  const uy = W[3 * b + 1]! - ay;
  const uz = W[3 * b + 2]! - az;
  const vx = W[3 * c]! - ax;
  const vy = W[3 * c + 1]! - ay;
  const vz = W[3 * c + 2]! - az;
  const nx = uy * vz - uz * vy;
  const ny = uz * vx - ux * vz;
  const nz = ux * vy - uy * vx;
  const origin = -(nx * ax + ny * ay + nz * az);
  const fourth = nx * (W[3 * d]! - ax) + ny * (W[3 * d + 1]! - ay) + nz * (W[3 * d + 2]! - az);
  return origin * fourth > 0 ? origin / fourth : 0;
}
