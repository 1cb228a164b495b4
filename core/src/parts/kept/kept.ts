import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { keptNotes } from './advice';
import { freshKept, mirrorKept } from './fresh';
import { layKept, type LaidKept } from './lay';
import { moveKept } from './move';
import { keptPieces } from './pieces';
import { refuseKept } from './refuse';
import type { Kept } from './schema';

export const KEPT: Family<Kept, LaidKept> = {
  word: 'old top or box',
  adds: [{ words: 'An old top or box' }],
  fresh: freshKept,
  mirror: mirrorKept,
  missing: ({ bay }, place) => missingNamed({ bay, materials: [] }, place),
  lay: layKept,
  refuse: refuseKept,
  pieces: keptPieces,
  move: moveKept,
  notes: keptNotes,
  assumptions: () => [],
  mend: () => undefined,
};
