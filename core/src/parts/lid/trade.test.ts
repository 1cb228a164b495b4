import { GRAVITY, weighAll } from '../../piece/mass';
import { partsList } from '../../make/partsList';
import { balancesOf } from '../../report/balance';
import { reportOf } from '../../report/report';
import { buildScene } from '../../plan/buildScene';
import { partBuilt } from '../../plan/place';
import type { Plan } from '../../plan/schema';
import { boxAt, chestOf, lidOf, withLid } from '../../testing/partsOf';
import { mm, planWith, type Made } from '../../testing/planWith';
import { bowOf } from '../../strength/bow';
import { told } from '../../testing/told';
import type { Thing } from '../../things/schema';
import { screwHolds } from '../kit/turning/balance';
import { turnsUntil } from '../kit/turning/plane';
import { reachBehind } from './hingeNotes';
import { NO_MARGINS, USUAL_HELP, USUAL_STAY, wholeTop } from './fresh';
import type { LaidLid } from './lay';
import type { Lid } from './schema';

const DEGREES = 180 / Math.PI;
const hinge = (knuckle: Lid['hinge']['knuckle'], pin = 0): Lid['hinge'] => ({
  ...lidOf().hinge,
  knuckle,
  pin: mm(pin),
});
/** All of the top lifts, on a pin in a face of it: 460 from its axis to its front edge, over the back of its chest. */
const plain = (other: Partial<Lid>, on = {}) =>
  withLid(
    {
      margins: NO_MARGINS,
      grip: { kind: 'edge' },
      front: null,
      ledge: { thick: mm(0), bears: mm(0) },
      limit: 120,
      ...other,
    },
    { depth: mm(440), back: { material: 'ply-18', set: 'between' }, ...on },
  );
/** An upright wall so far behind the chest, whose back is at 3440. */
const wall = (gap: number): NonNullable<Made['change']> =>
  boxAt('Wall', { x: 2500, y: 3440 + gap, z: 0, width: 1600, depth: 80, height: 2200 });
const usable = (made: Made) => reportOf(planWith(made)).parts[0]!.check.usable * DEGREES;
const laidOf = (plan: Plan) => partBuilt(plan, plan.parts[0]!)!.laid as LaidLid;

