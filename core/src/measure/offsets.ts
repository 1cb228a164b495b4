import type { Point2 } from '../solid/prism';

/**
 * How a curve runs between the rows of a table of offsets: `smooth` rises and falls only where the rows do, and never leaves
 * the two it runs between; `polyline` goes straight; `spline` bends evenly through all rows, and may swing past them.
 */
export const OFFSET_CURVES = ['smooth', 'polyline', 'spline'] as const;
export type OffsetCurveKind = (typeof OFFSET_CURVES)[number];

/** A curve through stations that rise, mm by mm. */
export interface OffsetCurve {
  at(station: number): number;
  /** Points along it such that no chord between two lies farther from it than `tolerance`, mm. */
  points(tolerance: number): Point2[];
  /** Of each stretch from a row to the next: the station where the curve lies farthest off the chord, and by how much, signed, mm. */
  strays(): readonly { readonly station: number; readonly mm: number }[];
}

/** Second derivatives at both ends of each stretch; between them they run straight. */
type Bends = readonly (readonly [number, number])[];

/**
 * The curve of a table of offsets.
 *
 * @source smooth: monotone piecewise cubic (PCHIP), Fritsch and Carlson 1980 with the slopes of Fritsch and Butland 1984;
 * spline: natural cubic, second derivatives from a tridiagonal system; any text on numerical methods
 */
export function offsetCurve(table: readonly Point2[], kind: OffsetCurveKind): OffsetCurve {
  const n = table.length;
  const bends = n > 2 ? BENDS[kind](table) : BENDS.polyline(table);
  const on = (i: number, station: number) => {
    const [[x0, y0], [x1, y1]] = [table[i]!, table[i + 1]!];
    const h = x1 - x0;
    const [a, b] = [(x1 - station) / h, (station - x0) / h];
    const [from, to] = bends[i]!;
    return a * y0 + b * y1 + (((a ** 3 - a) * from + (b ** 3 - b) * to) * h * h) / 6;
  };
  const at = (station: number) => {
    let i = 0;
    while (i + 2 < n && station > table[i + 1]![0]) i += 1;
    return on(i, station);
  };
  const points = (tolerance: number) =>
    table.flatMap(([x0, y0], i): Point2[] => {
      const next = table[i + 1];
      if (!next) return [[x0, y0]];
      // A chord of length c strays at most c^2 / 8 times the largest second derivative, which is at an end of the stretch.
      const bend = Math.max(...bends[i]!.map(Math.abs));
      const h = next[0] - x0;
      const steps = Math.max(1, Math.ceil(h * Math.sqrt(bend / (8 * tolerance))));
      return Array.from({ length: steps }, (_, k): Point2 => {
        const x = x0 + (h * k) / steps;
        return [x, k === 0 ? y0 : on(i, x)];
      });
    });
  const strays = () =>
    table.slice(1).map(([x1, y1], i) => {
      const [x0, y0] = table[i]!;
      const h = x1 - x0;
      return turningsOf(bends[i]!)
        .map((share) => ({ station: x0 + share * h, mm: on(i, x0 + share * h) - (y0 + share * (y1 - y0)) }))
        .reduce((most, one) => (Math.abs(one.mm) > Math.abs(most.mm) ? one : most));
    });
  return { at, points, strays };
}

/** Where between 0 and 1 a stretch lies farthest off its chord: the roots of its first derivative less the chord's, and its middle. */
function turningsOf([from, to]: readonly [number, number]): number[] {
  // With t from 0 to 1 the slope off the chord is (h / 6) (from (-3 (1 - t)^2 + 1) + to (3 t^2 - 1)).
  const [a, b, c] = [3 * (to - from), 6 * from, -2 * from - to];
  const root = b * b - 4 * a * c;
  if (Math.abs(a) < 1e-12 * Math.abs(b) || !(root > 0)) return [0.5];
  const roots = [1, -1].map((sign) => (-b + sign * Math.sqrt(root)) / (2 * a));
  return [0.5, ...roots.filter((t) => t > 0 && t < 1)];
}

const BENDS: Readonly<Record<OffsetCurveKind, (table: readonly Point2[]) => Bends>> = {
  polyline: (table) => table.slice(1).map(() => [0, 0]),
  spline: (table) => {
    const bends = secondDerivatives(table);
    return table.slice(1).map((_, i) => [bends[i]!, bends[i + 1]!]);
  },
  smooth: (table) => {
    const slopes = monotoneSlopes(table);
    return table.slice(1).map(([x1, y1], i) => {
      const [x0, y0] = table[i]!;
      const h = x1 - x0;
      const [rise, from, to] = [(y1 - y0) / h, slopes[i]!, slopes[i + 1]!];
      return [(6 * rise - 4 * from - 2 * to) / h, (2 * from + 4 * to - 6 * rise) / h];
    });
  },
};

/** Slopes at the rows such that the curve rises and falls only where they do: level where they turn, else a weighted harmonic mean. */
function monotoneSlopes(table: readonly Point2[]): number[] {
  const n = table.length;
  const steps = table.slice(1).map(([x1, y1], i) => {
    const [x0, y0] = table[i]!;
    return { h: x1 - x0, rise: (y1 - y0) / (x1 - x0) };
  });
  const inner = steps.slice(1).map((after, i) => {
    const before = steps[i]!;
    if (before.rise * after.rise <= 0) return 0;
    const [w1, w2] = [2 * after.h + before.h, after.h + 2 * before.h];
    return (w1 + w2) / (w1 / before.rise + w2 / after.rise);
  });
  return [endSlope(steps[0]!, steps[1]!), ...inner, endSlope(steps[n - 2]!, steps[n - 3]!)];
}

