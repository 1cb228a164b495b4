import type { AnyPlace, Family } from '../contract/family';
import { freshCover, freshOnLeaf, freshOnTop, mirrorCover } from './fresh';
import { layCover, type LaidCover } from './lay';
import { moveCover } from './move';
import { coverPieces } from './pieces';
import { missingOfCover, refuseCover } from './refuse';
import type { Cover } from './schema';

export const COVER: Family<Cover, LaidCover, AnyPlace> = {
  word: 'cover',
  stow: 'Turn back',
  mounts: ['wall', 'mover', 'top'],
  adds: [{ words: 'A cover that swings aside' }],
  fresh: freshOnTop,
  freshOnWall: freshCover,
  onLeaf: { words: 'A cover over its latch', fresh: freshOnLeaf },
  mirror: mirrorCover,
  missing: missingOfCover,
  lay: layCover,
  refuse: refuseCover,
  pieces: coverPieces,
  move: moveCover,
};
