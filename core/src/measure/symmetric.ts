/** A symmetric matrix, row by row. */
export type Symmetric = readonly (readonly number[])[];

/** Pivots below this share of the largest diagonal entry are none. */
const NONE = 1e-10;

/**
 * The lower triangle L of a symmetric matrix that is L times its own transpose, row by row; undefined where the matrix is not
 * positive, or so nearly not that no answer could be trusted.
 *
 * @source Cholesky's decomposition; any text on numerical methods. Loops are written out: this is the inside of the adjustment
 */
export function factored(matrix: Symmetric): number[][] | undefined {
  const n = matrix.length;
  let largest = 0;
  for (let i = 0; i < n; i += 1) largest = Math.max(largest, matrix[i]![i]!);
  const lower: number[][] = [];
  for (let i = 0; i < n; i += 1) {
    const row = new Array<number>(i + 1).fill(0);
    for (let j = 0; j <= i; j += 1) {
      const other = j === i ? row : lower[j]!;
      let sum = matrix[i]![j]!;
      for (let k = 0; k < j; k += 1) sum -= row[k]! * other[k]!;
      if (j < i) row[j] = sum / other[j]!;
      else if (sum > NONE * largest) row[i] = Math.sqrt(sum);
      else return undefined;
    }
    lower.push(row);
  }
  return lower;
}

/** The x that a matrix given by its triangle turns into b. */
export function solved(lower: readonly (readonly number[])[], b: readonly number[]): number[] {
  const n = lower.length;
  const x = [...b];
  for (let i = 0; i < n; i += 1) {
    let sum = x[i]!;
    for (let k = 0; k < i; k += 1) sum -= lower[i]![k]! * x[k]!;
    x[i] = sum / lower[i]![i]!;
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = x[i]!;
    for (let k = i + 1; k < n; k += 1) sum -= lower[k]![i]! * x[k]!;
    x[i] = sum / lower[i]![i]!;
  }
  return x;
}

/** The inverse of a matrix given by its triangle. */
export const inverseOf = (lower: readonly (readonly number[])[]): number[][] =>
  lower.map((_, i) =>
    solved(
      lower,
      lower.map((__, j) => (i === j ? 1 : 0)),
    ),
  );

/** What a quadratic form makes of a sparse vector: a' M a. */
export function quadratic(
  matrix: Symmetric,
  terms: readonly (readonly [column: number, value: number])[],
): number {
  let sum = 0;
  for (const [p, a] of terms) for (const [q, b] of terms) sum += a * b * matrix[p]![q]!;
  return sum;
}
