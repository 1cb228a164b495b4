import type { Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { helpFields } from '../kit/turning/fields';
import { gripFields, stayFields } from '../kit/turning/stayFields';
import { USUAL_BED_HELP, USUAL_BED_STAY, USUAL_FACE, USUAL_LEGS, usualDesk } from './fresh';
import { BED_TURNS, type Bed, type Legs } from './schema';

type BedField = Field<Bed>;

/** Mattresses as they are sold, long and wide, mm. Common practice, from memory: each country has its own. */
const SIZES: Readonly<Record<string, readonly [long: number, wide: number]>> = {
  'Europe, 80 x 200 cm': [2000, 800],
  'Europe, 90 x 200 cm': [2000, 900],
  'Europe, 140 x 200 cm': [2000, 1400],
  'Europe, 160 x 200 cm': [2000, 1600],
  'United Kingdom, small single': [1900, 750],
  'United Kingdom, single': [1900, 900],
  'United Kingdom, double': [1900, 1350],
  'United Kingdom, king': [2000, 1500],
  'North America, twin': [1905, 965],
  'North America, full': [1905, 1372],
  'North America, queen': [2032, 1524],
  'Australia, single': [1880, 920],
  'Australia, double': [1880, 1380],
};
const TYPED = 'as typed';
const mattress = lengthOf<Bed>('Mattress');
const frame = lengthOf<Bed>('Frame');
const face = lengthOf<Bed>('Face');
const pivot = lengthOf<Bed>('Pivot');
const legs = lengthOf<Bed>('Legs');
const desk = lengthOf<Bed>('Desk');
const hasDesk = (bed: Bed) => Boolean(bed.desk);
const faced = (bed: Bed) => bed.face !== null;
const onLegs = (bed: Bed) => bed.legs.kind !== 'none';
const SHEETS = () => ['sheet', 'solid wood'] as const;
const made = (group: string, path: readonly string[], when?: (bed: Bed) => boolean): BedField => ({
  group,
  label: 'Made of',
  path,
  input: { pick: 'material', kinds: SHEETS },
  ...(when && { when }),
});

const FIELDS: readonly BedField[] = [
  { group: 'Opening', label: 'Comes down to', path: ['limit'], input: 'degrees' },
  {
    group: 'Mattress',
    label: 'It turns',
    path: ['turns'],
    input: { words: BED_TURNS, word: ({ turns }) => turns, value: (word) => word },
  },
  {
    group: 'Mattress',
    label: 'Mattress of the size',
    path: ['mattress'],
    input: {
      words: [TYPED, ...Object.keys(SIZES)],
      word: ({ mattress: { long, wide } }) =>
        Object.keys(SIZES).find((name) => SIZES[name]![0] === long.mm && SIZES[name]![1] === wide.mm) ?? TYPED,
      value: (word, { mattress: before }) => {
        const size = SIZES[word];
        return size ? { ...before, long: { mm: size[0] }, wide: { mm: size[1] } } : before;
      },
    },
  },
  mattress('Mattress, long', ['mattress', 'long']),
  mattress('Mattress, wide', ['mattress', 'wide']),
  mattress('Mattress, thick', ['mattress', 'thick']),
  { group: 'Mattress', label: 'Bulges as it stands, by', path: ['mattress', 'bulges'], input: 'length or none' },
  { group: 'Mattress', label: 'Mattress, kg', path: ['mattress', 'kg'], input: 'count' },
  mattress('Bedding left in, thick', ['bedding', 'thick']),
  { group: 'Mattress', label: 'Bedding left in, kg', path: ['bedding', 'kg'], input: 'count' },
  { group: 'Frame', label: 'Stands in', path: ['mount', 'bay'], input: { pick: 'bay' } },
  made('Frame', ['frame', 'material']),
  frame('Rails, deep', ['frame', 'deep']),
  frame('Room about the mattress', ['frame', 'play']),
  frame('Frame above the bay’s foot', ['foot']),
  made('Platform', ['platform', 'material']),
  { group: 'Platform', label: 'Bearers', path: ['platform', 'bearers'], input: 'count' },
  lengthOf<Bed>('Platform')('Bearers, deep', ['platform', 'deep']),
  frame('Headboard over its rails', ['headboard']),
  { group: 'Mattress', label: 'Straps that hold it', path: ['straps'], input: 'count' },
  {
    group: 'Face',
    label: 'Panels on its underside',
    path: ['face'],
    input: {
      words: ['none', 'yes'],
      word: (bed) => (faced(bed) ? 'yes' : 'none'),
      value: (word, bed) => (word === 'yes' ? { ...USUAL_FACE, material: bed.frame.material } : null),
    },
  },
  made('Face', ['face', 'material'], faced),
  { group: 'Face', label: 'Panels', path: ['face', 'panels'], input: 'count', when: faced },
  face('Gap about a panel', ['face', 'reveal'], faced),
  face('Panels above the bay’s foot', ['face', 'foot'], faced),
  {
    group: 'Pivot',
    label: 'Turns on',
    path: ['pivot', 'hardware'],
    input: { pick: 'hardware', kinds: () => ['pivot'] },
  },
  pivot('Pivot above the bay’s foot', ['pivot', 'up']),
  pivot('Pivot back from the front', ['pivot', 'back']),
  {
    group: 'Legs',
    label: 'Stands on',
    path: ['legs'],
    input: {
      words: ['no legs', 'fixed legs', 'legs swung out by hand', 'legs that fall, on a link'],
      word: (bed) => WORDS[bed.legs.kind],
      value: (word) => USUAL_LEGS[(Object.keys(WORDS) as Legs['kind'][]).find((kind) => WORDS[kind] === word)!],
    },
  },
  legs('Leg, wide', ['legs', 'wide'], onLegs),
  legs('Legs in from the far end', ['legs', 'in'], onLegs),
  {
    group: 'Legs',
    label: 'Swung out from',
    path: ['legs', 'at'],
    input: 'degrees',
    when: (bed) => bed.legs.kind === 'by hand',
  },
  legs('Bar’s pin below the hinge', ['legs', 'crank'], (bed) => bed.legs.kind === 'on a link'),
  {
    group: 'Desk',
    label: 'A desk on its underside',
    path: ['desk'],
    input: {
      words: ['none', 'one that stays level'],
      word: (bed) => (bed.desk ? 'one that stays level' : 'none'),
      value: (word, bed) => (word === 'none' ? null : usualDesk(bed)),
    },
  },
  made('Desk', ['desk', 'material'], hasDesk),
  desk('Its top above the bay’s foot', ['desk', 'up'], hasDesk),
  desk('Desk, deep', ['desk', 'deep'], hasDesk),
  desk('Room for what stays on it', ['desk', 'room'], hasDesk),
  { group: 'Desk', label: 'What stays on it, kg', path: ['desk', 'kg'], input: 'count', when: hasDesk },
  ...gripFields<Bed>(),
  ...helpFields<Bed>(USUAL_BED_HELP),
  ...stayFields<Bed>(USUAL_BED_STAY),
]; // prettier-ignore

const WORDS: Readonly<Record<Legs['kind'], string>> = {
  none: 'no legs',
  fixed: 'fixed legs',
  'by hand': 'legs swung out by hand',
  'on a link': 'legs that fall, on a link',
};

export const bedFields = (): readonly BedField[] => [
  ...FIELDS,
  ...schoolFields<Bed>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
