import fc from 'fast-check';
import { approachStill } from '../clearance/approachStill';
import { MovingPiece } from '../clearance/movingPiece';
import { box, type Point3 } from '../solid/prism';
import { real } from '../testing/real';
import { Carriage } from './carriage';
import { cupHingeMotion, GENERIC_CUP_HINGE } from './cupHinge';
import { knotsOfTable, ratio, table } from './drive';
import { FourBar, fourBarMotions } from './fourBar';
import { AT_REST, carried, chain, motionOf, motionPose, moved, type Motion } from './motion';
import { sweepOf } from './sweepOf';
import { trackMotion, type PlacedTrack } from './track';

const SEED = 20261125;
const deg = (degrees: number) => (degrees * Math.PI) / 180;
const Z: Point3 = [0, 0, 1];
const at = (motion: Motion, travel: number, point: Point3) => moved(motionPose(motion, travel), point);

/** A crank angle at which a linkage closes. */
function closesSomewhere(bar: FourBar): number | undefined {
  return Array.from({ length: 64 }, (_, i) => i / 10).find((angle) => {
    try {
      return Number.isFinite(bar.angles(angle).rocker);
    } catch {
      return false;
    }
  });
}

describe('a four-bar linkage', () => {
  const links = { crank: 40, coupler: 120, rocker: 80, ground: 100 };

  it('has the angles of the worked example in Norton, Design of Machinery (from memory; recomputed)', () => {
    const open = new FourBar(links, 'open').angles(deg(40));
    const crossed = new FourBar(links, 'crossed').angles(deg(40));
    const degrees = (x: number) => (((x * 180) / Math.PI + 540) % 360) - 180;
    expect(degrees(open.coupler)).toBeCloseTo(20.3, 1);
    expect(degrees(open.rocker)).toBeCloseTo(57.33, 1);
    expect(degrees(crossed.coupler)).toBeCloseTo(-60.98, 1);
    expect(degrees(crossed.rocker)).toBeCloseTo(-98.0, 1);
  });

  it("meets Freudenstein's equation all the way round, and Grashof's condition tells that it goes round", () => {
    const { crank: a, coupler: b, rocker: c, ground: d } = links;
    const [k1, k2, k3] = [d / a, d / c, (a * a - b * b + c * c + d * d) / (2 * a * c)];
    const bar = new FourBar(links, 'open');
    expect(bar.grashof).toBe(true);
    expect(bar.closesUntil(0, 2 * Math.PI)).toBeUndefined();
    let last = bar.angles(0);
    for (let t2 = 0; t2 < 6.3; t2 += 0.01) {
      const here = bar.angles(t2);
      expect(k1 * Math.cos(here.rocker) - k2 * Math.cos(t2) + k3).toBeCloseTo(Math.cos(t2 - here.rocker), 9);
      expect(Math.abs(here.coupler - last.coupler)).toBeLessThan(0.05); // continuous, no jump of a turn
      last = here;
    }
  });

  it("goes full circle on its shortest link exactly where Grashof's condition says so (derived: shortest + longest <= the other two)", () => {
    let [round, not] = [0, 0];
    fc.assert(
      fc.property(real(20, 200), real(20, 200), real(20, 200), real(20, 200), (...lengths) => {
        const [crank, ...others] = lengths.sort((a, b) => a - b);
        for (const [coupler, rocker, ground] of [
          others,
          [others[1], others[2], others[0]],
          [others[2], others[0], others[1]],
        ]) {
          const bar = new FourBar(
            { crank: crank!, coupler: coupler!, rocker: rocker!, ground: ground! },
            'open',
          );
          const start = closesSomewhere(bar);
          if (start === undefined) continue;
          const stops = bar.closesUntil(start, start + 2 * Math.PI);
          expect(stops === undefined).toBe(bar.grashof);
          if (bar.grashof) round += 1;
          else not += 1;
        }
      }),
      { seed: SEED, numRuns: 200 },
    );
    expect(Math.min(round, not)).toBeGreaterThan(50);
  });

  it('has rates that are the slopes of its angles, within the bounds of every stretch', () => {
    const long = fc.record({
      crank: real(20, 200),
      coupler: real(20, 200),
      rocker: real(20, 200),
      ground: real(20, 200),
    });
    let tried = 0;
    fc.assert(
      fc.property(
        long,
        fc.constantFrom('open' as const, 'crossed' as const),
        real(-3, 3),
        real(0.01, 0.6),
        (lengths, assembly, from, span) => {
          const bar = new FourBar(lengths, assembly);
          if (bar.closesUntil(from, from + span) !== undefined) return;
          tried += 1;
          const bounds = bar.over(from, from + span);
          for (let i = 0; i <= 20; i += 1) {
            const t = from + (span * i) / 20;
            const step = 1e-5;
            for (const link of ['coupler', 'rocker'] as const) {
              const rate = bar.rates(t)[link];
              expect(Math.abs(rate)).toBeLessThanOrEqual(bounds[link].rate * (1 + 1e-9));
              if (i === 0 || i === 20) continue;
              const [before, after] = [bar.angles(t - step)[link], bar.angles(t + step)[link]];
              expect(Math.abs((after - before) / (2 * step) - rate)).toBeLessThan(
                1e-3 * (1 + Math.abs(rate)) ** 3,
              );
              const bend = (bar.rates(t + step)[link] - bar.rates(t - step)[link]) / (2 * step);
              expect(Math.abs(bend)).toBeLessThanOrEqual(bounds[link].bend * (1 + 1e-4) + 1e-4);
            }
          }
        },
      ),
      { seed: SEED, numRuns: 400 },
    );
    expect(tried).toBeGreaterThan(80);
  });

  it('says at which angle it cannot close, or that it cannot be put together', () => {
    const placed = {
      axis: Z,
      first: [0, 0, 0],
      second: [100, 0, 0],
      coupler: 60,
      rocker: 60,
      crank: 50,
      assembly: 'open',
      start: 0,
    } as const;
    // The diagonal reaches coupler + rocker = 120 where cos t = (50^2 + 100^2 - 120^2) / (2 50 100): 100.95 degrees.
    const stop = (Math.acos((2500 + 10_000 - 14_400) / 10_000) * 180) / Math.PI;
    expect(() => fourBarMotions(placed, 0, deg(150))).toThrow(
      new RegExp(`beyond ${stop.toFixed(1)} degrees`),
    );
    expect(() => fourBarMotions({ ...placed, crank: 400 }, 0, 1)).toThrow(/cannot be put together/);
  });

  it('keeps the length of every link at every travel', () => {
    const placed = {
      axis: Z,
      first: [10, 20, 0],
      second: [110, 20, 0],
      crank: 40,
      coupler: 120,
      rocker: 80,
      assembly: 'open',
      start: deg(40),
    } as const;
    const { crank, coupler, rocker } = fourBarMotions(placed, deg(-70), 0);
    const joint: Point3 = [10 + 40 * Math.cos(deg(40)), 20 + 40 * Math.sin(deg(40)), 0];
    const open = new FourBar(links, 'open').angles(deg(40));
    const far: Point3 = [110 + 80 * Math.cos(open.rocker), 20 + 80 * Math.sin(open.rocker), 0];
    for (let t = 0; t >= deg(-70); t -= 0.05) {
      expect(Math.hypot(...at(crank, t, joint).map((x, i) => x - at(coupler, t, joint)[i]!))).toBeLessThan(
        1e-9,
      );
      expect(Math.hypot(...at(rocker, t, far).map((x, i) => x - at(coupler, t, far)[i]!))).toBeLessThan(1e-9);
    }
  });
});

