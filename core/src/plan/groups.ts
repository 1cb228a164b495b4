import { mirrorCarcass } from '../carcass/mirror';
import type { Carcass } from '../carcass/schema';
import { existingKind } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { familyOf, type Part } from '../parts/families';
import type { Change } from '../item/change';
import type { Clip } from './clip';
import { isPlaced, mirrorOf, placedOf, shifted } from './groupPlaces';
import { itemsOf, pathOf, type Item } from './items';
import { withMounted } from './hosts';
import { partPlace } from './place';
import { extentChanges, extentOf } from './placing';
import type { Plan } from './schema';

const groupOf = (item: Item) => (isPlaced(item) ? item.value.group : undefined);
/** Everything of a plan that may be in a group. */
export const groupable = ({
  things,
  existing,
  carcasses,
}: Pick<Clip, 'things' | 'existing' | 'carcasses'>) => [...things, ...existing, ...carcasses];

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
export function mirroredPart(plan: Plan, part: Part): Part {
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
