import { omitKey } from '../item/omitKey';
import type { Motion } from '../motion/motion';
import { undone } from '../motion/relative';
import { asCarried, carrierOf } from '../scene/riding';
import type { Body, Mover, MovingBody } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { box, type Point3 } from '../solid/prism';
import { slabIn } from '../solid/slab';
import { boxesApart, standing, swept } from './extent';
import { MovingPiece } from './movingPiece';
import { sweptBoxes } from './sweptBoxes';
import type { Boxes } from './boxes';

/** Whether a mover rides on another. */
export const isRiderOf = ({ ride }: Mover, { id }: Mover): boolean => ride?.on === id;

/**
 * Two movers as they are held against each other, each by its own travel: as they are, but for a rider that goes wherever
 * what carries it stands and that one.
 *
 * @param still  what stands still about them
 */
export function facing(a: Mover, b: Mover, still: readonly Body[]): readonly [Mover, Mover] {
  if (isRiderOf(a, b) && a.ride!.while === 'any') return riderSquare(a, b, still);
  if (isRiderOf(b, a) && b.ride!.while === 'any') {
    const [rider, world] = riderSquare(b, a, still);
    return [world, rider];
  }
  return [a, b];
}

/**
 * A rider that may go wherever what carries it stands, and all that stands still about it, as what carries it sees them:
 * the rider goes by its own travel alone, and the rest of the world by the carrier's, backwards. So the square of their
 * two travels is certified as that of any two movers is.
 *
 * @param rider  on what carries it, shut
 * @returns the rider, and the world as a mover of the carrier's travel, by its id
 */
function riderSquare(
  rider: Mover,
  host: Mover,
  still: readonly Body[],
): readonly [rider: Mover, world: Mover] {
  const seen = asCarried(rider);
  const carrier = carrierOf(rider, host).motion;
  const air = airOfRide(seen, host, carrier);
  const motion = undone(carrier);
  const world = still.flatMap((body): MovingBody[] => {
    if (body.zone || boxesApart(standing(body).whole, air, 0)) return [];
    const pieces = body.pieces.flatMap((piece) =>
      piece.kind === 'convex' ? [piece] : (slabIn(piece, ...ballAbout(air)) ?? []),
    );
    return pieces.length > 0 ? [{ ...omitKey(body, 'parts'), pieces, motion }] : [];
  });
  return [
    { ...seen, contacts: [] },
    { ...host, bodies: world, contacts: [] },
  ];
}

/** A box about all the air a rider may come to, wherever both stand. */
function airOfRide(rider: Mover, host: Mover, carrier: Motion): Boxes {
  const boxes = rider.bodies.map((body) => {
    const { whole } = swept(body, rider);
    const [x, y, z, X, Y, Z] = whole as unknown as [number, number, number, number, number, number];
    const about: Convex = box([x, y, z], [X, Y, Z]);
    return sweptBoxes(new MovingPiece(about, carrier), host.from, host.to);
  });
  const air = Float64Array.of(Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity);
  for (const one of boxes)
    for (let axis = 0; axis < 3; axis += 1) {
      air[axis] = Math.min(air[axis]!, one[axis]!);
      air[axis + 3] = Math.max(air[axis + 3]!, one[axis + 3]!);
    }
  return air;
}

function ballAbout(air: Boxes): [Point3, number] {
  const centre = [0, 1, 2].map((axis) => (air[axis]! + air[axis + 3]!) / 2) as unknown as Point3;
  return [centre, Math.hypot(...[0, 1, 2].map((axis) => air[axis + 3]! - centre[axis]!))];
}
