import {
  combineReducers,
  configureStore,
  type ThunkAction,
  type ThunkDispatch,
  type UnknownAction,
} from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { paneKeeping } from './board/paneKeeping';
import { viewReducer } from './board/viewSlice';
import { checking, checkReducer } from './check/checkSlice';
import { autosave } from './job/autosave';
import { jobReducer } from './job/jobSlice';
import { drawerReducer } from './drawer/drawerSlice';
import { readingsReducer } from './readings/readingsSlice';

const reducer = combineReducers({
  job: jobReducer,
  check: checkReducer,
  view: viewReducer,
  readings: readingsReducer,
  drawer: drawerReducer,
});

export const store = configureStore({
  reducer,
  middleware: (standard) =>
    // Plans and reports are large and never mutated: walking them on every frame of a drag would cost the frame.
    standard({ serializableCheck: false, immutableCheck: false }).prepend(
      autosave.middleware,
      checking.middleware,
      paneKeeping.middleware,
    ),
});

export type RootState = ReturnType<typeof reducer>;
export type AppDispatch = ThunkDispatch<RootState, unknown, UnknownAction>;
export type AppThunk<T = void> = ThunkAction<T, RootState, unknown, UnknownAction>;
export const useApp = useSelector.withTypes<RootState>();
export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
