import type { MoverCheck } from '../clearance/checkMover';
import { freeBeside } from '../clearance/freeBeside';
import type { Mover, Scene } from '../scene/scene';

/**
 * The part that stands shut in another's way, where opening it first lets that by: it opens fully by itself, and with it open
 * nothing else stops the other. Both are proven.
 */
export function firstToOpen(
  scene: Scene,
  mover: Mover,
  checkOf: (id: string) => MoverCheck,
): Mover | undefined {
  const hits = checkOf(mover.id).encounters.filter(({ contact }) => contact);
  const other = scene.movers.find(({ id }) => id === hits[0]?.neighbour);
  if (!other || hits.some(({ neighbour }) => neighbour !== other.id)) return undefined;
  const opens = checkOf(other.id).usable >= other.to;
  return opens && freeBeside(mover, other, other.to) >= mover.to ? other : undefined;
}
