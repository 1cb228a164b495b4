import { partsOfMover, type Mover, type MovingBody } from '../scene/scene';
import { type Approach } from './approach';
import { approachStill } from './approachStill';
import { WATCH_DISTANCE_MM } from './encounter';
import { leastClearance } from './leastClearance';
import { coldStart } from './gjk';
import { boxOf, type Boxes } from './boxes';
import { FREE } from './cellState';
import { CELLS, type PairMap } from './pairMap';
import { MovingPiece } from './movingPiece';
import { relative } from '../motion/relative';
import { retimed } from '../motion/retimed';
import { emptySeparation } from './separation';
import { separate } from './separate';
import { outside, touchesOf, type Touch } from './touches';
import type { Place, FreeSpace } from './freeGround';

/** Steps to the nearest cell that is not proven free: two passes over the grid. */
export function freeSpaceInCells({ ground }: PairMap): FreeSpace {
  const room = Uint16Array.from(ground, (kind) => (kind === FREE ? CELLS : 0));
  const take = (at: number, from: number) => {
    if (room[from]! + 1 < room[at]!) room[at] = room[from]! + 1;
  };
  for (let at = 0; at < room.length; at += 1) {
    const j = at % CELLS;
    if (at >= CELLS) {
      take(at, at - CELLS);
      if (j > 0) take(at, at - CELLS - 1);
      if (j < CELLS - 1) take(at, at - CELLS + 1);
    }
    if (j > 0) take(at, at - 1);
  }
  for (let at = room.length - 1; at >= 0; at -= 1) {
    const j = at % CELLS;
    if (at < room.length - CELLS) {
      take(at, at + CELLS);
      if (j > 0) take(at, at + CELLS - 1);
      if (j < CELLS - 1) take(at, at + CELLS + 1);
    }
    if (j < CELLS - 1) take(at, at + 1);
  }
  return room;
}

/** Cells along a side of the squares that share one look at the clearance. */
const COARSE = 4;
/** Steps of a room in mm: a tenth. */
const PER_MM = 10;

/**
 * The clearance of two movers over their map, in tenths of a millimetre from 1, up to the watch distance. It is looked at
 * in the middle of every square of 4 x 4 cells, which is enough to choose a way by; what the way keeps is for
 * `wayClearance` to prove.
 */
export function freeSpaceInMm(a: Mover, b: Mover, map: PairMap): FreeSpace {
  const room = new Uint16Array(CELLS * CELLS);
  const pieces = (mover: Mover) =>
    partsOfMover(mover).flatMap(({ pieces, motion }) =>
      pieces.map((piece) => new MovingPiece(piece, motion)),
    );
  const [firsts, seconds] = [pieces(a), pieces(b)];
  const meant = meantBetween(a, b);
  const starts = firsts.map(() => seconds.map(() => coldStart()));
  const out = emptySeparation();
  const middle = ([from, to]: readonly [number, number], i: number) =>
    from + ((to - from) * (i + COARSE / 2)) / CELLS;
  const places = Array.from({ length: CELLS / COARSE }, (_, k) => middle(map.travelB, k * COARSE));
  // The second mover's pieces at each of its places, placed once.
  const second = places.map((travel) =>
    seconds.map((piece) => {
      piece.goTo(travel);
      return { corners: piece.corners.slice(), box: boxOf(piece.corners) };
    }),
  );
  const firstBoxes = firsts.map(() => new Float64Array(6));
  for (let i = 0; i < CELLS; i += COARSE) {
    for (const [k, piece] of firsts.entries()) {
      piece.goTo(middle(map.travelA, i));
      boxOf(piece.corners, firstBoxes[k]);
    }
    for (let j = 0; j < CELLS; j += COARSE) {
      if (!anyFree(map, i, j)) continue;
      let least = WATCH_DISTANCE_MM;
      for (const [k, one] of firsts.entries()) {
        for (const [l, two] of second[j / COARSE]!.entries()) {
          if (gapOfBoxes(firstBoxes[k]!, two.box) >= least || meant?.(k, l, one.at, places[j / COARSE]!))
            continue;
          const { value } = separate(
            one.piece,
            one.corners,
            seconds[l]!.piece,
            two.corners,
            starts[k]![l]!,
            out,
            0,
          );
          if (value < least) least = value;
        }
      }
      const kept = 1 + Math.floor(PER_MM * Math.max(0, least));
      for (let row = i; row < i + COARSE; row += 1) {
        for (let column = j; column < j + COARSE; column += 1) {
          const at = row * CELLS + column;
          if (map.ground[at] === FREE) room[at] = kept;
        }
      }
    }
  }
  return room;
}

