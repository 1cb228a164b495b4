import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { foldDownAssumptions, foldDownFixedTo, foldDownNotes } from './advice';
import type { LaidFoldDown } from './lay';
import { foldDownLevers } from './levers';

export const FOLD_DOWN_APPRAISAL: Appraisal<LaidFoldDown> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  fixedTo: foldDownFixedTo,
  notes: foldDownNotes,
  assumptions: foldDownAssumptions,
  levers: foldDownLevers,
};
