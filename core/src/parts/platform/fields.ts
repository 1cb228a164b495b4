import { yesOrNo, type Field } from '../../card/field';
import { lengthOf } from '../kit/lengthFields';
import { schoolFields } from '../kit/schools';
import { usualBears } from './fresh';
import type { Platform } from './schema';

type PlatformField = Field<Platform>;
const leaf = lengthOf<Platform>('Leaves');
const bears = lengthOf<Platform>('Bears on');
const BOARDS = () => ['sheet', 'solid wood'] as const;
/** Across, where a card changes to legs and does not know how wide its carcass is, mm. */
const USUAL_WIDTH = 900;
const COUNTS = ['2', '3', '4', '5', '6'];
const WORDS: Readonly<Record<Platform['bears']['kind'], string>> = {
  legs: 'legs under each leaf',
  ledgers: 'ledgers along both sides',
  frame: 'a frame that comes apart',
};
const onFrame = (platform: Platform) => platform.bears.kind === 'frame';
const onLegs = (platform: Platform) => platform.bears.kind === 'legs';

export const platformFields = (platform: Platform): readonly PlatformField[] => [
  {
    group: 'Leaves',
    label: 'Made of',
    path: ['material'],
    input: { pick: 'material', kinds: BOARDS },
  },
  {
    group: 'Leaves',
    label: 'Leaves',
    path: ['leaves'],
    input: {
      words: COUNTS,
      word: ({ leaves }) => String(leaves.length),
      value: (word, { leaves }) =>
        Array.from({ length: Number(word) }, (_, i) => leaves[i] ?? leaves.at(-1)!),
    },
  },
  ...platform.leaves.map((_, i) => leaf(`Leaf ${i + 1}, wide`, ['leaves', i])),
  leaf('Over the left', ['over', 'left']),
  leaf('Over the right', ['over', 'right']),
  leaf('Over the front', ['over', 'front']),
  leaf('Between leaves', ['gap']),
  {
    group: 'Leaves',
    label: 'Hinges',
    path: ['hinge', 'hardware'],
    input: { pick: 'hardware', kinds: () => ['continuous hinge'] },
  },
  lengthOf<Platform>('Mat')('Mat on each, thick', ['mat', 'thick']),
  { group: 'Mat', label: 'Mat, kg a square metre', path: ['mat', 'kg'], input: 'count' },
  {
    group: 'Bears on',
    label: 'Lies on',
    path: ['bears'],
    input: {
      words: Object.values(WORDS),
      word: (one) => WORDS[one.bears.kind],
      value: (word, one) =>
        usualBears(
          (Object.keys(WORDS) as Platform['bears']['kind'][]).find((kind) => WORDS[kind] === word)!,
          one.bears.material,
          USUAL_WIDTH,
        ),
    },
  },
  {
    group: 'Bears on',
    label: 'Made of',
    path: ['bears', 'material'],
    input: { pick: 'material', kinds: BOARDS },
  },
  { group: 'Bears on', label: 'Legs to a leaf', path: ['bears', 'count'], input: 'count', when: onLegs },
  bears('Leg, wide', ['bears', 'wide'], onLegs),
  bears('Legs in from the edges', ['bears', 'in'], onLegs),
  bears('Leaf bears on it', ['bears', 'bears'], (one) => one.bears.kind === 'ledgers'),
  bears('Ledger, broad', ['bears', 'bears'], onFrame),
  bears('Bearers, deep', ['bears', 'deep'], onFrame),
  bears('Bearers apart, at most', ['bears', 'apart'], onFrame),
  { group: 'Bears on', label: 'Sections', path: ['bears', 'sections'], input: 'count', when: onFrame },
  {
    group: 'Bears on',
    label: 'Bolts to a joint',
    path: ['bears', 'bolts', 'count'],
    input: 'count',
    when: onFrame,
  },
  bears('Bolts from the bearer’s ends', ['bears', 'bolts', 'in'], onFrame),
  lengthOf<Platform>('Stack')('Room for the stack', ['within']),
  { group: 'Stack', label: 'Sat on while folded', path: ['seat'], input: yesOrNo(['seat']) },
  { group: 'Stack', label: 'Stands in what moves', path: ['travels'], input: yesOrNo(['travels']) },
  ...schoolFields<Platform>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
