import { wordChoice, type Field } from '../card/field';
import type { PathStep } from '../item/path';
import { FIXING_KINDS } from '../hardware/schema';
import { loadFields } from '../card/loadFields';
import { BOOKS } from '../strength/usualLoads';
import { SIDES } from '../item/schema';
import { bayFields } from './bayFields';
import type { Carcass } from './schema';

type CarcassField = Field<Carcass>;
const mm = (value: number) => ({ mm: value });
const length = (
  group: string,
  label: string,
  path: readonly PathStep[],
  when?: (carcass: Carcass) => boolean,
): CarcassField => ({ group, label, path, input: 'length', ...(when && { when }) });

const STANDS: Readonly<Record<Carcass['stands']['on'], Carcass['stands']>> = {
  'the floor': { on: 'the floor' },
  'a plinth': { on: 'a plinth', height: mm(90), setback: mm(40) },
  legs: { on: 'legs', height: mm(120), thick: mm(40) },
  'the wall': { on: 'the wall', rail: mm(80) },
  'the ceiling': { on: 'the ceiling' },
};
const frame = (material: string): NonNullable<Carcass['frame']> => ({
  material,
  left: mm(38),
  right: mm(38),
  top: mm(38),
  bottom: mm(38),
  between: mm(38),
});

const boxed = ({ kind }: Carcass) => kind !== 'table frame';
const framed = ({ frame: one }: Carcass) => one !== null;
const stands =
  (on: Carcass['stands']['on']) =>
  ({ stands: one }: Carcass) =>
    one.on === on;

type OneSide = 'left' | 'right';
const SIDES_OF_IT: readonly OneSide[] = ['left', 'right'];

/** What stands against a side of it. */
const besideFields = (side: OneSide): CarcassField[] => [
  {
    group: 'Beside it',
    label: `End panel, ${side}`,
    path: ['ends', side],
    input: {
      words: ['none', 'to the carcass', 'to the floor'],
      word: ({ ends }) => (ends[side] ? `to ${ends[side].reaches}` : 'none'),
      value: (word, { ends, sheet }) =>
        word === 'none'
          ? null
          : {
              material: ends[side]?.material ?? sheet,
              proud: ends[side]?.proud ?? mm(20),
              reaches: word.replace('to ', ''),
            },
    },
    when: boxed,
  },
  length(
    'Beside it',
    `Proud of the front, ${side}`,
    ['ends', side, 'proud'],
    ({ ends }) => ends[side] !== null,
  ),
  {
    group: 'Beside it',
    label: `Filler, ${side}`,
    path: ['fillers', side],
    input: {
      words: ['none', 'a filler'],
      word: ({ fillers }) => (fillers[side] ? 'a filler' : 'none'),
      value: (word) => (word === 'none' ? null : { width: mm(40), scribe: mm(15) }),
    },
    when: boxed,
  },
  length(
    'Beside it',
    `Gap filled, ${side}`,
    ['fillers', side, 'width'],
    ({ fillers }) => fillers[side] !== null,
  ),
  length(
    'Beside it',
    `Left to scribe, ${side}`,
    ['fillers', side, 'scribe'],
    ({ fillers }) => fillers[side] !== null,
  ),
];

/** How far a side leans and bows. */
const leanFields = (side: OneSide): CarcassField[] => [
  {
    group: 'As it stands',
    label: `${side === 'left' ? 'Left' : 'Right'} side`,
    path: ['sides', side],
    input: {
      words: ['plumb', 'out of plumb'],
      word: ({ sides }) => (sides[side] ? 'out of plumb' : 'plumb'),
      value: (word) => (word === 'plumb' ? null : { middle: mm(0), head: mm(0) }),
    },
    when: boxed,
  },
  length(
    'As it stands',
    `Stands in half-way up, ${side}`,
    ['sides', side, 'middle'],
    ({ sides }) => sides[side] !== null,
  ),
  length(
    'As it stands',
    `Stands in at its head, ${side}`,
    ['sides', side, 'head'],
    ({ sides }) => sides[side] !== null,
  ),
];

