import type { Opening } from '../../carcass/layout';
import { called } from '../../item/called';
import { frameOf, type Frame } from '../../item/frame';
import { STRAIGHT, table } from '../../motion/drive';
import { chain, motionOf, type Motion } from '../../motion/motion';
import { middleOf, span, type Bounds, type Range } from '../../solid/bounds';
import type { Point3 } from '../../solid/prism';
import type { PartPlace } from '../contract/family';
import type { LainOn } from '../contract/lainOn';
import { openingOf } from '../kit/fronts';
import { helpRoom, stayItem, stayLong } from '../kit/turning/help';
import { axisOf, DIRECTIONS, fromAxis, turnOf, turnsUntil, type TurningPlane } from '../kit/turning/plane';
import type { Bed, Desk } from './schema';

export const RADIANS = Math.PI / 180;
/** Legs are swung out before the last of its way down, as a share of it. */
const LATEST = 0.98;

export interface Stop {
  readonly words: string;
  readonly at: number;
}

/** A leg as it lies with the bed up, and how it goes. */
export interface BedLeg {
  readonly at: Bounds;
  readonly motion: Motion;
}

/** A desk as it hangs with the bed up: its top, the plates it hangs by at either end, and how it goes. */
export interface LaidDesk {
  readonly top: Bounds;
  readonly plates: readonly Bounds[];
  readonly motion: Motion;
}

/** A bar from the cabinet to the crank of a leg, or to a plate of its desk: where its pins are in the frame's (y, z), and what it takes up beside the bed. */
export interface LevelBar {
  readonly of: 'legs' | 'desk';
  readonly x: Range;
  readonly pins: readonly [readonly [number, number], readonly [number, number]];
  readonly motion: Motion;
}

export interface LaidBed {
  readonly bed: Bed;
  readonly place: PartPlace;
  readonly frame: Frame;
  readonly opening: Opening;
  /** All of its frame, its platform, its mattress and what lies on that, up, in the cabinet's frame. */
  readonly tray: Bounds;
  readonly platform: Bounds;
  readonly bearers: readonly Bounds[];
  readonly mattress: Bounds;
  readonly bedding: Bounds | undefined;
  /** How thick its rails are. */
  readonly rail: number;
  readonly panels: readonly Bounds[];
  readonly plane: TurningPlane;
  readonly motion: Motion;
  readonly helpX: readonly number[];
  readonly ends: Range;
  readonly grip: Point3;
  readonly to: number;
  readonly stops: readonly Stop[];
  readonly legs: readonly BedLeg[];
  readonly desk: LaidDesk | undefined;
  readonly bars: readonly LevelBar[];
  readonly headboard: Bounds | undefined;
  /** How long its legs are: from where they are fixed to the floor, with the bed down. */
  readonly legLong: number;
}

/** What of the mattress stands up, and what lies along its axis. */
export const mattressOf = ({ turns, mattress }: Bed) =>
  turns === 'at the end'
    ? { up: mattress.long.mm, along: mattress.wide.mm }
    : { up: mattress.wide.mm, along: mattress.long.mm };

/** The middle of its far edge, up, in the space: where one sits on it. */
export const edgeOf = ({ frame, tray, plane }: LaidBed): Point3 =>
  frame.toSpace([middleOf(tray.x), plane.axis[0], tray.z[1]]);

/** Level: its height is what its far edge comes out, and its face what lies under it; a panel may end farther out than its rails. */
export function bedLainOn({ frame, plane, tray, panels, mattress, place, bed }: LaidBed): LainOn {
  const [y, z] = plane.axis;
  const far = Math.max(tray.z[1], ...panels.map((panel) => panel.z[1]));
  return {
    frame,
    x: bed.turns === 'at the end' ? tray.x : mattress.x,
    y: [y - (far - z), 0],
    top: z + (mattress.y[1] - bulgeOf(bed) - y),
    floor: place.floor.high - place.carcass.z.mm,
  };
}

