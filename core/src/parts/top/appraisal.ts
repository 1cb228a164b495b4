import type { Appraisal } from '../contract/appraisal';
import { topForces } from './forces';
import { topLevers } from './levers';
import { topAssumptions, topNotes } from './advice';
import type { LaidTop } from './lay';

export const TOP_APPRAISAL: Appraisal<LaidTop> = {
  forces: topForces,
  notes: topNotes,
  assumptions: topAssumptions,
  levers: topLevers,
};
