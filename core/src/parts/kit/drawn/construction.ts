import type { Issue } from '../../../item/issue';
import type { Board, WorkIn } from '../../../piece/board';
import type { Bounds } from '../../../solid/bounds';
import type { BoxSums, Whose } from '../box/box';
import type { DrawnOut } from './schema';

/** What runs in and out between its slides, whatever it is: how it is made within its outer bounds, in the carcass's frame, mm. */
export interface BoxConstruction {
  /**
   * Its boards, where they stand and how they are cut.
   *
   * @param sums  how its outer width and depth came about
   */
  boards(outer: Bounds, sums: BoxSums, whose: Whose): ConstructedBox;
  /** Where its contents stand: on each of its tiers, the lowest first. */
  tiers(outer: Bounds): readonly Bounds[];
  /** It has no bottom that bears what is in it: what it carries is told elsewhere. */
  readonly bottomless?: true;
  /** Closed above where its tiers end: contents do not stand out of it. */
  readonly closed?: true;
  /** What of it cannot be made. Paths start at the part. */
  issues(outer: Bounds, frontThick: number): Issue[];
}

/** What is made of it. */
export interface ConstructedBox {
  readonly boards: readonly Board[];
  /** An old box that is used again: its walls as they are. */
  readonly old?: readonly Bounds[];
  /** What it wants worked into a front that is its front end. */
  readonly intoFront: readonly WorkIn[];
  /** The boards its slides are fixed to, and the one an applied front is, by their keys. */
  readonly holds: { readonly left?: string; readonly right?: string; readonly front?: string };
}

/** Whether the front end of its box is the drawer's front. */
export const isOwn = ({ front, fit }: Pick<DrawnOut, 'front' | 'fit'>): boolean =>
  front.made !== 'applied' && fit.kind !== 'none';
