import { airBodies, existingMovers, goneBodies, partBuilt, stillBodies } from './place';
import { baysOf } from '../carcass/schema';
import type { Plan } from './schema';
import type { Part } from '../parts/families';
import type { Mover, Scene } from '../scene/scene';

/** The scene of a plan that `readPlan` accepted: its parts move first, then what moves there already. Throws where a part has no place: the plan was not checked. */
export function buildScene(plan: Plan): Scene {
  const movers = plan.parts.flatMap((part) => {
    const built = partBuilt(plan, part);
    if (!built)
      throw new Error(
        `Part ${part.id} has no carcass ${part.carcass}: the plan was not read through readPlan.`,
      );
    return built.movers;
  });
  return {
    still: stillBodies(plan),
    movers: [...behindLeaves(plan, movers), ...existingMovers(plan)],
    gone: goneBodies(plan),
    air: airBodies(plan),
  };
}

/**
 * What comes out of a bay that a door closes waits for its leaves: it knows them by their ids. So does a door that is inset behind one
 * that lies over it.
 */
function behindLeaves(plan: Plan, movers: readonly Mover[]): readonly Mover[] {
  const closed = plan.parts.filter(({ family }) => family === 'door');
  if (closed.length === 0) return movers;
  const leaves = new Map<string, readonly string[]>();
  for (const part of plan.parts) {
    const carcass = plan.carcasses.find(({ id }) => id === part.carcass);
    const over = carcass ? baysOf(carcass.bay).filter((bay) => baysOf(bay).some(({ id }) => id === part.bay)) : []; // prettier-ignore
    const doors = closed.filter((door) => door.carcass === part.carcass && over.some(({ id }) => id === door.bay) && isBefore(door, part)); // prettier-ignore
    const ids = doors.flatMap((door) => movers.filter(({ item }) => item === door.id)).map(({ id }) => id); // prettier-ignore
    if (ids.length > 0) leaves.set(part.id, ids);
  }
  return movers.map((mover) => {
    const behind = leaves.get(mover.item);
    return behind ? kept(mover, behind) : mover;
  });
}

/** Whether a door that closes the bay of another part, or one about that, stands before it: before a door that is inset only where it lies over it. */
function isBefore(door: Part, part: Part): boolean {
  if (door.family !== 'door' || part.family !== 'door') return true;
  return door.fit.kind !== 'inset' && part.fit.kind === 'inset';
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
