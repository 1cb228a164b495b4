import type { Lever, Trouble } from '../../item/lever';
import type { Assumption, PartNote } from '../../item/note';
import type { Mover } from '../../scene/scene';
import type { Balance } from './balance';
import type { Acting, Carried, PartPieces } from './family';
import type { FixedTo } from './fixedTo';
import type { Hides } from './hides';
import type { LainOn } from './lainOn';
import type { Placing } from './placing';
import type { TurnsBeside } from './turnsBeside';

/**
 * What is made of a part of a family once it is laid: what acts on it, what is told of it, and what of it may be changed. Apart from the family,
 * since only who answers needs it: a page that draws a part does not load it.
 *
 * @typeParam Laid  what the family laid of the part
 */
export interface Appraisal<Laid> {
  /** What acts on what moves of it: what it weighs with all that is in it, and what leans on it or pushes it. */
  forces(laid: Laid, pieces: PartPieces, movers: readonly Mover[]): readonly Acting[];
  /** What of it is weighed against what helps it, mover by mover; not given where nothing turns up or down. */
  balances?(laid: Laid, pieces: PartPieces): readonly Balance[];
  /** Where struts of what it balances may be fixed. */
  placings?(laid: Laid): readonly Placing[];
  /** Where one lies on it, down; not given of what nobody lies on. */
  lainOn?(laid: Laid): LainOn;
  /** What holds it to its wall; not given of what stands or hangs otherwise. */
  fixedTo?(laid: Laid): FixedTo;
  /** Its deep leaves, which meet what stands beside their hinges; not given of what has none. */
  turnsBeside?(laid: Laid): readonly TurnsBeside[];
  /** What must not be seen past it, shut: the far side of the opening that it closes; not given of what hides nothing. */
  hides?(laid: Laid): readonly Hides[];
  /** What sums and statics tell of it: loads, sag, fingers, reach; `carried` is what others have mounted on it. */
  notes(laid: Laid, pieces: PartPieces, carried: readonly Carried[]): PartNote[];
  assumptions(laid: Laid): Assumption[];
  /** What of it may be changed to mend a finding; paths start at the part. What comes of each is for the check to say. */
  levers(laid: Laid, pieces: PartPieces, trouble: Trouble): Lever[];
}
