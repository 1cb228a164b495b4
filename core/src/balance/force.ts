import { motionPose, moved, type Motion } from '../motion/motion';
import { GRAVITY, type Weight } from '../piece/mass';
import type { Point3 } from '../solid/prism';
import { less, long, scaled as longer } from '../solid/vector';
import { distanceTo, placeAlong, speedOver, turnAbout, velocityAt, type Coordinate } from './coordinate';
import {
  exactly,
  NOTHING,
  over as divided,
  rising,
  scaled,
  size,
  spanning,
  sum,
  times,
  type Interval,
} from './interval';
import { strutPush, type GasStrut } from './strut';

/** What a force hangs on besides the travel: which way its mover goes, how warm it is, whether its years are over, what has given out, by the forces' keys, and what weighs more than was reckoned. */
export interface Conditions {
  readonly sense: 1 | -1;
  readonly celsius: number;
  readonly aged: boolean;
  readonly failed: ReadonlySet<string>;
  /** All that weighs does so many times what it does, and some of it besides, by the forces' keys; once where it is not said. */
  readonly weighs?: number;
  readonly heavier?: ReadonlyMap<string, number>;
  /** What is left of the gas in struts that were let off, as a share; all of it where it is not said. */
  readonly gas?: number;
}

/** The same, at one travel. */
export interface Situation extends Conditions {
  readonly travel: number;
}

/** At rest in a room that is warm, all new and whole. */
export const AT_EASE: Situation = { travel: 0, sense: 1, celsius: 20, aged: false, failed: new Set() };

/** What drives a mover along its travel or holds it back. */
export interface Effort {
  readonly key: string;
  readonly kind: 'weight' | 'strut' | 'spring' | 'friction' | 'hand' | 'person';
  /** What it is, after "of": "the leaf", "a hand". */
  readonly words: string;
  /**
   * What it does along the travel over all of [from, to], within its bounds: Nmm of what turns, N of what slides; more than 0
   * opens. A stretch crosses no knot of the motion; one of no length is exact.
   */
  over(from: number, to: number, conditions: Conditions): Interval;
  /** Its content as text: two of the same, such as two struts side by side, do the same while both are whole. */
  readonly alike?: string;
}

/** What pushes or pulls at one point of a body. */
export interface Force extends Effort {
  /** Where it acts, mm, and the unit direction it acts in, both in the space. */
  at(situation: Situation): Point3;
  toward(situation: Situation): Point3;
  /** How strong, N; never less than 0. */
  newtons(situation: Situation): Interval;
  /** Its parts along x, y and z over all of [from, to], within their bounds, N. */
  partsOver(from: number, to: number, conditions: Conditions): Parts;
}

/** A push within its bounds, along x, y and z of the space. */
export type Parts = readonly [Interval, Interval, Interval];

const DOWN: Point3 = [0, 0, -1];
/** What has given out does nothing. */
const whole =
  <Asked extends readonly unknown[]>(key: string, of: (...asked: Asked) => Interval) =>
  (...asked: Asked): Interval => {
    const conditions = asked[asked.length - 1] as Conditions;
    return conditions.failed.has(key) ? NOTHING : of(...asked);
  };

const placed =
  (motion: Motion | undefined, point: Point3) =>
  ({ travel }: Situation): Point3 =>
    motion ? moved(motionPose(motion, travel), point) : point;

/** A force that is always the same and always acts the same way in the space. */
function constant(
  is: Pick<Force, 'key' | 'kind' | 'words'>,
  point: Point3,
  toward: Point3,
  newtons: Interval,
  motion: Motion | undefined,
): Force {
  const place = motion && placeAlong(motion, point, toward);
  const strong = ({ weighs = 1, heavier }: Conditions) => {
    if (is.kind !== 'weight') return newtons;
    const by = weighs * (heavier?.get(is.key) ?? 1);
    return by === 1 ? newtons : scaled(newtons, by);
  };
  const parts = partsOf((axis) => scaled(newtons, toward[axis]!));
  return {
    ...is,
    at: placed(motion, point),
    toward: () => toward,
    newtons: whole(is.key, strong),
    over: whole(is.key, (from: number, to: number, conditions: Conditions) =>
      place ? times(strong(conditions), place.over(from, to).rate) : NOTHING,
    ),
    partsOver(_from, _to, conditions) {
      if (conditions.failed.has(is.key)) return NO_PUSH;
      const now = strong(conditions);
      return now === newtons ? parts : partsOf((axis) => scaled(now, toward[axis]!));
    },
  };
}

