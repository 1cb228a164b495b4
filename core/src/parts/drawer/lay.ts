import { boxConstruction, reusedBoxConstruction } from '../kit/drawn/boxConstruction';
import { layDrawn, type LaidDrawn } from '../kit/drawn/lay';
import type { PartPlace } from '../contract/family';
import type { Drawer } from './schema';

/** A bank of drawers, each with a box or an old one that is used again. */
export const layDrawer = (drawer: Drawer, place: PartPlace): LaidDrawn =>
  layDrawn(drawer, place, drawer.old ? reusedBoxConstruction : boxConstruction(drawer, place.stock));
