import type { MoverCheck } from '../../clearance/checkMover';
import { lengthMark } from '../../length/lengthMark';
import type { Proposal } from '../family';
import type { Drawer } from './schema';

/** Out less than this a drawer is of no use, mm. */
const LEAST_USEFUL = 100;

/**
 * The least change known to mend what a drawer meets: a nearer stop on runners, a box that ends short of what stands
 * behind it. Slides of another length change the box, and are for the builder to choose.
 */
export function adviseDrawer(drawer: Drawer, check: MoverCheck): Proposal | undefined {
  if (check.verdict === 'clear') return undefined;
  const { runs, box, old } = drawer;
  const [worst] = check.encounters;
  if (worst && worst.startDepth > 0 && worst.moving.endsWith('/box') && box.depth && !old) {
    const mm = Math.floor(box.depth.mm - worst.startDepth - worst.needed);
    if (mm >= LEAST_USEFUL)
      return {
        words: `make its box ${lengthMark(mm)} deep`,
        changes: [{ path: ['box', 'depth'], before: box.depth, after: { mm } }],
      };
  }
  if (runs.kind !== 'wooden runners') return undefined;
  const stop = Math.floor(check.comfortable >= LEAST_USEFUL ? check.comfortable : check.usable);
  if (stop < LEAST_USEFUL || stop >= runs.out.mm) return undefined;
  return {
    words: `stop it at ${lengthMark(stop, 'most')}`,
    changes: [{ path: ['runs', 'out'], before: runs.out, after: { mm: stop } }],
  };
}
