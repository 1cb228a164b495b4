import type { Motion } from '../motion/motion';
import type { Link } from '../piece/piece';
import type { Frame } from '../item/frame';
import type { Field } from '../card/field';
import type { Ground } from '../item/ground';
import type { Issue } from '../item/issue';
import type { Body, Mover } from '../scene/scene';
import type { Point3 } from '../solid/prism';

/** Where an existing mover is: its frame, with x to the right and y into the wall for somebody who stands before it. */
export interface ExistingPlace {
  readonly frame: Frame;
  /** As it reads inside a sentence. */
  readonly words: string;
}

/** What it is made of and how that moves: `kinds.ts` makes its mover of it. */
export interface ExistingMade {
  /** Rigid links, each on its own motion of one travel; the main one first. */
  readonly moving: readonly { readonly link: Link; readonly motion: Motion }[];
  /** What stands still about it: frame, track, the sash that is fixed. It runs in that as near as it likes. */
  readonly still: readonly Link[];
  readonly unit: Mover['unit'];
  readonly to: number;
  /** Its links and what stands still hang together as they did before it was drawn here. */
  readonly joined?: true;
  readonly contacts?: Mover['contacts'];
  /** The flat places of it that others may be mounted on. */
  readonly grounds?: readonly Ground[];
}

/** The same as the scene has it. */
export interface Built {
  readonly mover: Mover;
  readonly grounds: readonly Ground[];
  readonly still: readonly Body[];
}

/** A kind of thing that moves in the space already: what every other room knows of it. */
export interface ExistingKind<Item> {
  readonly word: string;
  readonly fields: readonly Field<Item>[];
  /** With usual numbers. Common practice, no single source: each is there to be measured over. */
  readonly usual: Omit<Item, 'id' | 'name' | 'x' | 'y' | 'z' | 'faces' | 'state' | 'group'>;
  /** Height above the floor it is put at first, mm. */
  readonly z: number;
  make(item: Item, place: ExistingPlace): ExistingMade;
  /** What it fills of the wall, floor or ceiling, in its own frame; none where it hangs before it. */
  mouth(item: Item): { readonly least: Point3; readonly greatest: Point3 } | undefined;
  /** How thick the wall is that it is cut out of, mm; undefined where it is cut out of none. */
  thick(item: Item): number | undefined;
  /** How far it reaches to the back from its front, mm: the depth of its box. */
  deep(item: Item): number;
  /** As it is in a mirror that turns left and right about. */
  mirror(item: Item): Item;
  /** What cannot be built. Paths start at the item. */
  refuse(item: Item): Issue[];
}
