import { frameOf } from '../item/frame';
import type { Clip } from './clip';
import { itemsOf, type Item } from './items';
import { extentOf, type Extent } from './placing';
import type { Plan } from './schema';

export type Placed = Extract<Item, { list: 'things' | 'existing' | 'carcasses' }>;
export type PlacedList = Placed['list'];

export const isPlaced = (item: Item): item is Placed =>
  item.list === 'things' || item.list === 'existing' || item.list === 'carcasses';

export function shifted({ least, greatest }: Extent, by: readonly number[]): Extent {
  const add = (point: readonly number[]) => point.map((x, i) => x + by[i]!) as [number, number, number];
  return { least: add(least), greatest: add(greatest) };
}

export function placedOf(plan: Plan, clip: Clip): Placed[] {
  return itemsOf({ ...plan, ...clip, parts: [] }).filter(isPlaced);
}

function about(placed: readonly Placed[]): Extent {
  const extents = placed.map((item) => extentOf(item)!);
  const end = (pick: (...values: number[]) => number, which: keyof Extent) =>
    [0, 1, 2].map((axis) => pick(...extents.map((extent) => extent[which][axis]!))) as [
      number,
      number,
      number,
    ];
  return { least: end(Math.min, 'least'), greatest: end(Math.max, 'greatest') };
}

/** The way that left and right lie: along the front of the first carcass, else west and east. */
function sideways(placed: readonly Placed[]): 0 | 1 {
  const carcass = placed.find((item) => item.list === 'carcasses');
  if (!carcass || carcass.list !== 'carcasses') return 0;
  return frameOf(carcass.value).turn([1, 0, 0])[0] !== 0 ? 0 : 1;
}

/** The mirror through the middle of some items. */
export function mirrorOf(placed: readonly Placed[]): (extent: Extent) => Extent {
  if (placed.length === 0) return (extent) => extent;
  const axis = sideways(placed);
  const all = about(placed);
  const twice = all.least[axis] + all.greatest[axis];
  return ({ least, greatest }) => ({
    least: least.map((x, i) => (i === axis ? twice - greatest[i]! : x)) as [number, number, number],
    greatest: greatest.map((x, i) => (i === axis ? twice - least[i]! : x)) as [number, number, number],
  });
}

/** Whether one of its own kind already stands where an item would: a valve in a cupboard, or air before it, does not keep it out. */
export function isTaken(plan: Plan, placed: readonly Placed[]): boolean {
  const there = itemsOf(plan).filter(isPlaced);
  return placed.some((item) => {
    const { least, greatest } = extentOf(item)!;
    return there
      .filter(({ list }) => list === item.list)
      .map((other) => extentOf(other)!)
      .some((other) =>
        [0, 1, 2].every(
          (axis) => least[axis]! < other.greatest[axis]! && other.least[axis]! < greatest[axis]!,
        ),
      );
  });
}

/** Where copies go: beside, on the side with more room, or a hand's width off where neither side has enough. */
export function beside(plan: Plan, placed: readonly Placed[]): readonly number[] {
  const axis = sideways(placed);
  const { least, greatest } = about(placed);
  const long = greatest[axis] - least[axis];
  const room = axis === 0 ? plan.space.width.mm : plan.space.depth.mm;
  const [before, after] = [least[axis], room - greatest[axis]];
  const way = after >= before ? 1 : -1;
  const by = [0, 0, 0];
  by[axis] = Math.max(before, after) >= long ? way * long : way * 100;
  return by;
}
