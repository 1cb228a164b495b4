import { motionPose, moved, type Motion } from '../motion/motion';
import type { Point3 } from '../solid/prism';
import { long, scaled as longer } from '../solid/vector';
import { placeAlong, velocityAt } from './coordinate';
import type { Conditions, Force, Parts, Situation } from './force';
import { NOTHING, over as divided, scaled, size, sum, times, type Interval } from './interval';
import type { Figure } from './bounds';
import { handOf, type Poised } from './poise';
import { reactionsTo, type Reaction, type Support } from './reactions';

/** Where a hand takes hold of what turns. */
export interface Grip {
  readonly point: Point3;
  readonly motion: Motion;
}

const UNITS: readonly Point3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** A hand along the way of its grip, so strong that all stands still. */
function handAt(poised: Poised, grip: Grip, conditions: Conditions): Pick<Force, 'partsOver'> {
  const strength = handOf(poised, conditions);
  const places = UNITS.map((unit) => placeAlong(grip.motion, grip.point, unit));
  return {
    partsOver: (from, to) => {
      const newtons = scaled(strength(from, to), conditions.sense);
      const speed = poised.handle(from, to);
      const along = (axis: 0 | 1 | 2): Interval =>
        times(newtons, divided(places[axis]!.over(from, to).rate, speed));
      return [along(0), along(1), along(2)];
    },
  };
}

/** What an axis holds a leaf with as a hand moves it, along x, y and z, N: the opposite of all that acts on it. */
export function axisHolds(poised: Poised, forces: readonly Force[], grip: Grip, conditions: Conditions) {
  const hand = handAt(poised, grip, conditions);
  return (from: number, to: number): Parts => {
    const all = [...forces, hand].reduce<Parts>(
      (parts, force) => {
        const own = force.partsOver(from, to, conditions);
        return [sum(parts[0], own[0]), sum(parts[1], own[1]), sum(parts[2], own[2])];
      },
      [NOTHING, NOTHING, NOTHING],
    );
    return [scaled(all[0], -1), scaled(all[1], -1), scaled(all[2], -1)];
  };
}

/** How hard that is in all. */
export const sizeOf =
  (holds: (from: number, to: number) => Parts): Figure =>
  (from, to) => {
    const parts = holds(from, to);
    const sizes = parts.map(size);
    return {
      least: Math.hypot(...sizes.map(({ least }) => least)),
      most: Math.hypot(...sizes.map(({ most }) => most)),
    };
  };

const AXES: Support['holds'] = UNITS;

/**
 * What each place of a hinge holds with at one travel, N, as a hand moves the leaf: all of them as stiff.
 *
 * @param at  where the hinge is fixed, along its axis
 */
export function hingesHold(
  poised: Poised,
  forces: readonly Force[],
  grip: Grip,
  at: readonly Point3[],
  situation: Situation,
): Reaction[] | undefined {
  const { travel, sense } = situation;
  const way = velocityAt(grip.motion, grip.point, travel);
  const strength = handOf(poised, situation)(travel, travel);
  const middle = (strength.least + strength.most) / 2;
  const push = sense * middle;
  const hand: Force = {
    key: 'hand',
    kind: 'hand',
    words: 'a hand',
    at: () => moved(motionPose(grip.motion, travel), grip.point),
    toward: () => longer(way, Math.sign(push || 1) / Math.max(1e-12, long(way))),
    newtons: () => ({ least: Math.abs(push), most: Math.abs(push) }),
    over: () => NOTHING,
    partsOver: () => [NOTHING, NOTHING, NOTHING],
  };
  // What is between bounds is taken in its middle: the hand that balances it is.
  const known = forces.map((force): Force => ({
    ...force,
    newtons: (one) => {
      const { least, most } = force.newtons(one);
      return { least: (least + most) / 2, most: (least + most) / 2 };
    },
  }));
  return reactionsTo(
    at.map((point, i) => ({ key: String(i), at: point, holds: AXES })),
    [...known, hand],
    situation,
  );
}
