import { handForce } from '../../balance/force';
import { exactly } from '../../balance/interval';
import { frameOf } from '../../item/frame';
import { GRAVITY } from '../../piece/mass';
import type { Mover } from '../../scene/scene';
import { middleOf } from '../../solid/bounds';
import type { Point3 } from '../../solid/prism';
import type { Acting, PartPieces } from '../contract/family';
import { weightsOf } from '../kit/weights';
import type { LaidTop } from './lay';

/** What a sliding top weighs, and a hand that leans on its outer edge. */
export function topForces(laid: LaidTop, pieces: PartPieces, movers: readonly Mover[]): Acting[] {
  const { top, place, board, edge } = laid;
  const weights = weightsOf(pieces, movers, place.stock);
  if (edge === 0) return weights;
  const { goes } = top;
  const at: Point3 = [
    goes === 'left' ? board.x[0] : goes === 'right' ? board.x[1] : middleOf(board.x),
    goes === 'front' ? board.y[0] : goes === 'back' ? board.y[1] : middleOf(board.y),
    board.z[1],
  ];
  const link = pieces.moving[0]!.key;
  const motion = movers[0]?.bodies[0]?.motion;
  const hand = handForce(
    `${link}.hand`,
    'who leans on its edge',
    frameOf(place.carcass).toSpace(at),
    [0, 0, -1],
    exactly(edge * GRAVITY),
    motion,
  );
  return [...weights, { link, force: hand }];
}