describe('how far a lid opens', () => {
  it('18 mm thick, its axis on the lower back edge, 9 before a wall, stops at asin(9/18) = 30 degrees', () => {
    expect(usable({ ...plain({ hinge: hinge('beneath') }), change: wall(9) })).toBeCloseTo(30, 1);
  });

  it('460 long, its axis on the upper back edge, 40 before a wall, leans 4.99 degrees past upright', () => {
    expect(usable({ ...plain({ hinge: hinge('flush') }), change: wall(40) })).toBeCloseTo(94.99, 1);
  });

  it('leans so much farther before a back that leans by 10 degrees', () => {
    // Its face rests on the plane: past that plane's own lean by asin(s cos b / L). Derived; for s over the plane itself s / L.
    const rise = 600;
    const run = rise * Math.tan(10 / DEGREES);
    const back: NonNullable<Made['change']> = (plan) => ({
      ...plan,
      things: [
        {
          id: 'back',
          name: 'Leaning back',
          kind: 'sloping face',
          x: mm(2500),
          y: mm(3480),
          z: mm(418),
          width: mm(1600),
          depth: mm(run + 20),
          height: mm(rise),
          shape: { kind: 'leaning', back: 'north', foot: mm(run + 20), head: mm(20) },
        },
      ],
    });
    const past = 10 + Math.asin((40 * Math.cos(10 / DEGREES)) / 460) * DEGREES;
    expect(usable({ ...plain({ hinge: hinge('flush') }), change: back })).toBeCloseTo(90 + past, 1);
  });

  it('a cushion of 60 that reaches the axis meets a wall 40 behind at asin(40/60) = 41.81 degrees, long before the board does', () => {
    const cushion = { thick: mm(60), kg: 2, setBack: mm(0), rides: 'along' } as const;
    expect(usable({ ...plain({ hinge: hinge('flush'), cushion }), change: wall(40) })).toBeCloseTo(41.81, 1);
    expect(
      usable({
        ...plain({ hinge: hinge('flush'), cushion: { ...cushion, rides: 'off' } }),
        change: wall(40),
      }),
    ).toBeCloseTo(94.99, 1);
  });

  it('a leaf in margins passes its front one where the kerf is more than sqrt(W^2 + (T+p)^2) - W', () => {
    // From its axis, 1.5 before its strip's gap, W = 500 + 20 - 60 - 60 - 2 g + g / 2; T + p = 20.
    const made = (gap: number) =>
      withLid({
        margins: { left: mm(60), right: mm(60), front: mm(60), back: mm(60) },
        gap: mm(gap),
        front: null,
      });
    const needs = (gap: number) => {
      const w = 400 - 2 * gap + gap / 2;
      return Math.sqrt(w * w + 400) - w;
    };
    expect(needs(0.5)).toBeCloseTo(0.5, 2);
    expect(told(made(0.45))).toContain('Touches the front margin of the case lid');
    expect(told(made(0.55))).not.toContain('Touches the front margin');
  });

  it('its back strip is as wide as the farthest corner reaches back: the least is told, and is the least', () => {
    const made = (back: number) => ({
      ...withLid({ margins: { left: mm(60), right: mm(60), front: mm(0), back: mm(back) } }),
      change: boxAt('Wall', { x: 2500, y: 3500, z: 0, width: 1600, depth: 80, height: 2200 }),
    });
    const least = /A back strip of ([\d.]+) mm is the least/.exec(told(made(60)))!;
    expect(usable(made(60))).toBeLessThan(99.9);
    const strip = Number(least[1]);
    // The leaf is as much shorter: a little less would do already.
    expect(usable(made(strip))).toBeCloseTo(100, 6);
    expect(usable(made(strip - 3))).toBeLessThan(100);
    const laid = laidOf(planWith(withLid({})));
    // Derived: the far corner of the outer face, 461.5 - 3 / 2 along and 2 within the axis, at 100 degrees.
    expect(reachBehind(laid, laid.to)).toBeCloseTo(
      -458.5 * Math.cos(100 / DEGREES) - 2 * Math.sin(100 / DEGREES),
      6,
    );
  });

  it('a stay stops it where two circles meet: l^2 = a^2 + b^2 - 2ab cos f', () => {
    // a 200 along the leaf, b 150 straight down: 250 apart shut (90 degrees between), 300 apart at acos((62,500 - 90,000) / 60,000) = 117.28.
    expect(turnsUntil([200, 0], [0, 150], 300)! * DEGREES).toBeCloseTo(117.28 - 90, 2);
    expect(turnsUntil([200, 0], [0, 150], 350)! * DEGREES).toBeCloseTo(90, 9);
    expect(turnsUntil([200, 0], [0, 150], 351)).toBeUndefined();
    const { to, stops } = laidOf(planWith(withLid({ stay: USUAL_STAY })));
    // 150 and 30 from the axis to 40 and 150: a 152.97, b 155.24, 63.76 between; 300 long: 153.49 - 63.76. By hand.
    expect([to * DEGREES, stops[0]!.words]).toEqual([expect.closeTo(89.73, 1), 'by its stay']);
  });
});

