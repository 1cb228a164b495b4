import type { Solid } from './halfSpace';
import type { Point3 } from './prism';

/**
 * How much of a straight segment lies inside a piece, mm. A segment that only runs along a face has 0.
 *
 * @source Cyrus and Beck 1978: clip the parameter of the segment by each face's half-space.
 */
export function segmentInside(piece: Solid, from: Point3, to: Point3): number {
  const dir = [to[0] - from[0], to[1] - from[1], to[2] - from[2]] as const;
  const length = Math.hypot(...dir);
  if (piece.kind === 'half-space') {
    const height = ([x, y, z]: Point3) =>
      piece.normal[0] * x + piece.normal[1] * y + piece.normal[2] * z - piece.offset;
    const [a, b] = [height(from), height(to)].sort((p, q) => p - q) as [number, number];
    if (a >= 0) return 0;
    return b <= 0 ? length : (length * -a) / (b - a);
  }
  const { corners, faces } = piece;
  let enter = 0;
  let leave = 1;
  for (const face of faces) {
    const [p, q, r] = [3 * face[0]!, 3 * face[1]!, 3 * face[2]!];
    const ux = corners[q]! - corners[p]!;
    const uy = corners[q + 1]! - corners[p + 1]!;
    const uz = corners[q + 2]! - corners[p + 2]!;
    const vx = corners[r]! - corners[p]!;
    const vy = corners[r + 1]! - corners[p + 1]!;
    const vz = corners[r + 2]! - corners[p + 2]!;
    const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx] as const;
    const out =
      n[0] * (from[0] - corners[p]!) +
      n[1] * (from[1] - corners[p + 1]!) +
      n[2] * (from[2] - corners[p + 2]!);
    const rate = n[0] * dir[0] + n[1] * dir[1] + n[2] * dir[2];
    if (rate === 0) {
      if (out >= 0) return 0;
    } else if (rate < 0) enter = Math.max(enter, -out / rate);
    else leave = Math.min(leave, -out / rate);
  }
  return Math.max(0, leave - enter) * length;
}
