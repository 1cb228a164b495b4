import fc from 'fast-check';
import { chain, motionOf } from '../motion/motion';
import { GRAVITY } from '../piece/mass';
import type { Point3 } from '../solid/prism';
import { real } from '../testing/real';
import { eigenOf } from './eigen';
import { AT_EASE, frictionForce, handForce, springForce, strutForce, weightForce, type Force } from './force';
import { exactly } from './interval';
import { strutPush, type GasStrut } from './strut';
import { holdsUntil, momentAbout } from './moment';
import { reactionsTo, type Support } from './reactions';
import { footOf, holdAt, standingOn } from './tipping';

const X: Point3 = [1, 0, 0];
const Y: Point3 = [0, 1, 0];
const Z: Point3 = [0, 0, 1];
const AXIS = { point: [0, 0, 0] as Point3, direction: [0, -1, 0] as Point3 };

/** Sums of all forces and of what they turn about the origin, supports with the rest: N and Nmm. */
function left(supports: readonly Support[], forces: readonly Force[]): number[] {
  const reactions = reactionsTo(supports, forces, AT_EASE)!;
  const sum = [0, 0, 0, 0, 0, 0];
  const add = (at: Point3, toward: Point3, newtons: number) => {
    const f = toward.map((x) => x * newtons) as unknown as Point3;
    const turns = [at[1] * f[2] - at[2] * f[1], at[2] * f[0] - at[0] * f[2], at[0] * f[1] - at[1] * f[0]];
    [...f, ...turns].forEach((value, i) => (sum[i]! += value));
  };
  for (const force of forces) add(force.at(AT_EASE), force.toward(AT_EASE), force.newtons(AT_EASE).most);
  supports.forEach(({ at, holds }, i) =>
    holds.forEach((toward, k) => add(at, toward, reactions[i]!.along[k]!.most)),
  );
  return sum;
}

describe('a leaf on its hinges', () => {
  // 12 kg, 600 wide, hinges 1500 apart: m g (W/2) / spacing = 23.536 N. Derived
  const leaf = weightForce('leaf', 'the leaf', { kg: 12, centre: [300, 0, 900] });
  const hinge = (key: string, z: number): Support => ({ key, at: [0, 0, z], holds: [X, Y, Z] });

  it('pulls the top one out as hard as it presses the bottom one in, and both carry it', () => {
    const [bottom, top] = reactionsTo([hinge('bottom', 150), hinge('top', 1650)], [leaf], AT_EASE)!;
    expect(top!.along[0]!.most).toBeCloseTo(-23.536, 3);
    expect(bottom!.along[0]!.most).toBeCloseTo(23.536, 3);
    expect(top!.along[2]!.most + bottom!.along[2]!.most).toBeCloseTo(12 * GRAVITY, 9);
  });

  it('of four hinges the end ones pull most: by their height over the middle', () => {
    const at = [150, 650, 1150, 1650];
    const pulls = reactionsTo(
      at.map((z) => hinge(String(z), z)),
      [leaf],
      AT_EASE,
    )!.map(({ along }) => along[0]!.most);
    // M z / sum of z squared: 35,304 Nmm x 750 / (2 (750^2 + 250^2)).
    expect(pulls[3]).toBeCloseTo(-(12 * GRAVITY * 300 * 750) / (2 * (750 ** 2 + 250 ** 2)), 6);
    expect(pulls[2]! / pulls[3]!).toBeCloseTo(250 / 750, 9);
  });

  it('with a rack of 4 kg near its free edge pulls harder by the rack’s own moment', () => {
    const rack = weightForce('rack', 'the rack', { kg: 4, centre: [500, 45, 1200] });
    const [, top] = reactionsTo([hinge('bottom', 150), hinge('top', 1650)], [leaf, rack], AT_EASE)!;
    expect(top!.along[0]!.most).toBeCloseTo((-GRAVITY * (12 * 300 + 4 * 500)) / 1500, 9);
    // It stands 45 behind the leaf: across it as well.
    expect(top!.along[1]!.most).toBeCloseTo((-GRAVITY * 4 * 45) / 1500, 9);
  });

  it('is not held by hinges that let it turn, against a hand that turns it', () => {
    const hand = handForce('hand', 'a hand', [600, 0, 900], Y, exactly(20));
    expect(reactionsTo([hinge('bottom', 150), hinge('top', 1650)], [leaf, hand], AT_EASE)).toBeUndefined();
  });

  it('sums of forces and of moments are 0 to 1e-9 of what acts, whatever acts and however it is held', () => {
    const point = fc.tuple(
      real(-2000, 2000),
      real(-2000, 2000),
      real(0, 2500),
    ) as unknown as fc.Arbitrary<Point3>;
    const acting = fc.array(fc.tuple(point, real(0.1, 200)), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(fc.array(point, { minLength: 3, maxLength: 7 }), acting, (places, loads) => {
        const spread = places.map((at, i) => ({ key: String(i), at, holds: [X, Y, Z] }));
        const weights = loads.map(([centre, kg], i) => weightForce(`w${i}`, '', { kg, centre }));
        if (!reactionsTo(spread, weights, AT_EASE)) return;
        const total = loads.reduce((sum, [, kg]) => sum + kg * GRAVITY, 0);
        const [fx, fy, fz, ...turns] = left(spread, weights);
        expect(Math.hypot(fx!, fy!, fz!) / total).toBeLessThan(1e-9);
        expect(Math.hypot(...turns) / (total * 3000)).toBeLessThan(1e-9);
      }),
      { numRuns: 300 },
    );
  });
});

