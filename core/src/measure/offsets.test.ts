import { linearRegression } from 'simple-statistics';
import type { Point2 } from '../solid/prism';
import fc from 'fast-check';
import { newPlan, newThing } from '../plan/fresh';
import { offsetWords, type OffsetThing } from '../things/offsetWords';
import { MILLIMETRES } from '../length/units';
import { real } from '../testing/real';
import { fitOffsets, offsetCurve } from './offsets';

const arc = (radius: number, station: number) =>
  Math.sqrt(radius * radius - (station - 900) ** 2) - radius + 300;
const stations = Array.from({ length: 13 }, (_, i) => 150 * i);

describe('a curve taken off as a table of offsets', () => {
  it('a spline goes through every row, and between them keeps to an arc of 2 m within a tenth of a millimetre inside its ends', () => {
    const curve = offsetCurve(
      stations.map((x): Point2 => [x, arc(2000, x)]),
      'spline',
    );
    for (const x of stations) expect(curve.at(x)).toBeCloseTo(arc(2000, x), 9);
    for (let x = 450; x <= 1350; x += 7) expect(Math.abs(curve.at(x) - arc(2000, x))).toBeLessThan(0.1);
  });

  it('no chord strays farther than asked', () => {
    const curve = offsetCurve(
      stations.map((x): Point2 => [x, arc(1000, x)]),
      'spline',
    );
    const points = curve.points(0.2);
    points.slice(1).forEach(([x1, y1], i) => {
      const [x0, y0] = points[i]!;
      for (let k = 1; k < 10; k += 1) {
        const x = x0 + ((x1 - x0) * k) / 10;
        expect(Math.abs(curve.at(x) - (y0 + ((y1 - y0) * k) / 10))).toBeLessThan(0.2);
      }
    });
  });

  it('the smooth curve is that of scipy 1.17.1 (PchipInterpolator)', () => {
    const rows: Point2[] = [[0, 60], [150, 140], [320, 150], [400, 150], [640, 90], [900, 90], [1000, 220], [1400, 260]]; // prettier-ignore
    const { at } = offsetCurve(rows, 'smooth');
    const scipy = [[40, 89.4469091], [100, 125.261940959], [200, 144.770960553], [350, 150], [500, 127.430555556], [620, 91.180555556], [700, 90], [950, 152.198275862], [1100, 238.857758621], [1390, 259.980883621]] as const; // prettier-ignore
    for (const [x, y] of scipy) expect(at(x)).toBeCloseTo(y, 7);
    // Data set RPN 14 of Fritsch and Carlson 1980 (from memory), on which a spline swings past its rows.
    const rpn: Point2[] = [[7.99, 0], [8.09, 2.76429e-5], [8.19, 4.37498e-2], [8.7, 0.169183], [9.2, 0.469428], [10, 0.94374], [12, 0.998636], [15, 0.999919], [20, 0.999994]]; // prettier-ignore
    const known = [[8.05, 9.956474181e-6], [8.5, 0.11663257694], [9.5, 0.68521794511], [11, 0.98604336254], [18, 0.99998268385]] as const; // prettier-ignore
    for (const [x, y] of known) expect(offsetCurve(rpn, 'smooth').at(x)).toBeCloseTo(y, 9);
    expect(offsetCurve(rpn, 'spline').at(11)).toBeGreaterThan(1);
  });

  it('the smooth curve never leaves the two rows it runs between, whatever the rows', () => {
    const step = fc.tuple(real(1, 400), real(0, 300));
    fc.assert(
      fc.property(fc.array(step, { minLength: 2, maxLength: 12 }), (steps) => {
        let x = 0;
        const rows = steps.map(([h, y]): Point2 => [(x += h), y]);
        const curve = offsetCurve(rows, 'smooth');
        rows.slice(1).forEach(([x1, y1], i) => {
          const [x0, y0] = rows[i]!;
          expect(curve.at(x0)).toBeCloseTo(y0, 9);
          for (let k = 1; k < 12; k += 1) {
            const y = curve.at(x0 + ((x1 - x0) * k) / 12);
            expect(y).toBeGreaterThan(Math.min(y0, y1) - 1e-9);
            expect(y).toBeLessThan(Math.max(y0, y1) + 1e-9);
          }
        });
        curve.strays().forEach(({ station, mm }, i) => {
          const [[x0, y0], [x1, y1]] = [rows[i]!, rows[i + 1]!];
          const off = (t: number) => curve.at(x0 + t * (x1 - x0)) - (y0 + t * (y1 - y0));
          expect(off((station - x0) / (x1 - x0))).toBeCloseTo(mm, 9);
          for (let k = 0; k <= 20; k += 1) expect(Math.abs(off(k / 20))).toBeLessThan(Math.abs(mm) + 1e-6);
        });
      }),
      { seed: 20261127, numRuns: 300 },
    );
  });

  it('a spline that swings past its rows is told, and what nobody measured', () => {
    const rows = [[0, 50], [500, 50], [520, 90], [560, 90], [580, 50], [1000, 50]] as const; // prettier-ignore
    const made = newThing(newPlan('A room'), 'curved side') as OffsetThing;
    expect(made.shape.curve).toBe('smooth');
    const table = rows.map(([station, depth]) => ({ station: { mm: station }, depth: { mm: depth } }));
    const told = (curve: 'smooth' | 'spline', width = 1000) =>
      offsetWords({ ...made, width: { mm: width }, shape: { ...made.shape, curve, table } }, MILLIMETRES);
    const strong = (words: ReturnType<typeof told>) =>
      words.filter((one) => one.strong).map(({ words: w }) => w);
    expect(
      Math.min(
        ...offsetCurve(rows, 'spline')
          .points(0.2)
          .map(([, y]) => y),
      ),
    ).toBeLessThan(-150);
    expect(strong(told('spline'))).toEqual([
      expect.stringMatching(
        /^Between stations 0 mm and 500 mm the spline lies 2\d\d(\.\d)? mm shallower than the straight line, past both rows/,
      ),
    ]);
    expect(strong(told('smooth'))).toEqual([]);
    const table2 = table.map(({ station, depth }) => ({ station: { mm: station.mm + 50 }, depth }));
    expect(
      strong(
        offsetWords(
          { ...made, width: { mm: 1600 }, shape: { ...made.shape, curve: 'smooth', table: table2 } },
          MILLIMETRES,
        ),
      ),
    ).toEqual([
      'Not measured before the first station (0 to 50 mm) and after the last one (1050 mm to 1600 mm): nothing is taken to stand there.',
    ]);
  });

  it('a slip of 6 mm in one row stands out as the largest residual', () => {
    const slipped = stations.map((x, i): Point2 => [x, arc(2000, x) + (i === 7 ? 6 : 0)]);
    const fit = fitOffsets(slipped)!;
    expect(fit.worst.row).toBe(7);
    expect(fit.worst.mm).toBeGreaterThan(3);
    expect(
      Math.max(...fitOffsets(stations.map((x): Point2 => [x, arc(2000, x)]))!.residuals.map(Math.abs)),
    ).toBeLessThan(0.3);
  });

  it('rows of a straight line are fitted as simple-statistics fits them', () => {
    const rows = [3, 5, 4, 9, 8].map((y, i): Point2 => [i, y]);
    // Five rows leave room for a cubic alone; its mean is that of the rows, as any fit with a constant term has.
    const fit = fitOffsets(rows)!;
    const sum = (values: readonly number[]) => values.reduce((all, one) => all + one, 0);
    expect(sum(fit.residuals)).toBeCloseTo(0, 9);
    const { m } = linearRegression(rows.map(([x, y]) => [x, y - fit.residuals[x]!]));
    expect(m).toBeCloseTo(linearRegression(rows.map(([x, y]) => [x, y])).m, 9);
  });
});
