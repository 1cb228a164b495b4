import type { Bounds, Range } from '../../solid/bounds';
import type { Convex } from '../../solid/convex';
import { hull } from '../../solid/hull';
import { signedArea } from '../../solid/outline';
import { clipped } from '../../solid/polygon';
import type { Point2, Point3 } from '../../solid/prism';
import { headAt, placeIn, type HungLeaf, type LaidHidden } from './lay';

/** An outline of a leaf's plan from one height to another. */
export function upright(
  laid: LaidHidden,
  leaf: HungLeaf,
  outline: readonly Point2[],
  from: number,
  to: number,
): Convex[] {
  if (outline.length < 3 || !(to > from)) return [];
  const placed = outline.map((at) => placeIn(leaf, laid.away, laid.deep, at));
  return [laid.frame.upright(signedArea(placed) > 0 ? placed : placed.reverse(), from, to)];
}

export const isTapered = ({ hidden }: LaidHidden) => hidden.shape.kind === 'tapered';

/** An outline of its plan from its foot up to its head, which may slope. */
export function wholeHigh(laid: LaidHidden, leaf: HungLeaf, outline: readonly Point2[]): Convex[] {
  if (!isTapered(laid)) return upright(laid, leaf, outline, ...leaf.z);
  return underHead(laid, leaf, outline, () => leaf.z[0]);
}

/** The board of its head over an outline of its plan, so thick upright. */
export const headPlate = (
  laid: LaidHidden,
  leaf: HungLeaf,
  outline: readonly Point2[],
  thick: number,
): Convex[] =>
  isTapered(laid)
    ? underHead(laid, leaf, outline, (head) => head - thick)
    : upright(laid, leaf, outline, leaf.z[1] - thick, leaf.z[1]);

function underHead(
  laid: LaidHidden,
  leaf: HungLeaf,
  outline: readonly Point2[],
  foot: (head: number) => number,
): Convex[] {
  if (outline.length < 3) return [];
  const points = outline.flatMap((at): Point3[] => {
    const [x, y] = placeIn(leaf, laid.away, laid.deep, at);
    const head = headAt(laid, leaf, at[0]);
    return [laid.frame.toSpace([x, y, foot(head)]), laid.frame.toSpace([x, y, head])];
  });
  return [hull(points)];
}

/** The box of a stretch of its plan, in the frame. */
export function boundsOf(laid: LaidHidden, leaf: HungLeaf, [u0, u1]: Range, [v0, v1]: Range, z: Range): Bounds {
  const [a, b] = [placeIn(leaf, laid.away, laid.deep, [u0, v0]), placeIn(leaf, laid.away, laid.deep, [u1, v1])];
  const sorted = (one: number, other: number): Range => (one < other ? [one, other] : [other, one]);
  return { x: sorted(a[0], b[0]), y: sorted(a[1], b[1]), z };
} // prettier-ignore

/** How far an outline of its plan goes along it. */
export function alongOf(outline: readonly Point2[]): Range {
  const us = outline.map(([u]) => u);
  return [Math.min(...us), Math.max(...us)];
}

/** What of a convex outline of its plan lies between two depths. */
export const between = (outline: readonly Point2[], [from, to]: Range): Point2[] =>
  clipped(
    clipped(outline, ([, v]) => v - from),
    ([, v]) => to - v,
  );
