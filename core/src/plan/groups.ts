import { frameOf } from '../item/frame';
import { mirrorCarcass } from '../carcass/mirror';
import { baysOf, type Carcass } from '../carcass/schema';
import { existingKind } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { carcassIdOf, mountOf, type Mount } from '../parts/contract/mount';
import { familyOf, type Part } from '../parts/families';
import type { Change } from '../item/change';
import { freshName } from './fresh';
import { itemsOf, pathOf, type Item } from './items';
import { withMounted, type Mountable } from './hosts';
import { partPlace } from './place';
import { extentChanges, extentOf, type Extent } from './placing';
import type { Plan } from './schema';
import { withoutNumber } from '../item/freeId';
import { omitKey } from '../item/omitKey';

/** Items of a plan on their own, to be put into it again or into another one. */
export interface Clip {
  readonly things: Plan['things'];
  readonly existing: Plan['existing'];
  readonly carcasses: Plan['carcasses'];
  readonly parts: Plan['parts'];
  /** What they are made of and hang on: it goes along to a plan that has it not. */
  readonly materials: Plan['materials'];
  readonly hardware: Plan['hardware'];
}

type Placed = Extract<Item, { list: 'things' | 'existing' | 'carcasses' }>;
type PlacedList = Placed['list'];

const isPlaced = (item: Item): item is Placed =>
  item.list === 'things' || item.list === 'existing' || item.list === 'carcasses';

const groupOf = (item: Item) => (isPlaced(item) ? item.value.group : undefined);
/** Everything of a plan that may be in a group. */
const groupable = ({ things, existing, carcasses }: Pick<Clip, 'things' | 'existing' | 'carcasses'>) => [
  ...things,
  ...existing,
  ...carcasses,
];

/** The items named, with all that are grouped with one of them. */
export function withGroupMates(plan: Plan, ids: readonly string[]): Item[] {
  const items = itemsOf(plan);
  const named = items.filter(({ id }) => ids.includes(id));
  const groups = new Set(named.map(groupOf).filter((group) => group !== undefined));
  return items.filter((item) => {
    const group = groupOf(item);
    return ids.includes(item.id) || (group !== undefined && groups.has(group));
  });
}

/** What is copied with some items: those grouped with them, and what is mounted on them. */
export function clipOf(plan: Plan, ids: readonly string[]): Clip {
  const chosen = withMounted(
    plan,
    withGroupMates(plan, ids).map(({ id }) => id),
  );
  return {
    things: plan.things.filter(({ id }) => chosen.has(id)),
    existing: plan.existing.filter(({ id }) => chosen.has(id)),
    carcasses: plan.carcasses.filter(({ id }) => chosen.has(id)),
    parts: plan.parts.filter(({ id }) => chosen.has(id)),
    materials: plan.materials,
    hardware: plan.hardware,
  };
}

/** Changes that put in copies, and the ids the copies have, in the order carcasses, things, what moves already, parts. */
export interface Pasted {
  readonly changes: Change[];
  readonly ids: readonly string[];
}

/**
 * Copies of a clip, with ids and names of their own: in the places they had where these are free, as in another job, else
 * beside them.
 *
 * @param mirrored  left and right turned about
 * @param onto      the carcass that parts whose own is not in the clip are hung on; their own where it is not given
 */
export function pasteChanges(
  plan: Plan,
  clip: Clip,
  { mirrored = false, onto }: { mirrored?: boolean; onto?: string } = {},
): Pasted {
  const grown = {
    ...plan,
    materials: [...plan.materials],
    hardware: [...plan.hardware],
    things: [...plan.things],
    existing: [...plan.existing],
    carcasses: [...plan.carcasses],
    parts: [...plan.parts],
  };
  const placed = placedOf(plan, clip);
  const by = isTaken(plan, placed) ? beside(plan, placed) : undefined;
  const groups = new Map<string, string>();
  const renamed = new Map<string, string>();
  const changes: Change[] = [];
  const ids: string[] = [];
  const add = <List extends PlacedList | 'parts'>(list: List, value: Plan[List][number]) => {
    changes.push({ path: [list, grown[list].length], after: value });
    (grown[list] as Plan[List][number][]).push(value);
    ids.push(value.id);
  };
  const fresh = (id: string, name: string) =>
    freshName(grown, withoutNumber(id).slice(0, 34), withoutNumber(name).slice(0, 74));
  for (const list of ['materials', 'hardware'] as const) {
    const has = new Set(plan[list].map(({ id }) => id));
    for (const one of clip[list]) {
      if (has.has(one.id)) continue;
      changes.push({ path: [list, grown[list].length], after: one });
      (grown[list] as (typeof one)[]).push(one);
    }
  }
  const groupName = (group: string) => {
    const known = groups.get(group);
    if (known) return known;
    const taken = new Set(groupable(plan).map((item) => item.group));
    let n = 2;
    while (taken.has(`${group} ${n}`)) n += 1;
    groups.set(group, `${group} ${n}`);
    return `${group} ${n}`;
  };
  const flip = mirrored ? mirrorOf(placed) : undefined;
  const moved = (item: Placed): Item['value'] => {
    const from = extentOf(item)!;
    const turned = flip ? flip(from) : from;
    const to = by ? shifted(turned, by) : turned;
    let value: Item['value'] = item.value;
    for (const { path, after } of extentChanges(plan, item, to))
      value = { ...value, [path[path.length - 1] as string]: after } as Item['value'];
    return value;
  };
  for (const carcass of clip.carcasses) {
    const names = fresh(carcass.id, carcass.name);
    renamed.set(carcass.id, names.id);
    const there = moved({ id: carcass.id, name: carcass.name, list: 'carcasses', value: carcass });
    const group = carcass.group && { group: groupName(carcass.group) };
    const turned = mirrored ? mirrorCarcass(there as typeof carcass) : (there as typeof carcass);
    add('carcasses', { ...turned, ...names, ...group });
  }
  for (const thing of clip.things) {
    const there = moved({ id: thing.id, name: thing.name, list: 'things', value: thing });
    const group = thing.group && { group: groupName(thing.group) };
    add('things', { ...(there as typeof thing), ...fresh(thing.id, thing.name), ...group });
  }
  for (const mover of clip.existing) {
    const there = moved({ id: mover.id, name: mover.name, list: 'existing', value: mover }) as Existing;
    const turned = mirrored ? existingKind(there).mirror(there) : there;
    const group = mover.group && { group: groupName(mover.group) };
    const names = fresh(mover.id, mover.name);
    renamed.set(mover.id, names.id);
    add('existing', { ...turned, ...names, ...group });
  }
  for (const part of clip.parts) {
    const names = fresh(part.id, part.name);
    renamed.set(part.id, names.id);
    const copy = mirrored ? mirroredPart(plan, part) : part;
    const carcass = carcassIdOf(part);
    const host = carcass && (renamed.get(carcass) ?? onto ?? carcass);
    const mount = onHost(
      mountOf(copy),
      host,
      grown.carcasses.find(({ id }) => id === host),
    );
    add('parts', { ...copy, ...names, mount } as Part);
  }
  const there = new Set(itemsOf(grown).map(({ id }) => id));
  return { changes: changes.map((change) => onCopies(change, renamed, there)), ids };
}

