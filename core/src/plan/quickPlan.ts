import type { Units } from '../length/units';
import type { QuickCard, QuickNumbers } from '../parts/quick';
import { newPlan } from './fresh';
import { readPlan, type PlanRead } from './readPlan';

/** The plan of a quick start, or why its numbers cannot be. */
export function quickPlan(card: QuickCard, numbers: QuickNumbers, units: Units): PlanRead {
  return readPlan({ ...newPlan(card.title), units, ...card.make(numbers) });
}
