import { openingSum } from '../../carcass/build';
import type { Sum, SumLine } from '../../sizing/sum';
import type { PartPlace, SizedPiece } from '../family';
import type { Door } from './schema';

/** The leaf to cut: opening and both overlaps, or opening less both gaps. */
export function doorSizes(door: Door, { carcass }: PartPlace): SizedPiece[] {
  const { fit, thickness } = door;
  const over = fit.kind === 'overlay';
  const sized = (across: 'width' | 'height', ends: readonly [string, number][]): Sum => {
    const opening = openingSum(carcass, across);
    const sign = over ? 1 : -1;
    const lines: SumLine[] = [
      ...opening.lines,
      ...ends.map(([end, mm]) => ({ words: `${end} ${over ? 'overlay' : 'gap'}`, mm: sign * mm })),
    ];
    return { name: `leaf ${across}`, lines, mm: lines.reduce((sum, line) => sum + line.mm, 0) };
  };
  return [
    {
      name: door.name,
      width: sized('width', [
        ['hinge', fit.hinge.mm],
        ['free edge', fit.free.mm],
      ]),
      height: sized('height', [
        ['top', fit.top.mm],
        ['bottom', fit.bottom.mm],
      ]),
      thickness: thickness.mm,
    },
  ];
}
