import { yesOrNo, type Field } from '../../item/field';
import { boxFields } from '../box/fields';
import { contentFields } from '../contents/fields';
import { lengthOf } from '../fields';
import { runFields } from '../runs/fields';
import { schoolFields } from '../schools';
import { countOf } from './bank';
import { USUAL_BANK, USUAL_DRAWER_FIT, USUAL_OLD_BOX, USUAL_PULL } from './fresh';
import type { Drawer } from './schema';

type DrawerField = Field<Drawer>;
const FIT_WORDS = { 'even gaps': 'even', overlay: 'overlay', inset: 'inset', 'no front': 'none' } as const;
const keyOf = <T extends Record<string, string>>(words: T, value: string) =>
  Object.keys(words).find((key) => words[key] === value)!;

const bank = lengthOf<Drawer>('Bank');
const BANK: readonly DrawerField[] = [
  { group: 'Bank', label: 'Drawers', path: ['bank'], input: { words: Array.from({ length: 12 }, (_, i) => String(i + 1)), word: (one) => String(countOf(one.bank)), value: (word, one) => resized(one.bank, Number(word)) } },
  { group: 'Bank', label: 'In', path: ['bay'], input: { pick: 'bay' } },
  { group: 'Bank', label: 'Heights', path: ['bank'], input: { words: ['even', 'graduated', 'typed'], word: (one) => one.bank.kind, value: (word, one) => USUAL_BANK[word as Drawer['bank']['kind']](countOf(one.bank)) }, when: (one) => countOf(one.bank) > 1 },
  bank('Each lower than the one beneath by', ['bank', 'step'], (one) => one.bank.kind === 'graduated'),
]; // prettier-ignore

function resized(one: Drawer['bank'], count: number): Drawer['bank'] {
  if (one.kind !== 'typed') return { ...one, count };
  if (count === 1) return { kind: 'even', count };
  const last = one.fronts[one.fronts.length - 1]!;
  return { kind: 'typed', fronts: Array.from({ length: count - 1 }, (_, i) => one.fronts[i] ?? last) };
}

/** What a card shows of the front of a drawer or pull-out, and of its handle. */
export function frontFields<Part extends Pick<Drawer, 'fit' | 'front' | 'handle'>>(several: (part: Part) => boolean = () => false): Field<Part>[] {
  const front = lengthOf<Part>('Front');
  const handle = lengthOf<Part>('Handle');
  const fitted = (...kinds: Drawer['fit']['kind'][]) => ({ fit }: Part) => kinds.includes(fit.kind);
  const edge = (words: string, path: string): Field<Part> =>
    front(({ fit }) => `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`, ['fit', path], fitted('inset', 'overlay'));
  const closed = ({ fit }: Part) => fit.kind !== 'none';
  const handled = (one: Part) => one.handle !== null;
  return [
  { group: 'Front', label: 'Fit', path: ['fit'], input: { words: Object.keys(FIT_WORDS), word: ({ fit }) => keyOf(FIT_WORDS, fit.kind), value: (word) => USUAL_DRAWER_FIT[FIT_WORDS[word as keyof typeof FIT_WORDS]] } },
  front('Gap between neighbours', ['fit', 'gap'], fitted('even')),
  edge('Side', 'sides'),
  edge('Top', 'top'),
  edge('Bottom', 'bottom'),
  front('Gap between fronts', ['fit', 'between'], (one) => fitted('inset', 'overlay')(one) && several(one)),
  front('Behind the case’s front', ['fit', 'setback'], fitted('inset', 'none')),
  { group: 'Front', label: 'Front is', path: ['front', 'made'], input: { words: ['applied', 'the box’s own'], word: (one) => one.front.made, value: (word) => word }, when: closed },
  { group: 'Front', label: 'Made of', path: ['front', 'material'], input: { pick: 'material', kinds: () => ['sheet', 'solid wood'] }, when: closed },
  front('Edge banding', ['front', 'banding'], closed),
  front('Screws from inside', ['front', 'screw'], (one) => closed(one) && one.front.made === 'applied'),
  { group: 'Handle', label: 'Handle', path: ['handle'], input: { words: ['none', 'bar', 'knob'], word: (one) => one.handle?.kind ?? 'none', value: (word) => (word === 'none' ? null : USUAL_PULL[word as 'bar' | 'knob']) } },
  handle('Stands out', ['handle', 'projection'], handled),
  handle('Width', ['handle', 'width'], handled),
  handle('Height', ['handle', 'height'], handled),
  handle('Holes apart', ['handle', 'holes'], (one) => one.handle?.kind === 'bar'),
  ];
} // prettier-ignore

const old = lengthOf<Drawer>('Old box');
const reused = (one: Drawer) => one.old !== null;
const REST: readonly DrawerField[] = [
  { group: 'Case', label: 'Comes out at the back too', path: ['twoSided'], input: yesOrNo(['twoSided']) },
  { group: 'Old box', label: 'Box', path: ['old'], input: { words: ['made new', 'an old one'], word: (one) => (one.old ? 'an old one' : 'made new'), value: (word) => (word === 'made new' ? null : USUAL_OLD_BOX) } },
  old('Width', ['old', 'width'], reused),
  old('Height', ['old', 'height'], reused),
  old('Depth', ['old', 'depth'], reused),
]; // prettier-ignore

export const drawerFields = (drawer: Drawer): DrawerField[] => [
  ...BANK,
  ...(drawer.bank.kind === 'typed'
    ? drawer.bank.fronts.map((_, i) =>
        bank(i === 0 ? 'Lowest front' : `Front ${i + 1} from below`, ['bank', 'fronts', i]),
      )
    : []),
  ...frontFields<Drawer>((one) => countOf(one.bank) > 1),
  ...runFields<Drawer>(),
  ...boxFields<Drawer>(({ old: used }) => used === null),
  ...contentFields(drawer),
  ...REST,
  ...schoolFields<Drawer>(),
  { group: 'Name', label: 'Name', path: ['name'], input: 'text' },
];
