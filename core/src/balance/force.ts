import { motionPose, moved, type Motion } from '../motion/motion';
import { GRAVITY, type Weight } from '../piece/mass';
import type { Point3 } from '../solid/prism';

/** All a force may hang on: how far its mover is, which way it goes, how warm it is, and what has given out, by the forces' keys. */
export interface Situation {
  readonly travel: number;
  readonly sense: 1 | -1;
  readonly celsius: number;
  readonly failed: ReadonlySet<string>;
}

/** At rest in a room that is warm, all whole. */
export const AT_EASE: Situation = { travel: 0, sense: 1, celsius: 20, failed: new Set() };

/** From the least to the most that something may be. */
export interface Interval {
  readonly least: number;
  readonly most: number;
}

export const exactly = (value: number): Interval => ({ least: value, most: value });

/** What pushes or pulls at one point of a body. */
export interface Force {
  readonly key: string;
  readonly kind: 'weight' | 'strut' | 'spring' | 'friction' | 'hand' | 'person';
  /** What it is, after "of": "the leaf", "a hand". */
  readonly words: string;
  /** Where it acts, mm, and the unit direction it acts in, both in the space. */
  at(situation: Situation): Point3;
  toward(situation: Situation): Point3;
  /** How strong, N; never less than 0. */
  newtons(situation: Situation): Interval;
}

const DOWN: Point3 = [0, 0, -1];
const whole = (key: string, newtons: (situation: Situation) => Interval) => (situation: Situation) =>
  situation.failed.has(key) ? exactly(0) : newtons(situation);

/** What weighs on a body at the middle of its weight, on its way; `motion` left out of what stands still. */
export function weightForce(
  key: string,
  words: string,
  { kg, centre }: Weight,
  motion?: Motion,
  kind: 'weight' | 'person' = 'weight',
): Force {
  return {
    key,
    kind,
    words,
    at: ({ travel }) => (motion ? moved(motionPose(motion, travel), centre) : centre),
    toward: () => DOWN,
    newtons: whole(key, () => exactly(kg * GRAVITY)),
  };
}

/** A hand that pushes a point of a body, always the same way in the space. */
export function handForce(
  key: string,
  words: string,
  at: Point3,
  toward: Point3,
  newtons: Interval,
  motion?: Motion,
): Force {
  return {
    key,
    kind: 'hand',
    words,
    at: ({ travel }) => (motion ? moved(motionPose(motion, travel), at) : at),
    toward: () => toward,
    newtons: whole(key, () => newtons),
  };
}

/** A gas strut as it is bought. */
export interface GasStrut {
  /** Push near its full extension as it extends, N, at 20 degrees. */
  readonly push: number;
  /** How much more than that it pushes fully pressed in: 1.2 to 1.6. */
  readonly progression: number;
  /** Its stroke and its length drawn out, mm. */
  readonly stroke: number;
  readonly extended: number;
  /** What its seals take or give, as a share of its push: more to press it in by so much. */
  readonly friction: number;
  /** How far one of a make may be off its push: 0.1 is a tenth either way. */
  readonly tolerance: number;
}

/** Kelvin at 0 degrees, and at the 20 that struts are sold by. */
const ZERO_C = 273.15;
const SOLD_AT_C = 20;

/**
 * What a gas strut pushes with at a length, N, as it goes out (sense 1) or in.
 *
 * @source derived: the gas is squeezed into what the rod leaves (F1 / (1 - x/S (1 - 1/k))) and its pressure goes with its absolute temperature;
 * friction inward common practice
 */
export function strutPush(strut: GasStrut, length: number, sense: 1 | -1, celsius: number): Interval {
  const { push, progression, stroke, extended, friction, tolerance } = strut;
  const pressed = Math.min(1, Math.max(0, (extended - length) / stroke));
  const gas = push / (1 - pressed * (1 - 1 / progression));
  const warm = (gas * (ZERO_C + celsius)) / (ZERO_C + SOLD_AT_C);
  const rubbed = warm * (sense === 1 ? 1 : 1 + friction);
  return { least: rubbed * (1 - tolerance), most: rubbed * (1 + tolerance) };
}

/** A strut between a point of a body and a fixed one: it pushes the body away from the fixed point. */
export function strutForce(
  key: string,
  words: string,
  strut: GasStrut,
  ends: { readonly on: Point3; readonly fixed: Point3; readonly motion: Motion; readonly opens: 1 | -1 },
): Force {
  const at = ({ travel }: Situation) => moved(motionPose(ends.motion, travel), ends.on);
  const along = (situation: Situation) => less(at(situation), ends.fixed);
  return {
    key,
    kind: 'strut',
    words,
    at,
    toward: (situation) => scaled(along(situation), 1 / long(along(situation))),
    // It goes out as its mover opens, or in: `opens` tells which.
    newtons: whole(key, (situation) =>
      strutPush(strut, long(along(situation)), (situation.sense * ends.opens) as 1 | -1, situation.celsius),
    ),
  };
}

/** A spring between a point of a body and a fixed one that pulls by so much a mm beyond its free length. */
export function springForce(
  key: string,
  words: string,
  spring: { readonly perMm: Interval; readonly free: number },
  ends: { readonly on: Point3; readonly fixed: Point3; readonly motion: Motion },
): Force {
  const at = ({ travel }: Situation) => moved(motionPose(ends.motion, travel), ends.on);
  const along = (situation: Situation) => less(ends.fixed, at(situation));
  return {
    key,
    kind: 'spring',
    words,
    at,
    toward: (situation) => scaled(along(situation), 1 / Math.max(1e-12, long(along(situation)))),
    newtons: whole(key, (situation) => {
      const stretched = Math.max(0, long(along(situation)) - spring.free);
      return { least: spring.perMm.least * stretched, most: spring.perMm.most * stretched };
    }),
  };
}

/**
 * What rubs where a body slides: against the way it goes, up to the coefficient's share of what presses it.
 *
 * @param way  the unit direction its point takes as the travel grows
 */
export function frictionForce(
  key: string,
  words: string,
  at: (situation: Situation) => Point3,
  way: Point3,
  pressed: Interval,
  coefficient: Interval,
): Force {
  return {
    key,
    kind: 'friction',
    words,
    at,
    toward: ({ sense }) => scaled(way, -sense),
    newtons: whole(key, () => ({
      least: pressed.least * coefficient.least,
      most: pressed.most * coefficient.most,
    })),
  };
}

const less = (a: Point3, b: Point3): Point3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const scaled = (a: Point3, by: number): Point3 => [a[0] * by, a[1] * by, a[2] * by];
const long = (a: Point3): number => Math.hypot(...a);
