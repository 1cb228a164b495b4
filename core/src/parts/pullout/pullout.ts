import type { Family } from '../contract/family';
import { slidesInInches } from '../kit/runs/usual';
import { missingOfDrawn } from '../kit/drawn/refuse';
import { freshPullout, mirrorPullout } from './fresh';
import { asDrawn, layPullout, type LaidPullout } from './lay';
import { movePullout } from './move';
import { pulloutPieces } from './pieces';
import { refusePullout } from './refuse';
import type { Pullout } from './schema';

export const PULLOUT: Family<Pullout, LaidPullout> = {
  word: 'pull-out',
  mounts: ['bay'],
  adds: [{ words: 'A pull-out' }],
  fresh: freshPullout,
  mirror: mirrorPullout,
  inInches: slidesInInches,
  missing: (pullout, place) => missingOfDrawn(asDrawn(pullout), place),
  lay: layPullout,
  refuse: refusePullout,
  pieces: pulloutPieces,
  move: movePullout,
};
