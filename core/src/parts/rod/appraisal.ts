import type { Appraisal } from '../contract/appraisal';
import { rodAssumptions, rodNotes } from './advice';
import { rodForces } from './forces';
import type { LaidRod } from './lay';
import { rodLevers } from './levers';

export const ROD_APPRAISAL: Appraisal<LaidRod> = {
  forces: rodForces,
  notes: rodNotes,
  assumptions: rodAssumptions,
  levers: rodLevers,
};
