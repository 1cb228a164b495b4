import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { slidingLevers } from './levers';
import { slidingAssumptions, slidingNotes } from './advice';
import type { LaidSliding } from './lay';

export const SLIDING_APPRAISAL: Appraisal<LaidSliding> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: slidingNotes,
  assumptions: slidingAssumptions,
  levers: slidingLevers,
};
