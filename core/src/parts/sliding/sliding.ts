import type { Family } from '../contract/family';
import { weightsOf } from '../kit/weights';
import { slidingLevers } from './levers';
import { missingNamed } from '../kit/issues';
import { openingsOf, slidingAssumptions, slidingNotes } from './advice';
import { freshSliding, mirrorSliding } from './fresh';
import { laySliding, type LaidSliding } from './lay';
import { moveSliding } from './move';
import { slidingPieces } from './pieces';
import { refuseSliding } from './refuse';
import type { Sliding } from './schema';

export const SLIDING: Family<Sliding, LaidSliding> = {
  word: 'sliding panels',
  mounts: ['bay'],
  adds: [{ words: 'Sliding panels' }],
  fresh: freshSliding,
  mirror: mirrorSliding,
  missing: ({ mount: { bay }, material }, place) =>
    missingNamed({ bay, materials: [[['material'], material]] }, place),
  lay: laySliding,
  refuse: refuseSliding,
  pieces: slidingPieces,
  move: moveSliding,
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  openings: openingsOf,
  notes: slidingNotes,
  assumptions: slidingAssumptions,
  levers: slidingLevers,
};
