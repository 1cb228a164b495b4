import { withUncertainty } from '../plan/uncertainty';
import { newPlan } from '../plan/fresh';
import { manifoldModule } from '../testing/manifoldGap';
import type { Convex } from '../solid/convex';
import type { Point2 } from '../solid/prism';
import { spaceBodies } from './build';
import { outlineOfPoints, outlineOfRuns, runsOf, wallsOf, withOutline } from './outline';
import type { Space } from './schema';
import { uncovered } from './uncovered';

const mm = (value: number) => ({ mm: value });
const room: Space = { width: mm(3600), depth: mm(2400), height: mm(2400), slopes: [] };
const ofPoints = (points: readonly Point2[]): Space => {
  const made = outlineOfPoints(points);
  if (!made.ok) throw new Error(made.message);
  return withOutline(room, made.corners);
};
const L: Point2[] = [
  [0, 0],
  [3600, 0],
  [3600, 1500],
  [2000, 1500],
  [2000, 2400],
  [0, 2400],
];

/** Volume of the union of convex pieces, by manifold-3d. */
async function unionVolume(pieces: readonly Convex[]): Promise<number> {
  const { Manifold } = await manifoldModule();
  const solids = pieces.map(({ corners }) =>
    Manifold.hull(
      [...Array(corners.length / 3).keys()].map((i) => [...corners.slice(3 * i, 3 * i + 3)] as never),
    ),
  );
  return Manifold.union(solids).volume();
}

describe('the walls of a space', () => {
  it('a plain room has four, named by the way they lie', () => {
    expect(wallsOf(room).map(({ name, length }) => [name, length])).toEqual([
      ['the south wall', 3600],
      ['the east wall', 2400],
      ['the north wall', 3600],
      ['the west wall', 2400],
    ]);
  });

  it.each([
    ['a plain room', room, 3600 * 2400],
    ['an L', ofPoints(L), 3600 * 2400 - 1600 * 900],
    // A partition of 60 mm that stands into the room: its two faces must not close the room behind them.
    [
      'a thin partition',
      ofPoints([
        [0, 0],
        [3600, 0],
        [3600, 2400],
        [1860, 2400],
        [1860, 900],
        [1800, 900],
        [1800, 2400],
        [0, 2400],
      ]),
      3600 * 2400 - 60 * 1500,
    ],
    [
      'a bay on the slant',
      ofPoints([
        [0, 0],
        [3600, 0],
        [3000, 2000],
        [700, 2400],
      ]),
      6_500_000,
    ],
  ] as const)('of %s leave exactly its own air between them (manifold-3d)', async (_, space, area) => {
    const bodies = spaceBodies(space);
    const pieces = bodies.flatMap((body) => body.pieces as Convex[]);
    // Walls, floor, ceiling and the air make up a box; what the solids lack of it, the air has.
    const { Manifold } = await manifoldModule();
    const box = Manifold.cube([space.width.mm, space.depth.mm, 2400]);
    const solids = pieces.map(({ corners }) =>
      Manifold.hull(
        [...Array(corners.length / 3).keys()].map((i) => [...corners.slice(3 * i, 3 * i + 3)] as never),
      ),
    );
    const air = solids.reduce((left, solid) => left.subtract(solid), box);
    // The air may fall apart into the room and what lies behind its walls: the room is the part about a point in it.
    const inside = air.decompose().map((part) => part.volume() / 2400);
    expect(inside.some((found) => Math.abs(found - area) < 1e-3 * area)).toBe(true);
  });

  it('an opening and a recess are cut out of one, and the rest of it stays (manifold-3d)', async () => {
    const whole = await unionVolume(spaceBodies(room)[2]!.pieces as Convex[]);
    const cut = { least: [1000, 2400, 0], greatest: [1800, 2520, 2000] } as const;
    const less = await unionVolume(spaceBodies(room, [cut])[2]!.pieces as Convex[]);
    expect(whole - less).toBeCloseTo(800 * 2000 * 120, -1);
  });

  it('a floor hatch is cut out of the floor', () => {
    const floor = spaceBodies(room, [{ least: [500, 500, -40], greatest: [900, 900, 0] }]).find(
      ({ id }) => id === 'floor',
    )!;
    expect(floor.pieces).toHaveLength(4);
  });
});

