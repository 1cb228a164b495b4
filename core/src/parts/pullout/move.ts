import type { Mover } from '../../scene/scene';
import type { PartPieces } from '../contract/family';
import { moveDrawn } from '../kit/drawn/move';
import type { LaidPullout } from './lay';

/** As a drawer; it is meant to run as near its guide as that has play. */
export function movePullout(laid: LaidPullout, pieces: PartPieces): readonly Mover[] {
  const movers = moveDrawn(laid, pieces);
  if (!laid.guide) return movers;
  const guide = `${laid.pullout.id}/over`;
  return movers.map((mover) => ({
    ...mover,
    needs: { ...mover.needs, of: { ...mover.needs.of, [guide]: 0 } },
  }));
}
