import type { Family } from '../family';
import { adviseDrawer } from './advice';
import { countOf } from './bank';
import { buildDrawer } from './build';
import { drawerFields } from './fields';
import { freshDrawer, mirrorDrawer } from './fresh';
import { drawerNotes, drawerRests } from './notes';
import { layBank } from './laid';
import { refuseDrawer } from './refuse';
import type { Drawer } from './schema';
import { drawerSizes } from './sizes';

export const DRAWER: Family<Drawer> = {
  word: 'drawers',
  fields: drawerFields,
  fresh: freshDrawer,
  refuse: (drawer, place) => refuseDrawer(drawer, place),
  build: (drawer, place) => buildDrawer(drawer, place),
  mirror: mirrorDrawer,
  sizes: (drawer, place) => drawerSizes(drawer, place),
  // Slides come in pairs.
  takes: (drawer, place) => {
    const { runs, bank } = drawer;
    const { length } = layBank(drawer, place);
    return runs.kind === 'wooden runners' || length === undefined
      ? []
      : [{ hardware: runs.hardware, count: countOf(bank), length }];
  },
  notes: (drawer, place) => drawerNotes(drawer, place),
  rests: drawerRests,
  advise: adviseDrawer,
};
