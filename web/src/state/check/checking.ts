import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { WorkPool } from '@tarnpass/core';
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
    const { job } = getState();
    if (!job) return;
    const outcome = await pool.run('open job', job.version, { kind: 'report', plan: job.plan });
    // Versions start anew with each job opened: an answer for the one before must not arrive here.
    if (getState().job?.id !== job.id) return;
    dispatch(answered(outcome));
    await seekOffers(pool, getState, dispatch);
  },
});

checking.startListening({
  actionCreator: selected,
  effect: (_action, { getState, dispatch }) => seekOffers(pool, getState, dispatch),
});
