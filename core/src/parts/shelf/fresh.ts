import type { PartPlace } from '../contract/family';
import type { Shelf } from './schema';

/** About 3 mm less than the opening, pins 8 mm out: common practice, no single source. */
export const freshShelf = (
  id: string,
  name: string,
  { carcass }: Pick<PartPlace, 'carcass'>,
  bay: string,
): Shelf => ({
  id,
  family: 'shelf',
  name,
  mount: { on: 'bay', carcass: carcass.id, bay },
  material: carcass.sheet,
  count: 1,
  up: null,
  less: { mm: 3 },
  setback: { mm: 10 },
  banding: { mm: 0 },
  pins: { mm: 8 },
  moisture: 4,
  held: 'loose',
  load: null,
});
