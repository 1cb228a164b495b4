import { configureStore } from '@reduxjs/toolkit';
import { newCarcass, newPart, newPlan, readPlan, type Part, type Plan } from '@tarnpass/core';
import { reducer } from '../state/slices/app';
import { opened } from '../state/slices/jobSlice';

/** A plan of a carcass with what is hung on it, as the page begins them. */
export function planOf(...families: readonly Part['family'][]): Plan {
  const empty = newPlan('A room');
  const carcass = newCarcass(empty);
  const plan = families.reduce<Plan>(
    (grown, family) => ({ ...grown, parts: [...grown.parts, newPart(grown, family, carcass)] }),
    { ...empty, carcasses: [carcass] },
  );
  const read = readPlan(plan);
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
}

/** The page's state with a job open, without what saves and checks it. */
export function jobStore(plan: Plan = planOf('door')) {
  const store = configureStore({
    reducer,
    middleware: (standard) => standard({ serializableCheck: false, immutableCheck: false }),
  });
  const history = { done: [], undone: [] };
  store.dispatch(opened({ id: 'a', revision: 3, savedAt: '2026-03-01T10:00:00.000Z', plan, history }));
  return store;
}
