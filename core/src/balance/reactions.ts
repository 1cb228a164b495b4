import type { Point3 } from '../solid/prism';
import type { Force, Situation } from './force';
import { exactly, type Interval } from './interval';
import { eigenOf } from './eigen';

/** A fixing, or a place something rests on: where it is, and the unit directions in which it can hold. */
export interface Support {
  readonly key: string;
  readonly at: Point3;
  readonly holds: readonly Point3[];
}

/** What a support holds with: along each of its directions, N, and at most in all. */
export interface Reaction {
  readonly key: string;
  readonly along: readonly Interval[];
  /** The most it holds with, N, whatever the forces come to within their bounds. */
  readonly most: number;
}

/** A force and what it turns about a point: six numbers, N and N times the unit of length used. */
type Wrench = readonly number[];

/** Smaller than this share of the largest a direction is not held at all. */
const NOT_HELD = 1e-9;
/** More than this share of the load left over is a load that nothing holds. */
const LEFT_OVER = 1e-7;

/**
 * What each support holds with as forces act on a rigid body that hangs on them all, all being as stiff: of all ways to balance the
 * forces the one that strains the supports least. Where there are just enough of them it is the only one.
 *
 * @returns undefined where the supports leave the body free to go where the forces push it, all within their bounds
 * @source equilibrium of a rigid body; Moore 1920 and Penrose 1955 for the least of many solutions
 */
export function reactionsTo(
  supports: readonly Support[],
  forces: readonly Force[],
  situation: Situation,
): Reaction[] | undefined {
  const wrench = wrenchAbout(supports);
  const held = supports.flatMap(({ at, holds }) => holds.map((direction) => wrench(at, direction)));
  const answer = answering(held);
  const along = held.map(() => exactly(0));
  // What no support takes: the forces must balance in it by themselves.
  const leftOver = Array.from({ length: 6 }, () => exactly(0));
  let acting = 0;
  for (const force of forces) {
    const load = wrench(force.at(situation), force.toward(situation));
    const newtons = force.newtons(situation);
    const { each, left } = answer(load);
    acting += newtons.most * Math.hypot(...load);
    left.forEach((share, i) => (leftOver[i] = plus(leftOver[i]!, share, newtons)));
    each.forEach((share, k) => (along[k] = plus(along[k]!, share, newtons)));
  }
  const none = LEFT_OVER * acting;
  if (leftOver.some(({ least, most }) => least > none || most < -none)) return undefined;
  let next = 0;
  return supports.map(({ key, holds }) => {
    const own = along.slice(next, (next += holds.length));
    return {
      key,
      along: own,
      most: Math.hypot(...own.map(({ least, most }) => Math.max(Math.abs(least), Math.abs(most)))),
    };
  });
}

/** Forces as wrenches about the middle of some supports, lengths in the size of them all, so that turning and pushing weigh alike. */
function wrenchAbout(supports: readonly Support[]): (at: Point3, toward: Point3) => Wrench {
  const middle = meanOf(supports.map(({ at }) => at));
  const size = Math.max(1, ...supports.map(({ at }) => distance(at, middle)));
  return (at, toward) => {
    const r = at.map((x, i) => (x - middle[i]!) / size);
    return [
      ...toward,
      r[1]! * toward[2] - r[2]! * toward[1],
      r[2]! * toward[0] - r[0]! * toward[2],
      r[0]! * toward[1] - r[1]! * toward[0],
    ];
  };
}

/** What each held direction answers a load of 1 N with, and what of the load none of them takes. */
function answering(held: readonly Wrench[]): (load: Wrench) => { each: number[]; left: number[] } {
  const gram = Array.from({ length: 6 }, (_, i) =>
    Array.from({ length: 6 }, (_, j) => held.reduce((sum, one) => sum + one[i]! * one[j]!, 0)),
  );
  const { values, vectors } = eigenOf(gram);
  const largest = Math.max(...values);
  return (load) => {
    const strain = [0, 0, 0, 0, 0, 0];
    const left = [...load];
    values.forEach((value, k) => {
      if (value <= NOT_HELD * largest) return;
      const share = dot(vectors[k]!, load);
      for (let i = 0; i < 6; i += 1) {
        strain[i]! += (share / value) * vectors[k]![i]!;
        left[i]! -= share * vectors[k]![i]!;
      }
    });
    return { each: held.map((one) => -dot(one, strain)), left };
  };
}

/** An interval and so much of another. */
function plus({ least, most }: Interval, share: number, newtons: Interval): Interval {
  const [a, b] = [share * newtons.least, share * newtons.most];
  return { least: least + Math.min(a, b), most: most + Math.max(a, b) };
}

const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, x, i) => sum + x * b[i]!, 0);
const distance = (a: Point3, b: Point3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
const meanOf = (points: readonly Point3[]): Point3 => {
  const at = (i: 0 | 1 | 2) => points.reduce((sum, point) => sum + point[i], 0) / points.length;
  return [at(0), at(1), at(2)];
};
