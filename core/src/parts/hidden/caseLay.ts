import type { Range } from '../../solid/bounds';
import { inset } from '../../solid/polygon';
import type { Point2 } from '../../solid/prism';
import type { HungLeaf, LaidHidden } from './lay';
import { between } from './planSolids';

/** Where the boards of a case lie in its plan: v back from the face that leads. */
export interface CaseLay {
  /** Within its ends and before its back. */
  readonly inner: readonly Point2[];
  /** Its shelves from front to back, told from the face that leads; the back behind them. */
  readonly depth: Range;
  readonly back: Range;
  /** Vertical thickness of its head, which may slope. */
  readonly head: number;
}

export function layCase(laid: LaidHidden, leaf: HungLeaf): CaseLay {
  const { thick, backThick, deep, away, hidden } = laid;
  // Its back is the face away from who stands before it: that leads where it swings away.
  const depth: Range = away ? [backThick, deep] : [0, deep - backThick];
  const back: Range = away ? [0, backThick] : [deep - backThick, deep];
  const within = between(leaf.outline, depth);
  // Ends and what is cut off them are boards; front and back are not.
  const inner = inset(within, ([, v0], [, v1]) => (Math.abs(v0 - v1) < 1e-9 ? 0 : thick));
  const { shape } = hidden;
  const slope = shape.kind === 'tapered' ? Math.hypot(shape.by.mm, leaf.wide) / leaf.wide : 1;
  return { inner, depth, back, head: thick * slope };
}
