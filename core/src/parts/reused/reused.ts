import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { freshReused, mirrorReused } from './fresh';
import { layReused, type LaidReused } from './lay';
import { moveReused } from './move';
import { reusedPieces } from './pieces';
import { refuseReused } from './refuse';
import type { Reused } from './schema';

export const REUSED: Family<Reused, LaidReused> = {
  still: true,
  word: 'old top or box',
  mounts: ['bay'],
  adds: [{ words: 'An old top or box' }],
  fresh: freshReused,
  mirror: mirrorReused,
  missing: ({ mount: { bay } }, place) => missingNamed({ bay, materials: [] }, place),
  lay: layReused,
  refuse: refuseReused,
  pieces: reusedPieces,
  move: moveReused,
};
