import { numbersOf, type Hardware, type HardwareKind, type HardwareOf } from './schema';

const INCH = 25.4;
/** Cup distance at which a face-frame hinge comes to the overlay it is sold by, mm. Common practice. */
const USUAL_CUP = 5;

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

/** Length drawn out and stroke, mm, and the pushes each comes in near full extension, N: of lids, and of beds. Common practice. */
const struts = (
  sizes: readonly (readonly [number, number])[],
  pushes: readonly number[],
  thick: object = {},
) => sizes.flatMap(([extended, stroke]) => pushes.map((push) => ({ push, extended, stroke, ...thick })));
const GAS_STRUTS = [
  ...struts([[245, 80], [285, 100], [385, 150], [485, 200]], [50, 80, 100, 150, 200, 300, 400]),
  ...struts([[585, 250], [685, 300]], [600, 800, 1000, 1200, 1500], { tube: 23, rod: 10, off: 15, screws: 4 }),
]; // prettier-ignore

/**
 * What there always is to choose from. Common practice, no single source: ranges, masses and ratings are usual ones, there to be
 * changed for what is bought.
 */
export const GENERIC_HARDWARE: readonly Hardware[] = [
  usualHardware('cup hinge', 'cup-110', 'Cup hinge 35 mm, opens 110°'),
  usualHardware('face-frame hinge', 'frame-1-4', 'Face-frame hinge, 1/4 in overlay', { constant: INCH / 4 - USUAL_CUP }),
  usualHardware('face-frame hinge', 'frame-1-2', 'Face-frame hinge, 1/2 in overlay', { constant: INCH / 2 - USUAL_CUP }),
  usualHardware('face-frame hinge', 'frame-3-4', 'Face-frame hinge, 3/4 in overlay', { constant: (3 * INCH) / 4 - USUAL_CUP }),
  usualHardware('face-frame hinge', 'frame-1', 'Face-frame hinge, 1 in overlay', { constant: INCH - USUAL_CUP }),
  usualHardware('butt hinge', 'butt-63', 'Butt hinge 63 mm'),
  usualHardware('butt hinge', 'butt-100', 'Butt hinge 100 mm', { high: 100, wide: 30, thick: 2.5, knuckle: 10, rating: 25 }),
  usualHardware('continuous hinge', 'continuous-32', 'Continuous hinge 32 mm'),
  usualHardware('pivot', 'pivot-40', 'Pair of pivots, 40 kg'),
  usualHardware('pivot', 'pivot-120', 'Pair of floor pivots, 120 kg', { pin: 20, rating: 120 }),
  usualHardware('pivot', 'pivot-250', 'Pair of heavy floor pivots, 250 kg', { pin: 25, rating: 250 }),
  usualHardware('slide', 'slide-full', 'Side slides 250 to 700 mm, full travel', { length: 700, travel: 700, shortest: 250 }),
  usualHardware('slide', 'slide-part', 'Side slides 250 to 700 mm, three-quarter travel', { length: 700, travel: 525, shortest: 250, rating: 25 }),
  usualHardware('slide', 'slide-over', 'Side slides 250 to 700 mm, over-travel', { length: 700, travel: 735, shortest: 250, rating: 40 }),
  usualHardware('slide', 'slide-full-in', 'Side slides 10 to 28 in, full travel', { length: 28 * INCH, travel: 28 * INCH, shortest: 10 * INCH, step: 2 * INCH, rating: 45 }),
  usualHardware('slide', 'slide-heavy', 'Heavy side slides 450 to 900 mm, full travel', { length: 900, travel: 900, shortest: 450, side: 19.1, high: 76, metal: 2.5, rating: 100 }),
  usualHardware('slide', 'slide-step', 'Locking step slides 300 to 600 mm, for a person', { length: 600, travel: 600, shortest: 300, side: 19.1, high: 76, metal: 2.5, rating: 320, person: 150 }),
  usualHardware('slide', 'slide-450', 'Side slide 450 mm, full travel'),
  usualHardware('under slide', 'under-full', 'Under slides 250 to 600 mm, full travel', { length: 600, travel: 600 }),
  usualHardware('under slide', 'under-part', 'Under slides 250 to 550 mm, three-quarter travel', { length: 550, travel: 412.5, rating: 25 }),
  usualHardware('handle', 'bar-128', 'Bar handle, holes 128 mm apart'),
  usualHardware('knob', 'knob-30', 'Knob 30 mm'),
  usualHardware('stay', 'stay-250', 'Folding stay 250 mm'),
  usualHardware('locking stay', 'stay-lock', 'Locking lid stay 300 mm'),
  usualHardware('stay', 'stay-rub', 'Friction stay 260 mm', { length: 260, closed: 150, rubs: 60 }),
  usualHardware('chain', 'chain-350', 'Chain 350 mm'),
  usualHardware('chain', 'strap-400', 'Webbing strap 400 mm', { longest: 400, thick: 2, bears: 600 }),
  // Wire rope 5 mm thick breaks at about 13 kN; a fifth of that. From memory, of EN 12385-4: the maker's own figure comes first.
  usualHardware('chain', 'rope-750', 'Wire rope 5 mm, 750 mm, with its eyes', { longest: 750, thick: 5, bears: 2500 }),
  usualHardware('chain', 'rope-1100', 'Wire rope 5 mm, 1100 mm, with its eyes', { longest: 1100, thick: 5, bears: 2500 }),
  ...GAS_STRUTS.map((strut) =>
    usualHardware('gas strut', `strut-${strut.extended}-${strut.push}`, `Gas strut ${strut.extended} mm, ${strut.push} N`, strut),
  ),
  usualHardware('pull spring', 'spring-1-2', 'Pull spring 1.2 N/mm, 180 mm'),
  usualHardware('pull spring', 'spring-4', 'Pull spring 4 N/mm, 220 mm', { rate: 4, begins: 25, free: 220, longest: 420, across: 26 }),
  usualHardware('counterweight', 'weight-4', 'Counterweight 4 kg on a cord'),
  usualHardware('lid spring', 'lid-spring-4', 'Lid spring 4 Nm'),
  usualHardware('lid spring', 'lid-spring-8', 'Lid spring 8 Nm', { torque: 8, less: 5, long: 120, across: 18 }),
  usualHardware('friction hinge', 'friction-3', 'Friction hinge 3 Nm'),
  usualHardware('friction hinge', 'friction-8', 'Friction hinge 8 Nm', { torque: 8, wide: 40, high: 80, thick: 16 }),
  usualHardware('soft closer', 'soft-3', 'Soft closer, 3 J'),
  usualHardware('lift arms', 'lift-300', 'Lift-up arms 300 mm'),
  usualHardware('lift arms', 'lift-200', 'Lift-up arms 200 mm', { long: 200, rating: 8 }),
  usualHardware('catch', 'catch-40', 'Magnet catch, 40 N'),
  usualHardware('roller catch', 'roller-30', 'Roller catch, 30 N'),
  usualHardware('turn button', 'button-45', 'Turn button 45 mm'),
  usualHardware('bolt', 'bolt-80', 'Barrel bolt 80 mm'),
  usualHardware('castor', 'castor-50', 'Castor 50 mm'),
  usualHardware('castor', 'castor-75', 'Castor 75 mm, 100 kg', { wheel: 75, high: 100, wide: 90, rating: 100 }),
  usualHardware('stud screw', 'stud-screw', 'Screw 5 x 60 mm into a stud or joist'),
  usualHardware('stud screw', 'stud-screw-8', 'Coach screw 8 x 80 mm into a stud or joist', { long: 80, thick: 8, pull: 800, down: 1200 }),
  usualHardware('wall plug', 'wall-plug', 'Plug and screw 8 x 60 mm in masonry', { thick: 8 }),
  usualHardware('hollow-wall fixing', 'hollow-fixing', 'Spring toggle M5 behind a lining'),
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
