import { MM_PER_FOOT, MM_PER_INCH } from '../length/units';

/** Figures that eyes take for each other on a worn tape. Common practice, no single source. */
const ALIKE: Readonly<Record<string, string>> = {
  '1': '7',
  '7': '1',
  '3': '8',
  '8': '3',
  '6': '9',
  '9': '6',
};
/** A whole figure of a tape is read as its neighbour: the hundred, the ten, the half metre beside it. */
const BESIDE_MM = [10, 50, 100, 1000];
const BESIDE_INCHES = [1, 6, 12];
/** Fractions of an inch finer than this are not on a tape. */
const TAPE = 64;
const WHOLE = 0.02;

/**
 * Lengths that a hand may have written down as this one: two figures changed about, one taken for its like, a mark for the
 * one beside it. Of a number that is whole in neither mm nor parts of an inch there is none.
 *
 * @param mm  the figures as read
 */
export function figureSlips(mm: number): number[] {
  const whole = Math.round(mm);
  if (Math.abs(mm - whole) < WHOLE) {
    return unlike(mm, [
      ...swapped(String(whole)).map(Number),
      ...BESIDE_MM.flatMap((by) => [whole - by, whole + by]),
    ]);
  }
  const parts = Math.round((mm / MM_PER_INCH) * TAPE);
  if (Math.abs((parts * MM_PER_INCH) / TAPE - mm) >= WHOLE) return [];
  const inches = Math.floor(parts / TAPE);
  const fraction = mm - inches * MM_PER_INCH;
  return unlike(mm, [
    ...swapped(String(inches)).map((text) => Number(text) * MM_PER_INCH + fraction),
    ...BESIDE_INCHES.flatMap((by) => [mm - by * MM_PER_INCH, mm + by * MM_PER_INCH]),
    mm - MM_PER_FOOT,
    mm + MM_PER_FOOT,
  ]);
}

/** A number with two neighbouring figures changed about, or one taken for its like. */
function swapped(text: string): string[] {
  const figures = [...text];
  return figures.flatMap((figure, i) => {
    const next = figures[i + 1];
    const alike = ALIKE[figure];
    return [
      ...(next === undefined ? [] : [figures.toSpliced(i, 2, next, figure)]),
      ...(alike === undefined ? [] : [figures.toSpliced(i, 1, alike)]),
    ].map((changed) => changed.join(''));
  });
}

const unlike = (mm: number, slips: readonly number[]): number[] => [
  ...new Set(slips.filter((one) => one > 0 && Math.abs(one - mm) > WHOLE)),
];
