import fc from 'fast-check';
import { real } from '../testing/real';
import { offersIn, taken } from '../testing/offersIn';
import { reportOf } from '../report/report';
import { demoJson, rawPlanOfDoor, planOfDoor, type DoorPlan } from '../testing/planOfDoor';
import { readPlanFile, writePlanFile } from '../formats/planFile';
import { applyEdit, inverse } from './edit';
import { type Edit } from '../item/change';
import { pathText } from '../item/issue';
import { readPlan } from './readPlan';

/** The sentences a raw plan is refused with, as `path: sentence`. */
function refusals(raw: unknown): string[] {
  const read = readPlan(raw);
  return read.ok ? [] : read.issues.map(({ path, message }) => `${pathText(path)}: ${message}`);
}

/** The demo with one field changed, by a path such as `parts.0.thickness`. */
function spoiled(path: string, value: unknown): unknown {
  const plan = demoJson() as unknown as Record<string, unknown>;
  const steps = path.split('.');
  const last = steps.pop()!;
  const holder = steps.reduce((at, step) => at[step] as Record<string, unknown>, plan);
  if (value === undefined) delete holder[last];
  else holder[last] = value;
  return plan;
}

describe('a plan file', () => {
  it('reads the demo job and writes it so that it reads back the same', () => {
    const read = readPlan(demoJson());
    expect(read.ok).toBe(true);
    if (!read.ok) return;
    expect(readPlanFile(writePlanFile(read.plan))).toEqual({
      ok: true,
      plan: read.plan,
      log: { readings: [], instruments: [] },
    });
  });

  it.each<[string, unknown, RegExp]>([
    ['parts.0.middle', -20, /^parts\[0\]\.middle: This cannot be less than 0\.$/],
    ['materials.0.nominal', 0, /^materials\[0\]\.nominal: This must be at least 0\.3 mm\.$/],
    ['space.width', 20_001, /^space\.width: This is over 20 m: is the unit right\?$/],
    ['space.width', null, /^space\.width: A length is a number of mm/],
    ['space.width', Number.NaN, /^space\.width: /],
    ['things.0.height', 0, /^things\[0\]\.height: This must be more than 0\.$/],
    ['title', undefined, /^title: This field is missing\.$/],
    ['parts.0.fit', undefined, /^parts\[0\]\.fit: This field is missing\.$/],
    ['version', 7, /^version: This file is of format version 7; this Tarnpass reads up to version 6\.$/],
    ['format', 'other', /^format: This is not a plan file/],
    [
      'parts.0.fit.hinge',
      -3,
      /^parts\[0\]\.fit\.hinge: The leaf cannot cover its opening: at the hinge edge it ends 3 mm short/,
    ],
    [
      'parts.1.fit.free',
      40,
      /^parts\[1\]\.fit\.free: The leaf cannot cover its opening: a gap of 40 mm at the free edge/,
    ],
    [
      'parts.0.carcass',
      'nowhere',
      /^parts\[0\]\.mount\.carcass: There is no carcass with the id “nowhere”\.$/,
    ],
    ['carcasses.1.id', 'locker', /^carcasses\[1\]\.id: Two items have the id “locker”\.$/],
    ['carcasses.0.sheet', 'oak', /^carcasses\[0\]\.sheet: There is no material “oak”\.$/],
    ['parts.0.leaf.material', 'oak', /^parts\[0\]\.leaf\.material: There is no material “oak”\.$/],
    [
      'parts.0.hinge.hardware',
      'cup-110',
      /^parts\[0\]\.hinge\.hardware: There is no butt hinge “cup-110”\.$/,
    ],
    ['parts.0.bay', 'b9', /^parts\[0\]\.mount\.bay: Its carcass has no bay “b9”\.$/],
    [
      'parts.0.handle.fromFree',
      590,
      /^parts\[0\]\.handle\.fromFree: The handle would stand off the leaf\. At most 572 mm will do\.$/,
    ],
    ['parts.0.limit', 0, /between 5 and 270 degrees/],
    ['extra', 1, /^extra: This field is not known here\.$/],
    ['parts.0.fit.hinge', { mm: 16, typed: '18', unit: 'mm' }, /does not read as the same length/],
  ])('with %s = %j is refused with its path and a sentence', (path, value, said) => {
    const found = refusals(spoiled(path, value));
    expect(found.some((line) => said.test(line)) ? 'said' : found).toBe('said');
  });

  it('refuses a hinge pin inside a wall, and says which', () => {
    // The overlay leaf's pin stands 5 mm outside its carcass's left edge; the carcass is moved to the east wall.
    expect(refusals(spoiled('carcasses.1.x', 3040))[0]).toMatch(
      /^parts\[0\]\.hinge\.pin: The hinge pin would stand inside the east wall/,
    );
  });

  it('tells lengths in the units of the plan', () => {
    const plan = spoiled('parts.0.hinge.ends', 1) as { units: unknown };
    plan.units = { system: 'in', step: 16 };
    expect(refusals(plan)[0]).toBe('parts[0].hinge.ends: This must be at least 13/16 in.');
    // 20 mm is 13/16 in less a hair: the most that is told must itself be taken.
    const gap = spoiled('parts.1.fit.free', 40) as { units: unknown };
    gap.units = { system: 'in', step: 16 };
    expect(refusals(gap)[0]).toMatch(/At most 3\/4 in will do\.$/);
  });

  it.each([
    ['', /the file is empty/],
    ['{"format": "tarnpass-plan",', /line 1|too early/],
    ['{\n  "format": oops\n}', /line 2, character 13|“o” where none can stand/],
    ['[]', /A plan is a JSON object/],
  ])('that is not a plan at all (%j) is refused with the place', (text, said) => {
    const read = readPlanFile(text);
    expect(read.ok ? '' : read.issues[0]!.message).toMatch(said);
  });
});

