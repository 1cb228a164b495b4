import { weightForce } from '../../balance/force';
import { frameOf } from '../../item/frame';
import type { Mover } from '../../scene/scene';
import { middleOf } from '../../solid/bounds';
import type { Acting, PartPieces } from '../contract/family';
import { weightsOf } from '../kit/weights';
import { edgeOf } from './edge';
import type { LaidPullout } from './lay';

/** What it weighs with all that is in it, and who leans or stands on its outer edge. */
export function pulloutForces(
  laid: LaidPullout,
  pieces: PartPieces,
  movers: readonly Mover[],
): readonly Acting[] {
  const { pullout, place, drawers } = laid;
  const weights = weightsOf(pieces, movers, place.stock);
  const kg = edgeOf(pullout);
  if (kg === 0) return weights;
  const { x, y, z } = drawers[0]!.box;
  const link = pieces.moving[0]!.key;
  const centre = frameOf(place.carcass).toSpace([middleOf(x), y[0], z[1]]);
  return [
    ...weights,
    {
      link,
      force: weightForce(
        `${link}.person`,
        pullout.carries.kind === 'step' ? 'who stands on its edge' : 'who leans on its edge',
        { kg, centre },
        movers[0]?.bodies[0]?.motion,
        'person',
      ),
    },
  ];
}