describe('a carriage on a track', () => {
  // Upright 2000, a quarter bend of radius 300, then level: an overhead door's section with followers 500 apart.
  const stretches = [
    { kind: 'line', length: 2000 },
    { kind: 'arc', radius: 300, angle: deg(-90) },
    { kind: 'line', length: 1500 },
  ] as const;
  const placed: PlacedTrack = {
    start: [0, 0, 0],
    along: [0, 0, 1],
    axis: [0, -1, 0],
    stretches,
    front: 600,
    spacing: 500,
  };
  const onTrack = ([x, y, z]: Point3): number => {
    // By hand: up the line x = 0 to z 2000, round (x, z) = (side 300, 2000), along z = 2300.
    const side = Math.sign(x) || 1;
    if (z <= 2000) return Math.hypot(x, y);
    if (Math.abs(x) <= 300) return Math.hypot(Math.hypot(x - side * 300, z - 2000) - 300, y);
    return Math.hypot(z - 2300, y);
  };

  it('keeps both followers on the track to 1e-6 mm all the way, and their distance', () => {
    const motion = trackMotion(placed, 0, 2700);
    for (let t = 0; t <= 2700; t += 7) {
      const front = at(motion, t, [0, 0, 600]);
      const rear = at(motion, t, [0, 0, 100]);
      expect(onTrack(front)).toBeLessThan(1e-6);
      expect(onTrack(rear)).toBeLessThan(1e-6);
      expect(Math.hypot(...front.map((x, i) => x - rear[i]!))).toBeCloseTo(500, 9);
    }
  });

  it('is where it is derived to be: straight up, at the bend with both ends on it, and level', () => {
    const motion = trackMotion(placed, 0, 2700);
    expect(at(motion, 1000, [0, 0, 600])).toEqual([0, 0, 1600]);
    // Front 300 along the level part: it stands 300 + 300 from the upright; the rear is on the bend, where the circle
    // of 500 about it meets it: from the bend's centre the front is (300, 300) away, so cos = (300^2 + 18e4 - 25e4) / (2 300 sqrt 18e4).
    const s = 2000 + (Math.PI / 2) * 300 + 300;
    const front = at(motion, s - 600, [0, 0, 600]);
    const rear = at(motion, s - 600, [0, 0, 100]);
    const away = Math.sqrt(18e4);
    const angle = Math.PI / 4 + Math.acos((9e4 + 18e4 - 25e4) / (2 * 300 * away));
    expect(Math.abs(front[0])).toBeCloseTo(600, 6);
    expect(300 - Math.abs(rear[0])).toBeCloseTo(-300 * Math.cos(angle), 6);
    expect(rear[2]).toBeCloseTo(2000 + 300 * Math.sin(angle), 6);
    const end = at(motion, 2700, [0, 0, 600]);
    expect(end[2] - at(motion, 2700, [0, 0, 100])[2]).toBeCloseTo(0, 9);
  });

  it('bounds the turning of its chord on every stretch between joints', () => {
    const carriage = new Carriage(stretches, 500, 600, 0, 2700);
    const ends = [600, ...carriage.joints, 3300];
    fc.assert(
      fc.property(fc.nat(ends.length - 2), real(0, 1), real(0.001, 0.2), (i, where, part) => {
        const [a, b] = [ends[i]!, ends[i + 1]!];
        const from = a + (b - a) * where * (1 - part);
        const to = from + (b - a) * part;
        const { rate, bend } = carriage.chordOver(from, to);
        for (let k = 1; k < 20; k += 1) {
          const s = from + ((to - from) * k) / 20;
          expect(Math.abs(carriage.chordRate(s))).toBeLessThanOrEqual(rate * (1 + 1e-9) + 1e-12);
          const step = (to - from) * 1e-3;
          const second = (carriage.chordRate(s + step) - carriage.chordRate(s - step)) / (2 * step);
          expect(Math.abs(second)).toBeLessThanOrEqual(bend * (1 + 1e-3) + 1e-9);
        }
      }),
      { seed: SEED, numRuns: 300 },
    );
  });

  it('keeps its followers apart and moves without a jump, round bends of more than half a turn and back again, as its bounds say', () => {
    const stretch = fc.oneof(
      real(50, 700).map((length) => ({ kind: 'line' as const, length })),
      fc.tuple(real(80, 400), real(0.2, 3.6), fc.boolean()).map(([radius, angle, left]) => ({
        kind: 'arc' as const,
        radius,
        angle: left ? angle : -angle,
      })),
    );
    const seen = { ran: 0, jammed: 0, backwards: 0, overHalfTurn: 0 };
    fc.assert(
      fc.property(
        fc.array(stretch, { minLength: 2, maxLength: 5 }),
        real(60, 420),
        real(0, 1),
        (bends, spacing, part) => {
          const stretches = [{ kind: 'line' as const, length: 600 }, ...bends];
          const length = stretches.reduce(
            (sum, one) => sum + (one.kind === 'line' ? one.length : one.radius * Math.abs(one.angle)),
            0,
          );
          const built = 450 + part * (length - 450);
          let carriage: Carriage;
          try {
            carriage = new Carriage(stretches, spacing, built, 450 - built, length - built);
          } catch (error) {
            expect((error as Error).message).toMatch(/jams on the track|finds no place/);
            seen.jammed += 1;
            return;
          }
          seen.ran += 1;
          if (bends.some((one) => one.kind === 'arc' && Math.abs(one.angle) > Math.PI))
            seen.overHalfTurn += 1;
          const step = (length - 450) / 600;
          let last = carriage.rear(450);
          const worst = { apart: 0, jump: 0, ahead: -Infinity };
          for (let s = 450; s <= length; s += step) {
            const rear = carriage.rear(s);
            const [a, b] = [carriage.point(s), carriage.point(rear)];
            worst.apart = Math.max(worst.apart, Math.abs(Math.hypot(a[0] - b[0], a[1] - b[1]) - spacing));
            worst.jump = Math.max(worst.jump, Math.abs(rear - last) / step);
            worst.ahead = Math.max(worst.ahead, rear - s);
            if (rear < last - 1e-6) seen.backwards += 1;
            last = rear;
          }
          expect(worst.apart).toBeLessThan(1e-6);
          // The rear one goes at most 1 / cos 87 degrees as fast as the front one.
          expect(worst.jump).toBeLessThan(21);
          expect(worst.ahead).toBeLessThan(0);
          const ends = [450, ...carriage.joints, length];
          for (let i = 1; i < ends.length; i += 1) {
            const [from, to] = [ends[i - 1]! + 1e-6, ends[i]! - 1e-6];
            if (to - from < 1) continue;
            const until = from + Math.min(20, to - from);
            const bounds = carriage.rearOver(from, until);
            for (let k = 0; k <= 10; k += 1) {
              const s = from + ((until - from) * k) / 10;
              expect(Math.abs(carriage.rearRate(s))).toBeLessThanOrEqual(bounds.rate * (1 + 1e-9));
              if (k > 0 && k < 10)
                expect((carriage.rear(s + 1e-4) - carriage.rear(s - 1e-4)) / 2e-4).toBeCloseTo(
                  carriage.rearRate(s),
                  3,
                );
            }
          }
        },
      ),
      { seed: SEED, numRuns: 300 },
    );
    expect(Math.min(seen.ran, seen.jammed, seen.overHalfTurn)).toBeGreaterThan(10);
    expect(seen.backwards).toBeGreaterThan(100);
  });

  it('tells a track that ends too early, or has too little behind the front follower', () => {
    expect(() => trackMotion(placed, 0, 4000)).toThrow(/ends 628\.8 mm before/);
    expect(() => trackMotion({ ...placed, front: 400 }, 0, 100)).toThrow(/rear follower finds no place/);
  });
});

