import type { DrawerItem } from '@tarnpass/core';
import { useEffect } from 'react';
import { ApiError, listDrawer, putDrawer, takeFromDrawer } from '../../api/client';
import { type AppThunk, useAppDispatch, useApp } from '../slices/app';
import { listed, failed } from '../slices/drawerSlice';

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
