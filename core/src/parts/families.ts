import * as v from 'valibot';
import { adviseDoor, refuseDoor } from './door/advice';
import { buildDoor } from './door/build';
import { DoorSchema, type Door } from './door/schema';
import { doorSizes } from './door/sizes';
import type { Family } from './family';

/** Every kind of part there is. A new family adds its schema here and its four functions below. */
export const PartSchema = v.variant('family', [DoorSchema], 'There is no such family of parts.');
export type Part = v.InferOutput<typeof PartSchema>;

interface ByFamily {
  door: Family<Door>;
}

const FAMILIES: ByFamily = {
  door: { refuse: refuseDoor, build: buildDoor, sizes: doorSizes, advise: adviseDoor },
};

/** The family a part belongs to. */
export function familyOf(part: Part): Family<Part> {
  return FAMILIES[part.family];
}
