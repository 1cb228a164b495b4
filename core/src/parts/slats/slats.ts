import type { Family } from '../contract/family';
import { freshSlats, mirrorSlats } from './fresh';
import { laySlats, type LaidSlats } from './lay';
import { moveSlats } from './move';
import { slatsPieces } from './pieces';
import { missingOfSlats, refuseSlats } from './refuse';
import type { Slats } from './schema';

export const SLATS: Family<Slats, LaidSlats> = {
  word: 'slat bed',
  stow: 'Push in',
  mounts: ['top'],
  adds: [{ words: 'A slat bed that is drawn out' }],
  fresh: freshSlats,
  mirror: mirrorSlats,
  missing: missingOfSlats,
  lay: laySlats,
  refuse: refuseSlats,
  pieces: slatsPieces,
  move: moveSlats,
};
