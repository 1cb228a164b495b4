import type { Appraisal } from '../contract/appraisal';
import { platformAssumptions, platformNotes } from './advice';
import { platformForces } from './forces';
import type { LaidPlatform } from './lay';
import { platformLevers } from './levers';

export const PLATFORM_APPRAISAL: Appraisal<LaidPlatform> = {
  forces: platformForces,
  notes: platformNotes,
  assumptions: platformAssumptions,
  levers: platformLevers,
};
