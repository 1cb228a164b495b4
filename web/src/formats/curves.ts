import type { Point2 } from '@tarnpass/core';

/** Curves are taken in chords that stray by less than this share of the drawing's own size: five thousandths of a millimetre in a room. */
const FINE = 1e-6;
/** A single curve is not taken in more chords than this. */
const MOST = 2000;

/** How far a chord may stray in a drawing of these points, in its own unit. */
export function strayIn(points: Iterable<Point2>): number {
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const [x, y] of points) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    low = Math.min(low, y);
    high = Math.max(high, y);
  }
  return FINE * Math.max(right - left, high - low, Number.MIN_VALUE);
}

/** Points along an arc of a circle, both ends with it; `to` is less than `from` where it turns clockwise, radians. */
export function arcPoints([x, y]: Point2, radius: number, from: number, to: number, stray: number): Point2[] {
  // A chord over an angle a strays by r (1 - cos(a / 2)), about r a^2 / 8.
  const step = Math.sqrt((8 * stray) / radius);
  const steps = Math.min(MOST, Math.max(2, Math.ceil(Math.abs(to - from) / step)));
  return Array.from({ length: steps + 1 }, (_, i): Point2 => {
    const angle = from + ((to - from) * i) / steps;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });
}

/** Points along a Bezier curve of the second or third degree, without its first. */
export function bezierPoints(controls: readonly Point2[], stray: number): Point2[] {
  const degree = controls.length - 1;
  // A chord over 1/n of the parameter strays by at most d (d - 1) / 8 n^2 times the largest second difference.
  const bend = Math.max(
    ...controls.slice(2).map(([x, y], i) => {
      const [[ax, ay], [bx, by]] = [controls[i]!, controls[i + 1]!];
      return Math.hypot(ax - 2 * bx + x, ay - 2 * by + y);
    }),
  );
  const steps = Math.min(
    MOST,
    Math.max(1, Math.ceil(Math.sqrt((degree * (degree - 1) * bend) / (8 * stray)))),
  );
  return Array.from({ length: steps }, (_, i) => onBezier(controls, (i + 1) / steps));
}

/** De Casteljau's construction. */
function onBezier(controls: readonly Point2[], t: number): Point2 {
  let points = controls;
  while (points.length > 1)
    points = points.slice(1).map(([x, y], i): Point2 => {
      const [px, py] = points[i]!;
      return [px + t * (x - px), py + t * (y - py)];
    });
  return points[0]!;
}
