import { airBodies, existingMovers, goneBodies, partBuilt, stillBodies } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { Scene } from './scene';

/** The scene of a plan that `readPlan` accepted: its parts move first, then what moves there already. Throws where a part has no place: the plan was not checked. */
export function buildScene(plan: Plan): Scene {
  const movers = plan.parts.flatMap((part) => {
    const built = partBuilt(plan, part);
    if (!built)
      throw new Error(
        `Part ${part.id} has no carcass ${part.carcass}: the plan was not read through readPlan.`,
      );
    return built.movers;
  });
  return {
    still: stillBodies(plan),
    movers: [...movers, ...existingMovers(plan)],
    gone: goneBodies(plan),
    air: airBodies(plan),
  };
}
