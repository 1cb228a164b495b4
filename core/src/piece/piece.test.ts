import fc from 'fast-check';
import { sayLengths } from '../length/lengthMark';
import { INCHES, MILLIMETRES } from '../length/units';
import { stockOf } from '../material/stock';
import { USUAL_MATERIALS, USUAL_SCHOOLS } from '../material/schema';
import { frameOf } from '../item/frame';
import { massOf } from '../solid/mass';
import type { Convex } from '../solid/convex';
import type { Point2 } from '../solid/prism';
import { toSpace } from './lie';
import { areAlike } from './alike';
import { alsoWorked, board, type Board, type WorkIn } from './board';
import { weigh } from './mass';
import type { Piece } from './piece';
import { worksWords } from './worksWords';

const unturned = frameOf({ x: { mm: 0 }, y: { mm: 0 }, z: { mm: 0 }, faces: 'south' });
const stock = stockOf(USUAL_MATERIALS, USUAL_SCHOOLS);

/** A board of 18 mm birch plywood, flat: its length goes along x, its width along y. */
const flatGiven = (long: number, wide: number): Board => ({
  key: 'board',
  item: 'it',
  role: 'board',
  name: 'Board',
  told: { key: 'board', words: 'the board' },
  at: { x: [0, long], y: [0, wide], z: [0, 18] },
  way: ['x', 'y'],
  length: [{ words: 'length', mm: long }],
  width: [{ words: 'width', mm: wide }],
  thick: [{ words: 'sheet', mm: 18 }],
  material: 'ply-18',
});
const flat = (long: number, wide: number, works: readonly WorkIn[] = [], other: Partial<Board> = {}) =>
  board(unturned, { ...flatGiven(long, wide), works, ...other });
const hole = (x: number, y: number, other: Partial<WorkIn> = {}): WorkIn => ({
  key: `hole ${x} ${y}`,
  kind: 'hole',
  side: 'face',
  round: true,
  at: { x: [x - 2.5, x + 2.5], y: [y - 2.5, y + 2.5], z: [0, 12] },
  ...other,
});

/** A piece that is cut as one is, with the edges of another. */
const asCut = ({ is, size, cut, works }: Piece, { stock: edges }: Piece): Piece =>
  ({ is, size, cut, works, stock: edges }) as Piece;

describe('a board whose works are given late', () => {
  it('has them when it is asked, with what is worked into it besides', () => {
    const late = board(
      unturned,
      alsoWorked({ ...flatGiven(700, 300), works: () => [hole(40, 30)] }, [hole(80, 30)]),
    );
    expect(late.works).toEqual(flat(700, 300, [hole(40, 30), hole(80, 30)]).works);
  });

  it('refuses air among them: it would be left in what is checked', () => {
    const late = board(unturned, { ...flatGiven(700, 300), works: () => [hole(40, 30, { air: true })] });
    expect(() => late.works).toThrow(/Air that is worked into board must be given at once/);
    const open = { ...flatGiven(700, 300), works: [hole(40, 30, { air: true })] };
    expect(() => alsoWorked(open, () => [hole(80, 30)])).toThrow(
      /cannot be put together with works that are given late/,
    );
  });
});

