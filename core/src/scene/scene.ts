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
  /** Air that must stay empty: to be kept out of, not away from. */
  readonly zone?: true;
  /** Not there yet. */
  readonly toCome?: true;
}

/** What moves is made of convex solids, each body on a motion of its mover's travel. */
export interface MovingBody extends Body<Convex> {
  readonly motion: Motion;
}

/**
 * A touch that is meant: the two bodies may meet over these travels, no deeper than `depth` mm. `still` may be another
 * body of the same mover.
 */
export interface IntendedContact {
  readonly moving: string;
  readonly still: string;
  readonly from: number;
  readonly to: number;
  readonly depth: number;
}

/** Bodies that move with one travel: all alike, as leaf and handle do, or each its own way, as folding leaves do. */
export interface Mover {
  /** The plan item it comes from. */
  readonly id: string;
  readonly name: string;
  readonly bodies: readonly MovingBody[];
  /** What its travel is counted in: radians, said as degrees, or mm. */
  readonly unit: 'rad' | 'mm';
  /** Shut is `from`. */
  readonly from: number;
  readonly to: number;
  readonly contacts: readonly IntendedContact[];
  /** Clearance needed from a still body, mm, by its id; `around` where none is named. */
  readonly needs: { readonly around: number; readonly of: Readonly<Record<string, number>> };
}

/** Clearance a mover needs from a body, mm. */
export const neededFrom = ({ needs }: Mover, { id, zone }: Body): number =>
  needs.of[id] ?? (zone ? 0 : needs.around);

/** All there is to check: what stands still and what moves. */
export interface Scene {
  readonly still: readonly Body[];
  readonly movers: readonly Mover[];
  /** What is there now and will be gone: drawn, and not in the way. */
  readonly gone?: readonly Body[];
}

/** Every body of a scene, still or moving: what a finding may name. */
export function bodiesOf(scene: Scene): Body[] {
  return [...scene.still, ...scene.movers.flatMap(({ bodies }) => bodies)];
}
