import type { Frame } from '../../item/frame';
import type { Point3 } from '../../solid/prism';

/** A flat place that nobody is to see while what is before it is shut, and where one stands before that. */
export interface Hides {
  readonly key: string;
  /** As it reads in a sentence: "what is behind the hidden door". */
  readonly words: string;
  /** Convex, in the space. */
  readonly corners: readonly Point3[];
  /** The movers that shut it off, each of a pair by itself; none where another carries it. */
  readonly movers: readonly string[];
  /** Before it one stands in the middle of its width. */
  readonly frame: Frame;
  readonly middle: number;
}
