import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { opened } from '../job/jobSlice';

/** What one looks at: nothing of it is part of the plan. */
export interface ViewState {
  /** The plan item the card is about; `space` for the space itself. */
  readonly selected: string | null;
  /** How far each part stands open, radians or mm; shut where none is given. */
  readonly travels: Readonly<Record<string, number>>;
}

const initialState: ViewState = { selected: null, travels: {} };

const viewSlice = createSlice({
  name: 'view',
  initialState,
  reducers: {
    selected: (state, { payload }: PayloadAction<string | null>) => ({ ...state, selected: payload }),
    moved: (state, { payload }: PayloadAction<{ part: string; travel: number }>) => ({
      ...state,
      travels: { ...state.travels, [payload.part]: payload.travel },
    }),
    allShut: (state) => ({ ...state, travels: {} }),
  },
  extraReducers: (builder) => builder.addCase(opened, () => initialState),
});

export const { selected, moved, allShut } = viewSlice.actions;
export const viewReducer = viewSlice.reducer;
