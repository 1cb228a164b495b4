import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { drawnLevers } from '../kit/drawn/levers';
import type { LaidDrawn } from '../kit/drawn/lay';
import { drawnAssumptions, drawnNotes } from '../kit/drawn/notes';

export const DRAWER_APPRAISAL: Appraisal<LaidDrawn> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: drawnNotes,
  assumptions: drawnAssumptions,
  levers: drawnLevers,
};
