import { frameOf, leaningIn, type Frame } from '../../item/frame';
import { ratio, STRAIGHT } from '../../motion/drive';
import { chain, motionOf, type Motion, type Stage } from '../../motion/motion';
import type { Bounds, Range } from '../../solid/bounds';
import type { GroundPlace } from '../contract/family';
import type { Lifts, LiftTable } from './schema';

/** From the floor, or the top's underside, to the middle of a pin, mm: half an arm and its block. Common practice. */
export const BLOCK = 12;
/** A foot's plate on the floor and the one under the top, so thick, mm. */
const PLATE = 8;
/** Arms stand so far in from the edges of the top, mm. */
const IN = 30;
/** A tube is narrower by so much than the one it draws out of, all round, mm. */
const TUBE_STEP = 6;

/** Where an arm leans, and from where to where across that. */
export interface LiftArm {
  readonly frame: Frame;
  readonly y: Range;
}

/** Arms that go together, or a tube, at the lowest, and how it goes. */
export interface LiftMember {
  readonly key: string;
  readonly words: string;
  readonly arms: readonly LiftArm[];
  readonly tube: Bounds | undefined;
  readonly motion: Motion;
}

export interface LaidLift {
  readonly table: LiftTable;
  readonly place: GroundPlace;
  readonly frame: Frame;
  readonly thick: number;
  readonly top: Bounds;
  readonly topMotion: Motion;
  /** What moves besides the top, and what stays on the floor. */
  readonly members: readonly LiftMember[];
  readonly foot: readonly Bounds[];
  readonly unit: 'mm' | 'rad';
  readonly to: number;
  /** Of arms: from level, at the lowest and at the highest, rad; NaN where they do not reach. */
  readonly angles: Range | undefined;
  readonly armThick: number;
  /** How far the top goes aside as it rises, mm, to the back. */
  readonly aside: number;
}

export function layLift(table: LiftTable, place: GroundPlace): LaidLift {
  const { stock } = place;
  const thick = stock.thickness(table.material);
  const top: Bounds = {
    x: [0, table.wide.mm],
    y: [0, table.deep.mm],
    z: [table.low.mm - thick, table.low.mm],
  };
  const laid = { table, place, frame: frameOf(place.at), thick, top };
  const { lifts } = table;
  return lifts.kind === 'pedestal' ? onPedestal(laid, lifts) : onArms(laid, lifts);
}

type Begun = Pick<LaidLift, 'table' | 'place' | 'frame' | 'thick' | 'top'>;

/** Tubes in each other: the widest stays, each next goes its share, the narrowest as the top. */
function onPedestal(laid: Begun, { tubes, across }: Extract<Lifts, { kind: 'pedestal' }>): LaidLift {
  const { table, frame, top } = laid;
  const to = table.high.mm - table.low.mm;
  const up = { kind: 'slide', direction: frame.turn([0, 0, 1]) } as const;
  const [x, y] = [table.wide.mm / 2, table.deep.mm / 2];
  const tube = (nth: number): Bounds => {
    const half = Math.max(1, across.mm / 2 - nth * TUBE_STEP);
    return { x: [x - half, x + half], y: [y - half, y + half], z: [PLATE, top.z[0]] };
  };
  const plate = Math.min(table.wide.mm, table.deep.mm, 2 * across.mm + 160) / 2;
  return {
    ...laid,
    topMotion: motionOf(up),
    members: Array.from({ length: tubes - 1 }, (_, i): LiftMember => {
      const goes = (i + 1) / (tubes - 1);
      return {
        key: `${table.id}/tube-${i + 2}`,
        words: 'tube',
        arms: [],
        tube: tube(i + 1),
        motion: goes === 1 ? motionOf(up) : chain([{ joint: up, drive: ratio(goes) }]),
      };
    }),
    foot: [{ x: [x - plate, x + plate], y: [y - plate, y + plate], z: [0, PLATE] }, tube(0)],
    unit: 'mm',
    to,
    angles: undefined,
    armThick: 0,
    aside: 0,
  };
} // prettier-ignore

/** Arms on pins: crossed, each turned against the other; or side by side, the top turned back by as much as they turn. */
function onArms(laid: Begun, lifts: Exclude<Lifts, { kind: 'pedestal' }>): LaidLift {
  const { table, place, thick } = laid;
  const long = lifts.long.mm;
  const armThick = place.stock.thickness(lifts.material);
  const pin = lifts.wide.mm / 2 + BLOCK;
  const angleAt = (height: number) => Math.asin((height - thick - 2 * pin) / long);
  const angles: Range = [angleAt(table.low.mm), angleAt(table.high.mm)];
  const to = angles[1] - angles[0];
  const arms = lifts.kind === 'scissor' ? scissor(laid, lifts, angles[0], pin, armThick) : side(laid, lifts, angles[0], pin, armThick);
  return {
    ...laid,
    ...arms,
    unit: 'rad',
    to,
    angles,
    armThick,
    aside:
      lifts.kind === 'scissor'
        ? 0
        : (lifts.goes === 'back' ? 1 : -1) * long * (Math.cos(angles[0]) - Math.cos(angles[1])),
  };
} // prettier-ignore

