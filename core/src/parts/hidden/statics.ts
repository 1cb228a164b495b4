import { GRAVITY } from '../../piece/mass';

/** Sums of statics of a leaf that hangs by its side. Each is told with what it assumes, and errs to the safe side. */

/** Books slide on a shelf from here on: wood on wood, and covers on paint. Common practice: 0.2 to 0.4. */
export const SHELF_FRICTION = 0.25;
/** A hand opens a heavy door no faster at its free edge, m/s. Common practice: the pace of somebody who walks by slowly. */
export const OPENED_AT = 0.5;
const MM_A_M = 1000;

/**
 * How far the free edge of a leaf drops by the play of its hinges, mm.
 *
 * @source p W / s
 */
export const dropByPlay = (play: number, wide: number, spacing: number): number => (play * wide) / spacing;

/** Boards that go out level from the hinge side side by side, each so deep and so thick: what a case without a back hangs by. */
export interface Cantilever {
  readonly boards: number;
  readonly deep: number;
  readonly thick: number;
  readonly long: number;
  /** MPa. */
  readonly stiffness: number;
  /** All that they bear, spread evenly, N. */
  readonly load: number;
}

/**
 * How far boards droop at their free end that are fixed at the hinge side alone, mm.
 *
 * @source w L^4 / (8 E I), w the load a mm over all boards: any text on strength of materials
 */
export function cantileverSag({ boards, deep, thick, long, stiffness, load }: Cantilever): number {
  const second = (boards * deep * thick ** 3) / 12;
  return ((load / long) * long ** 4) / (8 * stiffness * second);
}

/**
 * What a wire from the top hinge to the bottom free corner is drawn by, N.
 *
 * @source (m g / 2) / sin a, a from level
 */
export const braceTension = (kg: number, wide: number, high: number): number =>
  (kg * GRAVITY) / 2 / Math.sin(Math.atan2(high, wide));

/**
 * What pulls the top hinge out of its jamb and presses the bottom one in, N.
 *
 * @source m g e / s, e from the axis to the middle of its weight
 */
export const hingePull = (kg: number, off: number, spacing: number): number => (kg * GRAVITY * off) / spacing;

/**
 * How far what stands on a shelf slides as the leaf is stopped dead, mm, at the place farthest from its axis.
 *
 * @param speed  of its free edge, m/s
 * @source v^2 / (2 mu g)
 */
export const slidesOn = (speed: number, friction: number): number =>
  (speed ** 2 / (2 * friction * GRAVITY)) * MM_A_M;

/** The fastest that a free edge may be stopped dead so that nothing slides farther than so much, m/s. */
export const fastest = (room: number, friction: number): number =>
  Math.sqrt((2 * friction * GRAVITY * Math.max(0, room)) / MM_A_M);

/**
 * How far the free edge of a leaf on an axis that leans rises, mm, and what it swings shut by, Nmm, once it is open by a turn.
 *
 * @source W sin b sin q; m g sin b e sin q, of the height of the middle of its weight: derived
 */
export const leanRise = (wide: number, lean: number, turn: number): number =>
  wide * Math.sin(lean) * (Math.abs(turn) > Math.PI / 2 ? 1 : Math.sin(turn));
export const leanTorque = (kg: number, off: number, lean: number, turn: number): number =>
  kg * GRAVITY * off * Math.sin(lean) * Math.cos(turn);

/**
 * How a mirror leans so that who stands before it sees head and feet alike, rad from upright.
 *
 * @param eye, head, edge  above the floor; @param off  from the mirror, mm
 * @source (atan((E - z) / D) + atan((H - z) / D)) / 2: the angle of the ray from eye and from head halved
 */
export const mirrorLean = (eye: number, head: number, edge: number, off: number): number =>
  (Math.atan((eye - edge) / off) + Math.atan((head - edge) / off)) / 2;
