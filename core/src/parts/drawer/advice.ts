import type { MoverCheck } from '../../clearance/checkMover';
import { frameOf } from '../../carcass/frame';
import { lengthMark } from '../../length/lengthMark';
import type { Body } from '../../scene/scene';
import { boundsIn } from '../box/box';
import type { PartPlace, Proposal } from '../family';
import { layBank } from './laid';
import type { Drawer } from './schema';

/** Out less than this a drawer is of no use, mm. */
const LEAST_USEFUL = 100;

/**
 * The least change known to mend what a drawer meets: a nearer stop on runners, a box that ends short of what stands
 * behind it. Slides of another length change the box, and are for the builder to choose.
 */
export function adviseDrawer(
  drawer: Drawer,
  check: MoverCheck,
  place: PartPlace,
  met: Body | undefined,
): Proposal | undefined {
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
  const aside = met && packedOut(drawer, check, place, met);
  if (aside) return aside;
  if (runs.kind !== 'wooden runners') return undefined;
  const stop = Math.floor(check.comfortable >= LEAST_USEFUL ? check.comfortable : check.usable);
  if (stop < LEAST_USEFUL || stop >= runs.out.mm) return undefined;
  return {
    words: `stop it at ${lengthMark(stop, 'most')}`,
    changes: [{ path: ['runs', 'out'], before: runs.out, after: { mm: stop } }],
  };
}

/** Packed out past what stands in its way at one side only, such as the hinges of a door before it. */
function packedOut(drawer: Drawer, check: MoverCheck, place: PartPlace, met: Body): Proposal | undefined {
  const [worst] = check.encounters;
  if (!worst || !/\/(box|slides)$/.test(worst.moving)) return undefined;
  const { clear, drawers, slide } = layBank(drawer, place);
  const at = boundsIn(frameOf(place.carcass), met);
  if (!at) return undefined;
  const { x } = drawers[0]!.box;
  const out = worst.moving.endsWith('/slides') && slide?.kind === 'slide' ? slide.side / 2 : 0;
  const middle = (clear[0] + clear[1]) / 2;
  const left = at.x[1] + worst.needed - (x[0] - out);
  const right = x[1] + out - at.x[0] + worst.needed;
  const side = at.x[1] < middle ? 'left' : at.x[0] > middle ? 'right' : undefined;
  if (!side) return undefined;
  const by = side === 'left' ? left : right;
  if (by <= 0 || by > MOST_ASIDE) return undefined;
  const before = drawer.box.aside[side];
  const mm = Math.ceil(before.mm + by);
  return {
    words: `pack out what it runs on by ${lengthMark(mm, 'least')} on the ${side}`,
    changes: [{ path: ['box', 'aside', side], before, after: { mm } }],
  };
}
/** More than this takes more of the box than it gives, mm. */
const MOST_ASIDE = 80;