/** At an end: the slope of a parabola through three rows, held to what keeps the stretch monotone. */
function endSlope(
  own: { readonly h: number; readonly rise: number },
  next: { readonly h: number; readonly rise: number },
): number {
  const slope = ((2 * own.h + next.h) * own.rise - own.h * next.rise) / (own.h + next.h);
  if (Math.sign(slope) !== Math.sign(own.rise)) return 0;
  if (Math.sign(own.rise) !== Math.sign(next.rise) && Math.abs(slope) > 3 * Math.abs(own.rise))
    return 3 * own.rise;
  return slope;
}

/** Of a natural spline: none at either end. */
function secondDerivatives(table: readonly Point2[]): number[] {
  const n = table.length;
  const bends = new Array<number>(n).fill(0);
  const upper = new Array<number>(n).fill(0);
  for (let i = 1; i + 1 < n; i += 1) {
    const [[x0, y0], [x1, y1], [x2, y2]] = [table[i - 1]!, table[i]!, table[i + 1]!];
    const share = (x1 - x0) / (x2 - x0);
    const pivot = share * upper[i - 1]! + 2;
    upper[i] = (share - 1) / pivot;
    const kink = (y2 - y1) / (x2 - x1) - (y1 - y0) / (x1 - x0);
    bends[i] = ((6 * kink) / (x2 - x0) - share * bends[i - 1]!) / pivot;
  }
  for (let i = n - 2; i > 0; i -= 1) bends[i] = upper[i]! * bends[i + 1]! + bends[i]!;
  return bends;
}

/** How well a smooth curve of few bends goes through a table, and the row that lies farthest off it. */
export interface CurveFit {
  at(station: number): number;
  /** Of each row, what was read less what the curve has there, mm. */
  readonly residuals: readonly number[];
  /** The row with the largest, and that, mm. */
  readonly worst: { readonly row: number; readonly mm: number };
}

/**
 * A smooth curve near every row, by least squares: a piecewise cubic with a bend in every third row, so that one slip of
 * the pencil stands out and does not draw the curve to itself. Undefined with fewer than five rows: nothing is left over.
 *
 * @source least squares on truncated powers, solved by orthogonal reflections (Householder); de Boor's splines text for the basis
 */
export function fitOffsets(table: readonly Point2[]): CurveFit | undefined {
  const n = table.length;
  if (n < 5) return undefined;
  const [first, last] = [table[0]![0], table[n - 1]![0]];
  const scaled = (x: number) => (x - first) / (last - first);
  const spans = Math.max(1, Math.floor((n - 1) / 3));
  // Never as many unknowns as rows: something must be left over.
  const inner = Math.min(spans - 1, n - 5);
  const knots = Array.from({ length: inner }, (_, k) =>
    scaled(table[Math.round(((k + 1) * (n - 1)) / (inner + 1))]![0]),
  );
  const row = (x: number) => [1, x, x * x, x ** 3, ...knots.map((knot) => Math.max(0, x - knot) ** 3)];
  const solved = leastSquares(
    table.map(([x]) => row(scaled(x))),
    table.map(([, y]) => y),
  );
  if (!solved) return undefined;
  const at = (station: number) => row(scaled(station)).reduce((sum, term, k) => sum + term * solved[k]!, 0);
  const residuals = table.map(([x, y]) => y - at(x));
  const worst = residuals.reduce(
    (most, mm, i) => (Math.abs(mm) > Math.abs(most.mm) ? { row: i, mm } : most),
    { row: 0, mm: residuals[0]! },
  );
  return { at, residuals, worst };
}

/** The x that makes A x nearest to b; undefined where the columns of A depend on each other. */
function leastSquares(rows: readonly (readonly number[])[], b: readonly number[]): number[] | undefined {
  const a = rows.map((row, i) => [...row, b[i]!]);
  const [m, n] = [a.length, rows[0]!.length];
  for (let k = 0; k < n; k += 1) {
    const size = Math.hypot(...a.slice(k).map((row) => row[k]!));
    if (!(size > 1e-12)) return undefined;
    const alpha = a[k]![k]! > 0 ? -size : size;
    const mirror = a.slice(k).map((row, i) => row[k]! - (i === 0 ? alpha : 0));
    const square = mirror.reduce((sum, x) => sum + x * x, 0);
    for (let j = k; j <= n; j += 1) {
      const along = (2 * mirror.reduce((sum, x, i) => sum + x * a[k + i]![j]!, 0)) / square;
      for (let i = k; i < m; i += 1) a[i]![j] = a[i]![j]! - along * mirror[i - k]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let k = n - 1; k >= 0; k -= 1) {
    const rest = x.reduce((sum, xj, j) => (j > k ? sum + a[k]![j]! * xj : sum), 0);
    x[k] = (a[k]![n]! - rest) / a[k]![k]!;
  }
  return x;
}
