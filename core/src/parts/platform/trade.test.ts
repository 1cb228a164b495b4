import fc from 'fast-check';
import { motionPose, moved } from '../../motion/motion';
import { GRAVITY, weighAll } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { withPlatform } from '../../testing/partsOf';
import { mm, planWith, type Made } from '../../testing/planWith';
import type { Point3 } from '../../solid/prism';
import { told } from '../../testing/told';
import { firstLift } from './forces';
import { usualBears } from './fresh';
import type { LaidPlatform } from './lay';
import type { Bears } from './schema';

const LEDGERS = 'A folding platform on ledgers';
const FRAME = 'A folding platform on a frame that comes apart';
const USUAL_FRAME = usualBears('frame', 'ply-18', 0) as Extract<Bears, { kind: 'frame' }>;
const builtOf = (made: Made) => {
  const plan = planWith(made);
  const { laid, pieces } = partBuilt(plan, plan.parts[0]!)!;
  return { laid: laid as LaidPlatform, pieces };
};
/** Where a leaf lies at a travel, in the carcass's y and z, worked from its corners; the carcass looks south and stands at y 3000. */
function liesAt({ frame }: LaidPlatform, { at, motion }: LaidPlatform['leaves'][number], travel: number) {
  const corners = [0, 1].flatMap((i) => [0, 1].map((k): Point3 => [at.x[0], at.y[i]!, at.z[k]!]));
  const origin = frame.toSpace([0, 0, 0]);
  const back = frame.turn([0, 1, 0]);
  const all = corners.map((corner) => {
    const [x, y, z] = moved(motionPose(motion, travel), frame.toSpace(corner));
    return [(x - origin[0]) * back[0] + (y - origin[1]) * back[1], z - origin[2]] as const;
  });
  const ends = (axis: 0 | 1) => [
    Math.min(...all.map((one) => one[axis])),
    Math.max(...all.map((one) => one[axis])),
  ];
  return { y: ends(0) as [number, number], z: ends(1) as [number, number] };
}

