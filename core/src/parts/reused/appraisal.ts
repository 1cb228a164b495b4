import type { Appraisal } from '../contract/appraisal';
import { reusedNotes } from './advice';
import type { LaidReused } from './lay';

export const REUSED_APPRAISAL: Appraisal<LaidReused> = {
  forces: () => [],
  notes: reusedNotes,
  assumptions: () => [],
  levers: () => [],
};
