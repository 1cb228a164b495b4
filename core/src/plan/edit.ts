import type { PathStep } from '../item/path';
import { readPlan, type PlanRead } from './readPlan';
import type { Plan } from './schema';
import type { Edit, Change } from '../item/change';

/** The edit that takes an edit back. */
export function inverse({ name, changes }: Edit): Edit {
  return { name, changes: [...changes].reverse().map((change) => swapped(change)) };
}

function swapped({ path, before, after }: Change): Change {
  return {
    path,
    ...(after !== undefined && { before: after }),
    ...(before !== undefined && { after: before }),
  };
}

/**
 * The plan after an edit, or why it is refused; the plan handed in is left as it was, and what the edit left alone is
 * the same object in both, so that what was made of it can be kept.
 * Throws where a path leads nowhere: such an edit was made for another plan.
 */
export function applyEdit(plan: Plan, edit: Edit): PlanRead {
  return readPlan(withChanges(plan, edit.changes), plan);
}

/**
 * The plan after some changes, not read again: it shares all that they leave alone with the plan handed in, which stays as it was.
 * Throws where a path leads nowhere.
 */
export const withChanges = (plan: Plan, changes: readonly Change[]): Plan =>
  changes.reduce((next, change) => changedAt(next, change, 0) as Plan, plan);

function changedAt(holder: unknown, change: Change, depth: number): unknown {
  const { path, before, after } = change;
  if (typeof holder !== 'object' || holder === null)
    throw new Error(`An edit's path leads nowhere: ${path.join('.')}`);
  const step = path[depth]!;
  const isLast = depth === path.length - 1;
  if (Array.isArray(holder) && typeof step === 'number') {
    const list: unknown[] = [...(holder as readonly unknown[])];
    if (!isLast) list[step] = changedAt(list[step], change, depth + 1);
    else if (before === undefined) list.splice(step, 0, after);
    else if (after === undefined) list.splice(step, 1);
    else list[step] = after;
    return list;
  }
  const record = { ...(holder as Record<PathStep, unknown>) };
  if (!isLast) record[step] = changedAt(record[step], change, depth + 1);
  else if (after === undefined) delete record[step];
  else record[step] = after;
  return record;
}

/** A plan is JSON, so its copy is too; `structuredClone` would tie the core to its host. */
export function structuredCopy<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T;
}
