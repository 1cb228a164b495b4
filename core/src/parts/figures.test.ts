import { carcassOf, partBuilt } from '../plan/place';
import { MILLIMETRES } from '../length/units';
import { sayLengths } from '../length/lengthMark';
import { bankIssues, frontHeights } from './kit/drawn/bank';
import type { Bank } from './kit/drawn/schema';
import { bankOf, USUAL_DRAWN_FIT } from './kit/drawn/usual';
import type { LaidDrawn } from './kit/drawn/lay';
import { withDrawer } from '../testing/partsOf';
import { caseOf, mm, planWith, refusalOf } from '../testing/planWith';
import { familyOf } from './families';

const laid = (made: Parameters<typeof planWith>[0]): LaidDrawn => {
  const plan = planWith(made);
  return partBuilt(plan, plan.parts[0]!)!.laid as LaidDrawn;
};

describe('figures that boards are cut by', () => {
  it('a carcass read narrower within comes in at both sides alike', () => {
    // 564 clear, read 544 deep within: 10 at either side.
    const bay = { id: 'all', take: 'equal' as const, read: { deep: mm(544) } };
    const plan = planWith({ carcasses: [caseOf({ bay })] });
    const { inside } = carcassOf(plan, plan.carcasses[0]!).layout.openings.get('all')!;
    expect([inside.left, inside.right]).toEqual([28, 572]);
  });

  it('a bay read so wide that nothing is left of the board beside it is refused with its place, one a hair less is not', () => {
    // 564 clear, sides of 18: 36 more, and both are gone but for the half millimetre each must keep.
    const wide = (mid: number) => ({ carcasses: [caseOf({ bay: { id: 'all', take: 'equal' as const, read: { middle: mm(mid) } } })] }); // prettier-ignore
    expect(refusalOf(wide(599))).toBe('');
    expect(refusalOf(wide(599.2))).toMatch(
      /^carcasses\[0\]\.bay\.read: As it was read, so wide a bay leaves nothing of the left side/,
    );
    // Two bays of 273 with an upright of 18 between: one read 36 wider takes 18 of it.
    const bays = (left: number) => [
      { id: 'a', take: 'equal' as const, read: { bottom: mm(left) } },
      { id: 'b', take: 'equal' as const, read: {} },
    ];
    const split = (left: number) => ({ carcasses: [caseOf({ bay: { id: 'all', take: 'equal' as const, read: {}, split: { way: 'uprights' as const, setback: mm(0), bays: bays(left) } } })] }); // prettier-ignore
    expect(refusalOf(split(300))).toBe('');
    expect(refusalOf(split(310))).toMatch(/leaves nothing of the upright beside it/);
  });

  it('fronts that get lower upward: the step that leaves the topmost one 30 is told, and leaves it 30', () => {
    // Five fronts share 705: the topmost is 705 / 5 - 2 steps, so steps of (141 - 30) / 2 = 55.5.
    const graduated = (step: number) => ({ ...bankOf('graduated', 5), step: mm(step) }) as Bank;
    const [issue] = bankIssues(graduated(80), 705);
    expect(sayLengths(issue!.message, MILLIMETRES)).toBe(
      'The topmost front would be 0 mm high. Steps of at most 55.5 mm will do.',
    );
    const heights = frontHeights(graduated(55.5), 705);
    expect(heights).toEqual([252, 196.5, 141, 85.5, 30]);
    expect(bankIssues(graduated(55.5), 705)).toEqual([]);
    expect(bankIssues(graduated(55.6), 705)).toHaveLength(1);
  });

  it('an old box narrower than its opening is packed out by half of what is left, less its slide, at either side', () => {
    // 564 clear, 480 of box, 12.7 of slide at each side: (564 - 480) / 2 - 12.7.
    const old = { width: mm(480), height: mm(140), depth: mm(450) };
    const { drawers, slide } = laid(withDrawer({ old, bank: bankOf('even', 1) }));
    const side = slide?.kind === 'slide' ? slide.side : 0;
    expect(side).toBe(12.7);
    for (const way of ['left', 'right'] as const)
      expect(drawers[0]!.packing[way]).toBeCloseTo((564 - 480) / 2 - 12.7, 9);
  });

  it('levers of a front reach 20 beyond it: wider gaps of one that is inset, less overlay of one that lies over', () => {
    for (const [fit, to] of [
      [{ ...USUAL_DRAWN_FIT.inset, sides: mm(2) }, 22],
      [{ ...USUAL_DRAWN_FIT.overlay, sides: mm(16) }, 1],
    ] as const) {
      const plan = planWith(withDrawer({ fit }));
      const part = plan.parts[0]!;
      const { laid: own, pieces } = partBuilt(plan, part)!;
      const trouble = {
        of: undefined,
        short: 1,
        comfortable: undefined,
        usable: undefined,
        about: undefined,
      };
      const lever = familyOf(part)
        .levers(own, pieces, trouble)
        .find(({ key }) => key === 'front.sides');
      expect(lever).toMatchObject({ kind: 'amount', to });
    }
  });
});
