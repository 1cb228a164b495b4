import { baysOf, type Carcass } from '../carcass/schema';
import type { Closing } from '../parts/contract/family';
import { bayOf, carcassIdOf } from '../parts/contract/mount';
import { familyOf, type Part } from '../parts/families';
import type { Mover } from '../scene/scene';
import { carrierOf } from './hosts';
import type { Plan } from './schema';

/**
 * What comes out of a bay that is closed waits for what closes it: it knows that by its movers' ids. So does a leaf within the opening behind
 * one that lies over it.
 */
export function behindLeaves(plan: Plan, movers: readonly Mover[]): readonly Mover[] {
  const leaves = leavesBefore(plan);
  if (leaves.size === 0) return movers;
  return movers.map((mover) => {
    const before = leaves.get(mover.item);
    if (!before) return mover;
    return kept(
      mover,
      before.flatMap((leaf) => movers.filter(({ item }) => item === leaf).map(({ id }) => id)),
    );
  });
}

/** Of each part that stands behind leaves, by its id, the parts those are. */
export function leavesBefore(plan: Plan): ReadonlyMap<string, readonly string[]> {
  const leaves = new Map<string, readonly string[]>();
  const closing = plan.parts.flatMap((part) => {
    const closed = closedBy(part);
    return closed ? [{ part, closed }] : [];
  });
  if (closing.length === 0) return leaves;
  for (const part of plan.parts) {
    const carcass = plan.carcasses.find(({ id }) => id === carcassIdOf(part));
    if (!carcass) continue;
    const bay = bayOf(part);
    if (bay === undefined) continue;
    const about = new Set(baysAbout(carcass, bay));
    const ids = closing
      .filter(
        (one) =>
          carcassIdOf(one.part) === carcass.id && about.has(one.closed.bay) && isBefore(one.closed, part),
      )
      .map((one) => one.part.id);
    if (ids.length > 0) leaves.set(part.id, ids);
  }
  return leaves;
}

/** What stands behind a flap waits for that: the item itself, or what carries it. What itself stands before another waits for none, so there is no ring. */
export function behindFlaps(plan: Plan, movers: readonly Mover[]): readonly Mover[] {
  const flaps = plan.parts.filter((part) => beforeOf(part) !== undefined);
  if (flaps.length === 0) return movers;
  const waits = new Map<string, string[]>();
  for (const flap of flaps) {
    const item = beforeOf(flap)!;
    const own = movers.filter(({ bodies }) => bodies.some((body) => body.item === flap.id && !body.riders)).map(({ id }) => id);
    const carried = carrierOf(plan, item)?.mover;
    const behind = movers.filter((one) => (carried === undefined ? one.bodies.some((body) => body.item === item) : one.id === carried));
    for (const { id, item: of } of behind)
      if (!own.includes(id) && !flaps.some((one) => one.id === of)) waits.set(id, [...(waits.get(id) ?? []), ...own]);
  }
  return movers.map((mover) => {
    const own = waits.get(mover.id);
    return own ? kept(mover, [...(mover.behind ?? []), ...own]) : mover;
  });
} // prettier-ignore

const beforeOf = (part: Part): string | undefined => familyOf(part).before?.(part);

const closedBy = (part: Part): Closing | undefined => familyOf(part).closes?.(part);

/** A bay and those it is a part of. */
const baysAbout = (carcass: Carcass, bay: string): string[] =>
  baysOf(carcass.bay)
    .filter((one) => baysOf(one).some(({ id }) => id === bay))
    .map(({ id }) => id);

/** Whether what closes the bay of a part, or one about that, stands before it: before what closes that bay too only where it lies over it. */
function isBefore(closing: Closing, part: Part): boolean {
  const own = closedBy(part);
  return !own || (closing.where === 'over' && own.where === 'within');
}

/** The same mover for the same leaves, so that what is kept of it is found again. */
const waiting = new WeakMap<Mover, { readonly key: string; readonly mover: Mover }>();
function kept(mover: Mover, behind: readonly string[]): Mover {
  const key = behind.join(' ');
  const known = waiting.get(mover);
  if (known?.key === key) return known.mover;
  const made = { ...mover, behind };
  waiting.set(mover, { key, mover: made });
  return made;
}
