import type { Carcass } from '../carcass/schema';
import { moved, motionPose } from '../motion/motion';
import { carcassPieces } from '../plan/still';
import { partBuilt, planStock } from '../plan/place';
import type { Plan } from '../plan/schema';
import { weighAll } from '../piece/mass';
import { GENERIC_HARDWARE } from '../hardware/generic';
import { diceOf } from '../testing/dice';
import { offersIn, taken } from '../testing/offersIn';
import { caseOf, doorOf, mm, planWith, type Made } from '../testing/planWith';
import { withDrawer, withPullout } from '../testing/partsOf';
import { bankOf } from '../parts/kit/drawn/usual';
import { newPart, newThing } from '../plan/fresh';
import { reportOf } from '../report/report';
import { edgesOfFoot, footOfCarcass } from './foot';
import { behindOf } from './framing';
import { loadsOf } from './loads';
import { holdsOf } from './tipping';

const G = 9.80665;
const edgesOf = (plan: Plan) => {
  const [carcass] = plan.carcasses;
  return edgesOfFoot(carcass!, footOfCarcass(carcass!, carcassPieces(plan, carcass!).pieces));
};
const holds = (plan: Plan) => holdsOf(loadsOf(plan, 'case'), edgesOf(plan));
const overFront = (plan: Plan) => holds(plan).find(({ edge }) => edge.words === 'front')!;
const notes = (made: Made) =>
  reportOf(planWith(made)).notes.filter(
    ({ about, item }) => (about === 'standing' || about === 'fixing') && item === 'case',
  );
const load = (kg: number) => ({ set: 'side by side' as const, items: [], load: kg });

describe('what tips', () => {
  it('one drawer of 20 kg in a case: by moments about the front foot, worked by hand', () => {
    const plan = planWith(withDrawer({ contents: load(20) }, { z: mm(0), fixing: null }));
    const { still, moving } = loadsOf(plan, 'case');
    const [drawer] = moving;
    // The case faces south: its front is at 3000, so what is d behind it holds with m g d.
    const own = still.kg * G * (still.centre[1] - 3000);
    const out = drawer!.weights.reduce((sum, { kg, centre }) => sum + kg * G * (centre[1] - 450 - 3000), 0);
    expect(drawer!.mover.to).toBe(450);
    expect(overFront(plan).own).toBeCloseTo((own + out) / 1000, 2);
    // A child of 27 kg (ASTM F2057-23, 60 lb, from memory) hangs on the handle, 18 of front and 35 before the box.
    const child = 27 * G * (450 + 18 + 35);
    expect(overFront(plan).withChild).toBeCloseTo((own + out - child) / 1000, 0);
  });

  it('what is drawn out is weighed full: 136 kg a cubic metre where nobody said (ASTM F2057-23, from memory)', () => {
    const plan = planWith(withDrawer({ contents: { ...load(0), load: null } }));
    const built = partBuilt(plan, plan.parts[0]!)!;
    const { drawers } = built.laid as {
      drawers: { tiers: { x: number[]; y: number[]; z: number[] }[]; loose: number }[];
    };
    const [{ x, y, z }] = drawers[0]!.tiers as [
      { x: [number, number]; y: [number, number]; z: [number, number] },
    ];
    const cubic = ((x[1] - x[0]) * (y[1] - y[0]) * (z[1] - z[0])) / 1e9;
    expect(drawers[0]!.loose).toBeCloseTo(136 * cubic, 9);
  });

  it('is told from 686 mm up (27 in), and of what is stood on whatever its height', () => {
    expect(notes(withDrawer({}, { height: mm(685), z: mm(0), fixing: null }))).toEqual([]);
    expect(notes(withDrawer({}, { height: mm(686), z: mm(0), fixing: null }))[0]!.sentence).toMatch(
      /^Not fixed/,
    );
    const step = withPullout('step', {}, { height: mm(300), z: mm(0), fixing: null });
    expect(notes(step)[0]!.sentence).toMatch(/^Not fixed, it goes over its front/);
  });

  it('a fixing is told its pull: what is missing of the moment over the height of its head', () => {
    const made = withDrawer({ contents: load(30) }, { z: mm(0), fixing: null, height: mm(900) });
    const plan = planWith(made);
    const pull = (-overFront(plan).withChild * 1000) / 900;
    expect(notes(made)[0]!.sentence).toContain(`it pulls with ${Math.round(pull)} N there`);
  });

  it('all that opens is taken open at once, a leaf wherever it pulls most: never less than the worst of what one can do', () => {
    const dice = diceOf(5);
    for (let n = 0; n < 25; n += 1) {
      const on = { z: mm(0), fixing: null, width: mm(dice.real(300, 1300)), height: mm(dice.real(700, 2200)), depth: mm(dice.real(320, 700)) };
      const made: Made = dice.real(0, 1) < 0.5
        ? { carcasses: [caseOf(on)], parts: [doorOf({ leaves: dice.real(0, 1) < 0.5 ? 'one' : 'pair', limit: dice.real(20, 105) })] }
        : withDrawer({ contents: load(dice.real(0, 30)), bank: bankOf('even', 1 + Math.floor(dice.real(0, 4))) }, on);
      const plan = planWith(made);
      const loads = loadsOf(plan, 'case');
      for (const { edge, own } of holds(plan)) {
        const at = ([x, y]: readonly [number, number, number]) => edge.out[0] * x + edge.out[1] * y;
        let sampled = loads.still.kg * G * (edge.at - at(loads.still.centre));
        for (const { mover, weights } of loads.moving)
          sampled += weights.reduce((sum, { kg, centre, motion }) => {
            let worst = Infinity;
            for (let i = 0; i <= 400; i += 1) {
              const travel = mover.from + ((mover.to - mover.from) * i) / 400;
              worst = Math.min(worst, kg * G * (edge.at - at(moved(motionPose(motion, travel), centre))));
            }
            return sum + worst;
          }, 0);
        expect(own).toBeLessThanOrEqual(sampled / 1000 + 1e-9);
        // And not far below it: within a hundredth of what swings.
        const swings = loads.moving.reduce((sum, { weights }) => sum + weights.reduce((all, { kg }) => all + kg, 0), 0);
        expect(sampled / 1000 - own).toBeLessThan(0.01 * (1 + swings * G));
      }
    }
  }); // prettier-ignore

  it('a case on a plinth goes over the front of its plinth, one on legs over these', () => {
    const front = (stands: NonNullable<Parameters<typeof caseOf>[0]>['stands']) =>
      edgesOf(planWith({ carcasses: [caseOf({ stands: stands! })] })).find(({ words }) => words === 'front')!
        .at;
    // It faces south, so the way out over its front is down the y axis.
    expect(front({ on: 'the floor' })).toBeCloseTo(-3000, 9);
    expect(front({ on: 'a plinth', height: mm(90), setback: mm(40) })).toBeCloseTo(-3040, 9);
    expect(front({ on: 'legs', height: mm(90), thick: mm(40) })).toBeCloseTo(-3000, 9);
  });

  it('weighs all of a case with what is in it and what stands on it, once', () => {
    const plan = planWith(withDrawer({ contents: load(12) }));
    const { still, moving } = loadsOf(plan, 'case');
    const all =
      still.kg + moving.reduce((sum, { weights }) => sum + weights.reduce((a, { kg }) => a + kg, 0), 0);
    const { pieces } = partBuilt(plan, plan.parts[0]!)!;
    const links = [...pieces.moving, ...pieces.still, carcassPieces(plan, plan.carcasses[0]!)];
    const stock = planStock(plan);
    expect(all).toBeCloseTo(
      links.reduce((sum, link) => sum + weighAll(link.pieces, stock).kg, 0),
      9,
    );
  });
});

