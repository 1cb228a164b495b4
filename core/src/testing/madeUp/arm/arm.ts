import { massMark } from '../../../length/lengthMark';
import type { Family, GroundPlace } from '../../../parts/contract/family';
import { weightsOf } from '../../../parts/kit/weights';
import { weighAll } from '../../../piece/mass';
import { layArm, type LaidArm } from './lay';
import { armLevers } from './levers';
import { moveArm } from './move';
import { armPieces } from './pieces';
import { refuseArm } from './refuse';
import type { Arm } from './schema';

export const ARM: Family<Arm, LaidArm, GroundPlace> = {
  word: 'arm',
  mounts: ['edge', 'wall', 'floor', 'ceiling', 'mover'],
  adds: [{ words: 'An arm' }],
  mirror: (arm) => arm,
  missing: ({ material }, { stock }) =>
    stock.has(material) ? [] : [{ path: ['material'], message: `There is no material “${material}”.` }],
  lay: layArm,
  refuse: refuseArm,
  pieces: armPieces,
  move: moveArm,
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