describe('rectangles less rectangles', () => {
  it('keep their area and never overlap', () => {
    const left = uncovered(
      [0, 10, 0, 10],
      [
        [2, 4, 0, 5],
        [3, 6, 4, 11],
        [-1, 1, 2, 3],
      ],
    );
    const area = left.reduce((sum, [a, b, c, d]) => sum + (b - a) * (d - c), 0);
    // 100 - 2x5 - 3x6 + 1x1 (where the two meet) - 1x1
    expect(area).toBeCloseTo(72, 9);
  });
});

describe('an outline by runs and turns', () => {
  it('an L of six runs, all turns left but one', () => {
    const runs = [
      [3600, 90],
      [1500, 90],
      [1600, -90],
      [900, 90],
      [2000, 90],
      [2400, 90],
    ].map(([length, turn]) => ({ mm: length!, turn: turn! }));
    const made = outlineOfRuns(runs);
    expect(made.ok && made.corners.map(({ x, y }) => [x.mm, y.mm])).toEqual(L);
    const space = withOutline(room, made.ok ? made.corners : []);
    expect(runsOf(space).map(({ wall, turn }) => [Math.round(wall.length), Math.round(turn)])).toEqual(
      runs.map(({ mm: length, turn }) => [length, turn]),
    );
  });

  it('shares a miss of 12 mm among the corners by the way walked (Bowditch), and tells it', () => {
    const made = outlineOfRuns([3000, 2000, 3012, 2000].map((length) => ({ mm: length, turn: 90 })));
    expect(made.ok && made.missed).toBeCloseTo(12, 9);
    // Of 10012 mm walked, 3000 at the first corner: 3000 + 12 x 3000 / 10012, shifted with the last at 12 x 10012 / 10012 - ...
    expect(made.ok && made.corners[1]!.x.mm - made.corners[0]!.x.mm).toBeCloseTo(
      3000 + (12 * 3000) / 10012,
      3,
    );
  });

  it.each([
    ['a run left out', [3000, 2000, 3000], 90, /^The runs end \d+ mm from where they began/],
    ['a run of 0', [3000, 0, 3000, 2000], 90, /longer than 0/],
  ])('%s is told', (_, lengths, turn, said) => {
    const made = outlineOfRuns(lengths.map((length) => ({ mm: length, turn })));
    expect(made).toMatchObject({ ok: false, message: expect.stringMatching(said) });
  });

  it('one that crosses itself is told by its wall', () => {
    const bow: Point2[] = [
      [0, 0],
      [1000, 1000],
      [1000, 0],
      [0, 1000],
    ];
    expect(outlineOfPoints(bow)).toMatchObject({
      ok: false,
      message: 'Wall 3 crosses or touches another wall.',
    });
  });
});

describe('what was read of a space', () => {
  it('goes on into the surface that it places, and into no other', () => {
    const slope = (side: 'north' | 'south') => ({ side, knee: mm(1200), pitch: 45 });
    const plan = { ...newPlan('Test'), space: { ...room, slopes: [slope('north'), slope('south')] } };
    const doubtedBy = (of: string) =>
      withUncertainty(
        { ...plan, measured: [{ of, mm: 1, sigma: 3, rule: 'mean', readings: 2 }] },
        spaceBodies(plan.space),
      )
        .filter(({ doubt }) => doubt !== undefined)
        .map(({ id, doubt }) => [id, doubt]);
    // Two standard deviations: 95 percent. South and west walls and the floor are what is measured from.
    expect(doubtedBy('space/width')).toEqual([['wall-east', 6]]);
    expect(doubtedBy('space/depth')).toEqual([['wall-north', 6]]);
    expect(doubtedBy('space/height')).toEqual([['ceiling', 6]]);
    expect(doubtedBy('space/slopes.0.knee')).toEqual([['slope', 6]]);
    expect(doubtedBy('space/slopes.1.knee')).toEqual([['slope-2', 6]]);
  });
});
