import type { Drive } from '../motion/drive';
import { poseAt, type Pose } from '../motion/joint';
import { after, AT_REST, motionPose, moved, type Motion, type Stage } from '../motion/motion';
import type { Point3 } from '../solid/prism';
import { across, cross, dot, less, long, plus, scaled } from '../solid/vector';
import {
  about,
  cosines,
  exactly,
  passes,
  product,
  scaled as times,
  size,
  sum,
  times as multiplied,
  type Interval,
} from './interval';

/**
 * A figure that changes as a mover goes: how high a point of it is, how far from another, how far it has turned. Forces act along
 * one: what they do is their strength times its rate. Travels are the mover's own; what is asked over a stretch crosses no knot.
 */
export interface Coordinate {
  /** mm, or radians. */
  value(travel: number): number;
  /** By the travel, against which the mover opens: at a knot that of the later stretch. */
  rate(travel: number): number;
  /** Bounds on both over [from, to]; exact where the two are the same. */
  over(from: number, to: number): { readonly value: Interval; readonly rate: Interval };
}

/** One joint that turns evenly with the travel: most that moves. What it does to points has closed forms. */
interface EvenTurn {
  readonly point: Point3;
  readonly axis: Point3;
  /** Radians of turn at travel 0, and for a unit of travel. */
  readonly start: number;
  readonly by: number;
}

function evenTurnOf({ knots, stagesAt }: Motion): EvenTurn | undefined {
  if (knots.length > 0) return undefined;
  const stages = stagesAt(0);
  const [only] = stages;
  if (stages.length !== 1 || only!.joint.kind !== 'turn' || !only!.drive.even) return undefined;
  return {
    point: only!.joint.point,
    axis: only!.joint.axis,
    start: only!.drive.value(0),
    by: only!.drive.rate(0),
  };
}

/** How far a point of a mover is along a direction of the space, mm: along "up", how high. */
export function placeAlong(motion: Motion, point: Point3, direction: Point3): Coordinate {
  const turn = evenTurnOf(motion);
  if (turn) return turningAlong(turn, point, direction);
  const chain = turnsOf(motion);
  return chain ? chainAlong(chain, point, direction) : bounded(alongOf(motion, point, direction));
}

/** Its place along the direction is middle + radius cos(turn + phase). */
function turningAlong(
  { point: on, axis, start, by }: EvenTurn,
  point: Point3,
  direction: Point3,
): Coordinate {
  const arm = less(point, on);
  const out = across(arm, axis);
  const [x, y] = [dot(out, direction), dot(cross(axis, out), direction)];
  const [middle, radius] = [dot(on, direction) + dot(less(arm, out), direction), Math.hypot(x, y)];
  const phase = Math.atan2(-y, x);
  const angle = (travel: number) => start + by * travel + phase;
  return {
    value: (travel) => middle + radius * Math.cos(angle(travel)),
    rate: (travel) => -radius * by * Math.sin(angle(travel)),
    over: (from, to) => {
      if (from === to) {
        const f = angle(from);
        return { value: exactly(middle + radius * Math.cos(f)), rate: exactly(-radius * by * Math.sin(f)) };
      }
      const [a, b] = ordered(angle(from), angle(to));
      const cos = cosines(a, b);
      return {
        value: { least: middle + radius * cos.least, most: middle + radius * cos.most },
        // -sin(x) is cos(x + quarter turn).
        rate: times(cosines(a + QUARTER, b + QUARTER), radius * by),
      };
    },
  };
}

/** Joints that turn about parallel axes: each carries the next at an arm, and all an arm has turned is known. */
interface ChainOfTurns {
  readonly axis: Point3;
  /** Where each joint is as built, and the drives whose sum its arm is turned by. */
  readonly joints: readonly { readonly point: Point3; readonly turns: readonly Signed[] }[];
}
interface Signed {
  readonly drive: Drive;
  readonly sign: 1 | -1;
}

/** Axes nearer to parallel than this count as parallel. */
const PARALLEL = 1e-12;

