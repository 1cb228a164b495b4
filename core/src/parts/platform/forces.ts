import { GRAVITY, weighAll } from '../../piece/mass';
import type { Mover } from '../../scene/scene';
import type { Acting, PartPieces } from '../contract/family';
import { weightsOf } from '../kit/weights';
import type { LaidPlatform } from './lay';
import { platformLinks } from './pieces';

export const platformForces = (laid: LaidPlatform, pieces: PartPieces, movers: readonly Mover[]): Acting[] =>
  weightsOf(pieces, movers, laid.place.stock);

/**
 * What a hand lifts at the far edge of the second leaf as the stack begins to open, N: half of that leaf, and all that hangs in that edge.
 *
 * @source m g / 2 at the free edge of a level board; leaves beyond it stay level or turn as it does: each by how its middle rises
 */
export function firstLift(laid: LaidPlatform): number {
  const links = platformLinks(laid);
  // Every other leaf is only carried by the joint it hangs in; those between turn as the second does, about their own.
  let [joint, moment] = [0, 0];
  for (const { nth, wide, turned } of laid.leaves.slice(1)) {
    const own = links.filter(({ leaf }) => leaf.nth === nth).flatMap(({ link }) => link.pieces);
    moment += weighAll(own, laid.place.stock).kg * (joint + (turned ? wide / 2 : 0));
    if (turned) joint += wide;
  }
  return (GRAVITY * moment) / laid.leaves[1]!.wide;
}
