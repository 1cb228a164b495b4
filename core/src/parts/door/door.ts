import type { Family } from '../contract/family';
import { doorAssumptions, doorNotes, mendDoor } from './advice';
import { freshDoor, mirrorDoor } from './fresh';
import { layDoor, type LaidDoor } from './lay';
import { moveDoor } from './move';
import { doorPieces } from './pieces';
import { missingOfDoor, refuseDoor } from './refuse';
import type { Door } from './schema';

export const DOOR: Family<Door, LaidDoor> = {
  word: 'door',
  add: 'A door',
  fresh: freshDoor,
  mirror: mirrorDoor,
  missing: missingOfDoor,
  lay: layDoor,
  refuse: refuseDoor,
  pieces: doorPieces,
  move: moveDoor,
  notes: doorNotes,
  assumptions: doorAssumptions,
  mend: mendDoor,
};
