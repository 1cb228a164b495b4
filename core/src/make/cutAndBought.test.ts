import { usualCarcass } from '../carcass/kinds';
import { usualHardware } from '../hardware/generic';
import { INCHES } from '../length/units';
import { hingeOf, USUAL_FIT } from '../parts/door/fresh';
import { USUAL_BOX } from '../parts/kit/box/usual';
import { drawersOf } from '../parts/kit/drawn/bank';
import { bankOf } from '../parts/kit/drawn/usual';
import { USUAL_RUNS } from '../parts/kit/runs/usual';
import { USUAL_WAY } from '../parts/sliding/fresh';
import type { Drawer } from '../parts/drawer/schema';
import type { Shelf } from '../parts/shelf/schema';
import { newCarcass, newPart } from '../plan/fresh';
import { reportOf } from '../report/report';
import { drawerOf, slidingOf, withDrawer } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith, type Made } from '../testing/planWith';
import { hardwareNeeded, partsList, piecesOf } from './partsList';

const bought = (made: Made) =>
  Object.fromEntries(
    hardwareNeeded(planWith(made))
      .filter(({ kind }) => kind !== 'stud screw')
      .map(({ name, count }) => [name, count]),
  );
const line = (made: Made, name: string) => partsList(planWith(made)).find((one) => one.name === name)!;
const notesOf = (made: Made) =>
  reportOf(planWith(made)).notes.map(({ verdict, sentence }) => `${verdict}: ${sentence}`);
const shelfOf = (other: Partial<Shelf> = {}): Shelf => ({
  ...(newPart(planWith({}), 'shelf', caseOf()) as Shelf),
  ...other,
});

describe('what is bought', () => {
  it('the fixings of every case, alike ones together', () => {
    const fixing = { hardware: 'wall-plug', count: 3 };
    const plan = planWith({
      carcasses: [
        caseOf({ fixing }),
        caseOf({ id: 'b', name: 'B', x: mm(5000), fixing: { ...fixing, count: 4 } }),
      ],
    });
    expect(hardwareNeeded(plan).map(({ name, count }) => [name, count])).toEqual([
      ['Plug and screw 8 x 60 mm in masonry', 7],
    ]);
  });

  it('a hinge for each cup, slides in pairs, four pins a shelf, a pair of pivots a leaf', () => {
    // 5.2 kg on 717 mm: two cup hinges, common practice; three where 9.5 kg of it is mirror.
    const mirror = {
      ...doorOf().leaf,
      pane: { kind: 'mirror' as const, material: 'mirror-4', border: mm(0), rebate: mm(0) },
    };
    expect(bought({ parts: [doorOf({})] })).toEqual({ 'Cup hinge 35 mm, opens 110°': 2 });
    expect(bought({ parts: [doorOf({ leaf: mirror })] })).toEqual({ 'Cup hinge 35 mm, opens 110°': 3 });
    expect(bought({ parts: [doorOf({ leaves: 'pair' })] })).toEqual({ 'Cup hinge 35 mm, opens 110°': 4 });
    expect(
      bought({
        parts: [
          doorOf({ fit: USUAL_FIT.inset, hinge: { ...hingeOf('butt', 'left'), knuckle: 'let in' } as never }),
        ],
      }),
    ).toEqual({ 'Butt hinge 63 mm': 2 });
    expect(bought({ parts: [doorOf({ fit: USUAL_FIT.inset, hinge: hingeOf('pivot', 'left') })] })).toEqual({
      'Pair of pivots, 40 kg': 1,
    });
    expect(bought(withDrawer({ bank: bankOf('even', 3) }))).toEqual({
      'Bar handle': 3,
      'Side slides 250 to 700 mm, full travel: 450 mm': 3,
    });
    expect(bought({ parts: [shelfOf({ count: 3 })] })).toEqual({ 'Shelf pin': 12 });
    expect(bought({ parts: [shelfOf({ count: 3, held: 'screws in slots' })] })).toEqual({});
  });

  it('slides in lengths of inches for who works in inches, where they fit as well', () => {
    // 494 mm clear behind a front laid over the case: 18 in are 457, 20 are 508.
    const plan = planWith({
      carcasses: [caseOf({ z: mm(100) })],
      change: (one) => ({ ...one, units: INCHES }),
    });
    const drawer = newPart(plan, 'drawer', plan.carcasses[0]!) as Drawer;
    expect(drawer.runs).toMatchObject({ hardware: 'slide-full-in' });
    const [slides] = hardwareNeeded(
      planWith({
        carcasses: plan.carcasses as never,
        parts: [drawer],
        change: (one) => ({ ...one, units: INCHES }),
      }),
    ).filter(({ kind }) => kind === 'slide');
    expect([slides!.name, slides!.count]).toEqual(['Side slides 10 to 28 in, full travel: 18 in', 3]);
    expect(drawerOf().runs).toMatchObject({ hardware: 'slide-full' });
  });
});

