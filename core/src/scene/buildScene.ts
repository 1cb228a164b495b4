import { familyOf } from '../parts/families';
import { partPlace, stillBodies } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { Scene } from './scene';

/** The scene of a plan that `readPlan` accepted. Throws where a part has no place: the plan was not checked. */
export function buildScene(plan: Plan): Scene {
  const still = stillBodies(plan);
  const movers = plan.parts.map((part) => {
    const place = partPlace(plan, part, still);
    if (!place)
      throw new Error(
        `Part ${part.id} has no carcass ${part.carcass}: the plan was not read through readPlan.`,
      );
    return familyOf(part).build(part, place);
  });
  return { still, movers };
}
