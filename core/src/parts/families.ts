import * as v from 'valibot';
import { DOOR } from './door/door';
import { DoorSchema, type Door } from './door/schema';
import { DRAWER } from './drawer/drawer';
import { DrawerSchema, type Drawer } from './drawer/schema';
import type { Family } from './contract/family';
import { REUSED } from './reused/reused';
import { ReusedSchema, type Reused } from './reused/schema';
import { PULLOUT } from './pullout/pullout';
import { PulloutSchema, type Pullout } from './pullout/schema';
import { SLIDING } from './sliding/sliding';
import { SlidingSchema, type Sliding } from './sliding/schema';
import { TOP } from './top/top';
import { TopSchema, type Top } from './top/schema';
import { SHELF } from './shelf/shelf';
import { ShelfSchema, type Shelf } from './shelf/schema';

/** Every kind of part there is. A new family adds its schema here and its functions below. */
export const PartSchema = v.variant(
  'family',
  [DoorSchema, DrawerSchema, PulloutSchema, SlidingSchema, TopSchema, ShelfSchema, ReusedSchema],
  'There is no such family of parts.',
);
export type Part = v.InferOutput<typeof PartSchema>;

/** What a family laid of a part, to be handed back to it; `never` fits what each of them takes. */
type Laid = never;

interface ByFamily {
  door: Family<Door, Laid>;
  drawer: Family<Drawer, Laid>;
  'pull-out': Family<Pullout, Laid>;
  sliding: Family<Sliding, Laid>;
  'sliding top': Family<Top, Laid>;
  shelf: Family<Shelf, Laid>;
  kept: Family<Reused, Laid>;
}

const FAMILIES: ByFamily = {
  door: DOOR,
  drawer: DRAWER,
  'pull-out': PULLOUT,
  sliding: SLIDING,
  'sliding top': TOP,
  shelf: SHELF,
  kept: REUSED,
} as unknown as ByFamily;

/** The family a part belongs to. What it lays of a part is its own: others hand it back as it came. */
export function familyOf(part: Pick<Part, 'family'>): Family<Part, unknown> {
  return FAMILIES[part.family] as unknown as Family<Part, unknown>;
}

export const FAMILY_NAMES = Object.keys(FAMILIES) as Part['family'][];