describe('what is cut', () => {
  it('a leg is as thick as it is wide, whatever the sheet is', () => {
    const legs = line(
      { carcasses: [caseOf({ stands: { on: 'legs', height: mm(120), thick: mm(40) } })] },
      'Left front leg and 3 alike',
    );
    expect([legs.pieces.length, legs.cut.length.mm, legs.cut.width.mm, legs.cut.thick.mm]).toEqual([
      4, 120, 40, 40,
    ]);
    const table = line({ carcasses: [usualTable()] }, 'Left front leg and 3 alike');
    expect([table.cut.length.mm, table.cut.width.mm, table.cut.thick.mm]).toEqual([720, 60, 60]);
    // The rails between them are of the sheet.
    expect(line({ carcasses: [usualTable()] }, 'Front rail and back rail').cut.thick.mm).toBe(18);
  });

  it('solid wood is cut narrower than its place by what it may swell', () => {
    // 484 deep, pine, 4 points: 484 x 0.00212 x 4 = 4.1 mm (USDA Wood Handbook ch. 13, from memory).
    const { size, cut } = line({ parts: [shelfOf({ material: 'pine-20' })] }, 'Case shelf');
    expect(size.width.mm).toBe(484);
    expect(cut.width.mm).toBeCloseTo(484 - 484 * 0.00212 * 4, 9);
    expect(cut.length.mm).toBe(size.length.mm);
    // Sheet stays as it is.
    expect(line({ parts: [shelfOf({})] }, 'Case shelf').cut.width.mm).toBe(484);
  });

  it('packing is as thick as the case stands off, and on the side where it does', () => {
    // The right side leans 24 mm away at its head: what runs there is packed out on the right alone.
    const lean = { sides: { left: null, right: { middle: mm(-12), head: mm(-24) } } };
    const made = withDrawer({ bank: bankOf('even', 2) }, lean);
    const packed = partsList(planWith(made)).filter(({ name }) => name === 'Case drawers packing');
    const pieces = packed.flatMap((one) => one.pieces);
    expect(pieces.map(({ key }) => key).sort()).toEqual([
      'case-drawers-1.d1/ground/packing-right',
      'case-drawers-1.d2/ground/packing-right',
    ]);
    const thick = (key: string) => pieces.find((one) => one.key.includes(key))!.cut!.thick.mm;
    // In line from none at its foot to 24 mm at 720, less what it stands off at the bay's own foot, 18 up.
    for (const drawer of ['d1', 'd2'])
      expect(thick(drawer)).toBeCloseTo((24 * (slideMiddle(made, drawer) - 18)) / 720, 6);
    for (const { solids, key } of pieces)
      expect([key, Math.min(...solids[0]!.corners.filter((_, i) => i % 3 === 0)) > 3300]).toEqual([
        key,
        true,
      ]);
  });
});

/** Height of the middle of a drawer's slides above the foot of its case, mm. */
function slideMiddle(made: Made, drawer: string): number {
  const left = partsList(planWith(made))
    .flatMap(({ pieces }) => pieces)
    .find(({ key }) => key === 'case/left')!;
  const { length } = left.works.find(({ key }) => key.includes(`${drawer}/runs-left`))!.region;
  return (length[0] + length[1]) / 2;
}

const usualTable = () => ({
  ...usualCarcass('table frame', { id: 'case', name: 'Case', x: mm(3000), y: mm(3000), faces: 'south' }),
});

