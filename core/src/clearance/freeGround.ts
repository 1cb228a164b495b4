import type { Stretch } from './edges';
import { cellOf, CELLS, type PairMap } from './pairMap';

/** A pair of travels. */
export type Place = readonly [number, number];

/** Nodes next to one: eight cells and two parts of edges at most. */
export const MOST_BESIDE = 10;

/** The cell of a map that a place is in. */
export const cell = (map: PairMap, [a, b]: Place): number =>
  cellOf(map.travelA, a) * CELLS + cellOf(map.travelB, b);

/** What is left to stand on where a cell beside an edge is not free, but the edge is: the least there is. */
const NARROWEST = 1;

/** An edge of the square: which part moves along it, and where the other stands. */
interface Side {
  readonly along: 0 | 1;
  readonly parked: number;
  readonly stretches: readonly Stretch[];
}

/**
 * The free ground of a map as places to go through: its cells, numbered row by row, and after them the 256 parts of each
 * edge. Each has a room, 0 where it is not proven free.
 */
export class FreeGround {
  private readonly room: Uint16Array;
  private readonly sides: readonly Side[];

  constructor(
    private readonly map: PairMap,
    room: FreeSpace,
  ) {
    const { edges, travelA, travelB } = map;
    this.sides = [
      { along: 0, parked: travelB[0], stretches: edges.aWithBShut },
      { along: 0, parked: travelB[1], stretches: edges.aWithBOpen },
      { along: 1, parked: travelA[0], stretches: edges.bWithAShut },
      { along: 1, parked: travelA[1], stretches: edges.bWithAOpen },
    ];
    this.room = new Uint16Array(CELLS * CELLS + 4 * CELLS);
    this.room.set(room);
    this.sides.forEach(({ along, stretches }, side) => {
      const travel = this.travel(along);
      const part = (travel[1] - travel[0]) / CELLS;
      for (let k = 0; k < CELLS; k += 1) {
        const [from, to] = [travel[0] + k * part, travel[0] + (k + 1) * part];
        if (stretches.some((stretch) => stretch.from <= to && stretch.to >= from)) continue;
        this.room[this.node(side, k)] = room[this.cellBeside(side, k)] || NARROWEST;
      }
    });
  }

  get size(): number {
    return this.room.length;
  }

  roomAt(node: number): number {
    return this.room[node]!;
  }

  /** The nodes a place is on: its cell, and the parts of edges it lies on; those that are free. */
  nodesAt(place: Place): number[] {
    const { map } = this;
    const on = this.sides.flatMap(({ along, parked }, side) =>
      place[along === 0 ? 1 : 0] === parked
        ? [this.node(side, cellOf(this.travel(along), place[along]))]
        : [],
    );
    return [cell(map, place), ...on].filter((node) => this.room[node]! > 0);
  }

  /** All free nodes, in rows of one room, the roomiest first. */
  byRoom(): readonly (readonly number[])[] {
    const rows: number[][] = [];
    this.room.forEach((room, node) => {
      if (room > 0) (rows[room] ??= []).push(node);
    });
    return rows.filter((row) => row !== undefined).reverse();
  }

  /** How far it is from one node to a next: 1 to a neighbour, more on the slant. */
  stepTo(node: number, there: number): number {
    if (node >= CELLS * CELLS || there >= CELLS * CELLS) return 1;
    return node % CELLS !== there % CELLS && Math.abs(there - node) > 1 ? Math.SQRT2 : 1;
  }

