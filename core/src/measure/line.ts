/** A straight line through points by least squares, y = offset + slope x, with what is not known of it. */
export interface Line {
  readonly offset: number;
  readonly slope: number;
  /** Standard deviation of a single y about the line; 0 where two points leave nothing over. */
  readonly sigma: number;
  readonly offsetSigma: number;
  readonly slopeSigma: number;
  readonly n: number;
  readonly meanX: number;
  /** Sum of squares of x about its mean. */
  readonly sxx: number;
}

/**
 * The line of least squares through at least two points whose x differ; undefined where they do not.
 *
 * @source any text on regression; the sums are taken about the means, so that long lengths lose no figures
 */
export function lineThrough(points: readonly (readonly [x: number, y: number])[]): Line | undefined {
  const n = points.length;
  if (n < 2) return undefined;
  const meanX = points.reduce((sum, [x]) => sum + x, 0) / n;
  const meanY = points.reduce((sum, [, y]) => sum + y, 0) / n;
  const sxx = points.reduce((sum, [x]) => sum + (x - meanX) ** 2, 0);
  if (!(sxx > 0)) return undefined;
  const slope = points.reduce((sum, [x, y]) => sum + (x - meanX) * (y - meanY), 0) / sxx;
  const offset = meanY - slope * meanX;
  const left = points.reduce((sum, [x, y]) => sum + (y - offset - slope * x) ** 2, 0);
  const sigma = n > 2 ? Math.sqrt(left / (n - 2)) : 0;
  return {
    offset,
    slope,
    sigma,
    offsetSigma: sigma * Math.sqrt(1 / n + meanX ** 2 / sxx),
    slopeSigma: sigma / Math.sqrt(sxx),
    n,
    meanX,
    sxx,
  };
}