const partsOf = (of: (axis: 0 | 1 | 2) => Interval): Parts => [of(0), of(1), of(2)];
const NO_PUSH: Parts = [NOTHING, NOTHING, NOTHING];
const UNITS: readonly Point3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

/** What weighs on a body at the middle of its weight, on its way; `motion` left out of what stands still. */
export const weightForce = (
  key: string,
  words: string,
  { kg, centre }: Weight,
  motion?: Motion,
  kind: 'weight' | 'person' = 'weight',
): Force => constant({ key, kind, words }, centre, DOWN, exactly(kg * GRAVITY), motion);

/** A hand that pushes a point of a body, always the same way in the space. */
export const handForce = (
  key: string,
  words: string,
  at: Point3,
  toward: Point3,
  newtons: Interval,
  motion?: Motion,
): Force => constant({ key, kind: 'hand', words }, at, toward, newtons, motion);

/** What is between a point of a body that moves and one that stands still. */
export interface Ends {
  readonly on: Point3;
  readonly fixed: Point3;
  readonly motion: Motion;
}

/**
 * A force along the line between its ends.
 *
 * @param parts   1 pushes them apart, -1 draws them together
 * @param strong  how strong it is over a range of its lengths, as they grow or shrink, N
 */
function between(
  is: Pick<Force, 'key' | 'kind' | 'words' | 'alike'>,
  { on, fixed, motion }: Ends,
  parts: 1 | -1,
  strong: (lengths: Interval, grows: 1 | -1, conditions: Conditions) => Interval,
): Force {
  const length = distanceTo(motion, on, fixed);
  const places = UNITS.map((unit) => placeAlong(motion, on, unit));
  const at = placed(motion, on);
  const overAll = (from: number, to: number, conditions: Conditions): Interval => {
    const { value, rate } = length.over(from, to);
    const { sense } = conditions;
    return scaled(
      times(
        eitherWay(rate, sense, (grows) => strong(value, grows, conditions)),
        rate,
      ),
      parts,
    );
  };
  return {
    ...is,
    at,
    toward: (situation) => {
      const along = less(at(situation), fixed);
      return longer(along, parts / Math.max(1e-12, long(along)));
    },
    newtons: whole(is.key, (situation: Situation) => {
      const { travel, sense } = situation;
      const grows = sense * length.rate(travel) >= 0 ? 1 : -1;
      return strong(exactly(length.value(travel)), grows, situation);
    }),
    over: whole(is.key, overAll),
    partsOver: (from, to, conditions) => {
      if (conditions.failed.has(is.key)) return NO_PUSH;
      const { value, rate } = length.over(from, to);
      const newtons = eitherWay(rate, conditions.sense, (grows) => strong(value, grows, conditions));
      return partsOf((axis) => {
        const along = sum(places[axis]!.over(from, to).value, exactly(-fixed[axis]!));
        return scaled(times(newtons, clipped(divided(along, value))), parts);
      });
    },
  };
}

/** A share of a whole is never more than it. */
const clipped = ({ least, most }: Interval): Interval => ({
  least: Math.max(-1, least),
  most: Math.min(1, most),
});

/** What holds as something grows, or shrinks: both where its rate has not one sign over a stretch. */
function eitherWay({ least, most }: Interval, sense: 1 | -1, of: (grows: 1 | -1) => Interval): Interval {
  const opposite = -sense as 1 | -1;
  if (least >= 0) return of(sense);
  if (most <= 0) return of(opposite);
  return spanning(of(sense), of(opposite));
}

