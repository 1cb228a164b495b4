import { createListenerMiddleware, createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import type { Report } from '@tarnpass/core';
import { closed, draftTaken, edited, opened, redone, undone } from '../job/jobSlice';
import type { AppDispatch, RootState } from '../store';
import { CheckChannel } from './channel';
import type { CheckReply } from './messages';

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
    answered: (state, { payload }: PayloadAction<CheckReply>) => {
      if (!payload.ok) return { ...state, failure: { version: payload.version, message: payload.message } };
      return { version: payload.version, report: payload.report, failure: null };
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

let channel: CheckChannel | undefined;

checking.startListening({
  matcher: isAnyOf(opened, draftTaken, edited, undone, redone, retried),
  effect: (action, { getState, dispatch }) => {
    const { job } = getState();
    if (!job) return;
    if (opened.match(action)) {
      // Versions start anew with each job, so an answer for the one before must not arrive.
      channel?.close();
      channel = new CheckChannel((reply) => dispatch(answered(reply)));
    }
    channel?.ask({ version: job.version, plan: job.plan });
  },
});