  /** The nodes next to one that have at least this room, into `beside`, and how many; a diagonal step never cuts a corner. */
  next(node: number, least: number, beside: Int32Array): number {
    const { room } = this;
    if (node >= CELLS * CELLS) return this.nextOnEdge(node, least, beside);
    // Asked of every cell of a map: written out, so that nothing is made for it.
    const j = node % CELLS;
    const i = (node - j) / CELLS;
    const up = i > 0 && room[node - CELLS]! >= least;
    const down = i < CELLS - 1 && room[node + CELLS]! >= least;
    const left = j > 0 && room[node - 1]! >= least;
    const right = j < CELLS - 1 && room[node + 1]! >= least;
    let count = 0;
    if (up) beside[count++] = node - CELLS;
    if (down) beside[count++] = node + CELLS;
    if (left) beside[count++] = node - 1;
    if (right) beside[count++] = node + 1;
    if (up && left && room[node - CELLS - 1]! >= least) beside[count++] = node - CELLS - 1;
    if (up && right && room[node - CELLS + 1]! >= least) beside[count++] = node - CELLS + 1;
    if (down && left && room[node + CELLS - 1]! >= least) beside[count++] = node + CELLS - 1;
    if (down && right && room[node + CELLS + 1]! >= least) beside[count++] = node + CELLS + 1;
    if (i > 0 && j > 0 && i < CELLS - 1 && j < CELLS - 1) return count;
    if (j === 0 && room[this.node(0, i)]! >= least) beside[count++] = this.node(0, i);
    if (j === CELLS - 1 && room[this.node(1, i)]! >= least) beside[count++] = this.node(1, i);
    if (i === 0 && room[this.node(2, j)]! >= least) beside[count++] = this.node(2, j);
    if (i === CELLS - 1 && room[this.node(3, j)]! >= least) beside[count++] = this.node(3, j);
    return count;
  }

  private nextOnEdge(node: number, least: number, beside: Int32Array): number {
    const { side, k } = this.onSide(node);
    const all = [
      this.cellBeside(side, k),
      ...(k > 0 ? [node - 1] : []),
      ...(k < CELLS - 1 ? [node + 1] : []),
      ...this.roundCorner(side, k),
    ].filter((there) => this.room[there]! >= least);
    beside.set(all);
    return all.length;
  }

  /** At least so many steps from a node to a place, in cells: what lies on an edge is taken for the cell beside it. */
  stepsTo(node: number, [i, j]: Place): number {
    let at = node;
    if (node >= CELLS * CELLS) {
      const { side, k } = this.onSide(node);
      at = this.cellBeside(side, k);
    }
    const down = Math.abs(Math.floor(at / CELLS) + 0.5 - i);
    const across = Math.abs((at % CELLS) + 0.5 - j);
    return Math.max(0, Math.max(down, across) + (Math.SQRT2 - 1) * Math.min(down, across) - 3);
  }

  /**
   * Through the nodes of a path with every corner left out that can be: from each as far as one can see without coming to less
   * room than the path has on the way there.
   */
  straightened(from: Place, nodes: readonly number[], to: Place): Place[] {
    const places: Place[] = [from];
    const rooms: number[] = [this.room[nodes[0]!]!];
    nodes.forEach((node, n) => {
      const corner = n > 0 ? this.cornerBetween(nodes[n - 1]!, node) : undefined;
      for (const place of corner ? [corner, this.middleOf(node)] : [this.middleOf(node)]) {
        places.push(place);
        rooms.push(this.room[node]!);
      }
    });
    places.push(to);
    rooms.push(this.room[nodes[nodes.length - 1]!]!);
    const kept: Place[] = [from];
    for (let here = 0; here < places.length - 1;) {
      let next = here + 1;
      let least = Math.min(rooms[here]!, rooms[next]!);
      for (let far = here + 2; far < places.length; far += 1) {
        least = Math.min(least, rooms[far]!);
        if (this.sees(places[here]!, places[far]!, least)) next = far;
      }
      kept.push(places[next]!);
      here = next;
    }
    return kept;
  }

  /** The corner a path goes round that leads from a part of one edge to a part of the next. */
  private cornerBetween(before: number, node: number): Place | undefined {
    if (before < CELLS * CELLS || node < CELLS * CELLS) return undefined;
    const [one, two] = [before, node].map((at) => this.sides[this.onSide(at).side]!) as [Side, Side];
    if (one.along === two.along) return undefined;
    return one.along === 0 ? [two.parked, one.parked] : [one.parked, two.parked];
  }

