import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { shelfAssumptions, shelfNotes } from './advice';
import { shelfForces } from './forces';
import { freshShelf } from './fresh';
import { layShelf, type LaidShelf } from './lay';
import { moveShelf } from './move';
import { shelfLevers } from './levers';
import { shelfPieces } from './pieces';
import { refuseShelf } from './refuse';
import type { Shelf } from './schema';

export const SHELF: Family<Shelf, LaidShelf> = {
  word: 'shelf',
  mounts: ['bay'],
  adds: [{ words: 'A shelf' }],
  fresh: freshShelf,
  mirror: (shelf) => shelf,
  missing: ({ mount: { bay }, material }, place) =>
    missingNamed({ bay, materials: [[['material'], material]] }, place),
  lay: layShelf,
  refuse: refuseShelf,
  pieces: shelfPieces,
  move: moveShelf,
  forces: shelfForces,
  notes: shelfNotes,
  assumptions: shelfAssumptions,
  levers: shelfLevers,
};
