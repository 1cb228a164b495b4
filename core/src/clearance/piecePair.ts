import { farthest, nearest } from '../motion/along';
import { partsOfMover, type Mover, type MovingBody } from '../scene/scene';
import { startLevel, TOUCH_DEPTH_MM } from './encounter';
import { coldStart, type GjkStart } from './gjk';
import { BLOCKED, FREE, UNKNOWN, type CellState } from './cellState';
import { boxesApart } from './extent';
import { MovingPiece } from './movingPiece';
import { leastOverlapAxis } from './separatingAxis';
import { emptySeparation, ROUNDING } from './separation';
import { separate } from './separate';
import { boxOf, type Boxes } from './boxes';
import { touchesOf, type Touch } from './touches';

/**
 * A piece of one part and a piece of another, each on a travel of its own, with the normal last found between them. They hit
 * by the same rule as a part hits what stands still: deeper than 0, or than a touch that is meant or was there at the start.
 */
export interface PiecePair {
  readonly first: MovingPiece;
  readonly second: MovingPiece;
  readonly start: GjkStart;
  readonly normal: Float64Array;
  /** How deep they may stand in each other wherever both are, mm: 0, or a hair more than the touch with both shut. */
  readonly depth: number;
  /** How deep over stretches of the first part's travel, and of the second's, wherever the other is. */
  readonly meant: readonly [readonly Touch[], readonly Touch[]] | undefined;
  /** Whether the two were found overlapping when last asked. */
  overlaps: boolean;
  /** Whether the normal is the way along which they were found to overlap least. */
  shallowest: boolean;
}

/** Every piece of one part with every piece of another. */
export function piecePairsOf(a: Mover, b: Mover): PiecePair[] {
  const seconds = partsOfMover(b).map((part) => [part, shutPieces(b, part)] as const);
  const couples: PiecePair[] = [];
  for (const first of partsOfMover(a)) {
    const ones = shutPieces(a, first);
    for (const [second, twos] of seconds) {
      const touches = [touchesOf(a, first, second), touchesOf(b, second, first)] as const;
      const meant = touches[0].length + touches[1].length > 0 ? touches : undefined;
      for (const one of ones) {
        for (const two of twos) {
          const depth = boxesApart(one.box, two.box, TOUCH_DEPTH_MM)
            ? 0
            : depthAtStart(one.moving, two.moving);
          couples.push({
            first: one.moving,
            second: two.moving,
            start: coldStart(),
            normal: new Float64Array(3),
            depth,
            meant,
            overlaps: false,
            shallowest: false,
          });
        }
      }
    }
  }
  return couples;
}

/** The pieces of a body where its mover is shut, with their boxes. */
function shutPieces({ from }: Mover, { pieces, motion }: MovingBody): { moving: MovingPiece; box: Boxes }[] {
  return pieces.map((piece) => {
    const moving = new MovingPiece(piece, motion);
    moving.goTo(from);
    return { moving, box: boxOf(moving.corners) };
  });
}

/** How deep two pieces may go wherever they are: found in touch where both stand, a hair deeper than that. */
function depthAtStart(one: MovingPiece, two: MovingPiece): number {
  separate(one.piece, one.corners, two.piece, two.corners, coldStart(), out);
  return -startLevel(out.value);
}

const out = emptySeparation();
const opposite = new Float64Array(3);

/** Of cells so little beyond a touch's ends, of the travel, that only rounding put them there. */
const EDGE = 1e-9;

/**
 * How deep a touch is meant about a travel: the least over the whole stretch, and the most anywhere on it; -1 where none is.
 */
function meantAbout(touches: readonly Touch[], at: number, half: number): readonly [number, number] {
  const [from, to] = [at - half, at + half];
  let [least, most, covered] = [Infinity, -1, from];
  for (const touch of touches) {
    if (touch.to < from || touch.from > to) continue;
    most = Math.max(most, touch.depth);
    if (touch.from > covered + EDGE || touch.to < covered - EDGE) continue;
    least = Math.min(least, touch.depth);
    covered = Math.max(covered, touch.to);
  }
  return [least < Infinity && covered >= to - EDGE ? least : -1, most];
}

/**
 * What is proven of a couple about where its two pieces stand, each going up to half a stretch to either side: clear of a hit
 * all over, or hitting all over, since the depth is more than both can move; else unknown. The normal found before
 * often settles it without a distance query.
 *
 * @param tally  counts the distance queries
 */
export function cellStateAbout(
  couple: PiecePair,
  halfA: number,
  halfB: number,
  tally: { evaluations: number },
): CellState {
  const { first, second, start, normal } = couple;
  let least = couple.depth;
  let most = couple.depth;
  if (couple.meant) {
    const [ofA, ofB] = [
      meantAbout(couple.meant[0], first.at, halfA),
      meantAbout(couple.meant[1], second.at, halfB),
    ];
    for (const [all, any] of [ofA, ofB]) {
      if (all >= 0) least = Math.max(least, all + TOUCH_DEPTH_MM);
      if (any >= 0) most = Math.max(most, any + TOUCH_DEPTH_MM);
    }
  }
  const known = normal[0] !== 0 || normal[1] !== 0 || normal[2] !== 0;
  const moves = first.farthest(halfA) + second.farthest(halfB);
  const gap = known ? nearest(first.corners, normal) - farthest(second.corners, normal) : 0;
  // Farther apart than both can move, whatever way they go: the bound along the normal need not be worked out.
  if (known && gap > moves + ROUNDING - least) return FREE;
  if (known && gap > -least && leastAlong(first, second, normal, halfA, halfB) > ROUNDING - least)
    return FREE;
  tally.evaluations += 1;
  separate(first.piece, first.corners, second.piece, second.corners, start, out, 0);
  couple.overlaps = !(out.value > 0);
  if (couple.overlaps) {
    // No depth is more than the overlap along any one direction: the one known says most often that it is not enough.
    // Nor is it free as a touch where it goes deeper than one along the direction in which it overlapped least.
    const touches = least > 0 && !(couple.shallowest && -gap > least);
    if (!touches && known && -gap <= moves + most) return UNKNOWN;
    const depth = -leastOverlapAxis(first.piece, first.corners, second.piece, second.corners, out);
    normal.set(out.normal);
    couple.shallowest = true;
    if (depth > moves + most) return BLOCKED;
    if (least === 0) return UNKNOWN;
  } else {
    normal.set(out.normal);
    couple.shallowest = false;
  }
  return leastAlong(first, second, normal, halfA, halfB) > ROUNDING - least ? FREE : UNKNOWN;
}

/** A proven lower bound on the two pieces' signed separation, read along one direction, mm. */
function leastAlong(
  first: MovingPiece,
  second: MovingPiece,
  n: Float64Array,
  halfA: number,
  halfB: number,
): number {
  for (let axis = 0; axis < 3; axis += 1) opposite[axis] = -n[axis]!;
  return first.lowest(n, halfA) + second.lowest(opposite, halfB);
}
