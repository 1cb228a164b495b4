/** The least n.p over a list of points (x0, y0, z0, x1, ...). */
export function nearest(points: Float64Array, n: Float64Array): number {
  const n0 = n[0]!;
  const n1 = n[1]!;
  const n2 = n[2]!;
  let least = Infinity;
  for (let i = 0; i < points.length; i += 3) {
    const along = n0 * points[i]! + n1 * points[i + 1]! + n2 * points[i + 2]!;
    if (along < least) least = along;
  }
  return least;
}

/** The greatest n.p over a list of points. */
export function farthest(points: Float64Array, n: Float64Array): number {
  const n0 = n[0]!;
  const n1 = n[1]!;
  const n2 = n[2]!;
  let most = -Infinity;
  for (let i = 0; i < points.length; i += 3) {
    const along = n0 * points[i]! + n1 * points[i + 1]! + n2 * points[i + 2]!;
    if (along > most) most = along;
  }
  return most;
}
