import * as v from 'valibot';
import { TopMountSchema } from '../contract/mount';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { IdSchema, NameSchema } from '../../item/schema';

export const TOP_WAYS = ['front', 'back', 'left', 'right'] as const;

/** A top that slides over its carcass, away from the cubby under it. */
export const TopSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('sliding top'),
  name: NameSchema,
  mount: TopMountSchema,
  material: IdSchema,
  /** How far it lies over each side of its carcass. */
  over: v.strictObject({
    left: lengthBetween(-500, 500),
    right: lengthBetween(-500, 500),
    front: lengthBetween(-500, 500),
    back: lengthBetween(-500, 500),
  }),
  goes: v.picklist(TOP_WAYS, 'A top slides to the front, the back, the left or the right.'),
  travel: positiveLength(),
  /** Strips under it that run along the inner faces of its carcass and keep it on its way: so thick and so wide, free by so much. */
  cleats: v.strictObject({
    thick: positiveLength(100),
    wide: positiveLength(200),
    play: lengthBetween(0.1, 20),
  }),
  /** A rail that holds its rear edge down. */
  held: v.boolean(),
  /** kg at its outer edge, drawn out: who leans on it; null where nobody said. */
  edge: v.nullable(
    v.pipe(
      v.number('A load is a number of kg.'),
      v.minValue(0, 'A load cannot be less than 0.'),
      v.maxValue(300, 'At most 300 kg.'),
    ),
  ),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Top = v.InferOutput<typeof TopSchema>;
