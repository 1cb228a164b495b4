import type { Point2, Point3 } from '../solid/prism';
import type { Force, Situation } from './force';
import type { Interval } from './interval';
import { momentAbout, type Axis } from './moment';

/** What keeps something that stands from going over one edge of what it stands on. */
export interface Standing {
  /** The edge, from one corner of its base to the next, as seen from above. */
  readonly edge: readonly [Point2, Point2];
  /** What holds it down, less what lifts it, about that edge, Nm; less than 0 where it goes over. */
  readonly holds: Interval;
}

/**
 * How firmly something stands on a flat base, edge by edge, the least firm first.
 *
 * @param base    corners of the base as seen from above, mm, counter-clockwise and convex
 * @param height  of the base, mm
 */
export function standingOn(
  base: readonly Point2[],
  height: number,
  forces: readonly Force[],
  situation: Situation,
): Standing[] {
  return base
    .map((from, i): Standing => {
      const to = base[(i + 1) % base.length]!;
      const axis = alongEdge(from, to, height);
      // The room lies left of a counter-clockwise edge: what turns it that way down is what holds it.
      const { least, most } = momentAbout(axis, forces, situation);
      return { edge: [from, to], holds: { least: -most, most: -least } };
    })
    .sort((a, b) => a.holds.least - b.holds.least);
}

function alongEdge(from: Point2, to: Point2, height: number): Axis {
  const long = Math.hypot(to[0] - from[0], to[1] - from[1]);
  return {
    point: [from[0], from[1], height],
    direction: [(to[0] - from[0]) / long, (to[1] - from[1]) / long, 0],
  };
}

/** What a fixing at a height over the base must hold with so that nothing goes over, N; 0 where it stands by itself. */
export function holdAt(height: number, { holds }: Standing): number {
  return Math.max(0, (-holds.least * 1000) / height);
}

/** The corners of a box's foot, counter-clockwise as seen from above. */
export const footOf = (least: Point3, greatest: Point3): Point2[] => [
  [least[0], least[1]],
  [greatest[0], least[1]],
  [greatest[0], greatest[1]],
  [least[0], greatest[1]],
];
