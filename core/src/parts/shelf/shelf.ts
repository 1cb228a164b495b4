import type { Family } from '../contract/family';
import { missingNamed } from '../kit/issues';
import { freshShelf } from './fresh';
import { layShelf, type LaidShelf } from './lay';
import { moveShelf } from './move';
import { shelfPieces } from './pieces';
import { refuseShelf } from './refuse';
import type { Shelf } from './schema';

export const SHELF: Family<Shelf, LaidShelf> = {
  still: true,
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
};
