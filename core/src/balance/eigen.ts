/** The eigenvalues of a symmetric matrix, and a unit vector of each, all square to each other. */
export interface Eigen {
  readonly values: readonly number[];
  readonly vectors: readonly (readonly number[])[];
}

const MOST_SWEEPS = 60;

/**
 * Eigenvalues and eigenvectors of a small symmetric matrix, to the last digits: each entry off the diagonal is turned away in turn.
 *
 * @source Jacobi 1846; Golub and Van Loan, Matrix Computations, the classical Jacobi algorithm
 */
export function eigenOf(matrix: readonly (readonly number[])[]): Eigen {
  const n = matrix.length;
  const a = matrix.map((row) => [...row]);
  const v = a.map((_, i) => a.map((_, j) => (i === j ? 1 : 0)));
  const scale = Math.max(1e-300, ...a.map((row) => Math.hypot(...row)));
  for (let sweep = 0; sweep < MOST_SWEEPS; sweep += 1) {
    const off = Math.hypot(...a.flatMap((row, i) => row.slice(i + 1)));
    if (off <= 1e-17 * scale) break;
    for (let p = 0; p < n; p += 1) for (let q = p + 1; q < n; q += 1) turnAway(a, v, p, q);
  }
  return { values: a.map((row, i) => row[i]!), vectors: a.map((_, k) => v.map((row) => row[k]!)) };
}

/** Turn the axes p and q in their plane so that the entry between them is 0. */
function turnAway(a: number[][], v: number[][], p: number, q: number): void {
  const between = a[p]![q]!;
  if (between === 0) return;
  const theta = (a[q]![q]! - a[p]![p]!) / (2 * between);
  const t = (theta >= 0 ? 1 : -1) / (Math.abs(theta) + Math.hypot(theta, 1));
  const c = 1 / Math.hypot(t, 1);
  const s = t * c;
  for (const row of [...a, ...v]) {
    const [x, y] = [row[p]!, row[q]!];
    row[p] = c * x - s * y;
    row[q] = s * x + c * y;
  }
  for (let k = 0; k < a.length; k += 1) {
    const [x, y] = [a[p]![k]!, a[q]![k]!];
    a[p]![k] = c * x - s * y;
    a[q]![k] = s * x + c * y;
  }
}
