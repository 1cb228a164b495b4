import { cornersAbout, type Corner } from '../../mechanism/swing';
import type { Range } from '../../solid/bounds';
import type { TurnsBeside } from '../contract/turnsBeside';
import { placeIn, type LaidHidden } from './lay';
import { planOutline } from './outline';

/** Of its depth and of its width no more is cut off than so much. */
const MOST = { deep: 0.75, wide: 1 / 3 } as const;

/** What turns on an upright axis; what leans goes another way. */
export function hiddenTurnsBeside({ hidden, leaves, away, deep, frame }: LaidHidden): readonly TurnsBeside[] {
  if (hidden.shape.kind === 'leaning') return [];
  return leaves.flatMap((leaf): TurnsBeside[] => {
    const { axis, corners, wide, side, y, z, cut } = leaf;
    if (!axis) return [];
    const at = placeIn(leaf, away, deep, axis);
    const far = Math.max(...corners.map(({ beside, before }) => Math.hypot(beside, before)));
    const before: Range = away ? [y[1], at[1] + far] : [at[1] - far, y[0]];
    return [
      {
        key: leaf.key,
        frame,
        axis: at,
        side,
        before,
        z,
        corners,
        free: wide - axis[0] + hidden.gaps.free.mm,
        cut: cut ? Math.min(cut.along, cut.deep) : 0,
        most: Math.min(MOST.deep * deep, MOST.wide * wide),
        cutBack: (mm): readonly Corner[] =>
          cornersAbout(
            planOutline(wide, deep, mm > 0 ? { along: mm, deep: mm, round: false, both: false } : undefined),
            axis,
          ),
      },
    ];
  });
}