describe('an edit', () => {
  const demo = () => {
    const read = readPlan(demoJson());
    if (!read.ok) throw new Error('the demo must read');
    return read.plan;
  };
  const apply = (plan: ReturnType<typeof demo>, edit: Edit) => {
    const read = applyEdit(plan, edit);
    if (!read.ok) throw new Error(read.issues[0]!.message);
    return read.plan;
  };

  it('is taken back exactly by its inverse: set, put in, take out', () => {
    const plan = demo();
    const sill = plan.things[0]!;
    const edits: Edit[] = [
      { name: 'Opening limit', changes: [{ path: ['parts', 0, 'limit'], before: 115, after: 90 }] },
      { name: 'Take out the sill', changes: [{ path: ['things', 0], before: sill }] },
      {
        name: 'Take out two, one after the other',
        changes: [
          { path: ['things', 0], before: sill },
          { path: ['things', 0], before: plan.things[1] },
        ],
      },
      { name: 'Put in a box', changes: [{ path: ['things', 3], after: { ...sill, id: 'box-1' } }] },
      { name: 'No slope', changes: [{ path: ['space', 'slopes', 0], before: plan.space.slopes[0] }] },
    ];
    for (const edit of edits) {
      const after = apply(plan, edit);
      expect(after).not.toEqual(plan);
      expect(apply(after, inverse(edit))).toEqual(plan);
    }
  });

  it('leaves what it did not touch the very same objects, in whatever place of its list', () => {
    const read = readPlan(demoJson());
    if (!read.ok) throw new Error('the demo must read');
    const { plan } = read;
    const [first] = plan.things;
    const edited = applyEdit(plan, {
      name: 'Take out the first thing',
      changes: [{ path: ['things', 0], before: first }],
    });
    if (!edited.ok) throw new Error('it must be taken');
    expect(edited.plan.things[0]).toBe(plan.things[1]);
    expect(edited.plan.carcasses).toBe(plan.carcasses);
    expect(edited.plan.things).not.toBe(plan.things);
  });

  it('that cannot be built leaves the plan as it was and says why', () => {
    const plan = demo();
    const before = JSON.stringify(plan);
    const read = applyEdit(plan, {
      name: 'x',
      changes: [{ path: ['parts', 0, 'hinge', 'ends'], before: { mm: 120 }, after: { mm: 0 } }],
    });
    expect(read.ok ? '' : read.issues[0]!.message).toBe('This must be at least 20 mm.');
    expect(JSON.stringify(plan)).toBe(before);
  });
});

