import fc from 'fast-check';
import { partsList } from '../make/partsList';
import { dividerChanges, dividerGrips } from '../plan/dividers';
import { applyEdit } from '../plan/edit';
import { dimensionsOf } from '../survey/dimensions';
import { reportOf } from '../report/report';
import { buildScene } from '../plan/buildScene';
import { massOf } from '../solid/mass';
import type { Convex } from '../solid/convex';
import { sumText } from '../sizing/sum';
import { MILLIMETRES } from '../length/units';
import { caseOf, doorOf, inBay, mm, placeIn, planWith, refusalOf } from '../testing/planWith';
import { real } from '../testing/real';
import { hingeOf, USUAL_FIT } from '../parts/door/fresh';
import { WHOLE } from './kinds';
import { faceAt } from './line';
import { mirrorCarcass } from './mirror';
import { baysOf, type Bay, type Carcass } from './schema';

const layoutOf = (carcass: Carcass) =>
  placeIn(planWith({ carcasses: [carcass] }), { mount: inBay('all', 'case') }).built.layout;
const opening = (carcass: Carcass, bay = 'all') => layoutOf(carcass).openings.get(bay)!;
const split = (way: 'uprights' | 'shelves', ...bays: Bay[]): Bay => ({
  ...WHOLE,
  split: { way, setback: mm(0), bays },
});
const bay = (id: string, other: Partial<Bay> = {}): Bay => ({ id, take: 'equal', read: {}, ...other });

describe('an opening', () => {
  it('is as wide as its carcass less both sides, with the sum', () => {
    const { width, height } = opening(caseOf());
    expect(sumText(width, MILLIMETRES)).toBe('carcass width 600 - two sides 2 x 18 = 564');
    expect(sumText(height, MILLIMETRES)).toBe('carcass height 720 - top and bottom 2 x 18 = 684');
  });

  it('is narrower by a lining, and by a face frame', () => {
    expect(opening(caseOf({ carries: { inside: mm(4), front: mm(0) } })).width.mm).toBe(556);
    const frame = {
      material: 'pine-20',
      left: mm(40),
      right: mm(50),
      top: mm(40),
      bottom: mm(40),
      between: mm(40),
    };
    expect(opening(caseOf({ frame })).width.mm).toBe(510);
    const { left, right } = opening(caseOf({ frame, bay: split('uprights', bay('a'), bay('b')) }), 'b');
    // Each bay is (564 - 18) / 2 = 273; the member of 40 stands 11 mm past the upright either side.
    expect([left.at, right.at]).toEqual([18 + 273 + 18 + 11, 550]);
    expect(left.cover).toBe(40);
  });

  it('is as wide as the narrowest place leaves it, where a side leans and bows', () => {
    // 4 mm in half-way up and 10 at the head: a square leaf sees the head.
    const leaning = caseOf({ sides: { left: { middle: mm(4), head: mm(10) }, right: null } });
    const { width, slack } = opening(leaning);
    expect(width.mm).toBeCloseTo(564 - 10 * (((702 - 360) / 360) * 0.6 + 0.4), 6);
    expect(slack.width).toBeGreaterThan(9);
    const bowed = caseOf({ sides: { left: null, right: { middle: mm(5), head: mm(0) } } });
    expect(opening(bowed).width.mm).toBeCloseTo(559, 9);
    expect(faceAt(layoutOf(bowed).right, 360)).toBeCloseTo(582 - 5, 9);
  });

  it('is as it was read, the least of its readings, once there are any; by the drawing for who sizes by that', () => {
    const read = caseOf({ bay: { ...WHOLE, read: { bottom: mm(563), top: mm(560.5), left: mm(683) } } });
    const { width, height, slack } = opening(read);
    expect(sumText(width, MILLIMETRES)).toBe('read at the top, the least 560.5 = 560.5');
    expect(height.mm).toBe(683);
    expect(slack.width).toBeCloseTo(2.5, 9);
    const plan = planWith({
      carcasses: [read],
      parts: [
        doorOf({ id: 'as-read', fit: USUAL_FIT.inset, hinge: hingeOf('butt', 'left') }),
        doorOf({
          id: 'as-drawn',
          fit: USUAL_FIT.inset,
          hinge: hingeOf('butt', 'left'),
          schools: { sizing: 'drawn' },
        }),
      ],
    });
    const widths = reportOf(plan).parts.map(({ id, main }) => [id, main!.cut!.width.mm]);
    expect(Object.fromEntries(widths)).toEqual({ 'as-read': 556.5, 'as-drawn': 560 });
  });

  it('can be read once it stands, and what was read is told with its doubt', () => {
    const plan = planWith({ parts: [doorOf({ fit: USUAL_FIT.inset })] });
    const dimension = dimensionsOf(plan).find(({ key }) => key === 'case/all.top')!;
    expect([dimension.name, dimension.mm, dimension.rule]).toEqual([
      'Case: opening, width at the top',
      564,
      'smallest',
    ]);
    const read = applyEdit(plan, {
      name: 'Take over',
      changes: [
        { path: [...dimension.path!], after: { mm: 562 } },
        {
          path: ['measured', 0],
          after: { of: dimension.key, mm: 562, sigma: 0.4, rule: 'smallest', readings: 2 },
        },
      ],
    });
    if (!read.ok) throw new Error(read.issues[0]!.message);
    expect(buildScene(read.plan).still.find(({ id }) => id === 'case')!.doubt).toBeCloseTo(0.8, 9);
    expect(reportOf(read.plan).parts[0]!.main!.cut!.width.mm).toBe(558);
  });
});

