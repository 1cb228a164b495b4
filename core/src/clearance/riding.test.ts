import { place } from '../motion/joint';
import { motionOf, motionPose } from '../motion/motion';
import { fullestOpening, openingOrder } from '../report/opening';
import { finish } from './steps';
import { pairLines, passOf } from '../report/pass';
import { carriedAt, hostsOf, ridersBodies, ridingOn } from '../scene/riding';
import { byWaiting, type Body, type Mover, type Ride } from '../scene/scene';
import { standingAt } from '../scene/standing';
import { halfSpace } from '../solid/halfSpace';
import { box, type Point3 } from '../solid/prism';
import type { Convex } from '../solid/convex';
import { deg, door, mover } from '../testing/leaves';
import { diceOf } from '../testing/dice';
import { manifoldReferee } from '../testing/manifoldGap';
import { SceneChecker } from './checkScene';
import { BLOCKED, FREE } from './cellState';
import { groundAt } from './pairMap';
import { PairMaps } from './pairMaps';

/** A post that stands still. */
const post = (id: string, least: Point3, most: Point3): Body => ({
  id,
  name: id,
  item: id,
  pieces: [box(least, most)],
});

/** A leaf that carries a tray: as a mover with the tray's bodies, and the tray as its rider. */
function carrying(host: Mover, tray: Mover, when: Ride['while']): readonly [host: Mover, rider: Mover] {
  const rider = ridingOn(tray, host, { on: host.id, by: host.bodies[0]!.id, while: when });
  return [{ ...host, bodies: [...host.bodies, ...ridersBodies(rider, host)] }, rider];
}

/** A leaf along +x that opens towards -y, and a tray before its outer half that slides out at its free edge. */
const leaf = door('leaf', 0, 0, 1, 90);
const tray = mover(
  'tray',
  { kind: 'slide', direction: [1, 0, 0] },
  200,
  box([300, -120, 100], [480, -1, 200]),
);

const check = (movers: readonly Mover[], still: readonly Body[] = []) =>
  new SceneChecker().check({ still, movers }).movers;
const usable = (movers: readonly Mover[], still: readonly Body[] = []) =>
  Object.fromEntries(check(movers, still).map((one) => [one.id, one.usable]));

