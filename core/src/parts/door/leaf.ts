import type { Edge, Opening } from '../../carcass/layout';
import type { PartPlace } from '../contract/family';
import { evenOver, openingOf } from '../kit/fronts';
import type { Door } from './schema';

/** How a leaf ends at each edge, mm: over what is beside its opening, or less than 0 where it stops short of it. */
export type Overlaps = Readonly<Record<'left' | 'right' | 'top' | 'bottom', number>>;

/** A shut leaf in its carcass's frame, mm: x right, y back, z up. */
export interface Leaf {
  /** Its mover's key: the door's own, or the door's and which leaf. */
  readonly key: string;
  /** Its place in the pair; empty for a single leaf. */
  readonly of: '' | 'left' | 'right';
  readonly side: 'left' | 'right';
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
  readonly z: readonly [number, number];
  /** How far it lies over the edge it is hinged at; less than 0 for a gap. */
  readonly over: number;
}

/** What the leaves of a door have alike. */
export interface LeafOf {
  readonly door: Door;
  readonly place: PartPlace;
  readonly opening: Opening;
  readonly over: Overlaps;
  /** Finished thickness of a leaf: the board with what its faces carry, or the old leaf's own. */
  readonly thick: number;
}

/** The leaves as they hang shut: one, or the left and the right of a pair. */
export function leavesOf(door: Door, place: PartPlace): { of: LeafOf; leaves: Leaf[] } {
  const { fit, old, hinge, leaves, middle, leaf: board } = door;
  const opening = openingOf(door, place);
  const over = overlapsOf(door, opening);
  const thick = old
    ? old.thickness.mm
    : place.stock.thickness(board.material) + board.front.mm + board.back.mm;
  const { front } = opening;
  const y = fit.kind === 'inset' ? ([front, front + thick] as const) : ([front - thick, front] as const);
  const left = opening.left.at - over.left;
  const right = opening.right.at + over.right;
  const foot = opening.bottom.at - over.bottom;
  const z = [foot, old ? foot + old.height.mm : opening.top.at + over.top] as const;
  const half = (right - left - middle.mm) / 2;
  const wide = old?.width.mm ?? (leaves === 'pair' ? half : right - left);
  const made = (of: Leaf['of'], side: 'left' | 'right'): Leaf => ({
    key: of === '' ? door.id : `${door.id}.${of}`,
    of,
    side,
    x: side === 'left' ? [left, left + wide] : [right - wide, right],
    y,
    z,
    over: over[side],
  });
  return {
    of: { door, place, opening, over, thick },
    leaves: leaves === 'pair' ? [made('left', 'left'), made('right', 'right')] : [made('', hinge.side)],
  };
}

/** How a door lies over its opening, edge by edge. Of a pair both outer edges are hinge edges. */
function overlapsOf({ fit, hinge, leaves }: Door, opening: Opening): Overlaps {
  if (fit.kind === 'even') {
    const over = (edge: Edge) => evenOver(edge, fit.gap.mm);
    return {
      left: over(opening.left),
      right: over(opening.right),
      top: over(opening.top),
      bottom: over(opening.bottom),
    };
  }
  const sign = fit.kind === 'inset' ? -1 : 1;
  const at = (side: 'left' | 'right') =>
    sign * (leaves === 'pair' || hinge.side === side ? fit.hinge.mm : fit.free.mm);
  return { left: at('left'), right: at('right'), top: sign * fit.top.mm, bottom: sign * fit.bottom.mm };
}

/** A point of a leaf given from its hinge edge, mm, in the carcass's frame across. */
export const fromHinge = ({ side, x }: Pick<Leaf, 'side' | 'x'>, mm: number): number =>
  side === 'left' ? x[0] + mm : x[1] - mm;
export const fromFree = ({ side, x }: Pick<Leaf, 'side' | 'x'>, mm: number): number =>
  side === 'left' ? x[1] - mm : x[0] + mm;