describe('what stands, with what opens open', () => {
  const foot = footOf([0, 0, 0], [800, 450, 0]);
  const body = weightForce('case', 'the case', { kg: 30, centre: [400, 225, 500] });
  // Three drawers of 12 kg, the middle of each 200 behind its front, drawn out by 400 towards less y.
  const out = motionOf({ kind: 'slide', direction: [0, -1, 0] });
  const drawers = [150, 450, 750].map((z, i) =>
    weightForce(`d${i}`, 'a drawer', { kg: 12, centre: [400, 200, z] }, out),
  );

  it('a bank of drawers shut stands by all its weight, and with all open by what is left: by hand', () => {
    const all = [body, ...drawers];
    const shut = standingOn(foot, 0, all, { ...AT_EASE, travel: 0 })[0]!;
    // About the front: 30 kg at 225 and 36 kg at 200.
    expect(shut.holds.least).toBeCloseTo((GRAVITY * (30 * 225 + 36 * 200)) / 1000, 9);
    const open = standingOn(foot, 0, all, { ...AT_EASE, travel: 400 })[0]!;
    expect(open.edge).toEqual([
      [0, 0],
      [800, 0],
    ]);
    expect(open.holds.least).toBeCloseTo((GRAVITY * (30 * 225 + 36 * (200 - 400))) / 1000, 9);
    expect(open.holds.least).toBeLessThan(0);
    // 4.41 Nm short: screwed to the wall 1 m up it is held with 4.41 N.
    expect(holdAt(1000, open)).toBeCloseTo(-open.holds.least, 9);
    expect(holdAt(1000, shut)).toBe(0);
  });

  it('tips from the very travel at which the moments are even', () => {
    const holding = (travel: number) =>
      standingOn(foot, 0, [body, ...drawers], { ...AT_EASE, travel }).find(
        ({ edge }) => edge[0][1] === 0 && edge[1][1] === 0,
      )!.holds;
    expect(holdsUntil(holding, 0, 450)).toBeCloseTo(200 + (30 * 225) / 36, 6);
    expect(holdsUntil(holding, 0, 300)).toBeUndefined();
  });

  it('a fold-up bed lying down pulls its wall fixing by what its cabinet does not hold', () => {
    // Bed 60 kg 0.75 m before the front foot, cabinet 50 kg 0.23 m behind it, fixing 2 m up: 164.26 N. Derived
    const bed = weightForce('bed', 'the bed', { kg: 60, centre: [400, -750, 400] });
    const cabinet = weightForce('cabinet', 'the cabinet', { kg: 50, centre: [400, 230, 1000] });
    const [front] = standingOn(footOf([0, 0, 0], [800, 460, 0]), 0, [bed, cabinet], AT_EASE);
    expect(holdAt(2000, front!)).toBeCloseTo(164.26, 2);
  });
});

