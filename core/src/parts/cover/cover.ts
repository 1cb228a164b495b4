import type { AnyPlace, Family } from '../contract/family';
import { freshCover, freshOnTop, mirrorCover } from './fresh';
import { layCover, type LaidCover } from './lay';
import { moveCover } from './move';
import { coverPieces } from './pieces';
import { missingOfCover, refuseCover } from './refuse';
import type { Cover } from './schema';

export const COVER: Family<Cover, LaidCover, AnyPlace> = {
  word: 'cover',
  mounts: ['wall', 'top'],
  adds: [{ words: 'A cover that swings aside' }],
  fresh: freshOnTop,
  freshOnWall: freshCover,
  mirror: mirrorCover,
  missing: missingOfCover,
  lay: layCover,
  refuse: refuseCover,
  pieces: coverPieces,
  move: moveCover,
};
