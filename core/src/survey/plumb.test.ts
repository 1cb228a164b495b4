import { buildScene } from '../plan/buildScene';
import { massOf } from '../solid/mass';
import type { Convex } from '../solid/convex';
import { newPlan } from '../plan/fresh';
import { readPlan } from '../plan/readPlan';
import { leaningThing, plumbOf } from './plumb';

const { space } = newPlan('A room');
const read = (values: Record<string, number>) => (key: string) =>
  values[key] === undefined ? undefined : { mm: values[key], sigma: 1 };

describe('a wall against a plumb line', () => {
  it('leans into the room by as much as the line is nearer to its head than to its foot', () => {
    const [east, ...rest] = plumbOf(
      space,
      read({ 'space/plumb.east.foot': 120, 'space/plumb.east.head': 108, 'space/plumb.west.foot': 90 }),
    );
    expect(rest).toEqual([]);
    expect([east!.wall.name, east!.intoRoom, east!.leans]).toEqual(['the east wall', 12, true]);
    expect(
      plumbOf(space, read({ 'space/plumb.east.foot': 120, 'space/plumb.east.head': 119 }))[0]!.leans,
    ).toBe(false);
  });

  it.each([
    [120, 108, 'head'],
    [108, 120, 'foot'],
  ])(
    'read %d at its foot and %d at its head it takes a wedge of the room, thick at its %s',
    (foot, head, thick) => {
      const [plumb] = plumbOf(space, read({ 'space/plumb.east.foot': foot, 'space/plumb.east.head': head }));
      const thing = leaningThing(space, plumb!, { id: 'lean', name: 'East wall' })!;
      const plan = readPlan({ ...newPlan('A room'), things: [thing] });
      if (!plan.ok) throw new Error(plan.issues[0]!.message);
      const { pieces } = buildScene(plan.plan).still.find(({ item }) => item === 'lean')!;
      const { volume, centre } = massOf(pieces as Convex[]);
      expect(volume).toBeCloseTo((12 / 2) * 2400 * 2400, 3);
      // The centroid of a triangle is two thirds up where it is thick at its head.
      expect(centre[2]).toBeCloseTo(thick === 'head' ? 1600 : 800, 6);
      expect(centre[0]).toBeCloseTo(3000 - 4, 6);
    },
  );
});
