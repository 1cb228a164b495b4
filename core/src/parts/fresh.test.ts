import { newCarcass, newPart, newPlan } from '../plan/fresh';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { FAMILY_NAMES } from './families';

/** A plan whose usual sheet was taken out: what is left has another id. */
const withoutUsual = (): Plan => {
  const plan = newPlan('A room');
  const [first, ...rest] = plan.materials;
  return { ...plan, materials: [{ ...first!, id: 'oak-19', name: 'Oak board 19 mm' }, ...rest] };
};

describe('a new part', () => {
  it.each(FAMILY_NAMES)('of the family %s can be hung in a plan that lacks the usual sheet', (family) => {
    const plan = withoutUsual();
    const carcass = newCarcass(plan);
    const hung = { ...plan, carcasses: [carcass] };
    const part = newPart(hung, family, carcass);
    const read = readPlan({ ...hung, parts: [part] });
    expect(read.ok ? [] : read.issues.filter(({ message }) => /material/i.test(message))).toEqual([]);
  });
});
