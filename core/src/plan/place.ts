import { carcassBodies } from '../carcass/build';
import type { Part } from '../parts/families';
import type { PartPlace } from '../parts/family';
import type { Body } from '../scene/scene';
import { spaceBodies, thingBody } from '../space/build';
import type { Plan } from './schema';

/** Everything of a plan that stands still. */
export function stillBodies(plan: Plan): Body[] {
  return [
    ...spaceBodies(plan.space),
    ...plan.things.map(thingBody),
    ...plan.carcasses.flatMap(carcassBodies),
  ];
}

/** Where a part is, or undefined where its carcass is not in the plan. */
export function partPlace(
  plan: Plan,
  part: Part,
  still: readonly Body[] = stillBodies(plan),
): PartPlace | undefined {
  const carcass = plan.carcasses.find(({ id }) => id === part.carcass);
  if (!carcass) return undefined;
  return { carcass, still, gaps: { running: plan.gaps.running.mm, around: plan.gaps.around.mm } };
}
