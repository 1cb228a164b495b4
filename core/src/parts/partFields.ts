import type { Field } from '../card/field';
import { bedFields } from './bed/fields';
import { coverFields } from './cover/fields';
import { doorFields } from './door/fields';
import { drawerFields } from './drawer/fields';
import { flapFields } from './flap/fields';
import { foldDownFields } from './folddown/fields';
import { hiddenFields } from './hidden/fields';
import { lidFields } from './lid/fields';
import { liftFields } from './lift/fields';
import { platformFields } from './platform/fields';
import { pulloutFields } from './pullout/fields';
import { slatsFields } from './slats/fields';
import { slidingFields } from './sliding/fields';
import { topFields } from './top/fields';
import { rodFields } from './rod/fields';
import { shelfFields } from './shelf/fields';
import { reusedPartFields } from './reused/fields';
import { heldFields, linkedFields } from '../card/heldFields';
import { familyOf, type Part } from './families';

/** What a card shows of a part, by its family; apart from the families, so that a page without cards does not load it. */
const FIELDS: {
  [Name in Part['family']]: (part: Extract<Part, { family: Name }>) => readonly Field<never>[];
} = {
  door: doorFields,
  drawer: drawerFields,
  'pull-out': pulloutFields,
  sliding: slidingFields,
  'sliding top': topFields,
  lid: lidFields,
  flap: flapFields,
  bed: bedFields,
  platform: platformFields,
  slats: slatsFields,
  'lift table': liftFields,
  'fold-down': foldDownFields,
  cover: coverFields,
  hidden: hiddenFields,
  shelf: shelfFields,
  rod: rodFields,
  kept: reusedPartFields,
};

export const partFields = (part: Part): readonly Field<Part>[] => [
  ...(FIELDS[part.family] as (one: Part) => readonly Field<Part>[])(part),
  ...(familyOf(part).still || familyOf(part).weighed ? [] : linkedFields<Part>()),
  ...(familyOf(part).still ? [] : heldFields<Part>()),
];
