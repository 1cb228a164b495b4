import { createSlice, isAnyOf, type PayloadAction } from '@reduxjs/toolkit';
import type { Offer, Offers } from '@tarnpass/core';
import { closed, draftTaken, edited, opened, redone, undone } from './jobSlice';

/** What would mend the findings of the plan as it is, as far as it was looked for; a change of the plan lets go of all of it. */
export interface OffersState {
  /** By the key of the finding. */
  readonly byFinding: Readonly<Record<string, Offers>>;
  /** What is tried on the sheet, and changes nothing yet. */
  readonly tried: Offer | null;
}

const initialState: OffersState = { byFinding: {}, tried: null };

const offersSlice = createSlice({
  name: 'offers',
  initialState,
  reducers: {
    offered: (state, { payload }: PayloadAction<Offers>) => ({
      ...state,
      byFinding: { ...state.byFinding, [payload.of]: payload },
    }),
    tried: (state, { payload }: PayloadAction<Offer | null>) => ({ ...state, tried: payload }),
  },
  extraReducers: (builder) =>
    builder.addMatcher(isAnyOf(opened, closed, edited, undone, redone, draftTaken), () => initialState),
});

export const { offered, tried } = offersSlice.actions;
export const offersReducer = offersSlice.reducer;

/** The best of all that is known to mend a finding, whichever finding it was found for. */
export function bestOffer({ byFinding }: OffersState, finding: string): Offer | undefined {
  const mending = Object.values(byFinding)
    .flatMap(({ offers }) => offers)
    .filter(({ mends }) => mends.includes(finding));
  return mending.sort((a, b) => a.rank - b.rank)[0];
}
