import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import { type Outcome, type Report } from '@tarnpass/core';
import { closed, opened } from './jobSlice';

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

export const { answered, retried } = checkSlice.actions;
export const checkReducer = checkSlice.reducer;
