import fc from 'fast-check';
import type { Point2 } from '../solid/prism';
import { quadrilateral, QUAD_NAMES, type SixLengths } from '../testing/readings/conditions';
import { studyRooms } from '../testing/readings/studyRooms';
import { real } from '../testing/real';
import { figureSlips } from './figures';
import { leanFromDiagonals } from './lean';
import { adjustCorners, type Settled, type Tie } from './network';
import { cornerDoubts, nextLength, unseenShare } from './networkDoubts';
import { anglesOf, suspectsOf } from './suspects';

const SEED = { seed: 20261127 };
const L: Point2[] = [[0, 0], [3612, 4], [3606, 1497], [2003, 1502], [1998, 2407], [-5, 2398]]; // prettier-ignore
/** What the outline was drawn as before it was read: square, and up to 12 mm off. */
const DRAWN: Point2[] = [[0, 0], [3600, 0], [3600, 1500], [2000, 1500], [2000, 2400], [0, 2400]]; // prettier-ignore
const pairs = (n: number) =>
  [...Array(n).keys()].flatMap((i) => [...Array(n).keys()].slice(i + 1).map((j): [number, number] => [i, j]));
const gap = (a: Point2, b: Point2) => Math.hypot(a[0] - b[0], a[1] - b[1]);
const tieOf = (truth: readonly Point2[], ends: readonly [number, number], off = 0, sigma = 1): Tie => {
  const mm = gap(truth[ends[0]]!, truth[ends[1]]!) + off;
  return { ends, read: { mm, sigma }, figures: Math.round(mm) };
};
function settledOf(drawn: readonly Point2[], ties: readonly Tie[]): Settled {
  const made = adjustCorners(drawn, ties);
  if (made.kind !== 'settled') throw new Error(made.kind);
  return made;
}
const QUAD_ENDS: readonly [number, number][] = [[0, 1], [1, 2], [2, 3], [0, 3], [0, 2], [1, 3]]; // prettier-ignore
/** Rooms and openings: near a rectangle, each corner off by up to 60 mm. */
const opening = fc
  .tuple(real(600, 5000), real(600, 5000), fc.array(real(-60, 60), { minLength: 5, maxLength: 5 }))
  .map(([w, h, [b, cx, cy, dx, dy]]): Point2[] => [
    [0, 0],
    [w + b!, 0],
    [w + cx!, h + cy!],
    [dx!, h + dy!],
  ]);

describe('corners from the lengths between them', () => {
  it('an L of six corners comes out of its walls and diagonals to a hundredth of a millimetre', () => {
    const made = settledOf(
      DRAWN,
      pairs(6).map((ends) => tieOf(L, ends)),
    );
    expect(made.spare).toBe(15 - 9);
    pairs(6).forEach(([i, j]) =>
      expect(gap(made.corners[i]!, made.corners[j]!)).toBeCloseTo(gap(L[i]!, L[j]!), 2),
    );
    expect(made.misfit).toBeLessThan(1e-9);
  });

  it('says how many lengths are wanting where the walls alone can still lean', () => {
    const walls = [...Array(6).keys()].map((i) => tieOf(L, [i, (i + 1) % 6]));
    expect(adjustCorners(DRAWN, walls)).toEqual({ kind: 'wanting', more: 3 });
    // As many as are needed, but all between five corners: the sixth hangs on two others alone.
    const five = pairs(5).map((ends) => tieOf(L, ends));
    expect(adjustCorners(DRAWN, five).kind).toBe('wanting');
  });

  it('a room whose last corner turns inward is found, to a thousandth of a millimetre', () => {
    const dart: Point2[] = [[0, 0], [3000, 500], [2700, 2600], [1600, 1000]]; // prettier-ignore
    const drawn = dart.map(([x, y], i): Point2 => [x + [0, 12, -9, 15][i]!, y + [0, -8, 11, 6][i]!]);
    const { corners } = settledOf(
      drawn,
      pairs(4).map((ends) => tieOf(dart, ends)),
    );
    pairs(4).forEach(([i, j]) =>
      expect(gap(corners[i]!, corners[j]!)).toBeCloseTo(gap(dart[i]!, dart[j]!), 3),
    );
    expect(anglesOf(corners)[3]).toBeLessThan(0);
  });

  it('of four corners agrees with the adjustment by conditions, on lengths read to a millimetre', () => {
    fc.assert(
      fc.property(opening, fc.array(real(-1, 1), { minLength: 6, maxLength: 6 }), (truth, errors) => {
        const ties = QUAD_ENDS.map((ends, i) => tieOf(truth, ends, errors[i]));
        const six = Object.fromEntries(
          QUAD_NAMES.map((name, i) => [name, ties[i]!.read]),
        ) as unknown as SixLengths<Tie['read']>;
        const by = quadrilateral(six)!;
        const made = settledOf(truth, ties);
        made.corners.forEach((corner, i) => expect(gap(corner, by.corners[i]!)).toBeLessThan(2e-3));
        expect(made.misfit).toBeCloseTo(by.misfit ** 2, 4);
      }),
      SEED,
    );
  });

  it('lengths that settle to nothing are told as such, whatever they are, and never as a room of 7e9 mm', () => {
    fc.assert(
      fc.property(fc.array(real(1, 9000), { minLength: 15, maxLength: 15 }), (lengths) => {
        const ties = pairs(6).map((ends, i): Tie => ({ ends, read: { mm: lengths[i]!, sigma: 1 } }));
        const made = adjustCorners(DRAWN, ties);
        if (made.kind !== 'settled') return;
        for (const corner of made.corners) expect(Math.hypot(...corner)).toBeLessThan(30_000);
      }),
      { ...SEED, numRuns: 300 },
    );
    expect(() =>
      adjustCorners(
        DRAWN,
        pairs(6).map((ends) => tieOf(L, ends, 0, 0)),
      ),
    ).toThrow(/no doubt/);
  });
});

