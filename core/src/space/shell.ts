import type { Point3 } from '../solid/prism';

/** How thick walls, floor and ceiling are taken to be, mm: thicker than anything that could pass through them. */
export const SHELL = 120;

/** A box that is cut out of the walls, the floor and the ceiling where it meets them: a doorway, a recess, a hatch. */
export interface Void {
  readonly least: Point3;
  readonly greatest: Point3;
  /** How thick the wall it is cut out of is there, mm, where that is known. */
  readonly thick?: number;
}
