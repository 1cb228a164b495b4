import type { Opening } from '../../../carcass/layout';
import type { Issue } from '../../../item/issue';
import type { SumLine } from '../../../sizing/sum';
import type { Range } from '../../../solid/bounds';
import { coverFault, evenOver } from '../fronts';
import type { FlapFit } from './schema';

export type Over = Readonly<Record<'left' | 'right' | 'top' | 'bottom', number>>;

/** How far a front lies over each edge of its opening, mm; less than 0 where it stops short of it. */
export function frontOver(fit: FlapFit, opening: Opening): Over {
  if (fit.kind === 'even') {
    const of = (edge: keyof Over) => evenOver(opening[edge], fit.gap.mm);
    return { left: of('left'), right: of('right'), top: of('top'), bottom: of('bottom') };
  }
  const sign = fit.kind === 'inset' ? -1 : 1;
  const sides = sign * fit.sides.mm;
  return { left: sides, right: sides, top: sign * fit.top.mm, bottom: sign * fit.bottom.mm };
}

/** Where a front so thick stands, shut, in its carcass's frame. */
export function frontAt(fit: FlapFit, opening: Opening, over: Over, thick: number) {
  const y: Range =
    fit.kind === 'inset' ? [opening.front, opening.front + thick] : [opening.front - thick, opening.front];
  return {
    x: [opening.left.at - over.left, opening.right.at + over.right] as Range,
    y,
    z: [opening.bottom.at - over.bottom, opening.top.at + over.top] as Range,
  };
}

const lines = (words: string, one: number, other: number): SumLine[] => {
  if (one === 0 && other === 0) return [];
  if (one === other) return [{ words, mm: 2 * one, times: [2, one] }];
  return [{ words, mm: one + other }];
};

/** Sums of its width and its height. */
export function frontSums({ kind }: FlapFit, opening: Opening, over: Over) {
  const words = kind === 'inset' ? 'gaps' : 'overlays';
  return {
    width: [...opening.width.lines, ...lines(words, over.left, over.right)],
    height: [...opening.height.lines, ...lines(words, over.top, over.bottom)],
  };
}

/**
 * Why it does not close its opening. Paths start at the part.
 *
 * @param level  its foot may end level with the opening's: a drop front then lies on with the bottom
 */
export function frontFaults(fit: FlapFit, opening: Opening, over: Over, level: boolean): Issue[] {
  const field = { left: 'sides', right: 'sides', top: 'top', bottom: 'bottom' } as const;
  const edges = { left: 'left edge', right: 'right edge', top: 'top', bottom: 'foot' } as const;
  const sides = (['left', 'right', 'top', 'bottom'] as const).filter(
    (side) => !(level && side === 'bottom' && over.bottom === 0),
  );
  return sides.flatMap((side) =>
    coverFault(
      fit.kind,
      over[side],
      opening[side],
      { what: 'flap', edge: edges[side] },
      fit.kind === 'even' ? ['fit', 'gap'] : ['fit', field[side]],
    ),
  );
}