function turnsOf({ knots, stagesAt }: Motion): ChainOfTurns | undefined {
  if (knots.length > 0) return undefined;
  const stages = stagesAt(0);
  const first = stages[0]?.joint;
  if (first?.kind !== 'turn') return undefined;
  const joints: { point: Point3; turns: readonly Signed[] }[] = [];
  let turned: readonly Signed[] = [];
  for (const { joint, drive, whole } of stages) {
    if (joint.kind !== 'turn') return undefined;
    const along = dot(joint.axis, first.axis);
    if (Math.abs(along) < 1 - PARALLEL) return undefined;
    // What is known as a whole is better known than the sum of its turns.
    turned = whole ? [{ drive: whole, sign: 1 }] : [...turned, { drive, sign: along > 0 ? 1 : -1 }];
    joints.push({ point: joint.point, turns: turned });
  }
  return { axis: first.axis, joints };
}

interface Turned {
  readonly at: Interval;
  readonly rate: Interval;
}

/** How far an arm has turned, and how fast it turns, over a stretch; `evenly` how fast, of one whose turns are all even. */
interface ArmTurn {
  readonly evenly: number | undefined;
  over(from: number, to: number): Turned;
}

function armTurn(turns: readonly Signed[]): ArmTurn {
  if (turns.every(({ drive }) => drive.even)) {
    const of = (what: 'value' | 'rate') =>
      turns.reduce((all, { drive, sign }) => all + sign * drive[what](0), 0);
    const [start, by] = [of('value'), of('rate')];
    const rate = exactly(by);
    return {
      evenly: by,
      over: (from, to) => {
        const [least, most] = ordered(start + by * from, start + by * to);
        return { at: { least, most }, rate };
      },
    };
  }
  return { evenly: undefined, over: (from, to) => turnedOver(turns, from, to) };
}

function turnedOver(turns: readonly Signed[], from: number, to: number): Turned {
  const [middle, half] = [(from + to) / 2, (to - from) / 2];
  let [at, rate, bend] = [0, 0, 0];
  for (const { drive, sign } of turns) {
    at += sign * drive.value(middle);
    rate += sign * drive.rate(middle);
    if (half === 0 || drive.even) continue;
    bend += drive.over(from, to).bend;
  }
  const drift = product(bend, half);
  const fastest = Math.abs(rate) + drift;
  return { at: about(at, product(fastest, half)), rate: about(rate, drift) };
}

const QUARTER = Math.PI / 2;

/** Its place is that of the first joint and every arm from one to the next, each turned: middle + the sum of radius cos(turn + phase). */
function chainAlong({ axis, joints }: ChainOfTurns, point: Point3, direction: Point3): Coordinate {
  const ends = [...joints.slice(1).map((joint) => joint.point), point];
  let middle = dot(joints[0]!.point, direction);
  const arms = joints.flatMap((joint, i) => {
    const arm = less(ends[i]!, joint.point);
    const out = across(arm, axis);
    middle += dot(less(arm, out), direction);
    const [x, y] = [dot(out, direction), dot(cross(axis, out), direction)];
    const [radius, phase, turn] = [Math.hypot(x, y), Math.atan2(-y, x), armTurn(joint.turns)];
    if (turn.evenly !== 0) return [{ turn, radius, phase }];
    // One that keeps its way stands as it is.
    middle += radius * Math.cos(turn.over(0, 0).at.least + phase);
    return [];
  });
  const over = (from: number, to: number) => {
    let [value, rate] = [exactly(middle), exactly(0)];
    for (const { turn, radius, phase } of arms) {
      const turned = turn.over(from, to);
      const [a, b] = [turned.at.least + phase, turned.at.most + phase];
      const finite = Number.isFinite(a) && Number.isFinite(b);
      const [cos, sin] = finite ? [cosines(a, b), cosines(a + QUARTER, b + QUARTER)] : [ANY, ANY];
      value = sum(value, times(cos, radius));
      rate = sum(rate, times(multiplied(sin, turned.rate), radius));
    }
    return { value, rate };
  };
  return {
    value: (travel) => over(travel, travel).value.least,
    rate: (travel) => over(travel, travel).rate.least,
    over,
  };
}
const ANY: Interval = { least: -1, most: 1 };

/** How far a point of a mover is from one that stands still, mm. It never comes to 0. */
export function distanceTo(motion: Motion, point: Point3, still: Point3): Coordinate {
  const turn = evenTurnOf(motion);
  return turn ? turningFrom(turn, point, still) : bounded(distanceOf(motion, point, still));
}

