import type { Family, GroundPlace } from '../contract/family';
import { freshLift, lifting, mirrorLift } from './fresh';
import { layLift, type LaidLift } from './lay';
import { moveLift } from './move';
import { liftPieces } from './pieces';
import { missingOfLift, refuseLift } from './refuse';
import type { LiftTable } from './schema';

export const LIFT: Family<LiftTable, LaidLift, GroundPlace> = {
  word: 'lift table',
  stow: 'Lower',
  mounts: ['floor'],
  adds: [
    { words: 'A table on a pedestal' },
    { words: 'A table on a scissor', as: lifting('scissor') },
    { words: 'A table on parallel arms', as: lifting('parallel arms') },
  ],
  freshOnFloor: freshLift,
  footprint: { width: ['wide'], depth: ['deep'], high: ({ low }) => low.mm },
  mirror: mirrorLift,
  missing: missingOfLift,
  lay: layLift,
  refuse: refuseLift,
  pieces: liftPieces,
  move: moveLift,
};
