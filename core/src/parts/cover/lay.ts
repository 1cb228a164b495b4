import { frameOf, type Frame } from '../../item/frame';
import { motionOf, type Motion } from '../../motion/motion';
import type { Bounds, Range } from '../../solid/bounds';
import type { Point3 } from '../../solid/prism';
import type { AnyPlace, PartPlace } from '../contract/family';
import type { Cover } from './schema';

export const RADIANS = Math.PI / 180;

export interface LaidCover {
  readonly cover: Cover;
  readonly place: AnyPlace;
  readonly frame: Frame;
  readonly thick: number;
  /** The board as it is shut, in its frame. */
  readonly board: Bounds;
  readonly motion: Motion;
  readonly to: number;
}

/** A point of its plane, from its left foot, and how far before what it is on. */
const inFrame = ({ mount }: Cover, place: AnyPlace, along: number, up: number, off: number): Point3 =>
  mount.on !== 'top'
    ? [along, -off, up]
    : [mount.from.mm + along, mount.back.mm + up, (place as PartPlace).carcass.height.mm + off];

export function layCover(cover: Cover, place: AnyPlace): LaidCover {
  const { mount, wide, high, off, pin, way, limit } = cover;
  const frame = frameOf('at' in place ? place.at : place.carcass);
  const thick = place.stock.thickness(cover.material);
  const at = (along: number, up: number, out: number) => inFrame(cover, place, along, up, out);
  const [p, q] = [at(0, 0, off.mm), at(wide.mm, high.mm, off.mm + thick)];
  const range = (axis: 0 | 1 | 2): Range => [Math.min(p[axis], q[axis]), Math.max(p[axis], q[axis])];
  // Clockwise as one stands before a wall, or looks down on a top from its front.
  const sense = way === 'to the right' ? 1 : -1;
  return {
    cover,
    place,
    frame,
    thick,
    board: { x: range(0), y: range(1), z: range(2) },
    motion: motionOf({
      kind: 'turn',
      point: frame.toSpace(at(pin.in.mm, pin.up.mm, off.mm)),
      axis: frame.turn(mount.on !== 'top' ? [0, sense, 0] : [0, 0, -sense]),
    }),
    to: limit * RADIANS,
  };
}

/** A corner of a rectangle in the plane it turns in. */
export type InPlane = readonly [along: number, up: number];

/** The corners of a rectangle, turned about the pin as the cover turns. */
export function turned(
  { cover: { pin, way } }: LaidCover,
  along: Range,
  up: Range,
  travel: number,
): readonly InPlane[] {
  const angle = way === 'to the right' ? -travel : travel;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return [
    [along[0], up[0]],
    [along[1], up[0]],
    [along[1], up[1]],
    [along[0], up[1]],
  ].map(([x, z]): InPlane => {
    const [dx, dz] = [x! - pin.in.mm, z! - pin.up.mm];
    return [pin.in.mm + c * dx - s * dz, pin.up.mm + s * dx + c * dz];
  });
}

/**
 * How far two rectangles lie from each other at least, mm; less than 0 where they overlap, by how far one must be moved.
 *
 * @source two convex outlines are apart just where they are along a direction square to an edge of one of them
 */
export function apart(one: readonly InPlane[], other: readonly InPlane[]): number {
  const gap = ([x, z]: InPlane) => {
    const long = Math.hypot(x, z);
    const seen = (all: readonly InPlane[]): Range => {
      const along = all.map(([a, b]) => (a * x + b * z) / long);
      return [Math.min(...along), Math.max(...along)];
    };
    const [a, b] = [seen(one), seen(other)];
    return Math.max(b[0] - a[1], a[0] - b[1]);
  };
  const edges = [one, other].flatMap((all) =>
    [0, 1].map((i): InPlane => [all[i + 1]![0] - all[i]![0], all[i + 1]![1] - all[i]![1]]),
  );
  return Math.max(...edges.map(gap));
}
