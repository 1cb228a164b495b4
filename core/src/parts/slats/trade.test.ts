import fc from 'fast-check';
import { GRAVITY } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { bentBy } from '../../strength/beam';
import { withSlats } from '../../testing/partsOf';
import { mm, planWith } from '../../testing/planWith';
import { told } from '../../testing/told';
import { spansOf } from './advice';
import { slatsFor } from './fresh';
import type { LaidSlats } from './lay';

const laidOf = (...given: Parameters<typeof withSlats>) => {
  const plan = planWith(withSlats(...given));
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidSlats;
};

describe('two combs of slats', () => {
  it('have a pitch of 2 (w + c) and stand w + 2 c apart drawn out, and fill what they lie over', () => {
    // TRADE, derived.
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 14 }),
        fc.integer({ min: 2, max: 80 }),
        fc.integer({ min: -40, max: 60 }),
        (count, tenths, over) => {
          const clearance = tenths / 10;
          const { staying, sliding, wide, pitch, open } = laidOf({
            count,
            clearance: mm(clearance),
            over: { left: mm(over), right: mm(2 * over) },
          });
          const all = [...staying, ...sliding].map(({ x }) => x).sort((a, b) => a[0] - b[0]);
          expect(all).toHaveLength(2 * count - 1);
          expect(all[0]![0]).toBeCloseTo(-over, 9);
          expect(all.at(-1)![1]).toBeCloseTo(900 + 2 * over, 9);
          all.slice(1).forEach(([from], i) => expect(from - all[i]![1]).toBeCloseTo(clearance, 9));
          expect(staying[1]!.x[0] - staying[0]!.x[0]).toBeCloseTo(2 * (wide + clearance), 9);
          expect(pitch).toBeCloseTo(2 * (wide + clearance), 9);
          expect(staying[1]!.x[0] - staying[0]!.x[1]).toBeCloseTo(wide + 2 * clearance, 9);
          expect(open).toBeCloseTo(wide + 2 * clearance, 9);
        },
      ),
    );
  });

  it('are as few as keep the open gap under what was asked', () => {
    fc.assert(
      fc.property(fc.integer({ min: 300, max: 2000 }), fc.integer({ min: 50, max: 90 }), (across, open) => {
        const gap = (count: number) => (across - 2 * (count - 1) * 3) / (2 * count - 1) + 6;
        const count = slatsFor(across, open, 3);
        expect(gap(count)).toBeLessThanOrEqual(open + 1e-9);
        if (count > 2) expect(gap(count - 1)).toBeGreaterThan(open);
      }),
    );
  });

  it('bend between the carcass and the rail with their share of a person', () => {
    const laid = laidOf({});
    const [slat] = spansOf(laid);
    // A strip of 300 carries 120 kg, and of that a slat as much as its pitch: 2 (57.2 + 3) = 120.4.
    const newtons = (120 * GRAVITY * 120.4) / 300;
    expect(slat!.spanned.load.middle).toBeCloseTo(newtons, 6);
    expect([slat!.spanned.span, slat!.spanned.thick]).toEqual([280, 36]);
    const { sag } = bentBy(
      { span: 280, wide: 57.2, thick: 36, stiffness: 9000, density: 0 },
      slat!.spanned.load,
    );
    expect(sag).toBeCloseTo((newtons * 280 ** 3) / (48 * 9000 * ((57.2 * 36 ** 3) / 12)), 9);
  });

  it('overlap by the depth of the carcass less what is kept off its back and their travel', () => {
    expect(laidOf({ travel: mm(250) }).overlap).toBe(138);
    expect(laidOf({ travel: mm(420) }).overlap).toBe(-32);
  });

  it('end before what curves in behind them, all along their width', () => {
    const behind = { left: mm(0), middle: mm(40), right: mm(120) };
    const { staying, sliding, overlap } = laidOf({ behind, travel: mm(150) });
    // Fritsch and Butland: halves of 450 that rise by 40 and by 80; the slope midway is the harmonic mean of both, at the ends three points' own.
    const [d1, d2] = [40 / 450, 80 / 450];
    const middle = (2 * d1 * d2) / (d1 + d2);
    const cubic = (t: number, from: number, to: number, a: number, b: number) =>
      (2 * t ** 3 - 3 * t ** 2 + 1) * from +
      (t ** 3 - 2 * t ** 2 + t) * 450 * a +
      (3 * t ** 2 - 2 * t ** 3) * to +
      (t ** 3 - t ** 2) * 450 * b;
    const [first, last] = [(3 * d1 - d2) / 2, (3 * d2 - d1) / 2];
    const standsIn = (x: number) =>
      x <= 450 ? cubic(x / 450, 0, 40, first, middle) : cubic((x - 450) / 450, 40, 120, middle, last);
    // It rises all the way: a slat is cut to its right edge.
    for (const { x, y } of staying) expect(y[1]).toBeCloseTo(400 - standsIn(x[1]), 6);
    for (const { x, y } of sliding) expect(y[1]).toBeCloseTo(400 - 12 - standsIn(x[1]), 6);
    expect(overlap).toBeCloseTo(388 - standsIn(sliding.at(-1)!.x[1]) - 150, 6);
    // Deepest midway it is told by that place, not by either edge.
    const bulged = laidOf({
      behind: { left: mm(0), middle: mm(90), right: mm(0) },
      count: 2,
      travel: mm(150),
    });
    expect(bulged.sliding[0]!.y[1]).toBeCloseTo(388 - 90, 6);
  });

  it('that end before the back bearer are counted, and want one under their ends', () => {
    // 80 less at the right: the bearer at the back is 18 of the last of the depth.
    const on = (right: number) =>
      told(withSlats({ behind: { left: mm(0), middle: mm(0), right: mm(right) }, travel: mm(200) }));
    expect(on(80)).toMatch(/stay end before the back bearer: set one under their ends/);
    expect(on(1)).not.toContain('before the back bearer');
  });
});
