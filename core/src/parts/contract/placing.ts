import type { Allowed, InPlane } from '../../balance/placer';
import type { PathStep } from '../../item/path';

/** Where struts of a part may be fixed, and how its numbers tell that they are. */
export interface Placing {
  /** The mover they help, by its id. */
  readonly mover: string;
  /** How far it turns where no strut stops it, rad. */
  readonly to: number;
  readonly onLeaf: Allowed;
  readonly onCase: Allowed;
  /** The hinge edge of the leaf's inner face, where struts are fixed to that: they keep behind it. */
  readonly corner: InPlane | undefined;
  /** Where its help stands in the part, and what that is with struts at two places. */
  readonly path: readonly PathStep[];
  help(hardware: string, count: 1 | 2, onLeaf: InPlane, onCase: InPlane): unknown;
}
