/** A stretch of a track in its plane: straight on for a length, or round a bend of a radius by an angle (left positive). */
export type TrackStretch =
  | { readonly kind: 'line'; readonly length: number }
  | { readonly kind: 'arc'; readonly radius: number; readonly angle: number };

/** A stretch with where it begins: arc length, point in the plane, and tangent angle, which never jumps. */
export interface Laid {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly y: number;
  readonly heading: number;
  /** Signed curvature, 1/mm: left positive, 0 on a line. */
  readonly curve: number;
  readonly cos: number;
  readonly sin: number;
}

/** The stretches of a track one after the other, from (0, 0) along x. Throws where one has no length or goes all the way round. */
export function laidTrack(stretches: readonly TrackStretch[]): readonly Laid[] {
  const laid: Laid[] = [];
  let [from, x, y, heading] = [0, 0, 0, 0];
  for (const stretch of stretches) {
    const length = stretch.kind === 'line' ? stretch.length : stretch.radius * Math.abs(stretch.angle);
    if (!(length > 0 && length < Infinity)) throw new Error('A stretch of a track has no length.');
    if (stretch.kind === 'arc' && !(Math.abs(stretch.angle) < 2 * Math.PI))
      throw new Error('A bend of a track goes all the way round: it would run into itself.');
    const curve = stretch.kind === 'line' ? 0 : Math.sign(stretch.angle) / stretch.radius;
    const [cos, sin] = [Math.cos(heading), Math.sin(heading)];
    const here: Laid = { from, to: from + length, x, y, heading, curve, cos, sin };
    laid.push(here);
    [x, y] = pointOn(here, length);
    heading += curve * length;
    from += length;
  }
  return laid;
}

/** The point so far along a stretch, or along its continuation, mm in the plane. */
export function pointOn({ x, y, heading, cos, sin, curve }: Laid, along: number): [number, number] {
  if (curve === 0) return [x + along * cos, y + along * sin];
  const end = heading + curve * along;
  return [x + (Math.sin(end) - sin) / curve, y - (Math.cos(end) - cos) / curve];
}

/** The tangent angle so far along a stretch, radians. */
export const headingOn = ({ heading, curve }: Laid, along: number): number => heading + curve * along;

/**
 * Where a stretch (or its continuation) is so far from a point: the one of the two places that lies before the point's
 * foot on it (side -1) or beyond it (1), as a length along the stretch; undefined where it never is. On a bend, which is less
 * than a whole turn, the length nearest its middle.
 */
export function placeAtDistance(
  stretch: Laid,
  [px, py]: readonly [number, number],
  distance: number,
  side: 1 | -1,
): number | undefined {
  const { x, y, cos, sin, curve } = stretch;
  if (curve === 0) {
    const along = (px - x) * cos + (py - y) * sin;
    const aside = (py - y) * cos - (px - x) * sin;
    const half2 = distance * distance - aside * aside;
    return half2 >= 0 ? along + side * Math.sqrt(half2) : undefined;
  }
  const radius = 1 / Math.abs(curve);
  const [cx, cy] = [x - sin / curve, y + cos / curve];
  const out = Math.hypot(px - cx, py - cy);
  const cosine = (radius * radius + out * out - distance * distance) / (2 * radius * out);
  if (!(Math.abs(cosine) <= 1)) return undefined;
  const foot = Math.sign(curve) * (Math.atan2(py - cy, px - cx) - Math.atan2(y - cy, x - cx));
  const turn = foot + side * Math.acos(cosine);
  const middle = (stretch.to - stretch.from) / (2 * radius);
  return radius * (turn - 2 * Math.PI * Math.round((turn - middle) / (2 * Math.PI)));
}
