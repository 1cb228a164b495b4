import type { Appraisal } from '../../../parts/contract/appraisal';
import { massMark } from '../../../length/lengthMark';
import { weightsOf } from '../../../parts/kit/weights';
import { weighAll } from '../../../piece/mass';
import type { LaidArm } from './lay';
import { armLevers } from './levers';

export const ARM_APPRAISAL: Appraisal<LaidArm> = {
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: ({ place }, { moving }) => [
    {
      about: 'fit',
      verdict: 'clear',
      sentence: `It weighs ${massMark(weighAll(moving[0]!.pieces, place.stock).kg)}.`,
    },
  ],
  assumptions: () => [],
  levers: armLevers,
};
