import type { Frame } from '../item/frame';
import { greatest, least, middleOf, span, type Bounds } from '../solid/bounds';
import type { Convex } from '../solid/convex';
import { sumOf, type SumLine } from '../sizing/sum';
import { lessAir } from './lessAir';
import { massOf } from '../solid/mass';
import { frameAxis, lieIn, regionIn, type Way } from './lie';
import type { Cutting, Lie, Piece, Sizes, Wood } from './piece';
import { slantsOf } from './slants';
import { FILLED, type Edge, type Work } from './work';

/** A work as it is given: its box in the frame that its piece is laid in, and its own part of the key. */
export type WorkIn = Omit<Work, 'key' | 'region'> & { readonly key: string; readonly at: Bounds };

/** What is worked out when it is asked for, since most edits of a plan never ask. */
export type Late<T> = T | (() => T);
const now = <T>(late: Late<T>): T => (typeof late === 'function' ? (late as () => T)() : late);

/** A board as it is given: what fills a box of a frame, and how it is cut. */
export interface Board extends Pick<Piece, 'key' | 'item' | 'role' | 'name' | 'told'> {
  /** Finished, in the frame, mm. */
  readonly at: Bounds;
  readonly way: Way;
  /** How its finished sizes came about; its thickness is what it is cut from where nothing else is said. */
  readonly length: Late<readonly SumLine[]>;
  readonly width: Late<readonly SumLine[]>;
  readonly thick?: readonly SumLine[];
  readonly material: string;
  /** What is put on its edges and faces once it is cut. */
  readonly banded?: Cutting['banded'];
  readonly wrapped?: number;
  readonly faced?: Cutting['faced'];
  /** What else comes off or is left on as it is cut. */
  readonly cutBy?: { readonly length?: readonly SumLine[]; readonly width?: readonly SumLine[] };
  /** Works given late are none of them air: what is checked must know of that at once. */
  readonly works?: Late<readonly WorkIn[]>;
  readonly sides?: Piece['sides'];
  readonly notes?: readonly string[];
  /** Used again as it is, and not cut. */
  readonly is?: 'kept';
  /** Other solids than its box: of a side that leans, of an old box. */
  readonly solids?: readonly Convex[];
  /** Its one solid is its box less what is cut off on slants, which are works of it. */
  readonly slanted?: true;
}

/** A board with more worked into it. */
export function alsoWorked(given: Board, more: Late<readonly WorkIn[]>): Board {
  const { works = NONE } = given;
  if (typeof works !== 'function' && typeof more !== 'function')
    return more.length > 0 ? { ...given, works: [...works, ...more] } : given;
  // At once, not when a list asks: what is checked would have been wrong by then.
  if ([works, more].some((all) => typeof all !== 'function' && all.some(({ air }) => air)))
    throw new Error(`Air in ${given.key} cannot be put together with works that are given late.`);
  return { ...given, works: () => [...now(works), ...now(more)] };
}

/** A board in its frame. Its `at` must be as large as its sums say: a test holds them against each other. */
export const board = (frame: Frame, given: Board): Piece => new MadeBoard(frame, given);

/**
 * What only lists and weights ask for is worked out when they ask: a bank of drawers has hundreds of boards, and every edit
 * makes them anew. What is sent to another thread is picked from it, since what is worked out late does not go along.
 */
class MadeBoard implements Piece {
  readonly key: string;
  readonly item: string;
  readonly role: Piece['role'];
  readonly is: 'cut' | 'kept';
  readonly name: string;
  readonly told: Piece['told'];
  readonly solids: readonly Convex[];
  readonly sides: Piece['sides'];
  readonly notes: readonly string[];
  private known:
    Partial<Record<'lie' | 'size' | 'cut' | 'stock' | 'works' | 'worked' | 'wood', unknown>> | undefined;

  constructor(
    private readonly frame: Frame,
    private readonly given: Board,
  ) {
    this.key = given.key;
    this.item = given.item;
    this.role = given.role;
    this.is = given.is ?? 'cut';
    this.name = given.name;
    this.told = given.told;
    this.solids = given.solids ?? solidsOf(frame, given.at, given.way, airOf(given));
    this.sides = given.sides;
    this.notes = given.notes ?? NONE;
  }

  get lie(): Lie {
    return this.once('lie', ({ at, way }) => lieIn(this.frame, at, way));
  }

  get size(): Sizes {
    return this.once('size', ({ length, width, thick = NONE }) => sizes(now(length), now(width), thick));
  }

  get cut(): Sizes {
    return this.once(
      'cut',
      ({ length, width, thick = NONE, banded = {}, wrapped = 0, faced = BARE, cutBy = {} }) =>
        sizes(
          [...now(length), ...onEdges(banded, wrapped, 'start', 'end'), ...(cutBy.length ?? NONE)],
          [...now(width), ...onEdges(banded, wrapped, 'left', 'right'), ...(cutBy.width ?? NONE)],
          [...thick, ...onFaces(faced)],
        ),
    );
  }

  get stock(): Cutting {
    return this.once('stock', ({ material, banded = {}, wrapped = 0, faced = BARE }) => ({
      material,
      banded:
        wrapped > 0 ? Object.fromEntries(EDGES.map((edge) => [edge, (banded[edge] ?? 0) + wrapped])) : banded,
      faced,
    }));
  }

