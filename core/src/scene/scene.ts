import type { Motion } from '../motion/motion';
import type { Convex } from '../solid/convex';
import type { Piece } from '../solid/halfSpace';

/** Something solid, in as many pieces as it takes, where it stands with every travel at its start. Lengths in mm. */
export interface Body<P extends Piece = Piece> {
  readonly id: string;
  /** As it reads in a sentence: "the roof slope", "the leaf". */
  readonly name: string;
  /** The plan item it comes from, so that a finding can select it. */
  readonly item: string;
  readonly pieces: readonly P[];
}

/** What moves is made of convex solids. */
export type MovingBody = Body<Convex>;

/** A touch that is meant: the two bodies may meet over these travels, no deeper than `depth` mm. */
export interface IntendedContact {
  readonly moving: string;
  readonly still: string;
  readonly from: number;
  readonly to: number;
  readonly depth: number;
}

/** Bodies that move together, with one travel. */
export interface Mover {
  /** The plan item it comes from. */
  readonly id: string;
  readonly name: string;
  readonly bodies: readonly MovingBody[];
  readonly motion: Motion;
  /** What its travel is counted in: radians, said as degrees, or mm. */
  readonly unit: 'rad' | 'mm';
  /** Shut is `from`. */
  readonly from: number;
  readonly to: number;
  readonly contacts: readonly IntendedContact[];
  /** Clearance needed from a still body, mm, by its id; `around` where none is named. */
  readonly needs: { readonly around: number; readonly of: Readonly<Record<string, number>> };
}

/** All there is to check: what stands still and what moves. */
export interface Scene {
  readonly still: readonly Body[];
  readonly movers: readonly Mover[];
}