describe('pieces alike', () => {
  it('are so after half a turn on their face, and no more where a hole shows which way they lie', () => {
    const near = flat(700, 300, [hole(40, 30)]);
    // Turned end for end on its face the hole comes to the other end and edge; mirrored, to the other edge alone.
    expect(areAlike(near, flat(700, 300, [hole(660, 270)]), true)).toBe(true);
    expect(areAlike(near, flat(700, 300, [hole(40, 270)]), true)).toBe(false);
    expect(areAlike(near, flat(700, 300, [hole(660, 30)]), true)).toBe(false);
    // Bored through, either may be turned over as well.
    const through = (x: number, y: number) =>
      hole(x, y, { at: { x: [x - 2.5, x + 2.5], y: [y - 2.5, y + 2.5], z: [0, 18] } });
    const [one, other] = [flat(700, 300, [through(40, 30)]), flat(700, 300, [through(40, 270)])];
    expect(areAlike(one, other, true)).toBe(false);
    expect(areAlike(one, flat(700, 300, [{ ...through(40, 270), side: 'back' }]), true)).toBe(true);
  });

  it('are so after a quarter turn only where they are square and have no grain', () => {
    const square = flat(500, 500, [hole(40, 100)]);
    const turned = flat(500, 500, [hole(100, 460)]);
    expect([areAlike(square, turned, true), areAlike(square, turned, false)]).toEqual([false, true]);
    const [long, wide] = [flat(700, 300), flat(300, 700)];
    expect([areAlike(long, wide, true), areAlike(long, wide, false)]).toEqual([false, false]);
  });

  it('differ by a sum, a banded edge, a material, or the length of a screw', () => {
    const plain = flat(700, 300);
    expect(areAlike(plain, flat(700, 300), true)).toBe(true);
    expect(areAlike(plain, flat(700, 300, [], { material: 'pine-20' }), true)).toBe(false);
    expect(areAlike(plain, flat(700, 300, [], { length: [{ words: 'twice', mm: 700 }] }), true)).toBe(false);
    // The long edge before: the other long edge is the same board turned, an end is not.
    const banded = (edge: 'left' | 'right' | 'start') => flat(700, 300, [], { banded: { [edge]: 1 } });
    const cut = (edge: 'left' | 'right' | 'start', works: readonly WorkIn[] = []) =>
      asCut(flat(700, 300, works), banded(edge));
    expect(areAlike(cut('left'), cut('right'), true)).toBe(true);
    expect(areAlike(cut('left'), cut('start'), true)).toBe(false);
    // With a hole in its face only the turn that brings the hole there counts, and that brings the edge across.
    const [near, far] = [[hole(40, 30)], [hole(660, 270)]];
    expect([
      areAlike(cut('left', near), cut('right', far), true),
      areAlike(cut('left', near), cut('left', far), true),
    ]).toEqual([true, false]);
    const screwed = (long: number) => flat(700, 300, [hole(40, 30, { kind: 'screw', screw: { long } })]);
    expect(areAlike(screwed(25), screwed(30), true)).toBe(false);
  });

  it('are so where as much is cut off on a slant at a corner that a half turn brings there', () => {
    const end = (outline: readonly Point2[]) => flat(700, 300, [], { solids: [unturned.upright(outline, 0, 18)], slanted: true }); // prettier-ignore
    const near = end([[0, 60], [80, 0], [700, 0], [700, 300], [0, 300]]); // prettier-ignore
    const far = end([[0, 0], [700, 0], [700, 240], [620, 300], [0, 300]]); // prettier-ignore
    const other = end([[0, 80], [60, 0], [700, 0], [700, 300], [0, 300]]); // prettier-ignore
    expect(areAlike(near, far, true)).toBe(true);
    expect(areAlike(near, other, true)).toBe(false);
    expect(worksWords(near).map((words) => sayLengths(words, MILLIMETRES))).toEqual([
      'Cut off on a slant where one end and one edge meet: 80 mm along one edge, 60 mm along one end.',
    ]);
    expect(near.wood!.volume).toBeCloseTo((700 * 300 - (80 * 60) / 2) * 18, 6);
  });

  it('every board is like itself however it is turned, and like is like both ways', () => {
    const at = fc.record({
      x: fc.integer({ min: 5, max: 695 }),
      y: fc.integer({ min: 5, max: 295 }),
      side: fc.constantFrom('face' as const, 'back' as const),
    });
    fc.assert(
      fc.property(fc.array(at, { maxLength: 4 }), fc.array(at, { maxLength: 4 }), (some, others) => {
        const of = (all: typeof some) =>
          flat(
            700,
            300,
            all.map(({ x, y, side }) => hole(x, y, { side })),
          );
        const turned = some.map(({ x, y, side }) => ({ x: 700 - x, y: 300 - y, side }));
        expect(areAlike(of(some), of(turned), true)).toBe(true);
        expect(areAlike(of(some), of(others), true)).toBe(areAlike(of(others), of(some), true));
      }),
    );
  });
});

