import * as v from 'valibot';
import { LengthSchema, lengthBetween } from '../length/length';
import { IdSchema, NameSchema, SideSchema } from '../space/schema';

/**
 * A frameless case with an open front: two sides over its whole height, top and bottom between them, a back between
 * all four. (x, y, z) is its left front bottom corner as seen by somebody standing before it; `faces` is the way its
 * front looks.
 */
export const CarcassSchema = v.pipe(
  v.strictObject({
    id: IdSchema,
    name: NameSchema,
    x: LengthSchema,
    y: LengthSchema,
    z: LengthSchema,
    faces: SideSchema,
    width: lengthBetween(50),
    height: lengthBetween(50),
    depth: lengthBetween(20),
    sheet: lengthBetween(1, 100),
  }),
  v.forward(
    v.check(
      ({ width, height, sheet }) => Math.min(width.mm, height.mm) > 2 * sheet.mm,
      'The sheet is so thick that no opening is left.',
    ),
    ['sheet'],
  ),
);
export type Carcass = v.InferOutput<typeof CarcassSchema>;
