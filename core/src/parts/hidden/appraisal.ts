import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { hiddenAssumptions, hiddenNotes } from './advice';
import type { LaidHidden } from './lay';
import { hiddenHides } from './hides';
import { hiddenLevers } from './levers';
import { hiddenTurnsBeside } from './turnsBeside';

export const HIDDEN_APPRAISAL: Appraisal<LaidHidden> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  turnsBeside: hiddenTurnsBeside,
  hides: hiddenHides,
  notes: hiddenNotes,
  assumptions: hiddenAssumptions,
  levers: hiddenLevers,
};
