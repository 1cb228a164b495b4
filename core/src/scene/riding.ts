import { omitKey } from '../item/omitKey';
import { carried, type Motion } from '../motion/motion';
import { retimed } from '../motion/retimed';
import type { Mover, MovingBody, Ride } from './scene';

/** Where a mover must stand for what rides on it to go; undefined where it may stand anywhere. */
export const rideTravel = (ride: Ride, { from, to }: Pick<Mover, 'from' | 'to'>): number | undefined =>
  ride.while === 'any' ? undefined : ride.while === 'shut' ? from : to;

/** What carries a mover, and what carries that: the nearest first. Throws where it is not there, or goes round in a ring. */
export function hostsOf(mover: Mover, movers: readonly Mover[]): Mover[] {
  const hosts: Mover[] = [];
  for (let one = mover; one.ride;) {
    const { on } = one.ride;
    const host = movers.find(({ id }) => id === on);
    if (!host) throw new Error(`${one.id} rides on ${on}, which is no mover of the scene.`);
    if (host === mover || hosts.includes(host))
      throw new Error(`Movers ride on each other in a ring: ${host.id}.`);
    hosts.push(host);
    one = host;
  }
  return hosts;
}

/**
 * A mover as a rider of another.
 *
 * @param mover  as it would go if what carries it stood still, shut
 * @param host   what carries it, itself already a rider where it is one
 */
export function ridingOn(mover: Mover, host: Mover, ride: Ride): Mover {
  const bodies = mover.bodies.map((body): MovingBody => ({ ...body, own: body.motion }));
  return carriedAt({ ...mover, ride, bodies }, host, rideTravel(ride, host) ?? host.from);
}

/** A rider with what carries it standing at a travel: a mover of its own travel. */
export function carriedAt(rider: Mover, host: Mover, at: number): Mover {
  // Everything is given where it stands with each travel at its start: there nothing has taken it anywhere.
  const moved = at !== host.from || host.ride !== undefined;
  const still = retimed(carrierOf(rider, host).motion, at, 0);
  return withMotions(rider, (own) => (moved ? carried(still, own) : own));
}

/** A rider that stands at a travel of its own while what carries it moves: a mover of that one's travel. */
export function takenAlong(rider: Mover, host: Mover, at: number): Mover {
  const { motion } = carrierOf(rider, host);
  const { unit, from, to } = host;
  const taken = withMotions(rider, (own) => carried(motion, retimed(own, at, 0)));
  return { ...taken, unit, from, to, contacts: [] };
}

/** A rider as what carries it sees it. */
export const asCarried = (rider: Mover): Mover => withMotions(rider, (own) => own);

function withMotions(rider: Mover, motionOf: (own: Motion) => Motion): Mover {
  const bodies = rider.bodies.map((body) => {
    if (!body.own) throw new Error(`${body.id} rides on nothing.`);
    return { ...body, motion: motionOf(body.own) };
  });
  return { ...rider, bodies };
}

/** A rider's bodies as they go with what carries it while the rider is shut: bodies of that. Their ids are told apart from its own. */
export function ridersBodies(rider: Mover, host: Mover): MovingBody[] {
  const { motion, own } = carrierOf(rider, host);
  return rider.bodies.map((body): MovingBody => ({
    ...omitKey(body, 'own'),
    id: idWhenShut(body.id),
    ...(body.parts && { parts: body.parts.map((part) => ({ ...part, id: idWhenShut(part.id) })) }),
    riders: [...(body.riders ?? []), rider.id],
    motion,
    ...(own && { own }),
  }));
}

const idWhenShut = (id: string) => `shut:${id}`;

/** The body that carries a rider. Throws where its host has none so called. */
export function carrierOf({ id, ride }: Mover, host: Mover): MovingBody {
  const body = host.bodies.find((one) => one.id === ride?.by);
  if (!body) throw new Error(`${host.id} has no body ${ride?.by} to carry ${id}.`);
  return body;
}
