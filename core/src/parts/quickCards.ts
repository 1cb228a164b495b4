import { DOOR_QUICK } from './door/quick';
import type { QuickCard } from './quick';

/** The deck of the quick start, family by family; apart from the families, so that a page without the deck does not load it. */
export const QUICK_CARDS: readonly QuickCard[] = DOOR_QUICK;
