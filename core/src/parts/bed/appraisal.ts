import type { Appraisal } from '../contract/appraisal';
import { bedAssumptions, bedNotes } from './advice';
import { bedBalances, bedForces, bedPlacings } from './forces';
import type { LaidBed } from './lay';
import { bedLevers } from './levers';

export const BED_APPRAISAL: Appraisal<LaidBed> = {
  forces: bedForces,
  balances: bedBalances,
  placings: bedPlacings,
  notes: bedNotes,
  assumptions: bedAssumptions,
  levers: bedLevers,
};
