import { omitKey } from '../item/omitKey';
import { partsList } from '../make/partsList';
import { bankOf } from '../parts/kit/drawn/usual';
import { anotherContent } from '../parts/kit/contents/usual';
import type { Drawer } from '../parts/drawer/schema';
import type { Pullout } from '../parts/pullout/schema';
import type { Part } from '../parts/families';
import { buildScene } from './buildScene';
import { partsOfMover } from '../scene/scene';
import { demoJson } from '../testing/planOfDoor';
import { drawerOf, pulloutOf, withDrawer } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith, inBay } from '../testing/planWith';
import { applyEdit, inverse } from './edit';
import { readPlan } from './readPlan';
import type { Plan } from './schema';
import { bayOf, carcassIdOf, type Mounted } from '../parts/contract/mount';
import { KIND_ROWS } from '../testing/kindRows';

const keysOf = (plan: Plan) =>
  partsList(plan).flatMap(({ pieces }) =>
    pieces.flatMap(({ key, works }) => [key, ...works.map((work) => work.key)]),
  );
const put = (plan: Plan, at: number, part: Part): Plan => {
  const read = applyEdit(plan, { name: 'Put in', changes: [{ path: ['parts', at], after: part }] });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.plan;
};

describe('keys last', () => {
  it('a drawer put beneath the others leaves theirs, and theirs works', () => {
    const three = bankOf('even', 3);
    // Fewer or more of them by the card: the lower ones stay the same ones.
    expect([
      bankOf('even', 2, three.drawers).drawers,
      bankOf('even', 4, three.drawers.slice(1)).drawers,
    ]).toEqual([
      [{ id: 'd1' }, { id: 'd2' }],
      [{ id: 'd2' }, { id: 'd3' }, { id: 'd1' }, { id: 'd4' }],
    ]);
    const four = { ...three, drawers: [{ id: 'new' }, ...three.drawers] };
    const [before, after] = [three, four].map((bank) => planWith(withDrawer({ bank }))) as [Plan, Plan];
    const was = keysOf(before);
    expect(new Set(was).size).toBe(was.length);
    const now = keysOf(after);
    expect(was.filter((key) => !now.includes(key))).toEqual([]);
    const added = now.filter((key) => !was.includes(key));
    expect(added.length).toBeGreaterThan(10);
    // New is the new drawer, and what the runs and fronts of it put into the carcass.
    expect(added.filter((key) => !/new/.test(key))).toEqual([]);
    // One put above them takes the first name, and the others are told by another; keys and marks stay.
    const above = planWith(withDrawer({ bank: { ...three, drawers: [...three.drawers, { id: 'new' }] } }));
    const told = (plan: Plan) => buildScene(plan).movers.find(({ id }) => id.endsWith('.d1'))!.name;
    expect([told(before), told(above)]).toEqual(['Case drawers, 3', 'Case drawers, 4']);
    expect(was.filter((key) => !keysOf(above).includes(key))).toEqual([]);
  });

  it('a thing put before the others that a pull-out carries leaves theirs', () => {
    const bins = pulloutOf('bins');
    const { items } = bins.contents;
    const keys = (contents: Pullout['contents']) => {
      const plan = planWith({
        carcasses: [caseOf({ width: mm(900), z: mm(100) })],
        parts: [{ ...bins, contents }],
      });
      return buildScene(plan).movers.flatMap((mover) => partsOfMover(mover).map(({ id }) => id));
    };
    const was = keys(bins.contents);
    const now = keys({ ...bins.contents, items: [anotherContent(items, items[0]), ...items] });
    expect(was.filter((key) => !now.includes(key))).toEqual([]);
    expect(now.length).toBeGreaterThan(was.length);
  });
});

describe('stones', () => {
  it('keep their marks when a part is put before them, goes, and comes back by undo', () => {
    const start = planWith({ carcasses: [caseOf({ width: mm(1200) })], parts: [doorOf({ leaves: 'pair' })] });
    const marks = { ...start.stones };
    expect(Object.keys(marks)).toHaveLength(2);
    const more = put(start, 0, drawerOf({ id: 'first', name: 'Door', mount: inBay('all') }));
    expect(more.stones).toMatchObject(marks);
    expect(new Set(Object.values(more.stones)).size).toBe(Object.keys(more.stones).length);
    const away = { name: 'Take out', changes: [{ path: ['parts', 0], before: more.parts[0] }] };
    const gone = applyEdit(more, away as never);
    if (!gone.ok) throw new Error(gone.issues[0]!.message);
    // What is new meanwhile does not take the mark of what went.
    const other = put(gone.plan, 1, drawerOf({ id: 'second', name: 'Door' }));
    const taken = Object.entries(other.stones)
      .filter(([id]) => id.startsWith('second'))
      .map(([, mark]) => mark);
    expect(Object.values(more.stones)).not.toEqual(expect.arrayContaining(taken));
    const back = applyEdit(gone.plan, inverse(away as never));
    expect(back.ok && back.plan.stones).toEqual(more.stones);
  });
});

/** A part as plans before version 5 had it: every one named a carcass and a bay. */
const unmounted = <P extends Mounted>({ mount, ...part }: P) => ({
  ...part,
  carcass: carcassIdOf({ mount }),
  bay: bayOf({ mount }) ?? 'all',
});

describe('a plan of format version 4', () => {
  it('has its parts mounted in their bays, and what lies on top on the top, in no bay', () => {
    const rows = [KIND_ROWS['family: door']!, KIND_ROWS['family: sliding top']!];
    for (const { good } of rows) {
      const plan = planWith(good);
      const read = readPlan({ ...plan, version: 4, parts: plan.parts.map(unmounted) });
      expect(read.ok && read.plan).toEqual(plan);
    }
    const [bay, top] = rows.map(({ good }) => planWith(good).parts[0]!.mount);
    expect(bay).toEqual({ on: 'bay', carcass: 'case', bay: 'all' });
    expect(top).toEqual({ on: 'top', carcass: 'case' });
  });
});

describe('a plan of format version 3', () => {
  it('gives the drawers and contents that were counted keys that last; an absurd count is refused', () => {
    const { bank, ...drawer } = drawerOf({ bank: bankOf('even', 3) });
    const { drawers, ...rest } = bank;
    const bins = pulloutOf('bins');
    const items = bins.contents.items.map((item) => omitKey(item, 'id'));
    const plan = planWith({ carcasses: [caseOf({ z: mm(100) })] });
    const old = omitKey(plan, 'stones');
    const at = (count: unknown) =>
      readPlan({
        ...old,
        version: 3,
        parts: [
          unmounted({ ...drawer, bank: { ...rest, count } }),
          unmounted({ ...bins, id: 'bins', contents: { ...bins.contents, items } }),
        ],
      });
    const read = at(drawers.length);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const [kept, carries] = read.plan.parts as [Drawer, Pullout];
    expect(kept.bank.drawers).toEqual([{ id: 'd1' }, { id: 'd2' }, { id: 'd3' }]);
    expect(carries.contents.items.map(({ id }) => id)).toEqual(items.map((_, i) => `thing-${i + 1}`));
    for (const count of [0, -1, 2.5, 1e9, 'three']) expect(at(count).ok).toBe(false);
  });

  it('every mover of a demo gets a mark of its own', () => {
    const read = readPlan(demoJson());
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const { stones } = read.plan;
    expect(buildScene(read.plan).movers.filter(({ id }) => !stones[id])).toEqual([]);
    expect(new Set(Object.values(stones)).size).toBe(Object.keys(stones).length);
  });
});
