import type { Appraisal } from '../contract/appraisal';
import { shelfAssumptions, shelfNotes } from './advice';
import { shelfForces } from './forces';
import type { LaidShelf } from './lay';
import { shelfLevers } from './levers';

export const SHELF_APPRAISAL: Appraisal<LaidShelf> = {
  forces: shelfForces,
  notes: shelfNotes,
  assumptions: shelfAssumptions,
  levers: shelfLevers,
};
