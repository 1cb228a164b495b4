import { ShelfLoadSchema } from '../../strength/shelfLoad';
import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { IdSchema, NameSchema } from '../../item/schema';

/** Loose shelves on pins in a bay, all alike. */
export const ShelfSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('shelf'),
  name: NameSchema,
  mount: BayMountSchema,
  material: IdSchema,
  count: v.pipe(
    v.number('Shelves are counted.'),
    v.integer('Shelves are counted whole.'),
    v.minValue(1, 'At least one shelf.'),
    v.maxValue(20, 'At most 20 shelves.'),
  ),
  /** Underside of the lowest above the bay's bottom, and from one to the next; null where they are spread evenly. */
  up: v.nullable(v.strictObject({ first: lengthBetween(0), step: positiveLength() })),
  /** How much shorter it is than its opening, in all. */
  less: lengthBetween(0, 100),
  setback: lengthBetween(0),
  banding: lengthBetween(0, 10),
  /** How far each pin stands out of its side. */
  pins: positiveLength(60),
  /** Moisture it may gain or lose, percent points: solid wood moves with it. */
  moisture: v.pipe(v.number(), v.minValue(0), v.maxValue(20, 'At most 20 percent points.')),
  /** Lies loose, or is held by screws through slots. */
  held: v.picklist(['loose', 'screws in slots'], 'A shelf lies loose or is held by screws in slots.'),
  /** kg on a metre of it; null where nobody said, which counts as books. */
  load: ShelfLoadSchema,
  schools: OwnSchoolsSchema,
});
export type Shelf = v.InferOutput<typeof ShelfSchema>;