/** What it is thicker standing than lying. */
export const bulgeOf = ({ mattress: { bulges } }: Bed): number => bulges?.mm ?? 0;

export function layBed(bed: Bed, place: PartPlace): LaidBed {
  const { carcass, stock, hardware } = place;
  const frame = frameOf(carcass);
  const opening = openingOf(bed, place);
  const { inside } = opening;
  const rail = stock.thickness(bed.frame.material);
  const board = stock.thickness(bed.platform.material);
  const faceThick = bed.face ? stock.thickness(bed.face.material) : 0;
  const { play } = bed.frame;
  const { up, along } = mattressOf(bed);
  const under = inside.front + faceThick;
  const middle = (inside.left + inside.right) / 2;
  const wide = along + 2 * play.mm + 2 * rail;
  const foot = inside.bottom + bed.foot.mm;
  const tray: Bounds = {
    x: [middle - wide / 2, middle + wide / 2],
    y: [under, under + bed.frame.deep.mm],
    z: [foot, foot + up + 2 * play.mm + 2 * rail],
  };
  const clear: Pick<Bounds, 'x' | 'z'> = {
    x: [tray.x[0] + rail, tray.x[1] - rail],
    z: [tray.z[0] + rail, tray.z[1] - rail],
  };
  const { bearers, deep } = bed.platform;
  const on = under + deep.mm;
  const platform: Bounds = { ...clear, y: [on, on + board] };
  const lies = (from: number, thick: number): Bounds => ({
    x: [clear.x[0] + play.mm, clear.x[1] - play.mm],
    y: [from, from + thick],
    z: [clear.z[0] + play.mm, clear.z[1] - play.mm],
  });
  const mattress = lies(platform.y[1], bed.mattress.thick.mm + bulgeOf(bed));
  const { bedding } = bed;
  const [y, z] = [inside.front + bed.pivot.back.mm, inside.bottom + bed.pivot.up.mm];
  const plane: TurningPlane = { frame, axis: [y, z], ...DIRECTIONS.standing, face: under - y };
  const { off } = helpRoom(bed.help, hardware);
  const ends: Range = [inside.left + off, inside.right - off];
  const stops = stopsOf(bed, place, plane);
  const to = stops[0]!.at;
  const laid = {
    bed,
    place,
    frame,
    opening,
    tray,
    platform,
    bearers: bearersIn(clear, [under, on], bearers, rail),
    mattress,
    bedding: bedding.thick.mm > 0 ? lies(mattress.y[1], bedding.thick.mm) : undefined,
    rail,
    panels: panelsOf(bed, opening, faceThick, tray),
    plane,
    motion: turnOf(plane),
    ends,
    helpX: 'count' in bed.help && bed.help.count === 1 ? [ends[0]] : ends,
    to,
    stops,
    grip: [middle, inside.front, tray.z[1]] as const,
    headboard:
      bed.headboard.mm > 0
        ? {
            x: tray.x,
            y: [tray.y[1], tray.y[1] + bed.headboard.mm] as Range,
            z: [tray.z[0], tray.z[0] + rail] as Range,
          }
        : undefined,
  };
  const legLong = Math.max(0, carcass.z.mm - place.floor.high + z + (inside.front - y));
  return { ...laid, legLong, legs: legsOf(laid, legLong), desk: deskOf(laid), bars: barsOf(laid) };
}

/** Bearers from rail to rail the shorter way across, what is between them all alike. */
function bearersIn(clear: Pick<Bounds, 'x' | 'z'>, y: Range, count: number, thick: number): Bounds[] {
  const along = isHigh(clear) ? 'z' : 'x';
  const [from, to] = clear[along];
  const each = (to - from - count * thick) / (count + 1);
  return Array.from({ length: count }, (_, i): Bounds => {
    const begins = from + (i + 1) * each + i * thick;
    return { ...clear, y, [along]: [begins, begins + thick] };
  });
}

