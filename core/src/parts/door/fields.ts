import { wordChoice, yesOrNo, type Field } from '../../card/field';
import type { PathStep } from '../../item/path';
import type { ReusedBoard } from '../kit/reused';
import { reusedFields } from '../kit/reusedFields';
import { schoolFields } from '../kit/schools';
import { hardwareKindsOf } from './hinges';
import { materialInPlan } from '../../material/inPlan';
import { USUAL_FRAMED, hingeOf, paneOf, USUAL_FIT, USUAL_HANDLE, USUAL_RACK } from './fresh';
import type { Door } from './schema';

type DoorField = Field<Door>;
const length = (
  group: string,
  label: DoorField['label'],
  path: readonly PathStep[],
  when?: (door: Door) => boolean,
): DoorField => ({ group, label, path, input: 'length', ...(when && { when }) });

const HINGE_WORDS = {
  'cup hinges': 'cup',
  'butt hinges': 'butt',
  'continuous hinge': 'continuous',
  pivots: 'pivot',
} as const;
const FIT_WORDS = { 'even gaps': 'even', overlay: 'overlay', inset: 'inset' } as const;
const keyOf = <T extends Record<string, string>>(words: T, value: string) =>
  Object.keys(words).find((key) => words[key] === value)!;

const old: ReusedBoard = {
  width: { mm: 560 },
  height: { mm: 700 },
  thickness: { mm: 20 },
  holes: [],
  lock: null,
  turned: 'as it was',
  becomes: 'cleared',
};

const typed = ({ fit }: Door) => fit.kind !== 'even';
const edge = (words: string, path: string, when: (door: Door) => boolean = typed): DoorField =>
  length('Leaf', ({ fit }) => `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`, ['fit', path], when);
const hinges =
  (...kinds: Door['hinge']['kind'][]) =>
  ({ hinge }: Door) =>
    kinds.includes(hinge.kind);
const made = (door: Door) => door.old === null;
const framed = (door: Door) => made(door) && door.leaf.framed !== null;
const board = (door: Door) => made(door) && door.leaf.framed === null;
const handle = (label: string, path: string): DoorField =>
  length('Handle', label, ['handle', path], (door) => door.handle !== null);
const rack = (label: string, path: string): DoorField =>
  length('On its back', label, ['rack', path], (door) => door.rack !== null);

