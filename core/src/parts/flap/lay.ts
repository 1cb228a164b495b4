import type { Opening } from '../../carcass/layout';
import type { HardwareOf } from '../../hardware/schema';
import { frameOf, type Frame } from '../../item/frame';
import { ratio } from '../../motion/drive';
import { fourBarMotions } from '../../motion/fourBar';
import { AT_REST, chain, type Motion } from '../../motion/motion';
import { middleOf, type Bounds, type Range } from '../../solid/bounds';
import type { Point3 } from '../../solid/prism';
import { cross, dot, less } from '../../solid/vector';
import type { PartPlace } from '../contract/family';
import { openingOf } from '../kit/fronts';
import { frontAt, frontOver, type Over } from '../kit/turning/frontFit';
import { levelHingeItem, pinOut } from '../kit/turning/hinge';
import { helpRoom, stayItem, stayLong } from '../kit/turning/help';
import {
  atPlane,
  axisOf,
  DIRECTIONS,
  fromAxis,
  turnOf,
  turnsUntil,
  type TurningPlane,
} from '../kit/turning/plane';
import type { LevelHinge } from '../kit/turning/schema';
import { hangsAtFoot } from './fresh';
import type { Flap, FlapWay } from './schema';

export const RADIANS = Math.PI / 180;

/** A leaf of a flap: one, or the two that fold. */
export interface FlapLeaf {
  /** Of its link; the mover's own of the main one. */
  readonly key: string;
  readonly of: '' | 'upper' | 'lower';
  readonly at: Bounds;
  readonly motion: Motion;
}

/** A bar on either side, between its ends in the frame's (y, z), shut, and how it goes. */
export interface FlapArm {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  readonly motion: Motion;
}

export interface Stop {
  readonly words: string;
  readonly at: number;
}

export interface LaidFlap {
  readonly flap: Flap;
  readonly place: PartPlace;
  readonly frame: Frame;
  readonly opening: Opening;
  readonly over: Over;
  readonly thick: number;
  /** All of it, shut. */
  readonly whole: Bounds;
  readonly leaves: readonly FlapLeaf[];
  /** What its help acts on turns in this: its leaf, the upper one, or its arms. */
  readonly plane: TurningPlane;
  readonly hinge: LevelHinge | undefined;
  readonly knuckle: number;
  /** Where what is between it and its case stands along its axis. */
  readonly helpX: readonly number[];
  /** The same at its left end and its right, of what stands at either. */
  readonly ends: Range;
  readonly arms: readonly FlapArm[];
  readonly armX: readonly number[];
  readonly opens: 'up' | 'down';
  /** Where a hand takes hold of it, in the frame, and how that goes. */
  readonly grip: Point3;
  readonly to: number;
  readonly stops: readonly Stop[];
  /** Why its arms cannot carry it so far, where they cannot. */
  readonly fault: string | undefined;
}

/** Behind the leaf's inner face its bracket holds an arm's pivot, mm. Common practice. */
const BRACKET = 15;

export const isTurning = (way: FlapWay): way is Extract<FlapWay, { hinge: LevelHinge }> => 'hinge' in way;
export function layFlap(flap: Flap, place: PartPlace): LaidFlap {
  const { carcass, stock, hardware } = place;
  const frame = frameOf(carcass);
  const opening = openingOf(flap, place);
  const over = frontOver(flap.fit, opening);
  const thick = stock.thickness(flap.material);
  const whole: Bounds = frontAt(flap.fit, opening, over, thick);
  const { way } = flap;
  const hinge = isTurning(way) ? way.hinge : undefined;
  const item = hinge && levelHingeItem(hinge, hardware);
  const plane = isTurning(way)
    ? hingePlane(frame, whole, thick, way.hinge, hangsAtFoot(way))
    : armPlane(frame, whole, opening, way, hardware.find(way.hardware, 'lift arms'));
  const { off } = helpRoom(flap.help, hardware);
  const ends: Range = [opening.inside.left + off, opening.inside.right - off];
  const stops = stopsOf(flap, place, plane, item?.opens);
  const to = stops[0]!.at;
  const laid = {
    flap,
    place,
    frame,
    opening,
    over,
    thick,
    whole,
    plane,
    hinge,
    knuckle: (item?.knuckle ?? 0) / 2,
    ends,
    helpX: 'count' in flap.help && flap.help.count === 1 ? [ends[0]] : ends,
    armX: [ends[0] + 2 * off, ends[1] - 2 * off],
    opens: hangsAtFoot(way) ? ('down' as const) : ('up' as const),
    to,
    stops,
    grip: gripOf(flap, whole),
  };
  return { ...laid, ...goingOf(flap, place, plane, whole, to) };
}

