import { Point, Polygon } from '@flatten-js/core';
import type { Choice } from '../card/field';
import { massOf } from '../solid/mass';
import type { Convex } from '../solid/convex';
import { newPlan, newThing } from '../plan/fresh';
import { readPlan } from '../plan/readPlan';
import { applyEdit } from '../plan/edit';
import { fieldsOf } from '../plan/fieldsOf';
import { itemsOf } from '../plan/items';
import { buildScene } from '../plan/buildScene';
import { manifoldModule } from '../testing/manifoldGap';
import { partsOf } from '../scene/scene';
import { thingBodies } from './build';
import { THING_KINDS, type Shape, type Thing } from './schema';

const mm = (value: number) => ({ mm: value });
const thing = (
  shape: Shape,
  width: number,
  depth: number,
  height: number,
  over: Partial<Thing> = {},
): Thing => ({
  id: 'it',
  name: 'It',
  kind: 'box',
  x: mm(100),
  y: mm(200),
  z: mm(50),
  width: mm(width),
  depth: mm(depth),
  height: mm(height),
  shape,
  ...over,
});
const volume = (it: Thing) =>
  thingBodies(it)
    .filter(({ zone }) => !zone)
    .reduce((sum, { pieces }) => sum + massOf(pieces as Convex[]).volume, 0);

const told = (it: Thing) => thingBodies(it).flatMap((body) => [...partsOf(body)]);

describe('things in a space', () => {
  it.each(THING_KINDS.filter((kind) => kind !== 'imported piece'))(
    'a usual %s stands in a room, and every number of its card can be set again',
    (kind) => {
      const plan = newPlan('A room');
      const read = readPlan({ ...plan, things: [newThing(plan, kind)] });
      if (!read.ok) throw new Error(JSON.stringify(read.issues));
      expect(() => buildScene(read.plan)).not.toThrow();
      const item = itemsOf(read.plan).find(({ list }) => list === 'things')!;
      const choices = fieldsOf(item).filter(({ label }) => label === 'Kind');
      const input = choices[0]!.input as Choice<unknown>;
      // Whatever it is turned into can be built in the box it has.
      for (const word of THING_KINDS.filter((one) => one !== 'imported piece')) {
        const after = input.value(word, item.value, read.plan.materials);
        const edited = applyEdit(read.plan, {
          name: 'kind',
          changes: [{ path: ['things', 0], before: item.value, after }],
        });
        expect(edited.ok ? word : `${word}: ${edited.issues[0]!.message}`).toBe(word);
      }
    },
  );

  it('a pipe is covered, by less than 3 percent of its section', () => {
    const round = volume(thing({ kind: 'round', along: 'upright' }, 40, 40, 1000)) / 1000;
    const circle = Math.PI * 20 ** 2;
    expect(round / circle).toBeGreaterThan(1);
    expect(round / circle).toBeLessThan(1.03);
  });

  it('a wheel arch is half a round bar', () => {
    const arch = volume(thing({ kind: 'arch', along: 'south to north' }, 600, 200, 300)) / 200;
    expect(arch / ((Math.PI * 300 ** 2) / 2)).toBeGreaterThan(1);
    expect(arch / ((Math.PI * 300 ** 2) / 2)).toBeLessThan(1.03);
  });

  it('a leaning face is a trapezium through its height', () => {
    expect(
      volume(thing({ kind: 'leaning', back: 'east', foot: mm(60), head: mm(300) }, 400, 1000, 800)),
    ).toBeCloseTo(((60 + 300) / 2) * 800 * 1000, 3);
  });

  it('a side by offsets has the area of its polyline (flatten-js)', () => {
    const rows = [
      [0, 100],
      [300, 180],
      [700, 150],
      [1000, 20],
    ] as const;
    const shape: Shape = {
      kind: 'offsets',
      back: 'north',
      seen: 'in plan',
      curve: 'polyline',
      table: rows.map(([station, depth]) => ({ station: mm(station), depth: mm(depth) })),
    };
    const area = Math.abs(new Polygon([[0, 0], ...rows, [1000, 0]].map(([x, y]) => new Point(x, y))).area());
    expect(volume(thing(shape, 1000, 200, 10)) / 10).toBeCloseTo(area, 4);
    // In section it lies the same, along the upright.
    expect(volume(thing({ ...shape, seen: 'in section' }, 10, 200, 1000)) / 10).toBeCloseTo(area, 4);
    // A spline is covered: never less than its own curve, by a fifth of a millimetre at most.
    const spline = volume(thing({ ...shape, curve: 'spline' }, 1000, 220, 10)) / 10;
    expect(spline).toBeGreaterThan(area);
  });

  it('a compartment is a box with a mouth (manifold-3d)', async () => {
    const it = thing(
      { kind: 'compartment', mouth: 'south', wall: mm(20), lip: mm(50), head: mm(30), cheeks: mm(40) },
      1000,
      500,
      400,
    );
    const { Manifold } = await manifoldModule();
    const outer = Manifold.cube([1000, 500, 400]);
    const inner = Manifold.cube([960, 460, 360]).translate([20, 20, 20]);
    const mouth = Manifold.cube([880, 20, 280]).translate([60, 0, 70]);
    expect(volume(it)).toBeCloseTo(outer.subtract(inner).subtract(mouth).volume(), -1);
    expect(told(it).map(({ name }) => name)).toContain('the lip of the it');
  });

  it('a plug stands out of its plate, and its cable bends and hangs as far as it is long', () => {
    const it = thing(
      { kind: 'plug', faces: 'south', plug: mm(48), bend: mm(35), cable: mm(200) },
      86,
      10,
      86,
      { z: mm(300) },
    );
    const [, plug, cable] = told(it);
    const ends = (body: typeof plug, axis: number) => {
      const { corners } = body!.pieces[0] as Convex;
      const values = [...corners].filter((_, i) => i % 3 === axis);
      return [Math.min(...values), Math.max(...values)];
    };
    expect(ends(plug, 1)).toEqual([200 - 48, 200]);
    expect(ends(cable, 1)).toEqual([200 - 48 - 35 - 9, 200 - 48]);
    expect(ends(cable, 2)[0]).toBeCloseTo(300 + 43 - 200, 9);
  });

  it.each([
    [
      'stations that fall',
      {
        table: [
          [0, 10],
          [300, 10],
          [200, 10],
        ],
      },
      /row 3 does not/,
    ],
    [
      'a station beyond the box',
      {
        table: [
          [0, 10],
          [1200, 10],
        ],
      },
      /last station is at 1200 mm/,
    ],
    [
      'a depth beyond the box',
      {
        table: [
          [0, 10],
          [900, 250],
        ],
      },
      /200 mm deep, and 250 mm is wanted/,
    ],
  ])('%s are told by row or size', (_, { table }, said) => {
    const rows = table.map(([station, depth]) => ({ station: mm(station!), depth: mm(depth!) }));
    const it = thing(
      { kind: 'offsets', back: 'north', seen: 'in plan', curve: 'polyline', table: rows },
      1000,
      200,
      10,
    );
    const read = readPlan({ ...newPlan('A room'), things: [it] });
    expect(read.ok ? '' : read.issues[0]!.message).toMatch(said);
  });
});
