import { wordChoice, yesOrNo, type Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { USUAL_BEHIND, USUAL_LEGS } from './fresh';
import { COMBS, type Slats } from './schema';

const combs = lengthOf<Slats>('Slats');
const out = lengthOf<Slats>('Drawn out');
const rail = lengthOf<Slats>('Front rail');
const BOARDS = () => ['sheet', 'solid wood'] as const;
const curved = ({ behind }: Slats) => Boolean(behind);
const onLegs = ({ legs }: Slats) => legs !== null;

const FIELDS: readonly Field<Slats>[] = [
  { group: 'Slats', label: 'Made of', path: ['material'], input: { pick: 'material', kinds: BOARDS } },
  { group: 'Slats', label: 'Boards glued to a slat', path: ['layers'], input: 'count' },
  { group: 'Slats', label: 'Slats that stay', path: ['count'], input: 'count' },
  combs('Clearance between slats', ['clearance']),
  { group: 'Slats', label: 'Combs are made', path: ['combs'], input: wordChoice(['combs'], COMBS) },
  combs('Over the left', ['over', 'left']),
  combs('Over the right', ['over', 'right']),
  combs('Mattress on it, thick', ['mattress']),
  {
    group: 'Slats',
    label: 'Behind it',
    path: ['behind'],
    input: {
      words: ['straight', 'a side that curves in'],
      word: (slats) => (curved(slats) ? 'a side that curves in' : 'straight'),
      value: (word) => (word === 'straight' ? null : USUAL_BEHIND),
    },
  },
  combs('It stands in at the left by', ['behind', 'left'], curved),
  combs('Midway by', ['behind', 'middle'], curved),
  combs('At the right by', ['behind', 'right'], curved),
  out('Drawn out by', ['travel']),
  out('Combs still overlap by', ['overlap']),
  { group: 'Drawn out', label: 'Stopped there', path: ['stopped'], input: yesOrNo(['stopped']) },
  {
    group: 'Front rail',
    label: 'Rail made of',
    path: ['rail', 'material'],
    input: { pick: 'material', kinds: BOARDS },
  },
  rail('Rail, deep', ['rail', 'deep']),
  {
    group: 'Front rail',
    label: 'Stands on',
    path: ['legs'],
    input: {
      words: ['nothing', 'legs'],
      word: (slats) => (onLegs(slats) ? 'legs' : 'nothing'),
      value: (word) => (word === 'legs' ? USUAL_LEGS : null),
    },
  },
  { group: 'Front rail', label: 'Legs', path: ['legs', 'count'], input: 'count', when: onLegs },
  rail('Leg, wide', ['legs', 'wide'], onLegs),
];

export const slatsFields = (): readonly Field<Slats>[] => [
  ...FIELDS,
  ...schoolFields<Slats>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
