import type { Appraisal } from '../contract/appraisal';
import { pulloutAssumptions, pulloutNotes } from './advice';
import { pulloutForces } from './forces';
import type { LaidPullout } from './lay';
import { pulloutLevers } from './levers';

export const PULLOUT_APPRAISAL: Appraisal<LaidPullout> = {
  forces: pulloutForces,
  notes: pulloutNotes,
  assumptions: pulloutAssumptions,
  levers: pulloutLevers,
};
