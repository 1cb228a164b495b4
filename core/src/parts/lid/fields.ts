import { wordChoice, yesOrNo, type Field } from '../../card/field';
import { helpFields } from '../kit/turning/fields';
import { hingeFields } from '../kit/turning/hingeFields';
import { gripFields, stayFields } from '../kit/turning/stayFields';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { USUAL_CUSHION, USUAL_HELP, USUAL_STAY, NO_MARGINS, USUAL_MARGINS } from './fresh';
import type { Lid } from './schema';

type LidField = Field<Lid>;
const leaf = lengthOf<Lid>('Leaf');
const margin = lengthOf<Lid>('Margins');
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
  ...hingeFields<Lid>(['hinge'], (lid) => lid.hinge),
  ...gripFields<Lid>(),
  { group: 'Grip and catch', label: 'The home moves', path: ['travels'], input: yesOrNo(['travels']) },
  ...helpFields<Lid>(USUAL_HELP),
  ...stayFields<Lid>(USUAL_STAY),
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