const BUILT: readonly CarcassField[] = [
  length('Size', 'Width', ['width']),
  length('Size', 'Height', ['height']),
  length('Size', 'Depth', ['depth']),
  {
    group: 'Size',
    label: 'Made of',
    path: ['sheet'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
  },
  {
    group: 'How it is built',
    label: 'Stands on',
    path: ['stands'],
    input: {
      words: Object.keys(STANDS),
      word: ({ stands: one }) => one.on,
      value: (word) => STANDS[word as keyof typeof STANDS],
    },
    when: boxed,
  },
  length('How it is built', 'Plinth height', ['stands', 'height'], stands('a plinth')),
  length('How it is built', 'Plinth set back', ['stands', 'setback'], stands('a plinth')),
  length('How it is built', 'Leg height', ['stands', 'height'], (one) => stands('legs')(one) && boxed(one)),
  length('How it is built', 'Legs, thick', ['stands', 'thick'], stands('legs')),
  length('How it is built', 'Hanging rail', ['stands', 'rail'], stands('the wall')),
  {
    group: 'How it is built',
    label: ({ stands: { on } }) => `Fixed to ${on === 'the ceiling' ? on : 'what is behind it'}`,
    path: ['fixing'],
    input: {
      words: ['no', 'yes'],
      word: ({ fixing }) => (fixing ? 'yes' : 'no'),
      value: (word) => (word === 'yes' ? { hardware: 'stud-screw', count: 2 } : null),
    },
  },
  {
    group: 'How it is built',
    label: 'Fixed with',
    path: ['fixing', 'hardware'],
    input: { pick: 'hardware', kinds: () => FIXING_KINDS },
    when: ({ fixing }) => fixing !== null,
  },
  {
    group: 'How it is built',
    label: 'So many fixings',
    path: ['fixing', 'count'],
    input: 'count',
    when: ({ fixing }) => fixing !== null,
  },
  ...loadFields<Carcass>(
    'How it is built',
    ['load'],
    { label: 'Its shelves and bottom carry', usual: 'books, as usual', typed: 'On a metre, kg' },
    () => BOOKS,
  ),
  {
    group: 'How it is built',
    label: 'Top',
    path: ['top'],
    input: wordChoice(['top'], ['between', 'over', 'none']),
    when: boxed,
  },
  {
    group: 'How it is built',
    label: 'Back',
    path: ['back'],
    input: {
      words: ['none', 'between', 'behind'],
      word: ({ back }) => back?.set ?? 'none',
      value: (word, { back, sheet }) =>
        word === 'none' ? null : { material: back?.material ?? sheet, set: word },
    },
    when: boxed,
  },
  {
    group: 'How it is built',
    label: 'Back made of',
    path: ['back', 'material'],
    input: { pick: 'material' },
    when: (one) => boxed(one) && one.back !== null,
  },
  {
    group: 'How it is built',
    label: 'Front',
    path: ['frame'],
    input: {
      words: ['frameless', 'face frame'],
      word: ({ frame: one }) => (one ? 'face frame' : 'frameless'),
      value: (word, { sheet }) => (word === 'frameless' ? null : frame(sheet)),
    },
    when: boxed,
  },
  {
    group: 'Face frame',
    label: 'Frame made of',
    path: ['frame', 'material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
    when: framed,
  },
  length('Face frame', 'Left stile', ['frame', 'left'], framed),
  length('Face frame', 'Right stile', ['frame', 'right'], framed),
  length('Face frame', 'Top rail', ['frame', 'top'], framed),
  length('Face frame', 'Bottom rail', ['frame', 'bottom'], framed),
  length('Face frame', 'Members between', ['frame', 'between'], framed),
  length('Faces', 'Edge banding', ['banding']),
  length('Faces', 'Inside carries', ['carries', 'inside']),
  length('Faces', 'Front edges carry', ['carries', 'front']),
  ...SIDES_OF_IT.flatMap((side) => [...besideFields(side), ...leanFields(side)]),
];

const RIDES = [
  { until: 'shut', words: 'shut' },
  { until: 'open', words: 'open' },
  { until: 'any', words: 'anywhere' },
] as const;

const PLACE: readonly CarcassField[] = [
  {
    group: 'Place',
    label: 'Front faces',
    path: ['faces'],
    input: wordChoice(['faces'], SIDES),
  },
  length('Place', 'Front left, from west', ['x']),
  length('Place', 'Front left, from south', ['y']),
  length('Place', 'Above the floor', ['z']),
  { group: 'Place', label: 'Mounted on', path: ['mount'], input: 'mount' },
  {
    group: 'Place',
    label: 'What is in it goes with that',
    path: ['mount', 'while'],
    input: {
      words: RIDES.map(({ words }) => words),
      word: ({ mount }) =>
        RIDES.find(({ until }) => mount?.on === 'mover' && until === mount.while)?.words ?? '',
      value: (word) => RIDES.find(({ words }) => words === word)!.until,
    },
    when: ({ mount }) => mount?.on === 'mover',
  },
  { group: 'Place', label: 'Name', path: ['name'], input: 'text' },
];

/** The fields of a carcass's card: how it is built, its bays with what was read of each, and where it stands. */
export const carcassFields = (carcass: Carcass): CarcassField[] => [
  ...BUILT,
  ...bayFields(carcass),
  ...PLACE,
];
