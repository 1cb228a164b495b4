import {
  carcassIdOf,
  clipOf,
  groupChanges,
  itemIdOf,
  itemsOf,
  mirrorChanges,
  pasteChanges,
  pathOf,
  unlinkChanges,
  readClip,
  withGroupMates,
  writeClip,
  type Change,
  type Issue,
  type Plan,
} from '@tarnpass/core';
import { alsoSelected, selected } from '../slices/viewSlice';
import type { AppThunk } from '../slices/app';
import { makeEdit } from './edits';

/** What is done with the selected items: each is one edit, and comes back with what is wrong with it. */
type Act = AppThunk<readonly Issue[]>;

const NOTHING: readonly Issue[] = [{ path: [], message: 'Select a carcass, a part or a thing first.' }];

/** What is selected of what the plan still has: undo may have taken away what was. */
function chosen(
  plan: Plan | undefined,
  { selected: one, also }: { selected: string | null; also: readonly string[] },
): readonly string[] {
  if (!plan || one === null) return [];
  const there = new Set(itemsOf(plan).map(({ id }) => id));
  return [itemIdOf(plan, one), ...also].filter((id) => id !== 'space' && there.has(id));
}

/** What they are called in an edit's name: the one, or how many. */
function called(plan: Plan, ids: readonly string[]): string {
  const items = withGroupMates(plan, ids);
  return items.length === 1 ? items[0]!.name : `${items.length} things`;
}

function act(
  name: (called: string) => string,
  changes: (plan: Plan, ids: readonly string[]) => Change[],
): Act {
  return (dispatch, getState) => {
    const { job, view } = getState();
    const ids = chosen(job?.plan, view);
    if (!job || ids.length === 0) return NOTHING;
    const made = changes(job.plan, ids);
    if (made.length === 0) return [];
    return dispatch(makeEdit({ name: name(called(job.plan, ids)), changes: made }));
  };
}

/** A copy beside them, which is selected then. */
export const duplicate =
  (mirrored: boolean): Act =>
  (dispatch, getState) => {
    const { job, view } = getState();
    const ids = chosen(job?.plan, view);
    if (!job || ids.length === 0) return NOTHING;
    const { changes, ids: made } = pasteChanges(job.plan, clipOf(job.plan, ids), { mirrored });
    const name = `${mirrored ? 'Duplicate mirrored' : 'Duplicate'} ${called(job.plan, ids)}`;
    const issues = dispatch(makeEdit({ name, changes }));
    if (issues.length === 0) dispatch(selected(made[0]!));
    return issues;
  };

export const mirror = (): Act => act((items) => `Mirror ${items}`, mirrorChanges);

/** Take them out, and what hangs on them; the last first, so that the places before stay true. */
export const takeOut = (): Act => (dispatch, getState) => {
  const issues = dispatch(
    act(
      (items) => `Take out ${items}`,
      (plan, ids) => {
        const { things, existing, carcasses, parts } = clipOf(plan, ids);
        const going = new Set([...things, ...existing, ...carcasses, ...parts].map(({ id }) => id));
        const taken = itemsOf(plan)
          .filter(({ id, list }) => list !== 'space' && going.has(id))
          .reverse()
          .map((item): Change => ({ path: pathOf(plan, item), before: item.value }));
        return [...unlinkChanges(plan, going), ...taken];
      },
    ),
  );
  const { job, view } = getState();
  if (job && !itemsOf(job.plan).some(({ id }) => id === itemIdOf(job.plan, view.selected ?? '')))
    dispatch(selected(null));
  return issues;
};

export const group = (): Act => (dispatch, getState) => {
  const { job, view } = getState();
  if (!job || view.also.length === 0)
    return [{ path: [], message: 'Select two or more first: hold Shift and press each.' }];
  const taken = new Set(
    [...job.plan.things, ...job.plan.existing, ...job.plan.carcasses].map((item) => item.group),
  );
  let n = 1;
  while (taken.has(`Group ${n}`)) n += 1;
  const issues = dispatch(
    act(
      (items) => `Group ${items}`,
      (plan, ids) => groupChanges(plan, ids, `Group ${n}`),
    ),
  );
  if (issues.length === 0) dispatch(alsoSelected([]));
  return issues;
};

export const ungroup = (): Act =>
  act(
    (items) => `Take apart ${items}`,
    (plan, ids) => groupChanges(plan, ids, undefined),
  );

/** Put them on the clipboard, for this job or another. */
export const copy = (): AppThunk<Promise<readonly Issue[]>> => async (_dispatch, getState) => {
  const { job, view } = getState();
  const ids = chosen(job?.plan, view);
  if (!job || ids.length === 0) return NOTHING;
  try {
    await navigator.clipboard.writeText(writeClip(clipOf(job.plan, ids)));
    return [];
  } catch {
    return [{ path: [], message: 'The browser did not let the copy onto the clipboard.' }];
  }
};

export const paste = (): AppThunk<Promise<readonly Issue[]>> => async (dispatch, getState) => {
  let text: string;
  try {
    text = await navigator.clipboard.readText();
  } catch {
    return [{ path: [], message: 'The browser did not give what is on the clipboard.' }];
  }
  const clip = readClip(text);
  if (!clip)
    return [{ path: [], message: 'What is on the clipboard is nothing that was copied in Tarnpass.' }];
  const { job, view } = getState();
  if (!job) return [];
  const at = itemsOf(job.plan).find(({ id }) => id === itemIdOf(job.plan, view.selected ?? ''));
  const onto =
    at?.list === 'carcasses'
      ? at.id
      : at?.list === 'parts'
        ? carcassIdOf(at.value)
        : job.plan.carcasses[0]?.id;
  const { changes, ids } = pasteChanges(job.plan, clip, onto ? { onto } : {});
  const issues = dispatch(makeEdit({ name: 'Paste', changes }));
  if (issues.length === 0 && ids[0]) dispatch(selected(ids[0]));
  return issues;
};
