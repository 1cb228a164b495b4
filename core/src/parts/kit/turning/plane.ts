import type { Frame } from '../../../item/frame';
import type { LevelLeaf } from '../../../mechanism/leafOnStruts';
import { motionOf, type Motion } from '../../../motion/motion';
import type { Point3 } from '../../../solid/prism';
import type { PlaceInPlane } from './schema';

/** The plane a leaf turns in about a level axis: seen along that, from the axis along the shut leaf, and back from there into the case. */
export interface TurningPlane {
  readonly frame: Frame;
  /** Where the axis is in the frame's (y, z). */
  readonly axis: readonly [number, number];
  /** Unit directions in (y, z): along the shut leaf, and into the case. */
  readonly along: readonly [number, number];
  readonly into: readonly [number, number];
  /** The leaf's inner face, so far into the case from the axis; less than 0 where the axis is deeper in. */
  readonly face: number;
}

/** A lid's leaf lies level towards the front; a flap's hangs from its axis or stands on it. */
export const DIRECTIONS = {
  lid: { along: [-1, 0], into: [0, -1] },
  hanging: { along: [0, -1], into: [1, 0] },
  standing: { along: [0, 1], into: [1, 0] },
} as const satisfies Readonly<Record<string, Pick<TurningPlane, 'along' | 'into'>>>;

/** The sense it opens in about the frame's x: away from the case. */
export const senseOf = ({ along, into }: TurningPlane): 1 | -1 =>
  along[0] * into[1] - along[1] * into[0] > 0 ? -1 : 1;

/** The unit direction it opens about, by the right hand, in the space. */
export const axisOf = (plane: TurningPlane): Point3 => plane.frame.turn([senseOf(plane), 0, 0]);

/** How what turns on the axis moves, by its turn in radians. */
export const turnOf = (plane: TurningPlane): Motion =>
  motionOf({
    kind: 'turn',
    point: plane.frame.toSpace([0, plane.axis[0], plane.axis[1]]),
    axis: axisOf(plane),
  });

/** A place of the plane in the frame's (y, z). */
export const atPlane = (
  { axis, along, into }: TurningPlane,
  a: number,
  back: number,
): readonly [number, number] => [
  axis[0] + a * along[0] + back * into[0],
  axis[1] + a * along[1] + back * into[1],
];

/** A place told from the leaf's inner face, from the axis. */
export const fromAxis = ({ face }: TurningPlane, place: PlaceInPlane): readonly [number, number] => [
  place.along.mm,
  face + place.in.mm,
];

/** The same in the space, across the plane at x. */
export function pointAt(plane: TurningPlane, x: number, [a, back]: readonly [number, number]): Point3 {
  const [y, z] = atPlane(plane, a, back);
  return plane.frame.toSpace([x, y, z]);
}

/** As a leaf on struts is drawn. */
export const levelLeafOf = (
  plane: TurningPlane,
  x: readonly [number, number],
  along: readonly [number, number],
  thick: number,
): LevelLeaf => ({
  frame: plane.frame,
  x,
  along,
  thick,
  at: (a, back) => atPlane(plane, a, back),
  sense: senseOf(plane),
});

/**
 * Where a turning point first comes to a distance from a fixed one that it is drawn towards: the turn in radians; undefined where it never
 * does. Less than 0 or 0 where it is there already as built.
 *
 * @source two circles: l^2 = a^2 + b^2 - 2ab cos f
 */
export function turnsUntil(
  onLeaf: readonly [number, number],
  onCase: readonly [number, number],
  length: number,
): number | undefined {
  const polar = ([along, back]: readonly [number, number]) => ({
    r: Math.hypot(along, back),
    a: Math.atan2(-back, along),
  });
  const [p, q] = [polar(onLeaf), polar(onCase)];
  const cos = (p.r ** 2 + q.r ** 2 - length ** 2) / (2 * p.r * q.r);
  if (!(cos >= -1)) return undefined;
  if (cos > 1) return 0;
  const between = p.a - q.a;
  return Math.acos(cos) - between;
}
