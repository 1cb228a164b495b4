import {
  combineReducers,
  type Store,
  type ThunkDispatch,
  type UnknownAction,
  type ThunkAction,
} from '@reduxjs/toolkit';
import { useDispatch, useSelector, useStore } from 'react-redux';
import { checkReducer } from './checkSlice';
import { drawerReducer } from './drawerSlice';
import { jobReducer } from './jobSlice';
import { offersReducer } from './offersSlice';
import { readingsReducer } from './readingsSlice';
import { strutsReducer } from './strutsSlice';
import { viewReducer } from './viewSlice';

export const reducer = combineReducers({
  job: jobReducer,
  check: checkReducer,
  offers: offersReducer,
  struts: strutsReducer,
  view: viewReducer,
  readings: readingsReducer,
  drawer: drawerReducer,
});

export type RootState = ReturnType<typeof reducer>;
export type AppDispatch = ThunkDispatch<RootState, unknown, UnknownAction>;
export type AppThunk<T = void> = ThunkAction<T, RootState, unknown, UnknownAction>;
export const useApp = useSelector.withTypes<RootState>();
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
/** The store itself, for what is read once at a keystroke and not followed. */
export const useAppStore = useStore.withTypes<Store<RootState>>();
