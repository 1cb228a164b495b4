import type { Body, IntendedContact, Mover } from '../scene/scene';

/** A stretch of a mover's travel on which two bodies may touch, no deeper than `depth` mm. */
export type Touch = Pick<IntendedContact, 'from' | 'to' | 'depth'>;

/**
 * The touches meant between two bodies, whichever of them is named first: stretches within the mover's travel, rising and
 * without overlap, each with the deepest that is meant there.
 */
export function touchesOf(mover: Mover, one: Body, other: Body): readonly Touch[] {
  const meant = mover.contacts
    .filter(
      ({ moving, still }) =>
        (moving === one.id && still === other.id) || (moving === other.id && still === one.id),
    )
    .map(({ from, to, depth }) => ({
      from: Math.max(from, mover.from),
      to: Math.min(to, mover.to),
      depth,
    }))
    .filter(({ from, to }) => from <= to);
  if (meant.length < 2) return meant;
  const cuts = [...new Set(meant.flatMap(({ from, to }) => [from, to]))].sort((a, b) => a - b);
  const touches: Touch[] = [];
  const add = (from: number, to: number) => {
    const over = meant.filter((one) => one.from <= from && to <= one.to);
    if (over.length === 0) return;
    const depth = Math.max(...over.map((one) => one.depth));
    const last = touches[touches.length - 1];
    if (last && last.to === from && last.depth >= depth && from === to) return;
    if (last && last.to === from && last.depth === depth) touches[touches.length - 1] = { ...last, to };
    else touches.push({ from, to, depth });
  };
  cuts.forEach((cut, i) => {
    // A touch may be meant at one travel alone.
    add(cut, cut);
    if (i + 1 < cuts.length) add(cut, cuts[i + 1]!);
  });
  return touches;
}

/** What is left of a travel outside of touches that are meant. */
export function outside(touches: readonly Touch[], from: number, to: number): readonly [number, number][] {
  const left: [number, number][] = [];
  let begin = from;
  for (const touch of touches) {
    if (touch.from > begin) left.push([begin, touch.from]);
    begin = Math.max(begin, touch.to);
  }
  if (to > begin) left.push([begin, to]);
  return left;
}
