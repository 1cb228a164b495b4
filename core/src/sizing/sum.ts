import { lengthInSum } from '../length/formatLength';
import { sayLengths } from '../length/lengthMark';
import type { Units } from '../length/units';

/**
 * One line of a sum; `times` tells how a line was come by: two sheets of 18; one that `halves` takes off half of what the lines before it come
 * to. Lengths in mm, signed; words may have marked lengths.
 */
export interface SumLine {
  readonly words: string;
  readonly mm: number;
  readonly times?: readonly [number, number];
  readonly halves?: true;
}

/** A computed size and how it was come by: the lines add up to `mm`. */
export interface Sum {
  readonly name: string;
  readonly lines: readonly SumLine[];
  readonly mm: number;
}

/** A sum of these lines. */
export function sumOf(name: string, lines: readonly SumLine[]): Sum {
  return { name, lines, mm: lines.reduce((sum, { mm }) => sum + mm, 0) };
}

/**
 * The sum on one line: `carcass width 600 - two sides 2 x 18 + overlay 16 = 580`, `(carcass width 600 - gap 3) / 2 = 298.5`. Its lengths are
 * told without marks that could be taken for signs.
 */
export function sumText(sum: Sum, units: Units): string {
  let text = '';
  for (const [i, { words, mm, times, halves }] of sum.lines.entries()) {
    if (halves) {
      text = `(${text}) / 2`;
      continue;
    }
    const sign = mm < 0 ? '- ' : i > 0 ? '+ ' : '';
    const amount = times ? `${times[0]} x ${lengthInSum(times[1], units)}` : lengthInSum(Math.abs(mm), units);
    text += `${i > 0 ? ' ' : ''}${sign}${sayLengths(words, units)} ${amount}`;
  }
  return `${text} = ${lengthInSum(sum.mm, units)}`;
}