/** A gas strut between a point of a body and a fixed one: it pushes them apart. */
export const strutForce = (key: string, words: string, strut: GasStrut, ends: Ends, alike?: string): Force =>
  between(
    { key, kind: 'strut', words, ...(alike !== undefined && { alike }) },
    ends,
    1,
    (lengths, grows, { celsius, aged, gas = 1 }) =>
      strutPush(strut, lengths, { sense: grows, celsius, aged, gas }),
  );

/** A spring as it pulls: so much when it just gives way, and so much a mm beyond its free length. */
export interface PullSpring {
  readonly perMm: Interval;
  readonly free: number;
  /** What it pulls with as soon as it is longer than free, N; a counterweight on a cord has no more. */
  readonly begins?: Interval;
}

/** A spring between a point of a body and a fixed one: it draws them together. */
export const springForce = (
  key: string,
  words: string,
  spring: PullSpring,
  ends: Ends,
  alike?: string,
): Force =>
  between({ key, kind: 'spring', words, ...(alike !== undefined && { alike }) }, ends, -1, (lengths) =>
    springPull(spring, lengths),
  );

export function springPull({ perMm, free, begins = NOTHING }: PullSpring, lengths: Interval): Interval {
  const pull = (mm: number, begin: number) => (length: number) =>
    length < free ? 0 : begin + mm * (length - free);
  return {
    least: rising(lengths, pull(perMm.least, begins.least)).least,
    most: rising(lengths, pull(perMm.most, begins.most)).most,
  };
}

/** What rubs where a stay's ends slide past each other: against the way they go, N. */
export const slidingStay = (key: string, words: string, newtons: Interval, ends: Ends): Effort => {
  const length = distanceTo(ends.motion, ends.on, ends.fixed);
  return rubbing(key, words, newtons, length);
};

/** What rubs along a coordinate, against the way that goes: N along a length, Nmm of a joint that turns. */
export const rubbing = (key: string, words: string, strength: Interval, coordinate: Coordinate): Effort => ({
  key,
  kind: 'friction',
  words,
  over: whole(key, (from: number, to: number, { sense }: Conditions) =>
    scaled(times(strength, size(coordinate.over(from, to).rate)), -sense),
  ),
});

/**
 * A spring in a hinge: what it turns with as the leaf is shut, and how much less for each radian that it opens, less than 0 where it is
 * wound up as the leaf opens.
 *
 * @param spring.turns  the way it turns the leaf; open where it is not said
 * @param about         the direction its leaf opens about, by the right hand
 */
export function turningSpring(
  key: string,
  words: string,
  spring: { readonly shut: Interval; readonly perRad: number; readonly turns?: 'open' | 'shut' },
  motion: Motion,
  about: Point3,
): Effort {
  const turn = turnAbout(motion, about);
  const way = spring.turns === 'shut' ? -1 : 1;
  return {
    key,
    kind: 'spring',
    words,
    over: whole(key, (from: number, to: number) => {
      const { value, rate } = turn.over(from, to);
      const turned = scaled(value, spring.perRad);
      // Wound off it does nothing more: it does not pull the leaf back.
      const left = {
        least: Math.max(0, spring.shut.least - turned.most),
        most: Math.max(0, spring.shut.most - turned.least),
      };
      return scaled(times(left, rate), way);
    }),
  };
}

/**
 * What rubs where a body slides: against the way it goes, up to the coefficient's share of what presses it.
 *
 * @param point  where it rubs, as built
 */
export function frictionForce(
  key: string,
  words: string,
  point: Point3,
  motion: Motion,
  pressed: Interval,
  coefficient: Interval,
): Force {
  const newtons = times(pressed, coefficient);
  return {
    key,
    kind: 'friction',
    words,
    at: placed(motion, point),
    toward: ({ travel, sense }) => {
      const way = velocityAt(motion, point, travel);
      return longer(way, -sense / Math.max(1e-12, long(way)));
    },
    newtons: whole(key, () => newtons),
    over: whole(key, (from: number, to: number, { sense }: Conditions) =>
      scaled(times(newtons, speedOver(motion, point, from, to)), -sense),
    ),
    // Along whatever way its point takes, to either side.
    partsOver: (_from, _to, { failed }) =>
      failed.has(key) ? NO_PUSH : partsOf(() => ({ least: -newtons.most, most: newtons.most })),
  };
}
