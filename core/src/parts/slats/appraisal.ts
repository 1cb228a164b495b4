import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { slatsAssumptions, slatsNotes } from './advice';
import { slatsLainOn, type LaidSlats } from './lay';
import { slatsLevers } from './levers';

export const SLATS_APPRAISAL: Appraisal<LaidSlats> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  lainOn: slatsLainOn,
  notes: slatsNotes,
  assumptions: slatsAssumptions,
  levers: slatsLevers,
};