  get works(): readonly Work[] {
    return this.once('works', ({ key, at, way, slanted }) => [
      ...this.worked.map((work) => workIn(key, at, way, work)),
      ...(slanted ? this.slants : NONE),
    ]);
  }

  get wood(): Wood {
    return this.once('wood', ({ at, solids }) =>
      solids ? massOf(solids) : woodOf(this.frame, at, this.worked),
    );
  }

  private get slants(): readonly Work[] {
    const [solid] = this.solids;
    if (!solid) return NONE;
    const { length, width, thick } = this.size;
    const cut = slantsOf(solid, this.lie, { length: length.mm, width: width.mm, thick: thick.mm });
    const of = ({ corner }: (typeof cut)[number]) => `${this.key}#slant-${corner.join('-')}`;
    return cut.map((slant, i) => {
      // About a round there are several.
      const before = cut.slice(0, i).filter((other) => of(other) === of(slant)).length;
      return { ...slant, key: before > 0 ? `${of(slant)}-${before + 1}` : of(slant) };
    });
  }

  private get worked(): readonly WorkIn[] {
    return this.once('worked', ({ key, works = NONE }) => {
      const worked = now(works);
      if (typeof works === 'function' && worked.some(({ air }) => air))
        throw new Error(
          `Air that is worked into ${key} must be given at once: it is no part of what is checked.`,
        );
      return worked;
    });
  }

  private once<T>(what: keyof NonNullable<MadeBoard['known']>, work: (given: Board) => T): T {
    const known = (this.known ??= {});
    return (known[what] ??= work(this.given)) as T;
  }
}

const NONE: readonly never[] = [];
const BARE: Cutting['faced'] = { face: 0, back: 0 };
const EDGES = ['start', 'end', 'left', 'right'] as const;

const sizes = (length: readonly SumLine[], width: readonly SumLine[], thick: readonly SumLine[]): Sizes => ({
  length: sumOf('length', length),
  width: sumOf('width', width),
  thick: sumOf('thickness', thick),
});

function workIn(piece: string, whole: Bounds, way: Way, { key, at, ...work }: WorkIn): Work {
  return { ...work, key: `${piece}#${key}`, region: regionIn(whole, way, at) };
}

/** The wood of a box less what stays open or is another piece. A boring is not taken off: what it is for weighs no less. */
function woodOf(frame: Frame, at: Bounds, works: readonly WorkIn[]): Wood {
  const out = works.filter(({ kind }) => !FILLED.has(kind)).map(({ at: { x, y, z } }) => ({ x, y, z }));
  const whole = { x: at.x, y: at.y, z: at.z };
  const left = out.length > 0 ? lessAir(whole, out, AXES) : [whole];
  const volumes = left.map(({ x, y, z }) => span(x) * span(y) * span(z));
  const volume = volumes.reduce((sum, one) => sum + one, 0);
  const middle = (axis: 'x' | 'y' | 'z') =>
    left.reduce((sum, one, i) => sum + volumes[i]! * middleOf(one[axis]), 0) / volume;
  return { volume, centre: frame.toSpace(volume > 0 ? [middle('x'), middle('y'), middle('z')] : [0, 0, 0]) };
}

const airOf = ({ works = NONE }: Board) =>
  typeof works === 'function' ? NONE : works.filter(({ air }) => air);

/** Its box, less the air that is cut out of it: a groove's floor is kept whole, so the way it is deep comes first. */
function solidsOf(frame: Frame, at: Bounds, way: Way, air: readonly WorkIn[]): Convex[] {
  const whole = { x: at.x, y: at.y, z: at.z };
  const boxes = air[0]
    ? lessAir(
        whole,
        air.map(({ at: { x, y, z } }) => ({ x, y, z })),
        axesFrom(frameAxis(way, air[0].side)),
      )
    : [whole];
  // What has no size is refused by whoever laid it, and stands nowhere until then.
  return boxes
    .filter(({ x, y, z }) => span(x) > 0 && span(y) > 0 && span(z) > 0)
    .map((box) => frame.box(least(box), greatest(box)));
}

const AXES = ['z', 'y', 'x'] as const;
const axesFrom = (first: keyof Bounds) => [first, ...AXES.filter((axis) => axis !== first)];

/** What goes on two opposite edges once a board is cut comes off its cut. */
function onEdges(
  banded: Cutting['banded'],
  wrapped: number,
  ...[from, to]: readonly [Edge, Edge]
): SumLine[] {
  const twice = (words: string, one: number, other: number): SumLine[] => {
    if (one === 0 && other === 0) return [];
    return one === other ? [{ words, mm: -2 * one, times: [2, one] }] : [{ words, mm: -(one + other) }];
  };
  return [
    ...twice('edge banding', banded[from] ?? 0, banded[to] ?? 0),
    ...twice('wrapped round', wrapped, wrapped),
  ];
}

const onFaces = ({ face, back }: Cutting['faced']): SumLine[] => [
  ...(face > 0 ? [{ words: 'on its front', mm: -face }] : []),
  ...(back > 0 ? [{ words: 'on its back', mm: -back }] : []),
];
