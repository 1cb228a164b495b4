import fc from 'fast-check';
import { motionPose, moved } from '../../motion/motion';
import { GRAVITY } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import type { Point3 } from '../../solid/prism';
import { liftOf } from '../../testing/partsOf';
import { mm, planWith, refusalOf } from '../../testing/planWith';
import { armTurn, scissorPull } from './forces';
import type { LaidLift } from './lay';
import type { Lifts, LiftTable } from './schema';

const RADIANS = Math.PI / 180;
const laidOf = (kind: Lifts['kind'], other: Partial<LiftTable> = {}) => {
  const plan = planWith({ carcasses: [], parts: [liftOf(kind, other)] });
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidLift;
};
/** Where a corner of the top goes, from where it is at the lowest. */
function shiftOf({ frame, top, topMotion }: LaidLift, travel: number, corner: 0 | 1 = 0): Point3 {
  const from = frame.toSpace([top.x[corner], top.y[corner], top.z[corner]]);
  const to = moved(motionPose(topMotion, travel), from);
  return [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
}

describe('a lift table', () => {
  it('on a scissor stands L sin q high, and is drawn together with W / tan q', () => {
    // TRADE, derived: legs of 600 at 15 degrees.
    expect(600 * Math.sin(15 * RADIANS)).toBeCloseTo(155.29, 2);
    expect(scissorPull(1, 15 * RADIANS)).toBeCloseTo(3.732, 3);
    // So high between its pins with a top of 18, arms of 50 and a block of 12 at either end: 155.29 + 18 + 74.
    const laid = laidOf('scissor', {
      lifts: { kind: 'scissor', material: 'ply-18', long: mm(600), wide: mm(50) },
      low: mm(155.2914 + 18 + 74),
      high: mm(600),
    });
    expect(laid.angles![0] / RADIANS).toBeCloseTo(15, 3);
  });

  it('on parallel arms wants W c cos q, wherever the load sits', () => {
    // TRADE, derived: 6 kg, 0.3 m, 20 degrees.
    expect(armTurn(6 * GRAVITY, 300, 20 * RADIANS)).toBeCloseTo(16.587, 3);
  });

  it.each(['pedestal', 'scissor', 'parallel arms'] as const)(
    'on a %s stays level, and goes from its lowest to its highest',
    (kind) => {
      fc.assert(
        fc.property(
          fc.integer({ min: 200, max: 600 }),
          fc.integer({ min: 10, max: 500 }),
          fc.constantFrom('front' as const, 'back' as const),
          fc.double({ min: 0, max: 1, noNaN: true }),
          (low, rise, goes, share) => {
            const usual = liftOf(kind).lifts;
            const other = {
              low: mm(low),
              high: mm(low + rise),
              lifts: usual.kind === 'parallel arms' ? { ...usual, goes } : usual,
            };
            const made = { carcasses: [], parts: [liftOf(kind, other)] };
            fc.pre(refusalOf(made) === '');
            const laid = laidOf(kind, other);
            const at = shiftOf(laid, laid.to);
            expect(at[2]).toBeCloseTo(rise, 6);
            // All of it shifts alike: it never tilts.
            const middle = laid.to * share;
            shiftOf(laid, middle).forEach((one, i) =>
              expect(one).toBeCloseTo(shiftOf(laid, middle, 1)[i]!, 6),
            );
            // It looks south: its front is where y grows less.
            expect(at[1]).toBeCloseTo(laid.aside, 6);
            if (kind === 'parallel arms') expect(Math.sign(laid.aside)).toBe(goes === 'back' ? 1 : -1);
          },
        ),
        { numRuns: 60 },
      );
    },
  );

  it('has arms that stay pinned: a scissor’s feet on the floor, their heads under the top', () => {
    const laid = laidOf('scissor');
    const { lifts, low, wide } = laid.table;
    const long = lifts.kind === 'pedestal' ? 0 : lifts.long.mm;
    const pin = 25 + 12;
    const run = Math.sqrt(long ** 2 - (low.mm - 18 - 2 * pin) ** 2);
    const [x0, x1] = [(wide.mm - run) / 2, (wide.mm + run) / 2];
    const [outer, inner] = laid.members;
    for (const travel of [0, laid.to / 3, laid.to]) {
      const at = (motion: LaidLift['topMotion'], x: number, z: number) =>
        moved(motionPose(motion, travel), laid.frame.toSpace([x, 0, z]));
      const rise = shiftOf(laid, travel)[2];
      const [foot, head] = [pin, low.mm - 18 - pin];
      // The outer arm's foot stays, its head goes under the top; the inner one's foot rolls beneath that head.
      expect(at(outer!.motion, x0, foot)[2]).toBeCloseTo(foot, 9);
      expect(at(outer!.motion, x1, head)[2]).toBeCloseTo(head + rise, 6);
      expect(at(inner!.motion, x1, foot)[2]).toBeCloseTo(foot, 6);
      expect(at(inner!.motion, x1, foot)[0]).toBeCloseTo(at(outer!.motion, x1, head)[0], 6);
      expect(at(inner!.motion, x0, head)[2]).toBeCloseTo(head + rise, 6);
    }
  });
});
