import { AT_EASE } from '../../balance/force';
import { footOf, standingOn } from '../../balance/tipping';
import { GRAVITY } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { KIND_ROWS } from '../../testing/kindRows';
import { planWith } from '../../testing/planWith';
import { appraisalOf } from '../appraisals';
import type { Part } from '../families';
import { tipsAt } from './advice';

describe('a top slid out', () => {
  it('tips over its edge where its own half no longer holds the hand that leans on it: by hand', () => {
    // m (long/2 - over - t) = load (over + t): 8 kg, 600 long, 20 over, 20 kg leant on: 8 x 300 / 28 - 20. Derived
    expect(tipsAt(8, 600, 20, 20)).toBeCloseTo((8 * 300) / 28 - 20, 9);
    // By itself once its middle is past the edge.
    expect(tipsAt(8, 600, 20, 0)).toBeCloseTo(280, 9);
    // So far over that it never lies there.
    expect(tipsAt(8, 600, 400, 0)).toBe(0);
  });

  it('is told as forces where it is: its weight, and a hand on its outer edge, both drawn out with it', () => {
    const drawn = planWith(KIND_ROWS['family: sliding top']!.good);
    const part = { ...drawn.parts[0]!, edge: 20 } as Part;
    const plan = { ...drawn, parts: [part] };
    const built = partBuilt(plan, part)!;
    const forces = appraisalOf(part)
      .forces(built.laid, built.pieces, built.movers)
      .map(({ force }) => force);
    expect(forces.map(({ kind }) => kind)).toEqual(['weight', 'hand']);
    const [weight, hand] = forces;
    const [shut, out] = [0, 200].map((travel) => ({ ...AT_EASE, travel }));
    const moved = (force: typeof weight) =>
      Math.hypot(...force!.at(out!).map((x, i) => x - force!.at(shut!)[i]!));
    expect(moved(weight)).toBeCloseTo(200, 9);
    expect(moved(hand)).toBeCloseTo(200, 9);
    expect(hand!.newtons(shut!).most / GRAVITY).toBeCloseTo(20, 9);
    expect(standingOn(footOf([0, 0, 0], [1, 1, 0]), 0, forces, shut!)).toHaveLength(4);
  });
});
