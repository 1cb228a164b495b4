import { caseOf, doorOf, mm, planWith, type Made } from '../testing/planWith';
import { boxAt } from '../testing/partsOf';
import { USUAL_FIT } from '../parts/door/fresh';
import { reportOf } from './report';

const squeezes = (made: Made) => reportOf(planWith(made)).notes.filter(({ about }) => about === 'squeeze');

/** A post that the free edge of a leaf passes on its way, so far off the arc of its corner. */
const passing = (gap: number, users: 'anyone' | 'children or frail people' = 'anyone'): Made => {
  // The leaf is 597 wide and 18 thick on cup hinges: its corner comes about 610 before its case at half of its way.
  const post = boxAt('Post', { x: 3380, y: 3000 - 510 - gap, z: 0, width: 40, depth: 40, height: 2000 });
  return {
    carcasses: [caseOf()],
    parts: [doorOf({ limit: 105 })],
    change: (plan) => ({ ...post(plan), users }),
  };
};

describe('where two edges pass', () => {
  // European furniture safety standards, from memory: under 8 or over 25 mm between moving edges.
  it('a gap of 8 to 25 within the travel is told, and judged harder for children and frail people', () => {
    const found = [0, 10, 20, 30, 40, 50, 60, 70, 80].map((gap) => squeezes(passing(gap)));
    const told = found.flat();
    expect(told.length).toBeGreaterThan(0);
    expect(told.every(({ verdict }) => verdict === 'clear')).toBe(true);
    for (const { sentence } of told) {
      const gap = Number(/with ([\d.]+) mm between them/.exec(sentence)![1]);
      expect(gap).toBeGreaterThanOrEqual(8);
      expect(gap).toBeLessThanOrEqual(25);
    }
    const gap = [0, 10, 20, 30, 40, 50, 60, 70, 80][found.findIndex((one) => one.length > 0)]!;
    expect(squeezes(passing(gap, 'children or frail people'))[0]!.verdict).toBe('tight');
    // Far off nothing is squeezed.
    expect(squeezes(passing(200))).toEqual([]);
  });

  it('a gap of 7 to 12 about what is shut takes a child’s finger and keeps it', () => {
    const about = (gap: number) =>
      squeezes({
        parts: [
          doorOf({ fit: { ...USUAL_FIT.inset, free: mm(gap), top: mm(gap), bottom: mm(2) }, limit: 90 }),
        ],
      });
    expect(about(5)).toEqual([]);
    expect(
      about(9)
        .map(({ sentence }) => sentence)
        .join(),
    ).toContain('leaves a gap of 8.6 mm at');
    expect(about(14)).toEqual([]);
  });
});
