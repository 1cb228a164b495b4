import { polygonHull } from 'd3-polygon';
import type { SheetFrame } from './frame';

export type Outline = readonly (readonly [number, number])[];

/** The outline on the sheet of points in space (x0, y0, z0, x1, ...): from above, a convex piece is the hull of its corners. */
export function outlineOf(frame: SheetFrame, ...lists: readonly Float64Array[]): Outline {
  const points: [number, number][] = [];
  for (const corners of lists) {
    for (let i = 0; i < corners.length; i += 3) points.push([frame.x(corners[i]!), frame.y(corners[i + 1]!)]);
  }
  return polygonHull(points) ?? points;
}

export const pointsText = (outline: Outline): string =>
  outline.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ');

/** Least and greatest height of points in space, mm. */
export function heights(corners: Float64Array): readonly [number, number] {
  let low = Infinity;
  let high = -Infinity;
  for (let i = 2; i < corners.length; i += 3) {
    low = Math.min(low, corners[i]!);
    high = Math.max(high, corners[i]!);
  }
  return [low, high];
}

export function boundsOf(outline: Outline): { x: number; y: number; width: number; height: number } {
  const xs = outline.map(([x]) => x);
  const ys = outline.map(([, y]) => y);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
