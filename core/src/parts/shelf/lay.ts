import type { Opening } from '../../carcass/layout';
import type { PartPlace } from '../contract/family';
import { openingOf } from '../kit/fronts';
import { wayIn, type Entry, type WayIn } from './entry';
import type { Shelf } from './schema';

/** Loose shelves as they lie, mm: long across, deep to the back, and the heights of their undersides in the carcass's frame. */
export interface LaidShelf {
  readonly shelf: Shelf;
  readonly place: PartPlace;
  readonly opening: Opening;
  readonly thick: number;
  readonly long: number;
  readonly front: number;
  readonly deep: number;
  readonly heights: readonly number[];
  /** How much it may move across its grain. */
  readonly movement: number;
  /** Pushed to one side it lies on the other pins by this much. */
  readonly bearing: number;
  /** How it gets in past its opening. */
  readonly way: WayIn;
}

/** How much a board of solid wood may move across its grain, mm: depth x coefficient x change of moisture. */
export function moves(deep: number, swells: number, moisture: number): number {
  return deep * swells * moisture;
}

export function layShelf(shelf: Shelf, place: PartPlace): LaidShelf {
  const opening = openingOf(shelf, place);
  const { left, right, bottom, top, inside } = opening;
  const thick = place.stock.thickness(shelf.material);
  const long = inside.right - inside.left - shelf.less.mm;
  const front = inside.front + shelf.setback.mm;
  const deep = inside.back - front;
  const room = inside.top - inside.bottom;
  const even = (room - shelf.count * thick) / (shelf.count + 1);
  const entry: Entry = {
    openingWidth: right.at - left.at,
    openingHeight: top.at - bottom.at,
    insideWidth: inside.right - inside.left,
    insideHeight: room,
  };
  return {
    shelf,
    place,
    opening,
    thick,
    long,
    front,
    deep,
    heights: Array.from({ length: shelf.count }, (_, i) =>
      shelf.up
        ? inside.bottom + shelf.up.first.mm + i * shelf.up.step.mm
        : inside.bottom + even + i * (even + thick),
    ),
    movement: moves(deep, place.stock.material(shelf.material).swells ?? 0, shelf.moisture),
    bearing: shelf.pins.mm - shelf.less.mm,
    way: wayIn(long, thick, entry),
  };
}
