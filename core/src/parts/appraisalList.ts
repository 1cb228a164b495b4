import { BED_APPRAISAL } from './bed/appraisal';
import { COVER_APPRAISAL } from './cover/appraisal';
import { DOOR_APPRAISAL } from './door/appraisal';
import { DRAWER_APPRAISAL } from './drawer/appraisal';
import { FLAP_APPRAISAL } from './flap/appraisal';
import { FOLD_DOWN_APPRAISAL } from './folddown/appraisal';
import { HIDDEN_APPRAISAL } from './hidden/appraisal';
import { LID_APPRAISAL } from './lid/appraisal';
import { LIFT_APPRAISAL } from './lift/appraisal';
import { PLATFORM_APPRAISAL } from './platform/appraisal';
import { PULLOUT_APPRAISAL } from './pullout/appraisal';
import { REUSED_APPRAISAL } from './reused/appraisal';
import { ROD_APPRAISAL } from './rod/appraisal';
import { SHELF_APPRAISAL } from './shelf/appraisal';
import { SLATS_APPRAISAL } from './slats/appraisal';
import { SLIDING_APPRAISAL } from './sliding/appraisal';
import { TOP_APPRAISAL } from './top/appraisal';
import type { Part } from './families';

/** What is made of parts, family by family: a new one adds its line. */
export const APPRAISAL_LIST = {
  bed: BED_APPRAISAL,
  cover: COVER_APPRAISAL,
  door: DOOR_APPRAISAL,
  drawer: DRAWER_APPRAISAL,
  flap: FLAP_APPRAISAL,
  'fold-down': FOLD_DOWN_APPRAISAL,
  hidden: HIDDEN_APPRAISAL,
  lid: LID_APPRAISAL,
  'lift table': LIFT_APPRAISAL,
  platform: PLATFORM_APPRAISAL,
  'pull-out': PULLOUT_APPRAISAL,
  kept: REUSED_APPRAISAL,
  rod: ROD_APPRAISAL,
  shelf: SHELF_APPRAISAL,
  slats: SLATS_APPRAISAL,
  sliding: SLIDING_APPRAISAL,
  'sliding top': TOP_APPRAISAL,
} as const satisfies Readonly<Record<Part['family'], unknown>>;
