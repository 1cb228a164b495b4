import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import type { StrutAnswers } from '@tarnpass/core';
import { closed, draftTaken, edited, opened, redone, undone } from './jobSlice';

/** What was found of struts for a part of the plan as it is, and how far a search has come: a share, or null while none is under way. */
export interface StrutsState {
  readonly answers: StrutAnswers | null;
  readonly done: number | null;
}

const initialState: StrutsState = { answers: null, done: null };

const strutsSlice = createSlice({
  name: 'struts',
  initialState,
  reducers: {
    strutsSought: (): StrutsState => ({ answers: null, done: 0 }),
    strutsCame: (state, { payload }: PayloadAction<number>) =>
      state.done === null ? state : { ...state, done: payload },
    strutsFound: (_, { payload }: PayloadAction<StrutAnswers>): StrutsState => ({
      answers: payload,
      done: null,
    }),
    strutsStopped: (state) => ({ ...state, done: null }),
  },
  extraReducers: (builder) =>
    builder.addMatcher(isAnyOf(opened, closed, edited, undone, redone, draftTaken), () => initialState),
});

export const { strutsSought, strutsCame, strutsFound, strutsStopped } = strutsSlice.actions;
export const strutsReducer = strutsSlice.reducer;
