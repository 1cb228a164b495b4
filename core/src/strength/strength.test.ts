import { MATERIAL_PRESETS } from '../material/presets';
import type { Material } from '../material/schema';
import { strengthOf } from '../material/strength';
import { diceOf } from '../testing/dice';
import { bentBy, leastThick, longestSpan, type Strip } from './beam';
import { hardly } from './round';
import { doesAt, judgeSpan } from './spans';
import { atMiddle, perMetre, PERSON, PERSON_STRIP, spreadOver } from './usualLoads';

const mm = (value: number) => ({ mm: value });
const material = (name: string): Material => ({
  ...MATERIAL_PRESETS.find((one) => one.name === name)!,
  id: 'one',
});
const strip = (span: number, wide: number, thick: number, stiffness: number, density = 0): Strip => ({
  span,
  wide,
  thick,
  stiffness,
  density,
});

describe('what bends and breaks', () => {
  // TRADE values, DER: a plywood deck on bearers, a strip of 300 carrying 120 kg in its middle, span/250, E 9 GPa.
  it.each([
    [12, 251.9],
    [15, 352.0],
    [18, 462.7],
  ])('a deck of %d mm plywood spans %d mm under a person', (thick, span) => {
    const bare = strip(5000, PERSON_STRIP, thick, 9000);
    expect(longestSpan(bare, atMiddle(PERSON), ({ sag }, at) => sag <= at / 250)).toBeCloseTo(span, 1);
  });

  // Floor joists under 40 lb/ft2 of live load, let bend by span/360: spruce-pine-fir No. 2, E 1.4e6 lb/in2. International
  // Residential Code, table R502.3.1(2), from memory: those of its spans that bending down governs; told to the whole inch.
  it.each([
    ['2x6, 12 in apart', 5.5, 12, 10 * 12 + 3],
    ['2x6, 16 in apart', 5.5, 16, 9 * 12 + 4],
    ['2x8, 12 in apart', 7.25, 12, 13 * 12 + 6],
    ['2x8, 16 in apart', 7.25, 16, 12 * 12 + 3],
  ])('a joist of %s spans what a published table says', (_name, deep, apart, inches) => {
    const INCH = 25.4;
    const [psf, psi] = [4.4482216 / (12 * INCH) ** 2, 4.4482216 / INCH ** 2];
    const joist = strip(6000, 1.5 * INCH, deep * INCH, 1.4e6 * psi);
    const load = { spread: 40 * psf * apart * INCH, middle: 0 };
    const spans = longestSpan(joist, load, ({ sag }, at) => sag <= at / 360) / INCH;
    expect(Math.abs(spans - inches)).toBeLessThan(1);
  });

  it('12 mm plywood 1421 long under 20 kg sags about 13 mm, as by 5 w L^4 / (384 E I)', () => {
    // TRADE; on a shelf 300 deep, its own weight left out: 12.5 mm, with it 14.
    const { sag } = bentBy(strip(1421, 560, 12, 9000), spreadOver(20, 1421));
    expect(sag).toBeCloseTo((5 * 20 * 9.80665 * 1421 ** 3) / (384 * 9000 * ((560 * 12 ** 3) / 12)), 9);
    expect(bentBy(strip(1421, 300, 12, 9000), spreadOver(20, 1421)).sag).toBeGreaterThan(13);
  });

  it('annealed glass 4 mm 1161 x 484 with 10 kg is at about 17 MPa and breaks in time', () => {
    // TRADE, from memory of glazing tables: 6 to 8 MPa for years.
    const glass = { ...material('Glass 4 mm'), nominal: mm(4) };
    const one = {
      material: glass,
      thick: 4,
      span: 1161,
      wide: 484,
      load: spreadOver(10, 1161),
      under: '10 kg',
    };
    const { stress, verdict } = judgeSpan(one);
    expect(stress).toBeCloseTo(17.2, 1);
    expect(verdict).toBe('hits');
    // Toughened it bears about 50, and then bends more than it may.
    expect(judgeSpan({ ...one, material: { ...glass, pane: 'toughened' } }).bears).toBe(50);
    expect(judgeSpan({ ...one, material: { ...glass, pane: 'laminated' } }).bears).toBe(4);
    const thick = doesAt(one)!;
    expect(judgeSpan({ ...one, thick: thick + 1e-6 }).verdict).not.toBe('hits');
    expect(judgeSpan({ ...one, thick: thick - 1e-3 }).verdict).toBe('hits');
  });

  it('stiffness and strength are what the trade reckons with', () => {
    // TRADE: E in GPa; lasting strength from memory of EN 338, EN 312, EN 622-5 and EN 636 by EN 1995-1-1.
    const of = (name: string) => {
      const { stiffness, bears, given } = strengthOf(material(name));
      return [stiffness, bears, given];
    };
    expect(of('Birch plywood 18 mm')).toEqual([9000, 15, true]);
    expect(of('MDF 18 mm')).toEqual([3000, 6, true]);
    expect(of('Chipboard 18 mm')).toEqual([2500, 3.5, true]);
    expect(of('Pine board 20 mm')).toEqual([9000, 9, true]);
    expect(of('Oak board 20 mm')).toEqual([12_000, 12, true]);
    expect(of('Toughened glass 6 mm')).toEqual([70_000, 50, true]);
    // What nobody names is the weakest of its kind.
    const { id, name, kind, nominal, measured, density } = material('Birch plywood 18 mm');
    const plain = strengthOf({ id, name, kind, nominal, measured, density });
    expect(plain).toEqual({ stiffness: 2500, bears: 3.5, given: false });
  });

  it('bends as a beam does that is put together of thin slices: by the curvature summed twice', () => {
    // Any strength text: the second integral of M / (E I), the ends held; worked out here by sums in place of the formula.
    const dice = diceOf(11);
    for (let n = 0; n < 40; n += 1) {
      const one = strip(
        dice.real(200, 3000),
        dice.real(20, 700),
        dice.real(3, 60),
        dice.real(1000, 70_000),
        dice.real(0, 2600),
      );
      const load = { spread: dice.real(0, 2), middle: dice.real(0, 2000) };
      const { span, wide, thick, stiffness, density } = one;
      const w = load.spread + (density * wide * thick * 9.80665) / 1e9;
      const inertia = (wide * thick ** 3) / 12;
      const slices = 4000;
      const dx = span / slices;
      const moment = (x: number) => (w * x * (span - x)) / 2 + (load.middle * Math.min(x, span - x)) / 2;
      // By symmetry it is level in the middle: from there to the end.
      let [slope, sag] = [0, 0];
      for (let i = 0; i < slices / 2; i += 1) {
        const x = span / 2 - (i + 0.5) * dx;
        const bend = moment(x) / (stiffness * inertia);
        sag += slope * dx + (bend * dx * dx) / 2;
        slope += bend * dx;
      }
      const bent = bentBy(one, load);
      expect(bent.sag / sag).toBeCloseTo(1, 4);
      expect(bent.stress).toBeCloseTo((moment(span / 2) * (thick / 2)) / inertia, 6);
    }
  });

  it('the thickness that would do does, and no less: slender, huge and with nothing on it', () => {
    const does = (one: Strip) => (bent: { sag: number }) => bent.sag <= one.span / 250;
    for (const span of [1, 50, 800, 20_000])
      for (const load of [perMetre(0), perMetre(30), atMiddle(120)]) {
        const one = strip(span, 300, 1, 9000, 680);
        const thick = leastThick(one, load, does(one));
        if (thick === undefined) continue;
        expect(does(one)(bentBy({ ...one, thick: thick + 1e-5 }, load))).toBe(true);
        if (thick > 1e-4) expect(does(one)(bentBy({ ...one, thick: thick * 0.99 }, load))).toBe(false);
      }
    // 20 m of it between two ends do for no board there is.
    const long = strip(60_000, 300, 1, 2500, 650);
    expect(leastThick(long, perMetre(30), does(long))).toBeUndefined();
  });

  it('a rod is told the support that does for its sag and for its stress, whichever is nearer', () => {
    // I = pi 25^4 / 64 = 19 175 mm4, E 10 GPa. At 2000 under 0.5 N/mm: 543 of sag against 8, 2000 / cbrt(67.9) = 490.3; strained to 163 of 10.
    const rod = { made: 'wood', across: 25, inner: 0, under: 'clothes' } as const;
    const slender = hardly({ ...rod, span: 2000, spread: 0.5 });
    expect(slender.verdict).toBe('hits');
    expect(slender.sentence).toMatch(/breaks in time.* at most ⟦most 490\.2\d*⟧ free/);
    // At 200 under 10 N/mm it is the stress: 32.6 of 10, 200 / sqrt(3.26) = 110.8; by its sag it would be 180.
    expect(hardly({ ...rod, span: 200, spread: 10 }).sentence).toMatch(
      /breaks in time.* at most ⟦most 110\.\d+⟧ free/,
    );
  });
});
