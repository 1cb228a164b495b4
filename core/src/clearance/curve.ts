/** A point of a clearance curve, exact where it stands: travel, clearance there and the clearance needed, mm. */
export interface CurvePoint {
  readonly travel: number;
  readonly clearance: number;
  readonly needed: number;
}

/**
 * How a clearance stands to what is needed: 0 in touch, one half where it is just what is needed, towards 1 far off.
 * Clearances with different needs can be compared, and drawn, by it.
 */
export function share({ clearance, needed }: Pick<CurvePoint, 'clearance' | 'needed'>): number {
  if (clearance <= 0) return 0;
  return clearance / (clearance + needed);
}

const COARSE = 24;
const FINEST = 4096;
/** Greatest error of a straight line between two points, as a share. */
const FLAT = 0.01;

/**
 * Points of a curve for drawing: exact where they stand, and so close that a straight line between two is off by no
 * more than a hundredth of the drawing's height at its middle.
 *
 * @param value  the exact value at a travel
 * @param must   travels that must be points of it (the least, the first contact)
 */
export function curveOf(
  value: (travel: number) => CurvePoint,
  from: number,
  to: number,
  must: readonly number[] = [],
): CurvePoint[] {
  const finest = (to - from) / FINEST;
  const stops = new Set<number>(must.filter((t) => t >= from && t <= to));
  for (let i = 0; i <= COARSE; i += 1) stops.add(from + ((to - from) * i) / COARSE);
  const points: CurvePoint[] = [];
  const refine = (a: CurvePoint, b: CurvePoint) => {
    const here = value((a.travel + b.travel) / 2);
    if (b.travel - a.travel <= finest || Math.abs(share(here) - (share(a) + share(b)) / 2) <= FLAT) return;
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
