import * as v from 'valibot';
import { CarcassSchema } from '../carcass/schema';
import { lengthBetween } from '../length/length';
import { UnitsSchema } from '../length/units';
import { PartSchema } from '../parts/families';
import { NameSchema, SpaceSchema, ThingSchema } from '../space/schema';

export const PLAN_FORMAT = 'tarnpass-plan';
/** The version this code writes. Older ones are migrated on reading; newer ones are refused. */
export const PLAN_VERSION = 1;

const MOST_ITEMS = 200;

/** What the person decided, and nothing that can be computed from it. */
export const PlanSchema = v.strictObject({
  format: v.literal(PLAN_FORMAT),
  version: v.literal(PLAN_VERSION),
  title: NameSchema,
  units: UnitsSchema,
  /** Clearance wanted between a part and its own carcass, and from everything else. */
  gaps: v.strictObject({ running: lengthBetween(0, 500), around: lengthBetween(0, 500) }),
  space: SpaceSchema,
  things: v.pipe(v.array(ThingSchema), v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} things.`)),
  carcasses: v.pipe(v.array(CarcassSchema), v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} carcasses.`)),
  parts: v.pipe(v.array(PartSchema), v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} parts.`)),
});
export type Plan = v.InferOutput<typeof PlanSchema>;
