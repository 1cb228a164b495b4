import type { Family } from '../contract/family';
import { flapGoing, freshFlap, mirrorFlap } from './fresh';
import { layFlap, type LaidFlap } from './lay';
import { moveFlap } from './move';
import { flapPieces } from './pieces';
import { missingOfFlap, refuseFlap } from './refuse';
import type { Flap } from './schema';

export const FLAP: Family<Flap, LaidFlap> = {
  word: 'flap',
  mounts: ['bay'],
  adds: [
    { words: 'A drop front' },
    { words: 'A tilt-out front', as: flapGoing('tilt-out') },
    { words: 'A flap hung at its top', as: flapGoing('top-hung') },
    { words: 'A lift-up door on arms', as: flapGoing('parallel arms') },
    { words: 'A door that folds up double', as: flapGoing('double fold') },
  ],
  fresh: freshFlap,
  mirror: mirrorFlap,
  closes: ({ mount, fit }) => ({ bay: mount.bay, where: fit.kind === 'inset' ? 'within' : 'over' }),
  missing: missingOfFlap,
  lay: layFlap,
  refuse: refuseFlap,
  pieces: flapPieces,
  move: moveFlap,
  weighed: true,
};
