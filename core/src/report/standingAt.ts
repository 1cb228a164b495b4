import { parked } from '../clearance/checkScene';
import type { Body, Mover } from '../scene/scene';

const kept = { from: new WeakMap<Mover, readonly Body[]>(), to: new WeakMap<Mover, readonly Body[]>() };

/** A mover as it stands shut, or open all the way: the same bodies as long as it is the same. */
export function standingAt(mover: Mover, end: 'from' | 'to'): readonly Body[] {
  const known = kept[end].get(mover);
  if (known) return known;
  const bodies = parked(mover, mover[end]);
  kept[end].set(mover, bodies);
  return bodies;
}
