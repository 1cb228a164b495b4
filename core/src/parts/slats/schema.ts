import * as v from 'valibot';
import { counted } from '../../item/counted';
import { IdSchema, NameSchema } from '../../item/schema';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { TopMountSchema } from '../contract/mount';

export const COMBS = ['from strips', 'from one board'] as const;

/** Two combs of slats over a carcass, one that stays and one between it that is drawn out to the front, to lie or sit on. */
export const SlatsSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('slats'),
  name: NameSchema,
  mount: TopMountSchema,
  material: IdSchema,
  /** Boards glued on each other to make a slat. */
  layers: counted('Boards', 1, 3),
  /** Slats that stay; one fewer goes between them. */
  count: counted('Slats', 2, 60),
  /** Between two slats that lie beside each other. */
  clearance: lengthBetween(0.2, 40),
  /** Each its own strip; or both combs sawn from one board along one line, which keeps a curve: the clearance is the kerf. */
  combs: v.picklist(COMBS, 'Combs are made from strips, or sawn from one board.'),
  /** How far it lies over each side of its carcass. */
  over: v.strictObject({ left: lengthBetween(-500, 500), right: lengthBetween(-500, 500) }),
  travel: positiveLength(2000),
  /** What curves in behind it, as a hull's side does: how far before the carcass's back it stands at the left end, midway and at the right. */
  behind: v.optional(
    v.nullable(
      v.strictObject({
        left: lengthBetween(0, 1500),
        middle: lengthBetween(0, 1500),
        right: lengthBetween(0, 1500),
      }),
    ),
  ),
  /** How far the combs still lie between each other at full travel, at least. */
  overlap: lengthBetween(0, 800),
  /** Drawn out it is stopped there: else a hand draws it off. */
  stopped: v.boolean(),
  /** Under the front ends of what is drawn out. */
  rail: v.strictObject({ material: IdSchema, deep: positiveLength(300) }),
  /** Legs under that, so wide; null where it is held by nothing. */
  legs: v.nullable(v.strictObject({ count: counted('Legs', 2, 6), wide: positiveLength(200) })),
  /** What is lain on. */
  mattress: lengthBetween(0, 400),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Slats = v.InferOutput<typeof SlatsSchema>;
