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
  /** Where they stand both shut, and both open: at one pose each, so all but a touch is decided. */
  readonly bothShut: Ground;
  readonly bothOpen: Ground;
}

/** An edge is halved this often at most: to a 2048th of the travel, under half a millimetre at the edge of a leaf. */
const HALVINGS = 11;
/** So often more where an edge is free but for what was left open: parts that pass within a hair. */
const FURTHER = 9;

export function edgesOf(
  a: Mover,
  b: Mover,
  couples: readonly Couple[],
  tally: { evaluations: number },
): Edges {
  const along = (mover: Mover, at: number, side: 'first' | 'second'): Stretch[] => {
    const look = (stretch: Undecided, halvings: number): { stretches: Stretch[]; undecided: Undecided[] } => {
      const stretches: Stretch[] = [];
      const undecided: Undecided[] = [];
      const add = (from: number, to: number, kind: Stretch['kind']) => {
        const last = stretches[stretches.length - 1];
        if (last?.kind === kind && last.to === from) stretches[stretches.length - 1] = { ...last, to };
        else stretches.push({ from, to, kind });
      };
      const visit = ({ from, to, open }: Undecided, deeper: number) => {
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
        if (deeper === 0) {
          undecided.push({ from, to, open: left });
          return add(from, to, UNKNOWN);
        }
        visit({ from, to: from + half, open: left }, deeper - 1);
        visit({ from: from + half, to, open: left }, deeper - 1);
      };
      visit(stretch, halvings);
      return { stretches, undecided };
    };
    const first = look({ from: mover.from, to: mover.to, open: couples }, HALVINGS);
    // Where it is blocked elsewhere, the width of a bracket changes no answer.
    if (first.stretches.some(({ kind }) => kind === BLOCKED)) return first.stretches;
    return first.undecided.flatMap((one) => look(one, FURTHER).stretches);
  };
  const pose = (atA: number, atB: number): Ground => {
    let worst: Ground = FREE;
    for (const couple of couples) {
      couple.first.goTo(atA);
      couple.second.goTo(atB);
      const kind = groundAbout(couple, 0, 0, tally);
      if (kind === BLOCKED) return BLOCKED;
      if (kind === UNKNOWN) worst = UNKNOWN;
    }
    return worst;
  };
  return {
    aWithBShut: along(a, b.from, 'first'),
    aWithBOpen: along(a, b.to, 'first'),
    bWithAShut: along(b, a.from, 'second'),
    bWithAOpen: along(b, a.to, 'second'),
    bothShut: pose(a.from, b.from),
    bothOpen: pose(a.to, b.to),
  };
}

/** A stretch of an edge that is still to be decided, with what stands open on it. */
interface Undecided {
  readonly from: number;
  readonly to: number;
  readonly open: readonly Couple[];
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
