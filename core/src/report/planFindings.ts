import type { MoverCheck } from '../clearance/checkMover';
import type { Plan } from '../plan/schema';
import type { Scene } from '../scene/scene';
import { airFindings, type AirFinding } from './air';
import { balanceFindings, type BalanceFindings } from './balanceFindings';
import { carriedFindings } from './carried';
import { lainFindings } from './lain';
import { carcassFindings, partFindings, thingFindings } from './noteFindings';
import type { AssumptionFinding, NoteFinding } from './records';
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

/** The one list of a plan's findings: the report tells it, and what is offered is held against it, so neither knows of more than the other. */
export function planFindings(plan: Plan, scene: Scene, checks: readonly MoverCheck[]): PlanFindings {
  const items = [
    ...plan.parts.map((part) => partFindings(plan, part)),
    ...plan.carcasses.map((one) => carcassFindings(plan, one)),
    ...plan.things.map((one) => thingFindings(plan, one)),
  ];
  return {
    notes: [
      ...items.flatMap((one) => one.notes),
      ...squeezeFindings(plan, scene, checks),
      ...lainFindings(plan, scene, checks),
      ...carriedFindings(plan),
    ],
    balanced: balanceFindings(plan, scene.movers, checks),
    air: airFindings(plan, scene, checks),
    assumptions: items.flatMap((one) => one.assumptions),
  };
}
