import { wordChoice, yesOrNo, type Field } from '../../card/field';
import { LATCH_KINDS } from '../../hardware/schema';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { usualCase, usualHung, usualLeaf, usualRelief, usualShape } from './fresh';
import {
  BodySchema,
  HungSchema,
  OPENINGS,
  REACHED,
  ReliefSchema,
  ShapeSchema,
  SWINGS,
  type Hidden,
  type Hung,
} from './schema';

const opening = lengthOf<Hidden>('Opening');
const gaps = lengthOf<Hidden>('Gaps');
const hangs = lengthOf<Hidden>('Hung');
const body = lengthOf<Hidden>('Made of');
const floor = lengthOf<Hidden>('Floor');
const place = lengthOf<Hidden>('Place');
const hungOn =
  (...kinds: readonly Hung['kind'][]) =>
  ({ hung }: Hidden) =>
    kinds.includes(hung.kind);
const inWall = ({ mount }: Hidden) => mount.on === 'wall';
const onLeaf = ({ mount }: Hidden) => mount.on === 'mover';
const isCase = ({ body: { kind } }: Hidden) => kind === 'case';
const BOARDS = () => ['sheet', 'solid wood'] as const;
/** Rows of its floor that a card shows: those there are, and one more. */
const MOST_ROWS = 8;

const HUNG_WORDS: Readonly<Record<Hung['kind'], string>> = {
  door: 'the door that is there',
  pivots: 'pivots',
  butts: 'butts',
  track: 'a track over it',
  castors: 'castors',
};
const RELIEF_WORDS = { none: 'as it is', cut: 'cut', round: 'rounded', slope: 'a sloped end' } as const;
const keyOf = <Key extends string>(words: Readonly<Record<Key, string>>, word: string): Key =>
  (Object.keys(words) as Key[]).find((key) => words[key] === word)!;