/**
 * l^2 = a^2 + b^2 + h^2 - 2ab cos f, and dl/df = ab sin f / l, which is greatest where P c^2 - S c + P = 0, c = cos f.
 *
 * @source derived: the cosine rule in the plane across the axis, h the way between the two along it
 */
function turningFrom({ point: on, axis, start, by }: EvenTurn, point: Point3, still: Point3): Coordinate {
  const inPlane = (one: Point3) => {
    const arm = less(one, on);
    return { along: dot(arm, axis), out: across(arm, axis) };
  };
  const [p, q] = [inPlane(point), inPlane(still)];
  const product = long(p.out) * long(q.out);
  const squares = dot(p.out, p.out) + dot(q.out, q.out) + (p.along - q.along) ** 2;
  // From the still one to the moving one, in the sense of the turn.
  const between = Math.atan2(dot(cross(q.out, p.out), axis), dot(q.out, p.out));
  const angle = (travel: number) => between + start + by * travel;
  const lengthOf = (cos: number) => Math.sqrt(Math.max(0, squares - 2 * product * cos));
  const leverOf = (f: number, length: number) => (product * Math.sin(f)) / Math.max(1e-12, length);
  const steepest =
    product > 0
      ? Math.acos((squares - Math.sqrt(Math.max(0, squares ** 2 - 4 * product ** 2))) / (2 * product))
      : undefined;
  const greatest = steepest === undefined ? 0 : leverOf(steepest, lengthOf(Math.cos(steepest)));
  const at = (f: number) => {
    const length = lengthOf(Math.cos(f));
    return { length, lever: leverOf(f, length) };
  };
  return {
    value: (travel) => at(angle(travel)).length,
    rate: (travel) => by * at(angle(travel)).lever,
    over: (from, to) => {
      if (from === to) {
        const { length, lever } = at(angle(from));
        return { value: exactly(length), rate: exactly(by * lever) };
      }
      const [a, b] = ordered(angle(from), angle(to));
      const [cosA, cosB] = [Math.cos(a), Math.cos(b)];
      const [lengthA, lengthB] = [lengthOf(cosA), lengthOf(cosB)];
      const [leverA, leverB] = [leverOf(a, lengthA), leverOf(b, lengthB)];
      let [least, most] = ordered(leverA, leverB);
      if (steepest !== undefined) {
        if (passes(a, b, steepest)) most = Math.max(most, greatest);
        if (passes(a, b, -steepest)) least = Math.min(least, -greatest);
      }
      return {
        value: {
          least: passes(a, b, 0) ? lengthOf(1) : Math.min(lengthA, lengthB),
          most: passes(a, b, Math.PI) ? lengthOf(-1) : Math.max(lengthA, lengthB),
        },
        rate: times({ least, most }, by),
      };
    },
  };
}

/** How far a joint has gone by its own drive: what springs and friction in a hinge act along. */
export const coordinateOf = (drive: Drive): Coordinate =>
  bounded({
    value: (travel) => drive.value(travel),
    rate: (travel) => drive.rate(travel),
    bendOver: (from, to) => drive.over(from, to).bend,
  });

/** How far a motion turns its body about a direction, radians: the sum of its turns that run along it. */
export function turnAbout(motion: Motion, direction: Point3): Coordinate {
  const turns = (travel: number) =>
    motion
      .stagesAt(travel)
      .flatMap(({ joint, drive }) =>
        joint.kind === 'turn' ? [{ drive, by: dot(joint.axis, direction) }] : [],
      );
  const total = (travel: number, of: (drive: Drive) => number) =>
    turns(travel).reduce((all, { drive, by }) => all + by * of(drive), 0);
  return bounded({
    value: (travel) => total(travel, (drive) => drive.value(travel)),
    rate: (travel) => total(travel, (drive) => drive.rate(travel)),
    bendOver: (from, to) =>
      turns((from + to) / 2).reduce(
        (all, { drive, by }) => all + Math.abs(by) * drive.over(from, to).bend,
        0,
      ),
  });
}

