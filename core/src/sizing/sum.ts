import { formatLength } from '../length/formatLength';
import type { Units } from '../length/units';

/** One line of a sum; `times` tells how a line was come by: two sheets of 18. Lengths in mm, signed. */
export interface SumLine {
  readonly words: string;
  readonly mm: number;
  readonly times?: readonly [number, number];
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

/** The sum on one line: `carcass width 600 - two sides 2 x 18 + overlay 16 = 580`. */
export function sumText(sum: Sum, units: Units): string {
  const lines = sum.lines.map(({ words, mm, times }, i) => {
    const sign = mm < 0 ? '- ' : i > 0 ? '+ ' : '';
    const amount = times
      ? `${times[0]} x ${formatLength(times[1], units)}`
      : formatLength(Math.abs(mm), units);
    return `${sign}${words} ${amount}`;
  });
  return `${lines.join(' ')} = ${formatLength(sum.mm, units)}`;
}
