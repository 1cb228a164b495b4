import * as v from 'valibot';
import { HeldSchema } from '../../hardware/held';
import { JOINED_BY } from '../../item/joinedBy';
import { IdSchema } from '../../item/schema';

/** What every part that moves may have. */
export const MOVES = {
  /** What holds it shut in a van, a trailer or a boat. */
  underWay: HeldSchema,
  /** What it opens with, from shut to open at once, and what joins the two: a rod where nobody said. */
  opensWith: v.optional(IdSchema),
  joinedBy: v.optional(v.picklist(JOINED_BY, 'A rod, a cable or a link joins them.')),
} as const;
