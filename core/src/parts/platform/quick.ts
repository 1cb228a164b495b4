import { floorAt } from '../../things/floor';
import type { QuickCard } from '../kit/quick';
import { AISLE, mm, seat, space } from '../kit/quickRoom';
import { freshPlatform, onLedgers } from './fresh';

const BESIDE = 20;
/** Leaves that fold back keep so far off the wall behind the seat, mm: their hinge stands past them. */
const BEHIND = 15;
/** Its room has nothing laid on its floor. */
const BARE = floorAt([], [0, 0]);

/** A bed or a step that folds up onto a seat: from how far it reaches to its leaves. */
export const PLATFORM_QUICK: readonly QuickCard[] = [
  {
    id: 'folding-platform',
    title: 'A platform that folds up onto a seat',
    words:
      'From how far it reaches to its leaves: how thick the stack is, what each leaf meets on its way, what carries it, and whether it bends.',
    asks: [
      { key: 'long', label: 'Flat, from back to front', input: 'length', usual: 1370 },
      { key: 'wide', label: 'Flat, across', input: 'length', usual: 900 },
      { key: 'leaves', label: 'Leaves', input: 'count', usual: 3 },
      { key: 'high', label: 'Seat beneath it, high', input: 'length', usual: 400 },
    ],
    section: true,
    make: ({ long, wide, leaves, high }) => {
      const count = Math.max(2, Math.min(6, Math.round(leaves!)));
      const usual = freshPlatform('platform', 'Platform', { carcass: seat(wide!, 400, high!), floor: BARE });
      const each = Math.max(60, (long! - BEHIND - (count - 1) * usual.gap.mm) / count);
      const base = seat(wide!, each + BEHIND, high!);
      const made = freshPlatform('platform', 'Platform', { carcass: base, floor: BARE });
      // Legs as long as the seat is high fold under leaves that are wider than that.
      const legs = each >= high! + 2 * BESIDE;
      const platform = { ...(legs ? made : onLedgers(made)), leaves: Array.from({ length: count }, (_, i) => mm(i === 0 ? each + BEHIND : each)) };
      return {
        space: space(wide! + AISLE, long! + AISLE),
        carcasses: [base],
        parts: [platform],
      };
    },
  },
]; // prettier-ignore
