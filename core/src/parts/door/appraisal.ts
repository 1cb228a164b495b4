import type { Appraisal } from '../contract/appraisal';
import { weightsOf } from '../kit/weights';
import { doorLevers } from './levers';
import { doorAssumptions, doorNotes } from './advice';
import type { LaidDoor } from './lay';

export const DOOR_APPRAISAL: Appraisal<LaidDoor> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: doorNotes,
  assumptions: doorAssumptions,
  levers: doorLevers,
};
