import { weightForce } from '../../balance/force';
import type { Stock } from '../../material/stock';
import { weighAll } from '../../piece/mass';
import type { Mover } from '../../scene/scene';
import type { Acting, PartPieces } from '../contract/family';

/** What everything that moves of a part weighs, on its way: each link at the middle of its weight. */
export function weightsOf({ moving }: PartPieces, movers: readonly Mover[], stock: Stock): Acting[] {
  return moving.flatMap((link): Acting[] => {
    const body = movers.flatMap(({ bodies }) => bodies).find(({ id }) => id === link.key);
    const weight = weighAll(link.pieces, stock);
    return weight.kg > 0
      ? [{ link: link.key, force: weightForce(`${link.key}.weight`, link.words, weight, body?.motion) }]
      : [];
  });
}
