import type { Mover } from '../scene/scene';
import { groundAbout, type Couple } from './couple';
import { BLOCKED, FREE, UNKNOWN, type Ground } from './ground';

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
}

/** An edge is halved this often at most: to a 2048th of the travel, under half a millimetre at the edge of a leaf. */
const HALVINGS = 11;

export function edgesOf(
  a: Mover,
  b: Mover,
  couples: readonly Couple[],
  tally: { evaluations: number },
): Edges {
  const along = (mover: Mover, at: number, side: 'first' | 'second'): Stretch[] => {
    const stretches: Stretch[] = [];
    const add = (from: number, to: number, kind: Stretch['kind']) => {
      const last = stretches[stretches.length - 1];
      if (last?.kind === kind && last.to === from) stretches[stretches.length - 1] = { ...last, to };
      else stretches.push({ from, to, kind });
    };
    const visit = (from: number, to: number, open: readonly Couple[], halvings: number) => {
      const left: Couple[] = [];
      const half = (to - from) / 2;
      for (const couple of open) {
        couple[side].goTo(from + half);
        couple[side === 'first' ? 'second' : 'first'].goTo(at);
        const kind = groundAbout(couple, side === 'first' ? half : 0, side === 'first' ? 0 : half, tally);
        if (kind === BLOCKED) return add(from, to, BLOCKED);
        if (kind === UNKNOWN) left.push(couple);
      }
      if (left.length === 0) return;
      if (halvings === 0) return add(from, to, UNKNOWN);
      visit(from, from + half, left, halvings - 1);
      visit(from + half, to, left, halvings - 1);
    };
    visit(mover.from, mover.to, couples, HALVINGS);
    return stretches;
  };
  return {
    aWithBShut: along(a, b.from, 'first'),
    aWithBOpen: along(a, b.to, 'first'),
    bWithAShut: along(b, a.from, 'second'),
    bWithAOpen: along(b, a.to, 'second'),
  };
}

/** The worst ground of an edge between two travels. */
export function groundOn(edge: readonly Stretch[], from: number, to: number): Ground {
  const [first, last] = from < to ? [from, to] : [to, from];
  let worst: Ground = FREE;
  for (const stretch of edge) {
    if (stretch.from > last || stretch.to < first) continue;
    if (stretch.kind === BLOCKED) return BLOCKED;
    worst = UNKNOWN;
  }
  return worst;
}
