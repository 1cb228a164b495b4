import type { Point2 } from '../solid/prism';
import { adjustCorners, type Tie } from './network';
import { quadrilateral, QUAD_NAMES, type Six } from './quadrilateral';

const L: Point2[] = [
  [0, 0],
  [3612, 4],
  [3606, 1497],
  [2003, 1502],
  [1998, 2407],
  [-5, 2398],
];
/** What the outline was drawn as before it was read: square, and up to 12 mm off. */
const DRAWN: Point2[] = [
  [0, 0],
  [3600, 0],
  [3600, 1500],
  [2000, 1500],
  [2000, 2400],
  [0, 2400],
];
const pairs = (n: number) =>
  [...Array(n).keys()].flatMap((i) => [...Array(n).keys()].slice(i + 1).map((j): [number, number] => [i, j]));
const gap = (a: Point2, b: Point2) => Math.hypot(a[0] - b[0], a[1] - b[1]);
const tie = (ends: [number, number], off = 0): Tie => ({
  ends,
  read: { mm: gap(L[ends[0]]!, L[ends[1]]!) + off, sigma: 1 },
});

describe('corners from the lengths between them', () => {
  it('an L of six corners comes out of its walls and a few diagonals to a hundredth of a millimetre', () => {
    const made = adjustCorners(
      DRAWN,
      pairs(6).map((ends) => tie(ends)),
    );
    if (!made.ok) throw new Error('it is fixed');
    expect(made.spare).toBe(15 - 9);
    pairs(6).forEach(([i, j]) =>
      expect(gap(made.corners[i]!, made.corners[j]!)).toBeCloseTo(gap(L[i]!, L[j]!), 2),
    );
    expect(made.suspects).toEqual([]);
  });

  it('says how many lengths are wanting where the walls alone can still lean', () => {
    const walls = [...Array(6).keys()].map((i) => tie([i, (i + 1) % 6]));
    expect(adjustCorners(DRAWN, walls)).toEqual({ ok: false, more: 3 });
    // As many as are needed, but all between five corners: the sixth hangs on two others alone.
    const five = pairs(5).map((ends) => tie(ends));
    expect(adjustCorners(DRAWN, five).ok).toBe(false);
  });

  it('a length misread by 20 mm among good ones is found, and what it ought to be', () => {
    const noise = [0.4, -0.6, 0.2, 0.7, -0.3, -0.5, 0.6, 0.1, -0.2, 0.3, -0.7, 0.5, -0.1, 0.2, -0.4];
    const ties = pairs(6).map((ends, i) => tie(ends, noise[i]! + (i === 6 ? 20 : 0)));
    const made = adjustCorners(DRAWN, ties);
    if (!made.ok) throw new Error('it is fixed');
    expect(made.suspects[0]!.tie).toBe(6);
    expect(made.suspects[0]!.ought).toBeCloseTo(gap(L[ties[6]!.ends[0]]!, L[ties[6]!.ends[1]]!), 0);
  });

  it('of four corners agrees with the adjustment by conditions to a thousandth of a millimetre', () => {
    const read: Six<number> = { AB: 3043, BC: 2461, CD: 3039, DA: 2459, AC: 3911.5, BD: 3907 };
    const six = Object.fromEntries(QUAD_NAMES.map((name) => [name, { mm: read[name], sigma: 1 }])) as never;
    const by = quadrilateral(six)!;
    const ends: Record<string, [number, number]> = {
      AB: [0, 1],
      BC: [1, 2],
      CD: [2, 3],
      DA: [3, 0],
      AC: [0, 2],
      BD: [1, 3],
    };
    const made = adjustCorners(
      [
        [0, 0],
        [3040, 0],
        [3040, 2460],
        [0, 2460],
      ],
      QUAD_NAMES.map((name) => ({ ends: ends[name]!, read: { mm: read[name], sigma: 1 } })),
    );
    if (!made.ok) throw new Error('it is fixed');
    made.corners.forEach((corner, i) => expect(gap(corner, by.corners[i]!)).toBeLessThan(1e-3));
  });
});
