import * as v from 'valibot';
import { get } from '../item/path';
import { readPlan, type PlanRead } from './readPlan';
import type { Plan } from './schema';

/**
 * One place of the plan and what it held and holds. Without `before` it is put in (a list makes room), without
 * `after` it is taken out (a list closes up).
 */
export const ChangeSchema = v.strictObject({
  path: v.pipe(
    v.array(
      v.union([
        v.pipe(v.string(), v.regex(/^[a-zA-Z][a-zA-Z0-9]{0,39}$/)),
        v.pipe(v.number(), v.integer(), v.minValue(0)),
      ]),
    ),
    v.minLength(1),
    v.maxLength(24),
  ),
  before: v.optional(v.unknown()),
  after: v.optional(v.unknown()),
});
export type Change = v.InferOutput<typeof ChangeSchema>;

/** A named change of the plan that can be taken back: what undo, autosave and the log all use. */
export const EditSchema = v.strictObject({
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(200)),
  changes: v.pipe(v.array(ChangeSchema), v.minLength(1), v.maxLength(500)),
});
export type Edit = v.InferOutput<typeof EditSchema>;

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
