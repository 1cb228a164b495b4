import { usualCarcass } from '../../carcass/kinds';
import type { Carcass } from '../../carcass/schema';
import type { QuickCard } from '../kit/quick';
import { AISLE, carcass, mm, space } from '../kit/quickRoom';
import { usualDoor, hingeOf, USUAL_FIT, USUAL_HANDLE, HALF_INCH, onFrame } from './fresh';
import type { Door } from './schema';

function door(id: string, on: Carcass, side: 'left' | 'right', limit: number, handle: number): Door {
  return {
    ...usualDoor(id, on.id, on.name === 'Cupboard' ? 'Cupboard door' : `${on.name} door`),
    fit: USUAL_FIT.overlay,
    hinge: hingeOf('butt', side),
    limit,
    handle: handle > 0 ? { ...USUAL_HANDLE.bar, projection: mm(handle) } : null,
  };
}

const HANDLE = { key: 'handle', label: 'Handle stands out', input: 'length', usual: 35 } as const;

/** Room beside it, mm, so that its doors open. */
const STUB = 800;
/** A frame's members are 1 1/2 in, and one leaf is no wider than two feet (common practice), mm. */
const MEMBER = 38.1;
const WIDE_LEAF = 610;

/** What a hinged door most often is, and what it most often meets. */
export const DOOR_QUICK: readonly QuickCard[] = [
  {
    id: 'door',
    title: 'A door',
    words: 'One leaf on cup hinges: the size to cut, what it weighs, and how far it opens.',
    asks: [
      { key: 'width', label: 'Width of the carcass', input: 'length', usual: 500 },
      { key: 'height', label: 'Height of the carcass', input: 'length', usual: 720 },
      { key: 'gap', label: 'Gap to its neighbours', input: 'length', usual: 3 },
      { key: 'limit', label: 'Wanted opening', input: 'degrees', usual: 105 },
    ],
    make: ({ width, height, gap, limit }) => {
      const depth = 500;
      const cupboard = carcass(
        'cupboard',
        'Cupboard',
        'north',
        [width! + 700, depth],
        [width!, depth, height!],
      );
      const leaf = usualDoor('cupboard-door', 'cupboard', 'Cupboard door');
      return {
        space: space(width! + 1400, depth + Math.max(AISLE, width! + 300)),
        carcasses: [cupboard],
        parts: [
          {
            ...leaf,
            fit: { kind: 'even', gap: mm(gap!) },
            hinge: hingeOf('cup', 'right'),
            limit,
            handle: { ...USUAL_HANDLE.bar, fromBottom: mm(Math.max(0, Math.min(400, height! - 300))) },
          },
        ],
      };
    },
  },
  {
    id: 'wardrobe-pair',
    title: 'A pair beside the room door',
    words:
      'Two leaves of a wardrobe: their size, whether both open beside the room door, and which goes first.',
    asks: [
      { key: 'width', label: 'Width of the wardrobe', input: 'length', usual: 1000 },
      { key: 'height', label: 'Height of the wardrobe', input: 'length', usual: 2100 },
      { key: 'middle', label: 'Gap between the leaves', input: 'length', usual: 3 },
      { key: 'off', label: 'From the wardrobe to the room door', input: 'length', usual: 150 },
      HANDLE,
    ],
    make: ({ width, height, middle, off, handle }) => {
      const depth = 600;
      const leaf = 768;
      const across = 700 + width! + 400;
      const wardrobe = {
        ...carcass('wardrobe', 'Wardrobe', 'north', [400 + width!, depth], [width!, depth, height!]),
        height: mm(height!),
      };
      const pair = usualDoor('wardrobe-pair', 'wardrobe', 'Wardrobe pair');
      return {
        // The room door is in the west wall, just past the wardrobe's front, and swings in before it.
        space: space(across, depth + off! + leaf + 500),
        existing: [
          {
            id: 'room-door',
            name: 'Room door',
            kind: 'room door',
            x: mm(0),
            y: mm(depth + off!),
            z: mm(0),
            faces: 'east',
            width: mm(leaf),
            height: mm(1986),
            hinge: 'left',
            swings: 'into the room',
            thickness: mm(40),
            wall: mm(100),
            stop: 90,
            handle: { projection: mm(55), height: mm(1000) },
          },
        ],
        carcasses: [wardrobe],
        parts: [
          {
            ...pair,
            leaves: 'pair',
            middle: mm(middle!),
            handle:
              handle! > 0
                ? {
                    ...USUAL_HANDLE.bar,
                    projection: mm(handle!),
                    fromBottom: mm(Math.max(0, Math.min(900, height! - 400))),
                  }
                : null,
          },
        ],
      };
    },
  },
  {
    id: 'wall-cupboard',
    title: 'A wall cupboard',
    words: 'A pair of doors over a worktop: leaves to cut, what hangs on the wall, and what is in reach.',
    asks: [
      { key: 'width', label: 'Width', input: 'length', usual: 800 },
      { key: 'height', label: 'Height', input: 'length', usual: 700 },
      { key: 'depth', label: 'Depth', input: 'length', usual: 320 },
      { key: 'z', label: 'Its bottom above the floor', input: 'length', usual: 1370 },
      { key: 'wall', label: 'From the wall beside it', input: 'length', usual: 40 },
    ],
    make: ({ width, height, depth, z, wall }) => {
      const cupboard = {
        ...usualCarcass('wall cupboard', {
          id: 'cupboard',
          name: 'Wall cupboard',
          x: mm(wall! + width!),
          y: mm(depth!),
          faces: 'north',
        }),
        width: mm(width!),
        height: mm(height!),
        depth: mm(depth!),
        z: mm(z!),
      };
      const pair = usualDoor('cupboard-pair', 'cupboard', 'Cupboard pair');
      return {
        space: {
          width: mm(wall! + width! + 900),
          depth: mm(depth! + AISLE),
          height: mm(Math.max(2400, z! + height! + 50)),
          slopes: [],
        },
        carcasses: [cupboard],
        parts: [{ ...pair, leaves: 'pair', handle: { ...USUAL_HANDLE.knob, fromBottom: mm(60) } }],
      };
    },
  },
  {
    id: 'framed-wall-cupboard',
    title: 'A cupboard with a face frame',
    words: 'Doors half an inch over a frame: leaves to cut, hinges made for a frame, where their plates go.',
    asks: [
      { key: 'width', label: 'Width', input: 'length', usual: 762 },
      { key: 'height', label: 'Height', input: 'length', usual: 762 },
      { key: 'depth', label: 'Depth', input: 'length', usual: 304.8 },
      { key: 'over', label: 'Doors lie over the frame by', input: 'length', usual: HALF_INCH },
      { key: 'z', label: 'Its bottom above the floor', input: 'length', usual: 1371.6 },
    ],
    make: ({ width, height, depth, over, z }) => {
      const cupboard = {
        ...usualCarcass('wall cupboard', {
          id: 'cupboard',
          name: 'Wall cupboard',
          x: mm(STUB + width!),
          y: mm(depth!),
          faces: 'north',
        }),
        width: mm(width!),
        height: mm(height!),
        depth: mm(depth!),
        z: mm(z!),
        // A frame of 1 1/2 in all round (common practice).
        frame: {
          material: 'pine-20',
          left: mm(MEMBER),
          right: mm(MEMBER),
          top: mm(MEMBER),
          bottom: mm(MEMBER),
          between: mm(MEMBER),
        },
      };
      const door = onFrame(usualDoor('cupboard-doors', 'cupboard', 'Cupboard doors'), over!);
      const pair = width! > WIDE_LEAF;
      return {
        space: {
          width: mm(2 * STUB + width!),
          depth: mm(depth! + AISLE),
          height: mm(Math.max(2400, z! + height! + 50)),
          slopes: [],
        },
        carcasses: [cupboard],
        parts: [
          {
            ...door,
            name: pair ? 'Cupboard doors' : 'Cupboard door',
            leaves: pair ? 'pair' : 'one',
            handle: { ...USUAL_HANDLE.knob, fromBottom: mm(60) },
          },
        ],
      };
    },
  },
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
