import type { SumLine } from '../../sizing/sum';
import type { LaidLid } from './lay';

/** A line of a sum, where it is anything. */
export const sumLine = (words: string, mm: number): SumLine[] => (mm !== 0 ? [{ words, mm }] : []);

/** Lengths of the whole top, which every piece of it is sawn from. */
export const topSums = ({ lid, place: { carcass } }: LaidLid) => ({
  length: [
    { words: 'carcass width', mm: carcass.width.mm },
    ...sumLine('over the left', lid.over.left.mm),
    ...sumLine('over the right', lid.over.right.mm),
  ],
  width: [
    { words: 'carcass depth', mm: carcass.depth.mm },
    ...sumLine('over the front', lid.over.front.mm),
    ...sumLine('over the back', lid.over.back.mm),
  ],
});