/** Whether two pieces, by their places among all of either mover, are meant to touch at two travels; undefined where none ever is. */
function meantBetween(
  a: Mover,
  b: Mover,
): ((k: number, l: number, atA: number, atB: number) => boolean) | undefined {
  const parts = (mover: Mover) => partsOfMover(mover).flatMap((part) => part.pieces.map(() => part));
  const [ones, twos] = [parts(a), parts(b)];
  const touches = ones.map((one) =>
    twos.map((two) => [touchesOf(a, one, two), touchesOf(b, two, one)] as const),
  );
  if (touches.every((row) => row.every(([p, q]) => p.length + q.length === 0))) return undefined;
  const within = (of: readonly Touch[], at: number) => of.some(({ from, to }) => from <= at && at <= to);
  return (k, l, atA, atB) => within(touches[k]![l]![0], atA) || within(touches[k]![l]![1], atB);
}

function anyFree({ ground }: PairMap, i: number, j: number): boolean {
  for (let row = i; row < i + COARSE; row += 1) {
    for (let column = j; column < j + COARSE; column += 1)
      if (ground[row * CELLS + column] === FREE) return true;
  }
  return false;
}

/** The greatest gap of two boxes along an axis: no distance between what they hold is less. */
function gapOfBoxes(a: Boxes, b: Boxes): number {
  let gap = 0;
  for (let axis = 0; axis < 3; axis += 1)
    gap = Math.max(gap, a[axis]! - b[3 + axis]!, b[axis]! - a[3 + axis]!);
  return gap;
}

/** The least clearance of two movers along a way, mm: proven to be no less than `lower`, attained at `at` of the two travels. */
export interface WayClearance {
  readonly lower: number;
  readonly clearance: number;
  readonly at: Place;
}

/** Certify a way: both movers go along each straight part of it together. Where a touch is meant, nothing is asked of it. */
export function wayClearance(a: Mover, b: Mover, way: readonly Place[]): WayClearance {
  let least: WayClearance = { lower: Infinity, clearance: Infinity, at: way[0]! };
  for (let k = 1; k < way.length; k += 1) {
    const [from, to] = [way[k - 1]!, way[k]!];
    const run = (body: MovingBody, side: 0 | 1) => retimed(body.motion, from[side], to[side] - from[side]);
    for (const one of partsOfMover(a)) {
      for (const two of partsOfMover(b)) {
        const meant = [
          ...touchesOf(a, one, two).flatMap((touch) => overRun(touch, from[0], to[0])),
          ...touchesOf(b, two, one).flatMap((touch) => overRun(touch, from[1], to[1])),
        ].sort((p, q) => p.from - q.from);
        const held = outside(meant, 0, 1);
        if (held.length === 0) continue;
        const carrier = run(two, 1);
        const motion = relative(run(one, 0), carrier);
        for (const piece of one.pieces) {
          const first = new MovingPiece(piece, motion);
          for (const second of two.pieces) {
            const approach = approachStill(first, second, carrier);
            for (const stretch of held) least = lessOf(least, approach, stretch, from, to);
          }
        }
      }
    }
  }
  return least;
}

/** A touch over a part's travel as one over a run of it from one travel to another, counted from 0 to 1; none where that is elsewhere. */
function overRun({ from, to, depth }: Touch, start: number, end: number): Touch[] {
  if (start === end) return start >= from && start <= to ? [{ from: 0, to: 1, depth }] : [];
  const ends = [(from - start) / (end - start), (to - start) / (end - start)].map((share) =>
    Math.min(1, Math.max(0, share)),
  );
  const [first, last] = [Math.min(...ends), Math.max(...ends)];
  return first < last ? [{ from: first, to: last, depth }] : [];
}

/** The lesser of what is known and of what two pieces keep while both parts go from one place to the next. */
function lessOf(
  least: WayClearance,
  approach: Approach,
  [begin, end]: readonly [number, number],
  from: Place,
  to: Place,
): WayClearance {
  const watch = Math.min(WATCH_DISTANCE_MM, least.clearance);
  const { lower, witness } = leastClearance(approach, begin, end, { watch });
  const { travel, clearance } = witness;
  const at: Place = [from[0] + travel * (to[0] - from[0]), from[1] + travel * (to[1] - from[1])];
  return {
    lower: Math.min(least.lower, lower),
    ...(clearance < least.clearance ? { clearance, at } : { clearance: least.clearance, at: least.at }),
  };
}
