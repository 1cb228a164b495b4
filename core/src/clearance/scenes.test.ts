import Flatten from '@flatten-js/core';
import fc from 'fast-check';
import { ratio } from '../motion/drive';
import { place, type Joint } from '../motion/joint';
import { chain, motionOf, motionPose, moved, type Motion } from '../motion/motion';
import { halfSpace } from '../solid/halfSpace';
import { box, prism, type Point2, type Point3 } from '../solid/prism';
import type { Convex } from '../solid/convex';
import { bodyOf, far, joint, least, mine, motions, moverOf, obstacle, SEED, vec, Z } from '../testing/drawn';
import { manifoldReferee } from '../testing/manifoldGap';
import { real } from '../testing/real';
import { approachStill } from './approachStill';
import { checkMover } from './checkMover';
import { share } from './curve';
import { TOUCH_DEPTH_MM, WATCH_DISTANCE_MM } from './encounter';
import { blockedStretches, firstContact } from './firstContact';
import { MovingPiece } from './movingPiece';

describe('a scene', () => {
  it('has the clearances manifold-3d finds: 320 random scenes of every joint, thin, holed, hulled and 20 m off', async () => {
    const { gap } = await manifoldReferee();
    let [hits, apart] = [0, 0];
    fc.assert(
      fc.property(motions, mine, obstacle, ({ motion, to }, pieces, still) => {
        const check = checkMover(moverOf(motion, to, pieces), [bodyOf('o', still)], { watch: 40_000 });
        const sampled = (travel: number) => {
          const pose = motionPose(motion, travel);
          return Math.min(
            ...pieces.flatMap((piece) =>
              still.map((other) => gap(place(pose, piece.corners), other.corners, 40_000)),
            ),
          );
        };
        const [encounter] = check.encounters;
        const travels = Array.from({ length: 41 }, (_, i) => (to * i) / 40);
        const ofPieces = (travel: number) =>
          gap(
            place(motionPose(motion, travel), pieces[encounter!.pieces![0]]!.corners),
            still[encounter!.pieces![1]]!.corners,
            40_000,
          );
        if (encounter!.contact) {
          hits += 1;
          expect(ofPieces(encounter!.contact.at.travel)).toBeLessThan(1e-6);
          for (const travel of travels.filter((t) => t < check.usable - 1e-4 * to))
            expect(sampled(travel)).toBeGreaterThan(0);
          return;
        }
        apart += 1;
        const { lower, witness } = encounter!.least!;
        // Another piece may be nearer there, but by no more than the width of the answer.
        expect(sampled(witness.travel)).toBeLessThan(witness.clearance + 1e-6);
        expect(Math.abs(ofPieces(witness.travel) - witness.clearance)).toBeLessThan(1e-6);
        expect(witness.clearance - lower).toBeLessThanOrEqual(0.05);
        for (const travel of travels) expect(sampled(travel)).toBeGreaterThan(lower - 1e-6);
      }),
      { seed: SEED, numRuns: 320 },
    );
    expect(Math.min(hits, apart)).toBeGreaterThan(45);
  });

  it('is told to the hundredth where faces touch, coincide, run parallel or lie one in another, out to 20 m: 160 scenes', async () => {
    const { gap: manifoldGap } = await manifoldReferee();
    fc.assert(
      fc.property(
        vec(20, 300),
        fc.oneof(fc.constant(0), real(0.2, 3)),
        vec(-11_000, 11_000),
        fc.constantFrom('beside', 'in a sleeve'),
        fc.constantFrom(0, 0.004, 0.02),
        ([w, d, h], gap, [x, y, z], kind, tilt) => {
          const at = (a: Point3, b: Point3) =>
            box([x + a[0], y + a[1], z + a[2]], [x + b[0], y + b[1], z + b[2]]);
          const wall = at([w + gap, -900, 0], [w + gap + 18, d, h]);
          const still =
            kind === 'beside'
              ? [wall]
              : [
                  wall,
                  at([-gap - 18, -900, 0], [-gap, d, h]),
                  at([-gap, -900, -gap - 18], [w + gap, d, -gap]),
                  at([-gap, -900, h + gap], [w + gap, d, h + gap + 18]),
                ];
          const body = at([0, 0, 0], [w, d, h]);
          const motion = motionOf({ kind: 'slide', direction: [Math.sin(tilt), -Math.cos(tilt), 0] });
          const { verdict, encounters, usable } = checkMover(moverOf(motion, 800, [body]), [
            bodyOf('o', still),
          ]);
          if (tilt === 0) {
            // A gap that never changes, or a touch that slides along: both clear.
            expect(verdict).toBe('clear');
            expect(Math.abs(encounters[0]!.least!.witness.clearance - gap)).toBeLessThan(1e-6);
          } else {
            // Towards the wall at an angle: it gets there when the gap is used up, and from a touch when it has gone in by 0.01.
            expect(verdict).toBe('hits');
            const reached = (gap > 0 ? gap : TOUCH_DEPTH_MM) / Math.sin(tilt);
            expect(Math.abs(usable - reached)).toBeLessThan(0.01);
          }
          const pose = motionPose(motion, tilt === 0 ? 250 : (0.5 * gap) / Math.sin(tilt));
          const sampled = Math.min(
            ...still.map((s) => manifoldGap(place(pose, body.corners), s.corners, 100)),
          );
          expect(Math.abs(sampled - (tilt === 0 ? gap : gap / 2))).toBeLessThan(1e-6);
        },
      ),
      { seed: SEED, numRuns: 160 },
    );
  });

  it('is in the plane what @flatten-js/core measures between polygons: 120 leaves and posts', () => {
    const ring = fc
      .tuple(real(20, 120), real(-300, 300), real(-300, 300), fc.integer({ min: 3, max: 7 }), real(0, 6))
      .map(([r, x, y, n, turn]) =>
        Array.from({ length: n }, (_, k): Point2 => [
          x + r * Math.cos(turn + (2 * Math.PI * k) / n),
          y + r * Math.sin(turn + (2 * Math.PI * k) / n),
        ]),
      );
    const polygon = (points: readonly Point2[]) =>
      new Flatten.Polygon(points.map(([x, y]) => new Flatten.Point(x, y)));
    let apart = 0;
    fc.assert(
      fc.property(ring, ring, real(0.3, 2), (leaf, post, to) => {
        const upright = (points: readonly Point2[], low: number) =>
          prism(points, ([u, v], end) => [u, v, low + 500 * end]);
        const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: Z });
        const check = checkMover(
          moverOf(motion, to, [upright(leaf, 0)]),
          [bodyOf('post', [upright(post, 120)])],
          {
            watch: 5000,
          },
        );
        const distance = (travel: number) => {
          const turned = polygon(leaf).rotate(travel, new Flatten.Point(0, 0));
          if (turned.intersect(polygon(post)).length > 0) return 0;
          const inside =
            polygon(post).contains(turned.vertices[0]!) || turned.contains(polygon(post).vertices[0]!);
          return inside ? 0 : turned.distanceTo(polygon(post))[0];
        };
        const travels = Array.from({ length: 41 }, (_, i) => (to * i) / 40);
        const [encounter] = check.encounters;
        if (encounter!.contact) {
          expect(distance(encounter!.contact.at.travel)).toBeLessThan(0.002);
          for (const travel of travels.filter((t) => t < check.usable - 1e-3))
            expect(distance(travel)).toBeGreaterThan(0);
          return;
        }
        apart += 1;
        const { lower, witness } = encounter!.least!;
        expect(Math.abs(distance(witness.travel) - witness.clearance)).toBeLessThan(1e-6);
        for (const travel of travels) expect(distance(travel)).toBeGreaterThan(lower - 1e-6);
      }),
      { seed: SEED, numRuns: 120 },
    );
    expect(apart).toBeGreaterThan(30);
  });

  it('is drawn with a point at every bend: no straight part is off by more than a fortieth of the height', () => {
    const leaf = box([0, 0, 0], [500, 20, 500]);
    const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(real(0.2, 1.6), real(520, 560)), { minLength: 2, maxLength: 5 }),
        (posts) => {
          // Posts a little beyond the tip's arc: the leaf passes each in turn, and the next takes over with a bend.
          const still = posts.map(([angle, away], i) => {
            const [px, py] = [away * Math.cos(angle), -away * Math.sin(angle)];
            return bodyOf(`post ${i}`, [box([px - 8, py - 8, 0], [px + 8, py + 8, 400])]);
          });
          const mover = { ...moverOf(motion, 1.8, [leaf]), needs: { around: 10, of: {} } };
          const { curve } = checkMover(mover, still, { curves: true });
          const approaches = still.map(({ pieces }) =>
            approachStill(new MovingPiece(leaf, motion), pieces[0]!),
          );
          const exact = (travel: number) =>
            Math.min(WATCH_DISTANCE_MM, ...approaches.map((approach) => approach.at(travel).value));
          let k = 0;
          for (let i = 0; i <= 1500; i += 1) {
            const travel = (1.8 * i) / 1500;
            while (k + 2 < curve.length && curve[k + 1]!.travel < travel) k += 1;
            const [a, b] = [curve[k]!, curve[k + 1]!];
            const part = b.travel > a.travel ? (travel - a.travel) / (b.travel - a.travel) : 0;
            const drawn = share(a) + part * (share(b) - share(a));
            expect(Math.abs(drawn - share({ clearance: exact(travel), needed: 10 }))).toBeLessThan(1 / 40);
          }
          for (let i = 1; i < curve.length; i += 1) {
            if (curve[i]!.of !== curve[i - 1]!.of)
              expect(curve[i]!.travel - curve[i - 1]!.travel).toBeLessThan(1.8 * 2 ** -12);
          }
        },
      ),
      { seed: SEED, numRuns: 30 },
    );
  });

  it('tells how deep a part would go in, as 4,000 poses show', () => {
    const leaf = box([0, 0, 0], [600, 20, 500]);
    const motion = motionOf({ kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] });
    fc.assert(
      fc.property(real(0.3, 1.2), real(300, 560), vec(20, 90), (angle, away, size) => {
        const [px, py] = [away * Math.cos(angle), -away * Math.sin(angle)];
        const post = box([px, py - size[1], 0], [px + size[0], py, 100 + size[2]]);
        const { encounters } = checkMover(moverOf(motion, 1.7, [leaf]), [bodyOf('post', [post])], {
          curves: true,
        });
        const { lower, witness } = encounters[0]!.deepest!;
        const approach = approachStill(new MovingPiece(leaf, motion), post);
        const sampled = Array.from({ length: 4001 }, (_, i) => approach.at((1.7 * i) / 4000).value);
        expect(Math.min(...sampled)).toBeGreaterThanOrEqual(lower - 1e-9);
        expect(witness.clearance).toBeLessThanOrEqual(Math.min(...sampled) + 0.05);
        expect(witness.clearance - lower).toBeLessThanOrEqual(0.05);
      }),
      { seed: SEED, numRuns: 60 },
    );
  });

  it('misses none of 10,000 plates 0.5 to 2 mm thin in the swept air of a door, a drawer and a folding leaf', () => {
    const leaf = box([0, 0, 0], [600, 20, 2000]);
    const turn: Joint = { kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] };
    const swept: readonly [Motion, number, Convex][] = [
      [chain([{ joint: turn, drive: ratio(1) }]), 1.9, leaf],
      [
        chain([{ joint: { kind: 'slide', direction: [0, -1, 0] }, drive: ratio(1) }]),
        450,
        box([0, 0, 0], [500, 450, 180]),
      ],
      [
        chain([
          { joint: turn, drive: ratio(1) },
          { joint: { kind: 'turn', point: [300, 0, 0], axis: Z }, drive: ratio(2) },
        ]),
        1.5,
        box([300, 0, 0], [600, 20, 2000]),
      ],
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...swept),
        real(0.02, 1),
        vec(0, 1),
        real(0.5, 2),
        fc.constantFrom(0, 1, 2),
        ([motion, to, solid], part, within, thick, thin) => {
          // A point of the body at a travel: the plate stands there, so by that travel at the latest it is touched.
          const [first, last] = [solid.corners.slice(0, 3), solid.corners.slice(18, 21)];
          const inside = within.map((w, i) => first[i]! + w * (last[i]! - first[i]!)) as unknown as Point3;
          const at = moved(motionPose(motion, part * to), inside);
          const half = [6, 6, 6];
          half[thin] = thick / 2;
          const plate = box(
            [at[0] - half[0]!, at[1] - half[1]!, at[2] - half[2]!],
            [at[0] + half[0]!, at[1] + half[1]!, at[2] + half[2]!],
          );
          const contact = firstContact(approachStill(new MovingPiece(solid, motion), plate), 0, to);
          if (!contact || contact.at.travel > part * to + 1e-9)
            throw new Error(`a plate at ${at.join(', ')} is missed`);
        },
      ),
      { seed: SEED, numRuns: 10_000 },
    );
  });

  it('blocks every stretch it passes through, not only the first, as 400 samples agree', () => {
    const motion = chain([{ joint: { kind: 'turn', point: [0, 0, 0], axis: Z }, drive: ratio(1) }]);
    const arm = box([0, -5, 0], [500, 5, 50]);
    fc.assert(
      fc.property(real(0.3, 1), real(1.4, 2), real(2.2, 2.8), (a, b, c) => {
        const posts = [a, b, c].map((angle) =>
          box(
            [450 * Math.cos(angle) - 10, 450 * Math.sin(angle) - 10, 0],
            [450 * Math.cos(angle) + 10, 450 * Math.sin(angle) + 10, 50],
          ),
        );
        const check = checkMover(moverOf(motion, 3.1, [arm]), [bodyOf('posts', posts)], { curves: true });
        const { blocked } = check.encounters[0]!;
        expect(blocked).toHaveLength(3);
        const approaches = posts.map((post) => approachStill(new MovingPiece(arm, motion), post));
        for (let i = 0; i <= 400; i += 1) {
          const travel = (3.1 * i) / 400;
          const inside = approaches.some((approach) => approach.at(travel).value < 0);
          if (inside) expect(blocked.some(({ free, clear }) => travel >= free && travel <= clear)).toBe(true);
          else expect(blocked.some(({ at, until }) => travel > at.travel && travel < until)).toBe(false);
        }
      }),
      { seed: SEED, numRuns: 30 },
    );
    const still = approachStill(new MovingPiece(arm, motion), box([300, -1, 0], [310, 1, 50]));
    expect(blockedStretches(still, 0, 3.1)[0]!.free).toBe(0);
  });

  it('tells a floor given as a half-space as one given as a box', () => {
    fc.assert(
      fc.property(joint, mine, real(-400, -100), (a, pieces, height) => {
        const mover = moverOf(chain([{ joint: a, drive: ratio(far(a)) }]), 1, pieces);
        const slab = bodyOf('slab', [box([-5000, -5000, height - 5000], [5000, 5000, height])]);
        const plane = bodyOf('plane', [halfSpace([0, 0, height], [0, 0, 3])]);
        const [one, two] = [slab, plane].map((floor) =>
          checkMover(mover, [floor], { watch: 5000, tolerance: 1e-4 }),
        );
        expect(two!.verdict).toBe(one!.verdict);
        expect(Math.abs(two!.usable - one!.usable)).toBeLessThan(1e-4);
        if (one!.verdict === 'clear')
          expect(Math.abs(least(one!.encounters) - least(two!.encounters))).toBeLessThan(2e-4);
      }),
      { seed: SEED, numRuns: 100 },
    );
  });
});
