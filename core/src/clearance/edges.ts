import type { Mover } from '../scene/scene';
import { cellStateAbout, type PiecePair } from './piecePair';
import { BLOCKED, FREE, UNKNOWN, type CellState } from './cellState';

/** A stretch of travel that is not free: blocked all along, or proven neither. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly kind: typeof BLOCKED | typeof UNKNOWN;
}

/**
 * What one part meets over its travel while the other is parked shut or open: the four edges of a pair map. All that
 * is in no stretch is proven free.
 *
 * Parts are parked at the very ends of their travels, where a cell of the map is too coarse: two leaves that lap by a
 * few millimetres are free of each other while one is shut, but not over the first 256th of its travel.
 */
export interface Edges {
  readonly aWithBShut: readonly Stretch[];
  readonly aWithBOpen: readonly Stretch[];
  readonly bWithAShut: readonly Stretch[];
  readonly bWithAOpen: readonly Stretch[];
  /** Where they stand both shut, and both open: at one pose each, so all but a touch is decided. */
  readonly bothShut: CellState;
  readonly bothOpen: CellState;
}

/** An edge is halved this often at most: to a 2048th of the travel, under half a millimetre at the edge of a leaf. */
const HALVINGS = 11;

export function edgesOf(
  a: Mover,
  b: Mover,
  couples: readonly PiecePair[],
  tally: { evaluations: number },
): Edges {
  const along = (mover: Mover, side: Side, at: number) => {
    const walk = new Walk(side, at, tally);
    walk.look(mover.from, mover.to, couples, HALVINGS);
    return walk.stretches;
  };
  return {
    aWithBShut: along(a, 'first', b.from),
    aWithBOpen: along(a, 'first', b.to),
    bWithAShut: along(b, 'second', a.from),
    bWithAOpen: along(b, 'second', a.to),
    bothShut: groundAtPose(couples, a.from, b.from, tally),
    bothOpen: groundAtPose(couples, a.to, b.to, tally),
  };
}

/** Which of a couple's two goes along the edge. */
type Side = 'first' | 'second';

/** One part on its way along an edge, the other parked. */
class Walk {
  readonly stretches: Stretch[] = [];

  constructor(
    private readonly side: Side,
    private readonly at: number,
    private readonly tally: { evaluations: number },
  ) {}

  /** Halve a stretch until it is decided, or so often, by the couples that are still open on it. */
  look(from: number, to: number, open: readonly PiecePair[], halvings: number): void {
    const left: PiecePair[] = [];
    const half = (to - from) / 2;
    const first = this.side === 'first';
    for (const couple of open) {
      (first ? couple.first : couple.second).goTo(from + half);
      (first ? couple.second : couple.first).goTo(this.at);
      const kind = cellStateAbout(couple, first ? half : 0, first ? 0 : half, this.tally);
      if (kind === BLOCKED) return this.add(from, to, BLOCKED);
      if (kind === UNKNOWN) left.push(couple);
    }
    if (left.length === 0) return;
    if (halvings === 0) return this.add(from, to, UNKNOWN);
    this.look(from, from + half, left, halvings - 1);
    this.look(from + half, to, left, halvings - 1);
  }

  private add(from: number, to: number, kind: Stretch['kind']): void {
    const last = this.stretches[this.stretches.length - 1];
    if (last?.kind === kind && last.to === from) this.stretches[this.stretches.length - 1] = { ...last, to };
    else this.stretches.push({ from, to, kind });
  }
}

function groundAtPose(
  couples: readonly PiecePair[],
  atA: number,
  atB: number,
  tally: { evaluations: number },
): CellState {
  let worst: CellState = FREE;
  for (const couple of couples) {
    couple.first.goTo(atA);
    couple.second.goTo(atB);
    const kind = cellStateAbout(couple, 0, 0, tally);
    if (kind === BLOCKED) return BLOCKED;
    if (kind === UNKNOWN) worst = UNKNOWN;
  }
  return worst;
}

/** The worst ground of an edge between two travels. */
export function groundOn(edge: readonly Stretch[], from: number, to: number): CellState {
  const [first, last] = from < to ? [from, to] : [to, from];
  let worst: CellState = FREE;
  for (const stretch of edge) {
    if (stretch.from > last || stretch.to < first) continue;
    if (stretch.kind === BLOCKED) return BLOCKED;
    worst = UNKNOWN;
  }
  return worst;
}
