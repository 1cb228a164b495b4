import fc from 'fast-check';
import { mine, motions, obstacle } from '../testing/drawn';
import { real } from '../testing/real';
import type { Joint } from '../motion/joint';
import { motionOf } from '../motion/motion';
import { box, type Point3 } from '../solid/prism';
import { type Approach } from './approach';
import { approachStill } from './approachStill';
import { MovingPiece } from './movingPiece';
import { firstContact } from './firstContact';
import { leastClearance } from './leastClearance';

const SEED = 20261125;
const vec = (min: number, max: number) => fc.tuple(real(min, max), real(min, max), real(min, max));

/** A box about the origin, a joint, and an obstacle somewhere in its reach. */
const scene = fc.record({
  size: vec(1, 500),
  at: vec(-400, 400),
  axis: vec(-1, 1).filter((v) => Math.hypot(...v) > 0.2),
  turns: fc.boolean(),
  least: vec(-420, 300),
  span: vec(0.5, 300),
});
type Drawn = typeof scene extends fc.Arbitrary<infer T> ? T : never;

function approachOf({ size, at, axis, turns, least, span }: Drawn): { approach: Approach; to: number } {
  const length = Math.hypot(...axis);
  const k = axis.map((x) => x / length) as unknown as Point3;
  const joint: Joint = turns ? { kind: 'turn', point: at, axis: k } : { kind: 'slide', direction: k };
  const obstacle = box(least, [least[0] + span[0], least[1] + span[1], least[2] + span[2]]);
  return {
    approach: approachStill(new MovingPiece(box([0, 0, 0], size), motionOf(joint)), obstacle),
    to: turns ? 2.8 : 700,
  };
}

function leastSample(approach: Approach, from: number, to: number, steps: number): number {
  let least = Infinity;
  for (let i = 0; i <= steps; i += 1)
    least = Math.min(least, approach.at(from + ((to - from) * i) / steps).value);
  return least;
}

describe('what a sweep proves', () => {
  it('never bounds the separation above what any pose in the stretch has, for every joint', () => {
    fc.assert(
      fc.property(
        motions,
        mine,
        obstacle,
        real(0, 1),
        real(0, 0.5),
        real(0, 0.5),
        ({ motion, to }, [piece], [still], where, back, ahead) => {
          const approach = approachStill(new MovingPiece(piece!, motion), still!);
          const travel = where * to;
          // No bound crosses a knot.
          const ends = [0, ...motion.knots, to];
          const low = Math.max(...ends.filter((end) => end <= travel), travel - back * to);
          const high = Math.min(...ends.filter((end) => end >= travel), travel + ahead * to);
          const here = approach.at(travel).value;
          const lower = approach.lowerBound(travel - low, high - travel, Infinity);
          approach.at(travel);
          const level = here - 5;
          const free = Math.min(approach.reach(level, 1, high - travel), high - travel);
          expect(leastSample(approach, low, high, 60)).toBeGreaterThanOrEqual(lower);
          if (free > 0)
            expect(leastSample(approach, travel, travel + free, 60)).toBeGreaterThan(level - 1e-6);
        },
      ),
      { seed: SEED, numRuns: 800 },
    );
  });

  it('holds the least of 2,000 dense samples between its two figures, no wider than asked', () => {
    fc.assert(
      fc.property(scene, (drawn) => {
        const { approach, to } = approachOf(drawn);
        const least = leastClearance(approach, 0, to, { tolerance: 0.05 });
        expect(least.lower).toBeLessThanOrEqual(leastSample(approach, 0, to, 2000));
        expect(least.witness.clearance - least.lower).toBeLessThanOrEqual(0.05);
        expect(approach.at(least.witness.travel).value).toBeCloseTo(least.witness.clearance, 9);
      }),
      { seed: SEED, numRuns: 120 },
    );
  });

  it('brackets the first contact: free before it at every sample, in touch at it', () => {
    let contacts = 0;
    fc.assert(
      fc.property(scene, (drawn) => {
        const { approach, to } = approachOf(drawn);
        const contact = firstContact(approach, 0, to);
        const end = contact ? contact.free : to;
        if (end > 0) expect(leastSample(approach, 0, end, 500)).toBeGreaterThan(contact ? -1e-9 : 0);
        if (!contact) return;
        contacts += 1;
        expect(approach.at(contact.at.travel).value).toBeLessThanOrEqual(1e-6);
        expect((contact.at.travel - contact.free) * approach.speedOver(0, 0)).toBeLessThanOrEqual(
          0.001 + 1e-9,
        );
      }),
      { seed: SEED, numRuns: 200 },
    );
    expect(contacts).toBeGreaterThan(40);
  });

  it('steps over no plate 1 mm thick, wherever it stands in the arc and however it faces', () => {
    // A leaf 600 long sweeping 120 degrees; plates set across the arc, along it, on edge and flat.
    const leaf = box([0, 0, 0], [600, 20, 2000]);
    const joint: Joint = { kind: 'turn', point: [0, 0, 0], axis: [0, 0, -1] };
    fc.assert(
      fc.property(real(0.05, 2), real(60, 590), fc.constantFrom(0, 1, 2), (angle, radius, thin) => {
        const half = [8, 8, 8];
        half[thin] = 0.5;
        const c = [radius * Math.cos(angle), -radius * Math.sin(angle), 700];
        const plate = box(
          [c[0]! - half[0]!, c[1]! - half[1]!, c[2]! - half[2]!],
          [c[0]! + half[0]!, c[1]! + half[1]!, c[2]! + half[2]!],
        );
        const approach = approachStill(new MovingPiece(leaf, motionOf(joint)), plate);
        const contact = firstContact(approach, 0, (120 / 180) * Math.PI);
        expect(contact).toBeDefined();
        expect(contact!.at.travel).toBeLessThanOrEqual(angle + 1e-6);
      }),
      { seed: SEED, numRuns: 400 },
    );
  });

  it('answers a slide at a constant gap in one evaluation', () => {
    const approach = approachStill(
      new MovingPiece(box([0, 0, 0], [500, 400, 100]), motionOf({ kind: 'slide', direction: [0, -1, 0] })),
      box([501, -800, 0], [520, 400, 100]),
    );
    const least = leastClearance(approach, 0, 700);
    expect(least.witness.clearance).toBeCloseTo(1, 9);
    expect(approach.evaluations).toBe(1);
  });
});
