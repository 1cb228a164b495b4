import { wordChoice, yesOrNo, type Field } from '../../card/field';
import { SIDES } from '../../item/schema';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { usualLifts } from './fresh';
import { LiftsSchema, POWERS, type Lifts, type LiftTable } from './schema';

const top = lengthOf<LiftTable>('Top');
const place = lengthOf<LiftTable>('Place');
const lifts = lengthOf<LiftTable>('Lifts on');
const is =
  (...kinds: readonly Lifts['kind'][]) =>
  (table: LiftTable) =>
    kinds.includes(table.lifts.kind);
const onArms = is('scissor', 'parallel arms');
const BOARDS = () => ['sheet', 'solid wood'] as const;

const FIELDS: readonly Field<LiftTable>[] = [
  { group: 'Top', label: 'Made of', path: ['material'], input: { pick: 'material', kinds: BOARDS } },
  top('Width', ['wide']),
  top('Depth', ['deep']),
  top('Lowest, above the floor', ['low']),
  top('Highest, above the floor', ['high']),
  {
    group: 'Lifts on',
    label: 'Lifts on',
    path: ['lifts'],
    input: {
      words: LiftsSchema.options.map(({ entries }) => entries.kind.literal),
      word: (table) => table.lifts.kind,
      value: (word, table) => usualLifts(word as Lifts['kind'], table.material),
    },
  },
  { group: 'Lifts on', label: 'Tubes', path: ['lifts', 'tubes'], input: 'count', when: is('pedestal') },
  lifts('Widest tube, across', ['lifts', 'across'], is('pedestal')),
  lifts('Held in the next by', ['lifts', 'held'], is('pedestal')),
  {
    group: 'Lifts on',
    label: 'Arms made of',
    path: ['lifts', 'material'],
    input: { pick: 'material', kinds: BOARDS },
    when: onArms,
  },
  lifts('Arms, pin to pin', ['lifts', 'long'], onArms),
  lifts('Arm, wide', ['lifts', 'wide'], onArms),
  lifts('Arms apart', ['lifts', 'apart'], is('parallel arms')),
  {
    group: 'Lifts on',
    label: 'As it rises it goes to the',
    path: ['lifts', 'goes'],
    input: wordChoice(['lifts', 'goes'], ['front', 'back']),
    when: is('parallel arms'),
  },
  { group: 'Lifts on', label: 'Rated for, kg', path: ['rating'], input: 'count' },
  { group: 'Lifts on', label: 'Lifted', path: ['power'], input: wordChoice(['power'], POWERS) },
  { group: 'Use', label: 'Lies on it as it goes, kg', path: ['carries'], input: 'count' },
  lengthOf<LiftTable>('Use')('Seats beside it, high', ['seat']),
  { group: 'Use', label: 'Lain on when it is down', path: ['sleeps'], input: yesOrNo(['sleeps']) },
  place('From the west', ['mount', 'x']),
  place('From the south', ['mount', 'y']),
  { group: 'Place', label: 'Front faces', path: ['mount', 'faces'], input: wordChoice(['mount', 'faces'], SIDES) },
]; // prettier-ignore

export const liftFields = (): readonly Field<LiftTable>[] => [
  ...FIELDS,
  ...schoolFields<LiftTable>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