/** It stands higher than it is wide: what carries the platform runs level then. */
export const isHigh = ({ x, z }: Pick<Bounds, 'x' | 'z'>): boolean => span(z) >= span(x);

/** Bars run beside the bed from the cabinet to what hangs before its underside. */
export const hasBars = ({ legs, desk }: Bed): boolean => legs.kind === 'on a link' || Boolean(desk);

/** Panels side by side over its underside, gaps about them; only as wide as its rails where bars run beside those. */
function panelsOf(bed: Bed, { inside }: Opening, thick: number, tray: Bounds): Bounds[] {
  const { face } = bed;
  if (!face) return [];
  const reveal = face.reveal.mm;
  const [left, right] = hasBars(bed) ? tray.x : [inside.left + reveal, inside.right - reveal];
  const each = (right - left - (face.panels - 1) * reveal) / face.panels;
  return Array.from({ length: face.panels }, (_, i): Bounds => {
    const from = left + i * (each + reveal);
    return {
      x: [from, from + each],
      y: [inside.front, inside.front + thick],
      z: [inside.bottom + face.foot.mm, Math.max(tray.z[1], inside.top - reveal)],
    };
  });
}

function stopsOf({ help, stay, limit }: Bed, { hardware }: PartPlace, plane: TurningPlane): Stop[] {
  const stops: Stop[] = [{ words: 'as far as was wanted', at: limit * RADIANS }];
  const until = (ends: Pick<NonNullable<Bed['stay']>, 'onLeaf' | 'onCase'>, long: number, words: string) => {
    const at = turnsUntil(fromAxis(plane, ends.onLeaf), fromAxis(plane, ends.onCase), long);
    if (at !== undefined) stops.push({ words, at: Math.max(0, at) });
  };
  const item = stay && stayItem(stay.hardware, hardware);
  if (stay && item) until(stay, stayLong(item), 'by its stay');
  const strut = help.kind === 'gas struts' ? hardware.find(help.hardware, 'gas strut') : undefined;
  if (help.kind === 'gas struts' && strut) until(help, strut.extended, 'by its struts, drawn out wholly');
  return stops.sort((a, b) => a.at - b.at);
}

/** A bed before what hangs from it is laid. */
type Begun = Omit<LaidBed, 'legs' | 'legLong' | 'desk' | 'bars'>;

/** Two legs, near either side: off its underside always, lying along that until they are swung out to stand square to it, or hanging from it. */
function legsOf(laid: Begun, long: number): BedLeg[] {
  const { bed, opening, tray, motion, to, rail: thick } = laid;
  const { legs } = bed;
  if (legs.kind === 'none' || long <= 0) return [];
  const front = opening.inside.front;
  const top = tray.z[1] - legs.in.mm;
  const across: readonly Range[] = [
    [tray.x[0], tray.x[0] + legs.wide.mm],
    [tray.x[1] - legs.wide.mm, tray.x[1]],
  ];
  if (legs.kind === 'fixed')
    return across.map((x) => ({ at: { x, y: [front - long, front], z: [top - thick, top] }, motion }));
  // It lies before the underside and turns about its own upper edge there.
  const joint = backAt(laid, top);
  if (legs.kind === 'on a link')
    return across.map((x) => ({
      at: { x, y: [front - thick, front], z: [top - long, top] },
      motion: levelFrom(laid, top),
    }));
  const from = Math.min(legs.at * RADIANS, to * LATEST);
  const waits: readonly (readonly [number, number])[] = from > 0 ? [[from, 0]] : [];
  const swung =
    to > 0
      ? chain(
          [...motion.stagesAt(0), { joint, drive: table([[0, 0], ...waits, [to, Math.PI / 2]]) }],
          waits.map(([travel]) => travel),
        )
      : motion;
  return across.map((x) => ({
    at: { x, y: [front - thick, front], z: [top - long, top] },
    motion: swung,
  }));
}

