import { AT_REST, chain, type Motion } from './motion';

/**
 * Two motions of one travel, less the joints that carry both alike: distances stay the same, and what one carries is
 * often still seen from the other. Only chains without knots are compared; others are returned as they are.
 */
export function relative(a: Motion, b: Motion): readonly [Motion, Motion] {
  if (a.knots.length > 0 || b.knots.length > 0) return [a, b];
  const first = a.stagesAt(0);
  const second = b.stagesAt(0);
  let shared = 0;
  while (shared < first.length && shared < second.length && sameStage(first[shared]!, second[shared]!))
    shared += 1;
  const rest = (stages: typeof first) => (stages.length > shared ? chain(stages.slice(shared)) : AT_REST);
  return shared === 0 ? [a, b] : [rest(first), rest(second)];
}

type AnyStage = ReturnType<Motion['stagesAt']>[number];
const sameStage = (a: AnyStage, b: AnyStage) =>
  a === b || (a.drive.key === b.drive.key && JSON.stringify(a.joint) === JSON.stringify(b.joint));
