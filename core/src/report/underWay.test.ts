import { motionOf } from '../motion/motion';
import { GRAVITY } from '../piece/mass';
import { buildScene } from '../plan/buildScene';
import type { Plan } from '../plan/schema';
import type { MovingBody } from '../scene/scene';
import { box } from '../solid/prism';
import type { Carries } from '../space/carries';
import { caseOnDoor, drawerOf, withBed, withLid, withLift, withSlats } from '../testing/partsOf';
import { newPart } from '../plan/fresh';
import { doorOf, mm, planWith, caseOf } from '../testing/planWith';
import { told } from '../testing/told';
import { beforeYouMove } from './beforeMove';
import { reportOf } from './report';
import { heldUnderWay, rimHeight, waysThrown, wantedOf } from './underWay';

const axles = { front: { at: mm(4000), spare: 900 }, rear: { at: mm(1000), spare: 900 } } as const;
const VAN: Carries = { kind: 'vehicle', forward: 'south', ...axles };
const TRAILER: Carries = { ...VAN, towed: true };
const inSpace =
  (carries: Carries) =>
  (plan: Plan): Plan => ({ ...plan, space: { ...plan.space, carries } });
/** A lid 460 deep on the line y = 0, and a box that slides to the south. */
const lid: MovingBody = {
  id: 'lid',
  name: 'the lid',
  item: 'lid',
  pieces: [box([0, -460, 0], [600, 0, 18])],
  motion: motionOf({ kind: 'turn', point: [0, 0, 0], axis: [-1, 0, 0] }),
};
const sliding: MovingBody = {
  ...lid,
  id: 'box',
  motion: motionOf({ kind: 'slide', direction: [0, -1, 0] }),
};
const way = (carries: Carries, key: string) => waysThrown(carries).filter((one) => one.key === key);

