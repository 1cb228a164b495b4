import type { Convex } from '@tarnpass/core';
import { BufferAttribute, BufferGeometry, Color } from 'three';

/** Lengths in the solid view are metres: single precision keeps a hundredth of a millimetre over 20 m. */
export const METRE = 1e-3;

/** Pieces as one surface and one set of edges: two calls to the card, however many they are. */
export interface Merged {
  readonly surface: BufferGeometry;
  readonly edges: BufferGeometry;
  /** Of each triangle of the surface, which list of pieces it is of. */
  readonly owners: Uint32Array;
}

/** Cosine between the normals of faces that are one. */
const COPLANAR = 1 - 1e-6;

/** Faces as fans of triangles, each with corners of its own so that edges stay sharp; the edges from the faces' rims. */
export function merged(lists: readonly (readonly Convex[])[]): Merged {
  const points: number[] = [];
  const normals: number[] = [];
  const rims: number[] = [];
  const owners: number[] = [];
  for (const [owner, pieces] of lists.entries()) {
    for (const { corners, faces } of pieces) {
      const at = (i: number) => [0, 1, 2].map((axis) => corners[3 * i + axis]! * METRE);
      const flat = new Map<string, number[]>();
      for (const face of faces) {
        const normal = normalOf(at(face[0]!), at(face[1]!), at(face[2]!));
        for (let i = 1; i + 1 < face.length; i += 1) {
          points.push(...at(face[0]!), ...at(face[i]!), ...at(face[i + 1]!));
          normals.push(...normal, ...normal, ...normal);
          owners.push(owner);
        }
        for (const [k, from] of face.entries()) {
          const to = face[(k + 1) % face.length]!;
          // Two faces share each edge: it is drawn once, and not where they lie in one plane.
          const edge = from < to ? `${from} ${to}` : `${to} ${from}`;
          const other = flat.get(edge);
          if (!other) flat.set(edge, normal);
          else if (normal.reduce((sum, x, i) => sum + x * other[i]!, 0) < COPLANAR)
            rims.push(...at(from), ...at(to));
        }
      }
    }
  }
  const surface = new BufferGeometry();
  surface.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
  surface.setAttribute('normal', new BufferAttribute(new Float32Array(normals), 3));
  const edges = new BufferGeometry();
  edges.setAttribute('position', new BufferAttribute(new Float32Array(rims), 3));
  return { surface, edges, owners: Uint32Array.from(owners) };
}

/** The colour of each corner of a merged surface, from one for each of its lists. */
export function cornerColours(owners: Uint32Array, colours: readonly string[]): BufferAttribute {
  const rgb = colours.map((colour) => new Color(colour).toArray());
  const values = new Float32Array(9 * owners.length);
  owners.forEach((owner, triangle) => {
    for (let corner = 0; corner < 3; corner += 1) values.set(rgb[owner]!, 9 * triangle + 3 * corner);
  });
  return new BufferAttribute(values, 3);
}

function normalOf(a: readonly number[], b: readonly number[], c: readonly number[]): number[] {
  const [ux, uy, uz] = [0, 1, 2].map((axis) => b[axis]! - a[axis]!) as [number, number, number];
  const [vx, vy, vz] = [0, 1, 2].map((axis) => c[axis]! - a[axis]!) as [number, number, number];
  const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const long = Math.hypot(...n);
  return n.map((x) => x / long);
}