describe('what rides on a mover', () => {
  it('is carried where it is shut, and what stands in its way stops what carries it', () => {
    const [host, rider] = carrying(leaf, tray, 'open');
    // The tray's outer corner is 495 from the axis: 480 along, 120 before the leaf. It meets a post at 484 to 494 of the way round.
    const beside = post('post', [-20, -494, 0], [80, -486, 300]);
    const bare = usable([leaf], [beside])['leaf']!;
    const laden = usable([host, rider], [beside])['leaf']!;
    expect(laden).toBeLessThan(bare - deg(2));
    const [found] = check([host, rider], [beside]);
    expect(found!.encounters[0]).toMatchObject({ still: 'post', moving: 'shut:tray/leaf' });
  });

  it('goes where what carries it must stand, held against that too and not against itself', () => {
    // Open, the leaf lies along -y: the tray comes out at its end, towards -y, past -480.
    const wall = post('wall', [-600, -600, 0], [600, -590, 800]);
    const [host, rider] = carrying(leaf, tray, 'open');
    expect(usable([host, rider], [wall])['tray']).toBeCloseTo(110, 6);
    // Shut it goes along +x.
    const shut = carrying(leaf, tray, 'shut');
    expect(usable(shut, [wall])['tray']).toBe(200);
    expect(usable(shut, [post('post', [500, -200, 0], [510, 0, 300])])['tray']).toBeCloseTo(20, 6);
    // A handle of the leaf in its way goes with it.
    const handle = { ...leaf.bodies[0]!, id: 'leaf/handle', pieces: [box([530, -60, 120], [550, 0, 160])] };
    for (const when of ['open', 'shut', 'any'] as const)
      expect(usable(carrying({ ...leaf, bodies: [...leaf.bodies, handle] }, tray, when))['tray']).toBeCloseTo(
        50,
        6,
      );
  });

  it('waits for what carries it where it goes only with that open, and what goes round in a ring is refused', () => {
    const [host, rider] = carrying(leaf, tray, 'open');
    expect(byWaiting([rider, host]).map((level) => level.map(([{ id }]) => id))).toEqual([
      ['leaf'],
      ['tray'],
    ]);
    const ring = [
      { ...leaf, ride: { on: 'tray', by: 'tray/leaf', while: 'any' as const } },
      { ...tray, ride: { on: 'leaf', by: 'leaf/leaf', while: 'any' as const } },
    ];
    expect(() => hostsOf(ring[0]!, ring)).toThrow(/ring/);
    expect(() => hostsOf(rider, [rider])).toThrow(/rides on leaf, which is no mover/);
  });

  it('on a rider goes with both: a lid on the tray on the leaf', () => {
    const lid = mover(
      'lid',
      { kind: 'turn', point: [300, -120, 200], axis: [1, 0, 0] },
      deg(90),
      box([300, -120, 200], [480, -1, 205]),
    );
    const rider = ridingOn(tray, leaf, { on: 'leaf', by: 'leaf/leaf', while: 'open' });
    const top = ridingOn(lid, rider, { on: 'tray', by: 'tray/leaf', while: 'open' });
    const middle = { ...rider, bodies: [...rider.bodies, ...ridersBodies(top, rider)] };
    const host = { ...leaf, bodies: [...leaf.bodies, ...ridersBodies(middle, leaf)] };
    const movers = [host, middle, top];
    expect(host.bodies.map(({ id }) => id)).toEqual(['leaf/leaf', 'shut:tray/leaf', 'shut:shut:lid/leaf']);
    // Leaf along -y, tray 200 out: the lid's hinge is at y = -500 to -680, at x = -120, and it stands up to 205 + its width there.
    const shelf = post('shelf', [-300, -700, 280], [300, -500, 300]);
    const found = check(movers, [shelf]);
    expect(found[2]!.usable).toBeLessThan(deg(60));
    expect(found[2]!.encounters[0]!.still).toBe('shelf');
    expect(usable(movers)['lid']).toBe(deg(90));
    const { goal } = fullestOpening({ still: [], movers }, check(movers), new PairMaps());
    expect(goal).toEqual({ leaf: deg(90), tray: 200, lid: deg(90) });
    // Drawn: with the tray out the leaf shows neither its copy nor the lid's, and the tray still shows the lid's.
    const out = standingAt(movers, { tray: 50 });
    expect(out.travels).toMatchObject({ leaf: deg(90), tray: 50 });
    expect(out.movers.map(({ bodies }) => bodies.length)).toEqual([1, 2, 1]);
    expect([...out.hidden]).toEqual(['lid']);
  });
});