describe('a length that cannot be true with the others', () => {
  const noise = [0.4, -0.6, 0.2, 0.7, -0.3, -0.5, 0.6, 0.1, -0.2, 0.3, -0.7, 0.5, -0.1, 0.2, -0.4];
  const suspected = (truth: Point2[], drawn: Point2[], slip: number, off: number) => {
    const ties = pairs(truth.length).map((ends, i) => tieOf(truth, ends, noise[i]! + (i === slip ? off : 0)));
    return suspectsOf(drawn, ties, settledOf(drawn, ties));
  };

  it('misread by 20 mm among good ones is found, and what it ought to be', () => {
    const [first] = suspected(L, DRAWN, 6, 20);
    expect(first!.tie).toBe(6);
    const [i, j] = pairs(6)[6]!;
    expect(Math.abs(first!.ought - gap(L[i]!, L[j]!))).toBeLessThan(2);
    expect(suspected(L, DRAWN, 6, 0)).toEqual([]);
  });

  it('is, of six lengths of four corners that are all as wrong, the one that a slip of figures explains', () => {
    // 2439 x 1781: read 4781 for 2439 x 1781 makes nothing; its east wall 1871 for 1781 does.
    const truth: Point2[] = [[0, 0], [2439, 0], [2439, 1781], [0, 1781]]; // prettier-ignore
    const ties = pairs(4).map((ends) => tieOf(truth, ends));
    const east = ties.findIndex(({ ends: [i, j] }) => i === 1 && j === 2);
    const read = ties.with(east, { ...ties[east]!, read: { mm: 1871, sigma: 1 }, figures: 1871 });
    const [first] = suspectsOf(truth, read, settledOf(truth, read));
    expect(first).toMatchObject({ tie: east, ought: expect.closeTo(1781, 0) });
  });

  it.each([
    [3172, 3127, 'two figures changed about'],
    [1318, 1378, 'a 1 for a 7'],
    [2690, 2660, 'a 9 for a 6'],
    [2660, 2690, 'a 6 for a 9'],
    [2410, 2310, 'the hundred beside it'],
    [25.625 * 25.4, 52.625 * 25.4, 'inches changed about, their fraction kept'],
    [66.5 * 25.4, 54.5 * 25.4, 'a foot'],
  ])('%d may have been %d: %s', (read, meant) => {
    expect(figureSlips(read).some((mm) => Math.abs(mm - meant) < 1e-6)).toBe(true);
    expect(figureSlips(read).some((mm) => Math.abs(mm - read) < 0.01)).toBe(false);
  });

  it('of 1,000 rooms of five shapes is named first nine times in ten, and no true room is lost', () => {
    const rooms = studyRooms(1000, 50_001);
    expect(rooms.lost + rooms.beyond).toBe(0);
    expect(rooms.falseAlarms / rooms.good).toBeLessThan(0.03);
    expect(rooms.silent / rooms.slipped).toBeLessThan(0.05);
    expect(rooms.first / rooms.told).toBeGreaterThan(0.885);
    expect(rooms.second / rooms.told).toBeGreaterThan(0.93);
  });
});

