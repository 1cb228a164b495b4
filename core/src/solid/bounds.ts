import type { Point3 } from './prism';

/** From one place to another along an axis, mm. */
export type Range = readonly [number, number];

/** A box square to a frame, mm. */
export interface Bounds {
  readonly x: Range;
  readonly y: Range;
  readonly z: Range;
}

export const least = ({ x, y, z }: Bounds): Point3 => [x[0], y[0], z[0]];
export const greatest = ({ x, y, z }: Bounds): Point3 => [x[1], y[1], z[1]];
export const span = ([from, to]: Range): number => to - from;
export const middleOf = ([from, to]: Range): number => (from + to) / 2;
