import type { Progress, SceneChecker } from '../clearance/checkScene';
import { finish } from '../clearance/steps';
import { buildScene } from '../plan/buildScene';
import type { Plan } from '../plan/schema';
import type { Answer } from '../report/records';
import { reportSteps } from '../report/report';
import { Bench, type Offers } from './offers';

/** How a plan stands, its next step the first offer that mends what is to be mended next, where there is one. */
export function* answerWithOffer(plan: Plan, checker: SceneChecker): Generator<Progress, Answer> {
  const { answer } = yield* reportSteps(plan, checker);
  if (!answer.finding) return answer;
  const { movers } = yield* checker.steps(buildScene(plan));
  const { offers } = yield* (yield* Bench.over(plan, movers, checker)).offersFor(answer.finding, 1);
  return offers[0] ? { ...answer, next: offers[0].words } : answer;
}

/** What would mend each of some findings of a plan. */
export function offersOf(
  plan: Plan,
  checker: SceneChecker,
  keys: readonly string[],
  enough?: number,
): Offers[] {
  const bench = finish(Bench.over(plan, checker.check(buildScene(plan)).movers, checker));
  return keys.map((key) => finish(bench.offersFor(key, enough)));
}
