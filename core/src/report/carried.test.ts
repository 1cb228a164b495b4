import type { Carries } from '../space/carries';
import { withBed, withPlatform, withSlats } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith, type Made } from '../testing/planWith';
import { told } from '../testing/told';
import { axleShares, builtWeight, lieWith } from './carried';

const VEHICLE = {
  kind: 'vehicle',
  forward: 'north',
  front: { at: mm(4000), spare: 100 },
  rear: { at: mm(1000), spare: 200 },
} as const;
const BOAT = {
  kind: 'boat',
  forward: 'north',
  long: mm(15_000),
  broad: mm(2000),
  middle: { x: mm(1000), y: mm(5000) },
  water: 'salt',
  weighs: 15_000,
  spare: 1000,
} as const;
const at = (kg: number, x: number, y: number) => ({ kg, centre: [x, y, 0] as const });
const carriedIn = (made: Made, carries: Carries): Made => ({
  ...made,
  change: (plan) => ({ ...plan, space: { ...plan.space, carries } }),
});

describe('what a job weighs', () => {
  it('is its boards by hand: a case of 18 mm plywood with its door', () => {
    // Sides 720 x 500, top and bottom 564 x 500, 680 kg a cubic metre; its back and the door are what the parts list has.
    const plan = planWith({ carcasses: [caseOf({ back: null })], parts: [doorOf()] });
    const boards = (2 * 720 * 500 + 2 * 564 * 500) * 18 * 680e-9;
    const bare = builtWeight(planWith({ carcasses: [caseOf({ back: null })] }));
    expect(bare.kg).toBeCloseTo(boards, 1);
    // Its rails across its head and foot aside, its middle is that of the box.
    expect(bare.centre[0]).toBeCloseTo(3300, 0);
    // An even gap of 3 all round: 594 x 714.
    expect(builtWeight(plan).kg - bare.kg).toBeGreaterThan(594 * 714 * 18 * 680e-9);
    expect(builtWeight(plan).kg - bare.kg).toBeLessThan(594 * 714 * 18 * 680e-9 + 0.5);
  });

  it('counts each piece once, and no person', () => {
    for (const made of [withBed('at the end'), withPlatform({}), withSlats({})]) {
      const [whole, bare] = [planWith(made), planWith({ carcasses: made.carcasses! })].map(builtWeight);
      expect(whole!.kg - bare!.kg).toBeGreaterThan(5);
      expect(whole!.kg - bare!.kg).toBeLessThan(110);
    }
    const [legged, hung] = ['by hand', 'none'].map((kind) =>
      builtWeight(planWith(withBed('at the side', kind === 'none' ? { legs: { kind } } : {}))),
    );
    // Without its legs it is lighter: nobody sits on it here.
    expect(hung!.kg).toBeLessThan(legged!.kg);
  });
});

describe('what it weighs in a vehicle', () => {
  it('is shared by its axles as a beam on two supports: W a / l', () => {
    expect(axleShares(VEHICLE, at(300, 0, 1000))).toEqual({ front: 0, rear: 300 });
    expect(axleShares(VEHICLE, at(300, 0, 1750))).toEqual({ front: 75, rear: 225 });
    // Behind the rear axle it lifts the front: 300 x 500 / 3000.
    expect(axleShares(VEHICLE, at(300, 0, 500))).toEqual({ front: -50, rear: 350 });
    // Along the way it goes, whichever that is.
    expect(axleShares({ ...VEHICLE, forward: 'east' }, at(300, 1750, 0))).toEqual({ front: 75, rear: 225 });
  });

  it('is held against what each may still bear', () => {
    // A bed of some 81 kg and its cabinet at y 3000 and on: well over half of it in front.
    const said = told(carriedIn(withBed('at the end'), { ...VEHICLE, front: { at: mm(4000), spare: 40 } }));
    expect(said).toMatch(
      /The job weighs \d+ kg, \d+ kg of that on the front axle, which may still bear 40 kg: thinner/,
    );
    expect(told(withBed('at the end'))).not.toContain('axle');
  });
});

describe('what it weighs in a boat', () => {
  it('sinks and trims a box of its waterline as textbooks have it', () => {
    // Tonnes to sink a box one centimetre in salt water, textbooks of ship stability, from memory: L B / 97.56.
    const tonnes = (15 * 2) / 97.56;
    expect(lieWith(BOAT, at(1000 * tonnes, 1000, 5000)).sinks).toBeCloseTo(10, 2);
    // To change its trim by one centimetre, the same: disp. GM L / (100 L), and GM of the length as BM, L^2 / (12 draught).
    const draught = 0.5;
    const moment = (1.025 * 15 * 2 * draught * (15 ** 2 / (12 * draught))) / (100 * 15);
    const { trims } = lieWith(BOAT, at(1000 * moment, 1000, 6000));
    expect(trims).toBeCloseTo(10, 6);
    expect(lieWith(BOAT, at(100, 1000, 4000)).trims).toBeLessThan(0);
    expect(lieWith({ ...BOAT, forward: 'south' }, at(100, 1000, 4000)).trims).toBeGreaterThan(0);
  });

  it('lists by w d = disp. GM tan, to the side it is on', () => {
    // An inclining test: 100 kg moved 0.8 m on 15.1 t of 0.4 m: 80 / 6040.
    const { lists } = lieWith({ ...BOAT, stiff: mm(400) }, at(100, 1800, 5000));
    expect(Math.tan((lists! * Math.PI) / 180)).toBeCloseTo(80 / 6040, 9);
    expect(lieWith({ ...BOAT, stiff: mm(400), forward: 'south' }, at(100, 1800, 5000)).lists).toBeCloseTo(
      -lists!,
      9,
    );
    // Forward to the east, starboard is south.
    expect(lieWith({ ...BOAT, stiff: mm(400), forward: 'east' }, at(100, 1000, 4200)).lists).toBeCloseTo(
      lists!,
      9,
    );
    expect(told(carriedIn(withBed('at the end'), { ...BOAT, spare: 60 }))).toMatch(
      /of the 60 kg that may still come into the boat/,
    );
    expect(told(carriedIn(withBed('at the end'), BOAT))).toMatch(
      /pulls the boat over to starboard with \d+ kg at a metre/,
    );
  });
});