describe('a lid and its strut', () => {
  const turn = motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, -1, 0] });
  const lid = weightForce('lid', 'the lid', { kg: 10, centre: [230, 0, 0] }, turn);
  const even = (push: number): GasStrut => ({
    push,
    progression: 1,
    stroke: 100,
    extended: 400,
    friction: 0,
    tolerance: 0,
    ageing: 0,
  });
  const strut = strutForce('strut', 'a strut', even(200), {
    on: [150, 0, 0],
    fixed: [100, 0, -200],
    motion: turn,
  });

  it('of 10 kg is opened by a strut of 200 N, and wants 14.553 N at 450 to hold it down', () => {
    // Derived, free body in the plane: 6.549 Nm.
    const opens = momentAbout(AXIS, [lid, strut], AT_EASE);
    expect(opens.least).toBeCloseTo(6.549, 3);
    expect(opens.least / 0.45).toBeCloseTo(14.553, 3);
    const failed = momentAbout(AXIS, [lid, strut], { ...AT_EASE, failed: new Set(['strut']) });
    expect(failed.most).toBeCloseTo(-10 * GRAVITY * 0.23, 9);
  });

  it('lifts its hinge: the axis holds (-48.51, -81.41)', () => {
    const hand = handForce(
      'hand',
      'a hand',
      [450, 0, 0],
      [0, 0, -1],
      exactly(momentAbout(AXIS, [lid, strut], AT_EASE).least / 0.45),
    );
    const axis: Support = { key: 'axis', at: [0, 0, 0], holds: [X, Y, Z] };
    const other: Support = { key: 'other', at: [0, 400, 0], holds: [X, Y, Z] };
    const both = [lid, strut, hand].map((force) => ({
      ...force,
      at: (situation: typeof AT_EASE): Point3 => {
        const [x, , z] = force.at(situation);
        return [x, 200, z];
      },
    }));
    const [one, two] = reactionsTo([axis, other], both, AT_EASE)!;
    expect(one!.along[0]!.most + two!.along[0]!.most).toBeCloseTo(-48.51, 2);
    expect(one!.along[2]!.most + two!.along[2]!.most).toBeCloseTo(-81.41, 1);
  });

  it('gas pushes harder pressed in and warm, and by its seals to press it in', () => {
    const gas: GasStrut = {
      push: 400,
      progression: 1.3,
      stroke: 100,
      extended: 300,
      friction: 0.15,
      tolerance: 0.1,
      ageing: 0,
    };
    const bare = { ...gas, friction: 0, tolerance: 0 };
    expect(strutPush(bare, exactly(250), { sense: 1, celsius: 20, aged: false }).least / 400).toBeCloseTo(
      1.13043,
      5,
    );
    expect(strutPush(bare, exactly(200), { sense: 1, celsius: 20, aged: false }).least / 400).toBeCloseTo(
      1.3,
      9,
    );
    // Derived by the ideal gas: 359.07, 372.71, 427.29 N at -10, 0 and 40 degrees.
    for (const [celsius, push] of [
      [-10, 359.07],
      [0, 372.71],
      [40, 427.29],
    ] as const)
      expect(strutPush(bare, exactly(300), { sense: 1, celsius: celsius, aged: false }).least).toBeCloseTo(
        push,
        2,
      );
    expect(strutPush(gas, exactly(300), { sense: -1, celsius: 20, aged: false })).toEqual({
      least: expect.closeTo(414, 9),
      most: expect.closeTo(506, 9),
    });
  });

  it('a spring without a free length holds a lid at every angle where k a b = m g r', () => {
    // Anchor a above the axis, on the leaf b from it: 8 kg, r 0.23, a 0.15, b 0.2 m: 601.47 N/m. From memory
    const leaf = weightForce('leaf', 'the leaf', { kg: 8, centre: [230, 0, 0] }, turn);
    const spring = springForce(
      'spring',
      'a spring',
      { perMm: exactly(0.60147), free: 0 },
      { on: [200, 0, 0], fixed: [0, 0, 150], motion: turn },
    );
    for (const travel of [0, 0.4, 0.9, 1.4])
      expect(momentAbout(AXIS, [leaf, spring], { ...AT_EASE, travel }).least).toBeCloseTo(0, 3);
  });

  it('what rubs acts against the way it goes', () => {
    const along = motionOf({ kind: 'slide', direction: Y });
    const share = { least: 0.2, most: 0.4 };
    const rubs = frictionForce('runner', 'its runners', [0, 0, 0], along, exactly(100), share);
    expect(rubs.toward({ ...AT_EASE, sense: 1 })[1]).toBe(-1);
    expect(rubs.toward({ ...AT_EASE, sense: -1 })[1]).toBe(1);
    expect(rubs.newtons(AT_EASE)).toEqual({ least: 20, most: 40 });
    expect(rubs.over(0, 300, AT_EASE)).toEqual({ least: -40, most: -20 });
    expect(rubs.over(0, 300, { ...AT_EASE, sense: -1 })).toEqual({ least: 20, most: 40 });
  });
});

