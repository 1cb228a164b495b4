import type { MoverCheck } from '../clearance/checkMover';
import type { Progress } from '../clearance/checkScene';
import { withProgress } from '../clearance/steps';
import type { Plan } from '../plan/schema';
import type { Scene } from '../scene/scene';
import { airFindings, type AirFinding } from './air';
import { besideHingeFindings } from './besideHinge';
import { balanceSteps, type BalanceFindings } from './balanceFindings';
import { carriedFindings } from './carried';
import { lainFindings } from './lain';
import { carcassFindings, partFindings, thingFindings, type ItemFindings } from './noteFindings';
import { underWayFindings } from './underWay';
import type { AssumptionFinding, NoteFinding } from './records';
import { sightFindings } from './sight';
import { squeezeFindings } from './squeeze';

/** All that is told of a plan besides what meets what. */
export interface PlanFindings {
  /** Of its items, of what passes by what, of who lies on it, and of what it weighs. */
  readonly notes: readonly NoteFinding[];
  /** Of what is lifted: told of what it can use of its travel, and of nothing while that is none. */
  readonly balanced: BalanceFindings;
  readonly air: readonly AirFinding[];
  readonly assumptions: readonly AssumptionFinding[];
}

/**
 * The one list of a plan's findings: the report tells it, and what is offered is held against it, so neither knows of more than the other. In
 * steps short enough to stop between: an edit that comes meanwhile waits for one of them.
 */
export function* planFindings(
  plan: Plan,
  scene: Scene,
  checks: readonly MoverCheck[],
): Generator<Progress, PlanFindings> {
  const known = told.get(plan);
  if (known && known.checks.length === checks.length && known.checks.every((one, i) => one === checks[i]))
    return known.found;
  const items: ItemFindings[] = [];
  for (const part of plan.parts) {
    items.push(partFindings(plan, part));
    yield TELLING;
  }
  for (const carcass of plan.carcasses) {
    items.push(carcassFindings(plan, carcass));
    yield TELLING;
  }
  items.push(...plan.things.map((one) => thingFindings(plan, one)));
  const squeezed = squeezeFindings(plan, scene, checks);
  yield TELLING;
  const lain = lainFindings(plan, scene, checks);
  yield TELLING;
  const beside = besideHingeFindings(plan, scene, checks);
  yield TELLING;
  const sight = sightFindings(plan, scene);
  yield TELLING;
  const balanced = yield* withProgress(balanceSteps(plan, scene.movers, checks), TELLING);
  const found: PlanFindings = {
    notes: [
      ...items.flatMap((one) => one.notes),
      ...squeezed,
      ...lain,
      ...beside,
      ...sight,
      ...carriedFindings(plan),
      ...underWayFindings(plan, scene),
    ],
    balanced,
    air: airFindings(plan, scene, checks),
    assumptions: items.flatMap((one) => one.assumptions),
  };
  told.set(plan, { checks: [...checks], found });
  return found;
}

/** What was told of a plan last: offers for it begin with what its answer was made of. */
const told = new WeakMap<Plan, { readonly checks: readonly MoverCheck[]; readonly found: PlanFindings }>();

const TELLING: Progress = { done: 0, of: 1 };
