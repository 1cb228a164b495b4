import { openingOf } from '../../carcass/build';
import type { Carcass } from '../../carcass/schema';
import type { Door } from './schema';

/** The shut leaf in its carcass's frame, mm: x right, y back, z up. */
export interface Leaf {
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
  readonly z: readonly [number, number];
  /** Where the pin's centre line stands. */
  readonly pin: readonly [number, number];
}

/**
 * Where the shut leaf stands and where its pin is. An inset leaf's pin is over the middle of the joint it closes; an
 * overlay leaf's is in the plane where its back meets the carcass front.
 */
export function leafOf(door: Door, carcass: Carcass): Leaf {
  const { fit, hinge, thickness } = door;
  const opening = openingOf(carcass);
  const over = fit.kind === 'overlay' ? 1 : -1;
  const [left, right] = hinge.side === 'left' ? [fit.hinge.mm, fit.free.mm] : [fit.free.mm, fit.hinge.mm];
  const x = [opening.left - over * left, opening.right + over * right] as const;
  const z = [opening.bottom - over * fit.bottom.mm, opening.top + over * fit.top.mm] as const;
  const y = fit.kind === 'overlay' ? ([-thickness.mm, 0] as const) : ([0, thickness.mm] as const);
  const outward = { proud: 1, flush: 0, 'let in': -1 }[hinge.knuckle] * hinge.pin.mm;
  const edge = hinge.side === 'left' ? x[0] : x[1];
  const away = hinge.side === 'left' ? -1 : 1; // from the leaf, across its hinge edge
  const pin =
    fit.kind === 'overlay'
      ? ([edge + away * outward, 0] as const)
      : ([edge + (away * fit.hinge.mm) / 2, -outward] as const);
  return { x, y, z, pin };
}
