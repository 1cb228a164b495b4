import type { BuiltCarcass, GroundWork } from '../../carcass/build';
import type { Fronted } from '../../item/frame';
import type { Ground } from '../../item/ground';
import type { Carcass } from '../../carcass/schema';
import type { HardwareList } from '../../hardware/generic';
import type { Season } from '../../material/season';
import type { Stock } from '../../material/stock';
import type { Link } from '../../piece/piece';
import type { Body, Mover } from '../../scene/scene';
import type { Force } from '../../balance/force';
import type { Point3 } from '../../solid/prism';
import type { Issue } from '../../item/issue';
import type { PathStep } from '../../item/path';
import type { LevelMount, Mount, MoverMount, WallMount } from './mount';
import type { Floor } from '../../things/floor';
import type { ClearOpening } from './clearOpening';

/** What a part is made of besides its own numbers and what it is mounted on: nothing else of the plan may change how it is laid. */
export interface Place {
  readonly stock: Stock;
  readonly hardware: HardwareList;
  readonly gaps: { readonly running: number; readonly around: number };
  /** How damp wood gets over a year. */
  readonly season: Season;
  /** What a person reaches with ease, mm above the floor, and the room fingers want. */
  readonly reach: { readonly low: number; readonly high: number; readonly fingers: number };
  /** The finished floor before it, which legs stand on and heights are told from. */
  readonly floor: Floor;
}

/** In a bay of a carcass, or on top of it. */
export interface PartPlace extends Place {
  readonly carcass: Carcass;
  /** The carcass with its openings and its boards. */
  readonly built: BuiltCarcass;
}

/** On an edge, a wall, the floor, the ceiling, or what moves. */
export interface GroundPlace extends Place {
  readonly ground: Ground;
  /** Where the part's own frame begins on it. */
  readonly at: Fronted;
}

export type AnyPlace = PartPlace | GroundPlace;

/** What hangs on a link of a part and is no piece of it, as a case does that is mounted on a door. */
export interface Carried {
  readonly link: string;
  readonly words: string;
  readonly kg: number;
  /** The middle of its weight in the space, with everything shut. */
  readonly centre: Point3;
}

/** All a part is made of. */
export interface PartPieces {
  /** What moves, and what of it stays in its carcass: each link one rigid body. */
  readonly moving: readonly Link[];
  readonly still: readonly Link[];
  /** What it has worked into the boards of its carcass. */
  readonly onGround: readonly GroundWork[];
}

/** A force, and the link it acts on, by its key. */
export interface Acting {
  readonly link: string;
  readonly force: Force;
}

/** A box of a wall, from its left foot for who stands before it: so wide, so far into the wall, and so high, mm. */
export interface CutOut {
  readonly at: Fronted;
  readonly width: number;
  readonly deep: number;
  readonly height: number;
}

/** A bay that is closed, by what lies over its front or stands within it. What stands within waits for what lies over it. */
export interface Closing {
  readonly bay: string;
  readonly where: 'over' | 'within';
}

/**
 * A parts family: what every other room knows of it. A new one is a folder whose files have the names of all others and a
 * line in `list.ts`; what shows its card has one in `partFields.ts`, and where one may start with it one in `quickCards.ts`.
 *
 * @typeParam Laid  all that follows from a part and its place: worked out once, by `lay`, and kept
 * @typeParam At    its place, by what it is mounted on
 */
export interface Family<Part, Laid, At extends AnyPlace = PartPlace> {
  /** What one is called: "drawers". */
  readonly word: string;
  /** What it can be mounted on. */
  readonly mounts: readonly Mount['on'][];
  /** What can be had of it, as it reads in a list: "A door", "A pair of doors"; each is a fresh one, changed so for its place. */
  readonly adds: readonly { readonly words: string; as?(part: Part, place: At): Part }[];
  /**
   * A new part with usual numbers, in a bay of a carcass or on that; not given where it is mounted elsewhere.
   *
   * @param behind  a leaf closes the bay already
   */
  fresh?(id: string, name: string, place: PartPlace, bay: string, behind?: boolean): Part;
  /** A new part with usual numbers that stands on the floor; given where it is mounted there. */
  freshOnFloor?(
    id: string,
    name: string,
    mount: LevelMount & { readonly on: 'floor' },
    material: string,
  ): Part;
  /** The same on a wall; given where it is mounted there. */
  freshOnWall?(id: string, name: string, mount: WallMount, material: string): Part;
  /** The same on a leaf that is there, so wide and so high, and what a list calls it; given where it is mounted on those. */
  readonly onLeaf?: {
    readonly words: string;
    /** It must be a leaf that turns on an upright axis, of which it is told where that is. */
    readonly turns?: true;
    fresh(
      id: string,
      name: string,
      mount: MoverMount,
      material: string,
      size: readonly [width: number, height: number],
    ): Part;
  };
  /** What it takes up of the floor from its left front foot, as it is put there and drawn larger by hand: where its width and its depth stand in the part, and how high it is, mm. */
  readonly footprint?: {
    readonly width: readonly PathStep[];
    readonly depth: readonly PathStep[];
    high(part: Part): number;
  };
  /** The part as it is in a mirror that turns left and right about. */
  mirror(part: Part, place: At): Part;
  /** On hardware sold by inches, where a fresh one is on metric that has its like; the same part where there is none. */
  inInches?(part: Part, place: At): Part;
  /** One of a row of them over bays beside each other, seen from before it; not given where they are never hung in rows. */
  inRow?(part: Part, nth: number, of: number): Part;
  /** The opening it closes, and where: what comes out of that opening waits for it. */
  closes?(part: Part): Closing | undefined;
  /** The item it stands before, by its id: that goes only once this is open, as a door does behind its cover flap. */
  before?(part: Part): string | undefined;
  /** What it names and is not there: then it cannot be laid. Paths start at the part. */
  missing(part: Part, place: At): Issue[];
  /** Everything that follows from it and its place, and nothing else. Throws where something it names is not there. */
  lay(part: Part, place: At): Laid;
  /**
   * What cannot be built, each with the number that would do. Paths start at the part.
   *
   * @param around  everything else that stands still, by the bodies of the scene
   */
  refuse(laid: Laid, around: readonly Body[]): Issue[];
  pieces(laid: Laid): PartPieces;
  /** The flat places of it that others may be mounted on. */
  grounds?(laid: Laid, pieces: PartPieces): readonly Ground[];
  /** Its movers, each on a moving link of its pieces. */
  move(laid: Laid, pieces: PartPieces): readonly Mover[];
  /** What it cuts out of the wall it is mounted on, or stands in there; undefined of what stands before it. */
  cuts?(laid: Laid): CutOut | undefined;
  /** Every clear opening that its movers allow together, the widest first. */
  openings?(laid: Laid): readonly ClearOpening[];
  /** What is done with one that is open: it is shut where nothing else is said. */
  readonly stow?: 'Fold up' | 'Fold down' | 'Lower' | 'Push in' | 'Turn back';
  /** Nothing of it moves by itself. */
  readonly still?: true;
  /** Its movers are weighed against what helps them: its appraisal balances them. */
  readonly weighed?: true;
}
