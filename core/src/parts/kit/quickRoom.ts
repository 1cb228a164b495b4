import { usualCarcass } from '../../carcass/kinds';
import type { Carcass } from '../../carcass/schema';
import { USUAL_MATERIALS, USUAL_SCHOOLS } from '../../material/schema';
import { stockOf, type Stock } from '../../material/stock';
import type { Side } from '../../item/schema';

/** Room about what is drawn, so that the drawing shows what a leaf could meet and little else, mm. */
export const AISLE = 1300;

export const mm = (value: number) => ({ mm: value });

/** A plain cupboard on a plinth a hand high, which is not part of its height here. */
export function carcass(
  id: string,
  name: string,
  faces: Side,
  [x, y]: readonly [number, number],
  [width, depth, height]: readonly [number, number, number],
): Carcass {
  return {
    ...usualCarcass('cupboard', { id, name, x: mm(x), y: mm(y), faces }),
    stands: { on: 'a plinth', height: mm(PLINTH), setback: mm(40) },
    width: mm(width),
    depth: mm(depth),
    height: mm(height + PLINTH),
  };
}

/** An open seat against the wall behind it, which something lies over. */
export const seat = (width: number, depth: number, height: number): Carcass => ({
  ...carcass('seat', 'Seat', 'north', [AISLE / 2 + width, depth], [width, depth, height]),
  kind: 'bench',
  top: 'none',
  stands: { on: 'the floor' },
  height: mm(height),
});

const PLINTH = 90;

/** A plain room of this size, mm. */
export function space(width: number, depth: number, slopes: readonly unknown[] = []): unknown {
  return { width: { mm: width }, depth: { mm: depth }, height: { mm: 2400 }, slopes };
}

/** What a new part of a quick start is made for: its carcass, with the materials every plan begins with. */
export const quickPlace = (on: Carcass): { readonly carcass: Carcass; readonly stock: Stock } => ({
  carcass: on,
  stock: stockOf(USUAL_MATERIALS, USUAL_SCHOOLS),
});
