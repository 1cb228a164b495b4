import type { Family } from '../contract/family';
import { freshBed, mirrorBed, turningAtSide } from './fresh';
import { layBed, type LaidBed } from './lay';
import { moveBed } from './move';
import { bedPieces } from './pieces';
import { missingOfBed, refuseBed } from './refuse';
import type { Bed } from './schema';

export const BED: Family<Bed, LaidBed> = {
  word: 'fold-up bed',
  stow: 'Fold up',
  mounts: ['bay'],
  adds: [
    { words: 'A bed that turns at its end' },
    { words: 'A bed that turns at its side', as: turningAtSide },
  ],
  fresh: freshBed,
  mirror: mirrorBed,
  closes: ({ mount }) => ({ bay: mount.bay, where: 'within' }),
  missing: missingOfBed,
  lay: layBed,
  refuse: refuseBed,
  pieces: bedPieces,
  move: moveBed,
  weighed: true,
};
