import fc from 'fast-check';
import { formatLength } from '../../length/formatLength';
import { parseLength } from '../../length/parseLength';
import { usualHardware } from '../../hardware/generic';
import { partsList, piecesOf } from '../../make/partsList';
import type { Material } from '../../material/schema';
import { partBuilt } from '../../plan/place';
import { reportOf } from '../../report/report';
import { drawerOf, withDrawer } from '../../testing/partsOf';
import { caseOf, FRAME, mm, planWith, refusalOf, type Made, inBay } from '../../testing/planWith';
import { USUAL_BOX, USUAL_JOINT } from '../kit/box/usual';
import { cableNeeds, squareWay } from '../kit/contents/cable';
import { bankOf, USUAL_DRAWN_FIT } from '../kit/drawn/usual';
import { drawersOf, frontHeights } from '../kit/drawn/bank';
import type { LaidDrawn } from '../kit/drawn/lay';
import { edgeLoad, kicked } from '../kit/runs/runs';
import { racking } from '../pullout/advice';
import { lengthsOf, longestThatFits, tipping, travelOf } from '../kit/runs/runs';
import { USUAL_RUNS } from '../kit/runs/usual';
import type { Drawer } from './schema';

const inch = (text: string) => {
  const read = parseLength(text, 'in');
  if (!read.ok) throw new Error(read.message);
  return { mm: read.mm, typed: text, unit: 'in' as const };
};
const inches = (value: number) => formatLength(value, { system: 'in', step: 32 });
const sheet = (id: string, thickness: { readonly mm: number }): Material => ({
  id,
  name: id,
  kind: 'sheet',
  nominal: thickness,
  measured: thickness,
  density: 680,
});
/** A case whose opening is so wide: sides of 18 mm. */
const opening = (wide: { readonly mm: number }) => ({ width: mm(wide.mm + 36) });
const laidOf = (made: Made) => {
  const plan = planWith(made);
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidDrawn;
};
const cut = (made: Made, name: string) => partsList(planWith(made)).find((piece) => piece.name === name)!;
const stock =
  (...materials: Material[]): NonNullable<Made['change']> =>
  (plan) => ({ ...plan, materials: [...plan.materials, ...materials] });

