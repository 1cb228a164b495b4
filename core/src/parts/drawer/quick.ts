import { bankOf, USUAL_DRAWN_FIT } from '../kit/drawn/usual';
import type { QuickCard } from '../kit/quick';
import { AISLE, carcass, mm, quickPlace, space } from '../kit/quickRoom';
import { USUAL_HANDLE, usualDoor } from '../door/fresh';
import { usualDrawer } from './fresh';

const SIZE = [
  { key: 'width', label: 'Width of the carcass', input: 'length', usual: 600 },
  { key: 'height', label: 'Height of the carcass', input: 'length', usual: 720 },
  { key: 'depth', label: 'Depth of the carcass', input: 'length', usual: 560 },
] as const;

/** A carcass against the wall behind it, a hand off the floor, facing north. */
const cupboard = (name: string, width: number, depth: number, height: number) =>
  carcass('cupboard', name, 'north', [width + 200, depth], [width, depth, height]);

/** What drawers most often are. */
export const DRAWER_QUICK: readonly QuickCard[] = [
  {
    id: 'drawers',
    title: 'A bank of drawers',
    words: 'Fronts and boxes to cut, the longest slides that fit, and what they carry.',
    asks: [
      ...SIZE,
      { key: 'count', label: 'Drawers', input: 'count', usual: 3 },
      { key: 'gap', label: 'Gap to their neighbours', input: 'length', usual: 3 },
    ],
    make: ({ width, height, depth, count, gap }) => {
      const on = cupboard('Drawer unit', width!, depth!, height!);
      const drawers = usualDrawer('drawers', 'Drawers', quickPlace(on));
      return {
        space: space(width! + 400, depth! + AISLE),
        carcasses: [on],
        parts: [{ ...drawers, bank: bankOf('even', count!), fit: { kind: 'even', gap: mm(gap!) } }],
      };
    },
  },
  {
    id: 'tower-behind-door',
    title: 'Drawers behind a door',
    words: 'Three drawers that must pass the hinges and the leaf: how far to pack them out.',
    asks: [
      ...SIZE,
      { key: 'aside', label: 'Kept clear at the hinges', input: 'length', usual: 13 },
      { key: 'behind', label: 'Behind the front', input: 'length', usual: 30 },
    ],
    make: ({ width, height, depth, aside, behind }) => {
      const on = cupboard('Tower', width!, depth!, height!);
      const drawers = usualDrawer('tower-drawers', 'Tower drawers', quickPlace(on));
      return {
        space: space(width! + 400, depth! + AISLE),
        carcasses: [on],
        parts: [
          {
            ...drawers,
            fit: { ...USUAL_DRAWN_FIT.none, setback: mm(behind!) },
            handle: null,
            box: { ...drawers.box, aside: { left: mm(aside!), right: mm(0) } },
          },
          {
            ...usualDoor('tower-door', on.id, 'Tower door'),
            limit: 110,
            handle: { ...USUAL_HANDLE.bar, fromBottom: mm(height! / 2) },
          },
        ],
      };
    },
  },
];
