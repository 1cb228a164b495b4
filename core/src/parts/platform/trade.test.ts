import fc from 'fast-check';
import { motionPose, moved } from '../../motion/motion';
import { GRAVITY, weighAll } from '../../piece/mass';
import { partBuilt } from '../../plan/place';
import { withPlatform } from '../../testing/partsOf';
import { mm, planWith, type Made } from '../../testing/planWith';
import type { Point3 } from '../../solid/prism';
import { firstLift } from './forces';
import type { LaidPlatform } from './lay';

const LEDGERS = 'A folding platform on ledgers';
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
});
