import type { Frame } from '../space/frame';
import { greatest, least, span, type Bounds } from '../solid/bounds';
import type { Convex } from '../solid/convex';
import { sumOf, type SumLine } from '../sizing/sum';
import { lessAir } from './lessAir';
import { frameAxis, lieIn, regionIn, type Way } from './lie';
import type { Cutting, Piece, Sizes } from './piece';
import type { Edge, Work } from './work';

/** A work as it is given: its box in the frame that its piece is laid in, and its own part of the key. */
export type WorkIn = Omit<Work, 'key' | 'region'> & { readonly key: string; readonly at: Bounds };

/** A board as it is given: what fills a box of a frame, and how it is cut. */
export interface Board extends Pick<Piece, 'key' | 'item' | 'role' | 'name' | 'told'> {
  /** Finished, in the frame, mm. */
  readonly at: Bounds;
  readonly way: Way;
  /** How its finished sizes came about; its thickness is what it is cut from where nothing else is said. */
  readonly length: readonly SumLine[];
  readonly width: readonly SumLine[];
  readonly thick?: readonly SumLine[];
  readonly material: string;
  /** What is put on its edges and faces once it is cut. */
  readonly banded?: Cutting['banded'];
  readonly wrapped?: number;
  readonly faced?: Cutting['faced'];
  /** What else comes off or is left on as it is cut. */
  readonly cutBy?: { readonly length?: readonly SumLine[]; readonly width?: readonly SumLine[] };
  readonly works?: readonly WorkIn[];
  readonly sides?: Piece['sides'];
  readonly notes?: readonly string[];
  /** Other solids than its box: of a side that leans. */
  readonly solids?: readonly Convex[];
}

/** A board in its frame. Its `at` must be as large as its sums say: a test holds them against each other. */
export function board(frame: Frame, given: Board): Piece {
  const { key, item, role, name, told, at, way, material, sides, notes = [] } = given;
  const { banded = {}, wrapped = 0, faced = { face: 0, back: 0 } } = given;
  const edges: Cutting['banded'] =
    wrapped > 0
      ? Object.fromEntries((['start', 'end', 'left', 'right'] as const).map((edge) => [edge, (banded[edge] ?? 0) + wrapped]))
      : banded; // prettier-ignore
  const works = worksIn(key, at, way, given.works ?? []);
  const size: Sizes = {
    length: sumOf('length', given.length),
    width: sumOf('width', given.width),
    thick: sumOf('thickness', given.thick ?? []),
  };
  return {
    key,
    item,
    role,
    is: 'cut',
    name,
    told,
    solids: given.solids ?? solidsOf(frame, at, way, given.works ?? []),
    lie: lieIn(frame, at, way),
    size,
    cut: {
      length: sumOf('length', [...given.length, ...onEdges(banded, wrapped, 'start', 'end'), ...(given.cutBy?.length ?? [])]),
      width: sumOf('width', [...given.width, ...onEdges(banded, wrapped, 'left', 'right'), ...(given.cutBy?.width ?? [])]),
      thick: sumOf('thickness', [...(given.thick ?? []), ...onFaces(faced)]),
    },
    stock: { material, banded: edges, faced },
    ...(sides && { sides }),
    works,
    notes,
  }; // prettier-ignore
}

/** Works of a piece that fills a box of a frame and lies a way in it. */
export const worksIn = (piece: string, at: Bounds, way: Way, works: readonly WorkIn[]): Work[] =>
  works.map((work) => workIn(piece, at, way, work));

function workIn(piece: string, whole: Bounds, way: Way, { key, at, ...work }: WorkIn): Work {
  return { ...work, key: `${piece}#${key}`, region: regionIn(whole, way, at) };
}

/** A piece with more worked into it. */
export const withWorks = (piece: Piece, works: readonly Work[]): Piece =>
  works.length === 0 ? piece : { ...piece, works: [...piece.works, ...works] };

/** Its box, less the air that is cut out of it: a groove's floor is kept whole, so the way it is deep comes first. */
function solidsOf(frame: Frame, at: Bounds, way: Way, works: readonly WorkIn[]): Convex[] {
  const air = works.filter((work) => work.air);
  const order = air[0] ? axesFrom(frameAxis(way, air[0].side)) : AXES;
  return (
    lessAir(
      { x: at.x, y: at.y, z: at.z },
      air.map(({ at: { x, y, z } }) => ({ x, y, z })),
      order,
    )
      // What has no size is refused by whoever laid it, and stands nowhere until then.
      .filter((box) => AXES.every((axis) => span(box[axis]) > 0))
      .map((box) => frame.box(least(box), greatest(box)))
  );
}

const AXES = ['z', 'y', 'x'] as const;
const axesFrom = (first: keyof Bounds) => [first, ...AXES.filter((axis) => axis !== first)];

/** What goes on two opposite edges once a board is cut comes off its cut. */
function onEdges(banded: Cutting['banded'], wrapped: number, ...[from, to]: readonly [Edge, Edge]): SumLine[] {
  const twice = (words: string, one: number, other: number): SumLine[] => {
    if (one === 0 && other === 0) return [];
    return one === other ? [{ words, mm: -2 * one, times: [2, one] }] : [{ words, mm: -(one + other) }];
  };
  return [
    ...twice('edge banding', banded[from] ?? 0, banded[to] ?? 0),
    ...twice('wrapped round', wrapped, wrapped),
  ];
} // prettier-ignore

const onFaces = ({ face, back }: Cutting['faced']): SumLine[] => [
  ...(face > 0 ? [{ words: 'on its front', mm: -face }] : []),
  ...(back > 0 ? [{ words: 'on its back', mm: -back }] : []),
];
