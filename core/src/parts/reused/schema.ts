import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { IdSchema, NameSchema } from '../../item/schema';
import { ReusedBoardSchema } from '../kit/reused';

/** An old top laid on a carcass, or an old box set into one of its bays. An old door is a door's own leaf. */
export const ReusedSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('kept'),
  name: NameSchema,
  mount: BayMountSchema,
  what: v.picklist(['top', 'box'], 'What is kept is a top or a box.'),
  /** Seen from the front for a box, from above for a top, whose height is its depth. */
  old: ReusedBoardSchema,
  /** A box's own depth. */
  depth: positiveLength(),
  /** Where it is put: past the carcass's front for a top; in from the bay's left, bottom and front for a box. */
  over: v.strictObject({ left: lengthBetween(-2000), up: lengthBetween(0), front: lengthBetween(-500) }),
  /** Room wanted about a box, in all, at its sides and above. */
  room: lengthBetween(0, 200),
  schools: OwnSchoolsSchema,
});
export type Reused = v.InferOutput<typeof ReusedSchema>;
