import type { Field } from '../../card/field';
import { boxFields } from '../kit/box/fields';
import { contentFields } from '../kit/contents/fields';
import { frontFields } from '../kit/drawn/fields';
import { loadFields } from '../../card/loadFields';
import { lengthOf } from '../kit/lengthFields';
import { runFields, slideHeightFields } from '../kit/runs/fields';
import { schoolFields } from '../kit/schools';
import { edgeOf } from './edge';
import { USUAL_CARRIES, ofKind } from './fresh';
import type { Pullout } from './schema';

type PulloutField = Field<Pullout>;
const group = 'What comes out';
const length = lengthOf<Pullout>(group);
const carries =
  (...kinds: Pullout['carries']['kind'][]) =>
  (one: Pullout) =>
    kinds.includes(one.carries.kind);

const OWN: readonly PulloutField[] = [
  // What a kind wants besides changes with it.
  {
    group,
    label: 'Carries',
    path: [],
    input: {
      words: Object.keys(USUAL_CARRIES),
      word: (one) => one.carries.kind,
      value: (word, one) => ofKind(one, word as Pullout['carries']['kind']),
    },
  },
  { group, label: 'In', path: ['mount', 'bay'], input: { pick: 'bay' } },
  length('Rim of a bin', ['carries', 'rim'], carries('bins')),
  { group, label: 'Tiers', path: ['carries', 'count'], input: 'count', when: carries('tiers') },
  length('Rim along a tier', ['carries', 'rim'], carries('tiers')),
  ...loadFields<Pullout>(
    group,
    ['carries', 'edge'],
    { label: 'At its outer edge', usual: 'a person, as usual', typed: 'At its outer edge, kg' },
    edgeOf,
    carries('table', 'step'),
  ),
  {
    group,
    label: 'Guide over its top',
    path: ['guide'],
    input: {
      words: ['none', 'a guide'],
      word: (one) => (one.guide ? 'a guide' : 'none'),
      value: (word) => (word === 'none' ? null : { play: { mm: 2 } }),
    },
  },
  length('Play of the guide', ['guide', 'play'], (one) => one.guide !== null),
];

export const pulloutFields = (pullout: Pullout): PulloutField[] => [
  ...OWN,
  ...runFields<Pullout>(),
  ...boxFields<Pullout>(() => true),
  ...slideHeightFields<Pullout>(),
  ...frontFields<Pullout>(),
  ...contentFields(pullout, pullout.carries.kind === 'tiers'),
  ...schoolFields<Pullout>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
