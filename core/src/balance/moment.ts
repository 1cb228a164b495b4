import type { Point3 } from '../solid/prism';
import type { Force, Situation } from './force';
import type { Interval } from './interval';

const MM_A_M = 1000;

/** A line that things turn about: a point on it, mm, and its unit direction. */
export interface Axis {
  readonly point: Point3;
  readonly direction: Point3;
}

/**
 * How forces turn what they act on about an axis, Nm: more than 0 by the right hand about its direction. From the least to the most
 * that the forces allow together.
 */
export function momentAbout(axis: Axis, forces: readonly Force[], situation: Situation): Interval {
  let [least, most] = [0, 0];
  for (const force of forces) {
    const arm = armAbout(axis, force.at(situation), force.toward(situation)) / MM_A_M;
    const newtons = force.newtons(situation);
    least += Math.min(arm * newtons.least, arm * newtons.most);
    most += Math.max(arm * newtons.least, arm * newtons.most);
  }
  return { least, most };
}

/** What a force of 1 N at a point turns about an axis, Nmm. */
function armAbout({ point, direction }: Axis, at: Point3, toward: Point3): number {
  const r = [at[0] - point[0], at[1] - point[1], at[2] - point[2]] as const;
  const turned = [
    r[1] * toward[2] - r[2] * toward[1],
    r[2] * toward[0] - r[0] * toward[2],
    r[0] * toward[1] - r[1] * toward[0],
  ] as const;
  return turned[0] * direction[0] + turned[1] * direction[1] + turned[2] * direction[2];
}

/** As near as a travel is looked for, in its own unit. */
const NEAR = 1e-9;
/** Less than this share of how far a moment changes is none. */
const NO_MOMENT = 1e-12;

/**
 * The travel at which what held a body no longer does: where the least moment that holds it falls to 0. Undefined where it holds all the
 * way. Of bodies that only slide the moment changes evenly, so the first such travel is the only one.
 *
 * @param holding  the moment that holds it, by the travel
 */
export function holdsUntil(
  holding: (travel: number) => Interval,
  from: number,
  to: number,
): number | undefined {
  const [first, last] = [holding(from).least, holding(to).least];
  if (last >= 0) return undefined;
  if (first < 0) return from;
  // Of what only slides the moment changes evenly: the travel is told to the last digits.
  const evenly = from + ((to - from) * first) / (first - last);
  if (Math.abs(holding(evenly).least) <= NO_MOMENT * (first - last)) return evenly;
  let [holds, gives] = [from, to];
  while (gives - holds > NEAR) {
    const middle = (holds + gives) / 2;
    if (holding(middle).least >= 0) holds = middle;
    else gives = middle;
  }
  return holds;
}
