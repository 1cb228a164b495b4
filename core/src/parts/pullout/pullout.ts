import type { Family } from '../contract/family';
import { weightsOf } from '../kit/weights';
import { drawnLevers } from '../kit/drawn/levers';
import { slidesInInches } from '../kit/runs/usual';
import { drawnAssumptions } from '../kit/drawn/notes';
import { missingOfDrawn } from '../kit/drawn/refuse';
import { pulloutNotes } from './advice';
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
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: pulloutNotes,
  assumptions: drawnAssumptions,
  levers: drawnLevers,
};
