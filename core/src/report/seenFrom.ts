import type { Frame } from '../item/frame';
import type { Body } from '../scene/scene';
import type { Bounds, Range } from '../solid/bounds';
import type { Solid } from '../solid/halfSpace';
import type { Point3 } from '../solid/prism';
import { dot } from '../solid/vector';

/** A solid as a frame sees it: its box there, whether it fills that, and its corners; a wall or a slope has no box. */
export interface Seen {
  readonly box: Bounds | undefined;
  readonly fills: boolean;
  readonly corners: readonly Point3[];
}

/** Lengths so alike are one, mm. */
const HAIR = 1e-6;
const AXES = ['x', 'y', 'z'] as const;
const known = new WeakMap<Body, { readonly frame: Frame; readonly seen: readonly Seen[] }>();

/** The solids of a body as a frame sees them, kept as long as both stay the same. */
export function seenFrom(frame: Frame, body: Body): readonly Seen[] {
  const before = known.get(body);
  if (before?.frame === frame) return before.seen;
  const seen = body.pieces.map((piece) => seenSolid(frame, piece));
  known.set(body, { frame, seen });
  return seen;
}

const NO_END: Seen = { box: undefined, fills: false, corners: [] };

function seenSolid(frame: Frame, solid: Solid): Seen {
  if (solid.kind !== 'convex') return NO_END;
  const origin = frame.toSpace([0, 0, 0]);
  const ways = ([[1, 0, 0], [0, 1, 0], [0, 0, 1]] as const).map((way) => frame.turn(way)); // prettier-ignore
  const from = ways.map((way) => dot(origin, way));
  const at = solid.corners;
  const corners = Array.from({ length: at.length / 3 }, (_, i): Point3 => {
    const point: Point3 = [at[3 * i]!, at[3 * i + 1]!, at[3 * i + 2]!];
    return [0, 1, 2].map((axis) => dot(point, ways[axis]!) - from[axis]!) as unknown as Point3;
  });
  const range = (axis: 0 | 1 | 2): Range => [
    Math.min(...corners.map((corner) => corner[axis])),
    Math.max(...corners.map((corner) => corner[axis])),
  ];
  const box: Bounds = { x: range(0), y: range(1), z: range(2) };
  const fills = corners.every((corner) =>
    AXES.every((axis, i) => corner[i]! - box[axis][0] < HAIR || box[axis][1] - corner[i]! < HAIR),
  );
  return { box, fills, corners };
}

/** Whether a solid may reach into a box: walls and slopes do. */
export const mayBeIn = ({ box }: Seen, within: Bounds): boolean =>
  !box || AXES.every((axis) => box[axis][0] < within[axis][1] && box[axis][1] > within[axis][0]);