describe('a folding platform', () => {
  it('folds to n T + (n - 1) g, a mat on each and legs between undersides apart', () => {
    // TRADE, derived.
    const on = (count: number, gap: number, mat: number) =>
      builtOf(
        withPlatform(
          {
            leaves: Array.from({ length: count }, () => mm(400)),
            gap: mm(gap),
            mat: { thick: mm(mat), kg: 1 },
          },
          LEDGERS,
        ),
      ).laid.stack;
    expect(on(3, 6, 0)).toBeCloseTo(3 * 18 + 2 * 6, 9);
    expect(on(4, 10, 0)).toBeCloseTo(4 * 18 + 3 * 10, 9);
    // Every mat counts once, whichever way its leaf lies.
    expect(on(3, 6, 25)).toBeCloseTo(3 * (18 + 25) + 2 * 6, 9);
    expect(on(4, 6, 25)).toBeCloseTo(4 * (18 + 25) + 3 * 6, 9);
    // Legs of 18: between the second and the third, and on the fourth, which lies with its underside up.
    expect(builtOf(withPlatform({ leaves: [400, 460, 460, 460].map(mm) })).laid.stack).toBeCloseTo(
      4 * 18 + 3 * 6 + 2 * 18,
      9,
    );
  });

  it('lies flat in one plane with its gaps between, whatever its leaves, its mat and its legs', () => {
    const some = fc.record({
      leaves: fc.array(fc.integer({ min: 450, max: 900 }), { minLength: 2, maxLength: 6 }),
      gap: fc.integer({ min: 5, max: 40 }),
      mat: fc.integer({ min: 0, max: 80 }),
      words: fc.constantFrom(undefined, LEDGERS),
      front: fc.integer({ min: -50, max: 120 }),
    });
    fc.assert(
      fc.property(some, ({ leaves, gap, mat, words, front }) => {
        const { laid } = builtOf(
          withPlatform(
            {
              leaves: leaves.map(mm),
              gap: mm(gap),
              mat: { thick: mm(mat), kg: 1 },
              over: { left: mm(0), right: mm(0), front: mm(front) },
            },
            words,
          ),
        );
        let edge = -front + leaves[0]!;
        for (const [i, leaf] of laid.leaves.entries()) {
          const { y, z } = liesAt(laid, leaf, laid.to);
          expect(z[0]).toBeCloseTo(420, 6);
          expect(z[1]).toBeCloseTo(438, 6);
          expect(y[1]).toBeCloseTo(edge, 6);
          edge -= leaves[i]!;
          expect(y[0]).toBeCloseTo(edge, 6);
          edge -= gap;
        }
        expect(laid.out).toBeCloseTo(-(edge + gap), 6);
      }),
      { numRuns: 40 },
    );
  });

  it('stands on the floor with legs as long as it is high, square to it', () => {
    const { laid } = builtOf(withPlatform({}));
    for (const leaf of laid.leaves.slice(1))
      for (const leg of leaf.legs) {
        const { z } = liesAt(laid, { ...leaf, at: leg, motion: leaf.legMotion }, laid.to);
        expect(z[0]).toBeCloseTo(0, 6);
        expect(z[1]).toBeCloseTo(420, 6);
      }
  });

  it('is lifted at the start with half of its second leaf and all of its third', () => {
    const { laid, pieces } = builtOf(withPlatform({ leaves: [400, 420, 390].map(mm) }, LEDGERS));
    const kg = (nth: number) =>
      weighAll(
        pieces.moving.filter(({ key }) => key.includes(`leaf-${nth}`)).flatMap((link) => link.pieces),
        laid.place.stock,
      ).kg;
    expect(kg(2) / kg(3)).toBeCloseTo(420 / 390, 9);
    expect(firstLift(laid)).toBeCloseTo(GRAVITY * (kg(2) / 2 + kg(3)), 6);
  });

  it('lies on a frame whose bearers begin and end every section, no farther apart than is wanted', () => {
    const some = fc.record({
      sections: fc.integer({ min: 1, max: 4 }),
      apart: fc.integer({ min: 120, max: 900 }),
      deep: fc.integer({ min: 30, max: 120 }),
    });
    fc.assert(
      fc.property(some, ({ sections, apart, deep }) => {
        const { laid } = builtOf(
          withPlatform({ bears: { ...USUAL_FRAME, sections, apart: mm(apart), deep: mm(deep) } }, FRAME),
        );
        const made = laid.bearers!;
        // From 6 before the carcass, where the first leaf ends, to 812.
        const long = 806 / sections;
        expect(made.sections).toHaveLength(sections);
        for (const [i, bearers] of made.sections.entries()) {
          expect(bearers[0]!.y[1]).toBeCloseTo(-6 - i * long, 6);
          expect(bearers.at(-1)!.y[0]).toBeCloseTo(-6 - (i + 1) * long, 6);
          for (const [k, { y, z }] of bearers.entries()) {
            expect(z).toEqual([420 - deep, 420]);
            if (k > 0) expect(bearers[k - 1]!.y[0] - y[0]).toBeLessThanOrEqual(apart + 1e-9);
          }
        }
        expect(made.bolts).toHaveLength(2 * (sections - 1));
        for (const { z } of made.ledgers) expect(z).toEqual([420 - deep - 18, 420 - deep]);
      }),
      { numRuns: 60 },
    );
  });

  it('bends between its bearers and past the last of them by the beam’s own formulas, and a bearer under its share', () => {
    const bears = { ...USUAL_FRAME, sections: 1, apart: mm(300) };
    const made = withPlatform({ bears, leaves: [400, 300, 500].map(mm) }, FRAME);
    const { laid } = builtOf(made);
    // One section of 806: three steps of 262.67 from middle to middle, 244.67 between bearers of 18.
    const step = (806 - 18) / 3;
    const clear = step - 18;
    const own = (mm3: number) => (680 * mm3 * GRAVITY) / 1e9;
    const inertia = (300 * 18 ** 3) / 12;
    const sag =
      (120 * GRAVITY * clear ** 3) / (48 * 9000 * inertia) +
      (5 * own(300 * 18) * clear ** 4) / (384 * 9000 * inertia);
    expect(told(made)).toContain(`From bearer to bearer a leaf sags ${sag.toFixed(1)} mm`);
    // Leaf 2 ends 306 before the carcass and the bearer under it 6 + 262.67 + 18: 19.33 hang out; leaf 3 begins 312, the next lies from 531.33.
    const past = 6 + 2 * step - 312;
    const edge = (120 * GRAVITY * past ** 3) / (3 * 9000 * inertia);
    const said =
      /An edge of leaf (\d) hangs ([\d.]+) mm out past its last bearer: with 120 kg on it that gives ([\d.]+) mm/.exec(
        told(made),
      )!;
    expect([said[1], Number(said[2])]).toEqual(['3', expect.closeTo(past, 0)]);
    expect(Number(said[3]) / edge).toBeCloseTo(1, 1);
    // 80 deep and 18 wide from ledger to ledger, 40 broad each; of a person on 300 what lies nearer to it.
    const share = (120 * (clear + 18)) / 300;
    const across = 900 - 80;
    const deep = (18 * 80 ** 3) / 12;
    const gives =
      (share * GRAVITY * across ** 3) / (48 * 9000 * deep) +
      (5 * own(18 * 80) * across ** 4) / (384 * 9000 * deep);
    expect(told(made)).toMatch(new RegExp(`A bearer sags ${gives.toFixed(1)} mm`));
    expect(laid.bearers!.bolts).toHaveLength(0);
  });

  it('tells a leaf that tips on one bearer, and a bearer under the flaps of a hinge', () => {
    const one = { ...USUAL_FRAME, sections: 1, apart: mm(790) };
    expect(told(withPlatform({ bears: one }, FRAME))).toContain('Leaf 2 lies on one bearer alone');
    expect(told(withPlatform({}, FRAME))).toContain('A bearer lies under the hinge beneath leaves 2 and 3');
    // Three leaves of 380: the hinge is off the sections' joint by more than its flap of 14 and half a gap.
    expect(told(withPlatform({ leaves: [400, 300, 500].map(mm) }, FRAME))).not.toContain(
      'A bearer lies under the hinge',
    );
  });

  it('buys a bolt for each hole: 50 long through two bearers of 18', () => {
    const plan = planWith(
      withPlatform({ bears: { ...USUAL_FRAME, sections: 3, bolts: { count: 3, in: mm(100) } } }, FRAME),
    );
    const { pieces } = partBuilt(plan, plan.parts[0]!)!;
    const all = pieces.still.flatMap((link) => link.pieces);
    expect(all.filter(({ name }) => name.startsWith('Bolt M8 x 50'))).toHaveLength(6);
    const holes = all
      .flatMap(({ works = [] }) => works)
      .filter(({ words }) => words === 'a bolt to the next section');
    expect(holes).toHaveLength(12);
  });
});
