/** A point of a clearance curve, exact where it stands: travel, clearance there (0 inside, however deep) and the clearance needed, mm. */
export interface CurvePoint {
  readonly travel: number;
  readonly clearance: number;
  readonly needed: number;
  /** Which pair of pieces it is of, numbered; none, -1, beyond the watch distance. */
  readonly of: number;
}

/** Where nothing is needed a hair's breadth must still be near a touch, mm: else rounding alone would make the curve leap. */
const LEAST_NEED = 0.5;

/**
 * How a clearance stands to what is needed: 0 in touch, one half where it is just what is needed, towards 1 far off.
 * Clearances with different needs can be compared, and drawn, by it.
 */
export function share({ clearance, needed }: Pick<CurvePoint, 'clearance' | 'needed'>): number {
  if (clearance <= 0) return 0;
  return clearance / (clearance + Math.max(needed, LEAST_NEED));
}

/** Stretches a curve is begun with: of any motion, and of bodies that only shift. */
const COARSE = 12;
const COARSE_SHIFTED = 2;
const FINEST = 4096;
/** A bend is told to this part of the travel. */
const BEND = 2 ** -24;
/** Greatest error of a straight line between two points, as a share. */
const FLAT = 0.01;

/** How far a point is off the straight line from a to b, as a share. */
function offLine(a: CurvePoint, b: CurvePoint, here: CurvePoint): number {
  const part = (here.travel - a.travel) / (b.travel - a.travel);
  return Math.abs(share(here) - share(a) - part * (share(b) - share(a)));
}

/**
 * Points of a curve for drawing: exact where they stand, with one on either side of every bend, and so close that a
 * straight line between two is off by less than a hundredth of the drawing's height at its middle and its quarter.
 *
 * The distance of two convex pieces that are apart is smooth along a smooth motion, since their nearest normal is one
 * alone. So the curve bends only where another pair takes over as the shortest, where the watch distance cuts it off,
 * and where it meets 0: the first two show as a change of `of`, contacts are handed in.
 *
 * @param value  the exact value at a travel
 * @param must   travels that must be points of it (the least, the contacts, knots of the motions)
 * @param shifted  the bodies only shift along a straight line: the distance of two convex pieces is then convex along the
 * travel, so that what is level at three places is level between them
 * @source smoothness: a convex body's distance is differentiable where it is not 0 (Rockafellar 1970, theorem 25.1)
 */
export function curveOf(
  value: (travel: number) => CurvePoint,
  from: number,
  to: number,
  must: readonly number[] = [],
  shifted = false,
): CurvePoint[] {
  const coarse = shifted ? COARSE_SHIFTED : COARSE;
  const finest = (to - from) / FINEST;
  const stops = new Set<number>(must.filter((t) => t >= from && t <= to));
  for (let i = 0; i <= coarse; i += 1) stops.add(from + ((to - from) * i) / coarse);
  const points: CurvePoint[] = [];
  const between = (a: CurvePoint, b: CurvePoint) => value((a.travel + b.travel) / 2);
  const refine = (a: CurvePoint, b: CurvePoint) => {
    if (a.of !== b.of && b.travel - a.travel > finest) {
      let [before, beyond] = [a, b];
      while (beyond.travel - before.travel > BEND * (to - from)) {
        const here = between(before, beyond);
        if (here.of === a.of) before = here;
        else beyond = here;
      }
      if (before !== a) {
        refine(a, before);
        points.push(before);
      }
      if (beyond !== b) {
        points.push(beyond);
        refine(beyond, b);
      }
      return;
    }
    if (b.travel - a.travel <= finest) return;
    const here = between(a, b);
    // A curve that swings from one side of the line to the other is on it in the middle: it is looked at off it too.
    if (offLine(a, b, here) <= FLAT && offLine(a, b, between(a, here)) <= FLAT) return;
    refine(a, here);
    points.push(here);
    refine(here, b);
  };
  let last: CurvePoint | undefined;
  for (const travel of [...stops].sort((a, b) => a - b)) {
    const here = value(travel);
    if (last) refine(last, here);
    points.push(here);
    last = here;
  }
  return points;
}
