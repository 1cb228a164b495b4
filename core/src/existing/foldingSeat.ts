import { wordChoice } from '../card/field';
import { motionOf } from '../motion/motion';
import { linkOfExisting } from '../piece/existing';
import type { ExistingKind } from './kind';
import type { FoldingSeat } from './schema';

/** The hinge's line stands so far off the wall, mm: the stowed seat does not rub on it. Common practice, no single source. */
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
  make: (item, { frame, words }) => {
    const [w, d, t] = [item.width.mm, item.height.mm, item.thickness.mm];
    const up = item.folds === 'up';
    const [z0, z1] = up ? [0, d] : [-d, 0];
    // The face one sits on is to the wall when it is stowed up, and to the room when it hangs down.
    const seat = frame.box([0, -OFF - t, z0], [w, -OFF, z1]);
    const said = `the ${words}`;
    return {
      moving: [
        {
          link: linkOfExisting(item.id, item.id, said, [
            { id: 'seat', role: 'seat', words: said, solids: [seat] },
          ]),
          motion: motionOf({
            kind: 'turn',
            point: frame.toSpace([0, up ? -OFF : -OFF - t, 0]),
            axis: frame.turn([up ? 1 : -1, 0, 0]),
          }),
        },
      ],
      still: [],
      unit: 'rad',
      to: Math.PI / 2,
    };
  },
  mouth: () => undefined,
  thick: () => undefined,
  deep: ({ thickness }) => thickness.mm + OFF,
  mirror: (item) => item,
  refuse: () => [],
};
