import { itemsOf, type Offer } from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { makeEdit } from '../job/edits';
import { commandFailed } from '../slices/viewSlice';

/** Take what is offered over into the plan: one edit, that can be undone. */
export const takeOffer =
  ({ item, words, changes }: Offer): AppThunk =>
  (dispatch, getState) => {
    const { job } = getState();
    if (!job) return;
    const name = itemsOf(job.plan).find(({ id }) => id === item)?.name ?? job.plan.title;
    const issues = dispatch(makeEdit({ name: `${name}: ${words}`.slice(0, 200), changes: [...changes] }));
    if (issues.length > 0) dispatch(commandFailed(issues[0]!.message));
  };
