/** A point of a clearance curve: travel, then clearance in mm, exact there. */
export type CurvePoint = readonly [number, number];

/**
 * Points of a curve for drawing: exact where they stand, and close enough between that no drawn line is off by more
 * than `flat` at the middle of its stretch.
 *
 * @param value  the exact value at a travel
 * @param must   travels that must be points of it (the least, the first contact)
 */
export function curveOf(
  value: (travel: number) => number,
  from: number,
  to: number,
  must: readonly number[] = [],
  flat = 0.25,
): CurvePoint[] {
  const COARSE = 24;
  const FINEST = (to - from) / 4096;
  const stops = new Set<number>(must.filter((t) => t >= from && t <= to));
  for (let i = 0; i <= COARSE; i += 1) stops.add(from + ((to - from) * i) / COARSE);
  const points: CurvePoint[] = [];
  const refine = (a: CurvePoint, b: CurvePoint) => {
    const middle = (a[0] + b[0]) / 2;
    const here = value(middle);
    if (b[0] - a[0] > FINEST && Math.abs(here - (a[1] + b[1]) / 2) > flat) {
      refine(a, [middle, here]);
      points.push([middle, here]);
      refine([middle, here], b);
    }
  };
  let last: CurvePoint | undefined;
  for (const travel of [...stops].sort((a, b) => a - b)) {
    const here: CurvePoint = [travel, value(travel)];
    if (last) refine(last, here);
    points.push(here);
    last = here;
  }
  return points;
}