/** A change that puts in a copy, mounted on the copy of what it was mounted on; a carcass whose host is not there stands by itself. */
function onCopies(change: Change, renamed: ReadonlyMap<string, string>, there: ReadonlySet<string>): Change {
  const copy = change.after as Mountable;
  const mount = change.path[0] === 'carcasses' || change.path[0] === 'parts' ? copy.mount : undefined;
  if (!mount || !('host' in mount)) return change;
  const host = renamed.get(mount.host) ?? mount.host;
  const stands = !('family' in copy) && !there.has(host);
  return { ...change, after: stands ? omitKey(copy, 'mount') : { ...copy, mount: { ...mount, host } } };
}

/** The like mount in or on another carcass; one that lacks its bay takes it in its whole opening. */
function onHost(mount: Mount, carcass: string | undefined, host: Carcass | undefined): Mount {
  if (carcass === undefined || !('carcass' in mount)) return mount;
  if (mount.on !== 'bay') return { ...mount, carcass };
  const bays = host ? baysOf(host.bay) : [];
  const has = bays.length === 0 || bays.some(({ id }) => id === mount.bay);
  return { ...mount, carcass, bay: has ? mount.bay : bays[0]!.id };
}

/** Changes that turn left and right about, of some items as one: each is moved to its mirror place, each part turned. */
export function mirrorChanges(plan: Plan, ids: readonly string[]): Change[] {
  const clip = clipOf(plan, ids);
  const placed = placedOf(plan, clip);
  const flip = mirrorOf(placed);
  const items = itemsOf(plan);
  return [
    ...placed.flatMap((item): Change[] => {
      const to = flip(extentOf(item)!);
      if (item.list === 'things') return extentChanges(plan, item, to);
      let value: Existing | Carcass =
        item.list === 'existing' ? existingKind(item.value).mirror(item.value) : mirrorCarcass(item.value);
      for (const { path, after } of extentChanges(plan, item, to))
        value = { ...value, [path[path.length - 1] as string]: after };
      return [{ path: pathOf(plan, item), before: item.value, after: value }];
    }),
    ...clip.parts.flatMap((part): Change[] => {
      const item = items.find(({ id }) => id === part.id)!;
      return [{ path: pathOf(plan, item), before: part, after: mirroredPart(plan, part) }];
    }),
  ];
}

/** A part turned about in its own carcass; one whose carcass is elsewhere stays as it is. */
function mirroredPart(plan: Plan, part: Part): Part {
  const place = partPlace(plan, part);
  return place ? familyOf(part).mirror(part, place) : part;
}

/** Changes that shift some items and all grouped with them. */
export function shiftChanges(plan: Plan, ids: readonly string[], by: readonly number[]): Change[] {
  return withGroupMates(plan, ids).flatMap((item) => {
    const extent = item.list === 'space' ? undefined : extentOf(item);
    return extent ? extentChanges(plan, item, shifted(extent, by)) : [];
  });
}

/** Changes that give carcasses and things a group; undefined takes them out of theirs. */
export function groupChanges(plan: Plan, ids: readonly string[], group: string | undefined): Change[] {
  return withGroupMates(plan, ids).flatMap((item): Change[] => {
    if (!isPlaced(item)) return [];
    const { group: before, ...rest } = item.value;
    if (before === group) return [];
    const after = group === undefined ? rest : { ...item.value, group };
    return [{ path: pathOf(plan, item), before: item.value, after }];
  });
}

export function shifted({ least, greatest }: Extent, by: readonly number[]): Extent {
  const add = (point: readonly number[]) => point.map((x, i) => x + by[i]!) as [number, number, number];
  return { least: add(least), greatest: add(greatest) };
}

function placedOf(plan: Plan, clip: Clip): Placed[] {
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
function mirrorOf(placed: readonly Placed[]): (extent: Extent) => Extent {
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
function isTaken(plan: Plan, placed: readonly Placed[]): boolean {
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
function beside(plan: Plan, placed: readonly Placed[]): readonly number[] {
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
