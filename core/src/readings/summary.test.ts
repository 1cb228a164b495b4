import { mean, sampleStandardDeviation } from 'simple-statistics';
import { airFindings } from '../report/air';
import { reportOf } from '../report/report';
import { buildScene } from '../plan/buildScene';
import { applyEdit } from '../plan/edit';
import { readPlan } from '../plan/readPlan';
import type { Plan } from '../plan/schema';
import { readingOf, uuid } from '../testing/readings/readingOf';
import { planOfDoor, rawPlanOfDoor } from '../testing/planOfDoor';
import type { Reading, ReadingLog } from './schema';
import { summarise } from './summary';
import { unitDoubt } from './unitDoubt';
import { MILLIMETRES } from '../length/units';

let n = 0;
const read = (of: string, mm: number, instrument: string | null = null, withdrawn = false): Reading => ({
  ...readingOf((n += 1), of, mm, instrument),
  withdrawn,
});
const [TAPE, METER] = [uuid(901), uuid(902)];
const log = (readings: Reading[], trusted = true): ReadingLog => ({
  instruments: [
    { id: TAPE, name: 'Tape', kind: 'tape', trusted },
    { id: METER, name: 'Meter', kind: 'distance meter', trusted: false },
  ],
  readings,
});

describe('what a log of readings comes to', () => {
  it('the smallest governs what a thing goes into, the largest what is covered, else the mean with its spread (simple-statistics)', () => {
    const values = [2400.5, 2397, 2399];
    const of = (rule: 'smallest' | 'largest' | 'mean') =>
      summarise(log(values.map((mm) => read('space/width', mm, TAPE))), () => rule).byDimension.get(
        'space/width',
      )!;
    expect([of('smallest').governs.mm, of('largest').governs.mm]).toEqual([2397, 2400.5]);
    expect(of('mean').governs.mm).toBeCloseTo(mean(values), 9);
    expect(of('mean').governs.sigma).toBeCloseTo(sampleStandardDeviation(values) / Math.sqrt(3), 9);
    expect(of('mean').governs.spread).toBeCloseTo(3.5, 9);
  });

  it('two tapes that differ by 4 mm over 2 m are caught, and the one that is not trusted is corrected', () => {
    const lengths = [300, 500, 800, 1200, 1600, 1800, 1900, 2000];
    const readings = lengths.flatMap((mm, i) => [
      read(`check/${i + 1}`, mm, TAPE),
      read(`check/${i + 1}`, mm * 1.002 + (i % 2 ? 0.1 : -0.1), METER),
    ]);
    const { comparison, byDimension } = summarise(
      log([...readings, read('space/width', 1803.6, METER)]),
      () => 'mean',
    );
    expect(comparison.disagreements).toHaveLength(1);
    expect(Math.abs(comparison.disagreements[0]!.off)).toBeCloseTo(4, 0);
    expect(byDimension.get('space/width')!.governs.mm).toBeCloseTo(1800, 0);
    expect(byDimension.get('space/width')!.readings[0]!.by).toBeLessThan(-3);
    // Without one to trust it is told all the same, neither is moved, and both are doubted by as much.
    const untrusted = summarise(
      log([...readings, read('space/width', 1803.6, METER), read('space/depth', 1803.6, TAPE)], false),
      () => 'mean',
    );
    expect(untrusted.comparison.disagreements).toHaveLength(1);
    expect(untrusted.comparison.fits).toEqual([]);
    for (const key of ['space/width', 'space/depth'])
      expect(untrusted.byDimension.get(key)!.readings[0]).toMatchObject({
        mm: 1803.6,
        by: 0,
        sigma: expect.closeTo(4, 0),
      });
  });

  it('two checks at 600 and 605 move nothing, and a meter that cannot read 605 is doubted', () => {
    const pair = (of: number, tape: number, meter: number) => [
      read(`check/${of}`, tape, TAPE),
      read(`check/${of}`, meter, METER),
    ];
    const width = (...checks: Reading[]) =>
      summarise(log([...checks, read('space/width', 3600, METER)]), () => 'mean').byDimension.get(
        'space/width',
      )!.governs;
    expect(width(...pair(1, 600, 599), ...pair(2, 605, 606)).mm).toBe(3600);
    // Once a slope of 0, by which 3600 was divided; now the doubt covers what was seen.
    const level = width(...pair(1, 600, 600), ...pair(2, 605, 600));
    expect(level.mm).toBe(3600);
    expect(2 * level.sigma).toBeGreaterThan(5);
  });

  it('what is taken back does not count, and a digit misread is told', () => {
    const one = summarise(
      log([read('space/width', 3172), read('space/width', 3127, null, true)]),
      () => 'mean',
    );
    expect(one.byDimension.get('space/width')!.slip).toBe(false);
    const two = summarise(log([read('space/width', 3172), read('space/width', 3072)]), () => 'mean');
    expect(two.byDimension.get('space/width')!.slip).toBe(true);
    // A centimetre at one place is a slip; from the top of a wall to its foot it may be the wall.
    const at = (mm: number, place: Reading['place']): Reading => ({
      ...read('space/width', mm, TAPE),
      place,
    });
    const slip = (...readings: Reading[]) =>
      summarise(log(readings), () => 'mean').byDimension.get('space/width')!.slip;
    expect([slip(at(3600, 'top'), at(3610, 'top')), slip(at(3600, 'top'), at(3610, 'bottom'))]).toEqual([
      true,
      false,
    ]);
  });

  it.each([
    [2.4, 2400, /is it in metres/],
    [240, 2400, /is it in centimetres/],
    [94.5, 2400, /is it in inches/],
    [2390, 2400, undefined],
    [3, 12, undefined],
  ])('%d mm of what the plan has as %d mm', (mm, drawn, said) => {
    const doubt = unitDoubt(mm, drawn, MILLIMETRES);
    if (said) expect(doubt).toMatch(said);
    else expect(doubt).toBeUndefined();
  });
});