const FIELDS: readonly DoorField[] = [
  { group: 'Opening', label: 'Opening limit', path: ['limit'], input: 'degrees' },
  {
    group: 'Leaf',
    label: 'Leaves',
    path: ['leaves'],
    input: {
      words: ['one', 'a pair'],
      word: ({ leaves }) => (leaves === 'pair' ? 'a pair' : 'one'),
      value: (word) => (word === 'one' ? 'one' : 'pair'),
    },
  },
  { group: 'Leaf', label: 'Closes', path: ['mount', 'bay'], input: { pick: 'bay' } },
  {
    group: 'Leaf',
    label: 'Fit',
    path: ['fit'],
    input: {
      words: Object.keys(FIT_WORDS),
      word: ({ fit }) => keyOf(FIT_WORDS, fit.kind),
      value: (word) => USUAL_FIT[FIT_WORDS[word as keyof typeof FIT_WORDS]],
    },
  },
  length('Leaf', 'Gap between neighbours', ['fit', 'gap'], ({ fit }) => fit.kind === 'even'),
  edge('Hinge', 'hinge'),
  edge('Free edge', 'free', (door) => typed(door) && door.leaves === 'one'),
  edge('Top', 'top'),
  edge('Bottom', 'bottom'),
  length('Leaf', 'Gap between the leaves', ['middle'], ({ leaves }) => leaves === 'pair'),
  {
    group: 'Leaf',
    label: 'Made of',
    path: ['leaf', 'material'],
    input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] },
    when: made,
  },
  {
    group: 'Leaf',
    label: 'Built as',
    path: ['leaf', 'framed'],
    input: {
      words: ['one board', 'stiles and rails'],
      word: ({ leaf }) => (leaf.framed ? 'stiles and rails' : 'one board'),
      value: (word, { leaf }, materials) =>
        word === 'one board'
          ? null
          : { ...USUAL_FRAMED, panel: materialInPlan(materials, 'ply-6', 'sheet') || leaf.material },
    },
    when: made,
  },
  length('Leaf', 'Stiles, wide', ['leaf', 'framed', 'stile'], framed),
  length('Leaf', 'Rails, wide', ['leaf', 'framed', 'rail'], framed),
  length('Leaf', 'Grooves, deep', ['leaf', 'framed', 'groove'], framed),
  {
    group: 'Leaf',
    label: 'Panel of',
    path: ['leaf', 'framed', 'panel'],
    input: { pick: 'material' },
    when: framed,
  },
  length('Leaf', 'Edge banding', ['leaf', 'banding'], board),

  length('Leaf', 'Its front carries', ['leaf', 'front'], board),
  length('Leaf', 'Its back carries', ['leaf', 'back'], board),
  {
    group: 'Leaf',
    label: 'Wrapped round the edges',
    path: ['leaf', 'wraps'],
    input: yesOrNo(['leaf', 'wraps']),
    when: (door) => board(door) && door.leaf.front.mm > 0,
  },
  {
    group: 'Hinges',
    label: 'Hangs on',
    path: ['hinge'],
    input: {
      words: Object.keys(HINGE_WORDS),
      word: ({ hinge }) => keyOf(HINGE_WORDS, hinge.kind),
      value: (word, { hinge }) => hingeOf(HINGE_WORDS[word as keyof typeof HINGE_WORDS], hinge.side),
    },
  },
  {
    group: 'Hinges',
    label: 'Hinged on the',
    path: ['hinge', 'side'],
    input: wordChoice(['hinge', 'side'], ['left', 'right']),
    when: ({ leaves }) => leaves === 'one',
  },
  {
    group: 'Hinges',
    label: 'Which',
    path: ['hinge', 'hardware'],
    input: { pick: 'hardware', kinds: ({ hinge }) => hardwareKindsOf(hinge) },
  },
  {
    group: 'Hinges',
    label: 'Arm',
    path: ['hinge', 'arm'],
    input: wordChoice(['hinge', 'arm'], ['as needed', 'full', 'half', 'inset']),
    when: hinges('cup'),
  },
  length('Hinges', 'Cup from the edge', ['hinge', 'cup'], hinges('cup')),
  length('Hinges', 'Plate height', ['hinge', 'plate'], hinges('cup')),
  {
    group: 'Hinges',
    label: 'Knuckle',
    path: ['hinge', 'knuckle'],
    input: wordChoice(['hinge', 'knuckle'], ['proud', 'flush', 'let in']),
    when: hinges('butt', 'continuous'),
  },
  length(
    'Hinges',
    'Pin off the face',
    ['hinge', 'pin'],
    ({ hinge }) => (hinge.kind === 'butt' || hinge.kind === 'continuous') && hinge.knuckle !== 'flush',
  ),
  {
    group: 'Hinges',
    label: 'Let into',
    path: ['hinge', 'mortise'],
    input: wordChoice(['hinge', 'mortise'], ['none', 'leaf', 'both']),
    when: hinges('butt', 'continuous'),
  },
  length('Hinges', 'Pivot in from the edge', ['hinge', 'in'], hinges('pivot')),
  length('Hinges', 'Pivot back from the face', ['hinge', 'back'], hinges('pivot')),
  {
    group: 'Hinges',
    label: 'How many',
    path: ['hinge', 'count'],
    input: {
      words: ['as needed', '2', '3', '4', '5', '6', '7', '8'],
      word: ({ hinge }) => ('count' in hinge && hinge.count !== null ? String(hinge.count) : 'as needed'),
      value: (word) => (word === 'as needed' ? null : Number(word)),
    },
    when: hinges('cup', 'butt'),
  },
  length('Hinges', 'End hinges from the ends', ['hinge', 'ends'], hinges('cup', 'butt')),
  {
    group: 'Handle',
    label: 'Handle',
    path: ['handle'],
    input: {
      words: ['none', 'bar', 'knob'],
      word: (door) => door.handle?.kind ?? 'none',
      value: (word) => (word === 'none' ? null : USUAL_HANDLE[word as 'bar' | 'knob']),
    },
  },
  handle('Stands out', 'projection'),
  handle('Width', 'width'),
  handle('Height', 'height'),
  handle('From free edge', 'fromFree'),
  handle('From the foot', 'fromBottom'),
  {
    group: 'Glass and mirror',
    label: 'Pane',
    path: ['leaf', 'pane'],
    input: {
      words: ['none', 'glass', 'mirror'],
      word: ({ leaf }) => leaf.pane?.kind ?? 'none',
      value: (word, _, materials) => (word === 'none' ? null : paneOf(word as 'glass' | 'mirror', materials)),
    },
    when: board,
  },
  {
    group: 'Glass and mirror',
    label: 'Which',
    path: ['leaf', 'pane', 'material'],
    input: { pick: 'material', kinds: () => ['glass', 'mirror'] },
    when: ({ leaf, ...door }) => made({ ...door, leaf }) && leaf.pane !== null,
  },
  length(
    'Glass and mirror',
    'Leaf left round it',
    ['leaf', 'pane', 'border'],
    ({ leaf, ...door }) => made({ ...door, leaf }) && leaf.pane !== null,
  ),
  length(
    'Glass and mirror',
    'Lies in it beyond that',
    ['leaf', 'pane', 'rebate'],
    (door) => board(door) && door.leaf.pane?.kind === 'glass',
  ),
  {
    group: 'On its back',
    label: 'Shelves or bins',
    path: ['rack'],
    input: {
      words: ['none', 'a rack'],
      word: (door) => (door.rack ? 'a rack' : 'none'),
      value: (word) => (word === 'none' ? null : USUAL_RACK),
    },
  },
  rack('Depth', 'depth'),
  rack('Height', 'height'),
  rack('From hinge edge', 'fromHinge'),
  rack('From free edge', 'fromFree'),
  rack('Above the foot', 'fromBottom'),
  {
    group: 'On its back',
    label: 'Load, kg',
    path: ['rack', 'load'],
    input: 'count',
    when: (door) => door.rack !== null,
  },
  {
    group: 'Old leaf',
    label: 'Leaf',
    path: ['old'],
    input: {
      words: ['made new', 'an old one'],
      word: (door) => (door.old ? 'an old one' : 'made new'),
      value: (word) => (word === 'made new' ? null : old),
    },
  },
];

const oldOnes = reusedFields<Door>('Old leaf', ['old'], (door) => door.old);
const NAME: DoorField = { group: 'Name', label: 'Name', path: ['name'], input: 'text' };

export const doorFields = (door: Door): DoorField[] => [
  ...FIELDS,
  ...oldOnes(door),
  ...schoolFields<Door>(),
  NAME,
];
