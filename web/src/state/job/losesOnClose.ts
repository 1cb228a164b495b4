import type { RootState } from '../slices/app';

/** Whether closing the page loses something that stands on it alone, or leaves a choice open that was asked. */
export function losesOnClose({ job, readings }: RootState): boolean {
  if (!job) return false;
  const unsaved = job.saving.kind !== 'saved' && (!job.kept || job.saving.kind === 'conflict');
  return unsaved || (readings.outbox.length > 0 && !readings.kept);
}
