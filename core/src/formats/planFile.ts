import type { Issue } from '../item/issue';
import { readPlan, type PlanRead } from '../plan/readPlan';
import type { Plan } from '../plan/schema';

/** The largest plan file, and the largest plan the server takes, bytes. */
export const LARGEST_PLAN = 2_000_000;

/** Read the text of a plan file: docs/formats.md describes it. */
export function readPlanFile(text: string): PlanRead {
  const parsed = parseJson(text);
  return parsed.ok ? readPlan(parsed.raw) : parsed;
}

/** Parse JSON, or tell where it stops being any. */
export function parseJson(text: string): { ok: true; raw: unknown } | { ok: false; issues: Issue[] } {
  try {
    return { ok: true, raw: JSON.parse(text) };
  } catch (error) {
    return { ok: false, issues: [{ path: [], message: `This is not JSON${placeIn(text, error)}.` }] };
  }
}

/** The text of a plan file that `readPlanFile` reads back to the same plan. */
export function writePlanFile(plan: Plan): string {
  return `${JSON.stringify(plan, null, 2)}\n`;
}

/** Where the engine's own message says it stopped; engines differ in whether they tell a position or only the character. */
function placeIn(text: string, error: unknown): string {
  if (text.trim() === '') return ': the file is empty';
  const position = /at position (\d+)/.exec(String(error))?.[1];
  if (position !== undefined) {
    const before = text.slice(0, Number(position)).split('\n');
    return `: line ${before.length}, character ${before[before.length - 1]!.length + 1} cannot be read`;
  }
  const token = /Unexpected token '?(.)'?/.exec(String(error))?.[1];
  return token ? `: there is a “${token}” where none can stand` : ': it ends too early or is cut off';
}
