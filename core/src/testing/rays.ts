import { Ray, Vector3 } from 'three';
import type { Convex } from '../solid/convex';
import type { Point3 } from '../solid/prism';

/** Short of where it ends a ray is not asked, mm: what it looks at may lie against what hides it. */
const SHORT = 1e-6;

/** The outside referee of what is seen: three's rays against every triangle of every solid, in double precision. Tests only. */
export function rayReferee(solids: readonly Convex[]): (from: Point3, to: Point3) => boolean {
  const corner = ({ corners }: Convex, i: number) =>
    new Vector3(corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!);
  const triangles = solids.flatMap((solid) =>
    solid.faces.flatMap((face) =>
      face.slice(2).map((_, i) => [0, i + 1, i + 2].map((k) => corner(solid, face[k]!)) as [Vector3, Vector3, Vector3]),
    ),
  );
  const hit = new Vector3();
  return (from, to) => {
    const start = new Vector3(...from);
    const way = new Vector3(...to).sub(start);
    const long = way.length();
    const ray = new Ray(start, way.normalize());
    return !triangles.some(
      ([a, b, c]) => ray.intersectTriangle(a, b, c, false, hit) !== null && hit.distanceTo(start) < long - SHORT,
    );
  };
} // prettier-ignore
