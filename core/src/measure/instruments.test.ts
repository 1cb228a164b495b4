import fc from 'fast-check';
import { mean, sampleStandardDeviation } from 'simple-statistics';
import { studyTapes } from '../testing/readings/studyTapes';
import { real } from '../testing/real';
import { governing } from './governing';
import { compareInstruments, corrected, uncorrectedSigma, type ComparedLength } from './instruments';

const LENGTHS = [300, 600, 900, 1500, 2000, 2400];
/** Lengths as read: by the tape what the meter reads and so much more. */
const compared = (pairs: readonly (readonly [mm: number, more: number])[]): ComparedLength[] =>
  pairs.map(([mm, more], i) => ({ of: `check/${i + 1}`, read: { meter: mm, tape: mm + more } }));
const SIGMA = { meter: 0, tape: 1 } as const;
const sigmaOf = (id: string) => SIGMA[id as 'tape'];
const tapeOf = (lengths: readonly ComparedLength[], meter = 0) =>
  compareInstruments(lengths, {
    reference: 'meter',
    sigmaOf: (id) => (id === 'meter' ? meter : sigmaOf(id)),
  }).fits.find(({ id }) => id === 'tape')!;

describe('the instrument check', () => {
  it('finds offset and scale again, and puts readings right by them', () => {
    fc.assert(
      fc.property(real(-5, 5), real(-0.0029, 0.0029), (offset, scale) => {
        const tape = tapeOf(compared(LENGTHS.map((mm) => [mm, offset + scale * mm])));
        // What is too little to be told from chance is level; then its mean is taken off.
        const level = tape.scale === 0;
        expect(tape.scale).toBeCloseTo(level ? 0 : scale, 9);
        if (!level) expect(corrected(tape, offset + (1 + scale) * 1234).mm).toBeCloseTo(1234, 6);
        if (tape.standing === 'off') {
          const { mm, sigma } = corrected(tape, offset + (1 + scale) * 1234);
          expect(Math.abs(mm - 1234)).toBeLessThan(2 * sigma);
        }
      }),
      { seed: 20261125 },
    );
  });

  it('two tapes that differ by 4 mm over 2 m are caught, with or without a reference; two that agree are not', () => {
    // One tape is stretched by 2 mm in the metre; each is read to half a millimetre.
    const noise = [0.3, -0.4, 0.1, -0.2, 0.4, -0.1];
    const stretched = LENGTHS.map((mm, i): ComparedLength => ({
      of: `check/${i + 1}`,
      read: { old: mm * 1.002 + noise[i]!, new: mm - noise[5 - i]! },
    }));
    const known = { sigmaOf: () => 0.5 };
    const { disagreements, fits } = compareInstruments(stretched, known);
    expect(fits).toEqual([]);
    expect(disagreements).toHaveLength(1);
    expect(disagreements[0]!.off).toBeGreaterThan(3.5);
    const old = compareInstruments(stretched, { ...known, reference: 'new' }).fits[0]!;
    expect(old.standing).toBe('off');
    // A 2000 read on the old tape is 4 short of it on the new one.
    expect(corrected(old, 2004).mm).toBeGreaterThan(1999);
    expect(corrected(old, 2004).mm).toBeLessThan(2001);
    const alike = LENGTHS.map((mm, i): ComparedLength => ({
      of: `check/${i + 1}`,
      read: { a: mm + noise[i]!, b: mm - noise[5 - i]! },
    }));
    expect(compareInstruments(alike, known).disagreements).toEqual([]);
    expect(compareInstruments(alike, { ...known, reference: 'a' }).fits).toMatchObject([
      { standing: 'agrees', slips: [] },
    ]);
  });

  it('an offset shows from the first length on, and is known the less the fewer show it', () => {
    const one = tapeOf(compared([[1200, 4]]));
    expect([one.standing, one.offset, one.scale]).toEqual(['off', 4, 0]);
    const many = tapeOf(compared(LENGTHS.map((mm) => [mm, 4])));
    expect(corrected(one, 1204).mm).toBe(1200);
    expect(corrected(one, 1204).sigma).toBeGreaterThan(2 * corrected(many, 1204).sigma);
    // Beyond the lengths compared its scale may be anything that tapes have.
    expect(corrected(one, 6000).sigma).toBeGreaterThan(corrected(one, 1204).sigma + 1);
  });

  it.each<[string, [number, number][], string, string | undefined]>([
    ['10 mm at a single length', [[1200, 10]], 'doubted', 'few'],
    [
      'a slip of 10 mm among two',
      [
        [600, 0],
        [2400, 10],
      ],
      'doubted',
      'scatter',
    ],
    [
      '600 and 605 read 3 mm apart',
      [
        [600, -1],
        [605, 1],
      ],
      'agrees',
      undefined,
    ],
    [
      'lengths that read the same on one',
      [
        [600, 0],
        [605, -5],
      ],
      'doubted',
      'few',
    ],
    ['6 mm in the metre', LENGTHS.map((mm) => [mm, 0.006 * mm]), 'doubted', 'scale'],
    [
      'two of three that contradict each other',
      [
        [600, 0],
        [1500, 12],
        [2400, -12],
      ],
      'doubted',
      'scatter',
    ],
    [
      'three that agree',
      [
        [600, 0],
        [1500, 0],
        [2400, 0],
      ],
      'agrees',
      undefined,
    ],
  ])('%s: %j is %s', (_, pairs, standing, why) => {
    const fit = tapeOf(compared(pairs), 0.5);
    expect([fit.standing, fit.why, fit.scale]).toEqual([standing, why, fit.why === 'scale' ? fit.scale : 0]);
    // It is left as it is, and its doubt covers what was seen.
    const most = Math.max(...pairs.map(([, more]) => Math.abs(more)));
    const sigma = uncorrectedSigma(fit, 1, 3600);
    expect(sigma).toBeGreaterThanOrEqual(standing === 'doubted' ? most : 1);
    expect(sigma).toBeLessThan(Math.hypot(1, most) + 1e-9);
  });

  it('a check that the others outvote is named and left out: 1.2 for 1200, 1930 for 1390', () => {
    const checks = [[600, 2.9], [1390, 540], [1200, -1198.8], [2000, 3.2], [2400, 2.8], [900, 3.1], [3000, 3]] as const; // prettier-ignore
    const fit = tapeOf(compared(checks), 0.5);
    expect(fit).toMatchObject({ standing: 'off', n: 5, scale: 0, slips: ['check/3', 'check/2'] });
    expect(fit.offset).toBeCloseTo(3, 1);
  });

  it('three lengths that agree to the millimetre do not make a tape perfect', () => {
    const fit = tapeOf(
      compared([
        [600, 3],
        [1500, 3],
        [2400, 3],
      ]),
      0.5,
    );
    expect(fit.standing).toBe('off');
    expect(corrected(fit, 1503).sigma).toBeGreaterThan(1);
    const hundred = tapeOf(compared(Array.from({ length: 100 }, (_, i) => [300 + 20 * i, 3])), 0.5);
    expect(corrected(hundred, 1503).sigma).toBeGreaterThanOrEqual(0.5);
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
          const tape = tapeOf(compared(LENGTHS.map((mm, i) => [mm, 4 + errors[i]!])));
          if (tape.standing !== 'off') return;
          const { mm, sigma } = corrected(tape, 4 + 1800 + errors[6]!);
          all += 1;
          if (Math.abs(mm - 1800) <= 1.96 * sigma) inside += 1;
        },
      ),
      { seed: 20261125, numRuns: 2000 },
    );
    expect(all).toBeGreaterThan(1900);
    expect(inside / all).toBeGreaterThan(0.93);
    expect(inside / all).toBeLessThan(0.985);
  });

  it('of 10,000 tapes no correction makes a reading worse than three of its sigma, and slips are told', () => {
    const tapes = studyTapes(10_000, 1);
    expect(tapes.worse).toBe(0);
    expect(tapes.far).toBe(0);
    expect(tapes.certain).toBe(0);
    expect(tapes.falseAlarms / tapes.good).toBeLessThan(0.012);
    expect(tapes.silent / tapes.slipped).toBeLessThan(0.01);
    expect(tapes.corrected / tapes.bad).toBeGreaterThan(0.95);
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
