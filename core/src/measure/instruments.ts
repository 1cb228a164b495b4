import type { Measured } from './governing';
import { lineThrough, type Line } from './line';

/** One length read with several instruments, mm by instrument. */
export type ComparedLength = Readonly<Record<string, number>>;

/** What a comparison found of one instrument: what it reads is `offset + slope` times the true length. */
export interface InstrumentFit {
  readonly id: string;
  readonly line: Line;
  /** By how much it reads more than the truth at each length compared, the most of them, mm; signed. */
  readonly off: number;
  /** That much is no chance. */
  readonly biased: boolean;
}

/** Two instruments that cannot both be right. */
export interface Disagreement {
  readonly ids: readonly [string, string];
  /** The first reads this much more, at the length where they differ most, mm. */
  readonly by: number;
}

export interface Comparison {
  readonly fits: readonly InstrumentFit[];
  readonly disagreements: readonly Disagreement[];
}

/** Less than this is within what a hand does with any tape, mm. CP, no single source. */
const HAND = 1;
/** Two lengths leave nothing over to judge by: an instrument is then taken to read to this, mm. */
const UNKNOWN_SIGMA = 0.5;
/** Student's t for 95 percent both sides, by degrees of freedom from 1; beyond, that of the normal curve. From memory, any table. */
const STUDENT = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228] as const;
const NORMAL = 1.96;

const student = (freedom: number): number => STUDENT[freedom - 1] ?? NORMAL;

/**
 * Offset and scale of each instrument from lengths that several of them read, by least squares. The truth is what the
 * reference reads; without one, the mean of all that read a length, so that each is told against the others.
 *
 * Lengths that an instrument, or the reference, did not read are left out of its line; an instrument with fewer than two
 * is left out.
 */
export function compareInstruments(lengths: readonly ComparedLength[], reference?: string): Comparison {
  const ids = [...new Set(lengths.flatMap((length) => Object.keys(length)))];
  const truth = (length: ComparedLength): number | undefined => {
    if (reference !== undefined) return length[reference];
    const read = Object.values(length);
    return read.length > 1 ? read.reduce((sum, mm) => sum + mm, 0) / read.length : undefined;
  };
  const fits = ids.flatMap((id): InstrumentFit[] => {
    const points = lengths.flatMap((length): [number, number][] => {
      const [x, y] = [truth(length), length[id]];
      return x === undefined || y === undefined ? [] : [[x, y]];
    });
    const line = lineThrough(points);
    if (!line) return [];
    const off = most(points.map(([x]) => line.offset + (line.slope - 1) * x));
    return [{ id, line, off, biased: id !== reference && beyondChance(line, points, off) }];
  });
  const disagreements = ids.flatMap((first, i) =>
    ids.slice(i + 1).flatMap((second): Disagreement[] => {
      const points = lengths.flatMap((length): [number, number][] => {
        const [a, b] = [length[first], length[second]];
        return a === undefined || b === undefined ? [] : [[b, a]];
      });
      const line = lineThrough(points);
      if (!line) return [];
      const by = most(points.map(([x]) => line.offset + (line.slope - 1) * x));
      return beyondChance(line, points, by) ? [{ ids: [first, second], by }] : [];
    }),
  );
  return { fits, disagreements };
}

/** The true length behind a reading, and how well it is known: of the line and of the reading itself. */
export function corrected({ line }: InstrumentFit, reading: number): Measured {
  const mm = (reading - line.offset) / line.slope;
  const single = line.n > 2 ? (line.sigma * student(line.n - 2)) / NORMAL : UNKNOWN_SIGMA;
  return { mm, sigma: (single * Math.sqrt(1 + 1 / line.n + (mm - line.meanX) ** 2 / line.sxx)) / line.slope };
}

const most = (values: readonly number[]): number =>
  values.reduce((worst, value) => (Math.abs(value) > Math.abs(worst) ? value : worst), 0);

/** Whether a difference is more than a hand and the scatter of the readings explain, at the place where it is largest. */
function beyondChance(line: Line, points: readonly (readonly [number, number])[], off: number): boolean {
  const sigma = line.n > 2 ? line.sigma : UNKNOWN_SIGMA;
  const factor = line.n > 2 ? student(line.n - 2) : NORMAL;
  const far = Math.max(...points.map(([x]) => (x - line.meanX) ** 2));
  return Math.abs(off) > Math.max(HAND, factor * sigma * Math.sqrt(1 / line.n + far / line.sxx));
}
