import { wordChoice, type Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { USUAL_SLIDING_PULL, USUAL_WAY } from './fresh';
import type { Sliding } from './schema';

const mm = (value: number) => ({ mm: value });
const group = 'Panels';
const length = lengthOf<Sliding>(group);
const groove = lengthOf<Sliding>('Grooves');
const grooved = ({ way }: Sliding) => way.kind === 'grooves';
const hangs = ({ way }: Sliding) => way.kind === 'hung';
const pullLength = lengthOf<Sliding>('Pulls');
const pulled = ({ pull }: Sliding) => pull !== null;
const NUMBERS = ['none', '1', '2', '3', '4', '5', '6', '7', '8'];

const FIELDS: readonly Field<Sliding>[] = [
  { group, label: 'Before', path: ['mount', 'bay'], input: { pick: 'bay' } },
  {
    group,
    label: 'They',
    path: ['way'],
    input: {
      words: ['slide in grooves', 'hang from a track'],
      word: ({ way }) => (way.kind === 'grooves' ? 'slide in grooves' : 'hang from a track'),
      value: (word) => USUAL_WAY[word === 'slide in grooves' ? 'grooves' : 'hung'],
    },
  },
  { group, label: 'Made of', path: ['material'], input: { pick: 'material' } },
  { group, label: 'Panels', path: ['way', 'panels'], input: 'count', when: grooved },
  { group, label: 'Tracks', path: ['way', 'tracks'], input: 'count', when: grooved },
  {
    group,
    label: 'On the front track',
    path: ['way', 'front'],
    input: {
      words: ['the left one', 'the right one'],
      word: ({ way }) => (way.kind === 'grooves' && way.front === 'right' ? 'the right one' : 'the left one'),
      value: (word) => (word === 'the left one' ? 'left' : 'right'),
    },
    when: grooved,
  },
  length(
    'Overlap of neighbours',
    ['way', 'overlap'],
    (one) => grooved(one) && one.way.kind === 'grooves' && one.way.width === null,
  ),
  length('Behind each post', ['way', 'lap'], grooved),
  { group, label: 'Width given', path: ['way', 'width'], input: 'length or none', when: grooved },
  { group, label: 'Height given', path: ['way', 'height'], input: 'length or none', when: grooved },
  {
    group,
    label: 'Panels go',
    path: ['way', 'panels'],
    input: wordChoice(['way', 'panels'], ['to the left', 'to the right', 'a pair']),
    when: hangs,
  },
  length('Free behind it', ['way', 'gap'], hangs),
  length('Over its sides', ['way', 'sides'], hangs),
  length('Over its top', ['way', 'over'], hangs),
  length('Below its foot', ['way', 'below'], hangs),
  length('Track, high', ['way', 'track', 'height'], hangs),
  length('Track, out', ['way', 'track', 'out'], hangs),
  length('Panel below the track', ['way', 'hanger'], hangs),
  { group, label: 'Track carries, kg', path: ['way', 'rating'], input: 'count', when: hangs },
  groove('Top groove, deep', ['way', 'top'], grooved),
  groove('Bottom groove, deep', ['way', 'bottom'], grooved),
  groove('Grooves, wide', ['way', 'wide'], grooved),
  groove('Between grooves', ['way', 'fin'], grooved),
  groove('First from the front', ['way', 'setback'], grooved),
  groove(
    'Bite in the top groove',
    ['way', 'bite'],
    (one) => one.way.kind === 'grooves' && one.way.height === null,
  ),
  groove('Upper rail, high', ['way', 'rails', 'top'], grooved),
  groove('Lower rail, high', ['way', 'rails', 'bottom'], grooved),
  groove('Upper rail sags', ['way', 'sag', 'top'], grooved),
  groove('Lower rail sags', ['way', 'sag', 'bottom'], grooved),
  {
    group: 'Tracks as read',
    label: 'Stations',
    path: ['way', 'stations'],
    input: {
      words: NUMBERS,
      word: ({ way }) =>
        way.kind === 'grooves' ? (NUMBERS[way.stations.length] ?? String(way.stations.length)) : 'none',
      value: (word, { way }) =>
        Array.from(
          { length: Math.max(0, NUMBERS.indexOf(word)) },
          (_, i) =>
            (way.kind === 'grooves' && (way.stations[i] ?? way.stations[way.stations.length - 1])) || {
              at: mm(0),
              height: mm(500),
            },
        ),
    },
    when: grooved,
  },
  {
    group: 'Pulls',
    label: 'Pull',
    path: ['pull'],
    input: {
      words: ['none', 'let in', 'knob'],
      word: ({ pull }) => pull?.kind ?? 'none',
      value: (word) =>
        word === 'none'
          ? null
          : { ...USUAL_SLIDING_PULL, kind: word, projection: mm(word === 'knob' ? 20 : 0) },
    },
  },
  {
    group: 'Pulls',
    label: 'At its edge',
    path: ['pull', 'at'],
    input: wordChoice(['pull', 'at'], ['outward', 'left', 'right', 'both']),
    when: pulled,
  },
  pullLength('Pull, wide', ['pull', 'width'], pulled),
  pullLength('Stands out', ['pull', 'projection'], ({ pull }) => pull?.kind === 'knob'),
  pullLength('From the edge', ['pull', 'fromEdge'], pulled),
  pullLength('Above its foot', ['pull', 'up'], pulled),
];

const stationFields = ({ way }: Sliding): Field<Sliding>[] =>
  way.kind === 'grooves'
    ? way.stations.flatMap((_, i) => {
        const station = lengthOf<Sliding>('Tracks as read');
        return [
          station(`Station ${i + 1}, from the left`, ['way', 'stations', i, 'at']),
          station(`Station ${i + 1}, tracks apart`, ['way', 'stations', i, 'height']),
        ];
      })
    : [];

export const slidingFields = (sliding: Sliding): readonly Field<Sliding>[] => [
  ...FIELDS,
  ...stationFields(sliding),
  ...schoolFields<Sliding>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