/** How fast a point of a mover goes over a stretch, mm a unit of travel, from the least to the most. */
export function speedOf(motion: Motion, point: Point3): (from: number, to: number) => Interval {
  const turn = evenTurnOf(motion);
  if (turn) {
    const arm = less(point, turn.point);
    const speed = exactly(Math.abs(turn.by) * long(across(arm, turn.axis)));
    return () => speed;
  }
  const chain = turnsOf(motion);
  if (chain) return chainSpeed(chain, point);
  return (from, to) => {
    const middle = (from + to) / 2;
    const drift = (bendOf(motion, point, from, to) * (to - from)) / 2;
    const speed = long(velocityAt(motion, point, middle));
    return { least: Math.max(0, speed - drift), most: speed + drift };
  };
}

/** The same, over one stretch. */
export const speedOver = (motion: Motion, point: Point3, from: number, to: number): Interval =>
  speedOf(motion, point)(from, to);

/**
 * The velocities of the arms added up in the plane across their axes: exact where one arm alone turns, as on parallel arms.
 *
 * @source the law of cosines: v^2 = sum (r w)^2 + 2 sum r w r' w' cos of what is between the two
 */
function chainSpeed({ axis, joints }: ChainOfTurns, point: Point3): (from: number, to: number) => Interval {
  const [x, y] = squareTo(axis);
  const ends = [...joints.slice(1).map((joint) => joint.point), point];
  const arms = joints
    .map(({ point: from, turns }, i) => {
      const out = across(less(ends[i]!, from), axis);
      return { turn: armTurn(turns), radius: long(out), phase: Math.atan2(dot(out, y), dot(out, x)) };
    })
    .filter(({ turn, radius }) => radius > 0 && turn.evenly !== 0);
  const [only] = arms;
  if (arms.length === 1 && only!.turn.evenly !== undefined) {
    const speed = exactly(Math.abs(only!.turn.evenly) * only!.radius);
    return () => speed;
  }
  return (from, to) => {
    const turning = arms.map(({ turn, radius, phase }) => ({ radius, phase, ...turn.over(from, to) }));
    let [least, most] = [0, 0];
    turning.forEach(({ radius, phase, at, rate }, i) => {
      const fast = times(size(rate), radius);
      least += fast.least ** 2;
      most += fast.most ** 2;
      for (const other of turning.slice(0, i)) {
        const [a, b] = [
          phase - other.phase + at.least - other.at.most,
          phase - other.phase + at.most - other.at.least,
        ];
        const between = Number.isFinite(a) && Number.isFinite(b) ? cosines(a, b) : ANY;
        const both = multiplied(multiplied(rate, other.rate), between);
        least += 2 * radius * other.radius * both.least;
        most += 2 * radius * other.radius * both.most;
      }
    });
    return { least: Math.sqrt(Math.max(0, least)), most: Math.sqrt(Math.max(0, most)) };
  };
}

/** Two unit directions square to an axis and to each other. */
function squareTo(axis: Point3): readonly [Point3, Point3] {
  const other: Point3 = Math.abs(axis[0]) < 0.9 ? [1, 0, 0] : [0, 1, 0];
  const out = across(other, axis);
  const x = scaled(out, 1 / long(out));
  return [x, cross(axis, x)];
}

/** A figure with its rate, and a bound on how much the rate itself changes: all that bounds it over a stretch. */
interface Smooth {
  value(travel: number): number;
  rate(travel: number): number;
  /** No more than this is its second derivative over [from, to]. */
  bendOver(from: number, to: number): number;
}

/** Bounds from the middle of a stretch: the rate by its change, the value by the rate. */
function bounded({ value, rate, bendOver }: Smooth): Coordinate {
  return {
    value,
    rate,
    over: (from, to) => {
      const [middle, half] = [(from + to) / 2, (to - from) / 2];
      const bend = half > 0 ? bendOver(from, to) : 0;
      const rates = half > 0 ? about(rate(middle), bend * half) : about(rate(middle), 0);
      const fastest = Math.max(Math.abs(rates.least), Math.abs(rates.most));
      return { value: about(value(middle), fastest * half), rate: rates };
    },
  };
}

const alongOf = (motion: Motion, point: Point3, direction: Point3): Smooth => ({
  value: (travel) => dot(moved(motionPose(motion, travel), point), direction),
  rate: (travel) => dot(velocityAt(motion, point, travel), direction),
  bendOver: (from, to) => bendOf(motion, point, from, to),
});

