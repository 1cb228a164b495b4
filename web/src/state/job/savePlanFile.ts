import { writePlanFile, type Plan, type ReadingLog } from '@tarnpass/core';
import type { AppThunk } from '../slices/app';
import { saveBlob } from '../../browser/saveBlob';

/** Hand a plan with its readings to the browser to save as a file. */
export const savePlanFile = (plan: Plan, log: ReadingLog): void =>
  saveBlob(new Blob([writePlanFile(plan, log)], { type: 'application/json' }), plan.title, 'json');

/** The same of the open job, as it stands on the page. */
export const saveAsFile = (): AppThunk => (_dispatch, getState) => {
  const { job, readings } = getState();
  if (job) savePlanFile(job.plan, readings.log);
};
