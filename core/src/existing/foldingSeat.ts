import { wordChoice } from '../item/field';
import { motionOf } from '../motion/motion';
import type { ExistingKind } from './kind';
import type { FoldingSeat } from './schema';

/** The hinge's line stands so far off the wall, mm: the stowed seat does not rub on it. CP, no single source. */
const OFF = 12;

export const FOLDING_SEAT: ExistingKind<FoldingSeat> = {
  word: 'folding seat',
  z: 430,
  usual: {
    kind: 'folding seat',
    width: { mm: 400 },
    height: { mm: 380 },
    thickness: { mm: 45 },
    folds: 'up',
  },
  fields: [
    { group: 'Leaf', label: 'Stowed', path: ['folds'], input: wordChoice(['folds'], ['up', 'down']) },
    { group: 'Leaf', label: 'Thickness', path: ['thickness'], input: 'length' },
  ],
  /** As built it is stowed flat on the wall, its hinge at z 0 of the frame; in use its top is level with the hinge. */
  build: (item, { frame, around, words }) => {
    const [w, d, t] = [item.width.mm, item.height.mm, item.thickness.mm];
    const up = item.folds === 'up';
    const [z0, z1] = up ? [0, d] : [-d, 0];
    const seat = {
      id: `${item.id}/seat`,
      name: `the ${words}`,
      item: item.id,
      // The face one sits on is to the wall when it is stowed up, and to the room when it hangs down.
      pieces: [frame.box([0, -OFF - t, z0], [w, -OFF, z1])],
      motion: motionOf({
        kind: 'turn',
        point: frame.toSpace([0, up ? -OFF : -OFF - t, 0]),
        axis: frame.turn([up ? 1 : -1, 0, 0]),
      }),
    };
    return {
      mover: {
        id: item.id,
        item: item.id,
        name: item.name,
        bodies: [seat],
        unit: 'rad',
        from: 0,
        to: Math.PI / 2,
        contacts: [],
        needs: { around, shell: 0, of: {} },
      },
      still: [],
    };
  },
  mouth: () => undefined,
  thick: () => undefined,
  deep: ({ thickness }) => thickness.mm + OFF,
  mirror: (item) => item,
  refuse: () => [],
};
