import type { Door } from '../parts/door/schema';
import { reportOf } from '../report/report';
import { demoJson } from '../testing/planOfDoor';
import { applyEdit, inverse } from './edit';
import { type Change } from '../item/change';
import { itemsOf } from './items';
import { extentOf } from './placing';
import { readPlan } from './readPlan';
import type { Plan } from './schema';
import { clipOf, groupChanges, mirrorChanges, shiftChanges, withGroupMates } from './groups';
import { pasteChanges } from './paste';

const demo = (): Plan => {
  const read = readPlan(demoJson());
  if (!read.ok) throw new Error('the demo must read');
  return read.plan;
};
const made = (plan: Plan, changes: readonly Change[]): Plan => {
  const read = applyEdit(plan, { name: 'Test', changes: [...changes] });
  if (!read.ok) throw new Error(read.issues[0]!.message);
  return read.plan;
};
const extent = (plan: Plan, id: string) => extentOf(itemsOf(plan).find((item) => item.id === id)!)!;

describe('items taken together', () => {
  it('a copy stands beside what it was made of, with its parts, and opens as that does where nothing is near', () => {
    const plan = { ...demo(), things: [] };
    const { changes, ids } = pasteChanges(plan, clipOf(plan, ['locker']));
    const next = made(plan, changes);
    expect(ids).toHaveLength(2);
    const [old, copy] = [extent(plan, 'locker'), extent(next, ids[0]!)];
    expect(copy.least[0]).toBeCloseTo(old.greatest[0], 9);
    expect(copy.greatest[0] - copy.least[0]).toBeCloseTo(old.greatest[0] - old.least[0], 9);
    expect(next.parts.find(({ id }) => id === ids[1])).toMatchObject({ mount: { carcass: ids[0] } });
    expect(new Set(itemsOf(next).map(({ name }) => name)).size).toBe(itemsOf(next).length);
    expect(applyEdit(next, inverse({ name: 'Back', changes }))).toMatchObject({ ok: true, plan });
  });

  it('a mirrored copy hangs its leaf on the other side; mirrored twice all is as it was', () => {
    const plan = demo();
    const { changes, ids } = pasteChanges(plan, clipOf(plan, ['locker']), { mirrored: true });
    const side = (of: Plan, id: string) => (of.parts.find((part) => part.id === id) as Door).hinge.side;
    expect(side(made(plan, changes), ids[1]!)).not.toBe(side(plan, 'locker-leaf'));
    // The demo's leaves stand near walls: what is asked here is the geometry, not what can be built.
    const once = made({ ...plan, things: [] }, mirrorChanges(plan, ['locker']));
    expect(side(once, 'locker-leaf')).not.toBe(side(plan, 'locker-leaf'));
    expect(made(once, mirrorChanges(once, ['locker'])).parts).toEqual(plan.parts);
  });

  it('a group moves and turns about as one, its gaps kept', () => {
    const plan = demo();
    const ids = plan.carcasses.map(({ id }) => id);
    const grouped = made(plan, groupChanges(plan, ids, 'Both'));
    expect(withGroupMates(grouped, [ids[0]!]).map(({ id }) => id)).toEqual(ids);
    const moved = made(grouped, shiftChanges(grouped, [ids[0]!], [0, 30, 0]));
    for (const id of ids) expect(extent(moved, id).least[1]).toBeCloseTo(extent(plan, id).least[1] + 30, 9);
    const gap = (of: Plan) => {
      const [a, b] = ids.map((id) => extent(of, id)).sort((p, q) => p.least[0] - q.least[0]);
      return b!.least[0] - a!.greatest[0];
    };
    const turned = made(grouped, mirrorChanges(grouped, [ids[0]!]));
    expect(gap(turned)).toBeCloseTo(gap(plan), 9);
    expect(reportOf(turned).parts.filter(({ main }) => main)).toHaveLength(2);
    const apart = made(grouped, groupChanges(grouped, ids, undefined));
    expect(apart.carcasses).toEqual(plan.carcasses);
  });
});
