import { readPlan } from '@tarnpass/core';
import { readJob } from '../api/client';
import type { AppThunk } from '../store';
import { dropDraft, keptDraft } from './draft';
import { draftTaken, opened, saveConflicted } from './jobSlice';
import { samePlan } from './samePlan';

/**
 * Open a job, and go on from what this browser had not saved: on the same revision it is taken up again, on a newer
 * one the person is asked. Rejects with an ApiError where the job cannot be had.
 */
export const openJob =
  (id: string): AppThunk<Promise<void>> =>
  async (dispatch) => {
    const job = await readJob(id);
    dispatch(opened(job));
    const draft = keptDraft(id);
    if (!draft) return;
    const read = readPlan(draft.plan);
    if (!read.ok || samePlan(job.plan, read.plan)) {
      dropDraft(id);
      return;
    }
    dispatch(draftTaken({ ...draft, plan: read.plan }));
    if (draft.baseRevision !== job.revision) dispatch(saveConflicted(job));
  };
