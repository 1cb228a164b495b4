import { governing, type Governing, type GoverningRule, type Measured } from '../measure/governing';
import {
  compareInstruments,
  corrected,
  uncorrectedSigma,
  type ComparedLength,
  type Comparison,
} from '../measure/instruments';
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

/** Standard uncertainty of one reading by a kind of instrument nobody held against another, mm. Common practice, no single source. */
const SIGMA: Record<Instrument['kind'], number> = {
  tape: 1,
  rule: 0.5,
  'distance meter': 1.5,
  'angle gauge': 1,
  scale: 1,
};
/** Of a reading whose instrument is not told. */
const UNTOLD = 2;
/** Readings of one dimension farther apart than this, mm and as a share, are looked at again: a digit misread. Common practice. */
const SLIP = { mm: 20, share: 0.03 };
/** Two readings at one place farther apart than this, mm and in standard deviations of their difference, are so as well. Common practice. */
const SAME_PLACE = { mm: 8, sigmas: 4 };

/**
 * What a log of readings comes to: instruments held against each other by the lengths that several of them read, every
 * reading corrected by that, and of each dimension the value that governs.
 *
 * @param ruleOf  the rule a dimension is read by
 */
export function summarise(log: ReadingLog, ruleOf: (of: string) => GoverningRule): LogSummary {
  const counted = log.readings.filter(({ withdrawn }) => !withdrawn);
  const trusted = log.instruments.find((instrument) => instrument.trusted);
  const kinds = new Map(log.instruments.map(({ id, kind }) => [id, kind]));
  const sigmaOf = (id: string | null) => {
    const kind = id === null ? undefined : kinds.get(id);
    return kind ? SIGMA[kind] : UNTOLD;
  };
  const comparison = compareInstruments(comparedLengths(counted), { reference: trusted?.id, sigmaOf });
  const fits = new Map(comparison.fits.map((fit) => [fit.id, fit]));
  // Where nobody is trusted either of two that differ may be right: neither is moved, and both are doubted.
  const apart = trusted ? [] : comparison.disagreements;
  const correctedOf = (reading: Reading): Corrected => {
    const { instrument, mm: read } = reading;
    const kind = sigmaOf(instrument);
    const fit = instrument === null ? undefined : fits.get(instrument);
    if (fit?.standing === 'off') {
      const { mm, sigma } = corrected(fit, read);
      return { reading, mm, sigma, by: mm - read };
    }
    const against = apart.filter(({ id, against: other }) => id === instrument || other === instrument);
    const sigma = Math.max(
      fit ? uncorrectedSigma(fit, kind, read) : kind,
      ...against.map((pair) => uncorrectedSigma({ ...pair, standing: 'doubted' }, kind, read)),
    );
    return { reading, mm: read, sigma, by: 0 };
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
    const slip = governs.spread > Math.max(SLIP.mm, SLIP.share * governs.mm) || slipInPlace(readings);
    byDimension.set(of, { of, readings, governs, slip });
  }
  return { comparison, byDimension };
}

/** Whether the least and the most read at one place differ by more than a hand and their instruments explain: no wall is between them. */
function slipInPlace(readings: readonly Corrected[]): boolean {
  const ends = new Map<Reading['place'], { least: Corrected; most: Corrected }>();
  for (const one of readings) {
    const { least, most } = ends.get(one.reading.place) ?? { least: one, most: one };
    ends.set(one.reading.place, {
      least: one.mm < least.mm ? one : least,
      most: one.mm > most.mm ? one : most,
    });
  }
  return [...ends.values()].some(
    ({ least, most }) =>
      most.mm - least.mm > Math.max(SAME_PLACE.mm, SAME_PLACE.sigmas * Math.hypot(least.sigma, most.sigma)),
  );
}

/** The lengths of the instrument check, in their order: of each, the mean of what an instrument read. */
export function comparedLengths(readings: readonly Reading[]): ComparedLength[] {
  const lengths = new Map<string, Map<string, number[]>>();
  for (const reading of readings) {
    if (!isCheck(reading) || reading.instrument === null) continue;
    const length = lengths.get(reading.of) ?? new Map<string, number[]>();
    lengths.set(reading.of, length);
    length.set(reading.instrument, [...(length.get(reading.instrument) ?? []), reading.mm]);
  }
  return [...lengths].map(([of, length]) => ({
    of,
    read: Object.fromEntries(
      [...length].map(([id, values]) => [id, values.reduce((sum, mm) => sum + mm, 0) / values.length]),
    ),
  }));
}
