import {
  rubbing,
  slidingStay,
  springForce,
  strutForce,
  turningSpring,
  type Effort,
  type Ends,
  type Force,
} from '../../../balance/force';
import { distanceTo, turnAbout, type Coordinate } from '../../../balance/coordinate';
import { exactly, scaled, sum as plus, type Interval } from '../../../balance/interval';
import type { GasStrut } from '../../../balance/strut';
import type { HardwareKind, HardwareOf } from '../../../hardware/schema';
import type { HardwareList } from '../../../hardware/generic';
import { GRAVITY } from '../../../piece/mass';
import { axisOf, fromAxis, pointAt, turnOf, type TurningPlane } from './plane';
import type { Help, HelpKind, Stay } from './schema';

const NM = 1000;
const PERCENT = 100;

export const HELP_HARDWARE = {
  'gas struts': 'gas strut',
  'pull springs': 'pull spring',
  counterweight: 'counterweight',
  'lid springs': 'lid spring',
  'friction hinges': 'friction hinge',
} as const satisfies Readonly<Record<Exclude<HelpKind, 'none'>, HardwareKind>>;

/** Hardware a stay is chosen from. */
export const STAY_KINDS = ['stay', 'locking stay', 'chain'] as const;
export type StayItem = HardwareOf<'stay'> | HardwareOf<'locking stay'> | HardwareOf<'chain'>;

export const stayItem = (id: string, hardware: HardwareList): StayItem | undefined =>
  hardware.find(id, 'stay') ?? hardware.find(id, 'locking stay') ?? hardware.find(id, 'chain');

export const stayLong = (item: StayItem): number => (item.kind === 'chain' ? item.longest : item.length);

/** A gas strut as it is reckoned with. */
export const gasStrutOf = (item: HardwareOf<'gas strut'>): GasStrut => ({
  push: item.push,
  progression: item.progression,
  stroke: item.stroke,
  extended: item.extended,
  friction: item.friction / PERCENT,
  tolerance: item.tolerance / PERCENT,
  ageing: item.ageing / PERCENT,
});

const within = (value: number, percent: number): Interval =>
  scaled({ least: 1 - percent / PERCENT, most: 1 + percent / PERCENT }, value);

/** Between springs that hang side by side, mm. Common practice. */
const BETWEEN_SPRINGS = 4;

/** How many springs are side by side at each place. */
export const springsEach = (help: Help): number => (help.kind === 'pull springs' ? (help.each ?? 1) : 1);

/** How broad springs side by side are together, mm. */
export const springsBroad = (help: Help, across: number): number =>
  springsEach(help) * (across + BETWEEN_SPRINGS) - BETWEEN_SPRINGS;

/** Off the side of its case the middle of what helps stands, and between a spring and that side, mm. Common practice. */
const OFF = 12;
const SPRING_OFF = 2;

/** How far from the inside of its case the middle of a strut or spring stands, and half of what it is thick. */
export function helpRoom(
  help: Help,
  hardware: HardwareList,
): { readonly off: number; readonly half: number } {
  if (help.kind === 'gas struts') {
    const item = hardware.find(help.hardware, 'gas strut');
    return { off: item?.off ?? OFF, half: (item?.tube ?? 0) / 2 };
  }
  if (help.kind === 'pull springs') {
    const half = (hardware.find(help.hardware, 'pull spring')?.across ?? 0) / 2;
    return { off: Math.max(OFF, half + SPRING_OFF), half };
  }
  return { off: OFF, half: 0 };
}

/** One of what helps, between a leaf and its case or in the line of its hinges. */
export interface Helper {
  readonly key: string;
  readonly words: string;
  readonly effort: Effort;
  /** Where it pushes or pulls at a point of the leaf. */
  readonly force?: Force;
  readonly strut?: { readonly item: GasStrut; readonly length: Coordinate };
  /** Of a spring: the place it hangs at, one of several there. */
  readonly spring?: { readonly place: number; readonly longest: number; readonly length: Coordinate };
}

/** A leaf that turns, and where along its axis what helps it stands, mm in the frame. */
export interface Helped {
  readonly key: string;
  readonly plane: TurningPlane;
  /** It opens against its weight, or by it: what is wound up in its hinge line works against that. */
  readonly opens: 'up' | 'down';
  /** Where what is between leaf and case stands, by how many there are. */
  readonly x: readonly number[];
}