describe('a rider that goes wherever what carries it stands', () => {
  const random = (seed: number) => {
    const dice = diceOf(seed);
    const sign = dice.one([1, -1] as const);
    const carrier = dice.chance(0.7)
      ? door('host', 0, 0, 1, dice.real(40, 120))
      : mover(
          'host',
          { kind: 'slide', direction: [0, -1, 0] },
          dice.real(100, 500),
          box([0, 0, 0], [500, 20, 800]),
        );
    const from = dice.real(50, 300);
    const boxed = box([from, -dice.real(20, 120), 100], [from + dice.real(20, 180), -1, dice.real(150, 400)]);
    const goes = dice.chance(0.5)
      ? mover(
          'rider',
          {
            kind: 'slide',
            direction: dice.one<Point3>([
              [1, 0, 0],
              [0, -1, 0],
              [0, 0, 1],
            ]),
          },
          dice.real(50, 400),
          boxed,
        )
      : mover(
          'rider',
          {
            kind: 'turn',
            point: [from, 0, 100],
            axis: dice.one<Point3>([
              [0, 0, -1],
              [0, sign, 0],
              [1, 0, 0],
            ]),
          },
          deg(dice.real(20, 120)),
          boxed,
        );
    const still: Body[] = [
      post('post', [dice.real(-500, 500), -700, 0], [dice.real(500, 700), -dice.real(300, 600), 800]),
      {
        id: 'wall',
        name: 'wall',
        item: 'space',
        pieces: [halfSpace([0, -dice.real(400, 900), 0], [dice.real(-0.3, 0.3), 1, 0])],
      },
    ];
    return { dice, movers: carrying(carrier, goes, 'any'), still };
  };

  it('is proven free and proven to hit as it is, wherever both stand: 60 scenes by poses of manifold-3d', async () => {
    const { gap } = await manifoldReferee();
    const counts = { free: 0, blocked: 0 };
    for (let seed = 1; seed <= 60; seed += 1) {
      const { dice, movers, still } = random(seed);
      const [host, rider] = movers;
      const map = new PairMaps().of(rider, host, still);
      const distance = (t: number, h: number): number => {
        const corners = carriedAt(rider, host, h).bodies.flatMap(({ motion, pieces }) =>
          pieces.map((piece) => place(motionPose(motion, t), piece.corners)),
        );
        return Math.min(
          ...corners.flatMap((one) =>
            still.flatMap(({ pieces }) =>
              pieces.map((solid) => {
                if (solid.kind === 'convex') return gap(one, solid.corners, 2000);
                const along = [...Array(one.length / 3).keys()].map(
                  (i) =>
                    solid.normal[0] * one[3 * i]! +
                    solid.normal[1] * one[3 * i + 1]! +
                    solid.normal[2] * one[3 * i + 2]!,
                );
                return Math.max(0, Math.min(...along) - solid.offset);
              }),
            ),
          ),
        );
      };
      for (let k = 0; k < 30; k += 1) {
        const [t, h] = [dice.real(0, rider.to), dice.real(0, host.to)];
        const ground = map ? groundAt(map, t, h) : FREE;
        if (ground === FREE && (counts.free += 1)) expect(distance(t, h)).toBeGreaterThan(0);
        if (ground === BLOCKED && (counts.blocked += 1)) expect(distance(t, h)).toBeLessThan(1e-6);
      }
    }
    // Both are met often, else nothing is shown.
    expect(counts.free).toBeGreaterThan(200);
    expect(counts.blocked).toBeGreaterThan(60);
  });

  it('opens in the order that what is about it leaves: first where its carrier is out of the way', () => {
    // Shut, a post stands before the tray's end; open, nothing does.
    const [host, rider] = carrying(leaf, tray, 'any');
    const scene = { still: [post('post', [490, -200, 0], [500, -10, 300])], movers: [host, rider] };
    const order = openingOrder(scene, new PairMaps(), { leaf: deg(90), tray: 200 });
    expect(order.kind === 'order' && order.moves.map((move) => move.kind === 'one' && move.part)).toEqual([
      'leaf',
      'tray',
    ]);
    expect(finish(pairLines(scene, new PairMaps()))[0]!.word).toBe('first first');
    const pass = passOf(scene, new PairMaps(), 'leaf', 'tray');
    expect(pass.way).toEqual([
      [0, 0],
      [deg(90), 0],
      [deg(90), 200],
    ]);
    // Without it either may go first, and nothing is held against it: they are told as one thing.
    expect(finish(pairLines({ ...scene, still: [] }, new PairMaps()))[0]!.sentence).toMatch(
      /opens wherever that stands/,
    );
  });

  it('is held against what it meets where its carrier has taken it, and so is its carrier with it out', () => {
    const [host, rider] = carrying(leaf, tray, 'any');
    // Beyond the open leaf's end: only the tray out, on the leaf open, comes here.
    const gate = mover(
      'gate',
      { kind: 'slide', direction: [0, 0, 1] },
      700,
      box([-200, -650, 90], [200, -600, 210]),
    );
    const scene = { still: [], movers: [host, rider, gate] };
    const goal = { leaf: deg(90), tray: 200 };
    const order = openingOrder(scene, new PairMaps(), goal);
    // The gate goes up first, or the tray could not come out on the open leaf, nor the leaf open with the tray out.
    expect(order.kind === 'order' && order.moves.map((move) => move.kind === 'one' && move.part)).toEqual(
      expect.arrayContaining(['gate', 'leaf', 'tray']),
    );
    const stuck = { ...gate, to: 20 };
    expect(openingOrder({ ...scene, movers: [host, rider, stuck] }, new PairMaps(), goal).kind).toBe(
      'not proven',
    );
  });
});

