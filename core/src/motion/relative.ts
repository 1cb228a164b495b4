import { opposite } from './drive';
import type { Motion, Stage } from './motion';

/** The motion that undoes another: its joints from the last to the first, each the other way. */
export function undone(motion: Motion): Motion {
  const lists = new Map<readonly Stage[], readonly Stage[]>();
  return {
    key: `- ${motion.key}`,
    knots: motion.knots,
    stagesAt: (t, side) => {
      const stages = motion.stagesAt(t, side);
      let list = lists.get(stages);
      if (!list) lists.set(stages, (list = backwards(stages)));
      return list;
    },
  };
}

/** A chain the other way. What its last joint carries is turned back by the whole turn of the chain, where that is known. */
function backwards(stages: readonly Stage[]): Stage[] {
  const whole = stages[stages.length - 1]?.whole;
  return stages
    .map(({ joint, drive }, i): Stage => {
      const back = { joint, drive: opposite(drive) };
      return whole && i === 0 ? { ...back, whole: opposite(whole) } : back;
    })
    .reverse();
}

/**
 * How one body moves as another of the same travel sees it: the other's joints undone, then its own, less the joints that
 * carry both alike. What the two do together cancels, in the motion as in its bounds: two parts of one drawer keep their distance.
 */
export function relative(body: Motion, other: Motion): Motion {
  const lists = new Map<readonly Stage[], Map<readonly Stage[], readonly Stage[]>>();
  const between = (own: readonly Stage[], others: readonly Stage[]): readonly Stage[] => {
    let shared = 0;
    while (shared < own.length && shared < others.length && sameStage(own[shared]!, others[shared]!))
      shared += 1;
    // A whole turn counts from the space, so it is known of what is left only where nothing was shared.
    const left = (stages: readonly Stage[]) =>
      shared === 0 ? stages : stages.slice(shared).map(({ joint, drive }) => ({ joint, drive }));
    return [...backwards(left(others)), ...left(own).map(withoutWhole(others.length > shared))];
  };
  return {
    key: `${body.key} as seen from ${other.key}`,
    knots: [...new Set([...body.knots, ...other.knots])].sort((a, b) => a - b),
    stagesAt: (t, side) => {
      const [own, others] = [body.stagesAt(t, side), other.stagesAt(t, side)];
      let after = lists.get(own);
      if (!after) lists.set(own, (after = new Map()));
      let list = after.get(others);
      if (!list) after.set(others, (list = between(own, others)));
      return list;
    },
  };
}

/** Seen from what moves, a whole turn against the space is none of the chain's. */
const withoutWhole =
  (seen: boolean) =>
  (stage: Stage): Stage =>
    seen && stage.whole ? { joint: stage.joint, drive: stage.drive } : stage;

const sameStage = (a: Stage, b: Stage) =>
  a === b || (a.drive.key === b.drive.key && JSON.stringify(a.joint) === JSON.stringify(b.joint));
