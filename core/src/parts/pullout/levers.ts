import { called } from '../../item/called';
import type { Lever, Trouble } from '../../item/lever';
import { materialLevers } from '../../material/levers';
import type { PartPieces } from '../contract/family';
import { drawnLevers } from '../kit/drawn/levers';
import { boardDoes } from './advice';
import type { LaidPullout } from './lay';

/** What of a pull-out may be changed: what of all that is drawn out, what its board is of, and slides at its top. */
export function pulloutLevers(laid: LaidPullout, pieces: PartPieces, trouble: Trouble): Lever[] {
  const { pullout, place } = laid;
  const shelved = pullout.carries.kind === 'tiers';
  const boarded = shelved || pullout.carries.kind === 'table' || pullout.carries.kind === 'step';
  return [
    ...drawnLevers(laid, pieces, trouble),
    ...(trouble.about === 'strength' && boarded
      ? materialLevers(
          pullout,
          ['box', 'material'],
          place.stock.materials,
          `${shelved ? 'the shelves' : 'the board'} of the ${called(pullout.name)}`,
          (one) => boardDoes(laid, one),
        )
      : []),
  ];
}
