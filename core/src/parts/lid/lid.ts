import type { Family } from '../contract/family';
import { lidAssumptions, lidNotes } from './advice';
import { lidBalances, lidForces } from './forces';
import { freshLid, mirrorLid, NO_MARGINS, wholeTop } from './fresh';
import { layLid, type LaidLid } from './lay';
import { lidLevers } from './levers';
import { moveLid } from './move';
import { lidPlacings } from './placing';
import { lidPieces } from './pieces';
import { missingOfLid, refuseLid } from './refuse';
import type { Lid } from './schema';

export const LID: Family<Lid, LaidLid> = {
  word: 'lid',
  mounts: ['top'],
  adds: [
    { words: 'A lid in margins' },
    { words: 'A lid, the whole top', as: wholeTop },
    { words: 'Two lids beside each other', as: (lid) => ({ ...lid, leaves: 'two' }) },
    {
      words: 'A lid split lengthwise',
      as: (lid) => ({ ...lid, margins: { ...NO_MARGINS, back: { mm: 180 } } }),
    },
  ],
  fresh: freshLid,
  mirror: mirrorLid,
  missing: missingOfLid,
  lay: layLid,
  refuse: refuseLid,
  pieces: lidPieces,
  move: moveLid,
  forces: lidForces,
  balances: lidBalances,
  placings: lidPlacings,
  notes: lidNotes,
  assumptions: lidAssumptions,
  levers: lidLevers,
};