  /** Whether all that a straight line touches keeps the room: every cell, or the edge it runs along. */
  private sees(p: Place, q: Place, least: number): boolean {
    const side = this.sides.findIndex(({ along, parked }) => {
      const other = along === 0 ? 1 : 0;
      return p[other] === parked && q[other] === parked;
    });
    if (side >= 0) {
      const { along } = this.sides[side]!;
      const [k, l] = [p, q]
        .map((place) => cellOf(this.travel(along), place[along]))
        .sort((a, b) => a - b) as [number, number];
      for (let at = k; at <= l; at += 1) if (this.room[this.node(side, at)]! < least) return false;
      return true;
    }
    return cellsTouched(this.inCells(p), this.inCells(q), (i, j) => this.room[i * CELLS + j]! >= least);
  }

  /** A place in cells from the square's corner. */
  inCells(place: Place): Place {
    const part = (side: 0 | 1) => {
      const [from, to] = this.travel(side);
      return ((place[side] - from) / (to - from)) * CELLS;
    };
    return [part(0), part(1)];
  }

  private travel(along: 0 | 1): readonly [number, number] {
    return along === 0 ? this.map.travelA : this.map.travelB;
  }

  private middleOf(node: number): Place {
    const middle = (along: 0 | 1, k: number) => {
      const [from, to] = this.travel(along);
      return from + ((k + 0.5) / CELLS) * (to - from);
    };
    if (node < CELLS * CELLS) return [middle(0, Math.floor(node / CELLS)), middle(1, node % CELLS)];
    const { side, k } = this.onSide(node);
    const { along, parked } = this.sides[side]!;
    return along === 0 ? [middle(0, k), parked] : [parked, middle(1, k)];
  }

  private node(side: number, k: number): number {
    return CELLS * CELLS + side * CELLS + k;
  }

  private onSide(node: number): { readonly side: number; readonly k: number } {
    const at = node - CELLS * CELLS;
    return { side: Math.floor(at / CELLS), k: at % CELLS };
  }

  private cellBeside(side: number, k: number): number {
    const last = CELLS - 1;
    return [k * CELLS, k * CELLS + last, k, last * CELLS + k][side]!;
  }

  /** The part of another edge that meets this one in a corner, where it is the last of its edge. */
  private roundCorner(side: number, k: number): number[] {
    if (k !== 0 && k !== CELLS - 1) return [];
    const far = k === 0 ? 0 : 1;
    // Edges 0 and 1 run along a with b shut and open; 2 and 3 along b with a shut and open.
    const [other, end] = side < 2 ? [2 + far, side] : [far, side - 2];
    return [this.node(other, end === 0 ? 0 : CELLS - 1)];
  }
}

/** Of a cell's width: so near to a line between cells both count as touched. */
const TOUCHING = 1e-6;

/**
 * Whether every cell that a straight line touches, in cells from the square's corner, is one that `keeps`: column by
 * column, with both cells where it runs along a line between them or through a corner.
 */
function cellsTouched(p: Place, q: Place, keeps: (i: number, j: number) => boolean): boolean {
  const [left, right] = p[0] <= q[0] ? [p, q] : [q, p];
  const clamp = (k: number) => Math.min(CELLS - 1, Math.max(0, k));
  const first = clamp(Math.floor(left[0] - TOUCHING));
  const last = clamp(Math.floor(right[0] + TOUCHING));
  for (let i = first; i <= last; i += 1) {
    // Where the line is between the column's two sides, each a hair farther out.
    const at = (x: number) =>
      right[0] - left[0] < TOUCHING
        ? undefined
        : left[1] + ((right[1] - left[1]) * (x - left[0])) / (right[0] - left[0]);
    const [x0, x1] = [Math.max(left[0], i - TOUCHING), Math.min(right[0], i + 1 + TOUCHING)];
    const [y0, y1] = [at(x0) ?? left[1], at(x1) ?? right[1]];
    const low = clamp(Math.floor(Math.min(y0, y1) - TOUCHING));
    const high = clamp(Math.floor(Math.max(y0, y1) + TOUCHING));
    for (let j = low; j <= high; j += 1) if (!keeps(i, j)) return false;
  }
  return true;
}

/** How much room each cell of a map has, 0 where it is not proven free: what a way through keeps most of. */
export type FreeSpace = Uint16Array;
