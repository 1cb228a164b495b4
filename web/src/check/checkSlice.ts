import { createListenerMiddleware, createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import { WorkPool, type Outcome, type Report } from '@tarnpass/core';
import { closed, draftTaken, edited, opened, redone, undone } from '../job/jobSlice';
import type { AppDispatch, RootState } from '../store';
import { spawnWorker } from './spawnWorker';

/** The newest answer, and the version of the plan it is for: on an older one than the plan's it is not shown as fresh. */
export interface CheckState {
  readonly version: number;
  readonly report: Report | null;
  readonly failure: { readonly version: number; readonly message: string } | null;
}

const initialState: CheckState = { version: 0, report: null, failure: null };

const checkSlice = createSlice({
  name: 'check',
  initialState,
  reducers: {
    answered: (state, { payload }: PayloadAction<Outcome<Report>>) => {
      if (payload.kind === 'done')
        // Frozen here, so that the store does not walk all of it to see that it never changes.
        return { version: payload.revision, report: Object.freeze(payload.result), failure: null };
      if (payload.kind === 'failed')
        return { ...state, failure: { version: payload.revision, message: payload.message } };
      return state;
    },
    /** Ask again after a failure. */
    retried: (state) => ({ ...state, failure: null }),
  },
  extraReducers: (builder) => builder.addMatcher(isAnyOf(opened, closed), () => initialState),
});

const { answered } = checkSlice.actions;
export const { retried } = checkSlice.actions;
export const checkReducer = checkSlice.reducer;

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
    if (getState().job?.id === job.id) dispatch(answered(outcome));
  },
});
