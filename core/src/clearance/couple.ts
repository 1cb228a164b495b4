import { farthest, nearest } from '../motion/along';
import type { Mover, MovingBody } from '../scene/scene';
import { coldStart, type GjkStart } from './gjk';
import { BLOCKED, FREE, UNKNOWN, type Ground } from './ground';
import { MovingPiece } from './movingPiece';
import { leastOverlapAxis } from './separatingAxis';
import { emptySeparation, ROUNDING, separate } from './separation';

/** A piece of one part and a piece of another, each on a travel of its own, with the normal last found between them. */
export interface Couple {
  readonly first: MovingPiece;
  readonly second: MovingPiece;
  readonly start: GjkStart;
  readonly normal: Float64Array;
  /** Whether the two were found overlapping when last asked. */
  overlaps: boolean;
}

/** Every piece of one part with every piece of another, but for bodies meant to touch, named as `moving still`. */
export function couplesOf(a: Mover, b: Mover, touching: ReadonlySet<string>): Couple[] {
  const couples: Couple[] = [];
  const goings = (body: MovingBody) => body.pieces.map((piece) => new MovingPiece(piece, body.motion));
  const of = new Map([...a.bodies, ...b.bodies].map((body) => [body, goings(body)]));
  for (const first of a.bodies) {
    for (const second of b.bodies) {
      if (touching.has(`${first.id} ${second.id}`)) continue;
      for (const one of of.get(first)!) {
        for (const two of of.get(second)!)
          couples.push({
            first: one,
            second: two,
            start: coldStart(),
            normal: new Float64Array(3),
            overlaps: false,
          });
      }
    }
  }
  return couples;
}

const out = emptySeparation();
const opposite = new Float64Array(3);

/**
 * What is proven of a couple about where its two pieces stand, each going up to half a stretch to either side: apart
 * all over, or overlapping all over, since the depth is more than both can move; else unknown. The normal found before
 * often settles it without a distance query.
 *
 * @param tally  counts the distance queries
 */
export function groundAbout(
  couple: Couple,
  halfA: number,
  halfB: number,
  tally: { evaluations: number },
): Ground {
  const { first, second, start, normal } = couple;
  const known = normal[0] !== 0 || normal[1] !== 0 || normal[2] !== 0;
  const moves = first.farthest(halfA) + second.farthest(halfB);
  const gap = known ? nearest(first.corners, normal) - farthest(second.corners, normal) : 0;
  // Farther apart than both can move, whatever way they go: the bound along the normal need not be worked out.
  if (gap > moves + ROUNDING || (gap > 0 && apartAlong(first, second, normal, halfA, halfB))) return FREE;
  tally.evaluations += 1;
  separate(first.piece, first.corners, second.piece, second.corners, start, out, 0);
  couple.overlaps = !(out.value > 0);
  if (!couple.overlaps) {
    normal.set(out.normal);
    return apartAlong(first, second, normal, halfA, halfB) ? FREE : UNKNOWN;
  }
  // No depth is more than the overlap along any one direction: the one known says most often that it is not enough.
  if (known && -gap <= moves) return UNKNOWN;
  const depth = -leastOverlapAxis(first.piece, first.corners, second.piece, second.corners, out);
  normal.set(out.normal);
  return depth > moves ? BLOCKED : UNKNOWN;
}

function apartAlong(
  first: MovingPiece,
  second: MovingPiece,
  n: Float64Array,
  halfA: number,
  halfB: number,
): boolean {
  for (let axis = 0; axis < 3; axis += 1) opposite[axis] = -n[axis]!;
  return first.lowest(n, halfA) + second.lowest(opposite, halfB) > ROUNDING;
}
