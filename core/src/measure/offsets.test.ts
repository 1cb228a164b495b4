import { linearRegression } from 'simple-statistics';
import type { Point2 } from '../solid/prism';
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
