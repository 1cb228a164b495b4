import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { IdSchema, NameSchema } from '../../item/schema';
import { BoxSchema } from '../kit/box/schema';
import { CableSchema, ContentsSchema } from '../kit/contents/schema';
import { DrawnFitSchema, FrontSchema, PullSchema } from '../kit/drawn/schema';
import { ClosingSchema, RunsSchema } from '../kit/runs/schema';

const load = v.pipe(
  v.number('A load is a number of kg.'),
  v.minValue(0, 'A load cannot be less than 0.'),
  v.maxValue(300, 'At most 300 kg.'),
);

/** What comes out. */
export const CarriesSchema = v.variant(
  'kind',
  [
    /** A low box. */
    v.strictObject({ kind: v.literal('tray') }),
    /** A box without a bottom and a board over it, in whose cut-outs bins hang by their rims, so wide at each side. */
    v.strictObject({ kind: v.literal('bins'), rim: lengthBetween(0, 60) }),
    /** Two uprights and so many shelves between them, each with a rim so high along its sides. */
    v.strictObject({
      kind: v.literal('tiers'),
      count: v.pipe(
        v.number('Tiers are counted.'),
        v.integer('Tiers are counted whole.'),
        v.minValue(1, 'At least one tier.'),
        v.maxValue(12, 'At most 12 tiers.'),
      ),
      rim: lengthBetween(0, 300),
    }),
    /** One board that takes a load at its outer edge, kg: a hidden table, or a step to stand on; null where nobody said. */
    v.strictObject({ kind: v.literal('table'), edge: v.nullable(load) }),
    v.strictObject({ kind: v.literal('step'), edge: v.nullable(load) }),
  ],
  'A pull-out is a tray, bins, tiers, a table or a step.',
);

/** One thing that is pulled out of a bay of its carcass on slides or runners. */
export const PulloutSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('pull-out'),
  name: NameSchema,
  mount: BayMountSchema,
  carries: CarriesSchema,
  fit: DrawnFitSchema,
  front: FrontSchema,
  handle: v.nullable(PullSchema),
  box: BoxSchema,
  runs: RunsSchema,
  closing: ClosingSchema,
  /** A guide over its top in the middle, with so much play either way; none where it stands on its slides alone. */
  guide: v.nullable(v.strictObject({ play: positiveLength(20) })),
  contents: ContentsSchema,
  cable: v.nullable(CableSchema),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Pullout = v.InferOutput<typeof PulloutSchema>;
