import { usualCarcass } from '../../carcass/kinds';
import type { QuickCard } from '../kit/quick';
import { AISLE, mm, quickPlace, space } from '../kit/quickRoom';
import { USUAL_GRIP } from '../kit/turning/grip';
import { freshLid, USUAL_CUSHION, wholeTop } from './fresh';

/** Cushions weigh about so much a square metre for each mm, kg. Common practice: foam and cover. */
const CUSHION_KG = 0.06;
const PANEL = 12;

/** What a lid most often is, and what it most often meets. */
export const LID_QUICK: readonly QuickCard[] = [
  {
    id: 'bench-lid',
    title: 'A bench lid before a leaning back',
    words:
      'A leaf in margins with its cushion: how far it opens against the back, what it takes to lift, and which struts hold it.',
    asks: [
      { key: 'width', label: 'Width of the bench', input: 'length', usual: 1100 },
      { key: 'depth', label: 'Depth of the bench', input: 'length', usual: 500 },
      { key: 'back', label: 'The back leans by', input: 'degrees', usual: 10 },
      { key: 'strip', label: 'Back strip before it', input: 'length', usual: 60 },
      { key: 'cushion', label: 'Cushion, thick', input: 'length', usual: 50 },
    ],
    section: true,
    make: ({ width, depth, back, strip, cushion }) => {
      const high = 380;
      const rise = 500;
      const lean = rise * Math.tan((back! * Math.PI) / 180);
      const bench = {
        ...usualCarcass('bench', {
          id: 'bench',
          name: 'Bench',
          x: mm(AISLE / 2 + width!),
          y: mm(lean + PANEL + depth!),
          faces: 'north',
        }),
        width: mm(width!),
        depth: mm(depth!),
        height: mm(high),
      };
      const area = (width! * depth!) / 1e6;
      return {
        space: space(width! + AISLE, lean + PANEL + depth! + AISLE),
        things: [
          {
            // Its foot stands at the bench's back, and its head leans away from it.
            id: 'backrest',
            name: 'Backrest',
            kind: 'sloping face',
            x: mm(AISLE / 2),
            y: mm(0),
            z: mm(high),
            width: mm(width!),
            depth: mm(lean + PANEL),
            height: mm(rise),
            shape: { kind: 'leaning', back: 'south', foot: mm(lean + PANEL), head: mm(PANEL) },
          },
        ],
        carcasses: [bench],
        parts: [
          {
            ...freshLid('bench-lid', 'Bench lid', quickPlace(bench)),
            margins: { left: mm(60), right: mm(60), front: mm(0), back: mm(strip!) },
            grip: USUAL_GRIP.notch,
            limit: 95,
            seat: { back: Math.min(45, Math.max(0, back!)) },
            cushion:
              cushion! > 0
                ? {
                    ...USUAL_CUSHION,
                    thick: mm(cushion!),
                    kg: Math.round(area * cushion! * CUSHION_KG * 10) / 10,
                  }
                : null,
          },
        ],
      };
    },
  },
  {
    id: 'lidded-chest',
    title: 'A chest under a lid',
    words:
      'All of its top lifts: whether it stays open by the wall, how it lands, and what a child needs of it.',
    asks: [
      { key: 'width', label: 'Width', input: 'length', usual: 900 },
      { key: 'height', label: 'Height', input: 'length', usual: 500 },
      { key: 'depth', label: 'Depth', input: 'length', usual: 450 },
      { key: 'wall', label: 'From the wall behind it', input: 'length', usual: 60 },
      { key: 'limit', label: 'Wanted opening', input: 'degrees', usual: 95 },
    ],
    section: true,
    make: ({ width, height, depth, wall, limit }) => {
      const chest = {
        ...usualCarcass('bench', {
          id: 'chest',
          name: 'Chest',
          x: mm(AISLE / 2 + width!),
          y: mm(wall! + depth!),
          faces: 'north',
        }),
        width: mm(width!),
        height: mm(height!),
        depth: mm(depth!),
        back: { material: 'ply-18', set: 'between' as const },
      };
      return {
        space: space(width! + AISLE, wall! + depth! + AISLE),
        carcasses: [chest],
        parts: [
          {
            ...wholeTop(freshLid('chest-lid', 'Chest lid', quickPlace(chest))),
            limit,
          },
        ],
      };
    },
  },
];
