import * as v from 'valibot';
import { degreesBetween, IdSchema, NameSchema } from '../../item/schema';
import { lengthBetween, LengthSchema, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { MoverMountSchema, TopMountSchema, WallMountSchema } from '../contract/mount';

export const COVER_WAYS = ['to the right', 'to the left'] as const;

/** A board that turns in its own plane about one screw, over a socket or a latch on a wall or a leaf, a hob or a sink in a top. */
export const CoverSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('cover'),
  name: NameSchema,
  /** Shut, its left foot: along the wall and up; on a top from its left and its front edge. */
  mount: v.variant(
    'on',
    [
      WallMountSchema,
      MoverMountSchema,
      v.strictObject({ ...TopMountSchema.entries, from: LengthSchema, back: LengthSchema }),
    ],
    'A cover is on a wall, on a leaf or on a top.',
  ),
  material: IdSchema,
  wide: positiveLength(1500),
  /** Up a wall; on a top from front to back. */
  high: positiveLength(1500),
  /** It stands so far off what it is on, for what stands out beneath it. */
  off: lengthBetween(0, 150),
  /** The screw it turns on, from its left edge and from its foot. */
  pin: v.strictObject({ in: lengthBetween(0, 1500), up: lengthBetween(0, 1500), hardware: IdSchema }),
  way: v.picklist(COVER_WAYS, 'It turns to the right or to the left.'),
  limit: degreesBetween(10, 180, 'How far it turns'),
  /** What it is there to cover, from its own left foot as it is shut. */
  over: v.strictObject({
    in: lengthBetween(-1500, 1500),
    up: lengthBetween(-1500, 1500),
    wide: positiveLength(1500),
    high: positiveLength(1500),
  }),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Cover = v.InferOutput<typeof CoverSchema>;
