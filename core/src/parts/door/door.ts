import type { Family } from '../contract/family';
import { freshDoor, hungInRow, mirrorDoor } from './fresh';
import { layDoor, type LaidDoor } from './lay';
import { moveDoor } from './move';
import { doorPieces } from './pieces';
import { doorGrounds } from './grounds';
import { missingOfDoor, refuseDoor } from './refuse';
import type { Door } from './schema';

export const DOOR: Family<Door, LaidDoor> = {
  word: 'door',
  mounts: ['bay'],
  adds: [{ words: 'A door' }, { words: 'A pair of doors', as: (door) => ({ ...door, leaves: 'pair' }) }],
  fresh: freshDoor,
  mirror: mirrorDoor,
  inRow: hungInRow,
  closes: ({ mount, fit }) => ({ bay: mount.bay, where: fit.kind === 'inset' ? 'within' : 'over' }),
  missing: missingOfDoor,
  lay: layDoor,
  refuse: refuseDoor,
  pieces: doorPieces,
  grounds: doorGrounds,
  move: moveDoor,
};
