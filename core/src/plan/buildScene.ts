import { behindFlaps, behindLeaves } from './behind';
import { withLinked } from './linked';
import { partBuilt } from './place';
import { withRiders } from './riders';
import { airBodies, existingMovers, goneBodies, stillBodies } from './still';
import type { Plan } from './schema';
import type { Scene } from '../scene/scene';

/** The scene of a plan that `readPlan` accepted: its parts move first, then what moves there already. Throws where a part has no place: the plan was not checked. */
export function buildScene(plan: Plan): Scene {
  const movers = plan.parts.flatMap((part) => {
    const built = partBuilt(plan, part);
    if (!built)
      throw new Error(
        `What part ${part.id} is mounted on is not there: the plan was not read through readPlan.`,
      );
    return built.movers;
  });
  return withRiders(plan, {
    still: stillBodies(plan),
    movers: behindFlaps(plan, withLinked(plan, [...behindLeaves(plan, movers), ...existingMovers(plan)])),
    gone: goneBodies(plan),
    air: airBodies(plan),
  });
}
