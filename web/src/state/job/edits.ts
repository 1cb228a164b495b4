import {
  applyEdit,
  get,
  inverse,
  type Change,
  type Edit,
  type Issue,
  type Plan,
  cornersOf,
  resized,
  withOutline,
  type Length,
} from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { edited, redone, undone } from '../slices/jobSlice';

/** Make an edit. Resolves to what is wrong with it, in which case nothing changes; empty where it was made. */
export const makeEdit =
  (edit: Edit): AppThunk<readonly Issue[]> =>
  (dispatch, getState) => {
    const { job } = getState();
    if (!job || edit.changes.length === 0) return [];
    const read = applyEdit(job.plan, edit);
    if (!read.ok) return read.issues;
    dispatch(edited({ plan: read.plan, edit }));
    return [];
  };

/**
 * Make an edit of changes worked out from the plan as it is now: what is drawn may be a frame behind a quick hand.
 * Nothing is made of no changes.
 */
export const editNow =
  (name: string, changes: (plan: Plan) => readonly Change[]): AppThunk<readonly Issue[]> =>
  (dispatch, getState) => {
    const { job } = getState();
    if (!job) return [];
    const made = [...changes(job.plan)];
    return made.length > 0 ? dispatch(makeEdit({ name, changes: made })) : [];
  };

/** Set one place of the plan. */
export const setValue =
  (name: string, path: Change['path'], after: unknown): AppThunk<readonly Issue[]> =>
  (dispatch, getState) => {
    const { job } = getState();
    if (!job) return [];
    const before = get(job.plan, path);
    if (JSON.stringify(before) === JSON.stringify(after)) return [];
    return dispatch(makeEdit({ name, changes: [{ path, before, after }] }));
  };

/** Give the space's box another size: where it has an outline, its far walls go along. */
export const setSpaceSize = (
  name: string,
  field: 'width' | 'depth' | 'height',
  length: Length,
): AppThunk<readonly Issue[]> =>
  editNow(name, ({ space }) => [{ path: ['space'], before: space, after: resized(space, field, length) }]);

/** Move a corner of the outline along one axis: the space's box follows. */
export const setCorner = (
  name: string,
  corner: number,
  axis: 'x' | 'y',
  length: Length,
): AppThunk<readonly Issue[]> =>
  editNow(name, ({ space }) => {
    const corners = cornersOf(space).map((one, i) =>
      i === corner ? { ...one, [axis]: { mm: length.mm } } : one,
    );
    return [{ path: ['space'], before: space, after: withOutline(space, corners) }];
  });

export const undo = (): AppThunk => (dispatch, getState) => {
  const { job } = getState();
  const edit = job?.history.done.at(-1);
  if (!job || !edit) return;
  const read = applyEdit(job.plan, inverse(edit));
  if (!read.ok) throw new Error(`Undoing “${edit.name}” is refused: ${read.issues[0]!.message}`);
  dispatch(undone({ plan: read.plan, edit }));
};

export const redo = (): AppThunk => (dispatch, getState) => {
  const { job } = getState();
  const edit = job?.history.undone.at(-1);
  if (!job || !edit) return;
  const read = applyEdit(job.plan, edit);
  if (!read.ok) throw new Error(`Doing “${edit.name}” again is refused: ${read.issues[0]!.message}`);
  dispatch(redone({ plan: read.plan, edit }));
};
