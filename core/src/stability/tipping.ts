import { swept } from '../clearance/extent';
import { GRAVITY } from '../piece/mass';
import type { Mover } from '../scene/scene';
import type { FootEdge } from './foot';
import type { LadenMover, Loads } from './loads';
import { farthestAlong } from './reach';

/** A child that hangs on an open front, kg. @source ASTM F2057-23, 60 lb, from memory */
export const CHILD = 27;
/** Higher than this a child gets no hold, mm: 56 in. @source ASTM F2057-23, from memory */
const CHILD_REACHES = 1422;
/** What comes out less far than this gives nobody a hold, mm. */
const LEAST_OUT = 50;

const MM_A_M = 1000;

/** What holds something that stands from going over an edge, Nm: at least so much, whatever is open, with and without a child. */
export interface Hold {
  readonly edge: FootEdge;
  readonly own: number;
  readonly withChild: number;
}

/**
 * How firmly something stands as all that can open is open at once, wherever that pulls most, edge by edge, the least firm first. Each
 * mover is taken where it pulls most by itself: what is told is never more than what holds.
 */
export const holdsOf = ({ still, moving }: Loads, edges: readonly FootEdge[]): Hold[] =>
  edges
    .map((edge): Hold => {
      const stays = turned(still.kg, edge.at - along(edge, still.centre));
      const own = moving.length === 0 ? stays : stays + worstOfAll(moving, edge);
      const child = Math.min(0, ...moving.map(({ mover }) => childOn(mover, edge)));
      return { edge, own, withChild: own + child };
    })
    .sort((a, b) => a.withChild - b.withChild);

/** What a weight so far within an edge holds down, Nm. */
const turned = (kg: number, within: number): number => (kg * GRAVITY * within) / MM_A_M;
const along = ({ out }: FootEdge, [x, y]: readonly [number, number, number]) => out[0] * x + out[1] * y;

/** All movers together; of one thing that goes in several ways the worst. */
function worstOfAll(moving: readonly LadenMover[], edge: FootEdge): number {
  const things = new Map<string, number>();
  const inPlace = moving.filter(({ mover }) => mover.goes !== 'along' && mover.goes !== 'in place');
  for (const one of inPlace) {
    const thing = one.mover.goes === 'instead' ? one.mover.thing! : one.mover.id;
    things.set(thing, Math.min(things.get(thing) ?? Infinity, worst(one, edge)));
  }
  return [...things.values()].reduce((sum, one) => sum + one, 0);
}

/** Where a mover pulls most over an edge, Nm. */
const worst = ({ mover: { from, to }, weights }: LadenMover, edge: FootEdge): number =>
  weights.reduce(
    (sum, { kg, centre, motion }) =>
      sum + turned(kg, edge.at - farthestAlong(centre, motion, from, to, edge.out)),
    0,
  );

/** What a child does that hangs where a mover reaches farthest over an edge, Nm; nothing where it finds no hold there. */
function childOn(mover: Mover, edge: FootEdge): number {
  const far = mover.bodies.flatMap((body) => {
    const { whole } = swept(body, mover);
    if (whole[2]! > CHILD_REACHES) return [];
    const [x, y] = [edge.out[0] > 0 ? whole[3]! : whole[0]!, edge.out[1] > 0 ? whole[4]! : whole[1]!];
    return [along(edge, [x, y, 0])];
  });
  const out = Math.max(-Infinity, ...far) - edge.at;
  return out > LEAST_OUT ? turned(CHILD, -out) : 0;
}