describe('how well corners are known', () => {
  const of = (ends: readonly (readonly [number, number])[]) => ends.map((pair) => tieOf(DRAWN, pair));
  const walls = [...Array(5).keys()].map((i) => [i, i + 1] as const);

  it('three ill chosen diagonals leave a corner of an L open by centimetres, and one more length mends it', () => {
    const ties = of([...walls, [0, 5], [0, 3], [1, 5], [2, 4]]);
    const made = settledOf(DRAWN, ties);
    const worst = Math.max(...cornerDoubts(made));
    expect(worst).toBeGreaterThan(15);
    const next = nextLength(ties, made, 5)!;
    expect(next.worst).toBeLessThan(2);
    // What it promises is what comes once it is read.
    const more = [...ties, tieOf(DRAWN, next.ends)];
    const again = settledOf(DRAWN, more);
    expect(Math.max(...cornerDoubts(again))).toBeCloseTo(next.worst, 6);
    expect(unseenShare(more, again)).toBeCloseTo(next.unseen, 6);
  });

  it('is what comes of reading them often: the spread of corners over 2,000 rooms', () => {
    const made = settledOf(DRAWN, of(pairs(6)));
    const told = cornerDoubts(made)[3]!;
    let sum = 0;
    fc.assert(
      fc.property(fc.array(real(-1, 1), { minLength: 45, maxLength: 45 }), (errors) => {
        // Sums of three even errors: standard deviation 1.
        const ties = pairs(6).map((ends, i) =>
          tieOf(
            DRAWN,
            ends,
            errors.slice(3 * i, 3 * i + 3).reduce((a, b) => a + b),
          ),
        );
        const [x, y] = settledOf(DRAWN, ties).corners[3]!;
        sum += (x - DRAWN[3]![0]) ** 2 + (y - DRAWN[3]![1]) ** 2;
      }),
      { ...SEED, numRuns: 2000 },
    );
    // Along both axes together between once and the root of twice the longer one.
    expect(Math.sqrt(sum / 2000)).toBeGreaterThan(0.95 * told);
    expect(Math.sqrt(sum / 2000)).toBeLessThan(1.05 * Math.SQRT2 * told);
  });

  it('says how often a slip of 10 mm passes unseen, as it does', () => {
    const drawn: Point2[] = [[0, 0], [3000, 0], [3000, 2400], [0, 2400]]; // prettier-ignore
    const ties = pairs(4).map((ends) => tieOf(drawn, ends));
    const told = unseenShare(ties, settledOf(drawn, ties));
    let unseen = 0;
    fc.assert(
      fc.property(fc.array(real(-1, 1), { minLength: 18, maxLength: 18 }), fc.nat(5), (errors, slip) => {
        const read = pairs(4).map((ends, i) =>
          tieOf(drawn, ends, errors.slice(3 * i, 3 * i + 3).reduce((a, b) => a + b) + (i === slip ? 10 : 0)),
        );
        if (suspectsOf(drawn, read, settledOf(drawn, read)).length === 0) unseen += 1;
      }),
      { ...SEED, numRuns: 2000 },
    );
    expect(Math.abs(unseen / 2000 - told)).toBeLessThan(0.025);
    // Exactly fixed, none is ever seen.
    const five = ties.slice(1);
    expect(unseenShare(five, settledOf(drawn, five))).toBe(1);
  });
});

it('a lean of 10 mm in 2000 is what its diagonals say', () => {
  // By hand: 1200 wide, leaning 10: diagonals hypot(1210, h) and hypot(1190, h).
  const h = Math.sqrt(2000 ** 2 - 10 ** 2);
  expect(leanFromDiagonals(1200, Math.hypot(1210, h), Math.hypot(1190, h))).toBeCloseTo(10, 9);
});
