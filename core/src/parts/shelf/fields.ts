import { wordChoice, type Field } from '../../card/field';
import { BOOKS } from '../../strength/usualLoads';
import { loadFields } from '../../card/loadFields';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import type { Shelf } from './schema';

const length = lengthOf<Shelf>('Shelf');

const FIELDS: readonly Field<Shelf>[] = [
  { group: 'Shelf', label: 'Lies in', path: ['mount', 'bay'], input: { pick: 'bay' } },
  { group: 'Shelf', label: 'How many', path: ['count'], input: 'count' },
  {
    group: 'Shelf',
    label: 'Made of',
    path: ['material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood', 'glass'] },
  },
  {
    group: 'Shelf',
    label: 'Heights',
    path: ['up'],
    input: {
      words: ['evenly spread', 'as typed'],
      word: ({ up }) => (up ? 'as typed' : 'evenly spread'),
      value: (word) => (word === 'as typed' ? { first: { mm: 300 }, step: { mm: 320 } } : null),
    },
  },
  length('Lowest, above the bottom', ['up', 'first'], ({ up }) => up !== null),
  length('From one to the next', ['up', 'step'], ({ up }) => up !== null),
  length('Less than its opening', ['less']),
  length('Set back', ['setback']),
  length('Edge banding', ['banding']),
  length('Pins stand out', ['pins']),
  {
    group: 'Shelf',
    label: 'It is',
    path: ['held'],
    input: wordChoice(['held'], ['loose', 'screws in slots']),
  },
  ...loadFields<Shelf>(
    'Shelf',
    ['load'],
    { label: 'Carries', usual: 'books, as usual', typed: 'On a metre, kg' },
    () => BOOKS,
  ),
  { group: 'Shelf', label: 'Moisture changes by, points', path: ['moisture'], input: 'count' },
];

export const shelfFields = (): readonly Field<Shelf>[] => [
  ...FIELDS,
  ...schoolFields<Shelf>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
