import type { BuiltCarcass } from '../carcass/build';
import type { Carcass } from '../carcass/schema';
import type { MoverCheck } from '../clearance/checkMover';
import type { Verdict } from '../clearance/encounter';
import type { HardwareList } from '../hardware/generic';
import type { Stock } from '../material/stock';
import type { Body, Mover } from '../scene/scene';
import type { Sum } from '../sizing/sum';
import type { Change } from '../plan/edit';
import type { Field } from '../item/field';
import type { Issue } from '../item/issue';

/** What a part is made of besides its own numbers: nothing else of the plan may change how it is built. */
export interface PartPlace {
  readonly carcass: Carcass;
  /** The carcass with its openings, panels and their bodies. */
  readonly built: BuiltCarcass;
  readonly stock: Stock;
  readonly hardware: HardwareList;
  readonly gaps: { readonly running: number; readonly around: number };
  /** What a person reaches with ease, mm above the floor, and the room fingers want. */
  readonly reach: { readonly low: number; readonly high: number; readonly fingers: number };
}

/** What a part comes to in the scene: what moves, each with a travel of its own, and what stands still. */
export interface BuiltPart {
  /** Ids are the part's own, or `part.leaf` where it has several. */
  readonly movers: readonly Mover[];
  readonly still: readonly Body[];
}

/** A piece to cut, with the sum behind each of its sizes. */
export interface SizedPiece {
  readonly name: string;
  readonly count: number;
  readonly width: Sum;
  readonly height: Sum;
  /** mm. */
  readonly thickness: number;
  /** The material's id; empty for what is there already. */
  readonly material: string;
  /** The mover it is, where it is one: its size stands at the head of that part's card. */
  readonly of?: string;
  /** What else is to be known to make it: borings, slots, what is left on. Lengths are marked, to be said in the reader's units. */
  readonly notes: readonly string[];
}

/** What a closed form found of a part, besides its travel. Lengths are marked. */
export interface PartNote {
  readonly about:
    | 'hinges'
    | 'adjustment'
    | 'fingers'
    | 'reach'
    | 'opening'
    | 'fit'
    | 'caution'
    | 'holes'
    | 'wood'
    | 'runs'
    | 'cable';
  readonly verdict: Verdict;
  readonly sentence: string;
}

/** A default that an answer rests on and nobody confirmed, and what to measure. */
export interface Rest {
  /** What nobody confirmed, after "that": "birch plywood 18 mm is as thick as its name says". */
  readonly words: string;
  /** "measure the thickness of birch plywood 18 mm". */
  readonly measure: string;
}

/** A change of the part that would mend it, and how it reads after "so next,". Paths start at the part. */
export interface Proposal {
  readonly words: string;
  readonly changes: readonly Change[];
}

/**
 * A parts family: what every other room knows of it. A new one is a folder with these and a line in
 * `families.ts`, and in `quickCards.ts` where one may start with it.
 */
export interface Family<Part> {
  /** What one is called: "drawers". */
  readonly word: string;
  /** As it reads in a list of what can be hung on a carcass: "Drawers". */
  readonly add: string;
  /** What each of its movers is called where it has several, and the piece whose size stands at the head of a card. */
  readonly mover: string;
  readonly piece: string;
  /** What its card shows of it. */
  fields(part: Part): readonly Field<Part>[];
  /**
   * A new part with usual numbers, in a bay of its carcass.
   *
   * @param behind  a leaf closes the bay already
   */
  fresh(id: string, name: string, place: PartPlace, bay: string, behind?: boolean): Part;
  /**
   * What cannot be built, each with the number that would do. Paths start at the part.
   *
   * @param still  everything that stands still, the part's own carcass included
   */
  refuse(part: Part, place: PartPlace, still: readonly Body[]): Issue[];
  build(part: Part, place: PartPlace): BuiltPart;
  /** The part as it is in a mirror that turns left and right about. */
  mirror(part: Part, place: PartPlace): Part;
  sizes(part: Part, place: PartPlace): SizedPiece[];
  /** Hardware it takes, by id, with how many; and which length of what comes in several, mm. */
  takes(
    part: Part,
    place: PartPlace,
  ): readonly { readonly hardware: string; readonly count: number; readonly length?: number }[];
  /** What closed forms tell of it: loads, sag, fingers, reach. */
  notes(part: Part, place: PartPlace): PartNote[];
  rests(part: Part, place: PartPlace): Rest[];
  /**
   * The least change known to mend what the check of one of its movers found; undefined where the family knows none.
   *
   * @param met  what the worst of it is met with
   */
  advise(part: Part, check: MoverCheck, place: PartPlace, met: Body | undefined): Proposal | undefined;
}