describe('what a catch holds under way', () => {
  // TRADE, derived: a lid of 4 kg, 2 g upward, its catch at its edge: 19.61 N over its own weight.
  it('of a lid that is thrown up is half of what it is thrown with, its weight taken off', () => {
    const weights = [{ body: 'lid', kg: 4, centre: [300, -230, 0] as const }];
    const { wanted } = wantedOf({ bodies: [lid], from: 0 }, weights, 0, 0, way(TRAILER, 'up'));
    // Its fastest corner is its upper edge: 460 and 18 off its axis.
    expect(wanted).toBeCloseTo((19.6133 * 460) / Math.hypot(460, 18), 4);
    // By a bump of 1 g it lies there without a weight; braked it is kept shut.
    const [, bump] = [way(TRAILER, 'up'), way(VAN, 'up')].map((ways) => wantedOf({ bodies: [lid], from: 0 }, weights, 0, 0, ways).wanted);
    expect(bump).toBeCloseTo(0, 9);
  }); // prettier-ignore

  it('of what slides forward is m a, and of what heels m g sin', () => {
    const weights = [{ body: 'box', kg: 10, centre: [300, -230, 0] as const }];
    const of = (carries: Carries, key: string) => wantedOf({ bodies: [sliding], from: 0 }, weights, 0, 0, way(carries, key)).wanted;
    // EN 12195-1, from memory: 0.8 g forward; the drawer opens the way it goes.
    expect(of(VAN, 'forward')).toBeCloseTo(0.8 * 10 * GRAVITY, 9);
    expect(of(VAN, 'back')).toBeCloseTo(-0.5 * 10 * GRAVITY, 9);
    expect(of({ ...VAN, forward: 'east' }, 'side')).toBeCloseTo(0.5 * 10 * GRAVITY, 9);
    const boat: Carries = { kind: 'boat', forward: 'east', long: mm(9000), broad: mm(2000), middle: { x: mm(0), y: mm(0) }, water: 'fresh', weighs: 9000, spare: 900 };
    // Its right, looking east, is south.
    expect(of(boat, 'heel')).toBeCloseTo(10 * GRAVITY * Math.sin((20 * Math.PI) / 180), 9);
    expect(of(boat, 'other heel')).toBeCloseTo(-10 * GRAVITY * Math.sin((20 * Math.PI) / 180), 9);
    expect(of({ ...boat, sways: { forward: 0, back: 0, side: 0, up: 0, heel: 90 } as never }, 'heel')).toBeCloseTo(10 * GRAVITY, 9);
  }); // prettier-ignore

  it('of a lid that a bump just lifts is nothing, and of a door is what hangs on it too', () => {
    const boxed = planWith({ ...withLid({}), change: inSpace({ ...VAN, sways: { forward: 0, back: 0, side: 0, up: 1, heel: 0 } }) });
    const [lifted] = heldUnderWay(boxed, buildScene(boxed));
    expect(Math.abs(lifted!.held.wanted)).toBeLessThan(0.01);
    expect(reportOf(boxed).notes.filter(({ about }) => about === 'under way').map(({ verdict }) => verdict)).toEqual(['clear']);
    const made = caseOnDoor({ underWay: { hardware: 'bolt-80', count: 4 } });
    const on = planWith({ ...made, change: (plan) => inSpace(VAN)(made.change!(plan)) });
    const bare = planWith({ carcasses: [], change: (plan) => inSpace(VAN)(made.change!(plan)) });
    const [laden, empty] = [on, bare].map((plan) => heldUnderWay(plan, buildScene(plan))[0]!.held);
    expect(laden!.wanted).toBeGreaterThan(2 * empty!.wanted);
    // A catch on the case that has no way of its own holds the door.
    expect([laden!.holds, empty!.holds]).toEqual([4 * 500, 0]);
  }); // prettier-ignore

  it('is told of each mover with what opens first, and mended by a catch that bears it', () => {
    const drawer = drawerOf();
    const made = { parts: [drawer], change: inSpace(VAN) };
    const { held } = heldUnderWay(planWith(made), buildScene(planWith(made)))[0]!;
    expect(held.worst.words).toBe('braking');
    const words = told(made);
    expect(words).toContain('Under way braking opens the case drawers with 276 N');
    expect(words).toContain('nothing holds it: a catch with its keeper for');
    expect(words).toContain('opens first: braking is enough, since nothing holds it.');
    // 35.1 kg with what is in it, times 0.8 g.
    expect(held.wanted).toBeCloseTo(0.8 * 35.1 * GRAVITY, -1);
    const caught = { ...made, parts: [{ ...drawer, underWay: { hardware: 'bolt-80', count: 1 } }] };
    expect(told(caught)).toContain('what holds it bears 500 N.');
    expect(told(caught)).not.toContain('opens first');
    const weak = { ...made, parts: [{ ...drawer, underWay: { hardware: 'button-45', count: 1 } }] };
    expect(told(weak)).toContain('what holds it bears 150 N: a catch with its keeper for');
    expect(told({ parts: [drawer] })).not.toContain('Under way');
  });

  // By hand, at 0.8 g about the rim's edge: 0.8 x (150 - 100) = 40, half of 80.
  it('on a shelf tips over a rim lower than h / 2 - b / (2 a)', () => {
    expect(rimHeight({ high: 300, across: 80 }, 0.8)).toBeCloseTo(100, 9);
    expect(rimHeight({ high: 300, across: 80 }, 0.2)).toBe(0);
    expect(told({ carcasses: [caseOf()], change: inSpace(VAN) })).toContain('a rim: one 100 mm high keeps what is 300 mm high');
  }); // prettier-ignore
});

describe('before it moves', () => {
  it('folds up, lowers and pushes in what is not shut', () => {
    const steps = ([withBed('at the end'), withLift('pedestal'), withSlats({})] as const).map((made) => {
      const plan = planWith({ ...made, change: inSpace(VAN) });
      return beforeYouMove(plan, buildScene(plan))[0]!.words.split(' the ')[0];
    });
    expect(steps).toEqual(['Fold up', 'Lower', 'Push in']);
  });

  it('what comes out from behind a leaf goes in first, then the leaf is shut and fastened', () => {
    const on = caseOf({ z: mm(100) });
    const door = doorOf({ underWay: { hardware: 'bolt-80', count: 2 } });
    const inner = { ...newPart(planWith({ carcasses: [on], parts: [door] }), 'drawer', on), name: 'Inner drawer' };
    const plan = planWith({ carcasses: [on], parts: [door, inner], change: inSpace(VAN) });
    const steps = beforeYouMove(plan, buildScene(plan)).map(({ words }) => words);
    expect(steps.slice(0, 4)).toEqual(['Shut the inner drawer, 3.', 'Shut the inner drawer, 2.', 'Shut the inner drawer, 1.', 'Shut the door, and fasten 2 of barrel bolt 80 mm.']);
    expect(steps).toContain('Belts are free, and so is the way out through every door and hatch.');
    expect(beforeYouMove(planWith({ parts: [door] }), buildScene(planWith({ parts: [door] })))).toEqual([]);
  }); // prettier-ignore
});
