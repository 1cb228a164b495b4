import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { itemIdOf, WorkPool } from '@tarnpass/core';
import type { AppDispatch, RootState } from '../slices/app';
import { retried, answered } from '../slices/checkSlice';
import { opened, draftTaken, edited, undone, redone } from '../slices/jobSlice';
import { selected } from '../slices/viewSlice';
import { seekOffers } from './seekOffers';
import { spawnWorker } from './spawnWorker';

export const checking = createListenerMiddleware<RootState, AppDispatch>();

/** One worker is enough for the one job that is open: what a newer edit overtakes is called off. */
const pool = new WorkPool(spawnWorker, 1);

checking.startListening({
  matcher: isAnyOf(opened, draftTaken, edited, undone, redone, retried),
  effect: async (_action, { getState, dispatch }) => {
    await check(getState, dispatch);
    await seekOffers(pool, getState, dispatch);
  },
});

async function check(getState: () => RootState, dispatch: AppDispatch): Promise<void> {
  const { job, view } = getState();
  if (!job) return;
  const charted = view.selected === null ? undefined : itemIdOf(job.plan, view.selected);
  const task = { kind: 'report', plan: job.plan, ...(charted !== undefined && { charted }) } as const;
  const outcome = await pool.run('open job', job.version, task);
  // Versions start anew with each job opened: an answer for the one before must not arrive here.
  if (getState().job?.id === job.id) dispatch(answered(outcome));
}

/** Whether the answer on the page is of the plan, and what is selected has no curves in it yet. */
export function wantsCurves({ job, check, view }: RootState): boolean {
  if (!job || check.version !== job.version || view.selected === null) return false;
  const item = itemIdOf(job.plan, view.selected);
  const parts = check.report?.parts.filter((part) => part.item === item) ?? [];
  return parts.some(
    ({ check: { encounters } }) =>
      encounters.length > 0 && encounters.every(({ curve }) => curve.length === 0),
  );
}

checking.startListening({
  actionCreator: selected,
  effect: async (_action, { getState, dispatch }) => {
    if (wantsCurves(getState())) await check(getState, dispatch);
    await seekOffers(pool, getState, dispatch);
  },
});
