import type { Family, GroundPlace } from '../../../parts/contract/family';
import { layArm, type LaidArm } from './lay';
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
};
