import type { Appraisal } from '../contract/appraisal';
import { lidAssumptions, lidNotes } from './advice';
import { lidBalances, lidForces } from './forces';
import type { LaidLid } from './lay';
import { lidLevers } from './levers';
import { lidPlacings } from './placing';

export const LID_APPRAISAL: Appraisal<LaidLid> = {
  forces: lidForces,
  balances: lidBalances,
  placings: lidPlacings,
  notes: lidNotes,
  assumptions: lidAssumptions,
  levers: lidLevers,
};
