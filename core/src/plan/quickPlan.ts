import type { Units } from '../length/units';
import { MILLIMETRES } from '../length/units';
import { usualNumbers, type QuickCard, type QuickNumbers } from '../parts/kit/quick';
import { newPlan } from './fresh';
import { readPlan, type PlanRead } from './readPlan';
import type { Plan } from './schema';

/** The plan of a quick start, or why its numbers cannot be. */
export function quickPlan(card: QuickCard, numbers: QuickNumbers, units: Units): PlanRead {
  return readPlan({ ...newPlan(card.title), units, ...card.make(numbers) });
}

/** The plan a card begins with. Throws where its usual numbers cannot be built: a card's own mistake. */
export function usualPlan(card: QuickCard): Plan {
  const read = quickPlan(card, usualNumbers(card), MILLIMETRES);
  if (!read.ok) throw new Error(`The usual numbers of “${card.title}” cannot be built.`);
  return read.plan;
}
