import { get } from '../item/path';
import { applyEdit } from '../plan/edit';
import { hingeOf } from '../parts/door/fresh';
import { USUAL_BOX } from '../parts/kit/box/usual';
import { withDrawer } from '../testing/partsOf';
import { caseOf, doorOf, mm, planWith } from '../testing/planWith';
import type { Plan } from '../plan/schema';
import { fixesOf } from './fixes';

const wanting = (plan: Plan, path: readonly (string | number)[], value: number) => {
  const before = get(plan, path);
  const after = typeof before === 'object' ? mm(value) : value;
  return fixesOf(plan, { name: 'Edit', changes: [{ path: [...path], before, after }] });
};

describe('what could be done about an edit that cannot be built', () => {
  it('the nearest number that can, to the whole millimetre', () => {
    // A case 600 of 18: an overlay of 18 at most.
    const plan = planWith({
      parts: [doorOf({ fit: { kind: 'overlay', hinge: mm(16), free: mm(10), top: mm(10), bottom: mm(10) } })],
    });
    const [fix] = wanting(plan, ['parts', 0, 'fit', 'free'], 40);
    expect(fix!.words).toBe('Make it 18 mm');
    expect(applyEdit(plan, fix!.edit).ok).toBe(true);
    expect(wanting(plan, ['parts', 0, 'fit', 'free'], 12)).toEqual([]);
  });

  it('both, where another number stands against it: the box that no longer fits is made lower', () => {
    const plan = planWith({
      ...withDrawer({ box: { ...USUAL_BOX, height: mm(600) } }),
      carcasses: [caseOf()],
    });
    const fixes = wanting(plan, ['carcasses', 0, 'height'], 500);
    expect(fixes.map(({ words }) => words)).toEqual([
      expect.stringMatching(/^Make it 6\d\d mm$/),
      expect.stringMatching(/^Change both: .*height \d{3} mm$/),
    ]);
    for (const { edit } of fixes) expect(applyEdit(plan, edit).ok).toBe(true);
    expect(fixes[1]!.edit.changes).toHaveLength(2);
    // One more of either and it cannot be built.
    const [, second] = fixes[1]!.edit.changes;
    const taller = { ...second!, after: mm((second!.after as { mm: number }).mm + 1) };
    expect(applyEdit(plan, { name: 'Edit', changes: [fixes[1]!.edit.changes[0]!, taller] }).ok).toBe(false);
  });

  it('a half or a tenth where no whole figure is left between what it is and what it cannot be', () => {
    // 18 at most again: from 17.7 on the whole 18 is a figure.
    const over = (free: number) =>
      planWith({
        parts: [
          doorOf({
            hinge: hingeOf('butt', 'left'),
            fit: { kind: 'overlay', hinge: mm(10), free: mm(free), top: mm(10), bottom: mm(10) },
          }),
        ],
      });
    expect(wanting(over(17.7), ['parts', 0, 'fit', 'free'], 40)[0]!.words).toBe('Make it 18 mm');
    // Of a gap less than 36 will do: 36 itself is tried and is not it.
    const wide = planWith({
      parts: [doorOf({ hinge: hingeOf('butt', 'left'), fit: { kind: 'even', gap: mm(3) } })],
    });
    expect(wanting(wide, ['parts', 0, 'fit', 'gap'], 59)[0]!.words).toBe('Make it 35 mm');
  });

  it('in inches by sixteenths, and nothing for what is no number or builds as it is', () => {
    const plan: Plan = {
      ...planWith({ parts: [doorOf({ hinge: hingeOf('butt', 'left') })] }),
      units: { system: 'in', step: 16 },
    };
    // Less than twice the 18 of a side: of 36 mm the last sixteenth before is 22 of them, 1 3/8 in.
    const [fix] = wanting(plan, ['parts', 0, 'fit', 'gap'], 59);
    expect([fix!.words, get(fix!.edit.changes[0]!.after as object, ['mm'])]).toEqual([
      'Make it 1 3/8 in',
      expect.closeTo((22 / 16) * 25.4, 9),
    ]);
    expect(
      fixesOf(plan, { name: 'Edit', changes: [{ path: ['title'], before: 'Test', after: '' }] }),
    ).toEqual([]);
  });
});
