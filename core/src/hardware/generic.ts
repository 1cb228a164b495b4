import { numbersOf, type Hardware, type HardwareKind, type HardwareOf } from './schema';

/** One of a kind with usual numbers, of no maker. */
export function usualHardware<Kind extends HardwareKind>(
  kind: Kind,
  id: string,
  name: string,
  other: Partial<HardwareOf<Kind>> = {},
): HardwareOf<Kind> {
  const numbers = Object.fromEntries(numbersOf(kind).map(([field, { usual }]) => [field, usual]));
  return { id, name, kind, confirmed: false, ...numbers, ...other } as HardwareOf<Kind>;
}

/** A piece of a kind that is told only when it is made. */
export const newHardware = (kind: HardwareKind, id: string, name: string): Hardware =>
  usualHardware(kind, id, name) as unknown as Hardware;

/**
 * What there always is to choose from. CP, no single source: ranges, masses and ratings are usual ones, there to be
 * changed for what is bought.
 */
export const GENERIC_HARDWARE: readonly Hardware[] = [
  usualHardware('cup hinge', 'cup-110', 'Cup hinge 35 mm, opens 110°'),
  usualHardware('butt hinge', 'butt-63', 'Butt hinge 63 mm'),
  usualHardware('butt hinge', 'butt-100', 'Butt hinge 100 mm', { high: 100, wide: 30, thick: 2.5, knuckle: 10, rating: 25 }),
  usualHardware('continuous hinge', 'continuous-32', 'Continuous hinge 32 mm'),
  usualHardware('pivot', 'pivot-40', 'Pair of pivots, 40 kg'),
  usualHardware('pivot', 'pivot-120', 'Pair of floor pivots, 120 kg', { pin: 20, rating: 120 }),
  usualHardware('slide', 'slide-450', 'Side slide 450 mm, full travel'),
  usualHardware('handle', 'bar-128', 'Bar handle, holes 128 mm apart'),
  usualHardware('knob', 'knob-30', 'Knob 30 mm'),
  usualHardware('stay', 'stay-250', 'Folding stay 250 mm'),
  usualHardware('catch', 'catch-40', 'Magnet catch, 40 N'),
  usualHardware('castor', 'castor-50', 'Castor 50 mm'),
  usualHardware('bracket', 'bracket-50', 'Corner bracket 50 mm'),
]; // prettier-ignore

/** What a plan chooses from: its own first, then what there always is. */
export interface HardwareList {
  readonly all: readonly Hardware[];
  /** Undefined where there is none of that id and kind. */
  find<Kind extends HardwareKind>(id: string, kind: Kind): HardwareOf<Kind> | undefined;
  named(id: string): Hardware | undefined;
}

/** A plan's own hardware stands before the generic of the same id: that is how a generic one is changed. */
export function hardwareList(own: readonly Hardware[]): HardwareList {
  const ids = new Set(own.map(({ id }) => id));
  const all = [...own, ...GENERIC_HARDWARE.filter(({ id }) => !ids.has(id))];
  const byId = new Map(all.map((item) => [item.id, item]));
  return {
    all,
    named: (id) => byId.get(id),
    find: <Kind extends HardwareKind>(id: string, kind: Kind) => {
      const item = byId.get(id);
      return item?.kind === kind ? (item as unknown as HardwareOf<Kind>) : undefined;
    },
  };
}
