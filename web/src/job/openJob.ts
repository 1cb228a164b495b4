import { readPlan } from '@tarnpass/core';
import { readJob, type Job } from '../api/client';
import type { AppThunk } from '../store';
import { dropDraft, keptDraft } from './draft';
import { draftTaken, opened, saveConflicted } from './jobSlice';

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
    if (!read.ok || samePlan(job, read.plan)) {
      dropDraft(id);
      return;
    }
    dispatch(draftTaken({ ...draft, plan: read.plan }));
    if (draft.baseRevision !== job.revision) dispatch(saveConflicted(job));
  };

function samePlan(job: Job, plan: unknown): boolean {
  return JSON.stringify(canonical(job.plan)) === JSON.stringify(canonical(plan));
}

/** The database gives keys in an order of its own. */
function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, inner]) => [key, canonical(inner)]),
  );
}
