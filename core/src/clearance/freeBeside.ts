import type { Mover } from '../scene/scene';
import { checkMover } from './checkMover';
import { parked } from './checkScene';

/** How far a mover goes free of another that stands still at a travel: what it meets of its own is no matter of the other's. */
export function freeBeside(mover: Mover, other: Mover, at: number): number {
  const { encounters } = checkMover(mover, parked(other, at));
  const others = encounters.filter(({ neighbour }) => neighbour === other.id);
  return Math.min(mover.to, ...others.flatMap(({ contact }) => contact?.free ?? []));
}
