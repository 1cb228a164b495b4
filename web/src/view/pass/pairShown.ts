import type { PairLine, PairWord, Scene } from '@tarnpass/core';

/** What most wants looking at first. */
const URGENCY: Record<PairWord, number> = {
  neither: 0,
  parted: 0,
  'first only': 0,
  'second only': 0,
  'one at a time': 0,
  together: 1,
  'not proven': 2,
  'first first': 3,
  'second first': 3,
  'any order': 4,
  'never meet': 5,
  'one thing': 6,
};

/**
 * The two parts the pass shows: those chosen, while both are there; else the pair that most wants looking at, of those
 * with the selected part where there is one.
 */
export function pairShown(
  scene: Scene,
  lines: readonly PairLine[],
  chosen: readonly [string, string] | null,
  selected: string | null,
): readonly [string, string] | null {
  const there = (id: string) => scene.movers.some((mover) => mover.id === id);
  if (chosen && there(chosen[0]) && there(chosen[1])) return chosen;
  const live = lines.filter(({ a, b }) => there(a) && there(b));
  const own = live.filter(({ a, b }) => a === selected || b === selected);
  const [first] = [...(own.length > 0 ? own : live)].sort((p, q) => URGENCY[p.word] - URGENCY[q.word]);
  return first ? [first.a, first.b] : null;
}