/** A hinge on the bed's underside, so high with the bed up, that turns back against the bed. */
const backAt = ({ plane, tray, opening }: Pick<Begun, 'plane' | 'tray' | 'opening'>, high: number) =>
  ({
    kind: 'turn',
    point: plane.frame.toSpace([middleOf(tray.x), opening.inside.front, high]),
    axis: axisOf(plane).map((part) => -part) as unknown as Point3,
  }) as const;

/** As far as the bed turns, what hangs at such a hinge turns back: it stays as it hung. */
const levelFrom = (laid: Pick<Begun, 'plane' | 'tray' | 'opening' | 'motion'>, high: number): Motion =>
  chain([...laid.motion.stagesAt(0), { joint: backAt(laid, high), drive: STRAIGHT }]);

/** A plate that a desk hangs by is so deep from the bed's underside, mm. Common practice. */
const PLATE_DEEP = 70;

/** Where the hinges of its desk are, up. */
export const deskHinge = ({ up, room }: Desk, { inside }: Pick<Opening, 'inside'>): number =>
  inside.bottom + up.mm + room.mm;

/** A top across the bed's underside, hung by a plate at either end. */
function deskOf(laid: Begun): LaidDesk | undefined {
  const { bed, place, tray, opening } = laid;
  const { desk } = bed;
  if (!desk) return undefined;
  const { front, bottom } = opening.inside;
  const thick = place.stock.thickness(desk.material);
  const hinge = deskHinge(desk, opening);
  const high = bottom + desk.up.mm;
  const plate = (x: Range): Bounds => ({
    x,
    y: [front - Math.min(PLATE_DEEP, desk.deep.mm), front],
    // No higher than its hinge: above that the bed's underside comes down on it.
    z: [high, hinge],
  });
  return {
    top: { x: tray.x, y: [front - desk.deep.mm, front], z: [high - thick, high] },
    plates: [plate([tray.x[0], tray.x[0] + thick]), plate([tray.x[1] - thick, tray.x[1]])],
    motion: levelFrom(laid, hinge),
  };
}

/** Between a rail and the bar beside it, and how thick and wide that is, mm. Common practice: flat steel. */
const BAR = { off: 3, thick: 4, wide: 20 } as const;
export const BAR_WIDE = BAR.wide;

/**
 * A bar beside either leg, and either plate of a desk. They hang the same with the bed up and down, so that pivot, hinge, crank and bar are
 * the corners of a parallelogram: the bar's pin in the cabinet is as far from the bed's pivot as its other pin from the hinge, and the same way.
 */
function barsOf({ bed, tray, opening, plane, rail }: Begun): LevelBar[] {
  const { legs, desk } = bed;
  const [y, z] = plane.axis;
  const back = rail / 2;
  const { off, thick } = BAR;
  const pair = (of: LevelBar['of'], hinge: number, down: number, beside: number): LevelBar[] => {
    const fixed = [y - back, z - down] as const;
    const onLink = [opening.inside.front - back, hinge - down] as const;
    const motion = motionOf({
      kind: 'turn',
      point: plane.frame.toSpace([0, ...fixed]),
      axis: axisOf(plane),
    });
    return (
      [
        [tray.x[0] - beside - thick, tray.x[0] - beside],
        [tray.x[1] + beside, tray.x[1] + beside + thick],
      ] as const
    ).map((x) => ({ of, x, pins: [fixed, onLink], motion }));
  };
  const onLegs = legs.kind === 'on a link' ? pair('legs', tray.z[1] - legs.in.mm, legs.crank.mm, off) : [];
  return [
    ...onLegs,
    ...(desk
      ? pair('desk', deskHinge(desk, opening), desk.room.mm, onLegs.length > 0 ? 2 * off + thick : off)
      : []),
  ];
}

export const bedWords = ({ bed }: LaidBed): string => `the ${called(bed.name)}`;
