import type { Mover, Ride } from '../scene/scene';
import type { Place } from './freeGround';

/**
 * A part that can be left standing at some travels: shut first. What goes with another part, its thing, does so as a mover
 * does. Of what goes `along`, the first state is with its thing shut and the second with it out; all further ones are its own.
 */
export interface Parkable extends Pick<Mover, 'thing' | 'goes'> {
  readonly id: string;
  readonly states: readonly number[];
  /** What it rides on, and at which travel that must stand for it to go; anywhere where none is given. */
  readonly ride?: { readonly on: string; readonly while: Ride['while']; readonly at: number | undefined };
}

/**
 * A part as a map is asked for: as it is, with what carries it standing at a travel, or itself standing at one and taken
 * along over the other's travel.
 */
export interface Posed {
  readonly id: string;
  readonly hostAt?: number;
  readonly takenAt?: number;
}

/** Whether a part is done once it has been open: it is shut again before what it belongs to goes. */
export const isPassing = ({ goes, ride }: Parkable): boolean => goes === 'in place' || ride?.while === 'shut';

/** One step of an order: one part goes on its own, or two together along a way through. */
export type Move =
  | { readonly kind: 'one'; readonly part: string; readonly from: number; readonly to: number }
  | { readonly kind: 'two'; readonly parts: readonly [string, string]; readonly way: readonly Place[] };

/**
 * Why two parts can never both be where they are wanted: they hit each other when shut, they would where they are wanted, no
 * way leads there from shut, or they are ways of one thing.
 */
export type WhyNone = 'shut' | 'there' | 'parted' | 'one thing';

export type Order =
  | { readonly kind: 'order'; readonly moves: readonly Move[] }
  /** Proven: whatever else is done, these two cannot both be where they are wanted. */
  | { readonly kind: 'none'; readonly pair: readonly [string, string]; readonly why: WhyNone }
  /** No order was found, and none is proven not to be; `pair` is one that was in the way, and whether it is proven to hit there. */
  | {
      readonly kind: 'not proven';
      readonly pair: readonly [string, string] | undefined;
      readonly hits: boolean;
    };
