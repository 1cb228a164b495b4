import { configureStore } from '@reduxjs/toolkit';
import { paneKeeping } from '../view/paneKeeping';
import { panesSet, viewCleared, viewReducer } from './viewSlice';

describe('the panes of the sheet', () => {
  it('are set by a reducer that writes nothing, and kept in this browser once by what listens', () => {
    const kept: string[][] = [];
    Object.assign(globalThis, { localStorage: { setItem: (...pair: string[]) => kept.push(pair) } });
    const start = viewReducer(undefined, { type: 'start' });
    expect(viewReducer(start, panesSet(['front', 'pass'])).panes).toEqual(['front', 'pass']);
    expect(kept).toEqual([]);

    const store = configureStore({
      reducer: viewReducer,
      middleware: (own) => own().prepend(paneKeeping.middleware),
    });
    store.dispatch(panesSet(['front', 'pass']));
    expect(kept).toEqual([['tarnpass-panes', 'front pass']]);
    store.dispatch(viewCleared());
    expect(store.getState().panes).toEqual(['front', 'pass']);
  });
});
