import type { Frame } from '../../item/frame';
import type { Range } from '../../solid/bounds';

/** Where somebody lies on a part once it is let down or drawn out, in the frame of what carries it: its front looks to -y. */
export interface LainOn {
  readonly frame: Frame;
  readonly x: Range;
  /** From its far edge back to its carcass. */
  readonly y: Range;
  /** What one lies on, upper face. */
  readonly top: number;
  /** The finished floor there. */
  readonly floor: number;
}
