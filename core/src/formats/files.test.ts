import fc from 'fast-check';
import { dimensionsOf } from '../survey/dimensions';
import { newPlan } from '../plan/fresh';
import { readPlanFile, writePlanFile } from './planFile';
import type { Instrument, Reading, ReadingLog } from '../readings/schema';
import { finish } from '../clearance/steps';
import { hull } from '../solid/hull';
import type { Point2 } from '../solid/prism';
import { hullsOfMesh } from './meshHulls';
import { outlineOf, type Traced } from './outlineLoops';
import { readingRows, readReadingRows, type RowContext } from './readingsCsv';

const plan = newPlan('A room');
const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
let next = 1000;
const context = (instruments: readonly Instrument[] = []): RowContext => ({
  dimensions: dimensionsOf(plan),
  instruments,
  id: () => uuid((next += 1)),
  now: () => '2026-03-01T10:00:00.000Z',
});
const rowsOf = (...rows: string[]) => rows.map((row) => row.split(','));

describe('readings as rows of a CSV file', () => {
  it('come back as they went out, whatever people write in them', () => {
    const tools: Instrument[] = [
      { id: uuid(1), name: 'Steel tape, 5 m', kind: 'tape', trusted: false },
      { id: uuid(2), name: 'Loan "meter"', kind: 'distance meter', trusted: false },
    ];
    const keys = dimensionsOf(plan)
      .filter(({ mm }) => mm > 0)
      .map(({ key, mm }) => ({ key, mm }));
    const reading = fc.record({
      id: fc.uuid({ version: 4 }),
      of: fc.constantFrom(...keys),
      share: fc.double({ min: 0.9, max: 1.1, noNaN: true }),
      place: fc.constantFrom('top', 'middle', 'bottom', 'left', 'right', 'here'),
      instrument: fc.constantFrom(null, uuid(1), uuid(2)),
      who: fc.string({ maxLength: 40 }).map((text) => text.trim()),
      note: fc.string({ maxLength: 200 }).map((text) => text.trim()),
      withdrawn: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.uniqueArray(reading, { selector: ({ id }) => id, maxLength: 20 }), (drawn) => {
        const readings = drawn.map(({ of, share, ...rest }): Reading => ({
          ...(rest as Omit<Reading, 'of' | 'mm' | 'at'>),
          of: of.key,
          mm: of.mm * share,
          at: '2026-03-01T10:00:00.000Z',
        }));
        const log: ReadingLog = { instruments: tools, readings };
        const read = finish(readReadingRows(readingRows(log), context(tools)));
        expect(read.issues).toEqual([]);
        expect(read.log.readings).toEqual(readings);
        const file = readPlanFile(writePlanFile(plan, log));
        expect(file.ok && file.log).toEqual(log);
      }),
      { seed: 20261125, numRuns: 60 },
    );
  });

  it('are told row by row where they cannot be, and the good rows are offered', () => {
    const { log, issues } = finish(
      readReadingRows(
        rowsOf(
          'Value,Dimension,Unit,Instrument',
          '2998,space/width,mm,Old tape',
          '2.4,space/depth,mm,',
          '118 1/8,space/width,in,Old tape',
          '-4,space/width,,',
          '2400,nothing/there,,',
          '0,space/height,mm,',
          '2400,space/height,mm,a,comma too many',
          '',
          '240,space/height,cm,',
          '1.2,check/1,mm,Old tape',
          '1200,check/2,mm,Old tape',
          '120,check/2,mm,New tape',
        ),
        context(),
      ),
    );
    expect(log.readings.map(({ mm }) => mm)).toEqual([2998, 118.125 * 25.4, 2400, 1200]);
    expect(log.instruments.map(({ name }) => name)).toEqual(['Old tape']);
    expect(issues.map(({ row, message }) => [row, message.slice(0, 24)])).toEqual([
      [3, '2.4 mm is far from the 2'],
      [5, expect.any(String)],
      [6, 'There is no dimension “n'],
      [7, 'A reading must be more t'],
      [8, 'This row has 5 cells, an'],
      [11, '1.2 mm is short for a le'],
      [13, '120 mm is far from the 1'],
    ]);
  });

  it('say their unit in any case, and whether they are taken back in a few languages', () => {
    const { log, issues } = finish(
      readReadingRows(
        rowsOf(
          'dimension,value,unit,withdrawn',
          '"space/width",118-1/8,IN,Ja',
          'space/width,2.998,M,x',
          'space/width,299.8 cm,in,Y',
          'space/width,2.998,,no',
          'space/width,2998,mm,perhaps',
        ).map((row) => row.map((cell) => cell.replace(/"/g, ''))),
        context(),
      ),
    );
    // A value that names its own unit is in that, whatever the column says.
    expect(log.readings.map(({ mm, withdrawn }) => [Number(mm.toFixed(6)), withdrawn])).toEqual([
      [118.125 * 25.4, true],
      [2998, true],
      [2998, true],
    ]);
    expect(issues.map(({ row, message }) => [row, message])).toEqual([
      [5, expect.stringMatching(/Write 2\.998 m, 2998 or 2\.998 mm/)],
      [6, expect.stringMatching(/“perhaps” .* neither yes nor no/)],
    ]);
  });

  it('without the columns they need are refused at the first row', () => {
    expect(finish(readReadingRows(rowsOf('a,b', '1,2'), context())).issues).toEqual([
      { row: 1, message: 'The first row names the columns, and there is none called “dimension”.' },
    ]);
  });
});

describe('an outline out of a drawing', () => {
  const line = (points: Point2[], closed = false) => ({ points, closed });
  const of = (...lines: Traced['lines'][number][]): Traced => ({ lines, ignored: {}, unit: undefined });
  const square: Point2[] = [
    [1, 1],
    [5, 1],
    [5, 4],
    [1, 4],
  ];

  it('is the largest loop, in mm from its own corner, its straight points left out', () => {
    const read = outlineOf(
      of(
        line(
          [
            [0, 0],
            [1, 0],
            [0, 1],
          ],
          true,
        ),
        line(
          [
            [1, 1],
            [3, 1],
            [5, 1],
            [5, 4],
            [1, 4],
          ],
          true,
        ),
      ),
      1000,
    );
    expect(read).toEqual({
      ok: true,
      tolerance: 1,
      drawnCorners: 5,
      smaller: 0,
      others: 1,
      outline: [
        [0, 0],
        [4000, 0],
        [4000, 3000],
        [0, 3000],
      ],
    });
  });

  it('is joined of lines in any order and way round', () => {
    const [a, b, c, d] = square as [Point2, Point2, Point2, Point2];
    const read = outlineOf(of(line([c, b]), line([a, b]), line([d, a]), line([c, d])), 100);
    expect(read.ok && read.outline.length).toBe(4);
    // Not joined where an end stands a millimetre off.
    const off = outlineOf(of(line([a, b]), line([b, c]), line([c, d]), line([d, [1.02, 1]])), 100);
    expect(off).toMatchObject({ ok: false, message: expect.stringMatching(/4 lines do not come round/) });
  });

  it('is joined of 20,000 lines in any order and way round, and of a star of as many that meet in one point there is none', () => {
    const side = 5000;
    const corner = (i: number): Point2 =>
      [
        [i, 0],
        [side, i - side],
        [3 * side - i, side],
        [0, 4 * side - i],
      ][Math.floor(i / side) % 4] as unknown as Point2;
    // 7,919 is prime and shares no factor with 20,000: every line comes once, none beside the one before.
    const lines = Array.from({ length: 4 * side }, (_, k) => {
      const i = (k * 7919) % (4 * side);
      const ends = [corner(i), corner((i + 1) % (4 * side))];
      return line(k % 3 === 0 ? ends.reverse() : ends);
    });
    const read = outlineOf(of(...lines), 1);
    expect(read.ok && [read.outline.length, read.others]).toEqual([4, 0]);
    const star = Array.from({ length: 4 * side }, (_, i) =>
      line([
        [0, 0],
        [9000 * Math.cos(i), 9000 * Math.sin(i)],
      ]),
    );
    expect(outlineOf(of(...star), 1).ok).toBe(false);
  });

  it('of more corners than can be taken is drawn as much coarser as it must be, and says how near it stays', () => {
    // A wall of 600 teeth of 3 mm, 12 m long.
    const teeth = Array.from({ length: 601 }, (_, i): Point2 => [12_000 - 20 * i, 3000 + (i % 2 ? 3 : 0)]);
    const read = outlineOf(of(line([[0, 0], [12_000, 0], ...teeth], true)), 1);
    expect(read).toMatchObject({ ok: true, tolerance: 8, drawnCorners: 603 });
    expect(read.ok && read.outline.length).toBeLessThan(10);
    expect(read.ok && Math.max(...read.outline.map(([, y]) => y))).toBeLessThan(3003);
    // Teeth of 30 mm are no wall that can be taken.
    const saw = teeth.map(([x, y]): Point2 => [x, y > 3000 ? 3030 : y]);
    expect(outlineOf(of(line([[0, 0], [12_000, 0], ...saw], true)), 1)).toMatchObject({
      ok: false,
      message: expect.stringMatching(
        /^The largest outline of this drawing has 603 corners, and cannot be drawn within 8 mm/,
      ),
    });
  });

  it('that crosses itself is told by its wall', () => {
    const bow = line(
      [
        [0, 0],
        [9, 9],
        [9, 0],
        [0, 5],
      ],
      true,
    );
    expect(outlineOf(of(bow), 100)).toMatchObject({
      ok: false,
      message: expect.stringMatching(/^Wall \d crosses/),
    });
  });
});

describe('an obstacle out of a mesh', () => {
  /** The triangles of a convex solid's faces. */
  const meshOf = (points: [number, number, number][]): number[] => {
    const { corners, faces } = hull(points);
    return faces.flatMap((face) =>
      face
        .slice(2)
        .flatMap((_, i) =>
          [face[0]!, face[i + 1]!, face[i + 2]!].flatMap((k) => [...corners.slice(3 * k, 3 * k + 3)]),
        ),
    );
  };
  const cube = (x: number, size: number): [number, number, number][] =>
    [0, 1].flatMap((i) =>
      [0, 1].flatMap((j) => [0, 1].map((k): [number, number, number] => [x + i * size, j * size, k * size])),
    );

  it('is its own hull where it is convex, part by part, in its unit', () => {
    const read = hullsOfMesh([...meshOf(cube(0, 2)), ...meshOf(cube(10, 1))], 10);
    if (!read.ok) throw new Error(read.message);
    const { least, greatest, hulls, deviation } = read.mesh;
    expect([least, greatest, hulls.length]).toEqual([[0, 0, 0], [110, 20, 20], 2]);
    expect(deviation.atMost).toBeLessThan(1e-6);
  });

  it('covers a dent, and tells how deep it is: a pyramid pressed 40 into the top of a cube of 100', () => {
    const top: [number, number, number][] = [
      [0, 0, 100],
      [100, 0, 100],
      [100, 100, 100],
      [0, 100, 100],
    ];
    const dent: [number, number, number] = [50, 50, 60];
    const rest = meshOf([...top.map(([x, y]): [number, number, number] => [x, y, 0]), ...top]);
    // All faces but the top, and the dent's four.
    const sides = [...Array(rest.length / 9).keys()]
      .map((i) => rest.slice(9 * i, 9 * i + 9))
      .filter((t) => !(t[2] === 100 && t[5] === 100 && t[8] === 100));
    const read = hullsOfMesh(
      [...sides.flat(), ...top.flatMap((point, i) => [...point, ...top[(i + 1) % 4]!, ...dent])],
      1,
    );
    if (!read.ok) throw new Error(read.message);
    expect(read.mesh.deviation.found).toBeCloseTo(40, 9);
    expect(read.mesh.deviation.atMost).toBeCloseTo(40, 9);
  });

  it.each([
    ['nothing', [], /no triangle/],
    ['a sheet', [0, 0, 0, 1, 0, 0, 0, 1, 0], /flat/],
    ['no numbers', [NaN, 0, 0, 1, 0, 0, 0, 1, 0], /no numbers/],
  ])('of %s is refused', (_, corners, said) => {
    expect(hullsOfMesh(corners, 1)).toMatchObject({ ok: false, message: expect.stringMatching(said) });
  });

  it('with more corners on its outside than a plan keeps is refused by their number, before anything is made of it', () => {
    const ball = Array.from({ length: 3000 }, (_, i): [number, number, number] => {
      // Points spread evenly over a ball by the golden angle.
      const z = 1 - (2 * i + 1) / 3000;
      const [r, turn] = [Math.sqrt(1 - z * z), i * 2.399963229728653];
      return [900 * r * Math.cos(turn), 900 * r * Math.sin(turn), 900 * z];
    });
    const corners = ball.flatMap((p, i) => [...p, ...ball[(i + 1) % 3000]!, ...ball[(i + 2) % 3000]!]);
    expect(hullsOfMesh(corners, 1)).toEqual({
      ok: false,
      message: expect.stringMatching(/3000 corners on its outside; at most 400/),
    });
  });
});