/** All that helps a leaf, one by one; nothing where its hardware is not there. */
export function helpersOf(help: Help, { key, plane, opens, x }: Helped, hardware: HardwareList): Helper[] {
  const motion = turnOf(plane);
  const about = axisOf(plane);
  const named = (i: number, many: string, one: string) => ({
    key: `${key}/${many}-${i + 1}`,
    words: x.length > 1 ? `the ${i === 0 ? 'left' : 'right'} ${one}` : `the ${one}`,
  });
  const endsAt = (one: Between, i: number): Ends => ({
    on: pointAt(plane, x[i]!, fromAxis(plane, one.onLeaf)),
    fixed: pointAt(plane, x[i]!, fromAxis(plane, one.onCase)),
    motion,
  });
  switch (help.kind) {
    case 'none':
      return [];
    case 'gas struts': {
      const item = hardware.find(help.hardware, 'gas strut');
      if (!item) return [];
      const strut = gasStrutOf(item);
      return x.map((_, i): Helper => {
        const { key: own, words } = named(i, 'strut', 'strut');
        const ends = endsAt(help, i);
        // Side by side across the axis they do the same.
        const force = strutForce(own, words, strut, ends, `${key} struts`);
        const length = distanceTo(ends.motion, ends.on, ends.fixed);
        return { key: own, words, effort: force, force, strut: { item: strut, length } };
      });
    }
    case 'pull springs': {
      const item = hardware.find(help.hardware, 'pull spring');
      if (!item) return [];
      const each = springsEach(help);
      const pulls = {
        perMm: within(item.rate, item.tolerance),
        begins: within(item.begins, item.tolerance),
        free: item.free,
      };
      return x.flatMap((_, i) => {
        const { key: place, words } = named(i, 'spring', 'spring');
        const ends = endsAt(help, i);
        const spring = {
          place: i,
          longest: item.longest,
          length: distanceTo(ends.motion, ends.on, ends.fixed),
        };
        return Array.from({ length: each }, (_one, nth): Helper => {
          const own = each > 1 ? `${place}.${nth + 1}` : place;
          const force = springForce(own, words, pulls, ends, `${key} springs`);
          return { key: own, words, effort: force, force, spring };
        });
      });
    }
    case 'counterweight': {
      const item = hardware.find(help.hardware, 'counterweight');
      if (!item) return [];
      return x.map((_, i): Helper => {
        const { key: own, words } = named(i, 'weight', 'counterweight');
        const cord = { perMm: exactly(0), begins: exactly(item.kg * GRAVITY), free: 0 };
        const force = springForce(own, words, cord, endsAt(help, i));
        return { key: own, words, effort: force, force };
      });
    }
    case 'lid springs': {
      const item = hardware.find(help.hardware, 'lid spring');
      if (!item) return [];
      const wound = scaled(within(item.torque, item.tolerance), help.count * NM);
      const less = help.count * item.less * NM;
      const perRad = less / (Math.PI / 2);
      // Wound up wholly where the leaf is heaviest: shut, or a quarter turn down.
      const spring =
        opens === 'up'
          ? ({ shut: wound, perRad, turns: 'open' } as const)
          : ({ shut: plus(wound, exactly(-less)), perRad: -perRad, turns: 'shut' } as const);
      const own = `${key}/springs`;
      const words = help.count > 1 ? 'its lid springs' : 'its lid spring';
      return [{ key: own, words, effort: turningSpring(own, words, spring, motion, about) }];
    }
    case 'friction hinges': {
      const item = hardware.find(help.hardware, 'friction hinge');
      if (!item) return [];
      const own = `${key}/friction`;
      const words = help.count > 1 ? 'its friction hinges' : 'its friction hinge';
      const holds = scaled(within(item.torque, item.tolerance), help.count * NM);
      const aged = 1 - item.ageing / PERCENT;
      return [
        { key: own, words, effort: wearing(rubbing(own, words, holds, turnAbout(motion, about)), aged) },
      ];
    }
  }
}

type Between = Extract<Help, { onLeaf: unknown }>;

/** What rubs less once its years are over. */
const wearing = (effort: Effort, left: number): Effort => ({
  ...effort,
  over: (from, to, conditions) => scaled(effort.over(from, to, conditions), conditions.aged ? left : 1),
});

/** What rubs in a stay, if it does. */
export function stayHelper(
  stay: NonNullable<Stay>,
  { key, plane }: Pick<Helped, 'key' | 'plane'>,
  hardware: HardwareList,
): Helper[] {
  const item = stayItem(stay.hardware, hardware);
  if (item?.kind !== 'stay' || item.rubs === 0) return [];
  const own = `${key}/stay`;
  const words = 'its stay';
  const ends: Ends = {
    on: pointAt(plane, 0, fromAxis(plane, stay.onLeaf)),
    fixed: pointAt(plane, 0, fromAxis(plane, stay.onCase)),
    motion: turnOf(plane),
  };
  const many = stay.ends === 'both' ? 2 : 1;
  return [{ key: own, words, effort: slidingStay(own, words, exactly(item.rubs * many), ends) }];
}
