import type { Change } from './change';

/** What a change costs whoever builds: in words, and as a figure that only ranks: about the mm of use or of work it takes. */
export interface Cost {
  /** After "it costs": "opening width", "a wider gap at its free edge". */
  readonly words: string;
  readonly once: number;
  readonly perUnit: number;
}

/** A number that may be set otherwise. Words are marked lengths; changes have paths that start at the item. */
export interface Amount {
  readonly kind: 'amount';
  readonly key: string;
  /** What it is called: "its stop". */
  readonly what: string;
  readonly unit: 'mm' | 'degrees';
  /** As it is, and the farthest it may be set: less or more. */
  readonly from: number;
  readonly to: number;
  /** Nothing moves farther than this for a unit of it, mm: bounds how soon it can mend anything. */
  readonly moves: number;
  /** Once it mends, any more mends as well: true of stops, which only take travel away. */
  readonly lasting?: true;
  /** Something may be taken in another stock size as it is set, and jump by more: then nothing is proven of what lies between. */
  readonly jumps?: boolean;
  /** A value to try first: a closed form's, or what the check found. */
  readonly guess?: number;
  readonly cost: Cost;
  words(value: number): string;
  set(value: number): Change[];
}

/** One thing in place of another: the other hand, another hinge, nothing at all. */
export interface Choice {
  readonly kind: 'choice';
  readonly key: string;
  readonly what: string;
  readonly cost: Cost;
  readonly words: string;
  readonly changes: readonly Change[];
  /** What the plan must have for it, put in where it is not there: a material it is cut from. */
  readonly brings?: { readonly materials: readonly { readonly id: string }[] };
}

/** Something that may be changed to mend a finding, with its bounds and what it costs. */
export type Lever = Amount | Choice;

/** What of an item is to be mended: the piece it is about, how much it is short of, and how far its mover goes freely. */
export interface Trouble {
  /** The role of what moves of the item, where the finding is of its mover; undefined of what only stands in another's way. */
  readonly of: string | undefined;
  readonly short: number | undefined;
  /** The item's own travel that keeps every needed clearance, and that is proven free; rad or mm. */
  readonly comfortable: number | undefined;
  readonly usable: number | undefined;
  /** What a note is about, where the finding is one. */
  readonly about: string | undefined;
}
