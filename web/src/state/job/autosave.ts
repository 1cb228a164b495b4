import { createListenerMiddleware, isAnyOf } from '@reduxjs/toolkit';
import { ApiError, saveAtClose, saveJob } from '../../api/client';
import type { AppDispatch, RootState } from '../slices/app';
import { dropDraft, keepDraft } from './draft';
import { samePlan } from '../slices/samePlan';
import {
  draftKept,
  draftTaken,
  edited,
  mineOnTop,
  redone,
  saveBody,
  saveConflicted,
  saveDone,
  saveStarted,
  saveWaits,
  undone,
  type OpenJob,
} from '../slices/jobSlice';

/** A pause in the edits this long makes a revision, ms; and so long after a save that failed, the next try. */
const PAUSE = 350;
const AGAIN = 3000;

/**
 * Every change is kept in the browser at once and in the database after a short pause. One save is under way at a
 * time; what changes meanwhile goes with the next. A save over a newer revision stops saving until the person chose.
 */
export const autosave = createListenerMiddleware<RootState, AppDispatch>();

let underWay = false;

/** Keep the draft in this browser, and say where that fails: then it stands on this page alone. */
function keep(job: OpenJob, dispatch: AppDispatch): void {
  const kept = keepDraft(job.id, saveBody(job));
  if (kept !== job.kept) dispatch(draftKept(kept));
}

autosave.startListening({
  matcher: isAnyOf(edited, undone, redone, draftTaken, mineOnTop),
  effect: async (_action, { getState, dispatch, cancelActiveListeners, delay }) => {
    const { job } = getState();
    if (!job) return;
    keep(job, dispatch);
    cancelActiveListeners();
    await delay(PAUSE);
    await save(job.id, getState, dispatch);
  },
});

async function save(id: string, getState: () => RootState, dispatch: AppDispatch): Promise<void> {
  const job = getState().job;
  if (!job || job.id !== id || underWay || job.saving.kind === 'conflict' || job.saving.kind === 'saved')
    return;
  underWay = true;
  dispatch(saveStarted());
  const body = saveBody(job);
  let wait: number | undefined;
  try {
    const saved = await saveJob(id, body);
    if (getState().job?.id !== id) return;
    dispatch(
      saveDone({
        revision: saved.revision,
        at: saved.savedAt,
        version: job.version,
        edits: body.edits.length,
      }),
    );
    const now = getState().job!;
    if (now.saving.kind === 'saved') dropDraft(id);
    else {
      keep(now, dispatch);
      wait = 0;
    }
  } catch (error) {
    if (!(error instanceof ApiError)) throw error;
    if (getState().job?.id !== id) return;
    const { current } = error;
    if (error.status === 409 && current && samePlan(current.plan, body.plan)) {
      // The save this page sent as it last closed arrived after all.
      dispatch(
        saveDone({
          revision: current.revision,
          at: current.savedAt,
          version: job.version,
          edits: body.edits.length,
        }),
      );
      if (getState().job!.saving.kind === 'saved') dropDraft(id);
      else wait = 0;
    } else if (error.status === 409 && current) dispatch(saveConflicted(current));
    else {
      dispatch(saveWaits(error.message));
      wait = AGAIN;
    }
  } finally {
    underWay = false;
  }
  if (wait !== undefined) setTimeout(() => void save(id, getState, dispatch), wait);
}

/** As the page goes away: send what no save holds yet. The draft stays until a later visit sees it arrived. */
export function saveBeforeClose(state: RootState): void {
  const { job } = state;
  if (!job || job.saving.kind === 'saved' || job.saving.kind === 'conflict') return;
  keepDraft(job.id, saveBody(job));
  saveAtClose(job.id, saveBody(job));
}
