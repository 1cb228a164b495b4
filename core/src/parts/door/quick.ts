import type { Carcass } from '../../carcass/schema';
import type { Side } from '../../space/schema';
import type { QuickCard } from '../quick';
import { freshDoor, type Door } from './schema';

/** Room about what is drawn, so that the drawing shows what a leaf could meet and little else, mm. */
const AISLE = 1300;
const SHEET = 18;

function carcass(
  id: string,
  name: string,
  faces: Side,
  [x, y]: readonly [number, number],
  [width, depth, height]: readonly [number, number, number],
): Carcass {
  return {
    id,
    name,
    faces,
    x: { mm: x },
    y: { mm: y },
    z: { mm: 90 },
    width: { mm: width },
    height: { mm: height },
    depth: { mm: depth },
    sheet: { mm: SHEET },
  };
}

function door(id: string, on: Carcass, side: 'left' | 'right', limit: number, handle: number): Door {
  const fresh = freshDoor(id, on.id, on.name === 'Cupboard' ? 'Cupboard door' : `${on.name} door`);
  return {
    ...fresh,
    hinge: { ...fresh.hinge, side },
    limit,
    handle: handle > 0 ? { ...fresh.handle!, projection: { mm: handle } } : null,
  };
}

function space(width: number, depth: number, slopes: readonly unknown[] = []): unknown {
  return { width: { mm: width }, depth: { mm: depth }, height: { mm: 2400 }, slopes };
}

const HANDLE = { key: 'handle', label: 'Handle stands out', input: 'length', usual: 35 } as const;

/** Three jobs in which a hinged door most often meets something. */
export const DOOR_QUICK: readonly QuickCard[] = [
  {
    id: 'door-beside-wall',
    title: 'A door beside a wall',
    words: 'How far it opens before leaf or handle meets the wall next to its hinges.',
    asks: [
      { key: 'width', label: 'Width of the cupboard', input: 'length', usual: 600 },
      { key: 'gap', label: 'From the wall to the cupboard', input: 'length', usual: 40 },
      HANDLE,
      { key: 'limit', label: 'Wanted opening', input: 'degrees', usual: 110 },
    ],
    make: ({ width, gap, handle, limit }) => {
      const depth = 500;
      // Facing north its right hand is to the west, where the wall is.
      const cupboard = carcass(
        'cupboard',
        'Cupboard',
        'north',
        [gap! + width!, depth],
        [width!, depth, 1800],
      );
      return {
        space: space(gap! + 2 * width! + 300, depth + Math.max(AISLE, width! + 300)),
        carcasses: [cupboard],
        parts: [door('cupboard-door', cupboard, 'right', limit!, handle!)],
      };
    },
  },
  {
    id: 'door-under-slope',
    title: 'A door under a slope',
    words: 'Whether its top corner meets the roof as it swings, and how far it gets.',
    asks: [
      { key: 'knee', label: 'Height of the knee wall', input: 'length', usual: 1200 },
      { key: 'pitch', label: 'Pitch of the slope', input: 'degrees', usual: 35 },
      { key: 'off', label: 'From the knee wall to the cupboard', input: 'length', usual: 600 },
      { key: 'width', label: 'Width of the cupboard', input: 'length', usual: 500 },
      { key: 'height', label: 'Height of the cupboard', input: 'length', usual: 1500 },
    ],
    make: ({ knee, pitch, off, width, height }) => {
      const depth = 450;
      const cupboard = carcass(
        'cupboard',
        'Cupboard',
        'north',
        [off! + width!, depth],
        [width!, depth, height!],
      );
      return {
        space: space(off! + width! + 900, depth + Math.max(AISLE, width! + 300), [
          {
            side: 'west',
            knee: { mm: knee },
            pitch,
          },
        ]),
        carcasses: [cupboard],
        parts: [door('cupboard-door', cupboard, 'right', 110, 35)],
      };
    },
  },
  {
    id: 'doors-in-corner',
    title: 'Two doors in a corner',
    words: 'Whether both open, and which must go first, where two runs meet at a right angle.',
    asks: [
      { key: 'first', label: 'Width of the left cupboard', input: 'length', usual: 500 },
      { key: 'second', label: 'Width of the right cupboard', input: 'length', usual: 500 },
      { key: 'filler', label: 'Filler in the corner', input: 'length', usual: 40 },
      HANDLE,
    ],
    make: ({ first, second, filler, handle }) => {
      const depth = 560;
      const height = 720;
      // Both hinged away from the corner, so that their free edges and handles come past each other.
      const left = carcass('left', 'Left', 'east', [depth, depth + filler!], [first!, depth, height]);
      const right = carcass(
        'right',
        'Right',
        'north',
        [depth + filler! + second!, depth],
        [second!, depth, height],
      );
      const leaves = [
        door('left-door', left, 'right', 105, handle!),
        door('right-door', right, 'left', 105, handle!),
      ].map((leaf) =>
        leaf.handle ? { ...leaf, handle: { ...leaf.handle, fromBottom: { mm: 450 } } } : leaf,
      );
      return {
        space: space(depth + filler! + second! + 700, depth + filler! + first! + 700),
        carcasses: [left, right],
        parts: leaves,
      };
    },
  },
];