describe('a cup hinge', () => {
  const plane = (x: number, y: number): Point3 => [x, y, 0];
  const motion = cupHingeMotion(GENERIC_CUP_HINGE, plane, Z, -1, 0, deg(GENERIC_CUP_HINGE.opens));

  it.each([0, 45, 90, 110])(
    'has its leaf at %d degrees where two circles about the plate pivots put it',
    (degrees) => {
      // Independent of the linkage code: the cup's first pivot is on a circle about the plate's first; the second, a
      // turned cup line away, must be on the circle about the plate's second. Found by halving the first arm's angle.
      const {
        plate: [p1, p2],
        cup: [c1, c2],
      } = GENERIC_CUP_HINGE;
      const r1 = Math.hypot(c1[0] - p1[0], c1[1] - p1[1]);
      const r2 = Math.hypot(c2[0] - p2[0], c2[1] - p2[1]);
      const turn = (x: number, y: number, angle: number) => [
        x * Math.cos(angle) - y * Math.sin(angle),
        x * Math.sin(angle) + y * Math.cos(angle),
      ];
      const miss = (arm: number, leaf: number) => {
        const [x, y] = [p1[0] + r1 * Math.cos(arm), p1[1] + r1 * Math.sin(arm)];
        const [u, v] = turn(c2[0] - c1[0], c2[1] - c1[1], leaf);
        return Math.hypot(x + u! - p2[0], y + v! - p2[1]) - r2;
      };
      let arm = Math.atan2(c1[1] - p1[1], c1[0] - p1[0]);
      for (let d = 0; d <= degrees; d += 0.25) {
        // Newton from the last place, by a numeric slope: the arm moves little from one quarter degree to the next.
        for (let k = 0; k < 30; k += 1)
          arm -= miss(arm, -deg(d)) / ((miss(arm + 1e-6, -deg(d)) - miss(arm - 1e-6, -deg(d))) / 2e-6);
      }
      const cup = at(motion, deg(degrees), [c1[0], c1[1], 0]);
      expect(cup[0]).toBeCloseTo(p1[0] + r1 * Math.cos(arm), 6);
      expect(cup[1]).toBeCloseTo(p1[1] + r1 * Math.sin(arm), 6);
      const along = at(motion, deg(degrees), [c1[0] + 100, c1[1], 0]);
      expect(Math.atan2(along[1] - cup[1], along[0] - cup[0])).toBeCloseTo(-deg(degrees), 9);
    },
  );

  it('lifts the leaf off its carcass side, where a fixed axis at the edge would drag or bind', () => {
    const leaf = box([2, -18, 0], [400, 0, 700]);
    const side = box([0, 0.5, 0], [18, 500, 700]);
    const least = (m: Motion) => {
      const approach = approachStill(new MovingPiece(leaf, m), side);
      return Math.min(...[...Array(50).keys()].map((i) => approach.at((deg(100) * i) / 49).value));
    };
    expect(least(motion)).toBeGreaterThan(0.3);
    const cup = GENERIC_CUP_HINGE.cup[0];
    expect(least(motionOf({ kind: 'turn', point: [cup[0], cup[1], 0], axis: [0, 0, -1] }))).toBeLessThan(-1);
  });

  it('that would lock is refused with the angle', () => {
    expect(() =>
      cupHingeMotion(
        {
          ...GENERIC_CUP_HINGE,
          plate: [
            [20, 5],
            [24, 14],
          ],
        },
        plane,
        Z,
        -1,
        0,
        deg(180),
      ),
    ).toThrow(/locks at \d+\.\d degrees/);
  });
});

