import { linearRegression } from 'simple-statistics';
import fc from 'fast-check';
import { real } from '../testing/real';
import { lineThrough } from './line';

/**
 * The data set "Norris" of the NIST Statistical Reference Datasets (linear regression, lower difficulty): the
 * calibration of ozone monitors, y against x. Data and certified values from memory; a figure remembered wrong would
 * not give the certified ones.
 */
const NORRIS = [
  [0.2, 0.1], [337.4, 338.8], [118.2, 118.1], [884.6, 888.0], [10.1, 9.2], [226.5, 228.1], [666.3, 668.5],
  [996.3, 998.5], [448.6, 449.1], [777.0, 778.9], [558.2, 559.2], [0.4, 0.3], [0.6, 0.1], [775.5, 778.1],
  [666.9, 668.8], [338.0, 339.3], [447.5, 448.9], [11.6, 10.8], [556.0, 557.7], [228.1, 228.3], [995.8, 998.0],
  [887.6, 888.8], [120.2, 119.6], [0.3, 0.3], [0.3, 0.6], [556.8, 557.6], [339.1, 339.3], [887.2, 888.0],
  [999.0, 998.5], [779.0, 778.9], [11.1, 10.2], [118.3, 117.6], [229.2, 228.9], [669.1, 668.4], [448.9, 449.2],
  [0.5, 0.2],
] as const; // prettier-ignore

describe('a line of least squares', () => {
  it('gives the certified values of the NIST data set Norris', () => {
    const line = lineThrough(NORRIS)!;
    expect(line.offset).toBeCloseTo(-0.262323073774029, 9);
    expect(line.slope).toBeCloseTo(1.00211681802045, 12);
    expect(line.offsetSigma).toBeCloseTo(0.232818234301152, 10);
    expect(line.slopeSigma).toBeCloseTo(0.000429796848199937, 13);
    expect(line.sigma).toBeCloseTo(0.884796396144373, 10);
  });

  it('agrees with simple-statistics on any points', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(real(100, 6000), real(-5, 5)), { minLength: 3, maxLength: 12 }),
        (drawn) => {
          const points = drawn.map(([x, e], i) => [x + 7 * i, 1.001 * x + e] as [number, number]);
          const line = lineThrough(points);
          if (!line) return;
          const { m, b } = linearRegression(points);
          expect(line.slope).toBeCloseTo(m, 7);
          expect(line.offset).toBeCloseTo(b, 4);
        },
      ),
      { seed: 20261125 },
    );
  });

  it('there is none through one place', () => {
    expect(lineThrough([[5, 1]])).toBeUndefined();
    expect(
      lineThrough([
        [5, 1],
        [5, 2],
      ]),
    ).toBeUndefined();
  });
});
