import type { Appraisal } from '../contract/appraisal';
import { flapAssumptions, flapNotes } from './advice';
import { flapBalances, flapForces } from './forces';
import type { LaidFlap } from './lay';
import { flapLevers } from './levers';
import { flapPlacings } from './placing';

export const FLAP_APPRAISAL: Appraisal<LaidFlap> = {
  forces: flapForces,
  balances: flapBalances,
  placings: flapPlacings,
  notes: flapNotes,
  assumptions: flapAssumptions,
  levers: flapLevers,
};