describe('what a lid takes', () => {
  const reports = (made: Made) => reportOf(planWith(made)).balances[0]!;

  it('to lift is m g r / L of its own pieces, and it turns over at 90 - atan(z/r)', () => {
    const plan = planWith(withLid({}));
    const { pieces, laid } = partBuilt(plan, plan.parts[0]!)!;
    const { kg, centre } = weighAll(pieces.moving[0]!.pieces, (laid as LaidLid).place.stock);
    const [y, z] = (laid as LaidLid).plane.axis;
    const [r, up] = [3000 + y - centre[1], centre[2] - z];
    const { hand, stands } = reports(withLid({})).weathers[0]!;
    expect(hand.lift.most).toBeCloseTo((kg * GRAVITY * r) / Math.hypot(458.5 + 0, 11), 0);
    const over = stands.find(({ stand }) => stand === 'rises')!.from * DEGREES;
    expect(over).toBeCloseTo(90 - Math.atan(up / r) * DEGREES, 1);
  });

  it('a uniform one let fall from upright lands with m g L / 2, its edge at sqrt(3 g L)', () => {
    // TRADE, derived: 0.46 m: 3.679 m/s, for a lid that is all leaf and thin.
    const { slam } = reports(plain({ hinge: hinge('flush'), limit: 90, material: 'ply-6' })).weathers[0]!;
    expect(slam.metresASecond).toBeCloseTo(3.679, 1);
    const plan = planWith(plain({ hinge: hinge('flush'), limit: 90, material: 'ply-6' }));
    const { pieces, laid } = partBuilt(plan, plan.parts[0]!)!;
    const { kg } = weighAll(pieces.moving[0]!.pieces, (laid as LaidLid).place.stock);
    expect(slam.joules).toBeCloseTo((kg * GRAVITY * 0.46) / 2, 0);
  });

  it('with struts is less on a cold day, more on a warm one, and most with one failed', () => {
    const helped = withLid(
      { carries: 8, help: USUAL_HELP['gas struts'] },
      { height: mm(450), width: mm(900) },
    );
    const { weathers, struts } = reports(helped);
    const by = (key: string) => weathers.find(({ weather }) => weather.key === key)!.hand.lift.most;
    expect(by('cold')).toBeGreaterThan(by('usual'));
    expect(by('warm')).toBeLessThan(by('usual'));
    expect(by('aged')).toBeGreaterThan(by('cold'));
    expect(by('failed')).toBeGreaterThan(by('aged'));
    // 100 N pressed in by 150 - 6.3: its gas at 1 / (1 - 0.958 x 0.2308) = 1.284 of it, 15 percent and 7 percent more. By hand.
    expect(struts[0]!.most).toBeCloseTo(100 * 1.284 * 1.15 * 1.07, 0);
    expect(struts[0]!.left.in).toBeCloseTo(6.3, 1);
  });

  it('screws hold a fifth of what pulls them out, and a push beside a side bows it by M h^2 / 2EI', () => {
    // Wood Handbook, from memory: 108.25 G^2 D L = 1592.5 N for G 0.42, D 4.17, L 20; a fifth: 318.5.
    expect(screwHolds(0.42, 4.17, 20)).toBeCloseTo(318.5, 1);
    // 200 N, 12 off, 350 up a side of 18 mm plywood 400 wide: 2400 x 350^2 / (2 x 9000 x 194,400). By hand.
    const side = { thick: 18, high: 350, wide: 400, stiffness: 9000 };
    expect(bowOf(side, 12, 200)).toBeCloseTo(0.084, 3);
  });

  it('a catch in a home that moves holds m g r / L over its weight at twice its weight upward', () => {
    // TRADE, derived: 4 kg, 2 g, its catch at its edge, a uniform lid: 19.61 N.
    const plan = planWith(withLid({ travels: true }));
    const { pieces, laid } = partBuilt(plan, plan.parts[0]!)!;
    const { kg, centre } = weighAll(pieces.moving[0]!.pieces, (laid as LaidLid).place.stock);
    const r = 3000 + (laid as LaidLid).plane.axis[0] - centre[1];
    expect(told(withLid({ travels: true }))).toContain(
      `a catch that holds ${Math.ceil((kg * GRAVITY * r) / (laid as LaidLid).long)} N`,
    );
  });
});

