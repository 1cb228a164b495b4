import type { Family } from '../contract/family';
import { freshPlatform, mirrorPlatform, onFrame, onLedgers } from './fresh';
import { layPlatform, type LaidPlatform } from './lay';
import { movePlatform } from './move';
import { platformPieces } from './pieces';
import { missingOfPlatform, refusePlatform } from './refuse';
import type { Platform } from './schema';

export const PLATFORM: Family<Platform, LaidPlatform> = {
  word: 'folding platform',
  stow: 'Fold up',
  mounts: ['top'],
  adds: [
    { words: 'A folding platform on legs' },
    { words: 'A folding platform on ledgers', as: onLedgers },
    { words: 'A folding platform on a frame that comes apart', as: onFrame },
  ],
  fresh: freshPlatform,
  mirror: mirrorPlatform,
  missing: missingOfPlatform,
  lay: layPlatform,
  refuse: refusePlatform,
  pieces: platformPieces,
  move: movePlatform,
};
