import * as v from 'valibot';
import { sayLengths } from '../length/lengthMark';
import { MILLIMETRES, UnitsSchema, type Units } from '../length/units';
import { FIXING_KINDS } from '../hardware/schema';
import { baysOf, type Carcass } from '../carcass/schema';
import { existingKind } from '../existing/kinds';
import { partIssues } from '../parts/partIssues';
import type { Issue } from '../item/issue';
import { plainSentence } from '../item/plainSentence';
import { migrate } from './migrate';
import { hostOf, hostsFirst } from './hosts';
import { linkIssues } from './linked';
import { groundIssue, hostIssues, moverIssue } from './mountIssues';
import { carcassLayout, partPlace, planHardware, planStock } from './place';
import { stillBodies } from './still';
import { PLAN_FORMAT, PLAN_VERSION, PlanSchema, type Plan } from './schema';
import { reuseUnchanged } from './reuseUnchanged';
import { withStones } from './stones';

export type PlanRead =
  { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly issues: readonly Issue[] };

/**
 * Read a plan from parsed JSON of this or an older format version, and refuse what cannot be built.
 * Sentences give lengths in the plan's own units.
 *
 * @param before  an earlier plan, of which what did not change comes out as the very same objects
 */
export function readPlan(raw: unknown, before?: Plan): PlanRead {
  const refused = (path: Issue['path'], message: string): PlanRead => ({
    ok: false,
    issues: [{ path, message }],
  });
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return refused([], 'A plan is a JSON object.');
  const { format, version } = raw as Record<string, unknown>;
  if (format !== PLAN_FORMAT)
    return refused(['format'], `This is not a plan file: its format must be "${PLAN_FORMAT}".`);
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return refused(['version'], 'The format version must be a whole number from 1.');
  }
  if (version > PLAN_VERSION) {
    return refused(
      ['version'],
      `This file is of format version ${version}; this Tarnpass reads up to version ${PLAN_VERSION}.`,
    );
  }
  const read = v.safeParse(PlanSchema, migrate(raw, version));
  if (!read.success) return { ok: false, issues: read.issues.map((issue) => toIssue(issue, unitsOf(raw))) };
  const plan = reuseUnchanged(before, read.output);
  const issues = planIssues(plan);
  return issues.length > 0 ? { ok: false, issues } : { ok: true, plan: withStones(plan) };
}

/** What the shapes alone cannot tell: items that name each other, and parts that cannot be built. */
export function planIssues(plan: Plan): Issue[] {
  const issues: Issue[] = [];
  const seen = new Set<string>();
  for (const list of ['materials', 'hardware', 'things', 'existing', 'carcasses', 'parts'] as const) {
    // Materials and hardware are named apart from what stands in the space.
    if (list === 'things' || list === 'hardware') seen.clear();
    if (list === 'things') seen.add('space');
    plan[list].forEach(({ id }, i) => {
      if (seen.has(id)) issues.push({ path: [list, i, 'id'], message: `Two items have the id “${id}”.` });
      seen.add(id);
    });
  }
  plan.existing.forEach((item, i) => {
    for (const { path, message } of existingKind(item).refuse(item))
      issues.push({ path: ['existing', i, ...path], message: sayLengths(message, plan.units) });
  });
  plan.carcasses.forEach((carcass, i) => {
    for (const { path, message } of carcassIssues(plan, carcass))
      issues.push({ path: ['carcasses', i, ...path], message: sayLengths(message, plan.units) });
  });
  if (issues.length > 0) return issues;
  issues.push(...hostIssues(plan));
  if (issues.length > 0) return issues;
  const mounted = mountedIssues(plan);
  return mounted.length > 0 ? mounted : linkIssues(plan);
}

/** What of parts and of carcasses on what moves cannot be built: hosts first, and nothing of what is mounted on what cannot be. */
function mountedIssues(plan: Plan): Issue[] {
  const bare = stillBodies({ ...plan, parts: [] });
  const found = new Map<number, Issue[]>();
  const unlaid = new Set<string>();
  const ofCarcasses: Issue[] = [];
  for (const item of hostsFirst(plan)) {
    if (unlaid.has(hostOf(item) ?? '')) {
      unlaid.add(item.id);
      continue;
    }
    if (!('family' in item)) {
      const issue = item.mount?.on === 'mover' ? moverIssue(plan, item.mount) : undefined;
      if (!issue) continue;
      ofCarcasses.push({ ...issue, path: ['carcasses', plan.carcasses.indexOf(item), ...issue.path] });
      unlaid.add(item.id);
      continue;
    }
    const place = partPlace(plan, item);
    const issues = place ? partIssues(item, place, bare) : [groundIssue(plan, item)];
    if (issues.length === 0) continue;
    const i = plan.parts.indexOf(item);
    unlaid.add(item.id);
    found.set(
      i,
      issues.map(({ path, message }) => ({
        path: ['parts', i, ...path],
        message: sayLengths(message, plan.units),
      })),
    );
  }
  return [...ofCarcasses, ...plan.parts.flatMap((_, i) => found.get(i) ?? [])];
}

/** What of a carcass cannot be built: materials it names, bays that share an id, numbers that leave no room. */
function carcassIssues(plan: Plan, carcass: Carcass): Issue[] {
  const stock = planStock(plan);
  const { sheet, back, frame, ends } = carcass;
  const named: [Issue['path'], string | undefined][] = [
    [['sheet'], sheet],
    [['back', 'material'], back?.material],
    [['frame', 'material'], frame?.material],
    [['ends', 'left', 'material'], ends.left?.material],
    [['ends', 'right', 'material'], ends.right?.material],
  ];
  const unknown = named.filter(([, id]) => id !== undefined && !stock.has(id));
  if (unknown.length > 0)
    return unknown.map(([path, id]) => ({ path, message: `There is no material “${id}”.` }));
  if (carcass.fixing && !FIXINGS.has(planHardware(plan).named(carcass.fixing.hardware)?.kind))
    return [
      {
        path: ['fixing', 'hardware'],
        message: `There is no fixing “${carcass.fixing.hardware}”.`,
      },
    ];
  const ids = baysOf(carcass.bay).map(({ id }) => id);
  const twice = ids.find((id, i) => ids.indexOf(id) < i);
  if (twice) return [{ path: ['bay'], message: `Two bays have the id “${twice}”.` }];
  if (carcass.kind === 'table frame' && carcass.stands.on !== 'legs')
    return [{ path: ['stands'], message: 'A table frame stands on its legs.' }];
  return [...carcassLayout(carcass, stock).issues];
}

const FIXINGS: ReadonlySet<string | undefined> = new Set<string>(FIXING_KINDS);

function unitsOf(raw: object): Units {
  const units = v.safeParse(UnitsSchema, (raw as Record<string, unknown>)['units']);
  return units.success ? units.output : MILLIMETRES;
}

function toIssue(issue: v.BaseIssue<unknown>, units: Units): Issue {
  const path = (issue.path ?? []).map(({ key }) => (typeof key === 'number' ? key : String(key)));
  const said = sayLengths(plainSentence(issue), units);
  return { path, message: said };
}
