import fc from 'fast-check';
import { mean, sampleStandardDeviation } from 'simple-statistics';
import { real } from '../testing/real';
import { governing } from './governing';
import { compareInstruments, corrected, type ComparedLength } from './instruments';

const LENGTHS = [300, 600, 900, 1500, 2000, 2400];

describe('the instrument check', () => {
  it('finds offset and scale again, and puts readings right by them', () => {
    fc.assert(
      fc.property(real(-5, 5), real(0.995, 1.005), (offset, slope) => {
        const read = LENGTHS.map((mm): ComparedLength => ({ meter: mm, tape: offset + slope * mm }));
        const { fits } = compareInstruments(read, 'meter');
        const tape = fits.find(({ id }) => id === 'tape')!;
        expect(tape.line.offset).toBeCloseTo(offset, 6);
        expect(tape.line.slope).toBeCloseTo(slope, 9);
        expect(corrected(tape, offset + slope * 1234).mm).toBeCloseTo(1234, 6);
      }),
      { seed: 20261125 },
    );
  });

  it('two tapes that differ by 4 mm over 2 m are caught, with or without a reference; two that agree are not', () => {
    // One tape is stretched by 2 mm in the metre; each is read to half a millimetre.
    const noise = [0.3, -0.4, 0.1, -0.2, 0.4, -0.1];
    const stretched = LENGTHS.map((mm, i): ComparedLength => ({
      old: mm * 1.002 + noise[i]!,
      new: mm - noise[5 - i]!,
    }));
    const { disagreements } = compareInstruments(stretched);
    expect(disagreements).toHaveLength(1);
    expect(disagreements[0]!.by).toBeGreaterThan(3.5);
    const old = compareInstruments(stretched, 'new').fits.find(({ id }) => id === 'old')!;
    expect(old.biased).toBe(true);
    // A 2000 read on the old tape is 4 short of it on the new one.
    expect(corrected(old, 2004).mm).toBeGreaterThan(1999);
    expect(corrected(old, 2004).mm).toBeLessThan(2001);
    const alike = LENGTHS.map((mm, i): ComparedLength => ({ a: mm + noise[i]!, b: mm - noise[5 - i]! }));
    expect(compareInstruments(alike)).toMatchObject({
      disagreements: [],
      fits: [{ biased: false }, { biased: false }],
    });
  });

  it('a corrected reading lies within its own two sigma about as often as it says', () => {
    let inside = 0;
    let all = 0;
    fc.assert(
      fc.property(
        fc.array(fc.tuple(real(-1, 1), real(-1, 1), real(-1, 1)), { minLength: 7, maxLength: 7 }),
        (drawn) => {
          // Sums of three even errors: nearly a bell, standard deviation 1.
          const errors = drawn.map((three) => three.reduce((sum, e) => sum + e, 0));
          const read = LENGTHS.map((mm, i): ComparedLength => ({ meter: mm, tape: 2 + mm + errors[i]! }));
          const tape = compareInstruments(read, 'meter').fits.find(({ id }) => id === 'tape')!;
          const { mm, sigma } = corrected(tape, 2 + 1800 + errors[6]!);
          all += 1;
          if (Math.abs(mm - 1800) <= 1.96 * sigma) inside += 1;
        },
      ),
      { seed: 20261125, numRuns: 2000 },
    );
    expect(inside / all).toBeGreaterThan(0.93);
    expect(inside / all).toBeLessThan(0.97);
  });
});

describe('several readings of one dimension', () => {
  const read = [600.5, 598, 601].map((mm) => ({ mm, sigma: 0.5 }));

  it('the smallest governs where a thing goes in, the largest where one covers', () => {
    expect(governing(read, 'smallest')).toMatchObject({ mm: 598, index: 1, spread: 3 });
    expect(governing(read, 'largest')).toMatchObject({ mm: 601, index: 2 });
    expect(governing([], 'smallest')).toBeUndefined();
  });

  it('the mean comes with its spread, as simple-statistics has it', () => {
    const values = read.map(({ mm }) => mm);
    const { mm, sigma } = governing(read, 'mean')!;
    expect(mm).toBeCloseTo(mean(values), 12);
    expect(sigma).toBeCloseTo(sampleStandardDeviation(values) / Math.sqrt(3), 12);
  });
});