it('goes over the four edges of its foot, whichever way it faces', () => {
  // 600 wide, 500 deep, its left front corner at (3000, 3000): facing south it reaches to 3600 and 3500, facing west to 3500 and 2400.
  const ats = (on: Partial<Carcass>) =>
    edgesOf(planWith({ carcasses: [caseOf(on)] })).map(({ words, out, at }) => [
      words,
      Math.round(out[0]) + 0,
      Math.round(out[1]) + 0,
      Math.round(at),
    ]);
  const deep = caseOf({}).depth.mm;
  expect(ats({})).toEqual([
    ['front', 0, -1, -3000],
    ['back', 0, 1, 3000 + deep],
    ['left side', -1, 0, -3000],
    ['right side', 1, 0, 3600],
  ]);
  expect(ats({ faces: 'west' })).toEqual([
    ['front', -1, 0, -3000],
    ['back', 1, 0, 3000 + deep],
    ['left side', 0, 1, 3000],
    ['right side', 0, -1, -2400],
  ]);
});

describe('what is offered for how it stands', () => {
  it('a plinth as high as it hovers, which leaves all of it where it is, or the floor', () => {
    const plan = planWith({ carcasses: [caseOf({ z: mm(90) })] });
    const { offers } = offersIn(plan).find(({ of }) => of === 'note|case|standing|0')!;
    expect(offers.map(({ words }) => words)).toEqual([
      'put a plinth 90 mm high under the case',
      'stand the case on the floor',
    ]);
    const before = carcassPieces(plan, plan.carcasses[0]!).pieces.map(({ role, solids }) => [role, solids]);
    const on = taken(plan, offers[0]!);
    const after = carcassPieces(on, on.carcasses[0]!).pieces.map(({ role, solids }) => [role, solids]);
    expect(after.filter(([role]) => role === 'bottom')).toEqual(before.filter(([role]) => role === 'bottom'));
    expect(reportOf(on).notes.filter(({ about }) => about === 'standing')).toEqual([]);
  });

  it('fixings for what tips, and no other place, though cables must be found before they are drilled', () => {
    const plan = planWith(withDrawer({ contents: load(20) }, { z: mm(0), fixing: null }));
    const served = planWith({
      ...withDrawer({ contents: load(20) }, { z: mm(0), fixing: null }),
      change: (one) => ({
        ...one,
        things: [{ id: 'socket', name: 'Socket', kind: 'socket', x: one.carcasses[0]!.x, y: mm(3490), z: mm(900), width: mm(86), depth: mm(9), height: mm(86) }],
      }),
    }); // prettier-ignore
    for (const one of [plan, served]) {
      const { offers } = offersIn(one).find(({ of }) => of.startsWith('note|case|fixing'))!;
      expect(offers[0]!.words).toBe('fix the case with 2 screws into studs or joists');
      expect(offers.every(({ words }) => words.startsWith('fix the case with'))).toBe(true);
    }
  });
});

