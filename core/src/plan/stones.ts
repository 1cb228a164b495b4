import { partBuilt } from './place';
import { existingMovers } from './still';
import type { Plan } from './schema';

/** Marks kept of what is gone: so many, and the oldest are given out again. */
const MOST_KEPT = 1000;

/**
 * The plan with a mark for each of its movers: what has one keeps it for good, and nothing new takes the mark of
 * what is gone. A new one gets the number its name ends in, else its first letter that no other has; a count once
 * letters run out.
 */
export function withStones(plan: Plan): Plan {
  const movers = [
    ...plan.parts.flatMap((part) => partBuilt(plan, part)?.movers ?? []),
    ...existingMovers(plan),
  ];
  const fresh = movers.filter(({ id }) => !(id in plan.stones));
  if (fresh.length === 0) return plan;
  const stones: Record<string, string> = { ...plan.stones };
  const taken = new Set(Object.values(stones));
  for (const { id, name } of fresh) {
    stones[id] = markOf(name, taken);
    taken.add(stones[id]);
  }
  const live = new Set(movers.map(({ id }) => id));
  const gone = Object.keys(stones).filter((id) => !live.has(id));
  for (const id of gone.slice(0, Math.max(0, gone.length - MOST_KEPT))) delete stones[id];
  return { ...plan, stones };
}

function markOf(name: string, taken: ReadonlySet<string>): string {
  const number = /(\d{1,2})$/.exec(name)?.[1];
  if (number && !taken.has(number)) return number;
  const letter = [...name.toUpperCase()].find((one) => /[A-Z]/.test(one) && !taken.has(one));
  if (letter) return letter;
  let n = 1;
  while (taken.has(String(n))) n += 1;
  return String(n);
}
