import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { IdSchema, NameSchema } from '../../item/schema';

/** A rod from side to side of a bay that clothes hang on, in cleats on both sides. */
export const RodSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('rod'),
  name: NameSchema,
  mount: BayMountSchema,
  made: v.picklist(['steel tube', 'wood'], 'A rod is a steel tube or of wood.'),
  thick: positiveLength(80),
  /** From what is above it down to its middle, and from the front of the bay back to its middle; null where it is in the middle of the depth. */
  below: positiveLength(),
  back: v.nullable(positiveLength()),
  /** What hangs on it is so long, with its hangers. */
  long: positiveLength(),
  /** kg on a metre of it; null where nobody said, which counts as full of clothes. */
  load: v.nullable(
    v.pipe(
      v.number('A load is a number of kg a metre.'),
      v.minValue(0, 'A load cannot be less than 0.'),
      v.maxValue(300, 'At most 300 kg a metre.'),
    ),
  ),
  /** Of the cleats: how high, and what they are cut from. */
  cleat: lengthBetween(20, 400),
  material: IdSchema,
  schools: OwnSchoolsSchema,
});
export type Rod = v.InferOutput<typeof RodSchema>;