describe('the bays of a carcass', () => {
  const tree = (n: number, way: 'uprights' | 'shelves', fixed: number | undefined, inner: number): Bay =>
    split(
      way,
      ...Array.from({ length: n }, (_, i) =>
        bay(`b${i}`, {
          ...(i === 0 && fixed !== undefined && { take: 'fixed' as const, size: mm(fixed) }),
          ...(i === 1 &&
            inner > 1 && {
              split: {
                way: way === 'uprights' ? ('shelves' as const) : ('uprights' as const),
                setback: mm(5),
                bays: Array.from({ length: inner }, (_, k) => bay(`c${k}`)),
              },
            }),
        }),
      ),
    );

  it('fill its inside exactly with what stands between them, however they are split', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.constantFrom('uprights' as const, 'shelves' as const),
        fc.option(real(20, 90), { nil: undefined }),
        fc.integer({ min: 1, max: 4 }),
        (n, way, fixed, inner) => {
          const carcass = caseOf({ width: mm(1400), height: mm(1400), bay: tree(n, way, fixed, inner) });
          const { openings } = layoutOf(carcass);
          const own = carcass.bay.split!.bays.map(({ id }) => openings.get(id)!.inside);
          const sum = own.reduce(
            (total, { left, right, bottom, top }) =>
              total + (way === 'uprights' ? right - left : top - bottom),
            0,
          );
          expect(sum + (n - 1) * 18).toBeCloseTo(1400 - 36, 9);
          for (const { id } of baysOf(carcass.bay)) {
            const { width, height, left, right, top, bottom } = openings.get(id)!;
            expect(width.lines.reduce((total, { mm: one }) => total + one, 0)).toBeCloseTo(
              right.at - left.at,
              9,
            );
            expect(height.lines.reduce((total, { mm: one }) => total + one, 0)).toBeCloseTo(
              top.at - bottom.at,
              9,
            );
          }
        },
      ),
      { seed: 20261125, numRuns: 60 },
    );
  });

  it('mirrored twice are as they were, and mirrored once lie the other way round', () => {
    const carcass = caseOf({
      bay: tree(3, 'uprights', 80, 2),
      sides: { left: { middle: mm(1), head: mm(2) }, right: null },
    });
    expect(mirrorCarcass(mirrorCarcass(carcass))).toEqual(carcass);
    const [once, turned] = [layoutOf(carcass), layoutOf(mirrorCarcass(carcass))];
    for (const [id, { inside }] of once.openings) {
      const other = turned.openings.get(id)!.inside;
      expect(600 - other.right).toBeCloseTo(inside.left, 9);
      expect(600 - other.left).toBeCloseTo(inside.right, 9);
    }
  });

  it('give to one what the other loses when an upright is moved, and undo gives it back', () => {
    const plan = planWith({ carcasses: [caseOf({ bay: split('uprights', bay('a'), bay('b'), bay('c')) })] });
    const [first] = dividerGrips(plan, plan.carcasses[0]!);
    expect([first!.name, first!.way]).toEqual(['Upright 1', [1, 0, 0]]);
    const read = applyEdit(plan, { name: 'Move', changes: dividerChanges(plan, 'case', first!.id, 25) });
    if (!read.ok) throw new Error(read.issues[0]!.message);
    const wide = (id: string) => {
      const { left, right } = opening(read.plan.carcasses[0]!, id).inside;
      return right - left;
    };
    // (564 - 2 x 18) / 3 = 176 each before.
    expect([wide('a'), wide('b'), wide('c')]).toEqual([201, 151, 176]);
  });

  it('that cannot be are refused with the number that would do', () => {
    const refused = (...bays: Bay[]) =>
      refusalOf({ carcasses: [caseOf({ bay: split('uprights', ...bays) })] });
    expect(refused(bay('a', { take: 'fixed', size: mm(540) }), bay('b'))).toContain(
      'Together they may take at most 536 mm.',
    );
    expect(refused(bay('a', { take: 'rest' }), bay('b', { take: 'rest' }))).toContain(
      'Only one bay can take the rest',
    );
    expect(refused(bay('a'), bay('a'))).toContain('Two bays have the id “a”.');
  });
});

it('a carcass is as heavy in the scene as its pieces are cut, where nothing is let in', () => {
  // Volumes of the solids against length x width x thickness of the parts list: made two ways.
  const plan = planWith({ carcasses: [caseOf({ back: { material: 'ply-6', set: 'behind' } })] });
  const solids = buildScene(plan).still.filter(({ item }) => item === 'case');
  const volume = solids.reduce((sum, { pieces }) => sum + massOf(pieces as Convex[]).volume, 0);
  const cut = partsList(plan).reduce(
    (sum, { pieces, cut: { length, width, thick } }) => sum + pieces.length * length.mm * width.mm * thick.mm,
    0,
  );
  expect(volume).toBeCloseTo(cut, 3);
});
