import { governing, type Governing, type GoverningRule, type Measured } from '../measure/governing';
import { compareInstruments, corrected, type ComparedLength, type Comparison } from '../measure/instruments';
import { isCheck, type Instrument, type Reading, type ReadingLog } from './schema';

/** One reading with what its instrument is known to read too much taken off. */
export interface Corrected extends Measured {
  readonly reading: Reading;
  /** By how much it was corrected, mm; 0 where nothing is known against its instrument. */
  readonly by: number;
}

/** What the readings of one dimension come to. */
export interface Summary {
  readonly of: string;
  readonly readings: readonly Corrected[];
  readonly governs: Governing;
  /** Two of its readings are so far apart that one of them must be a slip, mm. */
  readonly slip: boolean;
}

export interface LogSummary {
  readonly comparison: Comparison;
  readonly byDimension: ReadonlyMap<string, Summary>;
}

/** Standard uncertainty of one reading by a kind of instrument nobody held against another, mm. CP, no single source. */
const SIGMA: Record<Instrument['kind'], number> = {
  tape: 1,
  rule: 0.5,
  'distance meter': 1.5,
  'angle gauge': 1,
  scale: 1,
};
/** Of a reading whose instrument is not told. */
const UNTOLD = 2;
/** Readings of one dimension farther apart than this, mm and as a share, are looked at again: a digit misread. CP. */
const SLIP = { mm: 20, share: 0.03 };

/**
 * What a log of readings comes to: instruments held against each other by the lengths that several of them read, every
 * reading corrected by that, and of each dimension the value that governs.
 *
 * @param ruleOf  the rule a dimension is read by
 */
export function summarise(log: ReadingLog, ruleOf: (of: string) => GoverningRule): LogSummary {
  const counted = log.readings.filter(({ withdrawn }) => !withdrawn);
  const trusted = log.instruments.find((instrument) => instrument.trusted);
  const comparison = compareInstruments(comparedLengths(counted), trusted?.id);
  const fits = new Map(comparison.fits.map((fit) => [fit.id, fit]));
  const kinds = new Map(log.instruments.map(({ id, kind }) => [id, kind]));
  const correctedOf = (reading: Reading): Corrected => {
    const fit = reading.instrument === null ? undefined : fits.get(reading.instrument);
    if (fit && reading.instrument !== trusted?.id) {
      const { mm, sigma } = corrected(fit, reading.mm);
      // What is within chance is not taken off; how well it is known then counts all the same.
      return fit.biased
        ? { reading, mm, sigma, by: mm - reading.mm }
        : { reading, mm: reading.mm, sigma: Math.max(sigma, Math.abs(fit.off) / 2), by: 0 };
    }
    const kind = reading.instrument === null ? undefined : kinds.get(reading.instrument);
    return { reading, mm: reading.mm, sigma: kind ? SIGMA[kind] : UNTOLD, by: 0 };
  };
  const byDimension = new Map<string, Summary>();
  const grouped = new Map<string, Corrected[]>();
  for (const reading of counted) {
    const list = grouped.get(reading.of);
    if (list) list.push(correctedOf(reading));
    else grouped.set(reading.of, [correctedOf(reading)]);
  }
  for (const [of, readings] of grouped) {
    const governs = governing(readings, ruleOf(of))!;
    const slip = governs.spread > Math.max(SLIP.mm, SLIP.share * governs.mm);
    byDimension.set(of, { of, readings, governs, slip });
  }
  return { comparison, byDimension };
}

/** The lengths of the instrument check: of each, the mean of what an instrument read. */
function comparedLengths(readings: readonly Reading[]): ComparedLength[] {
  const lengths = new Map<string, Map<string, number[]>>();
  for (const reading of readings) {
    if (!isCheck(reading) || reading.instrument === null) continue;
    const length = lengths.get(reading.of) ?? new Map<string, number[]>();
    lengths.set(reading.of, length);
    length.set(reading.instrument, [...(length.get(reading.instrument) ?? []), reading.mm]);
  }
  return [...lengths.values()].map((length) =>
    Object.fromEntries(
      [...length].map(([id, values]) => [id, values.reduce((sum, mm) => sum + mm, 0) / values.length]),
    ),
  );
}
