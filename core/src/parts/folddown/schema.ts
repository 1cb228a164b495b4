import * as v from 'valibot';
import { counted } from '../../item/counted';
import { IdSchema, NameSchema } from '../../item/schema';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { WallMountSchema } from '../contract/mount';

export const USES = ['table', 'seat', 'step'] as const;

/** What carries the leaf once it is up. */
export const PropsSchema = v.variant(
  'kind',
  [
    /** Boards hinged upright on the cleat, which swing out under the leaf: so far out, and so high. */
    v.strictObject({ kind: v.literal('brackets'), material: IdSchema, count: counted('Brackets', 1, 4), out: positiveLength(900), high: positiveLength(900) }),
    /** Boards hinged beneath its far edge, folded along that, which stand on the floor: so wide, and so far in. */
    v.strictObject({ kind: v.literal('legs'), material: IdSchema, count: counted('Legs', 1, 2), wide: positiveLength(200), in: lengthBetween(0, 400) }),
    /** Boards hinged on the cleat, so far beneath the leaf, that are swung up under it so far out from its axis. */
    v.strictObject({ kind: v.literal('struts'), material: IdSchema, count: counted('Struts', 1, 4), wide: positiveLength(200), out: positiveLength(900), down: positiveLength(900) }),
  ],
  'A leaf that folds down stands on brackets, legs or struts.',
); // prettier-ignore
export type Props = v.InferOutput<typeof PropsSchema>;

/** A leaf on a wall that hangs down and is raised to be a table, a seat or a step: on a strip that stays, over a cleat. */
export const FoldDownSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('fold-down'),
  name: NameSchema,
  /** `up` is its upper face once it is raised. */
  mount: WallMountSchema,
  use: v.picklist(USES, 'It is a table, a seat or a step.'),
  material: IdSchema,
  /** Along the wall, and out from the strip. */
  wide: positiveLength(2400),
  deep: positiveLength(1200),
  /** A strip of the same board that stays, so far out from the wall: the leaf hangs before what folds behind it. */
  strip: positiveLength(300),
  /** Under the strip on the wall: so high. */
  cleat: v.strictObject({ material: IdSchema, high: positiveLength(600) }),
  hinge: v.strictObject({ hardware: IdSchema }),
  props: PropsSchema,
  /** What holds the cleat to the wall. */
  fixing: v.strictObject({ hardware: IdSchema, count: counted('Fixings', 1, 24) }),
  /** Who or what is on its far edge, kg; null where nobody said. */
  load: v.nullable(
    v.pipe(
      v.number('A load is a number of kg.'),
      v.minValue(0, 'A load cannot be less than 0.'),
      v.maxValue(400, 'At most 400 kg.'),
    ),
  ),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type FoldDown = v.InferOutput<typeof FoldDownSchema>;
