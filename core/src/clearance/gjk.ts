import type { Separation } from './separation';

/** The corners a pair's nearest points were last on: where the next query of the pair starts. */
export interface GjkStart {
  size: number;
  readonly first: Uint16Array;
  readonly second: Uint16Array;
}

export function coldStart(): GjkStart {
  return { size: 0, first: new Uint16Array(4), second: new Uint16Array(4) };
}

/** Gap between attained and proven distance, mm, at which the search ends. */
const SETTLED = 1e-10;
/** Below this distance, mm, the pieces count as not apart here; the caller then looks with separating axes. */
const TOUCHING = 1e-9;
const MOST_STEPS = 64;

// Scratch shared by all queries (this module is never re-entered): the simplex of corner differences, its
// corner indices and weights. Typed arrays because plain module numbers are boxed by the engine.
const W = new Float64Array(12);
const I = new Uint16Array(4);
const J = new Uint16Array(4);
const L = new Float64Array(4);
const FACE = new Uint8Array(3);
const BEST = new Uint8Array(3);
const BEST_L = new Float64Array(3);
const V = new Float64Array(3);

/**
 * Nearest points of two convex point sets that are apart.
 *
 * @returns false, with `out` untouched but for its scratch, where they touch or overlap; else true, with `out.value`
 * attained, `out.lower` proven along `out.normal`, and the nearest points
 * @source Gilbert, Johnson, Keerthi 1988; the nearest point of a simplex by Voronoi regions after Ericson 2005
 */
export function closestByGjk(
  atA: Float64Array,
  atB: Float64Array,
  start: GjkStart,
  out: Separation,
): boolean {
  let size = start.size;
  if (size === 0) {
    I[0] = 0;
    J[0] = 0;
    size = 1;
  } else {
    for (let s = 0; s < size; s += 1) {
      I[s] = start.first[s]!;
      J[s] = start.second[s]!;
    }
  }
  for (let s = 0; s < size; s += 1) difference(s, atA, atB);

  let lower = -Infinity;
  let last = Infinity;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    size = nearestOfSimplex(size);
    const distance = size === 4 ? 0 : Math.sqrt(V[0]! * V[0]! + V[1]! * V[1]! + V[2]! * V[2]!);
    if (distance <= TOUCHING) {
      start.size = 0;
      return false;
    }
    if (distance >= last) break; // no progress left in 64 bits: what is proven so far stands
    last = distance;
    remember(start, size);
    const nx = V[0]! / distance;
    const ny = V[1]! / distance;
    const nz = V[2]! / distance;
    let i = 0;
    let least = Infinity;
    for (let k = 0; k < atA.length; k += 3) {
      const along = nx * atA[k]! + ny * atA[k + 1]! + nz * atA[k + 2]!;
      if (along < least) {
        least = along;
        i = k / 3;
      }
    }
    let j = 0;
    let most = -Infinity;
    for (let k = 0; k < atB.length; k += 3) {
      const along = nx * atB[k]! + ny * atB[k + 1]! + nz * atB[k + 2]!;
      if (along > most) {
        most = along;
        j = k / 3;
      }
    }
    if (least - most > lower || step === 0) {
      lower = least - most;
      out.normal[0] = nx;
      out.normal[1] = ny;
      out.normal[2] = nz;
    }
    if (distance - lower <= SETTLED) break;
    let known = false;
    for (let s = 0; s < size; s += 1) if (I[s] === i && J[s] === j) known = true;
    if (known) break;
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

function difference(s: number, atA: Float64Array, atB: Float64Array): void {
  const i = 3 * I[s]!;
  const j = 3 * J[s]!;
  W[3 * s] = atA[i]! - atB[j]!;
  W[3 * s + 1] = atA[i + 1]! - atB[j + 1]!;
  W[3 * s + 2] = atA[i + 2]! - atB[j + 2]!;
}

const WEIGHTS = new Float64Array(4);
function remember(start: GjkStart, size: number): void {
  start.size = size;
  for (let s = 0; s < size; s += 1) {
    start.first[s] = I[s]!;
    start.second[s] = J[s]!;
    WEIGHTS[s] = L[s]!;
  }
}

function writePoints(start: GjkStart, atA: Float64Array, atB: Float64Array, out: Separation): void {
  for (let axis = 0; axis < 3; axis += 1) {
    let a = 0;
    let b = 0;
    for (let s = 0; s < start.size; s += 1) {
      a += WEIGHTS[s]! * atA[3 * start.first[s]! + axis]!;
      b += WEIGHTS[s]! * atB[3 * start.second[s]! + axis]!;
    }
    out.onFirst[axis] = a;
    out.onSecond[axis] = b;
  }
}

/** Put the simplex's nearest point to the origin in V and its weights in L, drop the corners it does not need. */
function nearestOfSimplex(size: number): number {
  if (size === 1) L[0] = 1;
  else if (size === 2) segment(0, 1);
  else if (size === 3) {
    FACE[0] = 0;
    FACE[1] = 1;
    FACE[2] = 2;
    triangle(FACE);
  } else if (tetrahedron()) return 4;
  if (size > 1) size = compact(size);
  for (let axis = 0; axis < 3; axis += 1) {
    let sum = 0;
    for (let s = 0; s < size; s += 1) sum += L[s]! * W[3 * s + axis]!;
    V[axis] = sum;
  }
  return size;
}

/** Weights of zero go, the rest move up. */
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

function dot(i: number, j: number): number {
  return W[3 * i]! * W[3 * j]! + W[3 * i + 1]! * W[3 * j + 1]! + W[3 * i + 2]! * W[3 * j + 2]!;
}

function segment(i: number, j: number): void {
  const ii = dot(i, i);
  const ij = dot(i, j);
  const jj = dot(j, j);
  const toJ = ii - ij;
  const toI = jj - ij;
  if (toJ <= 0) setTwo(i, 1, j, 0);
  else if (toI <= 0) setTwo(i, 0, j, 1);
  else setTwo(i, toI / (toI + toJ), j, toJ / (toI + toJ));
}

function setTwo(i: number, li: number, j: number, lj: number): void {
  L[i] = li;
  L[j] = lj;
}

/** Weights of the triangle's point nearest the origin, by the Voronoi region it is in. */
function triangle(face: Uint8Array): void {
  const a = face[0]!;
  const b = face[1]!;
  const c = face[2]!;
  const abx = W[3 * b]! - W[3 * a]!;
  const aby = W[3 * b + 1]! - W[3 * a + 1]!;
  const abz = W[3 * b + 2]! - W[3 * a + 2]!;
  const acx = W[3 * c]! - W[3 * a]!;
  const acy = W[3 * c + 1]! - W[3 * a + 1]!;
  const acz = W[3 * c + 2]! - W[3 * a + 2]!;
  const d1 = -(abx * W[3 * a]! + aby * W[3 * a + 1]! + abz * W[3 * a + 2]!);
  const d2 = -(acx * W[3 * a]! + acy * W[3 * a + 1]! + acz * W[3 * a + 2]!);
  const d3 = -(abx * W[3 * b]! + aby * W[3 * b + 1]! + abz * W[3 * b + 2]!);
  const d4 = -(acx * W[3 * b]! + acy * W[3 * b + 1]! + acz * W[3 * b + 2]!);
  const d5 = -(abx * W[3 * c]! + aby * W[3 * c + 1]! + abz * W[3 * c + 2]!);
  const d6 = -(acx * W[3 * c]! + acy * W[3 * c + 1]! + acz * W[3 * c + 2]!);
  const va = d3 * d6 - d5 * d4;
  const vb = d5 * d2 - d1 * d6;
  const vc = d1 * d4 - d3 * d2;
  L[a] = 0;
  L[b] = 0;
  L[c] = 0;
  if (d1 <= 0 && d2 <= 0) L[a] = 1;
  else if (d3 >= 0 && d4 <= d3) L[b] = 1;
  else if (d6 >= 0 && d5 <= d6) L[c] = 1;
  else if (vc <= 0 && d1 >= 0 && d3 <= 0) setTwo(a, d3 / (d3 - d1), b, d1 / (d1 - d3));
  else if (vb <= 0 && d2 >= 0 && d6 <= 0) setTwo(a, d6 / (d6 - d2), c, d2 / (d2 - d6));
  else if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
    const w = (d4 - d3) / (d4 - d3 + (d5 - d6));
    setTwo(b, 1 - w, c, w);
  } else {
    const sum = va + vb + vc;
    L[a] = va / sum;
    L[b] = vb / sum;
    L[c] = vc / sum;
  }
}

