import { frameOf, type Fronted, type Frame } from '../item/frame';
import { existingFrame, existingKind } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import type { Length } from '../length/length';
import { boxOf } from '../things/frame';
import { mountOf } from '../parts/contract/mount';
import { familyOf, type Part } from '../parts/families';
import type { Point3 } from '../solid/prism';
import type { Change } from '../item/change';
import { get, type PathStep } from '../item/path';
import { pathOf, type Item } from './items';
import type { Plan } from './schema';

/** The box an item takes up in the space, mm. */
export interface Extent {
  readonly least: Point3;
  readonly greatest: Point3;
}

/** Where an item stands and how large it is, as a box; undefined for parts that go with what they are mounted on. */
export function extentOf(item: Item): Extent | undefined {
  switch (item.list) {
    case 'space': {
      const { width, depth, height } = item.value;
      return { least: [0, 0, 0], greatest: [width.mm, depth.mm, height.mm] };
    }
    case 'things':
      return boxOf(item.value);
    case 'existing': {
      const high = existingHigh(item.value);
      return framed(existingFrame(item.value), [
        item.value.width.mm,
        existingKind(item.value).deep(item.value),
        high,
      ]);
    }
    case 'carcasses': {
      const { width, depth, height } = item.value;
      return framed(frameOf(item.value), [width.mm, depth.mm, height.mm]);
    }
    case 'parts':
      return standingExtent(item.value);
  }
}

/** Of a part on the floor. */
function standingExtent(part: Part): Extent | undefined {
  const mount = mountOf(part);
  const print = mount.on === 'floor' ? familyOf(part).footprint : undefined;
  if (mount.on !== 'floor' || !print) return undefined;
  const size = (path: readonly PathStep[]) => (get(part, path) as Length).mm;
  return framed(frameOf({ ...mount, z: { mm: 0 } }), [
    size(print.width),
    size(print.depth),
    print.high(part),
  ]);
}

function framed(frame: Frame, size: Point3): Extent {
  const [p, q] = [frame.toSpace([0, 0, 0]), frame.toSpace(size)];
  return {
    least: [Math.min(p[0], q[0]), Math.min(p[1], q[1]), p[2]],
    greatest: [Math.max(p[0], q[0]), Math.max(p[1], q[1]), q[2]],
  };
}

/** A hatch that lies flat takes up its thickness, upwards; all else its height. */
const existingHigh = (item: Existing): number =>
  item.kind === 'hatch' && item.lies === 'flat' ? item.thickness.mm : item.height.mm;

/** The changes that give an item another box; none where the box is the one it has. A part on the floor keeps its height. */
export function extentChanges(plan: Plan, item: Item, to: Extent): Change[] {
  if (item.list === 'space') return [];
  const path = pathOf(plan, item);
  if (item.list === 'parts') return standingChanges(item.value, path, to);
  const wanted: Partial<Sizes> =
    item.list === 'things'
      ? thingFields(to)
      : item.list === 'carcasses'
        ? frontedFields(item.value, to)
        : existingSizes(item.value, to);
  return Object.entries(wanted).flatMap(([field, mm]) => {
    const before = (item.value as Record<keyof Sizes, Length>)[field as keyof Sizes];
    return Math.abs(before.mm - mm) < 1e-9 ? [] : [{ path: [...path, field], before, after: { mm } }];
  });
}

function standingChanges(part: Part, path: Change['path'], to: Extent): Change[] {
  const mount = mountOf(part);
  const print = familyOf(part).footprint;
  if (mount.on !== 'floor' || !print) return [];
  const wanted = frontedFields({ ...mount, z: { mm: 0 } }, to);
  const fields: readonly (readonly [readonly PathStep[], number])[] = [
    [['mount', 'x'], wanted.x],
    [['mount', 'y'], wanted.y],
    [print.width, wanted.width],
    [print.depth, wanted.depth],
  ];
  return fields.flatMap(([field, mm]) => {
    const before = get(part, field) as Length;
    return Math.abs(before.mm - mm) < 1e-9 ? [] : [{ path: [...path, ...field], before, after: { mm } }];
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

/** What has a front is given from its left front bottom corner: which corner of the box that is, the way it faces tells. */
function frontedFields(item: Fronted, { least, greatest }: Extent): Sizes {
  const frame = frameOf(item);
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

/** Of what moves already the depth is its wall's, and not to be drawn larger; a flat hatch's height is its depth. */
function existingSizes(item: Existing, to: Extent): Partial<Sizes> {
  const { depth, height, ...sizes } = frontedFields(item, to);
  return item.kind === 'hatch' && item.lies === 'flat' ? { ...sizes, height: depth } : { ...sizes, height };
}
