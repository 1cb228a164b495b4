import type { Point3 } from '../solid/prism';

/** How a body moves. Travel is radians for a turn (right-handed about `axis`) and mm for a slide; 0 is as built. */
export type Joint =
  | { readonly kind: 'turn'; readonly point: Point3; readonly axis: Point3 }
  | { readonly kind: 'slide'; readonly direction: Point3 };

/** A body's place: a rotation, row by row, then a shift in mm. */
export interface Pose {
  readonly rotation: readonly [number, number, number, number, number, number, number, number, number];
  readonly shift: Point3;
}

/** Where a joint puts its body at a travel. Rodrigues' rotation for a turn; `axis` and `direction` are unit vectors. */
export function poseAt(joint: Joint, travel: number): Pose {
  if (joint.kind === 'slide') {
    const [x, y, z] = joint.direction;
    return { rotation: [1, 0, 0, 0, 1, 0, 0, 0, 1], shift: [x * travel, y * travel, z * travel] };
  }
  const [kx, ky, kz] = joint.axis;
  const [px, py, pz] = joint.point;
  const c = Math.cos(travel);
  const s = Math.sin(travel);
  const d = 1 - c;
  const rotation = [
    c + kx * kx * d,
    kx * ky * d - kz * s,
    kx * kz * d + ky * s,
    ky * kx * d + kz * s,
    c + ky * ky * d,
    ky * kz * d - kx * s,
    kz * kx * d - ky * s,
    kz * ky * d + kx * s,
    c + kz * kz * d,
  ] as const;
  return {
    rotation,
    shift: [
      px - rotation[0] * px - rotation[1] * py - rotation[2] * pz,
      py - rotation[3] * px - rotation[4] * py - rotation[5] * pz,
      pz - rotation[6] * px - rotation[7] * py - rotation[8] * pz,
    ],
  };
}

/** Put points (x0, y0, z0, x1, ...) into a pose. `out` may be as long as `points` and is returned. */
export function place(
  { rotation: r, shift }: Pose,
  points: Float64Array,
  out: Float64Array = new Float64Array(points.length),
): Float64Array {
  for (let i = 0; i < points.length; i += 3) {
    const x = points[i]!;
    const y = points[i + 1]!;
    const z = points[i + 2]!;
    out[i] = r[0] * x + r[1] * y + r[2] * z + shift[0];
    out[i + 1] = r[3] * x + r[4] * y + r[5] * z + shift[1];
    out[i + 2] = r[6] * x + r[7] * y + r[8] * z + shift[2];
  }
  return out;
}
