import * as v from 'valibot';
import { OwnSchoolsSchema } from '../../../material/schema';
import { IdSchema, NameSchema } from '../../../item/schema';
import { positiveLength } from '../../../length/length';
import {
  EdgeMountSchema,
  LevelMountSchema,
  MoverMountSchema,
  WallMountSchema,
} from '../../../parts/contract/mount';

/** An arm that lies along what it is mounted on and swings out of it about its left end, as a towel rail does. Nobody ships one. */
export const ArmSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('arm'),
  name: NameSchema,
  mount: v.variant('on', [EdgeMountSchema, WallMountSchema, LevelMountSchema, MoverMountSchema]),
  material: IdSchema,
  long: positiveLength(3000),
  high: positiveLength(500),
  /** How far it swings, degrees. */
  swings: v.pipe(v.number(), v.minValue(1), v.maxValue(180)),
  schools: OwnSchoolsSchema,
});
export type Arm = v.InferOutput<typeof ArmSchema>;
