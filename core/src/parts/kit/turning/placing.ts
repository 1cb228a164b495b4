import type { Allowed } from '../../../balance/placer';
import type { Placing } from '../../contract/placing';
import type { TurningPlane } from './plane';
import type { Help } from './schema';

/** A strut's end stands so far off the leaf's inner face, mm. Common practice. */
export const OFF_LEAF = 12;
const mm = (value: number) => ({ mm: value });

/** Where struts of a leaf may be fixed, told as its card tells it: from its axis, and in from its inner face. */
export const placingOf = (
  plane: TurningPlane,
  at: Pick<Placing, 'mover' | 'to' | 'corner'> & {
    readonly onLeaf: Allowed;
    readonly onCase: Allowed;
  },
): Placing => ({
  ...at,
  path: ['help'],
  help: (hardware, count, onLeaf, onCase): Help => ({
    kind: 'gas struts',
    hardware,
    count,
    onLeaf: { along: mm(onLeaf[0]), in: mm(onLeaf[1] - plane.face) },
    onCase: { along: mm(onCase[0]), in: mm(onCase[1] - plane.face) },
  }),
});

/** A range that is none where its ends have changed places. */
export const rangeOf = (from: number, to: number): readonly [number, number] => [from, Math.max(from, to)];
