import type { Point3 } from './prism';

/** Points and directions of the space, as arrows. */
export const plus = (a: Point3, b: Point3): Point3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const less = (a: Point3, b: Point3): Point3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scaled = (a: Point3, by: number): Point3 => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Point3, b: Point3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Point3, b: Point3): Point3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const long = (a: Point3): number => Math.hypot(a[0], a[1], a[2]);
/** What of an arrow is across a unit direction. */
export const across = (a: Point3, unit: Point3): Point3 => less(a, scaled(unit, dot(a, unit)));
