import { createListenerMiddleware } from '@reduxjs/toolkit';
import { keepPanes } from '../slices/keptPanes';
import { panesSet } from '../slices/viewSlice';

/** The panes a person chose are kept in this browser. */
export const paneKeeping = createListenerMiddleware();

paneKeeping.startListening({
  actionCreator: panesSet,
  effect: ({ payload }) => keepPanes(payload),
});
