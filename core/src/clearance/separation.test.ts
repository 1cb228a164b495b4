import fc from 'fast-check';
import { real } from '../testing/real';
import { place, poseAt } from '../motion/joint';
import { box, prism, type Point3 } from '../solid/prism';
import { farthest, nearest } from '../motion/along';
import { motionOf, motionPose } from '../motion/motion';
import { withCorners, type Convex } from '../solid/convex';
import { manifoldReferee } from '../testing/manifoldGap';
import { approachStill } from './approachStill';
import { closestByFeatures } from './features';
import { coldStart } from './gjk';
import { MovingPiece } from './movingPiece';
import { emptySeparation } from './separation';
import { separate } from './separate';
import { leastOverlapAxis } from './separatingAxis';
import { SquareApproach } from './squareApproach';

const SEED = 20261125;

/** A box or a regular prism, turned anyhow and shifted up to `far` mm. */
const piece = (far: number): fc.Arbitrary<{ solid: Convex; at: Float64Array }> =>
  fc
    .record({
      size: fc.tuple(...[0, 1, 2].map(() => real(0.5, 800))),
      sides: fc.integer({ min: 2, max: 9 }),
      axis: fc.tuple(...[0, 1, 2].map(() => real(-1, 1))),
      turn: fc.oneof(fc.constantFrom(0, Math.PI / 2), real(0, 6)),
      shift: fc.tuple(...[0, 1, 2].map(() => real(-far, far))),
    })
    .map(({ size, sides, axis, turn, shift }) => {
      const [w, d, h] = size as [number, number, number];
      const solid =
        sides === 2
          ? box([0, 0, 0], [w, d, h])
          : prism(
              [...Array(sides).keys()].map((i) => [
                w * Math.cos((2 * Math.PI * i) / sides),
                w * Math.sin((2 * Math.PI * i) / sides),
              ]),
              ([x, y], end) => [x, y, end * h],
            );
      const length = Math.hypot(...axis);
      const k = (length > 0.1 ? axis.map((x) => x / length) : [0, 0, 1]) as unknown as Point3;
      const turned = place(poseAt({ kind: 'turn', point: [0, 0, 0], axis: k }, turn), solid.corners);
      return { solid, at: turned.map((x, i) => x + shift[i % 3]!) };
    });

