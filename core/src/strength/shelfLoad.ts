import * as v from 'valibot';

/** What lies on a shelf or a bottom, kg a metre of its length; null where nobody said, and then books are reckoned with. */
export const ShelfLoadSchema = v.optional(
  v.nullable(
    v.pipe(
      v.number('A load is a number of kg a metre.'),
      v.minValue(0, 'A load cannot be less than 0.'),
      v.maxValue(500, 'At most 500 kg a metre.'),
    ),
  ),
  null,
);