describe('what a fixing holds', () => {
  it.each([
    [30, 500, 2],
    [29, 500, 1],
    [270, 500, 2],
    [271, 500, 1],
    [0, 2900, 0],
  ])(
    'studs from %d, %d apart: %d of them are 30 within the ends of what is fixed',
    (first, spacing, timbers) => {
      // 800 wide from 3000: between 3030 and 3770 (30 of board beside a fixing is common practice).
      const hung = caseOf({ kind: 'wall cupboard', y: mm(6000 - 320), width: mm(800) });
      const plan = planWith({
      carcasses: [hung],
      change: (one) => ({
        ...one,
        things: [{ ...newThing(one, 'studs'), x: mm(0), y: mm(6000), z: mm(0), width: mm(8000), depth: mm(90), height: mm(2600), shape: { kind: 'framing', first: mm(first), spacing: mm(spacing), wide: mm(45), holds: 300 } }],
      }),
    }); // prettier-ignore
      expect(behindOf(plan, plan.carcasses[0]!)).toMatchObject([{ holds: 300, timbers }]);
    },
  );

  it('a screw into a stud is told a fifth of what pulls it out', () => {
    // TRADE: 108.25 G^2 D L, Wood Handbook from memory: G 0.42, D 4.17, L 20: 1592.5 N, of which a fifth is taken (common practice).
    const pull = 108.25 * 0.42 ** 2 * 4.17 * 20;
    expect(pull).toBeCloseTo(1592.5, 1);
    const screw = GENERIC_HARDWARE.find(({ id }) => id === 'stud-screw') as { pull: number } | undefined;
    expect(screw!.pull).toBe(300);
    expect(screw!.pull).toBeLessThan(pull / 5);
  });

  it('what hangs bears down with all its weight, and pulls at its head by how far that stands off the wall', () => {
    const hung = caseOf({ kind: 'wall cupboard', y: mm(6000 - 320), load: 0 });
    const plan = planWith({ carcasses: [hung] });
    const [note] = reportOf(plan).notes.filter(({ about }) => about === 'standing' || about === 'fixing');
    const { kg, centre } = loadsOf(plan, 'case').still;
    const pull = (kg * G * (6000 - centre[1])) / 700;
    expect(note!.sentence).toContain(
      `with ${Math.round(pull)} N and bears down with ${Math.round(kg * G)} N`,
    );
  });

  it('what stands on a loose shelf of it hangs there too: 30 kg a metre where nobody said', () => {
    const hung = caseOf({ kind: 'wall cupboard', y: mm(6000 - 320), load: 0 });
    const bare = planWith({ carcasses: [hung] });
    const shelf = newPart(bare, 'shelf', hung);
    const down = (plan: Plan) => {
      const [note] = reportOf(plan).notes.filter(({ about, item }) => about === 'fixing' && item === 'case');
      return Number(/bears down with ([\d,]+) N/.exec(note!.sentence)![1]!.replace(',', ''));
    };
    const laden = planWith({ carcasses: [hung], parts: [shelf] });
    const { pieces } = partBuilt(laden, laden.parts[0]!)!;
    const [board] = pieces.still.flatMap((link) => link.pieces).filter(({ size }) => size);
    const own = weighAll(
      pieces.still.flatMap((link) => link.pieces),
      planStock(laden),
    ).kg;
    const stored = (30 * board!.size!.length.mm) / 1000;
    expect(down(laden) - down(bare)).toBeCloseTo((own + stored) * G, -1);
    expect(stored * G).toBeGreaterThan(100);
  });
});
