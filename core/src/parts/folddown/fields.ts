import { wordChoice, type Field } from '../../card/field';
import { loadFields } from '../../card/loadFields';
import { FIXING_KINDS } from '../../hardware/schema';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { loadOf } from './forces';
import { usualProps } from './fresh';
import { PropsSchema, USES, type FoldDown, type Props } from './schema';

const leaf = lengthOf<FoldDown>('Leaf');
const props = lengthOf<FoldDown>('Stands on');
const place = lengthOf<FoldDown>('Place');
const is =
  (...kinds: readonly Props['kind'][]) =>
  (one: FoldDown) =>
    kinds.includes(one.props.kind);
const BOARDS = () => ['sheet', 'solid wood'] as const;

const FIELDS: readonly Field<FoldDown>[] = [
  { group: 'Leaf', label: 'It is a', path: ['use'], input: wordChoice(['use'], USES) },
  { group: 'Leaf', label: 'Made of', path: ['material'], input: { pick: 'material', kinds: BOARDS } },
  leaf('Along the wall', ['wide']),
  leaf('Out from its strip', ['deep']),
  leaf('Strip that stays, out from the wall', ['strip']),
  { group: 'Leaf', label: 'Hinge', path: ['hinge', 'hardware'], input: { pick: 'hardware', kinds: () => ['continuous hinge'] } },
  ...loadFields<FoldDown>('Leaf', ['load'], { label: 'On its far edge', usual: 'as usual', typed: 'On its far edge, kg' }, loadOf),
  {
    group: 'Stands on',
    label: 'Stands on',
    path: ['props'],
    input: {
      words: PropsSchema.options.map(({ entries }) => entries.kind.literal),
      word: (one) => one.props.kind,
      value: (word, one) => usualProps(word as Props['kind'], one.props.material),
    },
  },
  { group: 'Stands on', label: 'Made of', path: ['props', 'material'], input: { pick: 'material', kinds: BOARDS } },
  { group: 'Stands on', label: 'How many', path: ['props', 'count'], input: 'count' },
  props('Bracket, out', ['props', 'out'], is('brackets')),
  props('Bracket, high', ['props', 'high'], is('brackets')),
  props('Wide', ['props', 'wide'], is('legs', 'struts')),
  props('In from the far edge', ['props', 'in'], is('legs')),
  props('Hinged out from the axis', ['props', 'out'], is('struts')),
  props('Foot below the leaf', ['props', 'down'], is('struts')),
  { group: 'Wall', label: 'On the wall', path: ['mount', 'corner'], input: { pick: 'wall' } },
  place('Along the wall from its left', ['mount', 'from']),
  place('Raised, above the floor', ['mount', 'up']),
  { group: 'Wall', label: 'Cleat made of', path: ['cleat', 'material'], input: { pick: 'material', kinds: BOARDS } },
  lengthOf<FoldDown>('Wall')('Cleat, high', ['cleat', 'high']),
  { group: 'Wall', label: 'Fixed with', path: ['fixing', 'hardware'], input: { pick: 'hardware', kinds: () => FIXING_KINDS } },
  { group: 'Wall', label: 'Fixings', path: ['fixing', 'count'], input: 'count' },
]; // prettier-ignore

export const foldDownFields = (): readonly Field<FoldDown>[] => [
  ...FIELDS,
  ...schoolFields<FoldDown>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
