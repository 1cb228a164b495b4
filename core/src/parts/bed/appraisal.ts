import type { Appraisal } from '../contract/appraisal';
import { bedAssumptions, bedNotes } from './advice';
import { bedBalances, bedForces, bedPlacings } from './forces';
import { bedLainOn, type LaidBed } from './lay';
import { bedLevers } from './levers';

export const BED_APPRAISAL: Appraisal<LaidBed> = {
  forces: bedForces,
  balances: bedBalances,
  placings: bedPlacings,
  lainOn: bedLainOn,
  notes: bedNotes,
  assumptions: bedAssumptions,
  levers: bedLevers,
};
