import type { Convex } from '../solid/convex';
import type { Point3 } from '../solid/prism';
import type { Sum } from '../sizing/sum';
import type { Edge, Side, Work } from './work';

/** What a piece is in the thing it is of. */
export type Role =
  // of a carcass
  | 'side'
  | 'bottom'
  | 'top'
  | 'back'
  | 'upright'
  | 'fixed shelf'
  | 'stile'
  | 'rail'
  | 'member'
  | 'leg'
  | 'plinth'
  | 'hanging rail'
  | 'end panel'
  | 'filler'
  // of a leaf or front
  | 'leaf'
  | 'pane'
  | 'front'
  | 'panel'
  | 'handle'
  | 'pull'
  | 'rack'
  // of what is drawn out
  | 'box side'
  | 'box end'
  | 'box bottom'
  | 'box rail'
  | 'muntin'
  | 'divider'
  | 'board'
  | 'tier'
  | 'rim'
  | 'cheek'
  | 'old box'
  // of what carries it
  | 'hinge'
  | 'slide'
  | 'packing'
  | 'runner'
  | 'kicker'
  | 'guide'
  | 'track'
  | 'cleat'
  // of what lifts and drops
  | 'margin'
  | 'ledge'
  | 'cushion'
  | 'spring'
  | 'stay'
  | 'latch'
  // the rest
  // of what is there already
  | 'lever'
  | 'arm'
  | 'strut'
  | 'section'
  | 'sash'
  | 'seat'
  | 'thing'
  | 'shelf'
  | 'rod'
  | 'pin'
  | 'old piece'
  | 'content'
  | 'load';

/** A size of a piece, each with its sum: along the grain, across it, and through. */
export interface Sizes {
  readonly length: Sum;
  readonly width: Sum;
  readonly thick: Sum;
}

/** Where a piece stands: the corner its sizes are counted from, and the unit vectors they are counted along, right-handed. */
export interface Lie {
  readonly origin: Point3;
  readonly length: Point3;
  readonly width: Point3;
  readonly thick: Point3;
}

/** What a piece is cut from, and what its edges and faces get, mm. */
export interface Cutting {
  /** The material's id. */
  readonly material: string;
  readonly banded: Readonly<Partial<Record<Edge, number>>>;
  readonly faced: { readonly face: number; readonly back: number };
}

/** mm3, and the middle of it. */
export interface Wood {
  readonly volume: number;
  readonly centre: Point3;
}

/**
 * One physical piece: made, bought, there already, or kept in what is made. What is checked, cut, bored, weighed and
 * listed is this; lists do the counting.
 */
export interface Piece {
  /** Item, link, role and instance: never a place in a list, so that it lasts. */
  readonly key: string;
  /** The plan item it is of. */
  readonly item: string;
  readonly role: Role;
  readonly is: 'cut' | 'bought' | 'kept' | 'content';
  /** As a list says it: "Left side". */
  readonly name: string;
  /** As a finding says it, and the key it is told by: several boards of one box are told as the box. */
  readonly told: { readonly key: string; readonly words: string };
  /** All it takes up, finished, with every travel at its start, in the space: it contains the true solid. Empty of what is only weighed. */
  readonly solids: readonly Convex[];
  /** Round about the axis it turns on: it sweeps no air that it does not fill. */
  readonly round?: true;
  readonly lie?: Lie;
  /** As it is when it is finished, and as it is cut. */
  readonly size?: Sizes;
  readonly cut?: Sizes;
  readonly stock?: Cutting;
  /** What its ends, edges and faces are called where a builder stands: "foot", "hinge edge". */
  readonly sides?: Readonly<Partial<Record<Side, string>>> | undefined;
  readonly works: readonly Work[];
  /** What is to be known to make it that is no size and no work. Lengths are marked, to be said in the reader's units. */
  readonly notes: readonly string[];
  /** Of what is bought by its place in the list of hardware: which, how long where it comes in lengths, and how much of one it is. */
  readonly hardware?: { readonly id: string; readonly length?: number; readonly share: number };
  /** What is left of its wood once all is cut out of it that stays open or is another piece. */
  readonly wood?: Wood;
  /** Of what is bought, stored, or weighed by hand; what is cut weighs what its wood weighs. */
  readonly mass?: { readonly kg: number; readonly centre: Point3 };
}

/** Pieces that hang rigidly together: one body of the scene. */
export interface Link {
  readonly key: string;
  /** The plan item it is of. */
  readonly item: string;
  /** As it reads in a sentence: "the left leaf of the wardrobe". */
  readonly words: string;
  readonly pieces: readonly Piece[];
}
