import { wordChoice, type Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { reusedFields } from '../kit/reusedFields';
import type { Reused } from './schema';

const length = lengthOf<Reused>('Place');
const FIELDS: readonly Field<Reused>[] = [
  { group: 'Old piece', label: 'It is a', path: ['what'], input: wordChoice(['what'], ['box', 'top']) },
  {
    group: 'Place',
    label: 'Stands in',
    path: ['mount', 'bay'],
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
const oldOnes = reusedFields<Reused>('Old piece', ['old'], ({ old }) => old);

export const reusedPartFields = (kept: Reused): readonly Field<Reused>[] => [
  ...FIELDS,
  ...oldOnes(kept),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
