import { wordChoice, type Field } from '../../../card/field';
import type { PathStep } from '../../../item/path';
import { levelHingeKind } from './hinge';
import type { LevelHinge } from './schema';

const group = 'Hinge';
const OTHERS = {
  butt: { kind: 'butt', hardware: 'butt-63', pin: { mm: 3.5 } },
  continuous: { kind: 'continuous', hardware: 'continuous-32', pin: { mm: 2 } },
} as const;

/** A level hinge at a path of its part; `of` tells it, or none where it hangs on none. */
export function hingeFields<Part>(
  at: readonly PathStep[],
  of: (part: Part) => LevelHinge | undefined,
): Field<Part>[] {
  const there = (part: Part) => of(part) !== undefined;
  const butts = (part: Part) => of(part)?.kind === 'butt';
  return [
    {
      group,
      label: 'Hangs on',
      path: at,
      input: {
        words: ['continuous hinge', 'butts'],
        word: (part) => (of(part)?.kind === 'butt' ? 'butts' : 'continuous hinge'),
        value: (word, part) => ({ ...of(part), ...OTHERS[word === 'butts' ? 'butt' : 'continuous'] }),
      },
      when: there,
    },
    {
      group,
      label: 'Which hinge',
      path: [...at, 'hardware'],
      input: {
        pick: 'hardware',
        kinds: (part) => {
          const hinge = of(part);
          return hinge ? [levelHingeKind(hinge)] : [];
        },
      },
      when: there,
    },
    {
      group,
      label: 'Knuckle',
      path: [...at, 'knuckle'],
      input: wordChoice([...at, 'knuckle'], ['above', 'flush', 'beneath']),
      when: there,
    },
    { group, label: 'Pin off the face', path: [...at, 'pin'], input: 'length', when: there },
    {
      group,
      label: 'Let into',
      path: [...at, 'mortise'],
      input: wordChoice([...at, 'mortise'], ['none', 'leaf', 'both']),
      when: there,
    },
    {
      group,
      label: 'How many hinges',
      path: [...at, 'count'],
      input: {
        words: ['as needed', '2', '3', '4', '5', '6'],
        word: (part) => {
          const count = of(part)?.count ?? null;
          return count === null ? 'as needed' : String(count);
        },
        value: (word) => (word === 'as needed' ? null : Number(word)),
      },
      when: butts,
    },
    { group, label: 'End hinges from the ends', path: [...at, 'ends'], input: 'length', when: butts },
  ];
}
