/**
 * How far an opening leans, mm over its height: what its two diagonals say where opposite sides are alike. Positive
 * where the first diagonal, from the near foot, is the longer.
 *
 * For a parallelogram the squares of the diagonals differ by 4 w times the lean.
 */
export const leanFromDiagonals = (width: number, first: number, second: number): number =>
  (first * first - second * second) / (4 * width);