export const hiddenFields = (hidden: Hidden): readonly Field<Hidden>[] => [
  { group: 'Opening', label: 'The opening is', path: ['opening', 'is'], input: wordChoice(['opening', 'is'], OPENINGS), when: inWall },
  opening(onLeaf(hidden) ? 'Wide' : 'Opening, wide', ['opening', 'width']),
  opening(onLeaf(hidden) ? 'High' : 'Opening, high', ['opening', 'height']),
  opening('Wall, thick', ['opening', 'deep'], inWall),
  opening(hidden.shape.kind === 'leaning' ? 'Its back before the wall' : 'Its face before the wall', ['proud'], inWall),
  {
    group: 'Hung',
    label: 'Carried by',
    path: ['hung'],
    input: {
      words: HungSchema.options.map(({ entries }) => HUNG_WORDS[entries.kind.literal]),
      word: (one) => HUNG_WORDS[one.hung.kind],
      offers: (word, one) => (word === HUNG_WORDS.door) === onLeaf(one),
      value: (word) => usualHung(keyOf(HUNG_WORDS, word)),
    },
  },
  { group: 'Hung', label: 'Leaves', path: ['leaves'], input: wordChoice(['leaves'], ['one', 'pair']), when: hungOn('pivots', 'butts') },
  { group: 'Hung', label: 'Hinged on the', path: ['side'], input: wordChoice(['side'], ['left', 'right']), when: (one) => hungOn('pivots', 'butts')(one) && one.leaves === 'one' },
  { group: 'Hung', label: 'Slides to the', path: ['side'], input: wordChoice(['side'], ['left', 'right']), when: hungOn('track', 'castors') },
  { group: 'Hung', label: 'Swings', path: ['swings'], input: wordChoice(['swings'], SWINGS), when: hungOn('pivots', 'butts') },
  { group: 'Hung', label: 'Opens to its stop', path: ['limit'], input: 'degrees', when: hungOn('pivots', 'butts') },
  { group: 'Hung', label: 'Pivots', path: ['hung', 'hardware'], input: { pick: 'hardware', kinds: () => ['pivot'] }, when: hungOn('pivots') },
  hangs('Axis in from the hinge edge', ['hung', 'in'], hungOn('pivots')),
  hangs('Axis back from the face', ['hung', 'back'], hungOn('pivots')),
  { group: 'Hung', label: 'Hinges', path: ['hung', 'hardware'], input: { pick: 'hardware', kinds: () => ['butt hinge'] }, when: hungOn('butts') },
  { group: 'Hung', label: 'How many', path: ['hung', 'count'], input: 'count', when: hungOn('butts', 'castors') },
  hangs('Pin stands proud', ['hung', 'proud'], hungOn('butts')),
  { group: 'Hung', label: 'Castors', path: ['hung', 'hardware'], input: { pick: 'hardware', kinds: () => ['castor'] }, when: hungOn('castors') },
  { group: 'Hung', label: 'Hangers', path: ['hung', 'hangers'], input: 'count', when: hungOn('track') },
  { group: 'Hung', label: 'A hanger carries, kg', path: ['hung', 'rating'], input: 'count', when: hungOn('track') },
  hangs('Slides by', ['hung', 'travel'], hungOn('track', 'castors')),
  { group: 'Hung', label: 'Brackets', path: ['hung', 'brackets', 'hardware'], input: { pick: 'hardware', kinds: () => ['bracket'] }, when: hungOn('door') },
  { group: 'Hung', label: 'How many brackets', path: ['hung', 'brackets', 'count'], input: 'count', when: hungOn('door') },
  { group: 'Hung', label: 'Hinges of the door', path: ['hung', 'hinges'], input: 'count', when: hungOn('door') },
  gaps('Hinge edge', ['gaps', 'hinge']),
  gaps('Free edge', ['gaps', 'free']),
  gaps('Head', ['gaps', 'head']),
  gaps('Foot', ['gaps', 'foot']),
  gaps('Between the leaves', ['gaps', 'middle'], ({ leaves }) => leaves === 'pair'),
  {
    group: 'Made of',
    label: 'It is a',
    path: ['body'],
    input: {
      words: BodySchema.options.map(({ entries }) => entries.kind.literal),
      word: (one) => one.body.kind,
      value: (word, one) => (word === 'case' ? usualCase(one.body.material) : usualLeaf(one.body.material)),
    },
  },
  { group: 'Made of', label: 'Boards', path: ['body', 'material'], input: { pick: 'material', kinds: BOARDS } },
  body('Deep', ['body', 'deep'], isCase),
  { group: 'Made of', label: 'Shelves', path: ['body', 'shelves'], input: 'count', when: isCase },
  {
    group: 'Made of',
    label: 'Back',
    path: ['body', 'back'],
    input: {
      words: ['glued on', 'none'],
      word: (one) => (one.body.kind === 'case' && one.body.back !== null ? 'glued on' : 'none'),
      value: (word, one) => (word === 'none' ? null : one.body.material),
    },
    when: isCase,
  },
  { group: 'Made of', label: 'Braced by a wire', path: ['body', 'braced'], input: yesOrNo(['body', 'braced']), when: isCase },
  body('Lip along its shelves', ['body', 'lip'], isCase),
  { group: 'Made of', label: 'Books, kg a metre', path: ['body', 'books', 'kg'], input: 'count', when: isCase },
  body('Books, deep', ['body', 'books', 'deep'], isCase),
  { group: 'Made of', label: 'Boards glued', path: ['body', 'layers'], input: 'count', when: (one) => !isCase(one) },
  {
    group: 'Made of',
    label: 'On its front',
    path: ['facing'],
    input: {
      words: ['nothing', 'a mirror', 'a panel'],
      word: (one) => (one.facing === null ? 'nothing' : one.facing.startsWith('mirror') ? 'a mirror' : 'a panel'),
      value: (word, one, materials) =>
        word === 'nothing'
          ? null
          : (materials.find(({ kind }) => kind === (word === 'a mirror' ? 'mirror' : 'sheet'))?.id ?? one.body.material),
    },
  },
  { group: 'Made of', label: 'Of', path: ['facing'], input: { pick: 'material' }, when: (one) => one.facing !== null },
  {
    group: 'Shape',
    label: 'It is',
    path: ['shape'],
    input: {
      words: ShapeSchema.options.map(({ entries }) => entries.kind.literal),
      word: (one) => one.shape.kind,
      offers: (word, one) => word !== 'leaning' || inWall(one),
      value: (word) => usualShape(word as Hidden['shape']['kind']),
    },
  },
  { group: 'Shape', label: 'Leans by', path: ['shape', 'degrees'], input: 'degrees', when: ({ shape }) => shape.kind === 'leaning' },
  { group: 'Shape', label: 'Lower at its', path: ['shape', 'low'], input: wordChoice(['shape', 'low'], ['free edge', 'hinge edge']), when: ({ shape }) => shape.kind === 'tapered' },
  lengthOf<Hidden>('Shape')('Lower by', ['shape', 'by'], ({ shape }) => shape.kind === 'tapered'),
  {
    group: 'Shape',
    label: 'Its hinge corner is',
    path: ['relief'],
    input: {
      words: ReliefSchema.options.map(({ entries }) => RELIEF_WORDS[entries.kind.literal]),
      word: (one) => RELIEF_WORDS[one.relief.kind],
      value: (word) => usualRelief(keyOf(RELIEF_WORDS, word)),
    },
  },
  lengthOf<Hidden>('Shape')('Cut along it', ['relief', 'along'], ({ relief }) => relief.kind === 'cut' || relief.kind === 'slope'),
  lengthOf<Hidden>('Shape')('Cut, deep', ['relief', 'deep'], ({ relief }) => relief.kind === 'cut'),
  lengthOf<Hidden>('Shape')('Radius', ['relief', 'radius'], ({ relief }) => relief.kind === 'round'),
  { group: 'Shape', label: 'Both ends alike', path: ['relief', 'both'], input: yesOrNo(['relief', 'both']), when: ({ relief }) => relief.kind !== 'none' },
  ...floorFields(hidden),
  floor('Carpet’s pile', ['floor', 'pile']),
  {
    group: 'Floor',
    label: 'Its free edge runs on',
    path: ['floor', 'runs'],
    input: {
      words: ['nothing', 'a wheel', 'a skid'],
      word: ({ floor: { runs } }) => (runs ? `a ${runs.kind}` : 'nothing'),
      value: (word, one) => (word === 'nothing' ? null : { kind: word.slice(2), in: one.floor.runs?.in ?? { mm: 60 } }),
    },
  },
  floor('In from the free edge', ['floor', 'runs', 'in'], ({ floor: { runs } }) => runs !== null),
  {
    group: 'Latch',
    label: 'Latch',
    path: ['latch', 'hardware'],
    input: {
      words: ['none', 'one'],
      word: ({ latch }) => (latch.hardware === null ? 'none' : 'one'),
      value: (word) => (word === 'none' ? null : 'catch-40'),
    },
  },
  { group: 'Latch', label: 'It is', path: ['latch', 'hardware'], input: { pick: 'hardware', kinds: () => LATCH_KINDS }, when: ({ latch }) => latch.hardware !== null },
  { group: 'Latch', label: 'Opened by', path: ['latch', 'reached'], input: wordChoice(['latch', 'reached'], REACHED) },
  { group: 'Latch', label: 'Locks from outside', path: ['latch', 'locks'], input: yesOrNo(['latch', 'locks']) },
  { group: 'Latch', label: 'Opens from within by hand', path: ['latch', 'within'], input: yesOrNo(['latch', 'within']) },
  { group: 'Behind it', label: 'Somebody can be in there', path: ['behind', 'somebody'], input: yesOrNo(['behind', 'somebody']) },
  { group: 'Behind it', label: 'Somebody sleeps there', path: ['behind', 'sleeps'], input: yesOrNo(['behind', 'sleeps']) },
  { group: 'Behind it', label: 'No other way out', path: ['behind', 'onlyWay'], input: yesOrNo(['behind', 'onlyWay']) },
  { group: 'Behind it', label: 'Air comes in, shut', path: ['behind', 'aired'], input: yesOrNo(['behind', 'aired']) },
  { group: 'Behind it', label: 'It covers the hinge side of', path: ['covers'], input: 'part', when: inWall },
  { group: 'Place', label: 'On the wall', path: ['mount', 'corner'], input: { pick: 'wall' }, when: inWall },
  place('Along the wall from its left', ['mount', 'from'], inWall),
  place('Foot, above the floor', ['mount', 'up'], inWall),
  place('Along the leaf from its left', ['mount', 'from'], onLeaf),
  place('Foot, above the leaf’s', ['mount', 'up'], onLeaf),
  { group: 'Place', label: 'On its', path: ['mount', 'face'], input: wordChoice(['mount', 'face'], ['outside', 'inside']), when: onLeaf },
  ...schoolFields<Hidden>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
]; // prettier-ignore

