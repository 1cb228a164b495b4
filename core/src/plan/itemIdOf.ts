import { itemsOf } from './items';
import { partBuilt } from './place';
import type { Plan } from './schema';

/** The id of the item that an id selects: its own, or that of the part one of whose movers has it; the id itself where nothing has. */
export function itemIdOf(plan: Plan, id: string): string {
  if (itemsOf(plan).some((item) => item.id === id)) return id;
  const part = plan.parts.find((one) => partBuilt(plan, one)?.movers.some((mover) => mover.id === id));
  return part?.id ?? id;
}