describe('slides and boxes', () => {
  it('side-mounted: 1/2 in each side, so that an opening of 19 1/2 in takes a box of 18 1/2 in', () => {
    // Common practice, no single source; total +0.8 -0 mm is the slide's own datum.
    const { width, slide } = laidOf(withDrawer({}, opening(inch('19 1/2'))));
    expect(inches(width)).toBe('18 1/2');
    expect(slide).toMatchObject({ side: 12.7, over: 0.8 });
  });

  it('under-mounted: a box of 16 mm sides is about 10 mm less than its opening outside, its bottom 12 to 13 mm up', () => {
    // Common practice, no single source; hardware data.
    const box = { ...USUAL_BOX, material: 'ply-16' };
    const made = withDrawer({ box, runs: USUAL_RUNS['under slides'] });
    const { width, slide } = laidOf({ ...made, change: stock(sheet('ply-16', mm(16))) });
    expect(width).toBeCloseTo(564 - 10, 9);
    expect(slide).toMatchObject({ recess: 12.5, sidesTo: 16 });
  });

  it('ends between sides of 5/8 in in a box of 18 1/2 in are 17 1/4 in; of real 23/32 in sheet 17 1/16 in', () => {
    // Derived: 18 1/2 less two sides.
    const box = (thick: string): Made => ({
      ...withDrawer(
        {
          box: { ...USUAL_BOX, material: 'side' },
          front: { made: 'applied', material: 'ply-18', banding: mm(0), screw: mm(30) },
        },
        opening(inch('19 1/2')),
      ),
      change: stock(sheet('side', inch(thick))),
    });
    expect(inches(cut(box('5/8'), 'Case drawers box, end').cut.length.mm)).toBe('17 1/4');
    expect(inches(cut(box('23/32'), 'Case drawers box, end').cut.length.mm)).toBe('17 1/16');
  });

  it.each([
    ['21 5/8', 2, '10 13/16'],
    ['4 3/4', 2, '2 3/8'],
    ['10 1/2', 3, '3 1/2'],
  ])('%s shared by %i is %s', (whole, count, each) => {
    // Derived.
    for (const height of frontHeights(bankOf('even', count), inch(whole).mm))
      expect(inches(height)).toBe(each);
  });

  it('slides come 250 to 700 by 50 mm and 10 to 28 by 2 in, and the longest that fits is taken', () => {
    // Common practice, no single source.
    const metric = laidOf(withDrawer({})).slide!;
    expect(lengthsOf(metric)).toEqual([700, 650, 600, 550, 500, 450, 400, 350, 300, 250]);
    const inchSlide = laidOf(
      withDrawer({ runs: { ...USUAL_RUNS['side slides'], hardware: 'slide-full-in' } }),
    ).slide!;
    expect(lengthsOf(inchSlide).map(inches)).toEqual([
      '28',
      '26',
      '24',
      '22',
      '20',
      '18',
      '16',
      '14',
      '12',
      '10',
    ]);
    // Not over clear depth less an inset front less push travel: 494 clear, 18 of front, 3 to push.
    const inset = withDrawer({ fit: USUAL_DRAWN_FIT.inset, closing: 'push-to-open' });
    expect(laidOf(inset)).toMatchObject({ room: 494 - 18 - 3, length: 450, push: 3 });
    fc.assert(
      fc.property(fc.double({ min: 250, max: 900, noNaN: true }), (room) => {
        const length = longestThatFits(metric, room)!;
        expect(length).toBeLessThanOrEqual(room + 1e-9);
        expect(length === 700 || length + 50 > room).toBe(true);
      }),
    );
  });

  it('three-quarter, full and over-travel slides come out by that share of any length', () => {
    const travel = (hardware: string) => {
      const { slide, length } = laidOf(withDrawer({ runs: { ...USUAL_RUNS['side slides'], hardware } }));
      return travelOf(slide!, length!) / length!;
    };
    expect(['slide-part', 'slide-full', 'slide-over'].map(travel)).toEqual([0.75, 1, 1.05]);
  });

  it('an inset front of a dressed 1x10 in 9 1/2 in, and of a 1x4 in 3 3/4 in, leaves 1/4 in in all', () => {
    // PS 20, from memory: 1x10 is 9 1/4 in wide, 1x4 3 1/2 in. Derived.
    const gap = inch('1/8');
    for (const [high, front] of [
      ['9 1/2', '9 1/4'],
      ['3 3/4', '3 1/2'],
    ] as const) {
      const made = withDrawer(
        {
          fit: { ...USUAL_DRAWN_FIT.inset, top: gap, bottom: gap },
          box: { ...USUAL_BOX, under: mm(3), above: mm(5) },
          runs: { ...USUAL_RUNS['side slides'], up: mm(0) },
        },
        { height: mm(inch(high).mm + 36) },
      );
      expect(inches(laidOf(made).heights[0]!)).toBe(front);
    }
  });

  it('a wooden runner is free by 3/16 in in all for a rough drawer, 1 to 2 mm a side for a fine one', () => {
    // Common practice, no single source.
    const runs = { ...USUAL_RUNS['wooden runners'], play: mm(inch('3/16').mm / 2) };
    expect(564 - laidOf(withDrawer({ runs })).width).toBeCloseTo(inch('3/16').mm, 9);
    expect(USUAL_RUNS['wooden runners'].play.mm).toBeGreaterThanOrEqual(1);
    expect(USUAL_RUNS['wooden runners'].play.mm).toBeLessThanOrEqual(2);
  });

  it('behind a rail of 1 1/2 in the place of a box begins 3/4 in over a bottom of 3/4 in sheet, and 1/32 in more over real 23/32 in', () => {
    // Derived: what the bottom must be raised by to be flush with the rail.
    const raise = (thick: string) => {
      const rail = inch('1 1/2');
      const on = { frame: { ...FRAME, bottom: rail }, sheet: 'case' };
      const { drawers, opening: open } = laidOf({
        ...withDrawer({ fit: USUAL_DRAWN_FIT.none }, on),
        change: stock(sheet('case', inch(thick))),
      });
      return inches(drawers[0]!.place[0] - open.inside.bottom);
    };
    expect([raise('3/4'), raise('23/32')]).toEqual(['3/4', '25/32']);
  });

  it('a handle with holes 3 3/4 in apart on a front of 17 in stands 6 5/8 in from each end', () => {
    // Derived. 17 in of front over sides of 18 mm, with even gaps of 3 mm.
    const made = withDrawer(
      { handle: { kind: 'bar', projection: mm(35), width: mm(110), height: mm(12), holes: inch('3 3/4') } },
      { width: mm(17 * 25.4 + 3) },
    );
    const plan = planWith({ ...made, change: (one) => ({ ...one, units: { system: 'in', step: 32 } }) });
    expect(
      piecesOf(plan)
        .flatMap(({ pieces }) => pieces)
        .find(({ role }) => role === 'front')!
        .works.filter(({ words }) => words === 'the handle')
        .map(({ region: { width } }) => (width[0] + width[1]) / 2 / 25.4),
    ).toEqual([6.625, 17 - 6.625].map((at) => expect.closeTo(at, 9)));
  });

  it('a 5/8 in screw through 1/16 in of metal bites 9/16 in; a 1 in screw through two layers of 1/2 in comes out', () => {
    // Derived.
    const box = { ...USUAL_BOX, material: 'half' };
    const runs = { ...USUAL_RUNS['side slides'], hardware: 'thin', screw: inch('5/8') };
    const change: NonNullable<Made['change']> = (plan) => ({
      ...stock(sheet('half', inch('1/2')), sheet('thick', inch('3/4')))(plan),
      hardware: [{ ...usualHardware('slide', 'thin', 'Thin'), metal: inch('1/16').mm } as never],
      units: { system: 'in', step: 32 },
    });
    const thick = { ...withDrawer({ box: { ...box, material: 'thick' }, runs }), change };
    expect(reportOf(planWith(thick)).notes.map(({ sentence }) => sentence)).toContainEqual(
      expect.stringContaining('Its screws bite 9/16 in into the box'),
    );
    const front = { made: 'applied', material: 'half', banding: mm(0), screw: inch('1') } as const;
    expect(refusalOf({ ...withDrawer({ box, front, runs: { ...runs, screw: mm(10) } }), change })).toContain(
      'A screw of 1 in comes out of the front: box and front are 1 in together. Less than 1 in will do.',
    );
  });

  it('screws keep off the groove of the bottom, and do not come out of the case', () => {
    const notes = (up: number) =>
      reportOf(planWith(withDrawer({ runs: { ...USUAL_RUNS['side slides'], up: mm(up) } })))
        .notes.map(({ sentence }) => sentence)
        .join();
    // 45 high at 0: its middle is 22.5 up, the groove 13: 9.5 between them; at 1 above 10 it keeps off.
    expect(notes(0)).toContain(
      'Its screws come upon the groove of its bottom: 22.5 mm up, and the groove is at 13 mm. Slides 0.5 mm higher will do.',
    );
    expect(notes(1)).not.toContain('come upon the groove');
    const thick = {
      ...withDrawer(
        {
          box: { ...USUAL_BOX, material: 'side' },
          runs: { ...USUAL_RUNS['side slides'], screw: mm(20) },
          front: { made: 'applied', material: 'ply-18', banding: mm(0), screw: mm(30) },
        },
        { sheet: 'thin', back: { material: 'ply-6', set: 'between' } },
      ),
      change: stock(sheet('side', mm(25)), sheet('thin', mm(15))),
    };
    expect(refusalOf(thick)).toContain(
      'A screw of 20 mm comes out through the side of the case: 1.6 mm of metal and 15 mm of side. At most 16.6 mm will do.',
    );
  });

  it('a case read narrower within than at its front takes a box so much narrower, packed out at the front', () => {
    const read = { ...caseOf().bay, read: { bottom: mm(564), deep: mm(560) } };
    const { width, drawers } = laidOf(withDrawer({}, { bay: read }));
    expect(width).toBeCloseTo(560 - 25.4, 9);
    expect(drawers[0]!.packing).toEqual({ left: 2, right: 2 });
  });

  it('knees want 610 mm under a drawer that hangs below a table', () => {
    // Common practice, no single source. It hangs under rails of 90 below a top at 720: 720 - 90 - 100 is left.
    const said = reportOf(
      planWith({
        carcasses: [caseOf({ kind: 'table frame', height: mm(720) })],
        parts: [
          drawerOf({
            mount: inBay('all', 'case'),
            fit: { kind: 'none', setback: mm(0) },
            handle: null,
            box: { ...USUAL_BOX, height: mm(100), under: mm(500), above: mm(0) },
          }),
        ],
      }),
    )
      .notes.map(({ sentence }) => sentence)
      .join();
    expect(said).toContain('Knees have 530 mm under it; 610 mm is wanted to sit at it: 80 mm more.');
  });

  it('joints change what is cut: the ends go into the sides, or over their ends', () => {
    // Derived: 538.6 wide, sides of 12; 450 deep.
    const pieces = (joint: Drawer['box']['joint']) => {
      const made = withDrawer({ box: { ...USUAL_BOX, joint } });
      return [
        cut(made, 'Case drawers box, end').cut.length.mm,
        cut(made, 'Case drawers box, side').cut.length.mm,
      ].map((one) => Math.round(one * 1e6) / 1e6);
    };
    expect(pieces(USUAL_JOINT.butt)).toEqual([514.6, 450]);
    expect(pieces({ kind: 'housed', deep: mm(4) })).toEqual([522.6, 450]);
    expect(pieces({ kind: 'lock', deep: mm(6), lip: mm(5) })).toEqual([538.6, 440]);
  });
});

