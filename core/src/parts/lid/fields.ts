import { wordChoice, yesOrNo, type Field } from '../../card/field';
import { LATCH_KINDS } from '../../hardware/schema';
import { STAY_KINDS } from '../kit/turning/help';
import { levelHingeKind } from '../kit/turning/hinge';
import { helpFields } from '../kit/turning/fields';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { USUAL_CUSHION, USUAL_GRIP, USUAL_HELP, USUAL_STAY, NO_MARGINS, USUAL_MARGINS } from './fresh';
import type { Lid } from './schema';

type LidField = Field<Lid>;
const leaf = lengthOf<Lid>('Leaf');
const margin = lengthOf<Lid>('Margins');
const hinge = lengthOf<Lid>('Hinge');
const cushion = lengthOf<Lid>('Cushion and seat');
const inMargins = ({ margins }: Lid) => Object.values(margins).some(({ mm }) => mm > 0);

const FIELDS: readonly LidField[] = [
  { group: 'Opening', label: 'Opening limit', path: ['limit'], input: 'degrees' },
  {
    group: 'Leaf',
    label: 'Made of',
    path: ['material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood', 'glass'] },
  },
  {
    group: 'Leaf',
    label: 'Thickness',
    path: ['layers'],
    input: {
      words: ['one board', 'two boards glued'],
      word: ({ layers }) => (layers === 1 ? 'one board' : 'two boards glued'),
      value: (word) => (word === 'one board' ? 1 : 2),
    },
  },
  { group: 'Leaf', label: 'Leaves', path: ['leaves'], input: wordChoice(['leaves'], ['one', 'two']) },
  leaf('Over the left', ['over', 'left']),
  leaf('Over the right', ['over', 'right']),
  leaf('Over the front', ['over', 'front']),
  leaf('Over the back', ['over', 'back']),
  {
    group: 'Margins',
    label: 'What lifts',
    path: ['margins'],
    input: {
      words: ['the whole top', 'a leaf in margins'],
      word: (lid) => (inMargins(lid) ? 'a leaf in margins' : 'the whole top'),
      value: (word) => (word === 'the whole top' ? NO_MARGINS : USUAL_MARGINS),
    },
  },
  margin('Stays at the left', ['margins', 'left'], inMargins),
  margin('Stays at the right', ['margins', 'right'], inMargins),
  margin('Stays at the front', ['margins', 'front'], inMargins),
  margin('Back strip', ['margins', 'back'], inMargins),
  {
    group: 'Margins',
    label: 'Cut',
    path: ['sawn'],
    input: wordChoice(['sawn'], ['from one board', 'apart']),
    when: inMargins,
  },
  margin(
    ({ sawn }) => (sawn === 'apart' ? 'Gap' : 'Kerf of the saw'),
    ['gap'],
    (lid) => inMargins(lid) || lid.leaves === 'two',
  ),
  margin('Ledge, thick', ['ledge', 'thick'], inMargins),
  margin('Ledge reaches under', ['ledge', 'bears'], inMargins),
  {
    group: 'Hinge',
    label: 'Hangs on',
    path: ['hinge'],
    input: {
      words: ['continuous hinge', 'butts'],
      word: (lid) => (lid.hinge.kind === 'continuous' ? 'continuous hinge' : 'butts'),
      value: (word, lid) =>
        word === 'butts'
          ? { ...lid.hinge, kind: 'butt', hardware: 'butt-63', pin: { mm: 3.5 } }
          : { ...lid.hinge, kind: 'continuous', hardware: 'continuous-32', pin: { mm: 2 } },
    },
  },
  {
    group: 'Hinge',
    label: 'Which',
    path: ['hinge', 'hardware'],
    input: { pick: 'hardware', kinds: (lid) => [levelHingeKind(lid.hinge)] },
  },
  {
    group: 'Hinge',
    label: 'Knuckle',
    path: ['hinge', 'knuckle'],
    input: wordChoice(['hinge', 'knuckle'], ['above', 'flush', 'beneath']),
  },
  hinge('Pin off the face', ['hinge', 'pin']),
  {
    group: 'Hinge',
    label: 'Let into',
    path: ['hinge', 'mortise'],
    input: wordChoice(['hinge', 'mortise'], ['none', 'leaf', 'both']),
  },
  {
    group: 'Hinge',
    label: 'How many',
    path: ['hinge', 'count'],
    input: {
      words: ['as needed', '2', '3', '4', '5', '6'],
      word: (lid) => (lid.hinge.count === null ? 'as needed' : String(lid.hinge.count)),
      value: (word) => (word === 'as needed' ? null : Number(word)),
    },
    when: (lid) => lid.hinge.kind === 'butt',
  },
  hinge('End hinges from the ends', ['hinge', 'ends'], (lid) => lid.hinge.kind === 'butt'),
  {
    group: 'Grip and catch',
    label: 'Lifted by',
    path: ['grip'],
    input: {
      words: ['its edge', 'a notch', 'a pull'],
      word: ({ grip }) => ({ edge: 'its edge', notch: 'a notch', pull: 'a pull' })[grip.kind],
      value: (word) =>
        USUAL_GRIP[({ 'its edge': 'edge', 'a notch': 'notch', 'a pull': 'pull' } as const)[word as 'a pull']],
    },
  },
  lengthOf<Lid>('Grip and catch')('Notch, wide', ['grip', 'wide'], ({ grip }) => grip.kind === 'notch'),
  lengthOf<Lid>('Grip and catch')('Notch, deep', ['grip', 'deep'], ({ grip }) => grip.kind === 'notch'),
  lengthOf<Lid>('Grip and catch')(
    'Pull stands out',
    ['grip', 'projection'],
    ({ grip }) => grip.kind === 'pull',
  ),
  lengthOf<Lid>('Grip and catch')('Pull, wide', ['grip', 'wide'], ({ grip }) => grip.kind === 'pull'),
  {
    group: 'Grip and catch',
    label: 'Kept shut by',
    path: ['latch'],
    input: {
      words: ['its weight', 'a catch'],
      word: ({ latch }) => (latch ? 'a catch' : 'its weight'),
      value: (word) => (word === 'a catch' ? { hardware: 'catch-40', reached: 'from outside' } : null),
    },
  },
  {
    group: 'Grip and catch',
    label: 'Which catch',
    path: ['latch', 'hardware'],
    input: { pick: 'hardware', kinds: () => LATCH_KINDS },
    when: ({ latch }) => latch !== null,
  },
  {
    group: 'Grip and catch',
    label: 'Reached',
    path: ['latch', 'reached'],
    input: wordChoice(['latch', 'reached'], ['from outside', 'from within']),
    when: ({ latch }) => latch !== null,
  },
  { group: 'Grip and catch', label: 'The home moves', path: ['travels'], input: yesOrNo(['travels']) },
  ...helpFields<Lid>(USUAL_HELP),
  {
    group: 'Stay',
    label: 'Held open by',
    path: ['stay'],
    input: {
      words: ['nothing', 'a stay or chain'],
      word: ({ stay }) => (stay ? 'a stay or chain' : 'nothing'),
      value: (word) => (word === 'nothing' ? null : USUAL_STAY),
    },
  },
  {
    group: 'Stay',
    label: 'Which stay',
    path: ['stay', 'hardware'],
    input: { pick: 'hardware', kinds: () => STAY_KINDS },
    when: ({ stay }) => stay !== null,
  },
  {
    group: 'Stay',
    label: 'At',
    path: ['stay', 'ends'],
    input: wordChoice(['stay', 'ends'], ['left', 'right', 'both']),
    when: ({ stay }) => stay !== null,
  },
  lengthOf<Lid>('Stay')(
    'On the leaf, from the axis',
    ['stay', 'onLeaf', 'along'],
    ({ stay }) => stay !== null,
  ),
  lengthOf<Lid>('Stay')('On the leaf, off its inside', ['stay', 'onLeaf', 'in'], ({ stay }) => stay !== null),
  lengthOf<Lid>('Stay')(
    'On the case, from the axis',
    ['stay', 'onCase', 'along'],
    ({ stay }) => stay !== null,
  ),
  lengthOf<Lid>('Stay')('On the case, below the leaf', ['stay', 'onCase', 'in'], ({ stay }) => stay !== null),
  {
    group: 'Stay',
    label: 'Soft closer',
    path: ['closer'],
    input: {
      words: ['none', 'one', 'two'],
      word: ({ closer }) => (closer === null ? 'none' : closer.count === 1 ? 'one' : 'two'),
      value: (word) => (word === 'none' ? null : { hardware: 'soft-3', count: word === 'one' ? 1 : 2 }),
    },
  },
  {
    group: 'Cushion and seat',
    label: 'Cushion',
    path: ['cushion'],
    input: {
      words: ['none', 'rides along', 'comes off'],
      word: (lid) =>
        lid.cushion === null ? 'none' : lid.cushion.rides === 'along' ? 'rides along' : 'comes off',
      value: (word, lid) =>
        word === 'none'
          ? null
          : { ...(lid.cushion ?? USUAL_CUSHION), rides: word === 'rides along' ? 'along' : 'off' },
    },
  },
  cushion('Cushion, thick', ['cushion', 'thick'], (lid) => lid.cushion !== null),
  cushion('Set back from the hinge', ['cushion', 'setBack'], (lid) => lid.cushion !== null),
  {
    group: 'Cushion and seat',
    label: 'Cushion, kg',
    path: ['cushion', 'kg'],
    input: 'count',
    when: (lid) => lid.cushion !== null,
  },
  {
    group: 'Cushion and seat',
    label: 'Sat on',
    path: ['seat'],
    input: {
      words: ['no', 'yes'],
      word: ({ seat }) => (seat ? 'yes' : 'no'),
      value: (word) => (word === 'yes' ? { back: 10 } : null),
    },
  },
  {
    group: 'Cushion and seat',
    label: 'Its back leans',
    path: ['seat', 'back'],
    input: 'degrees',
    when: ({ seat }) => seat !== null,
  },
  { group: 'Chest', label: 'It carries, kg', path: ['carries'], input: 'count' },
  lengthOf<Lid>('Chest')('What is kept in it, high', ['within']),
  { group: 'Chest', label: 'Air holes, mm²', path: ['air'], input: 'count' },
  {
    group: 'Chest',
    label: 'Front',
    path: ['front'],
    input: {
      words: ['closed by a board', 'open'],
      word: ({ front }) => (front ? 'closed by a board' : 'open'),
      value: (word, { material }) => (word === 'open' ? null : { material }),
    },
  },
];

export const lidFields = (): readonly LidField[] => [
  ...FIELDS,
  ...schoolFields<Lid>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