/** The floor along its arc: each place that was measured, and one more. */
function floorFields({ floor: { readings } }: Hidden): Field<Hidden>[] {
  const rows = Math.min(MOST_ROWS, readings.length);
  return [
    {
      group: 'Floor',
      label: 'Places measured along its arc',
      path: ['floor', 'readings'],
      input: {
        words: Array.from({ length: MOST_ROWS + 1 }, (_, i) => String(i)),
        word: (one) => String(one.floor.readings.length),
        value: (word, one) =>
          Array.from({ length: Number(word) }, (_, i) => one.floor.readings[i] ?? { degrees: nextPlace(one, i), high: { mm: 0 } }),
      },
    },
    ...Array.from({ length: rows }, (_, i): Field<Hidden>[] => [
      { group: 'Floor', label: `Place ${i + 1}, open to`, path: ['floor', 'readings', i, 'degrees'], input: 'degrees' },
      floor(`Place ${i + 1}, floor higher by`, ['floor', 'readings', i, 'high']),
    ]).flat(),
  ];
} // prettier-ignore

/** Beyond the last that was measured. */
function nextPlace({ floor: { readings } }: Hidden, i: number): number {
  const last = readings.at(-1)?.degrees ?? -STEP;
  return Math.min(180, Math.max(last, -STEP) + STEP * (i - readings.length + 1));
}
const STEP = 15;
