import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { freshRod } from './fresh';
import { layRod, type LaidRod } from './lay';
import { moveRod } from './move';
import { rodPieces } from './pieces';
import { refuseRod } from './refuse';
import type { Rod } from './schema';

export const ROD: Family<Rod, LaidRod> = {
  still: true,
  word: 'rod',
  mounts: ['bay'],
  adds: [{ words: 'A rod for clothes' }],
  fresh: freshRod,
  mirror: (rod) => rod,
  missing: ({ mount: { bay }, material }, place) =>
    missingNamed({ bay, materials: [[['material'], material]] }, place),
  lay: layRod,
  refuse: refuseRod,
  pieces: rodPieces,
  move: moveRod,
};
