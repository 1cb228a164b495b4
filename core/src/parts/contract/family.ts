import type { BuiltCarcass, GroundWork } from '../../carcass/build';
import type { Carcass } from '../../carcass/schema';
import type { HardwareList } from '../../hardware/generic';
import type { Stock } from '../../material/stock';
import type { Link } from '../../piece/piece';
import type { Body, Mover } from '../../scene/scene';
import type { Lever, Trouble } from '../../item/lever';
import type { Force } from '../../balance/force';
import type { Issue } from '../../item/issue';
import type { PartNote, Assumption } from '../../item/note';
import type { Mount } from './mount';
import type { ClearOpening } from './clearOpening';

/** What a part is made of besides its own numbers: nothing else of the plan may change how it is laid. */
export interface PartPlace {
  readonly carcass: Carcass;
  /** The carcass with its openings and its boards. */
  readonly built: BuiltCarcass;
  readonly stock: Stock;
  readonly hardware: HardwareList;
  readonly gaps: { readonly running: number; readonly around: number };
  /** What a person reaches with ease, mm above the floor, and the room fingers want. */
  readonly reach: { readonly low: number; readonly high: number; readonly fingers: number };
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

/** A bay that is closed, by what lies over its front or stands within it. What stands within waits for what lies over it. */
export interface Closing {
  readonly bay: string;
  readonly where: 'over' | 'within';
}

/**
 * A parts family: what every other room knows of it. A new one is a folder whose files have the names of all others, a
 * line in `families.ts`, one in `partFields.ts` for its card, and one in `quickCards.ts` where one may start with it.
 *
 * @typeParam Laid  all that follows from a part and its place: worked out once, by `lay`, and kept
 */
export interface Family<Part, Laid> {
  /** What one is called: "drawers". */
  readonly word: string;
  /** What it can be mounted on. */
  readonly mounts: readonly Mount['on'][];
  /** What can be had of it, as it reads in a list: "A door", "A pair of doors"; each is a fresh one, changed so. */
  readonly adds: readonly { readonly words: string; as?(part: Part): Part }[];
  /**
   * A new part with usual numbers, in a bay of its carcass.
   *
   * @param behind  a leaf closes the bay already
   */
  fresh(id: string, name: string, place: PartPlace, bay: string, behind?: boolean): Part;
  /** The part as it is in a mirror that turns left and right about. */
  mirror(part: Part, place: PartPlace): Part;
  /** On hardware sold by inches, where a fresh one is on metric that has its like; the same part where there is none. */
  inInches?(part: Part, place: PartPlace): Part;
  /** One of a row of them over bays beside each other, seen from before it; not given where they are never hung in rows. */
  inRow?(part: Part, nth: number, of: number): Part;
  /** The opening it closes, and where: what comes out of that opening waits for it. */
  closes?(part: Part): Closing | undefined;
  /** What it names and is not there: then it cannot be laid. Paths start at the part. */
  missing(part: Part, place: PartPlace): Issue[];
  /** Everything that follows from it and its place, and nothing else. Throws where something it names is not there. */
  lay(part: Part, place: PartPlace): Laid;
  /**
   * What cannot be built, each with the number that would do. Paths start at the part.
   *
   * @param around  everything else that stands still, by the bodies of the scene
   */
  refuse(laid: Laid, around: readonly Body[]): Issue[];
  pieces(laid: Laid): PartPieces;
  /** Its movers, each on a moving link of its pieces. */
  move(laid: Laid, pieces: PartPieces): readonly Mover[];
  /** What acts on what moves of it: what it weighs with all that is in it, and what leans on it or pushes it. */
  forces(laid: Laid, pieces: PartPieces, movers: readonly Mover[]): readonly Acting[];
  /** Every clear opening that its movers allow together, the widest first. */
  openings?(laid: Laid): readonly ClearOpening[];
  /** What closed forms tell of it: loads, sag, fingers, reach. */
  notes(laid: Laid, pieces: PartPieces): PartNote[];
  assumptions(laid: Laid): Assumption[];
  /** What of it may be changed to mend a finding; paths start at the part. What comes of each is for the check to say. */
  levers(laid: Laid, pieces: PartPieces, trouble: Trouble): Lever[];
}
