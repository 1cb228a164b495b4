import type { Plan, Point3 } from '@tarnpass/core';
import { flatten, type Flat, type Projection } from './projection';

/** From the space's mm to a view's px. */
export interface SheetFrame {
  readonly projection: Projection;
  /** px a mm. */
  readonly scale: number;
  /** Of the view, px. */
  readonly view: readonly [number, number];
  /** From flat mm to px. */
  at(flat: Flat): [number, number];
  /** From a point in space to px. */
  put(point: Point3): [number, number];
}

/** How a view is panned and zoomed: px = k * fitted px + shift. */
export interface Zoom {
  readonly k: number;
  readonly x: number;
  readonly y: number;
}
export const WHOLE: Zoom = { k: 1, x: 0, y: 0 };

export interface Margin {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/**
 * The scale at which the whole space fits a view, centred, then zoomed.
 *
 * @param wall    how thick its walls are drawn, mm
 * @param margin  left free outside its walls
 */
export function fitFrame(
  projection: Projection,
  space: Plan['space'],
  view: readonly [number, number],
  wall: number,
  margin: Margin,
  { k, x, y }: Zoom = WHOLE,
): SheetFrame {
  const [a, b] = [
    flatten(projection, [0, 0, 0]),
    flatten(projection, [space.width.mm, space.depth.mm, space.height.mm]),
  ];
  const [width, height] = view;
  const least: Flat = [Math.min(a[0], b[0]) - wall, Math.min(a[1], b[1]) - wall];
  const size: Flat = [Math.abs(a[0] - b[0]) + 2 * wall, Math.abs(a[1] - b[1]) + 2 * wall];
  const free = { width: width - margin.left - margin.right, height: height - margin.top - margin.bottom };
  const fit = Math.max(0.001, Math.min(free.width / size[0], free.height / size[1]));
  const left = margin.left + (free.width - fit * size[0]) / 2;
  const bottom = margin.top + (free.height + fit * size[1]) / 2;
  const scale = fit * k;
  const at = ([u, v]: Flat): [number, number] => [
    k * (left - fit * least[0]) + x + scale * u,
    k * (bottom + fit * least[1]) + y - scale * v,
  ];
  return { projection, scale, view, at, put: (point) => at(flatten(projection, point)) };
}

/** The same view so many times as large, from the same corner. */
export function enlarged({ projection, scale, view, at }: SheetFrame, times: number): SheetFrame {
  const larger = (flat: Flat): [number, number] => {
    const [x, y] = at(flat);
    return [times * x, times * y];
  };
  return {
    projection,
    scale: times * scale,
    view: [times * view[0], times * view[1]],
    at: larger,
    put: (point) => larger(flatten(projection, point)),
  };
}
