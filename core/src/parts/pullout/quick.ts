import { USUAL_BOTTOM } from '../kit/box/usual';
import { USUAL_DRAWN_FIT } from '../kit/drawn/usual';
import type { QuickCard } from '../kit/quick';
import { AISLE, carcass, mm, quickPlace, space } from '../kit/quickRoom';
import { usualCarcass } from '../../carcass/kinds';
import { freshTop } from '../top/fresh';
import { ofKind, USUAL_BIN, usualPullout } from './fresh';

/** What is pulled out, and what slides over a cubby. */
export const PULLOUT_QUICK: readonly QuickCard[] = [
  {
    id: 'tall-pull-out',
    title: 'A tall, narrow pull-out',
    words: 'Tiers in a narrow tower: how much it sways by the play of its slides, and what goes in.',
    asks: [
      { key: 'width', label: 'Width of the carcass', input: 'length', usual: 300 },
      { key: 'height', label: 'Height of the carcass', input: 'length', usual: 1800 },
      { key: 'depth', label: 'Depth of the carcass', input: 'length', usual: 560 },
      { key: 'tiers', label: 'Tiers', input: 'count', usual: 4 },
      { key: 'bottle', label: 'Tallest bottle', input: 'length', usual: 330 },
    ],
    make: ({ width, height, depth, tiers, bottle }) => {
      const on = carcass('tower', 'Tower', 'north', [width! + 300, depth!], [width!, depth!, height!]);
      const pullout = ofKind(usualPullout('pull-out', 'Tall pull-out', quickPlace(on)), 'tiers');
      const item = {
        ...USUAL_BIN,
        name: 'Tallest bottle',
        width: mm(80),
        depth: mm(80),
        height: mm(bottle!),
        base: null,
        stands: 'on the bottom' as const,
        load: 1.2,
      };
      return {
        space: space(width! + 600, depth! + AISLE),
        carcasses: [on],
        parts: [
          {
            ...pullout,
            carries: { kind: 'tiers', count: tiers, rim: mm(60) },
            contents: {
              ...pullout.contents,
              items: Array.from({ length: tiers! }, (_, i) => ({
                ...item,
                id: `bottle-${i + 1}`,
                tier: i + 1,
              })),
            },
          },
        ],
      };
    },
  },
  {
    id: 'bin-pull-out',
    title: 'A bin pull-out',
    words: 'Bins that hang in a board: whether they fit, and the cut-outs.',
    asks: [
      { key: 'width', label: 'Width of the carcass', input: 'length', usual: 500 },
      { key: 'depth', label: 'Depth of the carcass', input: 'length', usual: 560 },
      { key: 'mouth', label: 'Mouth of a bin, wide', input: 'length', usual: 190 },
      { key: 'deep', label: 'Mouth of a bin, deep', input: 'length', usual: 300 },
      { key: 'high', label: 'Height of a bin', input: 'length', usual: 380 },
    ],
    make: ({ width, depth, mouth, deep, high }) => {
      const on = carcass('bin-case', 'Bin cupboard', 'north', [width! + 300, depth!], [width!, depth!, 720]);
      const pullout = ofKind(usualPullout('bins', 'Bin pull-out', quickPlace(on)), 'bins');
      const bin = {
        ...USUAL_BIN,
        count: 2,
        width: mm(mouth!),
        depth: mm(deep!),
        height: mm(high!),
        base: { width: mm(mouth! * 0.8), depth: mm(deep! * 0.8) },
      };
      return {
        space: space(width! + 600, depth! + AISLE),
        carcasses: [on],
        parts: [{ ...pullout, contents: { ...pullout.contents, items: [bin] } }],
      };
    },
  },
  {
    id: 'tray-over-lip',
    title: 'A tray over a lip',
    words: 'A pull-out behind a raised lip: how high it must run to clear it.',
    asks: [
      { key: 'width', label: 'Width of the locker', input: 'length', usual: 700 },
      { key: 'height', label: 'Height of the locker', input: 'length', usual: 420 },
      { key: 'depth', label: 'Depth of the locker', input: 'length', usual: 520 },
      { key: 'lip', label: 'Lip above the locker’s foot', input: 'length', usual: 70 },
      { key: 'raise', label: 'Tray raised by', input: 'length', usual: 40 },
    ],
    make: ({ width, height, depth, lip, raise }) => {
      const on = carcass('locker', 'Locker', 'north', [width! + 300, depth!], [width!, depth!, height!]);
      const tray = ofKind(usualPullout('tray', 'Tray', quickPlace(on)), 'tray');
      return {
        space: space(width! + 600, depth! + AISLE),
        carcasses: [on],
        things: [
          {
            id: 'lip',
            name: 'Lip',
            kind: 'box',
            x: mm(300),
            y: mm(depth! + 5),
            z: mm(90),
            width: mm(width!),
            depth: mm(25),
            height: mm(lip!),
          },
        ],
        parts: [
          {
            ...tray,
            fit: { ...USUAL_DRAWN_FIT.none, setback: mm(5) },
            // So wide, its bottom wants a bar under it.
            box: {
              ...tray.box,
              height: mm(120),
              under: mm(raise!),
              bottom: { ...USUAL_BOTTOM.groove, muntins: width! > 680 ? 1 : 0 },
            },
          },
        ],
      };
    },
  },
  {
    id: 'sliding-top',
    title: 'A sliding top',
    words: 'A top that slides aside over a cubby: what stands open, and where it would tip.',
    asks: [
      { key: 'width', label: 'Width of the cubby', input: 'length', usual: 800 },
      { key: 'depth', label: 'Depth of the cubby', input: 'length', usual: 420 },
      { key: 'travel', label: 'Slides by', input: 'length', usual: 350 },
      { key: 'wall', label: 'From the wall it goes to', input: 'length', usual: 300 },
    ],
    make: ({ width, depth, travel, wall }) => {
      const on = {
        ...usualCarcass('bench', {
          id: 'cubby',
          name: 'Cubby',
          x: mm(wall! + width!),
          y: mm(depth!),
          faces: 'north',
        }),
        width: mm(width!),
        depth: mm(depth!),
        top: 'none' as const,
        fixing: { hardware: 'stud-screw', count: 2 },
      };
      // Facing north its right hand is to the west, where the wall is.
      const top = freshTop('top', 'Sliding top', quickPlace(on));
      return {
        space: space(wall! + width! + 500, depth! + 900),
        carcasses: [on],
        parts: [{ ...top, goes: 'right', travel: mm(travel!), held: true }],
      };
    },
  },
];
