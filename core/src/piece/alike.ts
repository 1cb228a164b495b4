import type { Sum } from '../sizing/sum';
import type { Piece } from './piece';
import { SIDES, type Region, type Side, type Work } from './work';

/** Differing by less than this they are cut alike, mm. */
const SAME = 1e-6;

/** A turn of a board onto itself: where it brings each side, and each region. */
interface Turn {
  readonly side: Readonly<Record<Side, Side>>;
  region(region: Region, size: Readonly<Record<keyof Region, number>>): Region;
}

type Range = readonly [number, number];
const back = ([from, to]: Range, whole: number): Range => [whole - to, whole - from];
const AS_IT_IS = Object.fromEntries(SIDES.map((side) => [side, side])) as Record<Side, Side>;
const swapped = (...pairs: readonly (readonly [Side, Side])[]): Record<Side, Side> => ({
  ...AS_IT_IS,
  ...Object.fromEntries(
    pairs.flatMap(([a, b]) => [
      [a, b],
      [b, a],
    ]),
  ),
});

/** Half turns keep the grain: none, about the thickness, about the length, about the width. */
const HALF_TURNS: readonly Turn[] = [
  { side: AS_IT_IS, region: (region) => region },
  {
    side: swapped(['start', 'end'], ['left', 'right']),
    region: ({ length, width, thick }, size) => ({
      length: back(length, size.length),
      width: back(width, size.width),
      thick,
    }),
  },
  {
    side: swapped(['left', 'right'], ['face', 'back']),
    region: ({ length, width, thick }, size) => ({
      length,
      width: back(width, size.width),
      thick: back(thick, size.thick),
    }),
  },
  {
    side: swapped(['start', 'end'], ['face', 'back']),
    region: ({ length, width, thick }, size) => ({
      length: back(length, size.length),
      width,
      thick: back(thick, size.thick),
    }),
  },
];

/** A square board without grain may be turned by a quarter too. */
const QUARTER: Turn = {
  side: { ...AS_IT_IS, start: 'left', right: 'start', end: 'right', left: 'end' },
  region: ({ length, width, thick }, size) => ({ length: back(width, size.width), width: length, thick }),
};

const after = (first: Turn, then: Turn): Turn => ({
  side: Object.fromEntries(SIDES.map((side) => [side, then.side[first.side[side]]])) as Record<Side, Side>,
  region: (region, size) => then.region(first.region(region, size), size),
});

/**
 * Whether two pieces are cut and worked alike: of one material and one size with one sum, and with the same works after
 * a turn that the grain allows. A board and its mirror image are two.
 *
 * @param grain  the material has one
 */
export function areAlike(a: Piece, b: Piece, grain: boolean): boolean {
  if (!a.size || !b.size || !a.cut || !b.cut || !a.stock || !b.stock) return false;
  if (a.is !== b.is || a.stock.material !== b.stock.material) return false;
  if (!(['length', 'width', 'thick'] as const).every((axis) => sameSum(a.cut![axis], b.cut![axis])))
    return false;
  const size = { length: a.size.length.mm, width: a.size.width.mm, thick: a.size.thick.mm };
  const square = !grain && Math.abs(size.length - size.width) < SAME;
  const turns = square ? HALF_TURNS.flatMap((turn) => [turn, after(turn, QUARTER)]) : HALF_TURNS;
  return turns.some((turn) => fits(a, b, turn, size));
}

function sameSum(a: Sum, b: Sum): boolean {
  return (
    a.lines.length === b.lines.length &&
    a.lines.every(({ words, mm }, i) => words === b.lines[i]!.words && Math.abs(mm - b.lines[i]!.mm) < SAME)
  );
}

function fits(a: Piece, b: Piece, turn: Turn, size: Readonly<Record<keyof Region, number>>): boolean {
  const [one, other] = [a.stock!, b.stock!];
  const edges = (['start', 'end', 'left', 'right'] as const).every((edge) => {
    const there = turn.side[edge] as keyof typeof other.banded;
    return Math.abs((one.banded[edge] ?? 0) - (other.banded[there] ?? 0)) < SAME;
  });
  const faces = (['face', 'back'] as const).every((face) => {
    const there = turn.side[face] as keyof typeof other.faced;
    return Math.abs(one.faced[face] - other.faced[there]) < SAME;
  });
  if (!edges || !faces || a.works.length !== b.works.length) return false;
  const left = [...b.works];
  return a.works.every((work) => {
    const turned = {
      ...work,
      side: turn.side[work.side],
      region: turn.region(work.region, size),
      ...(work.corner && {
        corner: work.corner.map((side) => turn.side[side]),
      }),
    };
    const i = left.findIndex((there) => sameWork(turned, there));
    if (i >= 0) left.splice(i, 1);
    return i >= 0;
  });
}

const sameCorner = (a: readonly Side[], b: readonly Side[] = []) =>
  a.length === b.length && a.every((side) => b.includes(side));

function sameWork(a: Work, b: Work): boolean {
  return (
    a.kind === b.kind &&
    // A slant is square to two opposite sides: either is its own.
    (a.corner ? sameCorner(a.corner, b.corner) : a.side === b.side) &&
    a.round === b.round &&
    a.screw?.long === b.screw?.long &&
    (['length', 'width', 'thick'] as const).every((axis) =>
      [0, 1].every((end) => Math.abs(a.region[axis][end as 0]! - b.region[axis][end as 0]!) < SAME),
    )
  );
}
