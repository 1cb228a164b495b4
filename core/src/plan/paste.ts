import { mirrorCarcass } from '../carcass/mirror';
import { baysOf, type Carcass } from '../carcass/schema';
import { existingKind } from '../existing/kinds';
import type { Change } from '../item/change';
import { withoutNumber } from '../item/freeId';
import { omitKey } from '../item/omitKey';
import { carcassIdOf, mountOf, type Mount } from '../parts/contract/mount';
import type { Part } from '../parts/families';
import type { Clip } from './clip';
import { freshName } from './fresh';
import { beside, isTaken, mirrorOf, placedOf, shifted, type Placed, type PlacedList } from './groupPlaces';
import { groupable, mirroredPart } from './groups';
import type { Mountable } from './hosts';
import { itemsOf } from './items';
import { extentChanges, extentOf, type Extent } from './placing';
import type { Plan } from './schema';

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
export const pasteChanges = (
  plan: Plan,
  clip: Clip,
  { mirrored = false, onto }: { mirrored?: boolean; onto?: string } = {},
): Pasted => new Paste(plan, clip, mirrored, onto).done();

type CopiedList = 'materials' | 'hardware' | PlacedList | 'parts';

/** A plan as copies are put into it one by one. */
class Paste {
  private readonly changes: Change[] = [];
  private readonly ids: string[] = [];
  /** Ids of what was copied, and of its copies. */
  private readonly renamed = new Map<string, string>();
  private readonly groups = new Map<string, string>();
  private grown: Plan;
  private readonly placedAt: (extent: Extent) => Extent;

  constructor(
    private readonly plan: Plan,
    private readonly clip: Clip,
    private readonly mirrored: boolean,
    private readonly onto: string | undefined,
  ) {
    this.grown = plan;
    const placed = placedOf(plan, clip);
    const by = isTaken(plan, placed) ? beside(plan, placed) : [0, 0, 0];
    const flip = mirrored ? mirrorOf(placed) : (extent: Extent) => extent;
    this.placedAt = (extent) => shifted(flip(extent), by);
  }

  done(): Pasted {
    const { plan, clip } = this;
    for (const list of ['materials', 'hardware'] as const) {
      const has = new Set(plan[list].map(({ id }) => id));
      for (const one of clip[list]) if (!has.has(one.id)) this.put(list, one);
    }
    for (const carcass of clip.carcasses) this.putPlaced('carcasses', carcass, mirrorCarcass);
    for (const thing of clip.things) this.putPlaced('things', thing, (one) => one);
    for (const mover of clip.existing)
      this.putPlaced('existing', mover, (one) => existingKind(one).mirror(one));
    for (const part of clip.parts) this.putPart(part);
    const there = new Set(itemsOf(this.grown).map(({ id }) => id));
    return { changes: this.changes.map((change) => onCopies(change, this.renamed, there)), ids: this.ids };
  }

  private put<List extends CopiedList>(list: List, value: Plan[List][number]): void {
    this.changes.push({ path: [list, this.grown[list].length], after: value });
    this.grown = { ...this.grown, [list]: [...this.grown[list], value] };
  }

  private putPlaced<List extends PlacedList>(
    list: List,
    value: Plan[List][number],
    mirror: (one: Plan[List][number]) => Plan[List][number],
  ): void {
    const item = { id: value.id, name: value.name, list, value } as unknown as Placed;
    const there = this.moved(item) as Plan[List][number];
    const turned = this.mirrored ? mirror(there) : there;
    const group = value.group !== undefined && { group: this.groupName(value.group) };
    this.put(list, { ...turned, ...this.fresh(value), ...group });
  }

  private putPart(part: Part): void {
    const copy = this.mirrored ? mirroredPart(this.plan, part) : part;
    const carcass = carcassIdOf(part);
    const host = carcass && (this.renamed.get(carcass) ?? this.onto ?? carcass);
    const onIt = this.grown.carcasses.find(({ id }) => id === host);
    this.put('parts', { ...copy, ...this.fresh(part), mount: onHost(mountOf(copy), host, onIt) } as Part);
  }

  /** The item where its copy goes. */
  private moved(item: Placed): Placed['value'] {
    let value: Placed['value'] = item.value;
    for (const { path, after } of extentChanges(this.plan, item, this.placedAt(extentOf(item)!)))
      value = { ...value, [path[path.length - 1] as string]: after };
    return value;
  }

  private fresh({ id, name }: { readonly id: string; readonly name: string }): { id: string; name: string } {
    const names = freshName(this.grown, withoutNumber(id).slice(0, 34), withoutNumber(name).slice(0, 74));
    this.renamed.set(id, names.id);
    this.ids.push(names.id);
    return names;
  }

  private groupName(group: string): string {
    const known = this.groups.get(group);
    if (known !== undefined) return known;
    const taken = new Set(groupable(this.plan).map((item) => item.group));
    let n = 2;
    while (taken.has(`${group} ${n}`)) n += 1;
    this.groups.set(group, `${group} ${n}`);
    return `${group} ${n}`;
  }
}

/** A copy that opens with the copy of what it opened with, or covers that of what it covered; with neither where that is not there. */
function joinedToCopies<Copy extends Mountable>(
  copy: Copy,
  renamed: ReadonlyMap<string, string>,
  there: ReadonlySet<string>,
): Copy {
  let made: Copy = copy;
  for (const key of ['opensWith', 'covers'] as const) {
    const named = (copy as Partial<Record<typeof key, string>>)[key];
    if (named === undefined) continue;
    const id = renamed.get(named) ?? named;
    made = there.has(id) ? { ...made, [key]: id } : (omitKey(made, key as never) as Copy);
  }
  return made;
}

/** A change that puts in a copy, mounted on the copy of what it was mounted on; a carcass whose host is not there stands by itself. */
function onCopies(change: Change, renamed: ReadonlyMap<string, string>, there: ReadonlySet<string>): Change {
  const isPart = change.path[0] === 'parts';
  const given = change.after as Mountable;
  const copy = isPart ? joinedToCopies(given, renamed, there) : given;
  const mount = change.path[0] === 'carcasses' || change.path[0] === 'parts' ? copy.mount : undefined;
  if (!mount || !('host' in mount)) return copy === given ? change : { ...change, after: copy };
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