describe('an order with riders', () => {
  const firsts = (movers: readonly Mover[], goal: Record<string, number>) => {
    const order = openingOrder({ still: [], movers }, new PairMaps(), goal);
    return order.kind === 'order'
      ? order.moves.map((move) => move.kind === 'one' && [move.part, move.to])
      : order.kind;
  };

  it('opens what carries it first, or opens and shuts it before that, or goes on', () => {
    const goal = { leaf: deg(90), tray: 200 };
    expect(firsts(carrying(leaf, tray, 'open'), goal)).toEqual([
      ['leaf', deg(90)],
      ['tray', 200],
    ]);
    expect(firsts(carrying(leaf, tray, 'shut'), goal)).toEqual([
      ['tray', 200],
      ['tray', 0],
      ['leaf', deg(90)],
    ]);
    expect(firsts(carrying(leaf, tray, 'any'), goal)).toHaveLength(2);
  });

  it('what only goes with its carrier open stays shut where that never comes so far, and says what stops it', () => {
    const movers = carrying(leaf, tray, 'open');
    const still = [post('post', [0, -400, 0], [20, -300, 300])];
    const { goal, less } = fullestOpening({ still, movers }, check(movers, still), new PairMaps());
    expect(Object.keys(goal)).toEqual(['leaf']);
    expect(less.map(({ part, by }) => [part, by.id])).toEqual([
      ['leaf', 'post'],
      ['tray', 'post'],
    ]);
  });
});

describe('where riders stand', () => {
  const at = (when: Ride['while'], travels: Record<string, number>) => {
    const movers = carrying(leaf, tray, when);
    return standingAt(movers, travels);
  };

  it('shut it is drawn as a body of what carries it, and out by itself', () => {
    const shut = at('any', {});
    expect([...shut.hidden]).toEqual(['tray']);
    expect(shut.movers[0]!.bodies).toHaveLength(2);
    const out = at('any', { tray: 100, leaf: deg(90) });
    expect([...out.hidden]).toEqual([]);
    expect(out.movers[0]!.bodies).toHaveLength(1);
    const { motion, pieces } = out.movers[1]!.bodies[0]!;
    const ys = [...place(motionPose(motion, 100), (pieces[0] as Convex).corners)].filter(
      (_, i) => i % 3 === 1,
    );
    // Along the open leaf, 300 to 480 from its axis, and 100 farther out.
    expect(Math.min(...ys)).toBeCloseTo(-580, 9);
    expect(Math.max(...ys)).toBeCloseTo(-400, 9);
  });

  it('out it holds open what it needs open, and what is out keeps shut what needs it shut', () => {
    expect(at('open', { tray: 100 }).travels['leaf']).toBe(deg(90));
    expect(at('shut', { tray: 100, leaf: 1 }).travels).toMatchObject({ tray: 0, leaf: 1 });
    expect(at('shut', { tray: 100 }).travels['tray']).toBe(100);
  });

  it('is told where its motion is for what carries it shut', () => {
    expect(ridingOn(tray, leaf, { on: 'leaf', by: 'leaf/leaf', while: 'any' }).bodies[0]!.motion.key).toBe(
      motionOf({ kind: 'slide', direction: [1, 0, 0] }).key,
    );
    expect(() => ridingOn(tray, leaf, { on: 'leaf', by: 'leaf/knob', while: 'any' })).toThrow(
      /no body leaf\/knob/,
    );
  });
});