describe('a report', () => {
  it('names what the demo leaves meet, where, and a stop that clears them', () => {
    const read = readPlan(demoJson());
    if (!read.ok) throw new Error('the demo must read');
    const { answer, parts: all } = reportOf(read.plan);
    const parts = all.filter(({ main }) => main);
    expect(all.filter(({ main }) => !main).map(({ verdict }) => verdict)).toEqual(['clear', 'clear']);
    expect(answer.stands).toMatch(
      /^Both parts stop short: the handle of the locker leaf touches the window sill at 74°$/,
    );
    expect(parts.map(({ id, verdict }) => [id, verdict])).toEqual([
      ['locker-leaf', 'hits'],
      ['wardrobe-leaf', 'hits'],
    ]);
    expect(parts[1]!.findings[0]!.sentence).toBe(
      'Touches the roof slope at 93°, 22° short of full travel; pushed on it would go 126.1 mm deep.',
    );
    let mended = read.plan;
    for (let [next] = offersIn(mended); next?.offers[0]; [next] = offersIn(mended))
      mended = taken(mended, next.offers[0]);
    expect(reportOf(mended).parts.map(({ verdict }) => verdict)).not.toContain('hits');
  });

  it('may come as near a keep-clear zone as it likes, and not into it', () => {
    const at = (y: number) => {
      const thing = { x: 5100, y, z: 200, width: 200, depth: 100, height: 500, kind: 'keep-clear zone' };
      return reportOf(planOfDoor({ gaps: { running: 1, around: 10 }, things: [thing] })).parts[0]!;
    };
    // The leaf's free edge runs 560 out from its pin; nothing else stands near.
    expect(at(5000 - 563 - 100).verdict).toBe('clear');
    const { verdict, findings } = at(5000 - 400 - 100);
    expect(verdict).toBe('hits');
    expect(findings[0]!.sentence).toMatch(
      /^Enters the thing 0 at \d+°, \d+° short of full travel; it must stay clear\.$/,
    );
  });

  it('is checked as it will be: a thing to be removed is not in the way, one to come is', () => {
    const with_ = (state: string | undefined) => {
      const thing = {
        x: 5100,
        y: 4500,
        z: 200,
        width: 200,
        depth: 100,
        height: 500,
        ...(state && { state }),
      };
      return reportOf(planOfDoor({ things: [thing] })).answer.verdict;
    };
    expect([undefined, 'to come', 'to be removed'].map(with_)).toEqual(['hits', 'hits', 'clear']);
  });

  it('does not change when the whole job is mirrored: left hinges become right ones', () => {
    const drawn = fc.record({
      opening: real(250, 700),
      pin: real(0, 8),
      x: real(-700, 900),
      y: real(-700, -30),
      limit: fc.integer({ min: 60, max: 180 }),
    });
    fc.assert(
      fc.property(drawn, ({ opening, pin, x, y, limit }) => {
        const size = { width: 60, depth: 30, height: 500 };
        const shared: DoorPlan = { opening, pin, limit, knuckle: 'proud', gaps: { running: 1, around: 10 } };
        const middle = 5000 + (opening + 36) / 2;
        const thing = { x: 5000 + x, y: 5000 + y, z: 200, ...size };
        const raw = rawPlanOfDoor({ ...shared, side: 'left', things: [thing] });
        fc.pre(readPlan(raw).ok);
        const left = reportOf(planOfDoor({ ...shared, side: 'left', things: [thing] })).parts[0]!;
        const right = reportOf(
          planOfDoor({
            ...shared,
            side: 'right',
            things: [{ ...thing, x: 2 * middle - thing.x - size.width }],
          }),
        ).parts[0]!;
        expect(right.verdict).toBe(left.verdict);
        expect(right.check.usable).toBeCloseTo(left.check.usable, 5);
        expect(right.check.encounters.length).toBe(left.check.encounters.length);
      }),
      { seed: 20261125, numRuns: 60 },
    );
  });
});
