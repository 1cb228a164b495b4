import { AT_EASE, weightForce } from '../../balance/force';
import { reactionsTo, type Support } from '../../balance/reactions';
import { frameOf } from '../../item/frame';
import { weighAll } from '../../piece/mass';
import type { Link } from '../../piece/piece';
import type { Point3 } from '../../solid/prism';
import type { Carried } from '../contract/family';
import type { HungLeaf, LaidDoor } from './lay';

/**
 * What pulls each end hinge sideways out of its wood, or presses it in, N, the lower first: the leaf's own weight, with all that is on it,
 * about the line of its hinges. Hinges between them may carry as well, and are not counted on.
 *
 * @param leaf     the leaf's link, shut
 * @param carried  what else hangs on it
 */
export function hingePulls(
  { place }: LaidDoor,
  { x, y, z, side, hinges, pin }: HungLeaf,
  leaf: Link,
  carried: readonly Carried[] = [],
): number[] {
  const frame = frameOf(place.carcass);
  const [along, back] = pin ?? [side === 'left' ? x[0] : x[1], y[1]];
  const ends = [hinges.heights[0]!, hinges.heights[hinges.heights.length - 1]!];
  const supports = ends.map((up, i): Support => ({
    key: String(i),
    at: frame.toSpace([along, back, z[0] + up]),
    holds: AXES,
  }));
  const weights = [
    weightForce('leaf', leaf.words, weighAll(leaf.pieces, place.stock)),
    ...carried.map((one, i) => weightForce(`carried-${i}`, one.words, one)),
  ];
  return reactionsTo(supports, weights, AT_EASE)!.map(({ along: [east, north] }) =>
    Math.hypot(east!.most, north!.most),
  );
}

const AXES: readonly Point3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];