const FACES = Uint8Array.from([0, 1, 2, 3, 0, 2, 3, 1, 0, 3, 1, 2, 1, 3, 2, 0]);

/** True where the tetrahedron holds the origin; else L has the weights of its nearest face's nearest point. */
function tetrahedron(): boolean {
  let best = Infinity;
  for (let f = 0; f < 16; f += 4) {
    if (!outside(FACES[f]!, FACES[f + 1]!, FACES[f + 2]!, FACES[f + 3]!)) continue;
    FACE[0] = FACES[f]!;
    FACE[1] = FACES[f + 1]!;
    FACE[2] = FACES[f + 2]!;
    triangle(FACE);
    let d2 = 0;
    for (let axis = 0; axis < 3; axis += 1) {
      const v =
        L[FACE[0]!]! * W[3 * FACE[0]! + axis]! +
        L[FACE[1]!]! * W[3 * FACE[1]! + axis]! +
        L[FACE[2]!]! * W[3 * FACE[2]! + axis]!;
      d2 += v * v;
    }
    if (d2 < best) {
      best = d2;
      for (let s = 0; s < 3; s += 1) {
        BEST[s] = FACE[s]!;
        BEST_L[s] = L[FACE[s]!]!;
      }
    }
  }
  if (best === Infinity) return true;
  L.fill(0);
  for (let s = 0; s < 3; s += 1) L[BEST[s]!] = BEST_L[s]!;
  return false;
}

/** Whether the origin lies beyond the plane of a, b, c, away from d. A flat tetrahedron counts as beyond each. */
function outside(a: number, b: number, c: number, d: number): boolean {
  const ux = W[3 * b]! - W[3 * a]!;
  const uy = W[3 * b + 1]! - W[3 * a + 1]!;
  const uz = W[3 * b + 2]! - W[3 * a + 2]!;
  const vx = W[3 * c]! - W[3 * a]!;
  const vy = W[3 * c + 1]! - W[3 * a + 1]!;
  const vz = W[3 * c + 2]! - W[3 * a + 2]!;
  const nx = uy * vz - uz * vy;
  const ny = uz * vx - ux * vz;
  const nz = ux * vy - uy * vx;
  const origin = -(nx * W[3 * a]! + ny * W[3 * a + 1]! + nz * W[3 * a + 2]!);
  const fourth =
    nx * (W[3 * d]! - W[3 * a]!) +
    ny * (W[3 * d + 1]! - W[3 * a + 1]!) +
    nz * (W[3 * d + 2]! - W[3 * a + 2]!);
  return origin * fourth <= 0;
}
