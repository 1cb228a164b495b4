/**
 * A convex solid: corners, and which corners make its faces.
 *
 * All later work (poses, distance, sweeps) reads corners only, so `frames` and `edges` name directions by corner
 * indices: wherever the corners have been moved to, the directions follow without a rotation of their own.
 */
export interface Convex {
  readonly kind: 'convex';
  /** Corner coordinates, mm: x0, y0, z0, x1, ... */
  readonly corners: Float64Array;
  /** Corner indices round each face, counter-clockwise seen from outside. */
  readonly faces: readonly (readonly number[])[];
  /** Three corner indices for each direction of face normal: normal = (q-p) x (r-p), outward for the first face that has it. */
  readonly frames: Uint16Array;
  /** Two corner indices for each distinct edge direction. */
  readonly edges: Uint16Array;
}

const PARALLEL = 1e-12;

/** Build a convex solid from corners and faces. Throws where a face is degenerate: a caller's promise is broken. */
export function convex(corners: Float64Array, faces: readonly (readonly number[])[]): Convex {
  const frames: number[] = [];
  const normals: number[][] = [];
  const edges: number[] = [];
  const directions: number[][] = [];
  const keepNew = (list: number[][], d: number[]): boolean => {
    const known = list.some((e) => 1 - Math.abs(d[0]! * e[0]! + d[1]! * e[1]! + d[2]! * e[2]!) < PARALLEL);
    if (!known) list.push(d);
    return !known;
  };
  for (const face of faces) {
    const frame = widestFrame(corners, face);
    const normal = unit(cross(minus(corners, frame[1], frame[0]), minus(corners, frame[2], frame[0])));
    if (keepNew(normals, normal)) frames.push(...frame);
    face.forEach((from, i) => {
      const to = face[(i + 1) % face.length]!;
      if (keepNew(directions, unit(minus(corners, to, from)))) edges.push(from, to);
    });
  }
  return { kind: 'convex', corners, faces, frames: Uint16Array.from(frames), edges: Uint16Array.from(edges) };
}

/** The same solid with its corners elsewhere, in the same order. */
export function withCorners(solid: Convex, corners: Float64Array): Convex {
  return { ...solid, corners };
}

/** Three corners of a face that are far from being in line, in the face's sense: their normal is its best. */
function widestFrame(corners: Float64Array, face: readonly number[]): [number, number, number] {
  let best: [number, number, number] = [face[0]!, face[1]!, face[2]!];
  let most = -1;
  for (let i = 1; i + 1 < face.length; i += 1) {
    const n = cross(minus(corners, face[i]!, face[0]!), minus(corners, face[i + 1]!, face[0]!));
    const size = Math.hypot(n[0]!, n[1]!, n[2]!);
    if (size > most) {
      most = size;
      best = [face[0]!, face[i]!, face[i + 1]!];
    }
  }
  return best;
}

function minus(c: Float64Array, i: number, j: number): number[] {
  return [c[3 * i]! - c[3 * j]!, c[3 * i + 1]! - c[3 * j + 1]!, c[3 * i + 2]! - c[3 * j + 2]!];
}

function cross(a: readonly number[], b: readonly number[]): number[] {
  return [a[1]! * b[2]! - a[2]! * b[1]!, a[2]! * b[0]! - a[0]! * b[2]!, a[0]! * b[1]! - a[1]! * b[0]!];
}

function unit(a: readonly number[]): number[] {
  const size = Math.hypot(a[0]!, a[1]!, a[2]!);
  if (!(size > 0)) throw new Error('A convex piece has a face or an edge of no size.');
  return a.map((x) => x / size);
}
