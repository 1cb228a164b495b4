import type { Convex } from '../solid/convex';
import { prism, type Point2 } from '../solid/prism';
import type { Wall } from './outline';
import { SHELL, type Void } from './shell';
import { uncovered, type Rect } from './uncovered';

/** A mitre is taken to be at most this many thicknesses long. */
const LONGEST_MITRE = 3;

const dot = ([ax, ay]: Point2, [bx, by]: Point2) => ax * bx + ay * by;

/**
 * How thick a wall can be taken to be without standing in the room again behind it, as the two faces of a thin
 * partition would: up to the next wall behind it, at most `SHELL`, mm.
 */
export function thicknessOf(walls: readonly Wall[], i: number): number {
  const { from, along, out, length } = walls[i]!;
  let least = SHELL;
  for (const other of walls) {
    if (other === walls[i]) continue;
    const [p, q] = [other.from, other.to].map(([x, y]): Point2 => {
      const off: Point2 = [x - from[0], y - from[1]];
      return [dot(off, along), dot(off, out)];
    }) as [Point2, Point2];
    // The other wall within this one's own length.
    const [a, b] = p[0] < q[0] ? [p, q] : [q, p];
    const [low, high] = [Math.max(a[0], 0), Math.min(b[0], length)];
    if (high - low < 1e-6) continue;
    const at = (u: number) => a[1] + ((b[1] - a[1]) * (u - a[0])) / (b[0] - a[0]);
    const near = Math.min(at(low), at(high));
    if (near > 1e-6) least = Math.min(least, near);
  }
  return least;
}

/** The solid of one wall from floor to ceiling, in convex pieces round what is cut out of it. */
export function wallPieces(
  walls: readonly Wall[],
  i: number,
  height: number,
  voids: readonly Void[],
): Convex[] {
  const wall = walls[i]!;
  const thick = thickOf(walls, i, voids);
  const n = walls.length;
  const end = mitre(wall, walls[(i + 1) % n]!, thick, thickOf(walls, (i + 1) % n, voids));
  const start = mitre(walls[(i + n - 1) % n]!, wall, thick, thickOf(walls, (i + n - 1) % n, voids));
  const holes = voids.flatMap((cut) => holeIn(wall, cut, thick));
  return uncovered([0, wall.length, 0, height], holes).map(([u0, u1, z0, z1]) => {
    const at = (u: number, d: number): Point2 => [
      wall.from[0] + u * wall.along[0] + d * wall.out[0],
      wall.from[1] + u * wall.along[1] + d * wall.out[1],
    ];
    const [back0, back1] = [u0 === 0 ? -start : u0, u1 === wall.length ? wall.length + end : u1];
    // Counter-clockwise from above: the outer face first, as the room is to the left of the wall.
    const outline = [at(back0, thick), at(back1, thick), at(u1, 0), at(u0, 0)];
    return prism(outline, ([x, y], far) => [x, y, far === 0 ? z0 : z1]);
  });
}

/** As thick as is known of what is let into it, else as thick as there is room behind it. */
function thickOf(walls: readonly Wall[], i: number, voids: readonly Void[]): number {
  const behind = thicknessOf(walls, i);
  const cuts = voids.filter((cut) => holeIn(walls[i]!, cut, behind).length > 0);
  return Math.min(behind, ...cuts.map((cut) => cut.thick ?? behind));
}

/** How far a wall's outer face runs on beyond its corner until it meets the other's; 0 at a corner that stands into the room. */
function mitre(before: Wall, after: Wall, own: number, other: number): number {
  const sine = before.along[0] * after.along[1] - before.along[1] * after.along[0];
  if (sine <= 1e-9) return 0;
  const cosine = dot(before.along, after.along);
  return Math.min(LONGEST_MITRE * own, Math.max(0, (other - own * cosine) / sine));
}

/** Where a box goes through a wall's face: along it, and up. A box on a slant is cut out as wide as it lies. */
function holeIn({ from, along, out }: Wall, { least, greatest }: Void, thick: number): Rect[] {
  const corners = [least[0], greatest[0]].flatMap((x) =>
    [least[1], greatest[1]].map((y): Point2 => [x - from[0], y - from[1]]),
  );
  const us = corners.map((corner) => dot(corner, along));
  const ds = corners.map((corner) => dot(corner, out));
  if (!(Math.max(...ds) > 1e-6 && Math.min(...ds) < thick - 1e-6)) return [];
  return [[Math.min(...us), Math.max(...us), least[2], greatest[2]]];
}
