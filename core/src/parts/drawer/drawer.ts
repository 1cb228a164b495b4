import type { Family } from '../contract/family';
import { slidesInInches } from '../kit/runs/usual';
import type { LaidDrawn } from '../kit/drawn/lay';
import { moveDrawn } from '../kit/drawn/move';
import { drawnPieces } from '../kit/drawn/pieces';
import { missingOfDrawn, refuseDrawn } from '../kit/drawn/refuse';
import { freshDrawer, mirrorDrawer } from './fresh';
import { layDrawer } from './lay';
import type { Drawer } from './schema';

export const DRAWER: Family<Drawer, LaidDrawn> = {
  word: 'drawers',
  mounts: ['bay'],
  adds: [{ words: 'Drawers' }],
  fresh: freshDrawer,
  mirror: mirrorDrawer,
  inInches: slidesInInches,
  missing: missingOfDrawn,
  lay: layDrawer,
  refuse: refuseDrawn,
  pieces: drawnPieces,
  move: moveDrawn,
};
