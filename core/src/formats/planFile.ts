import * as v from 'valibot';
import type { Issue } from '../item/issue';
import { plainSentence } from '../item/plainSentence';
import { EMPTY_LOG, ReadingLogSchema, type ReadingLog } from '../readings/schema';
import { readPlan, type PlanRead } from '../plan/readPlan';
import type { Plan } from '../plan/schema';

/** The largest plan file, and the largest plan the server takes, bytes. */
export const LARGEST_PLAN = 2_000_000;

/** The largest file of a plan with its readings, and the most the server takes of readings at once, bytes. */
export const LARGEST_LOG = 8_000_000;

export type PlanFileRead =
  | { readonly ok: true; readonly plan: Plan; readonly log: ReadingLog }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** Read the text of a plan file, with the readings it holds beside the plan: docs/formats.md describes it. */
export function readPlanFile(text: string): PlanFileRead {
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  if (typeof parsed.raw !== 'object' || parsed.raw === null || Array.isArray(parsed.raw))
    return readPlan(parsed.raw) as PlanFileRead;
  const { readings = [], instruments = [], ...raw } = parsed.raw as Record<string, unknown>;
  const read: PlanRead = readPlan(raw);
  if (!read.ok) return read;
  const log = v.safeParse(ReadingLogSchema, { readings, instruments });
  if (log.success) return { ok: true, plan: read.plan, log: log.output };
  return {
    ok: false,
    issues: log.issues.map((issue) => ({
      path: (issue.path ?? []).map(({ key }) => (typeof key === 'number' ? key : String(key))),
      message: plainSentence(issue),
    })),
  };
}

/** Parse JSON, or tell where it stops being any. */
export function parseJson(text: string): { ok: true; raw: unknown } | { ok: false; issues: Issue[] } {
  try {
    return { ok: true, raw: JSON.parse(text) };
  } catch (error) {
    return { ok: false, issues: [{ path: [], message: `This is not JSON${placeIn(text, error)}.` }] };
  }
}

/** The text of a plan file that `readPlanFile` reads back to the same plan and readings. */
export function writePlanFile(plan: Plan, { readings, instruments }: ReadingLog = EMPTY_LOG): string {
  const read = readings.length + instruments.length > 0 ? { instruments, readings } : {};
  return `${JSON.stringify({ ...plan, ...read }, null, 2)}\n`;
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