/** L'' = (|v|^2 - L'^2) / L + a.u, so no more than |a| + |v|^2 / L. */
const distanceOf = (motion: Motion, point: Point3, still: Point3): Smooth => {
  const offset = (travel: number) => less(moved(motionPose(motion, travel), point), still);
  return {
    value: (travel) => long(offset(travel)),
    rate: (travel) => {
      const along = offset(travel);
      return dot(along, velocityAt(motion, point, travel)) / Math.max(1e-12, long(along));
    },
    bendOver: (from, to) => {
      const fast = speedOver(motion, point, from, to).most;
      const near = long(offset((from + to) / 2)) - (fast * (to - from)) / 2;
      return near > 0 ? bendOf(motion, point, from, to) + fast ** 2 / near : Infinity;
    },
  };
};

/** How a point goes at a travel, mm a unit of it. */
export const velocityAt = (motion: Motion, point: Point3, travel: number): Point3 =>
  flightOf(motion, point, travel).velocity;

/** The same, with the arm each joint swings or pushes it by. */
function flightOf(motion: Motion, point: Point3, travel: number) {
  const stages = motion.stagesAt(travel);
  const at = moved(motionPose(motion, travel), point);
  const arms: number[] = [];
  let velocity: Point3 = [0, 0, 0];
  let pose = motionPose(AT_REST, travel);
  for (const stage of stages) {
    const { joint, drive } = stage;
    const arm = joint.kind === 'slide' ? turnedBy(pose, joint.direction) : swing(stage, pose, at);
    arms.push(long(arm));
    velocity = plus(velocity, scaled(arm, drive.rate(travel)));
    pose = after(pose, poseAt(joint, drive.value(travel)));
  }
  return { velocity, arms };
}

/** What a turn of 1 radian does to a point, mm. */
function swing({ joint }: Stage, pose: Pose, at: Point3): Point3 {
  if (joint.kind !== 'turn') throw new Error('Only a turn swings.');
  return cross(turnedBy(pose, joint.axis), less(at, moved(pose, joint.point)));
}

/**
 * No more than this is a point's acceleration by the travel over a stretch, mm: each joint's own change times its arm, and for every two
 * joints the turn of the outer one times the speed that the inner one gives, the outer one's own being turned once.
 *
 * @source Brockett 1984: the product of exponentials differentiated twice
 */
function bendOf(motion: Motion, point: Point3, from: number, to: number): number {
  const middle = (from + to) / 2;
  const half = (to - from) / 2;
  const stages = motion.stagesAt(middle);
  const { arms } = flightOf(motion, point, middle);
  const bounds = stages.map(({ drive }) => drive.over(from, to));
  // Over the stretch an arm grows by no more than all joints move its point and its own axis.
  const reach = arms.map((_, i) =>
    stages[i]!.joint.kind === 'slide' ? 1 : arms[i]! + 2 * wander(stages, arms, bounds, half),
  );
  let bend = 0;
  let turning = 0;
  stages.forEach(({ joint }, i) => {
    const speed = product(bounds[i]!.rate, reach[i]!);
    bend += product(bounds[i]!.bend, reach[i]!) + product(2 * turning, speed);
    if (joint.kind === 'turn') {
      bend += product(bounds[i]!.rate, speed);
      turning += bounds[i]!.rate;
    }
  });
  return bend;
}

/** How far a point and the axes it hangs on may be from where they are half-way along a stretch, mm; Infinity where it is too long to say. */
function wander(
  stages: readonly Stage[],
  arms: readonly number[],
  bounds: readonly { readonly rate: number }[],
  half: number,
): number {
  const turns = stages.map(({ joint }, i) => (joint.kind === 'turn' ? bounds[i]!.rate * half : 0));
  const slides = stages.reduce(
    (all, { joint }, i) => all + (joint.kind === 'slide' ? bounds[i]!.rate * half : 0),
    0,
  );
  const longest = Math.max(0, ...arms.filter((_, i) => stages[i]!.joint.kind === 'turn'));
  const turned = turns.reduce((all, one) => all + one, 0);
  // way <= turned (longest + 2 way) + slides.
  return 1 - 2 * turned > 0 ? (turned * longest + slides) / (1 - 2 * turned) : Infinity;
}

const ordered = (a: number, b: number): readonly [number, number] => (a <= b ? [a, b] : [b, a]);

const turnedBy = (pose: Pose, v: Point3): Point3 => less(moved(pose, v), pose.shift);
