import { MovingPiece } from '../clearance/movingPiece';
import type { Motion } from '../motion/motion';
import { box, type Point3 } from '../solid/prism';

/** A point is taken for a grain so large, mm. */
const GRAIN = 0.01;
/** Stretches that a travel is looked at in: what is told is never less than the farthest, and nearer it the more there are. */
const STRETCHES = 24;

const known = new WeakMap<Motion, Map<string, number>>();

/**
 * How far along a direction a point of a body gets over its travel, mm from the origin of the space: never less than that, and seldom
 * more by a hundredth of the way it goes.
 *
 * @param at    the point as built
 * @param along unit direction
 */
export function farthestAlong(at: Point3, motion: Motion, from: number, to: number, along: Point3): number {
  let kept = known.get(motion);
  if (!kept) known.set(motion, (kept = new Map()));
  const key = `${at.join()} ${from} ${to} ${along.join()}`;
  let far = kept.get(key);
  if (far === undefined) kept.set(key, (far = farthest(at, motion, from, to, along)));
  return far;
}

function farthest([x, y, z]: Point3, motion: Motion, from: number, to: number, along: Point3): number {
  const grain = new MovingPiece(
    box([x - GRAIN, y - GRAIN, z - GRAIN], [x + GRAIN, y + GRAIN, z + GRAIN]),
    motion,
  );
  const back = Float64Array.of(-along[0], -along[1], -along[2]);
  const half = (to - from) / STRETCHES / 2;
  let least = Infinity;
  for (let i = 0; i < STRETCHES; i += 1) {
    grain.goTo(from + (2 * i + 1) * half);
    least = Math.min(least, grain.lowest(back, half));
  }
  return -least;
}
