import { called } from '../../item/called';
import type { SumLine } from '../../sizing/sum';
import type { Leaf, LeafOf } from './leaf';

/** How a leaf is named in a sentence: "left leaf of the wardrobe". */
export const saidOf = (name: string, { of }: Pick<Leaf, 'of'>): string =>
  of === '' ? called(name) : `${of} leaf of the ${called(name)}`;

/** How a leaf lies: its length up, its face to the front. */
export const LEAF_WAY = ['z', 'x'] as const;

/** How high and how wide a leaf is, by its opening. */
export function leafSums({ door, opening, over }: LeafOf): { length: SumLine[]; width: SumLine[] } {
  const { fit } = door;
  const edge = (words: string, mm: number): SumLine => ({
    words: `${words} ${fit.kind === 'inset' ? 'gap' : 'overlay'}`,
    mm,
  });
  const words = (side: 'left' | 'right') =>
    door.leaves === 'pair' ? `${side} hinge edge` : door.hinge.side === side ? 'hinge' : 'free edge';
  const across = [
    ...opening.width.lines,
    ...(['left', 'right'] as const).map((side) => edge(words(side), over[side])),
  ];
  const gap = door.middle.mm;
  const both = across.reduce((sum, { mm }) => sum + mm, 0) - gap;
  return {
    length: [...opening.height.lines, edge('top', over.top), edge('foot', over.bottom)],
    width:
      door.leaves === 'pair'
        ? [
            ...across,
            { words: 'gap between the leaves', mm: -gap },
            { words: 'half of that', mm: -both / 2, halves: true },
          ]
        : across,
  };
}
