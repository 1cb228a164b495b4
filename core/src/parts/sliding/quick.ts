import type { QuickCard } from '../kit/quick';
import { carcass, mm, quickPlace, space } from '../kit/quickRoom';
import { freshSliding, USUAL_WAY } from './fresh';

/** kg on a metre. Common practice. */
const ORNAMENTS = 4;

/** What slides along a front. */
export const SLIDING_QUICK: readonly QuickCard[] = [
  {
    id: 'sliding-panels',
    title: 'Sliding panels',
    words: 'Panels in grooves: their size, whether they lift out, and every opening they allow.',
    asks: [
      { key: 'width', label: 'Width of the carcass', input: 'length', usual: 1636 },
      { key: 'height', label: 'Height of the carcass', input: 'length', usual: 636 },
      { key: 'panels', label: 'Panels', input: 'count', usual: 4 },
      { key: 'tracks', label: 'Tracks', input: 'count', usual: 3 },
      { key: 'overlap', label: 'Overlap of neighbours', input: 'length', usual: 40 },
    ],
    make: ({ width, height, panels, tracks, overlap }) => {
      const on = {
        ...carcass('case', 'Shelves', 'north', [width! + 200, 420], [width!, 420, height!]),
        // So long a top bears ornaments, not books.
        load: ORNAMENTS,
      };
      const part = freshSliding('panels', 'Panels', quickPlace(on), 'all');
      return {
        space: space(width! + 400, 1300),
        carcasses: [on],
        parts: [{ ...part, way: { ...USUAL_WAY.grooves, panels, tracks, overlap: mm(overlap!) } }],
      };
    },
  },
  {
    id: 'hung-panel',
    title: 'A hung panel',
    words: 'One panel on a track before an opening: how much wall it wants beside it.',
    asks: [
      { key: 'width', label: 'Width of the carcass', input: 'length', usual: 900 },
      { key: 'height', label: 'Height of the carcass', input: 'length', usual: 1800 },
      { key: 'wall', label: 'From the wall it goes to', input: 'length', usual: 700 },
      { key: 'lap', label: 'Over its sides', input: 'length', usual: 30 },
    ],
    make: ({ width, height, wall, lap }) => {
      const on = carcass('case', 'Cupboard', 'north', [wall! + width!, 450], [width!, 450, height!]);
      const part = freshSliding('panel', 'Panel', quickPlace(on), 'all');
      // Facing north its right hand is to the west, where the wall is.
      return {
        space: space(wall! + width! + 500, 1400),
        carcasses: [on],
        parts: [
          {
            ...part,
            material: 'ply-18',
            way: { ...USUAL_WAY.hung, panels: 'to the right', sides: mm(lap!) },
            pull: null,
          },
        ],
      };
    },
  },
];
