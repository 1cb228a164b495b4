import type { Field } from '../item/field';
import type { OwnSchools, Schools } from '../material/schema';

/** A question on which practitioners disagree: how it reads on a card, and the words of its schools, the default first. */
export const SCHOOL_QUESTIONS: readonly {
  readonly key: keyof Schools;
  readonly label: string;
  readonly words: Readonly<Record<string, string>>;
}[] = [
  { key: 'thickness', label: 'Sheet counts', words: { measured: 'as measured', nominal: 'by its name' } },
  { key: 'sizing', label: 'Sized from', words: { measured: 'the opening as read', drawn: 'the drawing' } },
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
