import { SceneChecker } from '../clearance/checkScene';
import { structuredCopy } from '../plan/edit';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { reportSteps } from '../report/report';

/**
 * Steps of checks from nothing, one after the other without end, of a plan that is already answered; their answers are
 * thrown away. An engine runs what is new to it several times slower than what it has compiled, and compiles what it has
 * often run: so the first edit is answered as soon as the tenth.
 */
export function* warmUp(plan: Plan): Generator {
  for (;;) {
    // A copy has nothing in common with the plan: nothing that is known of that spares any work.
    const copy = readPlan(structuredCopy(plan));
    yield;
    if (copy.ok) yield* reportSteps(copy.plan, new SceneChecker({ curves: true }));
  }
}
