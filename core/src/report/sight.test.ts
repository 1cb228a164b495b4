import { newThing } from '../plan/fresh';
import { buildScene } from '../plan/buildScene';
import type { Plan } from '../plan/schema';
import { hiddenOf, withHidden } from '../testing/partsOf';
import { mm, planWith } from '../testing/planWith';
import { sightFindings } from './sight';

/** The opening is in the south wall from x 3600 to 4400; at its free edge, to the west, 45 stay open beside a case 250 deep. */
const placed = (plan: Plan, id: string, kind: 'place to see from' | 'kept from sight', at: readonly number[], size: readonly number[]) => ({
  ...newThing(plan, kind), id, name: id.replace('-', ' '),
  x: mm(at[0]!), y: mm(at[1]!), z: mm(at[2]!), width: mm(size[0]!), depth: mm(size[1]!), height: mm(size[2]!),
}); // prettier-ignore
const EYE = [2, 2, 2] as const;
const withPlaces = (plan: Plan): Plan => ({
  ...plan,
  things: [
    placed(plan, 'arm-chair', 'place to see from', [3621, 2499, 1099], EYE),
    placed(plan, 'far-corner', 'place to see from', [6500, 599, 1099], EYE),
    placed(plan, 'wall-safe', 'kept from sight', [3500, -900, 500], [200, 400, 1000]),
  ],
});
const told = (gap: number) => {
  const made = withHidden('A shelf case on pivots');
  const plan = planWith({
    ...made,
    parts: made.parts!.map((part) =>
      part.family === 'hidden' ? { ...part, gaps: { ...part.gaps, free: mm(gap) } } : part,
    ),
    change: withPlaces,
  });
  return sightFindings(plan, buildScene(plan)).map(({ verdict, sentence }) => [verdict, sentence] as const);
};
const of = (notes: ReturnType<typeof told>, who: string) =>
  notes.filter(([, sentence]) => sentence.startsWith(who));

describe('what a pair keeps from sight', () => {
  // From the left one looks past the right leaf along the wall: five degrees of that show it, and 25 of the other.
  it.each([3200, 4800])('is told by the leaf that shows it first, from %d', (x) => {
    const { gaps } = hiddenOf('A thick leaf on butts');
    const shut = { ...gaps, middle: mm(0), head: mm(0), foot: mm(0) };
    const plan = planWith({
      ...withHidden('A thick leaf on butts', { leaves: 'pair', gaps: shut }),
      change: (of) => ({ ...of, things: [placed(of, 'stool', 'place to see from', [x - 1, 399, 1499], EYE)] }),
    });
    const { sentence } = sightFindings(plan, buildScene(plan)).find(({ sentence: one }) => one.includes('stool'))!;
    expect(sentence).toMatch(/sees nothing of .* while it is shut, nor before a leaf of it is open to [45](\.\d)?°/);
  }); // prettier-ignore
});

describe('what a person set to be kept from sight', () => {
  it('is seen in line with the open joint, and from aside is not', () => {
    const notes = told(45);
    const [seen, ...more] = of(notes, 'Whoever looks from the arm chair');
    expect([seen![0], more]).toEqual(['tight', []]);
    // Straight on, the joint's back edges, 250 in, bound it: 45 there, told where its nearer edge is passed.
    const wide = Number(/a slit ([\d.]+) mm wide/.exec(seen![1])![1]);
    expect(wide).toBeGreaterThan((45 * 2500) / 2750 - 0.5);
    expect(wide).toBeLessThan(45.2);
    expect(of(notes, 'Whoever looks from the far corner').map(([verdict]) => verdict)).toEqual(['clear']);
  });

  it('is told once for each place, of whatever faces of it are turned there', () => {
    const notes = told(45);
    expect(notes.every(([, sentence]) => sentence.includes('the wall safe'))).toBe(true);
    for (const who of ['Whoever looks from the far corner', 'Who sits before it'])
      expect(of(notes, who)).toHaveLength(1);
  });

  it('is closed by a narrower joint from where its depth hides it', () => {
    const verdicts = [45, 2].map((gap) => of(told(gap), 'Who stands before it')[0]![0]);
    expect(verdicts).toEqual(['tight', 'clear']);
  });
});