describe('what holds it', () => {
  it('a track is tight from four fifths of what it carries', () => {
    // A panel of 624 x 724 of 6 mm ply at 680 kg/m3: 564 + 2 x 30 by 684 + 30 + 10.
    const mass = 0.624 * 0.724 * 0.006 * 680;
    const at = (rating: number) =>
      notesOf({ parts: [{ ...slidingOf(), way: { ...USUAL_WAY.hung, rating }, pull: null }] }).find((one) =>
        one.includes('its track carries'),
      )!;
    expect(at(mass / 0.81)).toMatch(/^tight/);
    expect(at(mass / 0.79)).toMatch(/^clear/);
    expect(at(mass / 1.01)).toMatch(/^hits/);
  });

  it('slides are held to the heaviest drawer of the bank, and tight from four fifths of what they carry', () => {
    // Butt joints and a bottom under the box: all that is cut is there, by its finished sizes.
    const bank = { kind: 'typed' as const, drawers: drawersOf(2), fronts: [mm(150)] };
    const box = { ...USUAL_BOX, bottom: { kind: 'under' as const, material: 'ply-6' } };
    const own =
      (rating: number): NonNullable<Made['change']> =>
      (plan) => ({
        ...plan,
        hardware: [
          usualHardware('slide', 'own', 'Slides', { length: 700, travel: 700, shortest: 250, rating }),
        ],
      });
    const made = (rating: number): Made => ({
      ...withDrawer({
        bank,
        box,
        handle: null,
        contents: { set: 'side by side', items: [], load: 4 },
        runs: { ...USUAL_RUNS['side slides'], hardware: 'own' },
      }),
      change: own(rating),
    });
    const plan = planWith(made(45));
    const kgOf = (drawer: string) =>
      piecesOf(plan)
        .flatMap(({ pieces }) => pieces)
        .filter(({ key, is }) => is === 'cut' && key.startsWith(`${plan.parts[0]!.id}.${drawer}/`))
        .reduce((sum, { size, stock }) => {
          const { density } = plan.materials.find(({ id }) => id === stock!.material)!;
          return sum + size!.length.mm * size!.width.mm * size!.thick.mm * density * 1e-9;
        }, 4);
    expect(kgOf('d1')).toBeLessThan(kgOf('d2') - 1);
    const at = (rating: number) => notesOf(made(rating)).find((one) => one.includes('carries'))!;
    const mass = kgOf('d2');
    expect(at(45)).toContain(
      `The heaviest, the top drawer of the case drawers, weighs ${Math.round(mass)} kg`,
    );
    expect(at(mass / 0.81)).toMatch(/^tight/);
    expect(at(mass / 0.79)).toMatch(/^clear/);
    expect(at(mass / 1.01)).toMatch(/^hits/);
  });
});

describe('what comes next', () => {
  it('a new carcass stands a hand west of the westmost of those that face north', () => {
    const first = newCarcass(planWith({ carcasses: [] }));
    const plan = planWith({ carcasses: [{ ...first, x: mm(5000) }] });
    // Facing north its left corner is its eastern one: 5000 less its width, less 100.
    expect(newCarcass(plan).x.mm).toBe(5000 - first.width.mm - 100);
    expect(first.x.mm).toBe((8000 + first.width.mm) / 2);
  });

  it('nothing is cut before what nobody confirmed was measured', () => {
    const carcasses = [
      caseOf({ stands: { on: 'a plinth', height: mm(100), setback: mm(40) }, height: mm(820) }),
    ];
    const measured = (plan: Parameters<NonNullable<Made['change']>>[0]) => ({
      ...plan,
      materials: plan.materials.map((one) => ({ ...one, measured: one.nominal })),
      hardware: [],
    });
    const next = (made: Made) => reportOf(planWith(made)).answer.next;
    expect(next({ carcasses, parts: [doorOf({ limit: 90 })] })).toBe(
      'measure how thick the birch plywood 18 mm is before you cut',
    );
    expect(next({ carcasses, parts: [doorOf({ limit: 90 })], change: measured })).toBe(
      'hold the cup hinge 35 mm, opens 110° against its maker’s sheet before you cut',
    );
    const held = { ...usualHardware('cup hinge', 'cup-110', 'Mine'), confirmed: true };
    // Fixed to nothing, and low enough to stand by itself, with a load that somebody typed.
    const sure: NonNullable<Made['change']> = (plan) => ({
      ...measured(plan),
      hardware: [held],
      carcasses: plan.carcasses.map((one) => ({ ...one, fixing: null, load: 10, height: mm(680) })),
    });
    expect(next({ carcasses, parts: [doorOf({ limit: 90 })], change: sure })).toBe(
      'measure the opening once more before you cut the leaf',
    );
  });
});
