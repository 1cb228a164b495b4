import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { liftAssumptions, liftNotes } from './advice';
import type { LaidLift } from './lay';
import { liftLevers } from './levers';

export const LIFT_APPRAISAL: Appraisal<LaidLift> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: liftNotes,
  assumptions: liftAssumptions,
  levers: liftLevers,
};
