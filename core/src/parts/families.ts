import * as v from 'valibot';
import { adviseDoor } from './door/advice';
import { buildDoor } from './door/build';
import { doorFields } from './door/fields';
import { freshDoor, mirrorDoor } from './door/fresh';
import { doorTakes } from './door/hung';
import { doorNotes, doorRests } from './door/notes';
import { refuseDoor } from './door/refuse';
import { DoorSchema, type Door } from './door/schema';
import { doorSizes } from './door/sizes';
import { DRAWER } from './drawer/drawer';
import { DrawerSchema, type Drawer } from './drawer/schema';
import type { Family } from './family';
import { KEPT } from './kept/kept';
import { KeptSchema, type Kept } from './kept/schema';
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
  [DoorSchema, DrawerSchema, PulloutSchema, SlidingSchema, TopSchema, ShelfSchema, KeptSchema],
  'There is no such family of parts.',
);
export type Part = v.InferOutput<typeof PartSchema>;

interface ByFamily {
  door: Family<Door>;
  drawer: Family<Drawer>;
  'pull-out': Family<Pullout>;
  sliding: Family<Sliding>;
  'sliding top': Family<Top>;
  shelf: Family<Shelf>;
  kept: Family<Kept>;
}

const FAMILIES: ByFamily = {
  door: {
    word: 'door',
    add: 'A door',
    mover: 'leaf',
    piece: 'Leaf',
    fields: doorFields,
    fresh: (id, name, { carcass, stock }, bay) => {
      const door = freshDoor(id, carcass.id, name, bay);
      // Where the usual sheet was taken out of the plan it is made of what its carcass is.
      return stock.has(door.leaf.material)
        ? door
        : { ...door, leaf: { ...door.leaf, material: carcass.sheet } };
    },
    refuse: refuseDoor,
    build: buildDoor,
    mirror: mirrorDoor,
    sizes: doorSizes,
    takes: doorTakes,
    notes: doorNotes,
    rests: doorRests,
    advise: adviseDoor,
  },
  drawer: DRAWER,
  'pull-out': PULLOUT,
  sliding: SLIDING,
  'sliding top': TOP,
  shelf: SHELF,
  kept: KEPT,
};

/** The family a part belongs to. */
export function familyOf(part: Pick<Part, 'family'>): Family<Part> {
  return FAMILIES[part.family] as unknown as Family<Part>;
}

export const FAMILY_NAMES = Object.keys(FAMILIES) as Part['family'][];