function hingePlane(
  frame: Frame,
  whole: Bounds,
  thick: number,
  hinge: LevelHinge,
  atFoot: boolean,
): TurningPlane {
  // The pin is out of its outer face, within it, or behind the inner one; level with the edge it turns about.
  const y = whole.y[0] - pinOut(hinge, thick);
  const z = atFoot ? whole.z[0] : whole.z[1];
  return {
    frame,
    axis: [y, z],
    ...(atFoot ? DIRECTIONS.standing : DIRECTIONS.hanging),
    face: whole.y[1] - y,
  };
}

/** Arms hang from the sides of the case, their ends at a bracket behind the leaf. */
function armPlane(
  frame: Frame,
  whole: Bounds,
  opening: Opening,
  way: Extract<FlapWay, { kind: 'parallel arms' }>,
  item: HardwareOf<'lift arms'> | undefined,
): TurningPlane {
  const hang = way.hang * RADIANS;
  const [c, s] = [Math.cos(hang), Math.sin(hang)];
  const long = item?.long ?? 0;
  return {
    frame,
    axis: [whole.y[1] + BRACKET + long * c, opening.top.at - way.down.mm],
    along: [-c, -s],
    into: [s, -c],
    face: 0,
  };
}

function stopsOf(
  { help, stay, limit }: Flap,
  { hardware }: PartPlace,
  plane: TurningPlane,
  opens: number | undefined,
): Stop[] {
  const stops: Stop[] = [{ words: 'as far as was wanted', at: limit * RADIANS }];
  if (opens !== undefined) stops.push({ words: 'by its hinge', at: opens * RADIANS });
  const item = stay && stayItem(stay.hardware, hardware);
  if (stay && item) {
    const at = turnsUntil(fromAxis(plane, stay.onLeaf), fromAxis(plane, stay.onCase), stayLong(item));
    if (at !== undefined) stops.push({ words: 'by its stay', at: Math.max(0, at) });
  }
  const strut = help.kind === 'gas struts' ? hardware.find(help.hardware, 'gas strut') : undefined;
  if (help.kind === 'gas struts' && strut) {
    const at = turnsUntil(fromAxis(plane, help.onLeaf), fromAxis(plane, help.onCase), strut.extended);
    if (at !== undefined) stops.push({ words: 'by its struts, drawn out wholly', at: Math.max(0, at) });
  }
  return stops.sort((a, b) => a.at - b.at);
}

/** In the middle of its free edge. */
function gripOf({ way }: Flap, { x, y, z }: Bounds): Point3 {
  return [middleOf(x), y[0], hangsAtFoot(way) ? z[1] : z[0]];
}

function goingOf(
  flap: Flap,
  place: PartPlace,
  plane: TurningPlane,
  whole: Bounds,
  to: number,
): Pick<LaidFlap, 'leaves' | 'arms' | 'fault'> {
  const { way } = flap;
  if (way.kind === 'parallel arms') return onArms(flap, place, plane, whole, way);
  if (way.kind === 'double fold') return folding(flap, plane, whole, way, to);
  return {
    leaves: [{ key: flap.id, of: '', at: whole, motion: turnOf(plane) }],
    arms: [],
    fault: undefined,
  };
}

