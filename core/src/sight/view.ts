import { signedArea } from '../solid/outline';
import type { Convex } from '../solid/convex';
import type { Solid } from '../solid/halfSpace';
import { boxAbout, boxesApart, hullOf, inset, type Polygon } from '../solid/polygon';
import type { Point2, Point3 } from '../solid/prism';
import { cross, dot, less, long, scaled } from '../solid/vector';

/** One eye, and a flat thing it looks at: places are told on the plane of that, square to the way to it, mm. */
export interface View {
  readonly eye: Point3;
  /** Unit vectors: towards the plane, and two in it. */
  readonly ahead: Point3;
  readonly right: Point3;
  readonly up: Point3;
  /** From the eye to the plane. */
  readonly off: number;
  readonly target: Polygon;
}

/** What is nearer to an eye than this is no part of what it sees past, mm. */
const NEAR = 1;
/** What lies on the plane itself hides nothing of it; told as a share of how far it is off. */
const SHORT_OF = 1e-9;

/** @returns undefined where the eye is in the plane, or sees it from its edge */
export function viewOf(eye: Point3, corners: readonly Point3[]): View | undefined {
  const [a, b, c] = [corners[0]!, corners[1]!, corners[2]!];
  const across = unit(cross(less(b, a), less(c, a)));
  const toward = dot(less(a, eye), across);
  if (Math.abs(toward) < NEAR) return undefined;
  const ahead: Point3 = toward > 0 ? across : [-across[0], -across[1], -across[2]];
  // Upright where the plane stands upright, so that a slit beside a door is one.
  const level: Point3 = Math.abs(ahead[2]) > 0.99 ? [1, 0, 0] : unit(cross(ahead, [0, 0, 1]));
  const up = cross(level, ahead);
  const view = { eye, ahead, right: level, up, off: Math.abs(toward) };
  const flat = corners.map((corner): Point2 => {
    const from = less(corner, eye);
    return [dot(from, level), dot(from, up)];
  });
  return { ...view, target: hullOf(flat) };
}

/** What a solid hides of the plane from the eye, and how far off it is at its nearest and its farthest, mm. */
export interface Shadow {
  readonly hides: Polygon;
  /** Of what it hides, mm2. */
  readonly area: number;
  readonly nearest: number;
  readonly farthest: number;
}

/**
 * The shadow of a convex solid, that of what of it stands between the eye and the plane; undefined where nothing does.
 *
 * @param strays  no corner of it is farther than this from where it is told to be, mm: what is hidden is hidden all the same
 */
export function shadowOf(view: View, solid: Convex, corners = solid.corners, strays = 0): Shadow | undefined {
  const { eye, ahead, right, up, off } = view;
  const [least, most] = [NEAR, off * (1 - SHORT_OF)];
  const count = corners.length / 3;
  const seen: Point3[] = [];
  for (let i = 0; i < count; i += 1) {
    const from: Point3 = [corners[3 * i]! - eye[0], corners[3 * i + 1]! - eye[1], corners[3 * i + 2]! - eye[2]];
    seen.push([dot(from, right), dot(from, up), dot(from, ahead)]);
  }
  const kept = seen.filter(([, , deep]) => deep >= least && deep <= most);
  if (kept.length < count)
    for (const face of solid.faces)
      face.forEach((from, i) => {
        const [p, q] = [seen[from]!, seen[face[(i + 1) % face.length]!]!];
        for (const at of [least, most])
          if ((p[2] - at) * (q[2] - at) < 0) {
            const share = (at - p[2]) / (q[2] - p[2]);
            kept.push([p[0] + share * (q[0] - p[0]), p[1] + share * (q[1] - p[1]), at]);
          }
      });
  if (kept.length < 3) return undefined;
  const flat = kept.map(([x, y, deep]): Point2 => [(x * off) / deep, (y * off) / deep]);
  // Most of what stands about hides nothing of it.
  if (boxesApart(boxAbout(flat), boxAbout(view.target))) return undefined;
  const deeps = kept.map(([, , deep]) => deep);
  const [nearest, farthest] = [Math.min(...deeps), Math.max(...deeps)];
  const whole = hullOf(flat);
  if (strays === 0) return whole.length < 3 ? undefined : { hides: whole, area: signedArea(whole), nearest, farthest };
  // A corner at depth z that strays by s moves on the plane by no more than s d / z times the slant of its ray.
  if (nearest <= strays + NEAR) return undefined;
  const slant = Math.max(...kept.map(([x, y, deep]) => Math.hypot(x, y, deep) / deep));
  const by = (strays * off * slant) / (nearest - strays);
  const sure = inset(whole, () => by);
  return sure.length < 3 ? undefined : { hides: sure, area: signedArea(sure), nearest, farthest };
} // prettier-ignore

/** A place of the plane, in the space. */
export const onPlane = ({ eye, ahead, right, up, off }: View, [x, y]: Point2): Point3 =>
  [0, 1, 2].map((i) => eye[i]! + ahead[i]! * off + right[i]! * x + up[i]! * y) as unknown as Point3;

/** Whether a solid is one that a shadow is told of: a floor or a wall without end has none, and is looked past by nobody within it. */
export const isConvex = (solid: Solid): solid is Convex => solid.kind === 'convex';

function unit(v: Point3): Point3 {
  const size = long(v);
  if (!(size > 0)) throw new Error('A view needs a plane with three corners that are not in line.');
  return scaled(v, 1 / size);
}
