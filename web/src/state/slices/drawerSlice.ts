import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { DrawerItem } from '@tarnpass/core';

/** What lies in the workshop's drawer; null until it was asked for. */
export interface DrawerState {
  readonly items: readonly DrawerItem[] | null;
  readonly trouble: string | null;
}

const initialState: DrawerState = { items: null, trouble: null };

const drawerSlice = createSlice({
  name: 'drawer',
  initialState,
  reducers: {
    listed: (_state, { payload }: PayloadAction<readonly DrawerItem[]>) => ({
      items: payload,
      trouble: null,
    }),
    failed: (state, { payload }: PayloadAction<string>) => ({ ...state, trouble: payload }),
  },
});
export const { listed, failed } = drawerSlice.actions;
export const drawerReducer = drawerSlice.reducer;
