import { wordChoice, type Field } from '../../../card/field';
import type { PathStep } from '../../../item/path';
import { LATCH_KINDS } from '../../../hardware/schema';
import { USUAL_GRIP } from './grip';
import { STAY_KINDS } from './help';
import type { Closer, Grip, Latch, Stay } from './schema';

const GRIP_WORDS = { 'its edge': 'edge', 'a notch': 'notch', 'a pull': 'pull' } as const;

const GRIP = 'Grip and catch';

/** How it is taken hold of, and what keeps it shut. */
export function gripFields<Part extends { readonly grip: Grip; readonly latch: Latch }>(): Field<Part>[] {
  const length = (label: string, path: readonly PathStep[], kind: Grip['kind']): Field<Part> => ({
    group: GRIP,
    label,
    path,
    input: 'length',
    when: ({ grip }) => grip.kind === kind,
  });
  return [
    {
      group: GRIP,
      label: 'Taken by',
      path: ['grip'],
      input: {
        words: Object.keys(GRIP_WORDS),
        word: ({ grip }) => Object.entries(GRIP_WORDS).find(([, kind]) => kind === grip.kind)![0],
        value: (word) => USUAL_GRIP[GRIP_WORDS[word as keyof typeof GRIP_WORDS]],
      },
    },
    length('Notch, wide', ['grip', 'wide'], 'notch'),
    length('Notch, deep', ['grip', 'deep'], 'notch'),
    length('Pull stands out', ['grip', 'projection'], 'pull'),
    length('Pull, wide', ['grip', 'wide'], 'pull'),
    {
      group: GRIP,
      label: 'Kept shut by',
      path: ['latch'],
      input: {
        words: ['its weight', 'a catch'],
        word: ({ latch }) => (latch ? 'a catch' : 'its weight'),
        value: (word) => (word === 'a catch' ? { hardware: 'catch-40', reached: 'from outside' } : null),
      },
    },
    {
      group: GRIP,
      label: 'Which catch',
      path: ['latch', 'hardware'],
      input: { pick: 'hardware', kinds: () => LATCH_KINDS },
      when: ({ latch }) => latch !== null,
    },
    {
      group: GRIP,
      label: 'Reached',
      path: ['latch', 'reached'],
      input: wordChoice(['latch', 'reached'], ['from outside', 'from within']),
      when: ({ latch }) => latch !== null,
    },
  ];
}

/** What holds it open, and what takes up its fall. */
export function stayFields<Part extends { readonly stay: Stay; readonly closer: Closer }>(
  usual: NonNullable<Stay>,
): Field<Part>[] {
  const there = ({ stay }: Part) => stay !== null;
  const group = 'Stay';
  const length = (label: string, path: readonly PathStep[]): Field<Part> => ({
    group,
    label,
    path: ['stay', ...path],
    input: 'length',
    when: there,
  });
  return [
    {
      group,
      label: 'Held open by',
      path: ['stay'],
      input: {
        words: ['nothing', 'a stay or chain'],
        word: ({ stay }) => (stay ? 'a stay or chain' : 'nothing'),
        value: (word) => (word === 'nothing' ? null : usual),
      },
    },
    {
      group,
      label: 'Which stay',
      path: ['stay', 'hardware'],
      input: { pick: 'hardware', kinds: () => STAY_KINDS },
      when: there,
    },
    {
      group,
      label: 'At',
      path: ['stay', 'ends'],
      input: wordChoice(['stay', 'ends'], ['left', 'right', 'both']),
      when: there,
    },
    length('On the leaf, from the axis', ['onLeaf', 'along']),
    length('On the leaf, off its inside', ['onLeaf', 'in']),
    length('On the case, from the axis', ['onCase', 'along']),
    length('On the case, in from the leaf', ['onCase', 'in']),
    {
      group,
      label: 'Soft closer',
      path: ['closer'],
      input: {
        words: ['none', 'one', 'two'],
        word: ({ closer }) => (closer === null ? 'none' : closer.count === 1 ? 'one' : 'two'),
        value: (word) => (word === 'none' ? null : { hardware: 'soft-3', count: word === 'one' ? 1 : 2 }),
      },
    },
  ];
}
