import type { Family, GroundPlace } from '../contract/family';
import { freshFoldDown, mirrorFoldDown, usedAs } from './fresh';
import { layFoldDown, type LaidFoldDown } from './lay';
import { moveFoldDown } from './move';
import { foldDownPieces } from './pieces';
import { missingOfFoldDown, refuseFoldDown } from './refuse';
import type { FoldDown } from './schema';

export const FOLD_DOWN: Family<FoldDown, LaidFoldDown, GroundPlace> = {
  word: 'fold-down leaf',
  stow: 'Fold down',
  mounts: ['wall'],
  adds: [
    { words: 'A table that folds down' },
    { words: 'A seat that folds down', as: usedAs('seat') },
    { words: 'A step that folds down', as: usedAs('step') },
  ],
  freshOnWall: freshFoldDown,
  mirror: mirrorFoldDown,
  missing: missingOfFoldDown,
  lay: layFoldDown,
  refuse: refuseFoldDown,
  pieces: foldDownPieces,
  move: moveFoldDown,
};
