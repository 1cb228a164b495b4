import type { QuickCard } from '../kit/quick';
import { AISLE, mm, seat, space } from '../kit/quickRoom';
import { freshSlats, slatsFor } from './fresh';

/** A bench that becomes a bed: from the gap that a mattress bears to slats, rail and legs. */
export const SLATS_QUICK: readonly QuickCard[] = [
  {
    id: 'slats',
    title: 'Slats that are drawn out to a bed',
    words:
      'From the gap that a mattress bears to how many slats and how wide: how much of the combs is left between each other, and whether slat and rail bend.',
    asks: [
      { key: 'wide', label: 'Along the bed', input: 'length', usual: 1900 },
      { key: 'deep', label: 'Seat, deep', input: 'length', usual: 560 },
      { key: 'out', label: 'Drawn out by', input: 'length', usual: 380 },
      { key: 'open', label: 'Gap between slats, at most', input: 'length', usual: 65 },
      { key: 'high', label: 'Seat, high', input: 'length', usual: 380 },
    ],
    make: ({ wide, deep, out, open, high }) => {
      const base = seat(wide!, deep!, high!);
      const fresh = freshSlats('slats', 'Slat bed', { carcass: base });
      const count = slatsFor(wide!, open!, fresh.clearance.mm);
      return {
        space: space(wide! + AISLE, deep! + out! + AISLE),
        carcasses: [base],
        parts: [{ ...fresh, count, travel: mm(out!), legs: { ...fresh.legs, count: 5 } }],
      };
    },
  },
];
