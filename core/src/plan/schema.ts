import * as v from 'valibot';
import { CarcassSchema } from '../carcass/schema';
import { HardwareSchema } from '../hardware/schema';
import { lengthBetween } from '../length/length';
import { CLIMATES } from '../material/season';
import { MaterialSchema, SchoolsSchema } from '../material/schema';
import { UnitsSchema } from '../length/units';
import { PartSchema } from '../parts/families';
import { ExistingSchema } from '../existing/schema';
import { MeasuredSchema } from '../measure/measured';
import { SpaceSchema } from '../space/schema';
import { NameSchema } from '../item/schema';
import { ThingSchema } from '../things/schema';
import { PassageSchema } from '../wayin/schema';
import { readOnce } from './readOnce';

export const PLAN_FORMAT = 'tarnpass-plan';
/** The version this code writes. Older ones are migrated on reading; newer ones are refused. */
export const PLAN_VERSION = 6;

const MOST_ITEMS = 200;
const MOST_PASSAGES = 40;
const MOST_MEASURED = 2000;
const MOST_STONES = 5000;
const MOST_MATERIALS = 60;
const MOST_HARDWARE = 200;

/** What the person decided, and nothing that can be computed from it. */
export const PlanSchema = v.strictObject({
  format: v.literal(PLAN_FORMAT),
  version: v.literal(PLAN_VERSION),
  title: NameSchema,
  units: UnitsSchema,
  /** Clearance wanted between a part and its own carcass, and from everything else. */
  gaps: v.strictObject({ running: lengthBetween(0, 500), around: lengthBetween(0, 500) }),
  /** What a person gets hold of with ease, above the floor, and the room fingers want behind a handle. */
  reach: v.strictObject({ low: lengthBetween(0), high: lengthBetween(0), fingers: lengthBetween(0, 200) }),
  schools: SchoolsSchema,
  /** Who uses it: what may squeeze or catch fingers is judged harder where children or frail people do. */
  users: v.optional(
    v.picklist(
      ['anyone', 'children or frail people'],
      'It is used by anyone, or by children or frail people.',
    ),
    'anyone',
  ),
  /** How damp wood gets where the job stands, and how damp it is when it is cut, percent; null where nobody measured that. */
  season: v.optional(
    v.strictObject({
      climate: v.picklist(CLIMATES, 'A room is heated or unheated.'),
      made: v.nullable(
        v.pipe(
          v.number('Moisture is a number of percent.'),
          v.minValue(2, 'No wood is so dry.'),
          v.maxValue(30, 'At most 30 percent.'),
        ),
      ),
    }),
    { climate: 'heated', made: null },
  ),
  materials: v.pipe(
    v.array(readOnce(MaterialSchema)),
    v.minLength(1, 'A plan needs a material.'),
    v.maxLength(MOST_MATERIALS, `At most ${MOST_MATERIALS} materials.`),
  ),
  /** Hardware of this job; what there always is to choose from is not among it unless it was changed. */
  hardware: v.pipe(
    v.array(readOnce(HardwareSchema)),
    v.maxLength(MOST_HARDWARE, `At most ${MOST_HARDWARE} pieces of hardware.`),
  ),
  space: SpaceSchema,
  /** What was read of the plan's dimensions, as far as it was taken over into them. */
  measured: v.pipe(
    v.array(readOnce(MeasuredSchema)),
    v.maxLength(MOST_MEASURED, `At most ${MOST_MEASURED} measured dimensions.`),
  ),
  /** The way in, from outside to the space. */
  wayIn: v.pipe(
    v.array(readOnce(PassageSchema)),
    v.maxLength(MOST_PASSAGES, `At most ${MOST_PASSAGES} places on the way in.`),
  ),
  existing: v.pipe(
    v.array(readOnce(ExistingSchema)),
    v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} things that move already.`),
  ),
  things: v.pipe(v.array(readOnce(ThingSchema)), v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} things.`)),
  carcasses: v.pipe(
    v.array(readOnce(CarcassSchema)),
    v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} carcasses.`),
  ),
  parts: v.pipe(v.array(readOnce(PartSchema)), v.maxLength(MOST_ITEMS, `At most ${MOST_ITEMS} parts.`)),
  /**
   * Cautions that somebody took upon them, by the key of each: who, why, and the words as they were. Once what is said is another, or
   * its figures are, it stands again.
   */
  taken: v.optional(
    v.pipe(
      v.record(
        v.string(),
        v.strictObject({
          by: NameSchema,
          why: v.pipe(
            v.string('A reason is text.'),
            v.trim(),
            v.minLength(1, 'Give a reason.'),
            v.maxLength(300, 'A reason may have up to 300 characters.'),
          ),
          said: v.pipe(v.string(), v.maxLength(2000)),
        }),
      ),
      v.check((taken) => Object.keys(taken).length <= MOST_STONES, 'So many cautions no plan has.'),
    ),
    {},
  ),
  /** The mark of each mover, by its key: given once and kept for good, so that a note on paper stays true. */
  stones: v.optional(
    v.pipe(
      v.record(v.string(), v.pipe(v.string(), v.minLength(1), v.maxLength(4))),
      v.check((stones) => Object.keys(stones).length <= MOST_STONES, 'So many stones no plan has.'),
    ),
    {},
  ),
});
export type Plan = v.InferOutput<typeof PlanSchema>;
