import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { freshTop, mirrorTop } from './fresh';
import { layTop, type LaidTop } from './lay';
import { moveTop } from './move';
import { topPieces } from './pieces';
import { topGrounds } from './grounds';
import { refuseTop } from './refuse';
import type { Top } from './schema';

export const TOP: Family<Top, LaidTop> = {
  word: 'sliding top',
  mounts: ['top'],
  adds: [{ words: 'A sliding top' }],
  fresh: freshTop,
  mirror: mirrorTop,
  missing: ({ material }, place) => missingNamed({ materials: [[['material'], material]] }, place),
  lay: layTop,
  refuse: refuseTop,
  pieces: topPieces,
  grounds: topGrounds,
  move: moveTop,
};
