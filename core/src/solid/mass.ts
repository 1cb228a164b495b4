import type { Convex } from './convex';
import type { Point3 } from './prism';

/** Volume in mm3, centroid in mm, and second moments about the centroid for unit density, mm5. */
export interface Mass {
  readonly volume: number;
  readonly centre: Point3;
  /** Integrals of x x, y y, z z, x y, y z, z x over the solid, measured from the centroid. */
  readonly moments: readonly [number, number, number, number, number, number];
}

const PAIRS = [
  [0, 0],
  [1, 1],
  [2, 2],
  [0, 1],
  [1, 2],
  [2, 0],
] as const;

/**
 * Mass properties of convex pieces together, exact for their faces. Pieces must not overlap.
 *
 * @source signed tetrahedra from a common point to each face's triangles; second moments of a tetrahedron after
 * Tonon 2004: for its corners p0..p3 the integral of x y is V/20 (sum of x_i y_i + sum of x_i times sum of y_i)
 */
export function massOf(pieces: readonly Convex[]): Mass {
  let volume = 0;
  const first = [0, 0, 0];
  const second = [0, 0, 0, 0, 0, 0];
  const origin = pieces[0]?.corners.slice(0, 3) ?? new Float64Array(3);
  for (const { corners, faces } of pieces) {
    const at = (i: number): [number, number, number] => [
      corners[3 * i]! - origin[0]!,
      corners[3 * i + 1]! - origin[1]!,
      corners[3 * i + 2]! - origin[2]!,
    ];
    for (const face of faces) {
      const a = at(face[0]!);
      for (let k = 1; k + 1 < face.length; k += 1) {
        const b = at(face[k]!);
        const c = at(face[k + 1]!);
        const v =
          (a[0] * (b[1] * c[2] - b[2] * c[1]) -
            a[1] * (b[0] * c[2] - b[2] * c[0]) +
            a[2] * (b[0] * c[1] - b[1] * c[0])) /
          6;
        volume += v;
        const sum = [a[0] + b[0] + c[0], a[1] + b[1] + c[1], a[2] + b[2] + c[2]];
        for (let axis = 0; axis < 3; axis += 1) first[axis]! += (v * sum[axis]!) / 4;
        PAIRS.forEach(([p, q], m) => {
          second[m]! += (v / 20) * (a[p] * a[q] + b[p] * b[q] + c[p] * c[q] + sum[p]! * sum[q]!);
        });
      }
    }
  }
  const centre = first.map((x) => x / volume);
  const moments = PAIRS.map(([p, q], m) => second[m]! - volume * centre[p]! * centre[q]!);
  return {
    volume,
    centre: [centre[0]! + origin[0]!, centre[1]! + origin[1]!, centre[2]! + origin[2]!],
    moments: moments as unknown as Mass['moments'],
  };
}
