import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { openingsOf } from './advice';
import { freshSliding, mirrorSliding } from './fresh';
import { laySliding, type LaidSliding } from './lay';
import { moveSliding } from './move';
import { slidingPieces } from './pieces';
import { refuseSliding } from './refuse';
import type { Sliding } from './schema';

export const SLIDING: Family<Sliding, LaidSliding> = {
  word: 'sliding panels',
  mounts: ['bay'],
  adds: [{ words: 'Sliding panels' }],
  fresh: freshSliding,
  mirror: mirrorSliding,
  missing: ({ mount: { bay }, material }, place) =>
    missingNamed({ bay, materials: [[['material'], material]] }, place),
  lay: laySliding,
  refuse: refuseSliding,
  pieces: slidingPieces,
  move: moveSliding,
  openings: openingsOf,
};
