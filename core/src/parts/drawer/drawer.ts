import type { Family } from '../family';
import { adviseDrawer } from './advice';
import { countOf } from './bank';
import { buildDrawer } from './build';
import { drawerFields } from './fields';
import { firstBuildable, freshDrawer, mirrorDrawer, onRuns, USUAL_DRAWER_FIT } from './fresh';
import { drawerNotes, drawerRests } from './notes';
import { layBank } from './laid';
import { refuseDrawer } from './refuse';
import type { Drawer } from './schema';
import { drawerSizes } from './sizes';

export const DRAWER: Family<Drawer> = {
  word: 'drawers',
  add: 'Drawers',
  mover: 'drawer',
  piece: 'Front',
  fields: drawerFields,
  // As many as there is room for; on runners where no slide is short enough.
  fresh: (id, name, place, bay, behind = false) => {
    const made = freshDrawer(id, name, place, bay);
    const fronted = behind ? { ...made, fit: USUAL_DRAWER_FIT.none, handle: null } : made;
    return firstBuildable(
      [3, 2, 1].flatMap((count) => onRuns({ ...fronted, bank: { kind: 'even', count } })),
      (drawer) => refuseDrawer(drawer, place),
    );
  },
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
