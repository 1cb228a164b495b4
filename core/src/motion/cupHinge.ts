import type { Point3 } from '../solid/prism';
import { ratio } from './drive';
import { FourBar } from './fourBar';
import { chain, type Motion } from './motion';

/**
 * A concealed cup hinge as a four-bar linkage, in the plane across the leaf: x from the carcass's outer face into the
 * opening, y from the carcass's front edge into its depth, mm, leaf shut. Two arms run from pivots on the plate to
 * pivots in the cup; all four places are data of the hinge.
 */
export interface CupHinge {
  readonly plate: readonly [readonly [number, number], readonly [number, number]];
  readonly cup: readonly [readonly [number, number], readonly [number, number]];
  /** How far it opens, degrees. */
  readonly opens: number;
}

/**
 * A generic hinge for an overlay of 16 mm on an 18 mm side and a leaf 18 mm thick: of no maker, its pivots sought so
 * that the leaf leaves the side at once, never touches it again, and stands within the carcass's width when square.
 */
export const GENERIC_CUP_HINGE: CupHinge = {
  plate: [
    [42.5, 6.5],
    [37.5, 24.5],
  ],
  cup: [
    [13, -10.5],
    [9, -5],
  ],
  opens: 110,
};

const length = (a: readonly [number, number], b: readonly [number, number]) =>
  Math.hypot(b[0] - a[0], b[1] - a[1]);
const angle = (a: readonly [number, number], b: readonly [number, number]) =>
  Math.atan2(b[1] - a[1], b[0] - a[0]);

/**
 * The leaf's motion on a cup hinge, travel being the leaf's own opening angle, radians.
 *
 * The vectors plate1-cup1 + cup1-cup2 = plate1-plate2 + plate2-cup2 close in either order, so with the cup's line taken
 * as the crank the leaf's angle drives the linkage and the first arm is its coupler: no inversion is needed.
 *
 * @param place  a point of the hinge's plane in the space; `axis` is the plane's normal, x cross y
 * @param sense  1 where opening turns right-handed about `axis`
 * @param from, to  the travel, radians: throws where the hinge locks between there and shut
 */
export function cupHingeMotion(
  hinge: CupHinge,
  place: (x: number, y: number) => Point3,
  axis: Point3,
  sense: 1 | -1,
  from: number,
  to: number,
): Motion {
  const [p1] = hinge.plate;
  const [c1] = hinge.cup;
  const made = linkage(hinge, sense, from, to);
  if (typeof made === 'string') throw new Error(made);
  const { bar, start } = made;
  const zero = bar.angles(start).coupler;
  const crank = (travel: number) => start + sense * travel;
  const key = `cup hinge ${JSON.stringify(hinge)} ${sense}`;
  const boundsOver = (from: number, until: number) => {
    const [a, b] = [crank(from), crank(until)];
    return a < b ? bar.over(a, b) : bar.over(b, a);
  };
  const arm = {
    key: `${key} arm`,
    value: (travel: number) => bar.angles(crank(travel)).coupler - zero,
    rate: (travel: number) => sense * bar.rates(crank(travel)).coupler,
    over: (from: number, until: number) => boundsOver(from, until).coupler,
  };
  const against = {
    key: `${key} leaf`,
    value: (travel: number) => sense * travel - arm.value(travel),
    rate: (travel: number) => sense - arm.rate(travel),
    over: (from: number, until: number) => {
      const { middle, coupler } = boundsOver(from, until);
      const half = (coupler.bend * (until - from)) / 2;
      return {
        rate: Math.min(1 + coupler.rate, Math.abs(1 - middle.coupler) + half),
        bend: coupler.bend,
      };
    },
  };
  const turn = (point: readonly [number, number]) =>
    ({ kind: 'turn', point: place(point[0], point[1]), axis }) as const;
  // The first arm carries the cup round its plate pivot; about the cup pivot the leaf turns by what is left.
  return chain([
    { joint: turn(p1), drive: arm },
    { joint: turn(c1), drive: against, whole: ratio(sense) },
  ]);
}

/** Why a hinge's pivots make no linkage that opens so far, radians; undefined where they do. */
export function cupHingeFault(hinge: CupHinge, sense: 1 | -1, to: number): string | undefined {
  const made = linkage(hinge, sense, 0, to);
  return typeof made === 'string' ? made : undefined;
}

/** The four-bar that the cup's line drives, and where it starts; or why there is none. */
function linkage(
  { plate: [p1, p2], cup: [c1, c2] }: CupHinge,
  sense: 1 | -1,
  from: number,
  to: number,
): { bar: FourBar; start: number } | string {
  const none = 'The pivots of the hinge do not make a linkage as given.';
  const base = angle(p1, p2);
  const links = {
    crank: length(c1, c2),
    coupler: length(p1, c1),
    rocker: length(p2, c2),
    ground: length(p1, p2),
  };
  if (Object.values(links).some((link) => !(link > 0))) return none;
  const start = angle(c1, c2) - base;
  const armStart = angle(p1, c1) - base;
  const bar = [new FourBar(links, 'open'), new FourBar(links, 'crossed')].find((candidate) =>
    matches(candidate, start, armStart),
  );
  if (!bar) return none;
  const locks = (end: number): number | undefined => {
    const stop = bar.closesUntil(start, start + sense * end);
    return stop === undefined ? undefined : (Math.abs(stop - start) * 180) / Math.PI;
  };
  const opening = locks(Math.max(to, 0));
  if (opening !== undefined)
    return `The hinge locks at ${opening.toFixed(1)} degrees: it cannot open so far.`;
  const shutting = locks(Math.min(from, 0));
  if (shutting !== undefined)
    return `The hinge locks ${shutting.toFixed(1)} degrees beyond shut: it cannot go in so far.`;
  return { bar, start };
}

function matches(bar: FourBar, start: number, arm: number): boolean {
  try {
    const turns = (bar.angles(start).coupler - arm) / (2 * Math.PI);
    return Math.abs(turns - Math.round(turns)) < 1e-9;
  } catch {
    return false;
  }
}