describe('what a lid is cut from', () => {
  it('its pieces and kerfs together are the one board they are sawn from', () => {
    const plan = planWith(
      withLid({ margins: { left: mm(80), right: mm(70), front: mm(50), back: mm(60) }, gap: mm(3) }),
    );
    const sizes = new Map(partsList(plan).map(({ name, cut }) => [name, [cut.length.mm, cut.width.mm]]));
    expect(sizes.get('Case lid')![0]! + 80 + 70 + 2 * 3).toBe(600);
    expect(sizes.get('Case lid')![1]! + 50 + 60 + 2 * 3).toBe(520);
    expect(sizes.get('Case lid, left margin')).toEqual([80, 520]);
    expect(sizes.get('Case lid, back strip')).toEqual([450, 60]);
  });

  it('two leaves share what is left beside the kerf between them, and are told apart', () => {
    const plan = planWith(withLid({ leaves: 'two' }));
    const scene = buildScene(plan);
    expect(scene.movers.map(({ id, own }) => [id, own])).toEqual([
      ['case-lid-1.left', 'Left leaf'],
      ['case-lid-1.right', 'Right leaf'],
    ]);
    expect(balancesOf(plan, 'case-lid-1').map(({ words }) => words)).toEqual([
      'the left leaf of the case lid',
      'the right leaf of the case lid',
    ]);
  });

  it('solid, it swells against its front margin over leaf and margin together', () => {
    // 460 of leaf and margin to the front; pine, tangential 0.00212 a point (Wood Handbook, from memory).
    expect(
      told(
        withLid({
          material: 'pine-20',
          margins: { left: mm(60), right: mm(60), front: mm(60), back: mm(60) },
          gap: mm(1),
        }),
      ),
    ).toMatch(/Solid wood: .*the leaf with its margin binds by/);
  });
});

describe('lids of benches that meet in a corner', () => {
  const back = { back: { material: 'ply-18', set: 'between' } } as const;
  const first = chestOf({ id: 'first', name: 'First', width: mm(900), height: mm(380), y: mm(3000), x: mm(2000), faces: 'south', ...back }); // prettier-ignore
  const second = chestOf({ id: 'second', name: 'Second', width: mm(700), y: mm(2298), x: mm(2500), faces: 'east', ...back }); // prettier-ignore
  const lid = (id: string, over: Partial<Lid['over']>): Lid => ({
    ...wholeTop(lidOf()),
    id: `${id}-lid`,
    name: `${id} lid`,
    mount: { on: 'top', carcass: id },
    grip: { kind: 'notch', wide: mm(100), deep: mm(25) },
    over: { left: mm(0), right: mm(0), front: mm(0), back: mm(0), ...over },
  });
  const report = (right: number) =>
    reportOf(
      planWith({
        carcasses: [first, second],
        parts: [lid('first', {}), lid('second', { right: mm(right) })],
      }),
    );

  it('open in any order where neither lies over the other, and one first where it does', () => {
    // The second bench stands against the front of the first, 20 higher; its lid ends before that, or lies 38 over the lid there.
    expect(report(-3).parts.map(({ verdict }) => verdict)).toEqual(['tight', 'tight']);
    const { answer, parts } = report(40);
    expect(answer.stands).toContain('the first lid touches the second lid at 0°');
    expect(answer.next).toBe('open the second lid first: then it goes all the way');
    expect(parts.map(({ verdict }) => verdict)).toEqual(['hits', 'tight']);
  });
});

describe('what is behind a lid', () => {
  it('is reached with the lid open: a socket on the wall within its chest, and not past a shelf over it', () => {
    // In the middle of the chest, 200 above its foot: a hand 100 broad with an arm of 500 comes from above.
    const reach: Thing = {
      id: 'clip-reach',
      name: 'Clip at the back',
      kind: 'hand reach',
      x: mm(3280),
      y: mm(3300),
      z: mm(200),
      width: mm(60),
      depth: mm(60),
      height: mm(60),
      shape: { kind: 'reach', hand: mm(100), arm: mm(500), open: lidOf().id },
    };
    const withReach = (change: NonNullable<Made['change']> = (plan) => plan) =>
      told({
        ...withLid({}),
        change: (plan) => {
          const changed = change(plan);
          return { ...changed, things: [...changed.things, { ...reach }] };
        },
      });
    expect(withReach()).toContain(
      'A hand 100 mm broad gets to the clip at the back from above with the case lid',
    );
    const shelf = boxAt('Shelf', { x: 2900, y: 3000, z: 500, width: 800, depth: 460, height: 20 });
    expect(withReach(shelf)).toContain('No straight way for a hand to the clip at the back was found');
  });
});
