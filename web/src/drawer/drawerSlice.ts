import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { DrawerItem } from '@tarnpass/core';
import { useEffect } from 'react';
import { ApiError, listDrawer, putDrawer, takeFromDrawer } from '../api/client';
import { useApp, useAppDispatch, type AppThunk } from '../store';

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
const { listed, failed } = drawerSlice.actions;
export const drawerReducer = drawerSlice.reducer;

/** Do something with the drawer; whether it was done, what went wrong being told in the state. */
const doing =
  (act: () => Promise<DrawerItem[]>): AppThunk<Promise<boolean>> =>
  async (dispatch) => {
    try {
      dispatch(listed(await act()));
      return true;
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      dispatch(failed(error.issues[0]?.message ?? error.message));
      return false;
    }
  };

export const openDrawer = () => doing(listDrawer);
export const putIn = (items: readonly DrawerItem[]) => doing(() => putDrawer(items));
export const takeOut = (id: string) => doing(() => takeFromDrawer(id));

const NONE: readonly DrawerItem[] = [];

/** What lies in the drawer, asked for when it is first wanted. */
export function useDrawer(): readonly DrawerItem[] {
  const dispatch = useAppDispatch();
  const items = useApp(({ drawer }) => drawer.items);
  useEffect(() => {
    if (items === null) void dispatch(openDrawer());
  }, [items, dispatch]);
  return items ?? NONE;
}
