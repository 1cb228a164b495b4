import type { Bounds } from '../../solid/bounds';
import type { PartPlace } from '../contract/family';
import { openingOf } from '../kit/fronts';
import type { Opening } from '../../carcass/layout';
import type { Reused } from './schema';

/** An old piece where it comes to be, in the carcass's frame, mm. */
export interface LaidReused {
  readonly reused: Reused;
  readonly place: PartPlace;
  readonly opening: Opening;
  readonly at: Bounds;
}

export function layReused(kept: Reused, place: PartPlace): LaidReused {
  const { what, old, depth, over } = kept;
  const opening = openingOf(kept, place);
  if (what === 'top') {
    const [x, y, z] = [-over.left.mm, -over.front.mm, place.carcass.height.mm];
    const at: Bounds = { x: [x, x + old.width.mm], y: [y, y + old.height.mm], z: [z, z + old.thickness.mm] };
    return { reused: kept, place, opening, at };
  }
  const { inside } = opening;
  const [x, y, z] = [inside.left + over.left.mm, inside.front + over.front.mm, inside.bottom + over.up.mm];
  const at: Bounds = { x: [x, x + old.width.mm], y: [y, y + depth.mm], z: [z, z + old.height.mm] };
  return { reused: kept, place, opening, at };
}
