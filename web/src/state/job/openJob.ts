import { readPlan } from '@tarnpass/core';
import { readJob } from '../../api/client';
import type { AppThunk } from '../slices/app';
import { dropFound, findDraft } from './draft';
import { draftTaken, opened, saveConflicted } from '../slices/jobSlice';
import { samePlan } from '../slices/samePlan';

/**
 * Open a job, and go on from what this browser had not saved: on the same revision it is taken up again, on a newer
 * one the person is asked, as often as it takes to be told. Rejects with an ApiError where the job cannot be had.
 */
export const openJob =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    const job = await readJob(id);
    dispatch(opened(job));
    for (;;) {
      const draft = await findDraft(id);
      if (!draft || getState().job?.id !== id) return;
      const read = readPlan(draft.body.plan);
      if (!read.ok) return;
      if (!samePlan(job.plan, read.plan)) {
        dispatch(draftTaken({ ...draft.body, plan: read.plan }));
        // It is this tab's own from now on, kept under its name.
        const own = await findDraft(id);
        if (own && own.key !== draft.key && samePlan(own.body.plan, read.plan)) dropFound(draft);
        if (draft.body.baseRevision !== job.revision) dispatch(saveConflicted(job));
        return;
      }
      dropFound(draft);
    }
  };
