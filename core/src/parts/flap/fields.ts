import type { Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { helpFields } from '../kit/turning/fields';
import { hingeFields } from '../kit/turning/hingeFields';
import { gripFields, stayFields } from '../kit/turning/stayFields';
import { LEANT_ON_DESK } from './advice';
import { helpsFlap, USUAL_FLAP_FIT, USUAL_FLAP_HELP, USUAL_FLAP_STAY, USUAL_FLAP_WAY } from './fresh';
import { isTurning } from './lay';
import type { Flap, FlapWay } from './schema';

type FlapField = Field<Flap>;
const FIT_WORDS = { 'even gaps': 'even', overlay: 'overlay', inset: 'inset' } as const;
const WAYS = Object.keys(USUAL_FLAP_WAY) as FlapWay['kind'][];
const leaf = lengthOf<Flap>('Leaf');
const way = lengthOf<Flap>('Way');
const goes =
  (...kinds: FlapWay['kind'][]) =>
  (flap: Flap) =>
    kinds.includes(flap.way.kind);
const typed = ({ fit }: Flap) => fit.kind !== 'even';
const tray = (flap: Flap) => flap.way.kind === 'tilt-out' && flap.way.tray !== null;
const edge = (words: string, path: string): FlapField =>
  leaf(({ fit }) => `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`, ['fit', path], typed);

const FIELDS: readonly FlapField[] = [
  { group: 'Opening', label: 'Opening limit', path: ['limit'], input: 'degrees' },
  {
    group: 'Way',
    label: 'It',
    path: ['way'],
    input: {
      words: WAYS,
      word: (flap) => flap.way.kind,
      value: (word) => USUAL_FLAP_WAY[word as FlapWay['kind']],
    },
  },
  {
    group: 'Way',
    label: 'Arms',
    path: ['way', 'hardware'],
    input: { pick: 'hardware', kinds: () => ['lift arms'] },
    when: goes('parallel arms'),
  },
  {
    group: 'Way',
    label: 'Arms hang below level',
    path: ['way', 'hang'],
    input: 'degrees',
    when: goes('parallel arms'),
  },
  way('Upper pivots below the opening’s top', ['way', 'down'], goes('parallel arms')),
  way('Upper leaf, high', ['way', 'upper'], goes('double fold')),
  way('Gap between the leaves', ['way', 'gap'], goes('double fold')),
  way('Arm below the fold', ['way', 'arm', 'onLeaf'], goes('double fold')),
  way('Arm’s pivot back from the axis', ['way', 'arm', 'back'], goes('double fold')),
  way('Arm’s pivot below the axis', ['way', 'arm', 'down'], goes('double fold')),
  {
    group: 'Way',
    label: 'As a desk',
    path: ['way', 'desk'],
    input: {
      words: ['no', 'yes'],
      word: (flap) => (flap.way.kind === 'drop front' && flap.way.desk !== null ? 'yes' : 'no'),
      value: (word) => (word === 'yes' ? LEANT_ON_DESK : null),
    },
    when: goes('drop front'),
  },
  {
    group: 'Way',
    label: 'At its front edge, kg',
    path: ['way', 'desk'],
    input: 'count',
    when: (flap) => flap.way.kind === 'drop front' && flap.way.desk !== null,
  },
  {
    group: 'Way',
    label: 'Tray',
    path: ['way', 'tray'],
    input: {
      words: ['none', 'behind it'],
      word: (flap) => (tray(flap) ? 'behind it' : 'none'),
      value: (word) => (word === 'none' ? null : USUAL_FLAP_WAY['tilt-out'].tray),
    },
    when: goes('tilt-out'),
  },
  way('Tray, high', ['way', 'tray', 'height'], tray),
  way('Tray, deep', ['way', 'tray', 'depth'], tray),
  way('Tray above the foot', ['way', 'tray', 'up'], tray),
  { group: 'Way', label: 'In the tray, kg', path: ['way', 'tray', 'kg'], input: 'count', when: tray },
  { group: 'Leaf', label: 'Closes', path: ['mount', 'bay'], input: { pick: 'bay' } },
  {
    group: 'Leaf',
    label: 'Fit',
    path: ['fit'],
    input: {
      words: Object.keys(FIT_WORDS),
      word: ({ fit }) => Object.entries(FIT_WORDS).find(([, kind]) => kind === fit.kind)![0],
      value: (word) => USUAL_FLAP_FIT[FIT_WORDS[word as keyof typeof FIT_WORDS]],
    },
  },
  leaf('Gap between neighbours', ['fit', 'gap'], ({ fit }) => fit.kind === 'even'),
  edge('Sides', 'sides'),
  edge('Top', 'top'),
  edge('Bottom', 'bottom'),
  {
    group: 'Leaf',
    label: 'Made of',
    path: ['material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
  },
  ...hingeFields<Flap>(['way', 'hinge'], ({ way: one }) => (isTurning(one) ? one.hinge : undefined)),
  ...gripFields<Flap>(),
  ...helpFields<Flap>(USUAL_FLAP_HELP, (kind, { way }) => helpsFlap(kind, way)),
  ...stayFields<Flap>(USUAL_FLAP_STAY),
];

export const flapFields = (): readonly FlapField[] => [
  ...FIELDS,
  ...schoolFields<Flap>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