describe('every motion', () => {
  const axis = fc
    .tuple(real(-1, 1), real(-1, 1), real(-1, 1))
    .filter((v) => Math.hypot(...v) > 0.2)
    .map((v) => v.map((x) => x / Math.hypot(...v)) as unknown as Point3);
  const point = fc.tuple(
    real(-400, 400),
    real(-400, 400),
    real(-400, 400),
  ) as unknown as fc.Arbitrary<Point3>;
  const joint = fc.oneof(
    fc.record({ kind: fc.constant('turn' as const), point, axis }),
    axis.map((direction) => ({ kind: 'slide' as const, direction })),
  );
  const steps: [number, number][] = [
    [0, 0],
    [0.4, 0.1],
    [0.7, -0.3],
    [1, 1.2],
  ];
  const placed = {
    axis: Z,
    first: [0, 0, 0],
    second: [100, 0, 0],
    crank: 40,
    coupler: 120,
    rocker: 80,
    assembly: 'open',
    start: 0.7,
  } as const;
  const track: PlacedTrack = {
    start: [0, 0, 0],
    along: [1, 0, 0],
    axis: Z,
    stretches: [
      { kind: 'line', length: 90 },
      { kind: 'arc', radius: 50, angle: 1.4 },
      { kind: 'line', length: 90 },
    ],
    front: 60,
    spacing: 40,
  };
  const motion: fc.Arbitrary<{ motion: Motion; to: number }> = fc.oneof(
    joint.map((j) => ({ motion: motionOf(j), to: 1 })),
    fc.tuple(joint, joint, real(-2, 2)).map(([a, b, by]) => ({
      motion: chain([
        { joint: a, drive: ratio(1) },
        { joint: b, drive: ratio(by) },
      ]),
      to: 1,
    })),
    fc.tuple(joint, joint, joint).map(([a, b, c]) => ({
      motion: carried(
        motionOf(a),
        chain([
          { joint: b, drive: ratio(-1.5) },
          { joint: c, drive: ratio(0.7) },
        ]),
      ),
      to: 1,
    })),
    fc.tuple(joint, joint).map(([a, b]) => ({
      motion: chain(
        [
          { joint: a, drive: table(steps) },
          { joint: b, drive: ratio(1) },
        ],
        knotsOfTable(steps),
      ),
      to: 1,
    })),
    fc.constant({ motion: fourBarMotions(placed, 0, 1).coupler, to: 1 }),
    fc.constant({ motion: trackMotion(track, 0, 120), to: 120 }),
    fc.constant({ motion: cupHingeMotion(GENERIC_CUP_HINGE, (x, y) => [x, y, 0], Z, -1, 0, 1.8), to: 1.8 }),
  );

  it('never takes a corner lower, or faster, than its sweep bounds, on 800 random stretches', () => {
    const solid = box([-60, -30, 0], [200, 40, 90]);
    fc.assert(
      fc.property(motion, axis, real(0, 1), real(0, 1), real(0.01, 0.6), (drawn, n, where, mid, part) => {
        const { motion: m, to } = drawn;
        const ends = [0, ...m.knots, to];
        const i = Math.min(ends.length - 2, Math.floor(where * (ends.length - 1)));
        const [a, b] = [ends[i]!, ends[i + 1]!];
        const from = a + (b - a) * (1 - part) * where;
        const until = from + (b - a) * part;
        const t = from + (until - from) * mid;
        const sweep = sweepOf(m, solid.corners);
        const here = new Float64Array(24);
        const there = new Float64Array(24);
        sweep.place(t, here);
        const normal = Float64Array.from(n);
        const lowest = sweep.lowest(here, t, normal, t - from, until - t);
        const speed = sweep.speedOver(here, t, t - from, until - t);
        for (let k = 0; k <= 40; k += 1) {
          const s = from + ((until - from) * k) / 40;
          sweep.place(s, there);
          for (let c = 0; c < 24; c += 3) {
            const along = n[0] * there[c]! + n[1] * there[c + 1]! + n[2] * there[c + 2]!;
            const gone = Math.hypot(
              there[c]! - here[c]!,
              there[c + 1]! - here[c + 1]!,
              there[c + 2]! - here[c + 2]!,
            );
            if (along < lowest - 1e-9) throw new Error(`lower by ${lowest - along}`);
            if (gone > speed * Math.abs(s - t) * (1 + 1e-9) + 1e-9)
              throw new Error(`faster: ${gone} in ${Math.abs(s - t)} at ${speed}`);
          }
        }
      }),
      { seed: SEED, numRuns: 800 },
    );
  });

  it('of one turn takes a point along its arc', () => {
    const turn = motionOf({ kind: 'turn', point: [100, 0, 0], axis: Z });
    const p = at(turn, deg(30), [600, 0, 7]);
    expect(p[0]).toBeCloseTo(100 + 500 * Math.cos(deg(30)), 9);
    expect(p[1]).toBeCloseTo(500 * Math.sin(deg(30)), 9);
    expect(p[2]).toBe(7);
    expect(motionPose(AT_REST, 3).shift).toEqual([0, 0, 0]);
  });
});
