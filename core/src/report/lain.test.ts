import fc from 'fast-check';
import { bedLainOn, type LaidBed } from '../parts/bed/lay';
import { newExisting } from '../plan/fresh';
import { partBuilt } from '../plan/place';
import type { Plan } from '../plan/schema';
import { USUAL_LEGS } from '../parts/bed/fresh';
import { bedOf, cabinetOf, ROPES, withBed, withSlats } from '../testing/partsOf';
import { mm, planWith, type Made } from '../testing/planWith';
import { told } from '../testing/told';
import type { Thing } from '../things/schema';

/** A cabinet at y 3000 that looks south, its bed from there out; what stands about it is put there by each. */
const bunk = (change: NonNullable<Made['change']> = (plan) => plan): Made => ({
  ...withBed('at the side'),
  change,
});
const boxes =
  (...at: readonly (readonly [x: number, y: number, z: number, w: number, d: number, h: number])[]) =>
  (plan: Plan): Plan => ({
    ...plan,
    things: at.map(([x, y, z, width, depth, height], i): Thing => ({
      id: `box-${i}`,
      name: `Box ${i}`,
      kind: 'box',
      x: mm(x),
      y: mm(y),
      z: mm(z),
      width: mm(width),
      depth: mm(depth),
      height: mm(height),
    })),
  });
const left = (made: Made) => /Down, (?:more than )?([\d.]+) mm is left before it(.*)\./.exec(told(made))!;

/** From where to where along the wall it is lain on. */
function lainAlong(): readonly [number, number] {
  const plan = planWith(bunk());
  const { laid } = partBuilt(plan, plan.parts[0]!)!;
  const { frame, x } = bedLainOn(laid as LaidBed);
  const [a, b] = x.map((at) => frame.toSpace([at, 0, 0])[0]) as [number, number];
  return [Math.min(a, b), Math.max(a, b)];
}

/** Its far edge: a panel up to 1229 less 208 to the pivot, which is 97 behind the front: 924 out of 3000. */
const EDGE = 2076;