describe('how well a dimension is known goes on into clearances', () => {
  const near = (measured: Plan['measured']) => {
    // The leaf's free edge at 90 degrees comes within 12 mm of the box before it: 10 are needed.
    const things = [{ x: 4990, y: 4408, z: 100, width: 60, depth: 20, height: 1000 }];
    const plan = planOfDoor({ gaps: { running: 1, around: 10 }, limit: 90, things });
    const edited = applyEdit(plan, {
      name: 'read',
      changes: [{ path: ['measured'], before: [], after: measured }],
    });
    if (!edited.ok) throw new Error(edited.issues[0]!.message);
    return reportOf(edited.plan);
  };
  const known = (sigma: number): Plan['measured'] => [
    { of: 'thing-0/y', mm: 4408, sigma, rule: 'mean', readings: 3 },
  ];

  it('a clearance that is enough as drawn is tight where two sigma eat it, and the sentence shows the sum', () => {
    const plain = near([]).parts[0]!;
    expect(plain.verdict).toBe('clear');
    const doubted = near(known(2)).parts[0]!;
    expect(doubted.verdict).toBe('tight');
    expect(doubted.findings[0]!.sentence).toMatch(/14 mm is needed, 4 mm of it for the readings/);
  });

  it('what no reading vouches for is told by what it could turn, and not once it is read', () => {
    const [first] = near([]).missing;
    expect(first).toMatchObject({
      item: 'thing-0',
      why: expect.stringMatching(/^may turn whether Leaf clears the thing 0/),
    });
    const again = near([
      ...known(0.2),
      { of: 'thing-0/depth', mm: 20, sigma: 0.2, rule: 'largest', readings: 1 },
    ]).missing;
    expect(again.find(({ key }) => key === 'thing-0/y')).toBeUndefined();
    expect(again[0]!.worth).toBeLessThan(first!.worth);
    // A number changed after it was read is to be read again.
    const drifted = near([{ of: 'thing-0/y', mm: 4400, sigma: 0.2, rule: 'mean', readings: 1 }]).missing;
    expect(drifted.find(({ key }) => key === 'thing-0/y')).toMatchObject({ drifted: true });
  });
});

describe('air that is spoken for', () => {
  const withThing = (thing: object) => {
    const raw = rawPlanOfDoor({}) as { things: object[] };
    const read = readPlan({ ...raw, things: [{ id: 'air', name: 'Air', ...thing }] });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    return airFindings(read.plan, buildScene(read.plan))[0]!;
  };
  const before = { x: 5000, y: 4000, z: 0, width: 600, depth: 990, height: 1900 };

  it('standing room before a door is free while it is shut, and taken by what stands in it', () => {
    expect(withThing({ ...before, kind: 'standing room' })).toMatchObject({ verdict: 'clear' });
    expect(withThing({ ...before, depth: 1010, kind: 'standing room' })).toMatchObject({
      verdict: 'hits',
      by: 'case',
    });
  });

  it('a hand reaches into the case with its door open, and not with it shut', () => {
    // A valve's place in the middle of the case, its walls 282 off on either side: from before it alone is there a way.
    const inside = { x: 5200, y: 5200, z: 700, width: 150, depth: 150, height: 150, kind: 'hand reach' };
    const reach = (open?: string) =>
      withThing({ ...inside, shape: { kind: 'reach', hand: 100, arm: 450, ...(open && { open }) } });
    expect(reach('door')).toMatchObject({
      verdict: 'clear',
      sentence: expect.stringMatching(/from the south with the leaf open/),
    });
    expect(reach()).toMatchObject({ verdict: 'hits' });
  });
});
