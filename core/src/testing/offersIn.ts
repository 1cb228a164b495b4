import { SceneChecker } from '../clearance/checkScene';
import { finish } from '../clearance/steps';
import { Bench, type Offer, type Offers } from '../cures/offers';
import { buildScene } from '../plan/buildScene';
import { withChanges } from '../plan/edit';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';

/** A plan with its check known, from which offers are looked for. */
export function benchOf(plan: Plan): Bench {
  const checker = new SceneChecker({ curves: true });
  return finish(Bench.over(plan, checker.check(buildScene(plan)).movers, checker));
}

/** What would mend each finding of a plan, in the order in which the check tells them. */
export function offersIn(plan: Plan, enough?: number): Offers[] {
  const bench = benchOf(plan);
  return bench.defects.map(({ key }) => finish(bench.offersFor(key, enough)));
}

/** The words of all that is offered for the first finding of a plan. */
export const offeredWords = (plan: Plan): string[] =>
  (offersIn(plan)[0]?.offers ?? []).map(({ words }) => words);

/** The plan after an offer. Throws where it cannot be built so. */
export function taken(plan: Plan, { changes, words }: Offer): Plan {
  const read = readPlan(withChanges(plan, changes), plan);
  if (!read.ok) throw new Error(`“${words}” cannot be built: ${read.issues[0]!.message}`);
  return read.plan;
}
