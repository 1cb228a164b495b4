import type { Frame } from '../../item/frame';
import type { Corner } from '../../mechanism/swing';
import type { Range } from '../../solid/bounds';
import type { Point2 } from '../../solid/prism';

/** A deep leaf on an upright axis: what its corner does beside its hinges, and what cutting that back gives. Lengths in mm. */
export interface TurnsBeside {
  readonly key: string;
  readonly frame: Frame;
  /** Its axis in the frame, and the side its hinges are on. */
  readonly axis: Point2;
  readonly side: 'left' | 'right';
  /** From front to back, how far it comes before the face that leads; and its height. */
  readonly before: Range;
  readonly z: Range;
  readonly corners: readonly Corner[];
  /** From its axis to the far side of its opening. */
  readonly free: number;
  /** So much of its corner is cut back both ways; at most `most` may be. */
  readonly cut: number;
  readonly most: number;
  cutBack(mm: number): readonly Corner[];
}