type Arms = Pick<LaidLift, 'topMotion' | 'members' | 'foot'>;

/** The frame of an arm, its x from pin to pin; and how far back it goes in that. */
function armAt(
  frame: Frame,
  plane: 'x' | 'y',
  [from, to]: readonly [readonly [number, number], readonly [number, number]],
  [near, far]: Range,
): LiftArm {
  const [du, dz] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(du, dz);
  const [cos, sin] = [du / long, dz / long];
  // Square to both, the arm's own y goes to the back of the one plane and to the left of the other.
  return plane === 'x'
    ? { frame: leaningIn(frame, [from[0], 0, from[1]], [cos, 0, sin], [-sin, 0, cos]), y: [near, far] }
    : { frame: leaningIn(frame, [0, from[0], from[1]], [0, cos, sin], [0, -sin, cos]), y: [-far, -near] };
}

/** Two pairs that cross at their middles: one fixed on the floor at the left and rolling under the top, one the other way about. */
function scissor(
  { table, frame, top }: Begun,
  { long }: Extract<Lifts, { kind: 'scissor' }>,
  angle: number,
  pin: number,
  armThick: number,
): Arms {
  const run = long.mm * Math.cos(angle);
  const [x0, x1] = [(table.wide.mm - run) / 2, (table.wide.mm + run) / 2];
  const [low, high] = [pin, top.z[0] - pin];
  const axis = frame.turn([0, -1, 0]);
  const at = (x: number, z: number) => frame.toSpace([x, 0, z]);
  const first: Stage = { joint: { kind: 'turn', point: at(x0, low), axis }, drive: STRAIGHT };
  const second: Stage = { joint: { kind: 'turn', point: at((x0 + x1) / 2, (low + high) / 2), axis }, drive: ratio(-2) };
  const third: Stage = { joint: { kind: 'turn', point: at(x0, high), axis }, drive: STRAIGHT };
  const deep = table.deep.mm;
  // The pairs lie beside each other, one within the other, at the front and at the back.
  const outer: readonly Range[] = [
    [IN, IN + armThick],
    [deep - IN - armThick, deep - IN],
  ];
  const inner: readonly Range[] = [
    [IN + armThick + 1, IN + 2 * armThick + 1],
    [deep - IN - 2 * armThick - 1, deep - IN - armThick - 1],
  ];
  const pair = (which: readonly Range[], from: readonly [number, number], to: readonly [number, number]) =>
    which.map((across) => armAt(frame, 'x', [from, to], across));
  return {
    topMotion: chain([first, second, third]),
    members: [
      { key: `${table.id}/outer`, words: 'outer arm', arms: pair(outer, [x0, low], [x1, high]), tube: undefined, motion: chain([first]) },
      { key: `${table.id}/inner`, words: 'inner arm', arms: pair(inner, [x1, low], [x0, high]), tube: undefined, motion: chain([first, second]) },
    ],
    foot: [],
  };
} // prettier-ignore

/** Four arms of one length on pins side by side: they lean the way the top does not go. */
function side(
  { table, frame, top }: Begun,
  { long, apart, goes }: Extract<Lifts, { kind: 'parallel arms' }>,
  angle: number,
  pin: number,
  armThick: number,
): Arms {
  const sense = goes === 'front' ? -1 : 1;
  const run = long.mm * Math.cos(angle);
  // The top's pins lie about its middle; those on the floor behind them, by how far the arms lean.
  const middle = table.deep.mm / 2;
  const [low, high] = [pin, top.z[0] - pin];
  const axis = frame.turn([sense, 0, 0]);
  const joint = (y: number, z: number, by: number): Stage => ({
    joint: { kind: 'turn', point: frame.toSpace([0, y, z]), axis },
    drive: ratio(by),
  });
  const pins = [middle - apart.mm / 2, middle + apart.mm / 2];
  const across: readonly Range[] = [
    [IN, IN + armThick],
    [table.wide.mm - IN - armThick, table.wide.mm - IN],
  ];
  const turned = (y: number) => joint(y + sense * run, low, -1);
  return {
    topMotion: chain([turned(pins[0]!), joint(pins[0]!, high, 1)]),
    members: pins.map((y, i) => ({
      key: `${table.id}/${i === 0 ? 'front' : 'rear'}-arms`,
      words: i === 0 ? 'front arm' : 'rear arm',
      tube: undefined,
      arms: across.map((x) =>
        armAt(
          frame,
          'y',
          [
            [y + sense * run, low],
            [y, high],
          ],
          x,
        ),
      ),
      motion: chain([turned(y)]),
    })),
    foot: [],
  };
}
