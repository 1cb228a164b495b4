import fc from 'fast-check';
import type { Point2 } from '../solid/prism';
import { real } from '../testing/real';
import {
  cornerAngles,
  leanFromDiagonals,
  QUAD_NAMES,
  quadrilateral,
  type QuadName,
  type Six,
} from './quadrilateral';
import type { Measured } from './governing';

const away = (p: Point2, q: Point2) => Math.hypot(p[0] - q[0], p[1] - q[1]);
const six = ([a, b, c, d]: readonly Point2[], sigma = 1): Six<Measured> => {
  const mm = {
    AB: away(a!, b!),
    BC: away(b!, c!),
    CD: away(c!, d!),
    DA: away(d!, a!),
    AC: away(a!, c!),
    BD: away(b!, d!),
  };
  return Object.fromEntries(
    QUAD_NAMES.map((name) => [name, { mm: mm[name], sigma }]),
  ) as unknown as Six<Measured>;
};
const wrong = (lengths: Six<Measured>, name: QuadName, mm: number): Six<Measured> => ({
  ...lengths,
  [name]: { ...lengths[name], mm },
});
/** Rooms and openings: near a rectangle, each corner off by up to 60 mm. */
const opening = fc
  .tuple(real(600, 5000), real(600, 5000), fc.array(real(-60, 60), { minLength: 5, maxLength: 5 }))
  .map(([w, h, [b, cx, cy, dx, dy]]): Point2[] => [
    [0, 0],
    [w + b!, 0],
    [w + cx!, h + cy!],
    [dx!, h + dy!],
  ]);

describe('an opening from four sides and two diagonals', () => {
  it('is rebuilt to a thousandth of a millimetre from lengths that are true', () => {
    fc.assert(
      fc.property(opening, (corners) => {
        const { corners: found, misfit, suspects } = quadrilateral(six(corners))!;
        found.forEach((corner, i) => expect(away(corner, corners[i]!)).toBeLessThan(1e-3));
        expect(misfit).toBeLessThan(1e-3);
        expect(suspects).toEqual([]);
      }),
      { seed: 20261125 },
    );
  });

  it('lengths read to a millimetre are adjusted to fit, none by more than it may be wrong', () => {
    fc.assert(
      fc.property(opening, fc.array(real(-0.5, 0.5), { minLength: 6, maxLength: 6 }), (corners, errors) => {
        const exact = six(corners);
        const read = QUAD_NAMES.reduce(
          (all, name, i) => wrong(all, name, exact[name].mm + errors[i]!),
          exact,
        );
        const { adjusted, suspects } = quadrilateral(read)!;
        expect(suspects).toEqual([]);
        for (const name of QUAD_NAMES) expect(Math.abs(adjusted[name] - read[name].mm)).toBeLessThan(1.3);
        // Adjusted, all six are true together: they rebuild without a misfit.
        const again = QUAD_NAMES.reduce((all, name) => wrong(all, name, adjusted[name]), exact);
        expect(quadrilateral(again)!.misfit).toBeLessThan(1e-5);
      }),
      { seed: 20261125 },
    );
  });

  it('two figures changed about in a diagonal are found, with what it ought to be', () => {
    // 2400 x 1800: a 3-4-5 triangle, its diagonals 3000; read as 3030 once.
    const rectangle: Point2[] = [[0, 0], [2400, 0], [2400, 1800], [0, 1800]]; // prettier-ignore
    const { misfit, suspects } = quadrilateral(wrong(six(rectangle), 'AC', 3030))!;
    expect(misfit).toBeGreaterThan(3);
    // Either diagonal would mend it alone, and no side would leave it as square.
    expect(suspects.slice(0, 2).map(({ name }) => name)).toContain('AC');
    expect(suspects.find(({ name }) => name === 'AC')!.ought).toBeCloseTo(3000, 6);
  });

  it('lengths that make no quadrilateral are told as such', () => {
    const rectangle: Point2[] = [[0, 0], [2400, 0], [2400, 1800], [0, 1800]]; // prettier-ignore
    expect(quadrilateral(wrong(six(rectangle), 'AC', 9000))).toBeUndefined();
  });

  it('a lean of 10 mm in 2000 is what its diagonals say, and its corners are out of square by it', () => {
    // By hand: 1200 wide, leaning 10: diagonals hypot(1210, h) and hypot(1190, h).
    const h = Math.sqrt(2000 ** 2 - 10 ** 2);
    const lean = leanFromDiagonals(1200, Math.hypot(1210, h), Math.hypot(1190, h));
    expect(lean).toBeCloseTo(10, 9);
    const [angle] = cornerAngles([[0, 0], [1200, 0], [1210, h], [10, h]]); // prettier-ignore
    expect(Math.cos(angle!)).toBeCloseTo(10 / 2000, 9);
  });
});
