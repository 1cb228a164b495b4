import { SceneChecker } from '../clearance/checkScene';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { reportSteps } from '../report/report';

/** Rounds after which an engine has compiled what a check runs through. */
const ROUNDS = 4;
/** Of a large plan fewer rounds do: no more than this is spent, ms. */
const MOST = 1000;

/**
 * Steps of checks from nothing of a plan that is already answered, their answers thrown away. An engine runs what is new
 * to it several times slower than what it has compiled, and compiles what it has often run: so the first edit is
 * answered as soon as the tenth.
 *
 * @param now  milliseconds from any start
 */
export function* practice(plan: Plan, now: () => number): Generator<unknown, void> {
  const end = now() + MOST;
  for (let round = 0; round < ROUNDS && now() < end; round += 1) {
    // A copy has nothing in common with the plan: nothing that is known of that spares any work.
    const copy = readPlan(JSON.parse(JSON.stringify(plan)));
    if (copy.ok) yield* reportSteps(copy.plan, new SceneChecker({ curves: true }));
    yield;
  }
}
