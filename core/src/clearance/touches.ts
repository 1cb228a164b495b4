import { isNamed, type Body, type IntendedContact, type Mover } from '../scene/scene';

/** A stretch of a mover's travel on which two bodies may touch, no deeper than `depth` mm. */
export type Touch = Pick<IntendedContact, 'from' | 'to' | 'depth'>;

const NONE: readonly Touch[] = [];

/**
 * The touches meant between two bodies, by the mover or by the one that is parked, whichever of them is named first: stretches within the mover's travel, rising and
 * without overlap, each with the deepest that is meant there.
 */
export function touchesOf(mover: Mover, one: Body, other: Body): readonly Touch[] {
  let meant: Touch[] | undefined;
  // Asked of every two bodies near each other, and of most nothing is meant: nothing is made for them.
  for (const contact of mover.contacts) {
    const { moving, still, depth } = contact;
    const theirs =
      (isNamed(one, moving) && isNamed(other, still)) || (isNamed(other, moving) && isNamed(one, still));
    if (!theirs) continue;
    const from = Math.max(contact.from, mover.from);
    const to = Math.min(contact.to, mover.to);
    if (from <= to) (meant ??= []).push({ from, to, depth });
  }
  // What the other means where it is parked holds wherever this one goes.
  for (const { own, other: named, depth } of other.meant ?? [])
    if (isNamed(other, own) && isNamed(one, named))
      (meant ??= []).push({ from: mover.from, to: mover.to, depth });
  if (!meant) return NONE;
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