describe('what a piece weighs', () => {
  it('is its wood less what stays open; what hardware fills weighs no less', () => {
    // 0.7 x 0.3 x 0.018 m3 at 680 kg/m3 (USDA Wood Handbook, from memory): 2.5704 kg.
    expect(weigh(flat(700, 300), stock).kg).toBeCloseTo(2.5704, 9);
    expect(weigh(flat(700, 300, [hole(40, 30)]), stock).kg).toBeCloseTo(2.5704, 9);
    const notch: WorkIn = { key: 'notch', kind: 'notch', side: 'end', air: true, at: { x: [600, 700], y: [0, 100], z: [0, 18] } }; // prettier-ignore
    const cut = weigh(flat(700, 300, [notch]), stock);
    expect(cut.kg).toBeCloseTo(2.5704 - 0.1 * 0.1 * 0.018 * 680, 9);
    // The middle of the whole less that of the notch: (21000 x 350 - 1000 x 650) / 20000 x 10 mm.
    expect(cut.centre[0]).toBeCloseTo((210000 * 350 - 10000 * 650) / 200000, 9);
    expect(cut.centre[1]).toBeCloseTo((210000 * 150 - 10000 * 50) / 200000, 9);
  });

  it('is what its walls weigh where it is an old box, not a block of wood', () => {
    const walls = [
      [0, 14],
      [686, 700],
    ].map(([from, to]) => unturned.box([from!, 0, 0], [to!, 300, 100]));
    const { kg, centre } = weigh(flat(700, 300, [], { is: 'kept', solids: walls }), stock);
    expect(kg).toBeCloseTo((2 * 14 * 300 * 100 * 680) / 1e9, 9);
    expect(centre[0]).toBeCloseTo(350, 9);
  });

  it('is what its solids weigh, whatever overlapping air is cut out of it', () => {
    const range = (whole: number) =>
      fc
        .tuple(fc.integer({ min: -20, max: whole + 20 }), fc.integer({ min: 1, max: whole }))
        .map(([from, long]): [number, number] => [from, from + long]);
    const air = fc.tuple(
      range(700),
      range(300),
      fc.constantFrom<[number, number]>([0, 6], [0, 18], [12, 18]),
    );
    fc.assert(
      fc.property(fc.array(air, { maxLength: 4 }), (all) => {
        const piece = flat(
          700,
          300,
          all.map(([x, y, z], i): WorkIn => ({
            key: `${i}`,
            kind: 'notch',
            side: 'face',
            air: true,
            at: { x, y, z },
          })),
        );
        const solid = massOf(piece.solids as Convex[]);
        const { kg, centre } = weigh(piece, stock);
        expect(kg).toBeCloseTo((solid.volume * 680) / 1e9, 9);
        if (kg > 1e-6) for (const i of [0, 1, 2] as const) expect(centre[i]).toBeCloseTo(solid.centre[i], 6);
      }),
    );
  });
});

describe('the lie of a piece', () => {
  it('tells where its works are: a region runs from its start, its left edge and its face', () => {
    const back = flat(700, 300, [hole(40, 30)], { way: ['-x', 'y'] });
    const [{ region }] = back.works as [(typeof back.works)[0]];
    // Its start is where x is greatest, and turned over its face is where z is greatest.
    expect(region.length).toEqual([657.5, 662.5]);
    expect(toSpace(back.lie!, [660, 30, 18])).toEqual([40, 30, 0]);
    expect(() => flat(700, 300, [], { way: ['x', '-x'] }).lie).toThrow(/as long as it is wide/);
  });
});

describe('works in words', () => {
  const said = (works: readonly WorkIn[], units = MILLIMETRES) =>
    worksWords(flat(700, 300, works, { sides: { left: 'hinge edge', start: 'foot' } })).map((words) =>
      sayLengths(words, units),
    );

  it('say those alike in one line together, from the end or edge they are near', () => {
    const from = { from: ['start', 'left'] as const };
    expect(said([hole(40, 30, from), hole(600, 30, from)])).toEqual([
      '2 holes, 5 mm across, 12 mm deep in the face: middles 40 mm, 600 mm from the foot; middle 30 mm from the hinge edge.',
    ]);
    expect(said([hole(660, 280)])).toEqual([
      'A hole, 5 mm across, 12 mm deep in the face: middle 40 mm from the other end; middle 20 mm from the other edge.',
    ]);
    expect(said([hole(40, 30), hole(40, 60)])).toHaveLength(2);
  });

  it('say what goes right through, all along, on it, and which side a screw is driven from', () => {
    const groove: WorkIn = {
      key: 'g',
      kind: 'groove',
      side: 'face',
      at: { x: [0, 700], y: [13, 19], z: [0, 6] },
    };
    expect(said([groove])).toEqual([
      'A groove, 6 mm wide all along, 6 mm deep in the face: 13 mm from the hinge edge.',
    ]);
    // A hinge wider than what is behind its leaf runs out over the edge: none of that is cut.
    const over: WorkIn = { key: 'm', kind: 'mortise', side: 'face', at: { x: [100, 160], y: [-8, 14], z: [0, 2] }, from: ['left'] }; // prettier-ignore
    expect(said([over])).toEqual([
      'A mortise, 60 mm by 14 mm, 2 mm deep in the face: 100 mm from the foot; 0 mm from the hinge edge.',
    ]);
    const through = hole(40, 30, {
      kind: 'screw',
      screw: { long: 25 },
      at: { x: [37.5, 42.5], y: [27.5, 32.5], z: [0, 18] },
    });
    expect(said([through])[0]).toMatch(
      /^A screw hole, 5 mm across, right through: .*, screws 25 mm long, heads on the face\.$/,
    );
    const place: WorkIn = {
      key: 'p',
      kind: 'footprint',
      side: 'face',
      at: { x: [37, 500], y: [100, 145], z: [0, 0] },
    };
    expect(said([place])).toEqual([]);
    expect(said([{ ...place, words: 'a slide' }])[0]).toMatch(/^A place for a slide, .* on the face: /);
    expect(said([groove], INCHES)[0]).toMatch(/1\/4/);
  });
});
