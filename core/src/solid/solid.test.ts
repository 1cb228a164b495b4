import fc from 'fast-check';
import { real } from '../testing/real';
import Flatten from '@flatten-js/core';
import { manifoldModule } from '../testing/manifoldGap';
import { hull } from './hull';
import { massOf } from './mass';
import { convexOutlines, outlineFault, prismPieces, signedArea } from './outline';
import { box, volume, type Point2, type Point3 } from './prism';

const SEED = 20261125;

/** A star-shaped outline: simple, but hardly ever convex. */
const star = fc
  .array(real(40, 400), { minLength: 4, maxLength: 14 })
  .map((radii): Point2[] =>
    radii.map((r, i) => [
      r * Math.cos((2 * Math.PI * i) / radii.length),
      r * Math.sin((2 * Math.PI * i) / radii.length),
    ]),
  );

describe('an outline', () => {
  it('splits into convex parts that cover it exactly, hole left out, on 200 random ones (area by @flatten-js/core)', () => {
    const hole: Point2[] = [
      [-8, -8],
      [8, -8],
      [9, 7],
      [-7, 9],
    ];
    fc.assert(
      fc.property(star, fc.boolean(), (outline, holed) => {
        const parts = convexOutlines(outline, holed ? [hole] : []);
        const area = new Flatten.Polygon(outline.map(([x, y]) => new Flatten.Point(x, y))).area();
        const wanted = area - (holed ? signedArea(hole) : 0);
        expect(parts.reduce((sum, part) => sum + signedArea(part), 0)).toBeCloseTo(wanted, 5);
        const parts3 = prismPieces(outline, holed ? [hole] : [], ([x, y], end) => [x, y, 20 * end]);
        expect(parts3.reduce((sum, part) => sum + volume(part), 0)).toBeCloseTo(20 * wanted, 3);
      }),
      { seed: SEED, numRuns: 200 },
    );
  });

  it('of a square with a square hole needs four to eight parts, of a convex one stays whole', () => {
    const square = (r: number): Point2[] => [
      [-r, -r],
      [r, -r],
      [r, r],
      [-r, r],
    ];
    expect(convexOutlines(square(10))).toHaveLength(1);
    const frame = convexOutlines(square(100), [square(50)]);
    expect(frame.length).toBeGreaterThanOrEqual(4);
    expect(frame.length).toBeLessThanOrEqual(8);
  });

  it.each<[string, Point2[], RegExp]>([
    [
      'crossing',
      [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
      /crosses or touches itself/,
    ],
    [
      'touching itself',
      [
        [0, 0],
        [10, 0],
        [10, 10],
        [5, 0],
        [0, 10],
      ],
      /crosses or touches itself/,
    ],
    [
      'folded back',
      [
        [0, 0],
        [10, 0],
        [4, 0],
        [4, 5],
      ],
      /crosses or touches itself/,
    ],
    [
      'with a point twice',
      [
        [0, 0],
        [0, 0],
        [4, 4],
        [1, 5],
      ],
      /same point twice/,
    ],
    [
      'without area',
      [
        [0, 0],
        [5, 5],
        [10, 10],
      ],
      /no area|crosses/,
    ],
    [
      'of two points',
      [
        [0, 0],
        [1, 1],
      ],
      /three points/,
    ],
    [
      'with no number',
      [
        [0, 0],
        [Number.NaN, 1],
        [3, 3],
      ],
      /no number/,
    ],
  ])('%s is told', (_name, outline, said) => expect(outlineFault(outline)?.message).toMatch(said));
});

describe('a hull', () => {
  const points = fc.array(fc.tuple(real(-300, 300), real(-300, 300), real(-300, 300)), {
    minLength: 6,
    maxLength: 30,
  });

  it('holds every point it is made of, on 100 random clouds', () => {
    fc.assert(
      fc.property(points, (cloud) => {
        const solid = hull(cloud as unknown as Point3[]);
        for (const face of solid.faces) {
          const [p, q, r] = face.map((i) => [...solid.corners.slice(3 * i, 3 * i + 3)]) as [
            number[],
            number[],
            number[],
          ];
          const u = q.map((x, i) => x - p[i]!);
          const v = r.map((x, i) => x - p[i]!);
          const n = [
            u[1]! * v[2]! - u[2]! * v[1]!,
            u[2]! * v[0]! - u[0]! * v[2]!,
            u[0]! * v[1]! - u[1]! * v[0]!,
          ];
          const size = Math.hypot(...n);
          for (const c of cloud)
            expect(c.reduce((sum, x, i) => sum + ((x - p[i]!) * n[i]!) / size, 0)).toBeLessThan(1e-6);
        }
      }),
      { seed: SEED, numRuns: 100 },
    );
  });

  it('of points in a plane is refused', () => {
    expect(() =>
      hull([
        [0, 0, 0],
        [1, 0, 0],
        [0, 1, 0],
        [1, 1, 0],
        [3, 2, 0],
      ]),
    ).toThrow(/not all in one plane/);
  });
});

describe('mass properties', () => {
  it('of a box are those of any mechanics handbook: V/12 (b^2) about the middle', () => {
    const { volume: v, centre, moments } = massOf([box([10, 20, 30], [70, 120, 230])]);
    expect(v).toBeCloseTo(60 * 100 * 200, 6);
    expect(centre).toEqual([40, 70, 130]);
    [60, 100, 200].forEach((side, i) => expect(moments[i]! / ((v * side ** 2) / 12)).toBeCloseTo(1, 12));
    expect(Math.abs(moments[3])).toBeLessThan(1e-3);
  });

  it('agree with manifold-3d volumes, slice by slice, on 40 random hulls', async () => {
    // Volume beyond a plane across x is a cubic between corners, so Gauss's three points a stretch give its moments exactly:
    // the integral of x is x0 V + integral of V(x > s) ds, that of x^2 is x0^2 V + integral of 2 s V(x > s) ds.
    const { Manifold } = await manifoldModule();
    const cloud = fc.array(fc.tuple(real(-90, 90), real(-90, 90), real(-90, 90)), {
      minLength: 8,
      maxLength: 14,
    });
    fc.assert(
      fc.property(cloud, (points) => {
        const mine = massOf([hull(points as unknown as Point3[])]);
        const theirs = Manifold.hull(points);
        expect(mine.volume / theirs.volume()).toBeCloseTo(1, 9);
        const stops = [...new Set(points.map(([x]) => x))].sort((a, b) => a - b);
        const x0 = stops[0]!;
        let first = x0 * mine.volume;
        let square = x0 ** 2 * mine.volume;
        for (let i = 1; i < stops.length; i += 1) {
          const half = (stops[i]! - stops[i - 1]!) / 2;
          const middle = (stops[i]! + stops[i - 1]!) / 2;
          for (const [node, weight] of [
            [-Math.sqrt(0.6), 5 / 9],
            [0, 8 / 9],
            [Math.sqrt(0.6), 5 / 9],
          ] as const) {
            const s = middle + half * node;
            const beyond = theirs.trimByPlane([1, 0, 0], s);
            first += half * weight * beyond.volume();
            square += half * weight * 2 * s * beyond.volume();
            beyond.delete();
          }
        }
        expect(Math.abs(mine.centre[0] - first / mine.volume)).toBeLessThan(1e-5);
        const aboutCentre = square - mine.volume * mine.centre[0] ** 2;
        expect(mine.moments[0] / aboutCentre).toBeCloseTo(1, 6);
        theirs.delete();
      }),
      { seed: SEED, numRuns: 40 },
    );
  });
});
