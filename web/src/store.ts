import { configureStore } from '@reduxjs/toolkit';
import { paneKeeping } from './state/view/paneKeeping';
import { checking } from './state/check/checking';
import { autosave } from './state/job/autosave';
import { reducer } from './state/slices/app';

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
