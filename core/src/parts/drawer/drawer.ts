import type { Family } from '../contract/family';
import { weightsOf } from '../kit/weights';
import { drawnLevers } from '../kit/drawn/levers';
import { slidesInInches } from '../kit/runs/usual';
import type { LaidDrawn } from '../kit/drawn/lay';
import { moveDrawn } from '../kit/drawn/move';
import { drawnAssumptions, drawnNotes } from '../kit/drawn/notes';
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
  forces: ({ place }, pieces, movers) => weightsOf(pieces, movers, place.stock),
  notes: drawnNotes,
  assumptions: drawnAssumptions,
  levers: drawnLevers,
};
