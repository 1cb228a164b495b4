import { fieldLabel } from '../card/field';
import type { Change, Edit } from '../item/change';
import type { Issue } from '../item/issue';
import { get, type PathStep } from '../item/path';
import { lengthMark, sayLengths } from '../length/lengthMark';
import { applyEdit, withChanges } from '../plan/edit';
import { fieldsOf } from '../plan/fieldsOf';
import { itemsOf, pathOf } from '../plan/items';
import { planIssues } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { GRAINS, roundFigures, SIXTEENTH } from './roundFigures';

/** What could be done in place of an edit that cannot be built, or besides it: how a button reads, and the edit. */
export interface Fix {
  readonly words: string;
  readonly edit: Edit;
}

/** As near as a number is looked for, mm or degrees. */
const NEAR = 0.05;
/** A second number is looked for up to so many times what it is. */
const MOST_TIMES = 3;
/** Of the issues of one edit so many are looked at. */
const MOST_ISSUES = 3;

/**
 * What could be done about an edit of one number that cannot be built: the nearest number that can, and the number besides which it can.
 * Each is tried by building it. None for edits of anything else.
 */
export function fixesOf(plan: Plan, edit: Edit): Fix[] {
  const [change] = edit.changes;
  if (edit.changes.length !== 1 || !change) return [];
  const [from, to] = [numberAt(change.before), numberAt(change.after)];
  if (from === undefined || to === undefined || from === to) return [];
  const issues = planIssues(withChanges(plan, edit.changes));
  if (issues.length === 0) return [];
  return [...instead(plan, edit, change, from, to), ...besides(plan, edit, change, issues)];
}

/** The nearest number to the one that was wanted. */
function instead(plan: Plan, edit: Edit, change: Change, from: number, to: number): Fix[] {
  const builds = (value: number) => planIssues(withChanges(plan, [setTo(change, value)])).length === 0;
  let [good, bad] = [from, to];
  while (Math.abs(bad - good) > NEAR) {
    const middle = (good + bad) / 2;
    if (builds(middle)) good = middle;
    else bad = middle;
  }
  const value = figuresFor(plan, change, from, good).find(
    (one) => Math.abs(one - from) > NEAR && builds(one),
  );
  if (value === undefined) return [];
  return made(plan, edit, [setTo(change, value)], `Make it ${said(change, value)}`);
}

/** Another number besides, where that is what stands against it. */
function besides(plan: Plan, edit: Edit, change: Change, issues: readonly Issue[]): Fix[] {
  const changed = withChanges(plan, [change]);
  const own = change.path.join('/');
  const paths = issues
    .map(({ path }) => path)
    .filter((path) => path.join('/') !== own && numberAt(get(changed, path)) !== undefined);
  return paths.slice(0, MOST_ISSUES).flatMap((path): Fix[] => {
    const before = get(changed, path);
    const now = numberAt(before)!;
    const other: Change = { path: [...path], before, after: before };
    const builds = (value: number) => planIssues(withChanges(changed, [setTo(other, value)])).length === 0;
    const value = nearestThat(builds, now, plan, other);
    if (value === undefined) return [];
    const label = labelAt(plan, path);
    if (label === undefined) return [];
    const second = setTo(other, value);
    return made(plan, edit, [change, second], `Change both: ${label} ${said(second, value)}`);
  });
}

/** The number nearest to one that builds, less or more; undefined where none near it does. */
function nearestThat(
  builds: (value: number) => boolean,
  now: number,
  plan: Plan,
  change: Change,
): number | undefined {
  const most = Math.max(10, Math.abs(now) * (MOST_TIMES - 1));
  const found = [-1, 1].flatMap((sense): number[] => {
    let last = 0;
    for (let step = 1; step <= most; step *= 2) {
      if (builds(now + sense * step)) {
        let [bad, good] = [last, step];
        while (good - bad > NEAR) {
          const middle = (good + bad) / 2;
          if (builds(now + sense * middle)) good = middle;
          else bad = middle;
        }
        return figuresFor(plan, change, now + sense * step, now + sense * good)
          .filter(builds)
          .slice(0, 1);
      }
      last = step;
    }
    return [];
  });
  return found.sort((a, b) => Math.abs(a - now) - Math.abs(b - now))[0];
}

/** Round figures at a number, towards another: as people set them. */
function figuresFor({ units }: Plan, { after }: Change, towards: number, value: number): number[] {
  const inInches = units.system === 'in' && typeof after === 'object';
  return roundFigures(value, towards < value ? -1 : 1, NEAR, inInches ? [SIXTEENTH, SIXTEENTH / 4] : GRAINS);
}

const numberAt = (value: unknown): number | undefined => {
  const mm = typeof value === 'object' && value !== null ? (value as { mm?: unknown }).mm : value;
  return typeof mm === 'number' ? mm : undefined;
};

/** The same change to another number, as a length where it is one. */
const setTo = (change: Change, value: number): Change => ({
  ...change,
  after: typeof change.after === 'object' ? { mm: value } : value,
});

const said = ({ after }: Change, value: number): string =>
  typeof after === 'object' ? lengthMark(value) : `${Math.round(value * 10) / 10}`;

/** How a card calls a number of an item. */
function labelAt(plan: Plan, path: readonly PathStep[]): string | undefined {
  const wanted = path.join('/');
  for (const item of itemsOf(plan)) {
    const start = pathOf(plan, item);
    const field = fieldsOf(item).find((one) => [...start, ...one.path].join('/') === wanted);
    if (field) return fieldLabel(field, item.value).toLowerCase();
  }
  return undefined;
}

/** The fix as an edit, where the whole plan can be read with it. */
function made(plan: Plan, { name }: Edit, changes: Change[], words: string): Fix[] {
  const edit = { name, changes };
  return applyEdit(plan, edit).ok ? [{ words: sayLengths(words, plan.units), edit }] : [];
}
