import * as v from 'valibot';
import { adviseDoor, refuseDoor } from './door/advice';
import { buildDoor } from './door/build';
import { DOOR_FIELDS, DoorSchema, freshDoor, mirrorDoor, type Door } from './door/schema';
import { DOOR_QUICK } from './door/quick';
import { doorSizes } from './door/sizes';
import type { Family } from './family';
import type { QuickCard } from './quick';

/** Every kind of part there is. A new family adds its schema here and its functions below. */
export const PartSchema = v.variant('family', [DoorSchema], 'There is no such family of parts.');
export type Part = v.InferOutput<typeof PartSchema>;

interface ByFamily {
  door: Family<Door>;
}

const FAMILIES: ByFamily = {
  door: {
    word: 'door',
    fields: DOOR_FIELDS,
    quick: DOOR_QUICK,
    fresh: freshDoor,
    refuse: refuseDoor,
    build: buildDoor,
    mirror: mirrorDoor,
    sizes: doorSizes,
    advise: adviseDoor,
  },
};

/** The family a part belongs to. */
export function familyOf(part: Pick<Part, 'family'>): Family<Part> {
  return FAMILIES[part.family];
}

/** The deck of the quick start, family by family. */
export const QUICK_CARDS: readonly QuickCard[] = Object.values(FAMILIES).flatMap(({ quick }) => quick);

export const FAMILY_NAMES = Object.keys(FAMILIES) as Part['family'][];
