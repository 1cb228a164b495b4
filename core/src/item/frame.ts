import { box, prism, type Point3 } from '../solid/prism';
import type { Convex } from '../solid/convex';
import type { Length } from '../length/length';
import type { Side } from './schema';

/**
 * The frame of what has a front, such as a carcass: x to the right and y to the back as seen from before it, z up, from its left front bottom
 * corner. It only shifts and turns by quarters, so boxes stay boxes.
 */
export interface Frame {
  toSpace(point: Point3): Point3;
  /** A direction, without the shift. */
  turn(direction: Point3): Point3;
  /** A box given by its least and greatest corner in this frame. */
  box(least: Point3, greatest: Point3): Convex;
  /** A prism over an outline in this frame's x and y, from z0 up to z1. */
  upright(outline: readonly (readonly [number, number])[], z0: number, z1: number): Convex;
  /** A prism over an outline in this frame's x and z, counter-clockwise seen from before it, from y0 back to y1. */
  frontal(outline: readonly (readonly [number, number])[], y0: number, y1: number): Convex;
}

/** Where the frame's x axis points for each way a front can look; its y axis is a quarter turn left of it. */
const RIGHT: Record<Side, readonly [number, number]> = {
  south: [1, 0],
  west: [0, -1],
  north: [-1, 0],
  east: [0, 1],
};

/** What has a front: the corner at its left foot as seen from before it, and the way its front looks. */
export interface Fronted {
  readonly x: Length;
  readonly y: Length;
  readonly z: Length;
  readonly faces: Side;
}

export function frameOf({ x, y, z, faces }: Fronted): Frame {
  const [c, s] = RIGHT[faces];
  const turn = ([u, v, w]: Point3): Point3 => [c * u - s * v, s * u + c * v, w];
  const toSpace = (point: Point3): Point3 => {
    const [u, v, w] = turn(point);
    return [x.mm + u, y.mm + v, z.mm + w];
  };
  return {
    toSpace,
    turn,
    box: (least, greatest) => {
      const p = toSpace(least);
      const q = toSpace(greatest);
      return box(
        [Math.min(p[0], q[0]), Math.min(p[1], q[1]), p[2]],
        [Math.max(p[0], q[0]), Math.max(p[1], q[1]), q[2]],
      );
    },
    upright: (outline, z0, z1) => prism(outline, ([u, v], end) => toSpace([u, v, end === 0 ? z0 : z1])),
    frontal: (outline, y0, y1) => prism(outline, ([u, v], end) => toSpace([u, end === 0 ? y1 : y0, v])),
  };
}

/**
 * The frame of what leans in another: its x from a point along a direction there, its z square to that on the other's `up` side, y with both
 * by the right hand.
 *
 * @param along, up  unit directions of the frame it leans in, square to each other
 */
export function leaningIn(frame: Frame, from: Point3, along: Point3, up: Point3): Frame {
  const side: Point3 = [
    up[1] * along[2] - up[2] * along[1],
    up[2] * along[0] - up[0] * along[2],
    up[0] * along[1] - up[1] * along[0],
  ];
  const inOther = ([u, v, w]: Point3) =>
    [0, 1, 2].map((i) => u * along[i]! + v * side[i]! + w * up[i]!) as unknown as Point3;
  const turn = (direction: Point3) => frame.turn(inOther(direction));
  const toSpace = (point: Point3) => {
    const [x, y, z] = inOther(point);
    return frame.toSpace([from[0] + x, from[1] + y, from[2] + z]);
  };
  const upright: Frame['upright'] = (outline, z0, z1) =>
    prism(outline, ([u, v], end) => toSpace([u, v, end === 0 ? z0 : z1]));
  return {
    toSpace,
    turn,
    box: ([x0, y0, z0], [x1, y1, z1]) =>
      upright(
        [
          [x0, y0],
          [x1, y0],
          [x1, y1],
          [x0, y1],
        ],
        z0,
        z1,
      ),
    upright,
    frontal: (outline, y0, y1) => prism(outline, ([u, v], end) => toSpace([u, end === 0 ? y1 : y0, v])),
  };
}
