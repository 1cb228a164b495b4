import type { Joint } from '../motion/joint';
import type { Convex } from '../solid/convex';

/** Something solid, in as many convex pieces as it takes, where it stands with every travel at 0. Lengths in mm. */
export interface Body {
  readonly id: string;
  /** As it reads in a sentence: "the roof slope", "the leaf". */
  readonly name: string;
  /** The plan item it comes from, so that a finding can select it. */
  readonly item: string;
  readonly pieces: readonly Convex[];
}

/** A touch that is meant: the two bodies may meet over these travels, no deeper than `depth` mm. */
export interface IntendedContact {
  readonly moving: string;
  readonly still: string;
  readonly from: number;
  readonly to: number;
  readonly depth: number;
}

/** Bodies that move together on one joint. */
export interface Mover {
  /** The plan item it comes from. */
  readonly id: string;
  readonly name: string;
  readonly bodies: readonly Body[];
  readonly joint: Joint;
  /** Travel, radians for a turn, mm for a slide. Shut is `from`. */
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
