import { farthest, nearest } from '../motion/along';
import type { Mover, MovingBody } from '../scene/scene';
import { ROUNDING } from './approach';
import { coldStart } from './gjk';
import { MovingPiece } from './movingPiece';
import { emptySeparation, separate } from './separation';

/** Ground of a pair map: proven free, proven blocked, or a cell too small to split that is neither. */
export const FREE = 0;
export const BLOCKED = 1;
export const UNKNOWN = 2;
export type Ground = typeof FREE | typeof BLOCKED | typeof UNKNOWN;

/** Cells along each side: a cell is 1/256 of a travel. */
export const CELLS = 256;

/** The square of two travels, cell by cell: `ground[i * CELLS + j]` for the i-th part of a's travel and the j-th of b's. */
export interface PairMap {
  readonly a: string;
  readonly b: string;
  readonly travelA: readonly [number, number];
  readonly travelB: readonly [number, number];
  readonly ground: Uint8Array;
  readonly evaluations: number;
}

interface Pair {
  readonly first: MovingPiece;
  readonly second: MovingPiece;
  readonly start: ReturnType<typeof coldStart>;
  readonly normal: Float64Array;
}

/**
 * The certified map of two travels: the square is split until each cell is proven free of every pair of pieces, proven
 * blocked by one, or 1/256 wide. Children start from the pairs that were still open in their parent, and from the
 * normal found there, which often settles them without a distance query. A cell is blocked when the depth in its
 * middle is more than both parts can move within it.
 *
 * @param touching  pairs of bodies, as `moving still`, that are meant to touch and are left out
 */
export function pairMap(a: Mover, b: Mover, touching: ReadonlySet<string> = new Set()): PairMap {
  const pairs: Pair[] = [];
  const goings = (body: MovingBody) => body.pieces.map((piece) => new MovingPiece(piece, body.motion));
  const of = new Map([...a.bodies, ...b.bodies].map((body) => [body, goings(body)]));
  for (const first of a.bodies) {
    for (const second of b.bodies) {
      if (touching.has(`${first.id} ${second.id}`)) continue;
      for (const one of of.get(first)!) {
        for (const two of of.get(second)!)
          pairs.push({ first: one, second: two, start: coldStart(), normal: new Float64Array(3) });
      }
    }
  }
  const ground = new Uint8Array(CELLS * CELLS);
  const out = emptySeparation();
  const opposite = new Float64Array(3);
  const [fromA, fromB] = [a.from, b.from];
  const stepA = (a.to - a.from) / CELLS;
  const stepB = (b.to - b.from) / CELLS;
  let evaluations = 0;

  /** Whether the two are proven apart over a cell about where they stand, along n. */
  const apartAlong = ({ first, second }: Pair, n: Float64Array, halfA: number, halfB: number): boolean => {
    for (let axis = 0; axis < 3; axis += 1) opposite[axis] = -n[axis]!;
    return first.lowest(n, halfA) + second.lowest(opposite, halfB) > ROUNDING;
  };

  const fill = (i: number, j: number, size: number, kind: Ground) => {
    for (let row = i; row < i + size; row += 1) ground.fill(kind, row * CELLS + j, row * CELLS + j + size);
  };

  const visit = (i: number, j: number, size: number, open: readonly Pair[]) => {
    const [halfA, halfB] = [(size * stepA) / 2, (size * stepB) / 2];
    const left: Pair[] = [];
    for (const pair of open) {
      const { first, second, normal } = pair;
      first.goTo(fromA + (i + size / 2) * stepA);
      second.goTo(fromB + (j + size / 2) * stepB);
      const known = normal[0] !== 0 || normal[1] !== 0 || normal[2] !== 0;
      if (
        known &&
        nearest(first.corners, normal) > farthest(second.corners, normal) &&
        apartAlong(pair, normal, halfA, halfB)
      )
        continue;
      evaluations += 1;
      separate(first.piece, first.corners, second.piece, second.corners, pair.start, out);
      normal.set(out.normal);
      if (out.value > 0) {
        if (apartAlong(pair, normal, halfA, halfB)) continue;
      } else if (-out.value > first.farthest(halfA) + second.farthest(halfB)) {
        fill(i, j, size, BLOCKED);
        return;
      }
      left.push(pair);
    }
    if (left.length === 0) fill(i, j, size, FREE);
    else if (size === 1) fill(i, j, 1, UNKNOWN);
    else {
      const half = size / 2;
      visit(i, j, half, left);
      visit(i, j + half, half, left);
      visit(i + half, j, half, left);
      visit(i + half, j + half, half, left);
    }
  };
  visit(0, 0, CELLS, pairs);
  return { a: a.id, b: b.id, travelA: [a.from, a.to], travelB: [b.from, b.to], ground, evaluations };
}

/** The cell of a travel along one side of a map. */
export function cellOf([from, to]: readonly [number, number], travel: number): number {
  return Math.min(CELLS - 1, Math.max(0, Math.floor(((travel - from) / (to - from)) * CELLS)));
}

/** The ground at two travels. */
export function groundAt(map: PairMap, travelA: number, travelB: number): Ground {
  return map.ground[cellOf(map.travelA, travelA) * CELLS + cellOf(map.travelB, travelB)] as Ground;
}

/** The map with its two parts the other way round. */
export function swapped(map: PairMap): PairMap {
  const ground = new Uint8Array(CELLS * CELLS);
  for (let i = 0; i < CELLS; i += 1)
    for (let j = 0; j < CELLS; j += 1) ground[j * CELLS + i] = map.ground[i * CELLS + j]!;
  return { ...map, a: map.b, b: map.a, travelA: map.travelB, travelB: map.travelA, ground };
}

/** The worst ground along a's travel between two places, b standing still. */
export function groundAlong(map: PairMap, fromA: number, toA: number, travelB: number): Ground {
  const [first, last] = [cellOf(map.travelA, fromA), cellOf(map.travelA, toA)].sort((p, q) => p - q) as [
    number,
    number,
  ];
  const j = cellOf(map.travelB, travelB);
  let worst: Ground = FREE;
  for (let i = first; i <= last; i += 1) {
    const kind = map.ground[i * CELLS + j] as Ground;
    if (kind === BLOCKED) return BLOCKED;
    if (kind === UNKNOWN) worst = UNKNOWN;
  }
  return worst;
}

/** What a map says of opening both parts. */
export interface PairRelation {
  readonly bothOpen: Ground;
  /** Opening one all the way while the other is shut, and while it is open. */
  readonly aWithBShut: Ground;
  readonly aWithBOpen: Ground;
  readonly bWithAShut: Ground;
  readonly bWithAOpen: Ground;
}

export function relationOf(map: PairMap): PairRelation {
  const turned = swapped(map);
  const [shutA, openA] = map.travelA;
  const [shutB, openB] = map.travelB;
  return {
    bothOpen: groundAt(map, openA, openB),
    aWithBShut: groundAlong(map, shutA, openA, shutB),
    aWithBOpen: groundAlong(map, shutA, openA, openB),
    bWithAShut: groundAlong(turned, shutB, openB, shutA),
    bWithAOpen: groundAlong(turned, shutB, openB, openA),
  };
}
