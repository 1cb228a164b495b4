import { frameOf } from '../carcass/frame';
import type { Carcass } from '../carcass/schema';
import type { Point3 } from '../solid/prism';
import type { Change } from './edit';
import { pathOf, type Item } from './items';
import type { Plan } from './schema';

/** The box an item takes up in the space, mm. */
export interface Extent {
  readonly least: Point3;
  readonly greatest: Point3;
}

/** Where an item stands and how large it is, as a box; undefined for parts, which go with their carcass. */
export function extentOf(item: Item): Extent | undefined {
  switch (item.list) {
    case 'space': {
      const { width, depth, height } = item.value;
      return { least: [0, 0, 0], greatest: [width.mm, depth.mm, height.mm] };
    }
    case 'things': {
      const { x, y, z, width, depth, height } = item.value;
      return {
        least: [x.mm, y.mm, z.mm],
        greatest: [x.mm + width.mm, y.mm + depth.mm, z.mm + height.mm],
      };
    }
    case 'carcasses': {
      const { width, depth, height } = item.value;
      const frame = frameOf(item.value);
      const [p, q] = [frame.toSpace([0, 0, 0]), frame.toSpace([width.mm, depth.mm, height.mm])];
      return {
        least: [Math.min(p[0], q[0]), Math.min(p[1], q[1]), p[2]],
        greatest: [Math.max(p[0], q[0]), Math.max(p[1], q[1]), q[2]],
      };
    }
    case 'parts':
      return undefined;
  }
}

/** The changes that give an item another box; none where the box is the one it has. Parts have none of their own. */
export function extentChanges(plan: Plan, item: Item, to: Extent): Change[] {
  if (item.list === 'parts' || item.list === 'space') return [];
  const path = pathOf(plan, item);
  const wanted = item.list === 'things' ? thingFields(to) : carcassFields(item.value, to);
  return Object.entries(wanted).flatMap(([field, mm]) => {
    const before = item.value[field as keyof typeof wanted];
    return Math.abs(before.mm - mm) < 1e-9 ? [] : [{ path: [...path, field], before, after: { mm } }];
  });
}

type Sizes = Record<'x' | 'y' | 'z' | 'width' | 'depth' | 'height', number>;

function thingFields({ least, greatest }: Extent): Sizes {
  return {
    x: least[0],
    y: least[1],
    z: least[2],
    width: greatest[0] - least[0],
    depth: greatest[1] - least[1],
    height: greatest[2] - least[2],
  };
}

/** A carcass is given from its left front bottom corner: which corner of the box that is, the way it faces tells. */
function carcassFields(carcass: Carcass, { least, greatest }: Extent): Sizes {
  const frame = frameOf(carcass);
  const right = frame.turn([1, 0, 0]);
  const back = frame.turn([0, 1, 0]);
  const start = (axis: 0 | 1) => (right[axis] + back[axis] > 0 ? least[axis] : greatest[axis]);
  const along = (way: Point3) =>
    Math.abs(way[0]) * (greatest[0] - least[0]) + Math.abs(way[1]) * (greatest[1] - least[1]);
  return {
    x: start(0),
    y: start(1),
    z: least[2],
    width: along(right),
    depth: along(back),
    height: greatest[2] - least[2],
  };
}
