import * as v from 'valibot';
import { IdSchema, NameSchema } from '../item/schema';

/** A number of a piece of hardware: what it is called, its unit, a usual value and what it may be. */
export interface HardwareNumber {
  readonly label: string;
  readonly unit: 'mm' | 'deg' | 'kg' | 'N' | 'Nm' | 'N/mm' | 'J' | '%' | 'times' | 'count';
  readonly usual: number;
  readonly least: number;
  readonly most: number;
  /** It came in later: where an older list has none, the usual value is meant. */
  readonly later?: true;
}

const number = (
  label: string,
  unit: HardwareNumber['unit'],
  usual: number,
  least: number,
  most: number,
): HardwareNumber => ({ label, unit, usual, least, most });
const later = (one: HardwareNumber): HardwareNumber => ({ ...one, later: true });
const rating = (usual: number) => number('Carries', 'kg', usual, 0.1, 2000);
const person = number('A person stands on what it carries', 'kg', 0, 0, 500);
const play = number('Play between its halves', 'mm', 0.2, 0, 5);

/** Of every hinge whose cup is bored into the leaf. */
const CUP_HINGE = {
  cup: number('Cup diameter', 'mm', 35, 15, 60),
  deep: number('Cup depth', 'mm', 12.5, 3, 40),
  /** Overlay with the cup at the leaf's very edge on a plate of no height. */
  constant: number('Overlay constant', 'mm', 11.5, -40, 60),
  half: number('Half-overlay arm takes off', 'mm', 9.5, 0, 40),
  inset: number('Inset arm takes off', 'mm', 18, 0, 60),
  cupFrom: number('Cup distance, least', 'mm', 3, 0, 30),
  cupTo: number('Cup distance, most', 'mm', 7, 0, 30),
  plateTo: number('Highest plate', 'mm', 6, 0, 40),
  /** The two plate pivots: from the inner face of the side on a plate of no height, and back from the leaf's back. */
  plate1x: number('First plate pivot, from the side', 'mm', 24.5, -20, 120),
  plate1y: number('First plate pivot, back', 'mm', 6.5, -20, 120),
  plate2x: number('Second plate pivot, from the side', 'mm', 19.5, -20, 120),
  plate2y: number('Second plate pivot, back', 'mm', 24.5, -20, 120),
  /** The two cup pivots: in from the cup's nearer edge, and into the leaf from its back. */
  cup1x: number('First cup pivot, in from the cup’s edge', 'mm', 6.5, -20, 60),
  cup1y: number('First cup pivot, into the leaf', 'mm', 10.5, -20, 60),
  cup2x: number('Second cup pivot, in from the cup’s edge', 'mm', 2.5, -20, 60),
  cup2y: number('Second cup pivot, into the leaf', 'mm', 5, -20, 60),
  opens: number('Opens to', 'deg', 110, 30, 180),
  /** Plate holes, back from the front edge, and apart. */
  holesBack: number('Plate holes, back from the front', 'mm', 37, 10, 120),
  holesApart: number('Plate holes apart', 'mm', 32, 10, 120),
  adjustSide: number('Adjusts sideways, either way', 'mm', 2, 0, 10),
  adjustDepth: number('Adjusts in depth, either way', 'mm', 2, 0, 10),
  adjustHeight: number('Adjusts in height, either way', 'mm', 2, 0, 10),
  /** How far plate and arm stand into the opening, along the depth, and how high. */
  plateLong: number('Plate and arm, long', 'mm', 58, 10, 150),
  plateHigh: number('Plate, high', 'mm', 50, 10, 120),
  rating: rating(10),
  play,
} as const;

/** What a fixing bears for good: a fifth of what pulls it out (common practice). */
const fixing = (pull: number, down: number) => ({
  long: number('Long', 'mm', 60, 10, 300),
  thick: number('Thick', 'mm', 5, 2, 20),
  pull: number('Holds, pulled straight out', 'N', pull, 0, 20_000),
  down: number('Holds, pulled downward', 'N', down, 0, 20_000),
});

/**
 * Every kind of hardware and the numbers of each. Usual values are common practice and of no maker; a maker's own
 * sheet goes before them.
 */
