import { LEANING_PERSON, STANDING_PERSON } from '../../strength/usualLoads';
import type { Pullout } from './schema';

/** kg at the outer edge of a table or a step: who leans on the one and stands on the other, where nobody typed a load. Of others none. */
export function edgeOf({ carries }: Pullout): number {
  if (carries.kind !== 'table' && carries.kind !== 'step') return 0;
  return carries.edge ?? (carries.kind === 'step' ? STANDING_PERSON : LEANING_PERSON);
}
