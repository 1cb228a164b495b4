import { loadFields } from '../../card/loadFields';
import { wordChoice, type Field } from '../../card/field';
import { CLOTHES_RAIL } from '../../strength/usualLoads';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import type { Rod } from './schema';

const group = 'Rod';
const length = lengthOf<Rod>(group);
const FIELDS: readonly Field<Rod>[] = [
  { group, label: 'Hangs in', path: ['mount', 'bay'], input: { pick: 'bay' } },
  { group, label: 'Made of', path: ['made'], input: wordChoice(['made'], ['steel tube', 'wood']) },
  length('Thick', ['thick']),
  length('Below what is above it', ['below']),
  { group, label: 'Back from the front', path: ['back'], input: 'length or none' },
  length('What hangs is long', ['long']),
  ...loadFields<Rod>(
    group,
    ['load'],
    { label: 'Carries', usual: 'clothes, as usual', typed: 'On a metre, kg' },
    () => CLOTHES_RAIL,
  ),
  length('Cleats, high', ['cleat']),
  {
    group,
    label: 'Cleats of',
    path: ['material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
  },
];

export const rodFields = (): readonly Field<Rod>[] => [
  ...FIELDS,
  ...schoolFields<Rod>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