export const HARDWARE_KINDS = {
  'cup hinge': CUP_HINGE,
  /** Its plate is screwed to the edge of a face frame: made for one overlay, which cup distance alone changes. */
  'face-frame hinge': {
    ...CUP_HINGE,
    constant: number('Overlay constant', 'mm', 7.7, -40, 60),
    plateTo: number('Highest plate', 'mm', 0, 0, 40),
    opens: number('Opens to', 'deg', 105, 30, 180),
    holesBack: number('Plate holes, back from the frame’s face', 'mm', 9.5, 2, 60),
    plateLong: number('Plate and arm, long', 'mm', 45, 10, 150),
  },
  'butt hinge': {
    thick: number('One leaf, thick', 'mm', 1.5, 0.3, 8),
    wide: number('One leaf, wide', 'mm', 22, 5, 120),
    high: number('Height', 'mm', 63, 15, 200),
    knuckle: number('Knuckle diameter', 'mm', 7, 2, 40),
    opens: number('Opens to', 'deg', 270, 30, 355),
    rating: rating(10),
    play,
  },
  'continuous hinge': {
    thick: number('One leaf, thick', 'mm', 0.8, 0.3, 5),
    wide: number('One leaf, wide', 'mm', 14, 5, 80),
    knuckle: number('Knuckle diameter', 'mm', 4.5, 2, 20),
    opens: number('Opens to', 'deg', 270, 30, 355),
    rating: rating(30),
    play: { ...play, usual: 0.1 },
  },
  pivot: {
    pin: number('Pin diameter', 'mm', 10, 3, 60),
    opens: number('Opens to', 'deg', 180, 30, 355),
    rating: rating(40),
    play: { ...play, usual: 0.1 },
  },
  slide: {
    length: number('Length', 'mm', 450, 100, 1500),
    travel: number('Travel', 'mm', 450, 50, 1600),
    /** Shorter ones of the same make, and by how much each is shorter than the next; 0 where it comes in one length. */
    shortest: later(number('Shortest of its make', 'mm', 0, 0, 1500)),
    step: later(number('Lengths go by', 'mm', 50, 1, 500)),
    side: number('Room wanted each side', 'mm', 12.7, 0, 60),
    over: number('Room may be more, in all', 'mm', 0.8, 0, 10),
    high: number('Height', 'mm', 45, 5, 120),
    metal: later(number('Metal under a screw’s head', 'mm', 1.6, 0.3, 6)),
    push: later(number('Pushed in to open', 'mm', 3, 0, 15)),
    play: later({ ...play, usual: 0.5 }),
    person: later(person),
    rating: rating(35),
  },
  'under slide': {
    length: number('Length', 'mm', 450, 100, 1500),
    travel: number('Travel', 'mm', 450, 50, 1600),
    shortest: number('Shortest of its make', 'mm', 250, 0, 1500),
    step: number('Lengths go by', 'mm', 50, 1, 500),
    /** What the box is less wide within than its opening, whatever its sides. */
    inner: number('Box inside is less than the opening', 'mm', 42, 5, 120),
    sidesTo: number('Thickest side', 'mm', 16, 5, 40),
    recess: number('Bottom is recessed', 'mm', 12.5, 3, 40),
    below: number('Room under the box', 'mm', 14, 0, 80),
    rail: number('Rail, wide', 'mm', 14, 3, 60),
    /** Its own rule for the box: so much shorter than itself, a notch so wide at either end of the back, and a hole for its hook. */
    boxLess: later(number('Box is shorter than the slide by', 'mm', 10, 0, 80)),
    notch: later(number('Notch in the back, wide', 'mm', 35, 0, 120)),
    hook: later(number('Hook’s hole, across', 'mm', 6, 0, 20)),
    hookIn: later(number('Hook’s hole, in from the side', 'mm', 7, 0, 80)),
    hookUp: later(number('Hook’s hole, above the bottom’s underside', 'mm', 11, 0, 80)),
    push: number('Pushed in to open', 'mm', 3, 0, 15),
    play: { ...play, usual: 0.3 },
    person: later(person),
    rating: rating(30),
  },
  handle: {
    out: number('Stands out', 'mm', 35, 1, 200),
    wide: number('Width', 'mm', 20, 1, 1000),
    high: number('Height', 'mm', 150, 1, 2000),
    bar: number('Bar, thick', 'mm', 10, 1, 80),
    holes: number('Holes apart', 'mm', 128, 0, 1200),
  },
  knob: {
    out: number('Stands out', 'mm', 28, 1, 150),
    wide: number('Diameter', 'mm', 30, 5, 120),
  },
  stay: {
    length: number('Length, open', 'mm', 250, 50, 1500),
    closed: number('Length, shut', 'mm', 160, 30, 1200),
    holds: number('Pushes with', 'N', 0, 0, 3000),
    /** What rubs in it, so that a leaf stays where it is left. */
    rubs: later(number('Rubs with', 'N', 0, 0, 2000)),
    bears: later(number('Bears, drawn tight', 'N', 300, 10, 10_000)),
    rating: rating(8),
  },
  /** A stay that locks once it is drawn out, until it is let go by hand. */
  'locking stay': {
    length: number('Length, open', 'mm', 300, 50, 1500),
    closed: number('Length, shut', 'mm', 170, 30, 1200),
    bears: number('Bears, locked', 'N', 500, 10, 10_000),
    rating: rating(15),
  },
  /** A chain, a strap or a cord that lets a leaf open so far. */
  chain: {
    longest: number('Length, drawn tight', 'mm', 350, 50, 2000),
    thick: number('Thick', 'mm', 4, 1, 40),
    bears: number('Bears', 'N', 400, 10, 10_000),
  },
  /** A gas strut, measured between the middles of its ends. */
  'gas strut': {
    push: number('Pushes with, drawn out, at 20 °C', 'N', 150, 10, 5000),
    progression: number('Pushes harder pressed in', 'times', 1.3, 1, 3),
    stroke: number('Stroke', 'mm', 100, 10, 1000),
    extended: number('Length, drawn out', 'mm', 275, 40, 2500),
    friction: number('More to press it in', '%', 15, 0, 60),
    tolerance: number('May be off by, either way', '%', 7, 0, 40),
    ageing: number('Loses over its years', '%', 10, 0, 60),
    tube: number('Tube, across', 'mm', 18, 5, 60),
    rod: number('Rod, across', 'mm', 8, 2, 40),
    off: number('Stands off what it is screwed to', 'mm', 12, 0, 60),
    screws: number('Screws at each end', 'count', 2, 1, 8),
  },
  /** A spring that pulls: from its free length on, so much a mm. */
  'pull spring': {
    rate: number('Pulls, a mm', 'N/mm', 1.2, 0.01, 50),
    begins: number('Pulls as it begins to give', 'N', 8, 0, 1000),
    free: number('Length, free', 'mm', 180, 20, 2000),
    longest: number('Longest', 'mm', 340, 30, 4000),
    across: number('Across', 'mm', 20, 3, 100),
    tolerance: number('May be off by, either way', '%', 10, 0, 40),
  },
  /** A weight on a cord over a roller, hung in the case. */
  counterweight: {
    kg: number('Weighs', 'kg', 4, 0.1, 100),
    cord: number('Cord and roller, across', 'mm', 12, 2, 60),
  },
  /** A spring that is wound up in the hinge line as the leaf is shut. */
  'lid spring': {
    torque: number('Turns with, shut', 'Nm', 4, 0.1, 200),
    less: number('Less for a quarter turn', 'Nm', 3, 0, 200),
    long: number('Long', 'mm', 90, 10, 500),
    across: number('Across', 'mm', 14, 4, 80),
    tolerance: number('May be off by, either way', '%', 10, 0, 40),
  },
  /** A hinge, or an arm, that rubs, so that a leaf stays where it is left. */
  'friction hinge': {
    torque: number('Holds with', 'Nm', 3, 0.1, 100),
    tolerance: number('May be off by, either way', '%', 15, 0, 50),
    ageing: number('Loses over its years', '%', 20, 0, 60),
    wide: number('Wide', 'mm', 30, 5, 200),
    high: number('Long', 'mm', 60, 10, 300),
    thick: number('Thick', 'mm', 12, 2, 40),
  },
  /** What takes up the last of a fall. */
  'soft closer': {
    takes: number('Takes up', 'J', 3, 0.1, 200),
    from: number('Works over the last', 'deg', 20, 2, 90),
    wide: number('Width', 'mm', 14, 4, 100),
    long: number('Length', 'mm', 60, 10, 300),
  },
  /** Arms that carry a door up before its case: a pair on either side. */
  'lift arms': {
    long: number('Arm, between its pivots', 'mm', 300, 40, 1200),
    apart: number('Pivots of one pair apart', 'mm', 60, 10, 600),
    thick: number('Arm, thick', 'mm', 6, 2, 40),
    wide: number('Arm, wide', 'mm', 20, 5, 100),
    rating: rating(12),
  },
  catch: {
    wide: number('Width', 'mm', 46, 5, 200),
    high: number('Height', 'mm', 16, 5, 120),
    deep: number('Depth', 'mm', 14, 2, 120),
    holds: number('Holds with', 'N', 40, 1, 500),
  },
  'roller catch': {
    wide: number('Width', 'mm', 50, 5, 200),
    high: number('Height', 'mm', 14, 5, 120),
    deep: number('Depth', 'mm', 20, 2, 120),
    holds: number('Holds with', 'N', 30, 1, 500),
  },
  'turn button': {
    wide: number('Length', 'mm', 45, 10, 200),
    high: number('Height', 'mm', 16, 5, 120),
    deep: number('Stands out', 'mm', 12, 2, 120),
    holds: number('Holds with', 'N', 150, 1, 2000),
    hand: number('Room a hand wants at it', 'mm', 60, 0, 300),
  },
  bolt: {
    wide: number('Width', 'mm', 30, 5, 200),
    high: number('Length', 'mm', 80, 10, 400),
    deep: number('Stands out', 'mm', 18, 2, 120),
    throw: number('Goes into its keeper', 'mm', 15, 2, 100),
    holds: number('Holds with', 'N', 500, 1, 10_000),
    hand: number('Room a hand wants at it', 'mm', 60, 0, 300),
  },
  castor: {
    wheel: number('Wheel diameter', 'mm', 50, 10, 250),
    high: number('Height in all', 'mm', 68, 12, 320),
    wide: number('Plate width', 'mm', 60, 10, 250),
    rating: rating(40),
  },
  /** Into the timber of a wall or ceiling, into masonry, and behind the lining of a wall that is hollow. */
  'stud screw': fixing(300, 400),
  'wall plug': fixing(250, 400),
  'hollow-wall fixing': fixing(100, 150),
  bracket: {
    out: number('Arm out', 'mm', 50, 5, 1000),
    up: number('Arm up', 'mm', 50, 5, 1000),
    wide: number('Width', 'mm', 20, 5, 200),
    thick: number('Thickness', 'mm', 2.5, 0.5, 20),
    rating: rating(15),
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, HardwareNumber>>>>;

export type HardwareKind = keyof typeof HARDWARE_KINDS;
export const HARDWARE_NAMES = Object.keys(HARDWARE_KINDS) as HardwareKind[];

/** A piece of hardware: a kind, and a number for each of its fields. */
export type HardwareOf<Kind extends HardwareKind> = {
  readonly id: string;
  readonly name: string;
  readonly kind: Kind;
  /** Somebody held its numbers against the maker's sheet or the thing itself. */
  readonly confirmed: boolean;
} & { readonly [Field in keyof (typeof HARDWARE_KINDS)[Kind]]: number };
export type Hardware = { [Kind in HardwareKind]: HardwareOf<Kind> }[HardwareKind];

/** Kinds that keep a leaf shut. */
export const LATCH_KINDS = ['catch', 'roller catch', 'turn button', 'bolt'] as const;

/** Kinds that hold a case to what is behind or above it. */
export const FIXING_KINDS = ['stud screw', 'wall plug', 'hollow-wall fixing'] as const;

export const numbersOf = (kind: HardwareKind): [string, HardwareNumber][] =>
  Object.entries(HARDWARE_KINDS[kind]);

const kindSchema = (kind: HardwareKind) =>
  v.strictObject({
    id: IdSchema,
    name: NameSchema,
    kind: v.literal(kind),
    confirmed: v.boolean(),
    ...Object.fromEntries(
      numbersOf(kind).map(([field, { label, usual, least, most, later }]) => {
        const one = v.pipe(
          v.number(`“${label}” is a number.`),
          v.check(
            (value) => value >= least && value <= most,
            `“${label}” must be between ${least} and ${most}.`,
          ),
        );
        return [field, later ? v.optional(one, usual) : one];
      }),
    ),
  });

/** Built from the table above, which its type is taken from too. */
export const HardwareSchema = v.variant(
  'kind',
  HARDWARE_NAMES.map(kindSchema) as [ReturnType<typeof kindSchema>],
  'There is no such kind of hardware.',
) as unknown as v.GenericSchema<unknown, Hardware>;
