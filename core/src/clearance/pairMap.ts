import type { Mover } from '../scene/scene';
import { piecePairsOf, cellStateAbout, type PiecePair } from './piecePair';
import { edgesOf, groundOn, type Edges } from './edges';
import { BLOCKED, FREE, UNKNOWN, type CellState } from './cellState';

/** Cells along each side: a cell is 1/256 of a travel. */
export const CELLS = 256;

/** The square of two travels, cell by cell: `ground[i * CELLS + j]` for the i-th part of a's travel and the j-th of b's. */
export interface PairMap {
  readonly a: string;
  readonly b: string;
  readonly travelA: readonly [number, number];
  readonly travelB: readonly [number, number];
  readonly ground: Uint8Array;
  /** Sharper than the cells, where either part is parked at an end of its travel. */
  readonly edges: Edges;
  readonly evaluations: number;
}

/**
 * The certified map of two travels: the square is split until each cell is proven free of every pair of pieces, proven
 * blocked by one, or 1/256 wide. Children start from the pairs that were still open in their parent, and from the
 * normal found there, which often settles them without a distance query. A cell is blocked when the depth in its
 * middle is more than both parts can move within it. What a hit is, is as for a part and what stands still: touches that
 * are meant, and the one they start from, are free ground.
 */
export function pairMap(a: Mover, b: Mover): PairMap {
  const couples = piecePairsOf(a, b);
  const ground = new Uint8Array(CELLS * CELLS);
  const [fromA, fromB] = [a.from, b.from];
  const stepA = (a.to - a.from) / CELLS;
  const stepB = (b.to - b.from) / CELLS;
  const tally = { evaluations: 0 };

  const fill = (i: number, j: number, size: number, kind: CellState) => {
    for (let row = i; row < i + size; row += 1) ground.fill(kind, row * CELLS + j, row * CELLS + j + size);
  };

  const visit = (i: number, j: number, size: number, open: readonly PiecePair[]) => {
    const [halfA, halfB] = [(size * stepA) / 2, (size * stepB) / 2];
    // Those that overlap come first: one of them may block the whole cell, and then the others need not be asked.
    const inside: PiecePair[] = [];
    const left: PiecePair[] = [];
    for (const couple of open) {
      couple.first.goTo(fromA + (i + size / 2) * stepA);
      couple.second.goTo(fromB + (j + size / 2) * stepB);
      const kind = cellStateAbout(couple, halfA, halfB, tally);
      if (kind === BLOCKED) return fill(i, j, size, BLOCKED);
      if (kind === UNKNOWN) (couple.overlaps ? inside : left).push(couple);
    }
    if (inside.length + left.length === 0) fill(i, j, size, FREE);
    else if (size === 1) fill(i, j, 1, UNKNOWN);
    else {
      const half = size / 2;
      const still = [...inside, ...left];
      visit(i, j, half, still);
      visit(i, j + half, half, still);
      visit(i + half, j, half, still);
      visit(i + half, j + half, half, still);
    }
  };
  visit(0, 0, CELLS, couples);
  return {
    a: a.id,
    b: b.id,
    travelA: [a.from, a.to],
    travelB: [b.from, b.to],
    ground,
    edges: edgesOf(a, b, couples, tally),
    evaluations: tally.evaluations,
  };
}

/** The cell of a travel along one side of a map. */
export function cellOf([from, to]: readonly [number, number], travel: number): number {
  return Math.min(CELLS - 1, Math.max(0, Math.floor(((travel - from) / (to - from)) * CELLS)));
}

/** A travel as the map knows it: rounding may have put it a hair past an end, where no stretch of an edge would be found. */
const within = ([from, to]: readonly [number, number], travel: number): number =>
  Math.min(to, Math.max(from, travel));

/** The ground at two travels. */
export function groundAt(map: PairMap, travelA: number, travelB: number): CellState {
  const edge = edgeOf(map, travelB);
  const at = within(map.travelA, travelA);
  if (edge === map.edges.aWithBShut && at === map.travelA[0]) return map.edges.bothShut;
  if (edge === map.edges.aWithBOpen && at === map.travelA[1]) return map.edges.bothOpen;
  if (edge) return groundOn(edge, at, at);
  return cellAt(map, travelA, travelB);
}

/** What the cell of two travels is told to be, whatever its edges are. */
export const cellAt = (map: PairMap, travelA: number, travelB: number): CellState =>
  map.ground[cellOf(map.travelA, travelA) * CELLS + cellOf(map.travelB, travelB)] as CellState;

/** The map with its two parts the other way round. */
export function swapped(map: PairMap): PairMap {
  const ground = new Uint8Array(CELLS * CELLS);
  for (let i = 0; i < CELLS; i += 1)
    for (let j = 0; j < CELLS; j += 1) ground[j * CELLS + i] = map.ground[i * CELLS + j]!;
  const { aWithBShut, aWithBOpen, bWithAShut, bWithAOpen, ...poses } = map.edges;
  const edges = {
    ...poses,
    aWithBShut: bWithAShut,
    aWithBOpen: bWithAOpen,
    bWithAShut: aWithBShut,
    bWithAOpen: aWithBOpen,
  };
  return { ...map, a: map.b, b: map.a, travelA: map.travelB, travelB: map.travelA, ground, edges };
}

/** What a meets with b parked at a travel; undefined where that is neither end of b's. */
function edgeOf({ edges, travelB }: PairMap, travel: number): Edges['aWithBShut'] | undefined {
  const at = within(travelB, travel);
  return at === travelB[0] ? edges.aWithBShut : at === travelB[1] ? edges.aWithBOpen : undefined;
}

/** The worst ground along a's travel between two places, b standing still. */
export function groundAlong(map: PairMap, fromA: number, toA: number, travelB: number): CellState {
  const edge = edgeOf(map, travelB);
  if (edge) return groundOn(edge, within(map.travelA, fromA), within(map.travelA, toA));
  const [first, last] = [cellOf(map.travelA, fromA), cellOf(map.travelA, toA)].sort((p, q) => p - q) as [
    number,
    number,
  ];
  const j = cellOf(map.travelB, travelB);
  let worst: CellState = FREE;
  for (let i = first; i <= last; i += 1) {
    const kind = map.ground[i * CELLS + j] as CellState;
    if (kind === BLOCKED) return BLOCKED;
    if (kind === UNKNOWN) worst = UNKNOWN;
  }
  return worst;
}

/** What a map says of opening both parts. */
export interface PairRelation {
  readonly bothShut: CellState;
  readonly bothOpen: CellState;
  /** Opening one all the way while the other is shut, and while it is open. */
  readonly aWithBShut: CellState;
  readonly aWithBOpen: CellState;
  readonly bWithAShut: CellState;
  readonly bWithAOpen: CellState;
}

export function relationOf({ travelA, travelB, edges }: PairMap): PairRelation {
  return {
    bothShut: edges.bothShut,
    bothOpen: edges.bothOpen,
    aWithBShut: groundOn(edges.aWithBShut, ...travelA),
    aWithBOpen: groundOn(edges.aWithBOpen, ...travelA),
    bWithAShut: groundOn(edges.bWithAShut, ...travelB),
    bWithAOpen: groundOn(edges.bWithAOpen, ...travelB),
  };
}