describe('what is known only from the least to the most', () => {
  // A beam on posts at 0 and 1000, and between 50 and 90 N pulling up at 1500: the near post pulls it down by half of that, the far one
  // would be lifted by one and a half times it. By moments.
  const post = (key: string, x: number): Support => ({ key, at: [x, 0, 0], holds: [X, Y, Z] });
  const lifted = handForce('hand', 'a hand', [1500, 0, 0], Z, { least: 50, most: 90 });

  it('comes out of supports from the least to the most, whichever way they push', () => {
    const [near, far] = reactionsTo([post('near', 0), post('far', 1000)], [lifted], AT_EASE)!;
    const upright = (one: typeof near) => one!.along[2]!;
    expect([upright(near).least, upright(near).most]).toEqual([25, 45].map((n) => expect.closeTo(n, 9)));
    expect([upright(far).least, upright(far).most]).toEqual([-135, -75].map((n) => expect.closeTo(n, 9)));
    expect([near!.most, far!.most]).toEqual([45, 135].map((n) => expect.closeTo(n, 9)));
  });

  it('turns about an axis from the least to the most, to either side', () => {
    // About the y axis pointing away: up at 1500 turns one way, a weight at 1000 of exactly 60 N the other.
    const weight = handForce('weight', 'a weight', [1000, 0, 0], [0, 0, -1], exactly(60));
    const about = (direction: Point3) =>
      momentAbout({ point: [0, 0, 0], direction }, [lifted, weight], AT_EASE);
    expect(about([0, -1, 0])).toEqual({
      least: expect.closeTo(75 - 60, 9),
      most: expect.closeTo(135 - 60, 9),
    });
    expect(about([0, 1, 0])).toEqual({
      least: expect.closeTo(60 - 135, 9),
      most: expect.closeTo(60 - 75, 9),
    });
    // By the place of the axis: from 1000 on the weight turns nothing.
    expect(
      momentAbout({ point: [1000, 0, 0], direction: [0, -1, 0] }, [lifted, weight], AT_EASE).least,
    ).toBeCloseTo(25, 9);
  });

  it('tips by the worst of it, and a fixing holds with that over its height', () => {
    // 20 kg in the middle of a foot 600 by 400; between 100 and 200 N pull at its front edge's height of 1000 outward.
    expect(footOf([1, 2, 3], [10, 20, 30])).toEqual([[1, 2], [10, 2], [10, 20], [1, 20]]); // prettier-ignore
    const foot = footOf([0, 0, 0], [600, 400, 1000]);
    expect(foot).toEqual([[0, 0], [600, 0], [600, 400], [0, 400]]); // prettier-ignore
    const weight = weightForce('case', 'the case', { kg: 20, centre: [300, 200, 500] });
    const pull = handForce('hand', 'a hand', [300, 0, 1000], [0, -1, 0], { least: 100, most: 200 });
    const [front, ...others] = standingOn(foot, 0, [weight, pull], AT_EASE);
    const held = 20 * GRAVITY * 0.2;
    expect(front!.edge).toEqual([[0, 0], [600, 0]]); // prettier-ignore
    expect(front!.holds).toEqual({
      least: expect.closeTo(held - 200, 9),
      most: expect.closeTo(held - 100, 9),
    });
    expect(holdAt(800, front!)).toBeCloseTo((200 - held) / 0.8, 9);
    expect(others.every((one) => holdAt(800, one) === 0)).toBe(true);
    // On a base 100 up the same pull has so much less of an arm.
    expect(standingOn(foot, 100, [weight, pull], AT_EASE)[0]!.holds.least).toBeCloseTo(held - 180, 9);
  });

  it('holds until the travel at which its least falls to nothing: evenly or not, at once, or never', () => {
    const evenly = (travel: number) => ({ least: 30 - travel / 10, most: 99 });
    expect(holdsUntil(evenly, 0, 500)).toBe(300);
    expect(holdsUntil(evenly, 0, 300)).toBeUndefined();
    expect(holdsUntil(evenly, 400, 500)).toBe(400);
    // Not even: 90 - travel squared.
    expect(holdsUntil((travel) => exactly(90 - travel * travel), 0, 100)).toBeCloseTo(Math.sqrt(90), 8);
  });

  it('of a force that has failed is nothing, and of a strut beyond its stroke what it gives at its end', () => {
    const failed = { ...AT_EASE, failed: new Set(['hand']) };
    expect(lifted.newtons(failed)).toEqual(exactly(0));
    expect(momentAbout(AXIS, [lifted], failed)).toEqual({ least: 0, most: 0 });
    const gas: GasStrut = {
      push: 100,
      progression: 1.5,
      stroke: 100,
      extended: 300,
      friction: 0.2,
      tolerance: 0.1,
      ageing: 0,
    };
    expect(strutPush(gas, exactly(350), { sense: 1, celsius: 20, aged: false })).toEqual({
      least: expect.closeTo(90, 9),
      most: expect.closeTo(110, 9),
    });
    expect(strutPush(gas, exactly(150), { sense: 1, celsius: 20, aged: false }).most).toBeCloseTo(
      150 * 1.1,
      9,
    );
    expect(strutPush(gas, exactly(150), { sense: -1, celsius: 20, aged: false }).most).toBeCloseTo(
      150 * 1.2 * 1.1,
      9,
    );
  });

  it('a strut pushes along its line whichever way its mover goes, more as it goes in', () => {
    const gas: GasStrut = {
      push: 100,
      progression: 1,
      stroke: 100,
      extended: 300,
      friction: 0.2,
      tolerance: 0,
      ageing: 0,
    };
    const still = motionOf({ kind: 'slide', direction: X });
    const strut = strutForce('strut', 'a strut', gas, {
      on: [250, 0, 0],
      fixed: [0, 0, 0],
      motion: still,
    });
    expect([strut.at(AT_EASE), strut.toward(AT_EASE)]).toEqual([[250, 0, 0], [1, 0, 0]]); // prettier-ignore
    expect(strut.at({ ...AT_EASE, travel: 30 })).toEqual([280, 0, 0]);
    expect([strut.newtons(AT_EASE).most, strut.newtons({ ...AT_EASE, sense: -1 }).most]).toEqual([100, 120]);
    // Before its fixed end, it is pressed in as its mover opens.
    const closing = strutForce('strut', 'a strut', gas, {
      on: [-250, 0, 0],
      fixed: [0, 0, 0],
      motion: still,
    });
    expect([closing.newtons(AT_EASE).most, closing.newtons({ ...AT_EASE, sense: -1 }).most]).toEqual([
      120, 100,
    ]);
  });

  it('a spring pulls by what it is stretched beyond its free length, and pushes never', () => {
    const still = motionOf({ kind: 'slide', direction: X });
    const spring = (free: number) =>
      springForce(
        'spring',
        'a spring',
        { perMm: { least: 2, most: 3 }, free },
        { on: [200, 0, 0], fixed: [0, 0, 0], motion: still },
      );
    expect(spring(150).newtons(AT_EASE)).toEqual({ least: 100, most: 150 });
    expect(spring(150).toward(AT_EASE)[0]).toBe(-1);
    expect(spring(250).newtons(AT_EASE)).toEqual({ least: 0, most: 0 });
  });
});

