import { wordChoice, yesOrNo, type Field } from '../../card/field';
import { LEANING_PERSON } from '../../strength/usualLoads';
import { loadFields } from '../../card/loadFields';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { TOP_WAYS, type Top } from './schema';

const group = 'Top';
const length = lengthOf<Top>(group);
const FIELDS: readonly Field<Top>[] = [
  {
    group,
    label: 'Made of',
    path: ['material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
  },
  { group, label: 'Slides to the', path: ['goes'], input: wordChoice(['goes'], TOP_WAYS) },
  length('By', ['travel']),
  length('Over the left', ['over', 'left']),
  length('Over the right', ['over', 'right']),
  length('Over the front', ['over', 'front']),
  length('Over the back', ['over', 'back']),
  length('Cleats, wide', ['cleats', 'wide']),
  length('Cleats, thick', ['cleats', 'thick']),
  length('Play of the cleats', ['cleats', 'play']),
  { group, label: 'Rear edge held down', path: ['held'], input: yesOrNo(['held']) },
  ...loadFields<Top>(
    group,
    ['edge'],
    { label: 'Leant on', usual: 'by a person, as usual', typed: 'Leant on with, kg' },
    () => LEANING_PERSON,
  ),
];

export const topFields = (): readonly Field<Top>[] => [
  ...FIELDS,
  ...schoolFields<Top>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