describe('what holds a drawer', () => {
  it('tips on plain runners as soon as its moments turn about their front end', () => {
    // Derived by moments: lumps of weight in front of the bearer outweigh those behind it.
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: 0.1, max: 9, noNaN: true }),
            fc.double({ min: 0, max: 500, noNaN: true }),
          ),
          { minLength: 1, maxLength: 6 },
        ),
        fc.double({ min: 1, max: 499, noNaN: true }),
        (lumps, travel) => {
          const mass = lumps.reduce((sum, [kg]) => sum + kg, 0);
          const centre = lumps.reduce((sum, [kg, y]) => sum + kg * y, 0) / mass;
          const moment = lumps.reduce((sum, [kg, y]) => sum + kg * (travel - y), 0);
          fc.pre(Math.abs(moment) > 1e-6);
          expect(tipping({ mass, centre }, travel).past > 0).toBe(moment > 0);
        },
      ),
    );
    // An even box alone tips once more than half of it is out.
    expect(tipping({ mass: 5, centre: 200 }, 201).past).toBeGreaterThan(0);
    expect(tipping({ mass: 5, centre: 200 }, 199).past).toBeLessThan(0);
  });

  it('a strip over the tail is pressed by the weight’s own moment over the way to it', () => {
    // 6 kg, the middle 220 behind the front end, out 350 of a box 450 deep: 130 before the runners, 100 of tail.
    const { press, droop } = kicked({ mass: 6, centre: 220 }, 350, 100, 2);
    expect(press).toBeCloseTo((6 * 9.80665 * 130) / 100, 9);
    expect(droop).toBeCloseTo((2 * 350) / 100, 12);
    // What is still over its runners presses no strip.
    expect(kicked({ mass: 6, centre: 220 }, 200, 250, 2).press).toBe(0);
  });

  it('half the rated load is left at the outer edge of a full-travel slide, by moments about the case', () => {
    // Derived: R at half the depth out, P at all of it.
    expect(edgeLoad(40, 450, 450)).toBeCloseTo(20, 12);
    expect(edgeLoad(40, 300, 450) * 300).toBeCloseTo(40 * (300 - 225), 9);
  });

  it('racks by the play of its slides over the way between them', () => {
    // Derived: similar triangles.
    expect(racking(0.5, 1500, 250, 500)).toEqual({ aside: 3, forth: 1.5 });
  });

  it('a cable is as long as the way its ends and its bends make it', () => {
    // Dubins 1957: the way is put together here from a turn, a straight and the turn back, and found again.
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 1.4, noNaN: true }),
        fc.double({ min: 1, max: 800, noNaN: true }),
        fc.double({ min: 1, max: 60, noNaN: true }),
        (turn, straight, bend) => {
          const on = 2 * bend * Math.sin(turn) + straight * Math.cos(turn);
          const across = 2 * bend * (1 - Math.cos(turn)) + straight * Math.sin(turn);
          expect(squareWay(on, across, bend)).toBeCloseTo(straight + 2 * bend * turn, 6);
        },
      ),
    );
    expect(cableNeeds({ thick: 7, bend: 0 }, { across: 30, behind: 0, travel: 40 }).length).toBeCloseTo(
      50,
      9,
    );
  });
});

