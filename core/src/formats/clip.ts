import * as v from 'valibot';
import { CarcassSchema } from '../carcass/schema';
import { HardwareSchema } from '../hardware/schema';
import { MaterialSchema } from '../material/schema';
import { PartSchema } from '../parts/families';
import type { Clip } from '../plan/clip';
import { ExistingSchema } from '../existing/schema';
import { ThingSchema } from '../things/schema';
import { parseJson } from './planFile';

const CLIP_FORMAT = 'tarnpass-clip';
const MOST = 200;

const ClipSchema = v.strictObject({
  format: v.literal(CLIP_FORMAT),
  things: v.pipe(v.array(ThingSchema), v.maxLength(MOST)),
  existing: v.optional(v.pipe(v.array(ExistingSchema), v.maxLength(MOST)), []),
  carcasses: v.pipe(v.array(CarcassSchema), v.maxLength(MOST)),
  parts: v.pipe(v.array(PartSchema), v.maxLength(MOST)),
  materials: v.optional(v.pipe(v.array(MaterialSchema), v.maxLength(MOST)), []),
  hardware: v.optional(v.pipe(v.array(HardwareSchema), v.maxLength(MOST)), []),
});

/** Copied items as text for the clipboard: JSON, so that they can go into another job. */
export const writeClip = (clip: Clip): string => JSON.stringify({ format: CLIP_FORMAT, ...clip });

/** Copied items from text; undefined where the text is something else. */
export function readClip(text: string): Clip | undefined {
  const json = parseJson(text);
  if (!json.ok) return undefined;
  const read = v.safeParse(ClipSchema, json.raw);
  return read.success ? read.output : undefined;
}
