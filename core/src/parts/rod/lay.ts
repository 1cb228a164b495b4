import type { Opening } from '../../carcass/layout';
import type { PartPlace } from '../contract/family';
import { openingOf } from '../kit/fronts';
import type { Rod } from './schema';

/** A rod as it hangs, in its carcass's frame, mm: from side to side, the middle of it, and its cleats. */
export interface LaidRod {
  readonly rod: Rod;
  readonly place: PartPlace;
  readonly opening: Opening;
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly z: number;
  /** How thick its cleats are; it hangs between them. */
  readonly cleat: number;
  /** Clear under its middle, and from its front to its back. */
  readonly under: number;
  readonly deep: number;
}

export function layRod(rod: Rod, place: PartPlace): LaidRod {
  const opening = openingOf(rod, place);
  const { left, right, bottom, top, front, back } = opening.inside;
  const z = top - rod.below.mm;
  return {
    rod,
    place,
    opening,
    from: left,
    to: right,
    y: front + (rod.back?.mm ?? (back - front) / 2),
    z,
    cleat: place.stock.thickness(rod.material),
    under: z - bottom,
    deep: back - front,
  };
}