describe('whatever bank can be built', () => {
  it('fills its opening exactly with the gaps asked for, and no size of it is negative or no number', () => {
    const bank = fc.oneof(
      fc.integer({ min: 1, max: 12 }).map((count) => bankOf('even', count)),
      fc.record({
        kind: fc.constant('graduated' as const),
        drawers: fc.integer({ min: 1, max: 8 }).map((count) => drawersOf(count)),
        step: fc.double({ min: 0, max: 60, noNaN: true }).map(mm),
      }),
      fc
        .record({
          kind: fc.constant('typed' as const),
          fronts: fc.array(fc.double({ min: 30, max: 400, noNaN: true }).map(mm), {
            minLength: 1,
            maxLength: 5,
          }),
        })
        .map((typed) => ({ ...typed, drawers: drawersOf(typed.fronts.length + 1) })),
    );
    const fit = fc.oneof(
      fc.double({ min: 0, max: 30, noNaN: true }).map((gap) => ({ kind: 'even' as const, gap: mm(gap) })),
      fc
        .double({ min: 0, max: 15, noNaN: true })
        .map((gap) => ({ ...USUAL_DRAWN_FIT.inset, sides: mm(gap), between: mm(gap) })),
      fc
        .double({ min: 1, max: 18, noNaN: true })
        .map((over) => ({ ...USUAL_DRAWN_FIT.overlay, sides: mm(over) })),
    );
    const runs = fc.constantFrom(...Object.values(USUAL_RUNS));
    const width = fc.double({ min: 200, max: 1200, noNaN: true });
    let built = 0;
    fc.assert(
      fc.property(
        bank,
        fit,
        runs,
        width,
        fc.double({ min: 300, max: 2000, noNaN: true }),
        (shared, closing, on, wide, high) => {
          const made = withDrawer(
            { bank: shared, fit: closing, runs: on, handle: null },
            { width: mm(wide), height: mm(high) },
          );
          if (refusalOf(made) !== '') return;
          built += 1;
          const { heights, between, over, opening: open, drawers } = laidOf(made);
          const sum = heights.reduce((all, one) => all + one, 0) + (heights.length - 1) * between;
          expect(sum).toBeCloseTo(open.top.at + over.top - open.bottom.at + over.bottom, 6);
          drawers
            .slice(1)
            .forEach((one, i) => expect(one.front!.z[0] - drawers[i]!.front!.z[1]).toBeCloseTo(between, 6));
          for (const { size, cut: sawn } of partsList(planWith(made)))
            for (const one of [...Object.values(size), ...Object.values(sawn)])
              expect(one.mm).toBeGreaterThan(0);
        },
      ),
      { numRuns: 150 },
    );
    expect(built).toBeGreaterThan(25);
  });

  it('is the same in other units', () => {
    const made = {
      ...withDrawer({ box: { ...USUAL_BOX, notch: { width: mm(100), depth: mm(120), left: mm(60) } } }),
    };
    const verdicts = (one: Made) =>
      reportOf(planWith(one)).parts.map(({ verdict, check }) => [verdict, check.usable]);
    expect(verdicts({ ...made, change: (plan) => ({ ...plan, units: { system: 'in', step: 32 } }) })).toEqual(
      verdicts(made),
    );
  });
});
