import { buildScene, finish, SceneChecker, strutAnswers, type Plan } from '@tarnpass/core';

/** Struts placed on a part as the worker does, its scene checked before. */
export function placed(plan: Plan, part: string) {
  const checker = new SceneChecker({ curves: false });
  checker.check(buildScene(plan));
  return finish(
    strutAnswers(plan, { part, wants: { hand: 50, staysOpen: true, staysShut: false }, drawer: [] }, checker),
  );
}
