/** Units a file may be in, and mm for one of each. */
export const LENGTH_UNITS: readonly (readonly [word: string, mm: number])[] = [
  ['1 mm', 1],
  ['1 cm', 10],
  ['1 m', 1000],
  ['1 inch', 25.4],
  ['1 foot', 304.8],
];
