import type { SheetFrame } from './frame';
import { seenOutline, type Flat } from './projection';

/** Corners on the sheet, px. */
export type Outline = readonly Flat[];

/** The outline on the sheet of convex pieces (x0, y0, z0, x1, ...). */
export const outlineOf = (frame: SheetFrame, ...lists: readonly Float64Array[]): Outline =>
  seenOutline(frame.projection, ...lists).map(frame.at);

export const pointsText = (outline: Outline): string =>
  outline.map(([x, y]) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ');

export interface Bounds {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export function boundsOf(outline: Outline): Bounds {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const [x, y] of outline) {
    left = Math.min(left, x);
    right = Math.max(right, x);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  }
  return { x: left, y: top, width: right - left, height: bottom - top };
}
