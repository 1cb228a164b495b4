import type { Family } from '../contract/family';
import { freshLid, mirrorLid, NO_MARGINS, wholeTop } from './fresh';
import { layLid, type LaidLid } from './lay';
import { moveLid } from './move';
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
  weighed: true,
};
