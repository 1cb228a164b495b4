import * as v from 'valibot';
import { IdSchema, NameSchema } from '../../item/schema';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { LevelMountSchema } from '../contract/mount';

export const POWERS = ['by hand', 'by a motor'] as const;

const kg = (most: number) =>
  v.pipe(
    v.number('A load is a number of kg.'),
    v.minValue(0, 'A load cannot be less than 0.'),
    v.maxValue(most, `At most ${most} kg.`),
  );

/** What carries the top from its lowest to its highest. */
export const LiftsSchema = v.variant(
  'kind',
  [
    /** A column of tubes that draw out of each other: so many of them, the widest so wide, each held in the next by so much. */
    v.strictObject({
      kind: v.literal('pedestal'),
      tubes: v.pipe(
        v.number('Tubes are counted.'),
        v.integer('Tubes are counted whole.'),
        v.minValue(2, 'At least two.'),
        v.maxValue(4, 'At most four.'),
      ),
      across: positiveLength(300),
      held: positiveLength(300),
    }),
    /** Two crossed pairs of arms, long from pin to pin. */
    v.strictObject({ kind: v.literal('scissor'), material: IdSchema, long: positiveLength(2000), wide: positiveLength(150) }),
    /** Two pairs of arms side by side, long from pin to pin, so far apart along the floor: the top stays level and goes along an arc. */
    v.strictObject({
      kind: v.literal('parallel arms'),
      material: IdSchema,
      long: positiveLength(1500),
      wide: positiveLength(150),
      apart: positiveLength(1200),
      goes: v.picklist(['front', 'back'], 'As it rises it goes to the front or to the back.'),
    }),
  ],
  'A table is lifted on a pedestal, a scissor or parallel arms.',
); // prettier-ignore
export type Lifts = v.InferOutput<typeof LiftsSchema>;

/** A table on the floor whose top goes up and down: to eat at, and low between seats to lie on. */
export const LiftSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('lift table'),
  name: NameSchema,
  mount: v.strictObject({ ...LevelMountSchema.entries, on: v.literal('floor') }),
  material: IdSchema,
  wide: positiveLength(2400),
  deep: positiveLength(2000),
  /** Its upper face above the floor, at its lowest and its highest. */
  low: positiveLength(1200),
  high: positiveLength(1400),
  lifts: LiftsSchema,
  power: v.picklist(POWERS, 'It is lifted by hand or by a motor.'),
  /** What its foot and what lifts it may carry, as its maker says, kg. */
  rating: kg(1000),
  /** What lies on it as it goes, kg. */
  carries: kg(300),
  /** Seats beside it, above the floor; 0 where there are none. */
  seat: lengthBetween(0, 900),
  /** Down, it is lain on with the seats. */
  sleeps: v.boolean(),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type LiftTable = v.InferOutput<typeof LiftSchema>;
