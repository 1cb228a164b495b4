import type { GOVERNING_RULES } from './measured';

/** Which of several readings of one dimension governs: smallest where a thing goes in, largest where one covers. */
export type GoverningRule = (typeof GOVERNING_RULES)[number];

/** How far off a dimension may be that nobody measured, mm. Common practice, no single source: a room drawn from memory or a plan. */
export const DRAWN = 10;

/** One value of a dimension, with its standard uncertainty, mm. */
export interface Measured {
  readonly mm: number;
  readonly sigma: number;
}

/** What several readings come to. */
export interface Governing extends Measured {
  readonly rule: GoverningRule;
  /** Which reading governs; undefined for the mean. */
  readonly index: number | undefined;
  /** Largest less smallest, mm. */
  readonly spread: number;
}

/**
 * The value that governs, and how well it is known. One reading is known as well as its instrument; the mean of several
 * by their instruments or by their spread, whichever says less: a wall that is not straight does not become so by
 * reading it often. Undefined without readings.
 */
export function governing(readings: readonly Measured[], rule: GoverningRule): Governing | undefined {
  if (readings.length === 0) return undefined;
  const values = readings.map(({ mm }) => mm);
  const spread = Math.max(...values) - Math.min(...values);
  if (rule !== 'mean') {
    const wanted = rule === 'smallest' ? Math.min(...values) : Math.max(...values);
    const index = values.indexOf(wanted);
    return { mm: wanted, sigma: readings[index]!.sigma, rule, index, spread };
  }
  const n = values.length;
  const mean = values.reduce((sum, mm) => sum + mm, 0) / n;
  const within = Math.sqrt(readings.reduce((sum, { sigma }) => sum + sigma ** 2, 0)) / n;
  const deviation = Math.sqrt(values.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / Math.max(1, n - 1));
  return { mm: mean, sigma: Math.max(within, deviation / Math.sqrt(n)), rule, index: undefined, spread };
}
