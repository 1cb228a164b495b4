import { motionOf } from '../motion/motion';
import { linkOfExisting } from '../piece/existing';
import type { ExistingKind } from './kind';
import type { Sash } from './schema';

/** How far the two sashes lap where they meet, and the air between them, mm. Common practice, no single source. */
const LAP = 40;
const AIR = 4;
/** A lift on the bottom rail: how far it stands out, how wide and high, mm. Common practice. */
const LIFT = { out: 30, wide: 60, high: 12, up: 25 };

export const SASH: ExistingKind<Sash> = {
  word: 'sash window',
  z: 800,
  usual: {
    kind: 'sash window',
    width: { mm: 900 },
    height: { mm: 1400 },
    thickness: { mm: 45 },
    wall: { mm: 150 },
    opens: { mm: 620 },
  },
  fields: [
    { group: 'Opening', label: 'Lower sash goes up', path: ['opens'], input: 'length' },
    { group: 'Leaf', label: 'Sash thickness', path: ['thickness'], input: 'length' },
    { group: 'Leaf', label: 'Wall or frame, thick', path: ['wall'], input: 'length' },
  ],
  make: (item, { frame, words }) => {
    const [w, h, t] = [item.width.mm, item.height.mm, item.thickness.mm];
    const half = (h + LAP) / 2;
    const inner = 20;
    const motion = motionOf({ kind: 'slide', direction: [0, 0, 1] });
    const lower = frame.box([2, inner, 2], [w - 2, inner + t, half]);
    const lift = frame.box(
      [w / 2 - LIFT.wide, inner - LIFT.out, LIFT.up],
      [w / 2 + LIFT.wide, inner, LIFT.up + LIFT.high],
    );
    const upper = frame.box([2, inner + t + AIR, h - half], [w - 2, inner + 2 * t + AIR, h - 2]);
    const [said, above] = [`the lower sash of the ${words}`, `the upper sash of the ${words}`];
    return {
      moving: [
        {
          link: linkOfExisting(item.id, item.id, said, [
            { id: 'sash', role: 'sash', words: said, solids: [lower] },
            { id: 'lift', role: 'lever', words: `the lift of the ${words}`, solids: [lift] },
          ]),
          motion,
        },
      ],
      still: [
        linkOfExisting(`${item.id}/upper`, item.id, above, [
          { id: '', role: 'sash', words: above, solids: [upper] },
        ]),
      ],
      unit: 'mm',
      to: item.opens.mm,
    };
  },
  mouth: ({ width, height, wall }) => ({ least: [0, 0, 0], greatest: [width.mm, wall.mm, height.mm] }),
  thick: ({ wall }) => wall.mm,
  deep: ({ wall }) => wall.mm,
  mirror: (item) => item,
  refuse: ({ opens, height, thickness, wall }) => [
    ...(opens.mm > height.mm / 2
      ? [{ path: ['opens'], message: 'The lower sash can go up by half of the window at most.' }]
      : []),
    ...(2 * thickness.mm + AIR + 20 > wall.mm
      ? [{ path: ['thickness'], message: 'The two sashes are thicker than the wall or frame they stand in.' }]
      : []),
  ],
};
