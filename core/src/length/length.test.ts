import * as v from 'valibot';
import fc from 'fast-check';
import Fraction from 'fraction.js';
import { real } from '../testing/real';
import { formatLength } from './formatLength';
import { LengthSchema } from './length';
import { parseLength } from './parseLength';
import { INCHES, MILLIMETRES, MM_PER_INCH, type UnitSystem, type Units } from './units';

const SIXTY_FOURTHS: Units = { system: 'in', step: 64 };

function mmOf(text: string, system: UnitSystem): number {
  const read = parseLength(text, system);
  if (!read.ok) throw new Error(`${text}: ${read.message}`);
  return read.mm;
}

describe('lengths as people write them', () => {
  it.each<[string, UnitSystem, number]>([
    ['597', 'mm', 597],
    ['59.7cm', 'mm', 597],
    ['0.597 m', 'mm', 597],
    ['21 5/8', 'in', 21.625 * 25.4],
    ['21-5/8"', 'mm', 21.625 * 25.4],
    ['21 - 5/8', 'in', 20.375 * 25.4],
    ['1\' 9 5/8"', 'mm', 21.625 * 25.4],
    ['1\'-9"', 'in', 21 * 25.4],
    ['5 ft 3 in', 'mm', 63 * 25.4],
    ['21⅝″', 'mm', 21.625 * 25.4],
    ['3/4"', 'mm', 19.05],
    ['600 - 2*18', 'mm', 564],
    ['600−18×2', 'mm', 564],
    ['(2440 - 3*3.2) / 4', 'mm', 607.6],
    ['600 - 1/2"', 'mm', 587.3],
    ['-12', 'mm', -12],
    // Halves of sums on the tape, derivable: half of 21 5/8, half of 4 3/4, a third of 10 1/2.
    ['21 5/8 / 2', 'in', 10.8125 * 25.4],
    ['4 3/4 / 2', 'in', 2.375 * 25.4],
    ['10 1/2 / 3', 'in', 3.5 * 25.4],
    // A hyphen joins inches to feet, however it is spaced; of a foot and more it takes off.
    ["5'-6", 'in', 66 * 25.4],
    ['5\' - 6"', 'in', 66 * 25.4],
    ['5\' - 6 1/2"', 'mm', 66.5 * 25.4],
    ["5' 6", 'mm', 66 * 25.4],
    ['5\' - 18"', 'in', 42 * 25.4],
    ['(5\') - 6"', 'in', 54 * 25.4],
    // What is no doubt meant, though it has three places: with its unit, and as a factor.
    ['1.200 m', 'mm', 1200],
    ['1.200 mm', 'mm', 1.2],
    ['600 * 1.005', 'mm', 603],
    ['1.200', 'in', 1.2 * 25.4],
    ['600 - 2x18', 'mm', 564],
  ])('%s typed in %s is %d mm', (text, system, mm) => {
    expect(mmOf(text, system)).toBeCloseTo(mm, 9);
  });

  it.each<[string, UnitSystem, RegExp, number]>([
    ['', 'mm', /Nothing is typed/, 0],
    ['60o', 'mm', /“o” at character 3/, 2],
    ['600 -', 'mm', /missing at the end/, 5],
    ['(600 - 18', 'mm', /never closed/, 0],
    ['600 / 0', 'mm', /divide by 0/, 4],
    ['21 5/0', 'in', /0 below the line/, 3],
    ['59,7', 'mm', /with a point/, 2],
    ['600 18', 'mm', /Did not expect “18”/, 4],
    ['10mm * 10mm', 'mm', /an area/, 5],
    ['600mm / 300mm', 'mm', /a number, not a length/, 0],
    ['12.5.1', 'mm', /two points/, 0],
    ['1.200', 'mm', /1\.200 m, 1200 or 1\.200 mm/, 0],
    ['3.600 - 2*18', 'mm', /“3\.600” would be 3\.6 mm/, 0],
    ['2x4', 'in', /a size of several lengths/, 0],
    ['1/2 3/4', 'in', /side by side/, 4],
    ['600 600/2', 'mm', /less than 1/, 4],
    ['--5', 'mm', /Two signs/, 1],
    ['600--5', 'mm', /Two signs/, 4],
    ["5' - 6", 'in', /two ways: write 5' 6" .* or \(5'\) - 6"/, 2],
    ['8 ft - 2 in', 'in', /two ways/, 4],
    ['5\'-18"', 'in', /less than 12/, 2],
    ['21 5/8 -', 'in', /missing at the end/, 8],
  ])('%s typed in %s is refused with its place', (text, system, message, at) => {
    const read = parseLength(text, system);
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.message).toMatch(message);
    expect(read.at).toBe(at);
  });

  it('shows every 1/64 in up to 20 m as itself, without a hair mark', () => {
    for (let n = 0; n <= 50_393; n += 1) {
      const shown = formatLength((n / 64) * MM_PER_INCH, SIXTY_FOURTHS);
      const [whole, fraction] = shown.includes('/') && !shown.includes(' ') ? ['0', shown] : shown.split(' ');
      const value = new Fraction(whole!).add(fraction ?? 0);
      if (!value.equals(new Fraction(n, 64))) throw new Error(`${n}/64 in is shown as ${shown}`);
    }
  });

  it('adds and halves sixty-fourths as exact fractions do (fraction.js)', () => {
    const part = fc.record({ whole: fc.integer({ min: 0, max: 96 }), top: fc.integer({ min: 1, max: 63 }) });
    fc.assert(
      fc.property(part, part, fc.constantFrom('+', '-'), fc.constantFrom(1, 2, 4), (a, b, op, by) => {
        const text = `(${a.whole} ${a.top}/64 ${op} ${b.whole} ${b.top}/64) / ${by}`;
        const left = new Fraction(a.whole).add(new Fraction(a.top, 64));
        const right = new Fraction(b.whole).add(new Fraction(b.top, 64));
        const exact = (op === '+' ? left.add(right) : left.sub(right)).div(by);
        expect(mmOf(text, 'in')).toBeCloseTo(exact.valueOf() * 25.4, 9);
      }),
      { seed: 20261125, numRuns: 500 },
    );
  });

  it('says a hair over or under, and rounds once', () => {
    expect(formatLength(21.625 * 25.4, INCHES)).toBe('21 5/8');
    expect(formatLength(550, INCHES)).toBe('21 5/8+');
    expect(formatLength(549, INCHES)).toBe('21 5/8-');
    expect(formatLength(571.6, MILLIMETRES)).toBe('571.6');
    expect(formatLength(571.6, { system: 'mm', step: 0.5 })).toBe('571.5');
    // 0.0625 + 0.0312 in: rounding to 1/32 first and then to 1/16 would give 1/8.
    expect(formatLength(0.0932 * 25.4, INCHES)).toBe('1/16+');
    expect(formatLength(-12.7, INCHES, true)).toBe('-1/2 in');
  });

  it('reads back 20,000 lengths as they are shown, of every system and step, within half a step', () => {
    const shownIn: Units[] = [
      ...([0.1, 0.5, 1] as const).map((step) => ({ system: 'mm', step }) as const),
      ...([16, 32, 64] as const).flatMap((step) =>
        [false, true].map((feet) => ({ system: 'in', step, feet }) as const),
      ),
    ];
    fc.assert(
      fc.property(real(-20_000, 20_000), fc.constantFrom(...shownIn), fc.boolean(), (mm, units, unit) => {
        const text = formatLength(mm, units, unit);
        const half = (units.system === 'in' ? MM_PER_INCH / units.step : units.step) / 2;
        expect(Math.abs(mmOf(text, units.system) - mm)).toBeLessThanOrEqual(half + 1e-9);
      }),
      { seed: 20261127, numRuns: 20_000 },
    );
  });

  it('shows feet and inches, each with its mark, and the hair between fraction and mark', () => {
    const feet: Units = { system: 'in', step: 16, feet: true };
    const shown = (inches: number) => formatLength(inches * 25.4, feet, true);
    expect([66.5, 72, 12.375, 5.625, 0, -66, 71.999].map(shown)).toEqual([
      '5\' 6 1/2"',
      '6\' 0"',
      '1\' 0 3/8"',
      '5 5/8"',
      '0"',
      '-5\' 6"',
      '6\' 0-"',
    ]);
  });

  it('a plan whose text was once read otherwise keeps its length and lets go of the text', () => {
    const kept = (typed: string, mm: number) => v.safeParse(LengthSchema, { mm, typed, unit: 'in' });
    expect(kept('5\' - 6"', 54 * 25.4).output).toEqual({ mm: 54 * 25.4 });
    expect(kept('600 600/2', (900 * 25.4) / 40).output).toEqual({ mm: (900 * 25.4) / 40 });
    expect(kept('5 1/2', 5.5 * 25.4).output).toMatchObject({ typed: '5 1/2' });
    expect(kept('5 1/2', 100).success).toBe(false);
  });

  it('never crashes and always answers, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.stringMatching(/^[0-9 ./*+()'"in-]{0,30}$/)),
        fc.constantFrom('mm', 'in'),
        (text, system) => {
          const read = parseLength(text, system);
          if (read.ok) expect(Number.isFinite(read.mm)).toBe(true);
          else expect(read.message).toMatch(/\.$|\?$/);
        },
      ),
      { seed: 20261125, numRuns: 3000 },
    );
  });
});
