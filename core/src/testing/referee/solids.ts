import type { Manifold, ManifoldToplevel, Mat4, Vec3 } from 'manifold-3d';
import type { PieceSpec } from '../../scene/schema';
import { across, put, type Stand, type V3 } from './poses';

/** A piece of a scene file as manifold-3d has it, as built; a half-space as its plane. */
export interface Solid {
  readonly corners: readonly V3[];
  readonly manifold: Manifold | undefined;
  readonly plane: { readonly out: V3; readonly offset: number } | undefined;
  /** Only of convex pieces is it told how deep they are in one another. */
  readonly convex: boolean;
}

const dot = (a: V3, b: V3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const minus = (a: V3, b: V3): V3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];

/** Beyond this, mm, gaps are not measured. */
export const FAR = 70;

/** Solids and their separations by manifold-3d; all it makes is let go of with `free`. */
export class Solids {
  private readonly made: Manifold[] = [];

  constructor(private readonly api: ManifoldToplevel) {}

  free(): void {
    for (const solid of this.made.splice(0)) solid.delete();
  }

  of(spec: PieceSpec): Solid {
    if (spec.kind === 'half-space') {
      const size = Math.hypot(...spec.out);
      const out: V3 = [spec.out[0] / size, spec.out[1] / size, spec.out[2] / size];
      return { corners: [], manifold: undefined, plane: { out, offset: dot(out, spec.point) }, convex: true };
    }
    if (spec.kind === 'prism' && !(spec.holes!.length === 0 && turnsOneWay(spec.outline))) {
      const onPlane = (u: V3, v: V3, along: V3): Mat4 => [...u, 0, ...v, 0, ...along, 0, 0, 0, 0, 1] as Mat4;
      const [x, y, z]: [V3, V3, V3] = [[1, 0, 0], [0, 1, 0], [0, 0, 1]]; // prettier-ignore
      const frame = { x: onPlane(y, z, x), y: onPlane(z, x, y), z: onPlane(x, y, z) }[spec.axis];
      const section = this.api.CrossSection.ofPolygons(
        [spec.outline, ...spec.holes!] as [number, number][][],
        'EvenOdd',
      );
      const upright = section.extrude(spec.to - spec.from).translate([0, 0, spec.from]);
      const manifold = upright.transform(frame);
      section.delete();
      upright.delete();
      this.made.push(manifold);
      return { corners: cornersOf(spec), manifold, plane: undefined, convex: false };
    }
    const corners = cornersOf(spec);
    const manifold = this.api.Manifold.hull(corners as unknown as Vec3[]);
    this.made.push(manifold);
    return { corners, manifold, plane: undefined, convex: true };
  }

  /**
   * Signed separation of two solids in place, mm: up to `FAR`, Infinity beyond; negative by the depth where both are convex, NaN where they
   * are not and overlap.
   */
  between(a: Solid, atA: Stand, b: Solid, atB: Stand): number {
    const placedA = a.corners.map((corner) => put(atA, corner));
    const placedB = b.corners.map((corner) => put(atB, corner));
    if (b.plane) return Math.min(...placedA.map((p) => dot(b.plane!.out, p))) - b.plane.offset;
    if (boxesFar(placedA, placedB)) return Infinity;
    const [first, second] = [moved(a.manifold!, atA), moved(b.manifold!, atB)];
    const gap = first.minGap(second, FAR);
    first.delete();
    second.delete();
    if (gap > 0) return gap >= FAR ? Infinity : gap;
    if (!a.convex || !b.convex) return Number.NaN;
    return -this.depth(placedA, placedB);
  }

  /** The shortest shift that parts two convex solids: how deep the origin lies in the hull of all differences of their corners. */
  private depth(a: readonly V3[], b: readonly V3[]): number {
    const differences = a.flatMap((p) => b.map((q) => minus(p, q)));
    const hull = this.api.Manifold.hull(differences as unknown as Vec3[]);
    const { triVerts, vertProperties, numProp } = hull.getMesh();
    hull.delete();
    const at = (i: number): V3 =>
      [0, 1, 2].map((k) => vertProperties[triVerts[i]! * numProp + k]!) as unknown as V3;
    let least = Infinity;
    // The mesh is in single precision: its normals are good to a few millionths, what lies along them is taken of the corners.
    for (let i = 0; i < triVerts.length; i += 3) {
      const n = across(minus(at(i + 1), at(i)), minus(at(i + 2), at(i)));
      const size = Math.hypot(...n);
      if (!(size > 0)) continue;
      const out: V3 = [n[0] / size, n[1] / size, n[2] / size];
      least = Math.min(
        least,
        Math.max(...a.map((p) => dot(out, p))) - Math.min(...b.map((q) => dot(out, q))),
      );
    }
    return least;
  }
}

/** Corners of a piece; of one that is not convex those of its outline. */
export function cornersOf(spec: Exclude<PieceSpec, { kind: 'half-space' }>): V3[] {
  switch (spec.kind) {
    case 'box':
      return [0, 1, 2, 3, 4, 5, 6, 7].map(
        (i) => [0, 1, 2].map((axis) => ((i >> axis) & 1 ? spec.most : spec.least)[axis]!) as unknown as V3,
      );
    case 'hull':
      return spec.points.map(([x, y, z]): V3 => [x, y, z]);
    case 'prism':
      return spec.outline.flatMap(([u, v]) =>
        [spec.from, spec.to].map((w): V3 =>
          spec.axis === 'x' ? [w, u, v] : spec.axis === 'y' ? [v, w, u] : [u, v, w],
        ),
      );
  }
}

function turnsOneWay(outline: readonly (readonly [number, number])[]): boolean {
  const n = outline.length;
  const turns = outline.map(([x, y], i) => {
    const [[px, py], [qx, qy]] = [outline[(i + n - 1) % n]!, outline[(i + 1) % n]!];
    return Math.sign((x - px) * (qy - y) - (y - py) * (qx - x));
  });
  return turns.every((turn) => turn === turns[0]);
}

function boxesFar(a: readonly V3[], b: readonly V3[]): boolean {
  for (let axis = 0; axis < 3; axis += 1) {
    const [p, q] = [a.map((c) => c[axis]!), b.map((c) => c[axis]!)];
    if (Math.min(...p) - Math.max(...q) > FAR || Math.min(...q) - Math.max(...p) > FAR) return true;
  }
  return false;
}

function moved(solid: Manifold, stand: Stand): Manifold {
  const origin = put(stand, [0, 0, 0]);
  const [x, y, z] = (
    [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map((e) => minus(put(stand, e), origin));
  return solid.transform([...x!, 0, ...y!, 0, ...z!, 0, ...origin, 1] as unknown as Mat4);
}
