import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../../length/length';
import { IdSchema, NameSchema } from '../../space/schema';

/**
 * A hinged door of one leaf on butt hinges, opening outward from the front of a carcass.
 *
 * `fit` holds gaps where the leaf is inset and overlaps where it lies over the carcass front, at the hinge edge, the
 * free edge, top and bottom. `pin` is how far the pin's centre is from the flush place: out of it (proud) or into the
 * leaf (let in). The flush place is the leaf's face for an inset leaf, and the leaf's outer edge for an overlay one.
 */
export const DoorSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('door'),
  name: NameSchema,
  carcass: IdSchema,
  fit: v.strictObject({
    kind: v.picklist(['inset', 'overlay'], 'A leaf is inset or overlay.'),
    hinge: LengthSchema,
    free: LengthSchema,
    top: LengthSchema,
    bottom: LengthSchema,
  }),
  thickness: lengthBetween(3, 150),
  hinge: v.strictObject({
    side: v.picklist(['left', 'right'], 'Hinges are on the left or the right.'),
    knuckle: v.picklist(['proud', 'flush', 'let in'], 'The knuckle stands proud, flush or let in.'),
    pin: lengthBetween(0, 60),
  }),
  /** Where a stop ends the opening, degrees from shut. */
  limit: v.pipe(
    v.number('The opening limit is a number of degrees.'),
    v.check((deg) => deg >= 5 && deg <= 270, 'The opening limit must be between 5 and 270 degrees.'),
  ),
  handle: v.nullable(
    v.strictObject({
      projection: positiveLength(300),
      width: positiveLength(),
      height: positiveLength(),
      /** From the free edge, and from the foot of the leaf, to the handle's nearer side. */
      fromFree: lengthBetween(0),
      fromBottom: lengthBetween(0),
    }),
  ),
});
export type Door = v.InferOutput<typeof DoorSchema>;