it('eigenvectors of symmetric matrices put together again make them, to the last digits', () => {
  const rows = fc.array(fc.array(real(-5, 5), { minLength: 6, maxLength: 6 }), {
    minLength: 6,
    maxLength: 6,
  });
  fc.assert(
    fc.property(rows, (raw) => {
      const matrix = raw.map((row, i) => row.map((value, j) => (value + raw[j]![i]!) / 2));
      const { values, vectors } = eigenOf(matrix);
      matrix.forEach((row, i) =>
        row.forEach((value, j) => {
          const made = values.reduce((sum, one, k) => sum + one * vectors[k]![i]! * vectors[k]![j]!, 0);
          expect(made).toBeCloseTo(value, 10);
        }),
      );
    }),
    { numRuns: 100 },
  );
});

describe('where a strut and a spring push', () => {
  it('is along the line between their ends, all three ways of the space', () => {
    // Derived: from (100, 10, -200) to (150, 40, 0) is (50, 30, 200), 208.33 long.
    const still = chain([]);
    const ends = { on: [150, 40, 0], fixed: [100, 10, -200], motion: still, opens: 1 } as const;
    const gas: GasStrut = {
      push: 200,
      progression: 1,
      stroke: 100,
      extended: 400,
      friction: 0,
      tolerance: 0,
      ageing: 0,
    };
    const length = Math.hypot(50, 30, 200);
    const [pushes, pulls] = [
      strutForce('strut', 'a strut', gas, ends).toward(AT_EASE),
      springForce('spring', 'a spring', { perMm: { least: 1, most: 1 }, free: 100 }, ends).toward(AT_EASE),
    ];
    [50, 30, 200].forEach((mm, axis) => {
      expect(pushes[axis]).toBeCloseTo(mm / length, 12);
      expect(pulls[axis]).toBeCloseTo(-mm / length, 12);
    });
  });
});