function onArms(
  flap: Flap,
  { hardware }: PartPlace,
  plane: TurningPlane,
  whole: Bounds,
  way: Extract<FlapWay, { kind: 'parallel arms' }>,
): Pick<LaidFlap, 'leaves' | 'arms' | 'fault'> {
  const item = hardware.find(way.hardware, 'lift arms');
  const [long, apart] = [item?.long ?? 0, item?.apart ?? 0];
  const turn = turnOf(plane);
  const end = atPlane(plane, long, 0);
  const axis = axisOf(plane);
  const back = {
    joint: { kind: 'turn', point: plane.frame.toSpace([0, end[0], end[1]]), axis } as const,
    drive: ratio(-1),
    // Both turns undo each other: it stands upright all the way.
    whole: ratio(0),
  };
  const motion = chain([...turn.stagesAt(0), back]);
  const lower = { ...plane, axis: [plane.axis[0], plane.axis[1] - apart] as const };
  const arm = (one: TurningPlane): FlapArm => ({
    from: one.axis,
    to: atPlane(one, long, 0),
    motion: turnOf(one),
  });
  return {
    leaves: [{ key: flap.id, of: '', at: whole, motion }],
    arms: [arm(plane), arm(lower)],
    fault: undefined,
  };
}

/** The upper leaf is the crank, the lower one the coupler, the arm the rocker of a linkage; both ground pivots are on the case. */
function folding(
  flap: Flap,
  plane: TurningPlane,
  whole: Bounds,
  way: Extract<FlapWay, { kind: 'double fold' }>,
  to: number,
): Pick<LaidFlap, 'leaves' | 'arms' | 'fault'> {
  const top = whole.z[1];
  const split = top - way.upper.mm;
  const [y, z] = plane.axis;
  // Inner face comes to inner face: they fold about a line there, and the arm holds the lower one by a bracket behind it.
  const fold: readonly [number, number] = [whole.y[1], split - way.gap.mm / 2];
  const onLeaf: readonly [number, number] = [whole.y[1] + BRACKET, fold[1] - way.arm.onLeaf.mm];
  const fixed: readonly [number, number] = [whole.y[1] + way.arm.back.mm, top - way.arm.down.mm];
  const apart = (a: readonly [number, number], b: readonly [number, number]) =>
    Math.hypot(a[0] - b[0], a[1] - b[1]);
  const lengths = {
    crank: apart(plane.axis, fold),
    coupler: apart(fold, onLeaf),
    rocker: apart(fixed, onLeaf),
  };
  const point = ([u, w]: readonly [number, number]): Point3 => plane.frame.toSpace([0, u, w]);
  const axis = axisOf(plane);
  const upper: Bounds = { ...whole, z: [split, top] };
  const lower: Bounds = { ...whole, z: [whole.z[0], split - way.gap.mm] };
  const made = (coupler: Motion, rocker: Motion, fault?: string) => ({
    leaves: [
      { key: flap.id, of: 'upper' as const, at: upper, motion: turnOf(plane) },
      { key: `${flap.id}/lower`, of: 'lower' as const, at: lower, motion: coupler },
    ],
    arms: [{ from: fixed, to: onLeaf, motion: rocker }],
    fault,
  });
  // Angles about the axis, from the line of the ground pivots.
  const first = point([y, z]);
  const second = point(fixed);
  const across = plane.frame.turn([0, fixed[0] - y, fixed[1] - z]);
  const crank = plane.frame.turn([0, fold[0] - y, fold[1] - z]);
  const start = angleFrom(across, crank, axis);
  // Which way it is put together: the lower leaf's pivot is to the left of the line from the fold to the arm's, or to its right.
  const side = dot(cross(less(second, point(fold)), less(point(onLeaf), point(fold))), axis);
  const assembly = side > 0 ? 'open' : 'crossed';
  try {
    const placed = { axis, first, second, start, assembly, ...lengths } as const;
    const { coupler, rocker } = fourBarMotions(placed, 0, to);
    return made(coupler, rocker);
  } catch (error) {
    // What cannot go is refused with this; until then it stands as it is.
    return made(AT_REST, AT_REST, (error as Error).message);
  }
}

/** Turn from one direction to another about an axis, rad. */
const angleFrom = (a: Point3, b: Point3, axis: Point3): number =>
  Math.atan2(dot(cross(a, b), axis), dot(a, b));
