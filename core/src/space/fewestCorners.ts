/** A point of a line, mm. */
interface At {
  readonly x: number;
  readonly y: number;
}

/**
 * The fewest corners of a line, each a point of it, such that no point lies farther off the chord over it than `stray`: from
 * each corner as far on as a chord can go, by the cone of directions that all points passed leave open. The last point is not
 * among them: at it the next line begins.
 *
 * @source cone intersection: Williams 1978; Sklansky and Gonzalez 1980, from memory. Where Douglas and Peucker halve a curve
 * until every half is near enough, and keep up to twice the corners, this takes chords as long as they may be
 */
export function fewestCorners<Point extends At>(line: readonly Point[], stray: number): Point[] {
  const kept: Point[] = [];
  let from = 0;
  while (from < line.length - 1) {
    kept.push(line[from]!);
    from = farthestFrom(line, from, stray);
  }
  return kept;
}

function farthestFrom(line: readonly At[], from: number, stray: number): number {
  const { x, y } = line[from]!;
  // Directions are counted from that to the first point that is far enough off to give one.
  let first: number | undefined;
  let [least, most] = [-Infinity, Infinity];
  let reached = from + 1;
  for (let i = from + 1; i < line.length; i += 1) {
    const [dx, dy] = [line[i]!.x - x, line[i]!.y - y];
    const long = Math.hypot(dx, dy);
    // What lies within the tolerance of the corner itself is near any chord.
    if (long <= stray) {
      if (first === undefined) reached = i;
      continue;
    }
    first ??= Math.atan2(dy, dx);
    const raw = Math.atan2(dy, dx) - first;
    const angle = raw - 2 * Math.PI * Math.round(raw / (2 * Math.PI));
    if (angle >= least && angle <= most) reached = i;
    const half = Math.asin(stray / long);
    least = Math.max(least, angle - half);
    most = Math.min(most, angle + half);
    if (least > most) break;
  }
  return reached;
}
