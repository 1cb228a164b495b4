import { get } from '../item/path';
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
  const next = structuredCopy(plan);
  for (const change of edit.changes) applyChange(next, change);
  return readPlan(next, plan);
}

type Json = Record<string | number, unknown>;

function applyChange(root: Plan, { path, before, after }: Change): void {
  const steps = [...path];
  const last = steps.pop()!;
  const holder = get(root, steps);
  if (typeof holder !== 'object' || holder === null)
    throw new Error(`An edit's path leads nowhere: ${path.join('.')}`);
  if (Array.isArray(holder) && typeof last === 'number') {
    if (before === undefined) holder.splice(last, 0, after);
    else if (after === undefined) holder.splice(last, 1);
    else holder[last] = after;
  } else if (after === undefined) delete (holder as Json)[last];
  else (holder as Json)[last] = after;
}

/** A plan is JSON, so its copy is too; `structuredClone` would tie the core to its host. */
export function structuredCopy<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T;
}
