import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { IdSchema, NameSchema } from '../../item/schema';
import { BoxSchema } from '../kit/box/schema';
import { CableSchema, ContentsSchema } from '../kit/contents/schema';
import { BankSchema, DrawnFitSchema, FrontSchema, PullSchema } from '../kit/drawn/schema';
import { ClosingSchema, RunsSchema } from '../kit/runs/schema';

/** A bank of one or more drawers in a bay of its carcass. */
export const DrawerSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('drawer'),
  name: NameSchema,
  mount: BayMountSchema,
  bank: BankSchema,
  fit: DrawnFitSchema,
  front: FrontSchema,
  handle: v.nullable(PullSchema),
  box: BoxSchema,
  /** An old box that is used again: it decides the size, and packing makes up what its slides want. */
  old: v.nullable(
    v.strictObject({
      width: positiveLength(3000),
      height: positiveLength(3000),
      depth: positiveLength(3000),
    }),
  ),
  runs: RunsSchema,
  closing: ClosingSchema,
  /** Comes out at the back of the case as well. */
  twoSided: v.boolean(),
  contents: ContentsSchema,
  cable: v.nullable(CableSchema),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Drawer = v.InferOutput<typeof DrawerSchema>;