describe('separation of two convex pieces', () => {
  it('begins anywhere: corners that a pose before left in one line, or in one place, are no overlap', () => {
    const boxed = fc
      .tuple(
        ...[0, 1, 2].map(() => fc.tuple(fc.integer({ min: -9, max: 9 }), fc.integer({ min: 1, max: 6 }))),
      )
      .map((sides) => {
        const all = sides as readonly (readonly [number, number])[];
        const least = all.map(([from]) => from) as unknown as Point3;
        return box(least, all.map(([from, size]) => from + size) as unknown as Point3);
      });
    const corners = fc.array(
      fc.integer({ min: 0, max: 7 }).map((k) => 3 * k),
      { minLength: 3, maxLength: 3 },
    );
    fc.assert(
      fc.property(
        boxed,
        boxed,
        corners,
        corners,
        fc.integer({ min: 1, max: 3 }),
        (a, b, first, second, size) => {
          const cold = separate(a, a.corners, b, b.corners, coldStart(), emptySeparation(), 0).value;
          const left = { size, first: [...first, 0], second: [...second, 0] };
          const warm = separate(a, a.corners, b, b.corners, left, emptySeparation(), 0);
          expect(warm.value).toBeCloseTo(cold, 6);
          if (cold > 0) expect(warm.lower).toBeCloseTo(cold, 6);
        },
      ),
      { seed: SEED, numRuns: 3000 },
    );
  });

  it('is the distance manifold-3d finds, to 1e-6 mm, on 300 random pairs, and the proven bound is not above it', async () => {
    const { gap } = await manifoldReferee();
    fc.assert(
      fc.property(piece(900), piece(900), (a, b) => {
        const mine = separate(a.solid, a.at, b.solid, b.at, coldStart(), emptySeparation());
        const theirs = gap(a.at, b.at, 4000);
        expect(Math.abs(Math.max(0, mine.value) - theirs)).toBeLessThan(1e-6);
        expect(mine.lower).toBeLessThanOrEqual(mine.value + 1e-9);
        if (mine.value > 0) expect(mine.value - mine.lower).toBeLessThan(1e-6);
      }),
      { seed: SEED, numRuns: 300 },
    );
  });

  it('agrees with comparing every feature, warm or cold, out to 20 m', () => {
    const start = coldStart();
    fc.assert(
      fc.property(piece(20_000), piece(20_000), (a, b) => {
        const mine = separate(a.solid, a.at, b.solid, b.at, coldStart(), emptySeparation());
        fc.pre(mine.value > 0);
        const sure = closestByFeatures(a.solid, a.at, b.solid, b.at, emptySeparation());
        expect(Math.abs(mine.value - sure.value)).toBeLessThan(1e-6);
        start.size = Math.min(start.size, 1); // a warm start from another pair of pieces must not mislead
        start.first.fill(0);
        start.second.fill(0);
        const warm = separate(a.solid, a.at, b.solid, b.at, start, emptySeparation());
        expect(Math.abs(warm.value - sure.value)).toBeLessThan(1e-6);
      }),
      { seed: SEED, numRuns: 300 },
    );
  });

  it('parts overlapping pieces by a shift of the depth along the normal, and by no less', () => {
    const a = box([0, 0, 0], [100, 100, 100]);
    const b = box([90, 20, 30], [200, 60, 60]);
    const mine = separate(a, a.corners, b, b.corners, coldStart(), emptySeparation());
    expect(mine.value).toBeCloseTo(-10, 9);
    expect(mine.normal[0]).toBe(-1);
  });

  it('tells pieces a millionth of a millimetre apart from pieces in touch', () => {
    const a = box([0, 0, 0], [500, 20, 2000]);
    for (const apart of [1e-6, 0, -1e-6]) {
      const b = box([500 + apart, -40, 0], [600, 400, 2000]);
      const mine = separate(a, a.corners, b, b.corners, coldStart(), emptySeparation());
      expect(mine.value).toBeCloseTo(apart, 9);
    }
  });

  it('of two boxes square to the axes, one shifted, is what comparing every feature tells, apart, in touch and overlapping', () => {
    const whole = fc.integer({ min: -6, max: 6 });
    const size = fc.tuple(...[0, 1, 2].map(() => fc.integer({ min: 1, max: 8 }))) as fc.Arbitrary<
      [number, number, number]
    >;
    const seen = { apart: 0, touching: 0, inside: 0 };
    fc.assert(
      // Whole figures, a right angle at times: touches and corners exactly over corners come often.
      fc.property(
        size,
        size,
        fc.tuple(whole, whole, whole),
        fc.boolean(),
        real(0, 9),
        (a, b, at, turned, travel) => {
          const quarter = poseAt(
            { kind: 'turn', point: [0, 0, 0], axis: [0, 0, 1] },
            turned ? Math.PI / 2 : 0,
          );
          const first = box([0, 0, 0], a);
          const piece = withCorners(first, place(quarter, first.corners));
          const still = box(at, [at[0] + b[0], at[1] + b[1], at[2] + b[2]]);
          const slide = motionOf({ kind: 'slide', direction: [0, -1, 0] });
          const approach = approachStill(new MovingPiece(piece, slide), still);
          expect(approach).toBeInstanceOf(SquareApproach);
          for (const t of [travel, Math.round(travel)]) {
            const { value, lower, normal, onFirst, onSecond } = approach.at(t);
            const there = place(motionPose(slide, t), piece.corners);
            const sure = separate(piece, there, still, still.corners, coldStart(), emptySeparation());
            expect(Math.abs(value - sure.value)).toBeLessThan(1e-6);
            expect(lower).toBe(value);
            // The way between its points is the normal's, as long as they are apart, or as deep.
            for (let axis = 0; axis < 3; axis += 1)
              expect(onFirst[axis]! - onSecond[axis]!).toBeCloseTo(value * normal[axis]!, 9);
            expect(nearest(there, normal) - farthest(still.corners, normal)).toBeCloseTo(value, 9);
            seen[value > 1e-9 ? 'apart' : value < -1e-9 ? 'inside' : 'touching'] += 1;
          }
        },
      ),
      { seed: SEED, numRuns: 400 },
    );
    expect(Math.min(seen.apart, seen.inside, seen.touching)).toBeGreaterThan(20);
  });

  it('is searched, not read off, where a piece only looks square', () => {
    const slide = motionOf({ kind: 'slide', direction: [0, -1, 0] });
    const block = box([0, 0, 0], [30, 20, 10]);
    const lean = poseAt({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, 1] }, 1e-6);
    const leaning = withCorners(block, place(lean, block.corners));
    expect(approachStill(new MovingPiece(leaning, slide), block)).not.toBeInstanceOf(SquareApproach);
    const wedge = withCorners(
      block,
      Float64Array.from(block.corners, (x, i) => (i === 18 ? 25 : x)),
    );
    expect(approachStill(new MovingPiece(block, slide), wedge)).not.toBeInstanceOf(SquareApproach);
  });

  it('of a channel and a plate 44.6 mm apart is no overlap: its tetrahedron is so flat that the signs of its faces are rounding', () => {
    const sheet = (corners: number[], template: Convex) => withCorners(template, Float64Array.from(corners));
    const flange = sheet(
      [
        305.72364150073264, -62.368617838603825, -15.666860109589976, 421.81060304294016, -19.780092682408046,
        150.1575457207453, 421.9446773849965, -19.6890932878416, 150.04031440670894, 329.07510815123055,
        -53.75991341279823, 17.380789742440726, 198.11063982260032, 129.69021730356698, 10.342362318993366,
        314.19760136480784, 172.27874245976278, 176.16676814932868, 314.3316757068642, 172.36974185432925,
        176.04953683529232, 221.4621064730982, 138.2989217293726, 43.39017501217102,
      ],
      prism(
        [
          [0, 0],
          [9, 0],
          [9, 1],
          [2, 1],
        ],
        ([x, y], end) => [x, y, end],
      ),
    );
    const plate = sheet(
      [
        452.6048491464034, -19.811516695369477, 184.292258503134, 606.0364007279234, 36.47752220679773,
        403.4615393476618, 466.8356890436879, 284.91150434771305, 437.10526469639996, 313.404137462168,
        228.62246544554588, 217.9359838518721, 451.93447743612154, -20.266513668201704, 184.87841507331575,
        605.3660290176415, 36.022525233965496, 404.04769591784355, 466.16531733340605, 284.45650737488086,
        437.6914212665817, 312.73376575188615, 228.16746847271364, 218.52214042205384,
      ],
      box([0, 0, 0], [1, 1, 1]),
    );
    for (const floor of [-Infinity, 0]) {
      const { value, lower } = separate(
        flange,
        flange.corners,
        plate,
        plate.corners,
        coldStart(),
        emptySeparation(),
        floor,
      );
      expect(value).toBeCloseTo(44.63986885733897, 6);
      expect(value - lower).toBeLessThan(1e-6);
    }
  });

  it('by axes of two knives edge to edge, nearly parallel, is across both edges', () => {
    // No other edge is level, so that no other pair of edges has the direction that parts them.
    const knife = (down: boolean): Convex =>
      prism(
        down
          ? [
              [0, 0],
              [40, 60],
              [-40, 90],
            ]
          : [
              [0, 0],
              [-40, -60],
              [40, -90],
            ],
        ([x, y], end) => [4000 * (end - 0.5), x, y],
      );
    for (const turn of [1e-6, 4e-6]) {
      const [a, b] = [knife(true), knife(false)];
      const at = place(poseAt({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, 1] }, turn), a.corners).map(
        (x, i) => (i % 3 === 2 ? x + 0.002 : x),
      );
      expect(leastOverlapAxis(a, at, b, b.corners, emptySeparation())).toBeCloseTo(0.002, 6);
    }
  });
});
