import type { Field } from '../../card/field';
import type { OwnSchools, Schools } from '../../material/schema';

/** A question on which practitioners disagree: how it reads on a card, and the words of its schools, the default first. */
export const SCHOOL_QUESTIONS: readonly {
  readonly key: keyof Schools;
  readonly label: string;
  readonly words: Readonly<Record<string, string>>;
}[] = [
  { key: 'thickness', label: 'Sheet counts', words: { measured: 'as measured', nominal: 'by its name' } },
  { key: 'sizing', label: 'Sized from', words: { measured: 'the opening as read', drawn: 'the drawing' } },
  {
    key: 'slides',
    label: 'Slides are fixed',
    words: {
      'over spacers': 'in place over spacers',
      'on the bench': 'on the bench',
      'on floor cleats': 'on cleats on the bottom',
    },
  },
  {
    key: 'boxes',
    label: 'Boxes of a bank',
    words: { 'all alike': 'are all alike', 'each its own': 'each to its own opening' },
  },
  {
    key: 'front',
    label: 'Fronts are fixed',
    words: {
      pinned: 'pinned, then screwed',
      'pressed points': 'by screw points pressed in',
      'taped or wedged': 'held by tape or wedges',
      glued: 'glued and clamped',
    },
  },
  { key: 'panels', label: 'Sliding panels', words: { 'lift out': 'lift out', captive: 'are captive' } },
];

const AS_JOB = 'as the job';

/** A part's own way with each question; what it leaves to the job is left out. */
export function schoolFields<Item extends { readonly schools?: OwnSchools }>(): Field<Item>[] {
  return SCHOOL_QUESTIONS.map(({ key, label, words }) => ({
    group: 'Its own way',
    label,
    path: ['schools'],
    input: {
      words: [AS_JOB, ...Object.values(words)],
      word: ({ schools }) => words[schools?.[key] ?? ''] ?? AS_JOB,
      value: (word, { schools }) => {
        const school = Object.keys(words).find((one) => words[one] === word);
        const others = Object.fromEntries(Object.entries(schools ?? {}).filter(([one]) => one !== key));
        const own = school ? { ...others, [key]: school } : others;
        return Object.keys(own).length > 0 ? own : undefined;
      },
    },
  }));
}
