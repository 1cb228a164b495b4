import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { coverAssumptions, coverNotes } from './advice';
import type { LaidCover } from './lay';
import { coverLevers } from './levers';

export const COVER_APPRAISAL: Appraisal<LaidCover> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: coverNotes,
  assumptions: coverAssumptions,
  levers: coverLevers,
};
