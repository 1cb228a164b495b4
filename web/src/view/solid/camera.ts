import type { Plan, Side } from '@tarnpass/core';
import { METRE } from './geometry';

/** Degrees from the top of the picture to its foot. */
const VIEW_ANGLE = 34;
/** The height that is looked at, as a share of the space's. */
const MIDDLE = 0.4;

const FACES: Record<Side, readonly [number, number]> = {
  north: [0, 1],
  south: [0, -1],
  east: [1, 0],
  west: [-1, 0],
};

type Vector = [number, number, number];

const sizeOf = ({ space }: Plan): Vector => [
  space.width.mm * METRE,
  space.depth.mm * METRE,
  space.height.mm * METRE,
];

/** What the solid view is turned about, m. */
export function targetOf(plan: Plan): Vector {
  const [w, d, h] = sizeOf(plan);
  return [w / 2, d / 2, h * MIDDLE];
}

/** Where one sees the whole space from: before the fronts of most carcasses, a little to their right, from above. */
export function cameraFor(plan: Plan) {
  const sides = Object.keys(FACES) as Side[];
  const count = (side: Side) => plan.carcasses.filter(({ faces }) => faces === side).length;
  const [x, y] = FACES[sides.reduce((most, side) => (count(side) > count(most) ? side : most), 'north')];
  const way = [x + 0.45 * y, y - 0.45 * x, 0.75];
  const long = Math.hypot(...way);
  // A little within the sphere about it all, which a space seen from a corner does not fill.
  const away = (0.88 * Math.hypot(...sizeOf(plan))) / 2 / Math.sin(((VIEW_ANGLE / 2) * Math.PI) / 180);
  const position = targetOf(plan).map((c, i) => c + (away * way[i]!) / long) as Vector;
  return { position, up: [0, 0, 1] as Vector, fov: VIEW_ANGLE, near: 0.02, far: 100 };
}
