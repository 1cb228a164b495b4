import { called } from '../../item/called';
import { lengthMark } from '../../length/lengthMark';
import type { SumLine } from '../../sizing/sum';
import type { HungLeaf, LaidHidden } from './lay';

export const hiddenWords = ({ hidden }: LaidHidden): string => `the ${called(hidden.name)}`;

export const leafWords = (laid: LaidHidden, { own }: Pick<HungLeaf, 'own'>): string =>
  own ? `the ${own} leaf of ${hiddenWords(laid)}` : hiddenWords(laid);

export const ownWords = (leaf: HungLeaf) => (leaf.own ? `, ${leaf.own}` : '');
/** Less is left by arithmetic alone, mm. */
const NOTHING = 1e-9;

export const line = (words: string, mm: number): SumLine[] => (Math.abs(mm) > NOTHING ? [{ words, mm }] : []);

/** What a leaf is along the wall: its opening less what is left beside it. */
export function wideSum({ hidden: { opening, gaps, leaves, hung } }: LaidHidden): SumLine[] {
  const whole: SumLine = {
    words: hung.kind === 'door' ? 'as chosen' : 'opening width',
    mm: opening.width.mm,
  };
  if (leaves !== 'pair')
    return [
      whole,
      ...line('gap at its hinge edge', -gaps.hinge.mm),
      ...line('gap at its free edge', -gaps.free.mm),
    ];
  return [
    { words: 'half of the opening', mm: opening.width.mm / 2 },
    ...line('gap at its hinge edge', -gaps.hinge.mm),
    ...line('half of the gap between', -gaps.middle.mm / 2),
  ];
}

export const highSum = ({ hidden: { opening, gaps, hung } }: LaidHidden): SumLine[] => [
  { words: hung.kind === 'door' ? 'as chosen' : 'opening height', mm: opening.height.mm },
  ...line('gap at its head', -gaps.head.mm),
  ...line('gap at its foot', -gaps.foot.mm),
];

/** Its flats are works of it; what they are planed to is not. */
export const roundNotes = ({ away }: LaidHidden, { cut }: HungLeaf): string[] =>
  cut?.round
    ? [
        `Its hinge edge is rounded to ${lengthMark(cut.along)} at the ${away ? 'back' : 'front'}: in flats first.`,
      ]
    : [];

export function taperNotes({ hidden: { shape } }: LaidHidden, leaf: HungLeaf): string[] {
  if (shape.kind !== 'tapered') return [];
  return [
    `Its head slopes: ${lengthMark(shape.by.mm)} lower at its ${shape.low}, at ${Math.round((Math.atan2(shape.by.mm, leaf.wide) * 1800) / Math.PI) / 10}°.`,
  ];
}
