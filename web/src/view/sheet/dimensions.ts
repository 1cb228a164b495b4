import { extentOf, itemsOf, type Extent, type Item, type Plan } from '@tarnpass/core';
import type { Dim } from './Dimension';
import type { SheetFrame } from './frame';
import type { Bounds } from './outline';
import { axisOf, type Projection } from './projection';
import type { Axis } from './snap';

/** What typing over a dimension sets. */
export type Sets =
  | { readonly kind: 'space'; readonly field: 'width' | 'depth' | 'height' }
  | { readonly kind: 'size' | 'offset'; readonly item: Item; readonly axis: Axis };

export type SheetDim = Dim & { readonly sets: Sets };

const SPACE_FIELD = ['width', 'depth', 'height'] as const;
const SIDES = ['west', 'south', 'floor'] as const;
/** From an outline to its dimension line, px. */
const OFF = 34;

/** A box's two corners on the sheet: left and top first. */
function cornersOf(frame: SheetFrame, { least, greatest }: Extent) {
  const [a, b] = [frame.put(least), frame.put(greatest)];
  return {
    left: Math.min(a[0], b[0]),
    right: Math.max(a[0], b[0]),
    top: Math.min(a[1], b[1]),
    bottom: Math.max(a[1], b[1]),
  };
}

/**
 * The dimensions of a view: the space's own outside its walls, and of what is selected its size and how far it stands
 * from two of them. Across ones lie over the item, upright ones beside it, on the side that has room.
 *
 * @param off   px from the space's inner face to its dimension lines
 * @param shut  what moves of the item where it stands shut, with all that rides on it: no line lies under that
 */
export function dimensionsOf(
  plan: Plan,
  selected: Item | undefined,
  frame: SheetFrame,
  off: number,
  shut?: Bounds,
): SheetDim[] {
  const { projection } = frame;
  const [space] = itemsOf(plan);
  const room = extentOf(space!)!;
  const box = cornersOf(frame, room);
  const dims: SheetDim[] = [
    spaceDim(plan, projection.u, [box.left, box.top - off], [box.right, box.top - off]),
    spaceDim(plan, projection.v, [box.left - off, box.top], [box.left - off, box.bottom]),
  ];
  const extent = selected && selected.list !== 'space' ? extentOf(selected) : undefined;
  if (!selected || !extent) return dims;
  return [...dims, ...itemDims(selected, extent, room, frame, shut)];
}

function spaceDim(plan: Plan, way: Projection['u'], from: Dim['from'], to: Dim['to']): SheetDim {
  const field = SPACE_FIELD[axisOf(way)];
  return {
    key: `space ${field}`,
    from,
    to,
    mm: plan.space[field].mm,
    name: `The space's ${field}`,
    sets: { kind: 'space', field },
  };
}

function itemDims(
  item: Item,
  extent: Extent,
  room: Extent,
  frame: SheetFrame,
  shut: Bounds | undefined,
): SheetDim[] {
  const { u, v } = frame.projection;
  const [across, up] = [axisOf(u), axisOf(v)];
  const own = cornersOf(frame, extent);
  const box = cornersOf(frame, room);
  const top = Math.min(own.top, shut?.y ?? Infinity);
  const right = Math.max(own.right, shut ? shut.x + shut.width : -Infinity);
  const y = top - OFF > box.top + 6 ? top - OFF : own.bottom + OFF;
  const x = right + OFF < box.right - 6 ? right + OFF : own.left - OFF;
  const dim = (
    kind: 'size' | 'offset',
    axis: Axis,
    from: Dim['from'],
    to: Dim['to'],
    mm: number,
    words: string,
  ): SheetDim => ({ key: `${kind} ${axis}`, from, to, mm, name: words, sets: { kind, item, axis } });
  const size = (axis: Axis) => extent.greatest[axis] - extent.least[axis];
  const offset = (axis: Axis) => extent.least[axis] - room.least[axis];
  const named = (what: string) => `${what} of ${item.name}`;
  const away = (axis: Axis) => `${item.name} from the ${SIDES[axis]}`;
  // The west and south walls may lie to either hand, as the view looks.
  const wall = u[across] > 0 ? box.left : box.right;
  const near = u[across] > 0 ? own.left : own.right;
  const dims = [
    dim('size', across, [own.left, y], [own.right, y], size(across), named(across === 0 ? 'Width' : 'Depth')),
    dim('size', up, [x, own.top], [x, own.bottom], size(up), named(up === 2 ? 'Height' : 'Depth')),
  ];
  if (offset(across) > 0.5)
    dims.push(
      dim(
        'offset',
        across,
        [Math.min(wall, near), y],
        [Math.max(wall, near), y],
        offset(across),
        away(across),
      ),
    );
  if (offset(up) > 0.5) dims.push(dim('offset', up, [x, own.bottom], [x, box.bottom], offset(up), away(up)));
  // A figure needs room on its line.
  return dims.filter(({ from, to }) => Math.hypot(from[0] - to[0], from[1] - to[1]) > 26);
}
