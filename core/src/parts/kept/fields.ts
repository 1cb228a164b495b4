import { wordChoice, type Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { oldFields } from '../kit/oldFields';
import type { Kept } from './schema';

const length = lengthOf<Kept>('Place');
const FIELDS: readonly Field<Kept>[] = [
  { group: 'Old piece', label: 'It is a', path: ['what'], input: wordChoice(['what'], ['box', 'top']) },
  {
    group: 'Place',
    label: 'Stands in',
    path: ['bay'],
    input: { pick: 'bay' },
    when: ({ what }) => what === 'box',
  },
  {
    group: 'Old piece',
    label: 'Depth, as measured',
    path: ['depth'],
    input: 'length',
    when: ({ what }) => what === 'box',
  },
  length(({ what }) => (what === 'top' ? 'Over the left side by' : 'From the left'), ['over', 'left']),
  length('Above the bottom', ['over', 'up'], ({ what }) => what === 'box'),
  length(({ what }) => (what === 'top' ? 'Over the front by' : 'Back from the front'), ['over', 'front']),
  length('Room wanted about it', ['room'], ({ what }) => what === 'box'),
];
const oldOnes = oldFields<Kept>('Old piece', ['old'], ({ old }) => old);

export const keptFields = (kept: Kept): readonly Field<Kept>[] => [
  ...FIELDS,
  ...oldOnes(kept),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
