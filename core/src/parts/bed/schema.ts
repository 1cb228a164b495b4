import * as v from 'valibot';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { degreesBetween, IdSchema, NameSchema } from '../../item/schema';
import { BayMountSchema } from '../contract/mount';
import { CloserSchema, GripSchema, HelpSchema, LatchSchema, StaySchema } from '../kit/turning/schema';

const kg = (most: number) =>
  v.pipe(
    v.number('A load is a number of kg.'),
    v.minValue(0, 'A load cannot be less than 0.'),
    v.maxValue(most, `At most ${most} kg.`),
  );
const counted = (most: number, least = 1) =>
  v.pipe(
    v.number('They are counted.'),
    v.integer('They are counted whole.'),
    v.minValue(least, `At least ${least}.`),
    v.maxValue(most, `At most ${most}.`),
  );

export const BED_TURNS = ['at the end', 'at the side'] as const;

/** What the bed stands on at its far end once it is down: a pair of legs of its rails' board. */
export const LegsSchema = v.variant(
  'kind',
  [
    /** On what is there already, on its stays, or on a ledge. */
    v.strictObject({ kind: v.literal('none') }),
    /** Boards that stand off its underside always. */
    v.strictObject({ kind: v.literal('fixed'), wide: positiveLength(400), in: lengthBetween(0, 600) }),
    /** Boards that lie against its underside, and are swung out by hand once it is so far down. */
    v.strictObject({
      kind: v.literal('by hand'),
      wide: positiveLength(400),
      in: lengthBetween(0, 600),
      at: degreesBetween(0, 89, 'Where its legs are swung out'),
    }),
    /** Boards that hang from its far end and fall by themselves: a bar from their crank to the cabinet keeps them upright. */
    v.strictObject({
      kind: v.literal('on a link'),
      wide: positiveLength(400),
      in: lengthBetween(0, 600),
      crank: positiveLength(400),
    }),
  ],
  'A bed has no legs, fixed legs, legs that are swung out by hand, or legs on a link.',
); // prettier-ignore
export type Legs = v.InferOutput<typeof LegsSchema>;

/** A top that hangs before the bed's underside and stays level as that comes down, so that what is on it stays there. */
export const DeskSchema = v.strictObject({
  material: IdSchema,
  /** Its upper face above the foot of the bay, with the bed up; and how far it comes out. */
  up: positiveLength(1500),
  deep: positiveLength(900),
  /** It hangs so far under its hinges: what stays on it is less high. */
  room: positiveLength(400),
  /** What stays on it. */
  kg: kg(30),
});
export type Desk = v.InferOutput<typeof DeskSchema>;

/** A bed that stands in its cabinet and is let down to the front. */
export const BedSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('bed'),
  name: NameSchema,
  mount: BayMountSchema,
  /** Its length stands up, or its width. */
  turns: v.picklist(BED_TURNS, 'A bed turns at the end or at the side.'),
  mattress: v.strictObject({
    long: positiveLength(2400),
    wide: positiveLength(2200),
    /** As it was measured, nobody on it. */
    thick: positiveLength(500),
    /** How much thicker it gets as it stands up and slumps between its straps. */
    bulges: v.optional(lengthBetween(0, 150)),
    kg: kg(120),
  }),
  /** What lies on the mattress as the bed goes up, and what that weighs; 0 where it is taken off. */
  bedding: v.strictObject({ thick: lengthBetween(0, 300), kg: kg(20) }),
  /** Rails about the mattress, so deep from its underside up, so far off the mattress all round. */
  frame: v.strictObject({ material: IdSchema, deep: positiveLength(500), play: lengthBetween(0, 60) }),
  /** What the mattress lies on, over bearers from rail to rail: so many, so deep, of the rails' board. */
  platform: v.strictObject({ material: IdSchema, bearers: counted(16), deep: positiveLength(300) }),
  /** A board over its near end, so far over its rails: it swings back and down with it; 0 without. */
  headboard: lengthBetween(0, 600),
  /** What holds mattress and bedding to it as it stands up. */
  straps: counted(6, 0),
  /** Panels on its underside, which close the cabinet: side by side, gaps about them, their foot so far above the bay's. */
  face: v.nullable(
    v.strictObject({
      material: IdSchema,
      panels: counted(6),
      reveal: lengthBetween(0.5, 30),
      foot: lengthBetween(0, 600),
    }),
  ),
  /** What it turns on: so far above the foot of the bay, and back from its front. */
  pivot: v.strictObject({ hardware: IdSchema, up: positiveLength(1600), back: positiveLength(1200) }),
  /** Its frame begins so far above the foot of the bay. */
  foot: lengthBetween(0, 1200),
  legs: LegsSchema,
  desk: v.optional(v.nullable(DeskSchema)),
  limit: degreesBetween(45, 95, 'How far it comes down'),
  grip: GripSchema,
  stay: StaySchema,
  help: HelpSchema,
  closer: CloserSchema,
  latch: LatchSchema,
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Bed = v.InferOutput<typeof BedSchema>;
