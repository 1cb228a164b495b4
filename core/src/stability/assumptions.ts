import type { Carcass } from '../carcass/schema';
import { spansOf } from '../carcass/strength';
import { called } from '../item/called';
import type { Assumption } from '../item/note';
import { stiffnessAssumptions } from '../parts/kit/assumptions';
import { carcassOf, planHardware, planStock } from '../plan/place';
import type { Plan } from '../plan/schema';
import { BOOKS_ASSUMPTION } from '../strength/usualLoads';
import { behindOf } from './framing';

/** What a carcass is told by that nobody said, measured or looked up: what it carries, how stiff it is, and what holds its fixings. */
export function carcassAssumptions(plan: Plan, carcass: Carcass): Assumption[] {
  const stock = planStock(plan);
  const carries = spansOf(carcass, carcassOf(plan, carcass), stock).length > 0;
  return [
    ...fixingAssumptions(plan, carcass),
    ...(carries && carcass.load === null ? [BOOKS_ASSUMPTION] : []),
    ...(carries ? stiffnessAssumptions([carcass.sheet], stock) : []),
  ];
}

function fixingAssumptions(plan: Plan, carcass: Carcass): Assumption[] {
  const { fixing, name, stands } = carcass;
  if (!fixing || behindOf(plan, carcass).length > 0) return [];
  return fixingAssumption(plan, fixing.hardware, name, stands.on === 'the ceiling' ? 'over' : 'behind');
}

/** What fixings are made for is taken to be there, where nobody drew what is. */
export function fixingAssumption(
  plan: Plan,
  hardware: string,
  name: string,
  where: 'over' | 'behind',
): Assumption[] {
  const item = planHardware(plan).named(hardware);
  if (!item) return [];
  const [is, find] =
    item.kind === 'stud screw'
      ? where === 'over'
        ? ['joists are', 'the joists']
        : ['studs are', 'the studs']
      : item.kind === 'wall plug'
        ? ['masonry is', 'what the wall is made of']
        : ['a hollow wall is', 'what the wall is made of'];
  return [
    {
      words: `${is} ${where} the ${called(name)} wherever a fixing of it goes`,
      measure: `find ${find} ${where} the ${called(name)}`,
    },
  ];
}
