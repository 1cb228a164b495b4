import type { Carcass } from '../carcass/schema';
import type { MoverCheck } from '../clearance/checkMover';
import type { Body, Mover } from '../scene/scene';
import type { Sum } from '../sizing/sum';
import type { Change } from '../plan/edit';
import type { Field } from '../item/field';
import type { Issue } from '../item/issue';
import type { QuickCard } from './quick';

/** What a part is made of besides its own numbers: nothing else of the plan may change how it is built. */
export interface PartPlace {
  readonly carcass: Carcass;
  /** The carcass's own panels. */
  readonly panels: readonly Body[];
  readonly gaps: { readonly running: number; readonly around: number };
}

/** A piece to cut, with the sum behind each of its sizes. */
export interface SizedPiece {
  readonly name: string;
  readonly width: Sum;
  readonly height: Sum;
  readonly thickness: number;
}

/** A change of the part that would mend it, and how it reads after "so next,". Paths start at the part. */
export interface Proposal {
  readonly words: string;
  readonly changes: readonly Change[];
}

/**
 * A parts family: what every other room knows of it. A new one is a folder with these and a line in
 * `families.ts`.
 */
export interface Family<Part> {
  /** As it reads in a list of what can be added: "door". */
  readonly word: string;
  readonly fields: readonly Field<Part>[];
  /** What one may be making with it, for a start without a job. */
  readonly quick: readonly QuickCard[];
  /** A new part with usual numbers. */
  fresh(id: string, carcass: string, name: string): Part;
  /**
   * What cannot be built, each with the number that would do. Paths start at the part.
   *
   * @param still  everything that stands still, the part's own carcass included
   */
  refuse(part: Part, place: PartPlace, still: readonly Body[]): Issue[];
  build(part: Part, place: PartPlace): Mover;
  /** The part as it is in a mirror that turns left and right about. */
  mirror(part: Part): Part;
  sizes(part: Part, place: PartPlace): SizedPiece[];
  /** The least change known to mend what the check found; undefined where the family knows none. */
  advise(part: Part, check: MoverCheck): Proposal | undefined;
}
