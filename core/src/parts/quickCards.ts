import { BED_QUICK } from './bed/quick';
import { DOOR_QUICK } from './door/quick';
import { DRAWER_QUICK } from './drawer/quick';
import { FLAP_QUICK } from './flap/quick';
import { HIDDEN_QUICK } from './hidden/quick';
import { LID_QUICK } from './lid/quick';
import { PLATFORM_QUICK } from './platform/quick';
import { PULLOUT_QUICK } from './pullout/quick';
import type { QuickCard } from './kit/quick';
import { SLATS_QUICK } from './slats/quick';
import { SLIDING_QUICK } from './sliding/quick';

/** The deck of the quick start, family by family; apart from the families, so that a page without the deck does not load it. */
export const QUICK_CARDS: readonly QuickCard[] = [
  ...DOOR_QUICK,
  ...DRAWER_QUICK,
  ...PULLOUT_QUICK,
  ...SLIDING_QUICK,
  ...LID_QUICK,
  ...FLAP_QUICK,
  ...BED_QUICK,
  ...PLATFORM_QUICK,
  ...SLATS_QUICK,
  ...HIDDEN_QUICK,
];