describe('who gets up from a bed', () => {
  it('has what is left to the wall, and to what stands before it all along', () => {
    const open = left(bunk());
    expect(Number(open[1])).toBeCloseTo(EDGE, 0);
    expect(open[2]).toBe(' to the south wall to get up and walk by');
    const [, free, words] = left(bunk(boxes([2500, 1200, 0, 3500, 400, 800])));
    expect(Number(free)).toBeCloseTo(EDGE - 1600, 0);
    expect(words).toBe(' to the box 0 to get up and walk by; 600 mm is wanted');
  });

  it('gets up beside what stands before a part of it, if a stretch as broad as one walks is left', () => {
    // It is lain on from x 3150 to 5000 and some: a box before all but its last so many millimetres.
    const upTo = (x: number) => left(bunk(boxes([2500, 1100, 0, x - 2500, 500, 800])));
    expect(upTo(4300)[2]).toContain('the south wall');
    expect(upTo(4700)[2]).toContain('the box 0');
    // Between two boxes 700 apart, and not between two 500 apart.
    const between = (gap: number) =>
      left(bunk(boxes([2500, 1100, 0, 1000, 500, 800], [3500 + gap, 1100, 0, 2500, 500, 800])));
    expect(between(700)[2]).toContain('the south wall');
    expect(between(500)[2]).toContain('the box');
  });

  it('misses no stretch among many boxes: as much as the widest of all that begin every 10 mm', () => {
    // Boxes stand square: before a stretch is free what lies before the nearest of those that share some of it.
    const some = fc.array(
      fc.record({
        x: fc.integer({ min: 2500, max: 5200 }),
        w: fc.integer({ min: 40, max: 900 }),
        far: fc.integer({ min: 100, max: 1700 }),
      }),
      { minLength: 1, maxLength: 7 },
    );
    const [from, to] = lainAlong();
    fc.assert(
      fc.property(some, (all) => {
        const made = bunk(boxes(...all.map(({ x, w, far }) => [x, far - 60, 0, w, 60, 900] as const)));
        const free = Number(left(made)[1]);
        let widest = 0;
        for (let at = from; at + 600 <= to; at += 10) {
          const before = all
            .filter(({ x, w }) => x < at + 600 - 2 && x + w > at + 2)
            .map(({ far }) => EDGE - far);
          widest = Math.max(widest, Math.min(EDGE, ...before));
        }
        expect(free).toBeGreaterThan(widest - 2);
      }),
      { numRuns: 60 },
    );
  });

  it('steps over a rug and under what hangs high', () => {
    expect(left(bunk(boxes([2500, 500, 0, 3500, 1500, 90])))[2]).toContain('the south wall');
    expect(left(bunk(boxes([2500, 500, 1750, 3500, 1500, 90])))[2]).toContain('the south wall');
  });

  it('has what is free over it, to a slope and to another bunk that is down as well', () => {
    const over = (made: Made) => /Over who lies on it ([\d.]+) mm is free to (.*?)[.:;]/.exec(told(made))!;
    expect(over(bunk())[2]).toBe('the ceiling');
    const shelf = over(bunk(boxes([2500, 2500, 1200, 3500, 300, 20])));
    const top = Number(/one lies ([\d.]+) mm above/.exec(told(bunk()))![1]);
    expect(Number(shelf[1])).toBeCloseTo(1200 - top, 0);
    // Over each other: the lower one's room ends at the upper one's panels.
    const upper = cabinetOf('at the side', {
      id: 'upper',
      name: 'Upper case',
      z: mm(1250),
      stands: { on: 'the wall', rail: mm(80) },
    });
    const two: Made = {
      carcasses: [cabinetOf('at the side'), upper],
      parts: [
        bedOf('at the side'),
        {
          ...bedOf('at the side', { legs: USUAL_LEGS.none, stay: ROPES }),
          id: 'high',
          name: 'High bunk',
          mount: { on: 'bay', carcass: 'upper', bay: 'all' },
        },
      ],
    };
    const [, free, what] = over(two);
    expect(what).toContain('the high bunk');
    // Up to the pull under its panels, 35 of it: those are 1250 above the lower one's own, less what one lies above those.
    const own = Number(/its underside is ([\d.]+) mm above/.exec(told(bunk()))![1]);
    expect(Number(free)).toBeCloseTo(1250 + own - 35 - top, 0);
    expect(told(two)).toMatch(/one lies 1\d\d\d(\.\d)? mm above the floor.*a guard and a ladder/);
  });

  it('is told of a way out that opens no more with it down, and of none that does', () => {
    const door = (y: number) => (plan: Plan): Plan => ({
      ...plan,
      existing: [{ ...newExisting(plan, 'room door'), id: 'way', name: 'Way out', x: mm(5000), y: mm(y), faces: 'north', swings: 'into the room' } as unknown as Plan['existing'][number]],
    }); // prettier-ignore
    const said = (y: number) =>
      /With it down the way out opens to (\d+)°, and else to 90°(.*)\./.exec(told(bunk(door(y))));
    expect(said(0)).toBeNull();
    // A leaf of 762 from its pin comes so far before the bed as the sine says, its handle and its own thickness before it.
    const { width } = newExisting(planWith({}), 'room door') as { width: { mm: number } };
    const [, at, more] = said(1400)!;
    const bare = (Math.asin((EDGE - 1400) / width.mm) * 180) / Math.PI;
    expect(Number(at)).toBeLessThan(bare);
    expect(Number(at)).toBeGreaterThan(bare - 12);
    expect(more).toBe('');
    expect(said(1850)![2]).toContain('nobody gets out there in a fire');
  });
});

it('slats are got up from as a bed is: 280 out of a chest, and what lies on them 100 over them', () => {
  const [, , words] = left(withSlats({}));
  expect(words).toContain('to get up and walk by');
});
