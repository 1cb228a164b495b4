import { mm, space } from '../kit/quickRoom';
import type { QuickCard } from '../kit/quick';
import { asLeaningMirror, freshHidden, freshOnDoor } from './fresh';

/** Room before the wall, mm. */
const BEFORE = 2200;
/** What a hidden door most often is: a case on a door that is there, and a mirror that leans. */
export const HIDDEN_QUICK: readonly QuickCard[] = [
  {
    id: 'case-on-door',
    title: 'A shelf case on a door that is there',
    words: 'How far it opens beside the wall at its hinges, what the corner gives, and what the hinges bear.',
    asks: [
      { key: 'width', label: 'Width of the door', input: 'length', usual: 768 },
      { key: 'height', label: 'Height of the door', input: 'length', usual: 1986 },
      { key: 'deep', label: 'Depth of the case', input: 'length', usual: 150 },
      { key: 'room', label: 'From the hinges to the wall beside', input: 'length', usual: 150 },
      { key: 'limit', label: 'Wanted opening', input: 'degrees', usual: 90 },
    ],
    make: ({ width, height, deep, room: beside, limit }) => {
      const across = beside! + width! + 900;
      const door = {
        id: 'door',
        name: 'Door',
        kind: 'room door',
        // It is in the south wall: its left, for who stands in the room, is to the east.
        x: mm(across - beside!),
        y: mm(0),
        z: mm(0),
        faces: 'north',
        width: mm(width!),
        height: mm(height!),
        hinge: 'left',
        swings: 'into the room',
        thickness: mm(40),
        wall: mm(120),
        stop: limit,
        handle: { projection: mm(0), height: mm(1000) },
      };
      const mount = { on: 'mover', host: 'door', nth: 0, face: 'outside', from: mm(2), up: mm(8), while: 'same' } as const;
      const made = freshOnDoor('shelf-case', 'Shelf case', mount, 'ply-12', [width! - 20, height! - 20]);
      return {
        space: space(across, Math.max(BEFORE, width! + 900)),
        existing: [door],
        carcasses: [],
        parts: [
          {
            ...made,
            body: {
              ...made.body,
              back: 'ply-6',
              deep: mm(deep!),
              books: { kg: 8, deep: mm(Math.max(0, Math.min(150, deep! - 70))) },
            },
          },
        ],
      };
    },
  },
  {
    id: 'leaning-mirror',
    title: 'A leaning mirror door',
    words: 'A mirror on a leaf that leans before the wall: how far out its foot stands, how it swings, and what it shows.',
    section: true,
    asks: [
      { key: 'width', label: 'Width of the leaf', input: 'length', usual: 700 },
      { key: 'height', label: 'Length of the leaf', input: 'length', usual: 1900 },
      { key: 'lean', label: 'It leans by', input: 'degrees', usual: 5 },
      { key: 'room', label: 'From its hinges to the wall beside', input: 'length', usual: 300 },
      { key: 'limit', label: 'Wanted opening', input: 'degrees', usual: 90 },
    ],
    make: ({ width, height, lean, room: beside, limit }) => {
      const across = beside! + width! + 900;
      const mount = { on: 'wall', corner: 'south', from: mm(beside!), up: mm(0) } as const;
      const made = asLeaningMirror(freshHidden('mirror-door', 'Mirror door', mount, 'ply-18'));
      return {
        space: space(across, Math.max(BEFORE, width! + 900)),
        carcasses: [],
        parts: [
          {
            ...made,
            opening: { ...made.opening, width: mm(width!), height: mm(height!) },
            shape: { kind: 'leaning', degrees: lean },
            limit,
          },
        ],
      };
    },
  },
]; // prettier-ignore
