import { yesOrNo, type Field } from '../../card/field';
import { boxFields } from '../kit/box/fields';
import { contentFields } from '../kit/contents/fields';
import { countOf, drawersOf } from '../kit/drawn/bank';
import { frontFields } from '../kit/drawn/fields';
import { bankOf } from '../kit/drawn/usual';
import { lengthOf } from '../kit/lengthFields';
import { runFields, slideHeightFields } from '../kit/runs/fields';
import { schoolFields } from '../kit/schools';
import { USUAL_OLD_BOX } from './fresh';
import type { Drawer } from './schema';

type DrawerField = Field<Drawer>;

const bank = lengthOf<Drawer>('Bank');
const BANK: readonly DrawerField[] = [
  {
    group: 'Bank',
    label: 'Drawers',
    path: ['bank'],
    input: {
      words: Array.from({ length: 12 }, (_, i) => String(i + 1)),
      word: (one) => String(countOf(one.bank)),
      value: (word, one) => resized(one.bank, Number(word)),
    },
  },
  { group: 'Bank', label: 'In', path: ['mount', 'bay'], input: { pick: 'bay' } },
  {
    group: 'Bank',
    label: 'Heights',
    path: ['bank'],
    input: {
      words: ['even', 'graduated', 'typed'],
      word: (one) => one.bank.kind,
      value: (word, one) => bankOf(word as Drawer['bank']['kind'], countOf(one.bank), one.bank.drawers),
    },
    when: (one) => countOf(one.bank) > 1,
  },
  bank('Each lower than the one beneath by', ['bank', 'step'], (one) => one.bank.kind === 'graduated'),
];

function resized(one: Drawer['bank'], count: number): Drawer['bank'] {
  const drawers = drawersOf(count, one.drawers);
  if (one.kind !== 'typed') return { ...one, drawers };
  if (count === 1) return { kind: 'even', drawers };
  const last = one.fronts[one.fronts.length - 1]!;
  return { ...one, drawers, fronts: Array.from({ length: count - 1 }, (_, i) => one.fronts[i] ?? last) };
}

const old = lengthOf<Drawer>('Old box');
const reused = (one: Drawer) => one.old !== null;
const REST: readonly DrawerField[] = [
  { group: 'Case', label: 'Comes out at the back too', path: ['twoSided'], input: yesOrNo(['twoSided']) },
  {
    group: 'Old box',
    label: 'Box',
    path: ['old'],
    input: {
      words: ['made new', 'an old one'],
      word: (one) => (one.old ? 'an old one' : 'made new'),
      value: (word) => (word === 'made new' ? null : USUAL_OLD_BOX),
    },
  },
  old('Width', ['old', 'width'], reused),
  old('Height', ['old', 'height'], reused),
  old('Depth', ['old', 'depth'], reused),
];

export const drawerFields = (drawer: Drawer): DrawerField[] => [
  ...BANK,
  ...(drawer.bank.kind === 'typed'
    ? drawer.bank.fronts.map((_, i) =>
        bank(i === 0 ? 'Lowest front' : `Front ${i + 1} from below`, ['bank', 'fronts', i]),
      )
    : []),
  ...runFields<Drawer>(),
  ...boxFields<Drawer>(({ old: used }) => used === null),
  ...slideHeightFields<Drawer>(),
  ...frontFields<Drawer>((one) => countOf(one.bank) > 1),
  ...contentFields(drawer),
  ...REST,
  ...schoolFields<Drawer>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
