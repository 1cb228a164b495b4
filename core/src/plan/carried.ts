import { AT_EASE } from '../balance/force';
import type { Carried } from '../parts/contract/family';
import type { Part } from '../parts/families';
import { appraisalOf } from '../parts/appraisals';
import { called } from '../item/called';
import { combinedWeight, GRAVITY, weighAll, type Weight } from '../piece/mass';
import type { Point3 } from '../solid/prism';
import { carrierOf, mayCarry, mountablesOf, type Carrier } from './hosts';
import { partBuilt, planStock } from './place';
import { carcassPieces } from './still';
import type { Plan } from './schema';

/** What others have mounted on what moves of a part, directly or on what is mounted on it, with what it all weighs. */
export function carriedBy(plan: Plan, id: string): readonly Carried[] {
  if (!mayCarry(plan)) return [];
  return mountablesOf(plan).flatMap((item): Carried[] => {
    let carrier: Carrier | undefined = carrierOf(plan, item.id);
    while (carrier && carrier.item !== id) carrier = carrierOf(plan, carrier.item);
    if (!carrier) return [];
    const weight =
      'family' in item ? partWeight(plan, item) : weighAll(carcassPieces(plan, item).pieces, planStock(plan));
    return weight.kg > 0 ? [{ link: carrier.body, words: `the ${called(item.name)}`, ...weight }] : [];
  });
}

/** A part with all that it is loaded with, shut: what of it moves by the weights its family names, and what stays by its pieces. */
function partWeight(plan: Plan, part: Part): Weight {
  const { laid, pieces, movers } = partBuilt(plan, part)!;
  const loads = appraisalOf(part)
    .forces(laid, pieces, movers)
    .filter(({ force }) => force.kind === 'weight')
    .map(({ link, force }): Weight => {
      const mover = movers.find(({ bodies }) => bodies.some((body) => body.id === link));
      const shut = { ...AT_EASE, travel: mover?.from ?? 0 };
      return { kg: force.newtons(shut).most / GRAVITY, centre: force.at(shut) as Point3 };
    });
  return combinedWeight([
    ...loads,
    weighAll(
      pieces.still.flatMap((link) => link.pieces),
      planStock(plan),
    ),
  ]);
}
