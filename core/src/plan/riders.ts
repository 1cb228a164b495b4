import { carried, type Motion } from '../motion/motion';
import { retimed } from '../motion/retimed';
import { ridersBodies, ridingOn } from '../scene/riding';
import type { Body, IntendedContact, Mover, MovingBody, Scene } from '../scene/scene';
import { carrierOf, hostsFirst, mayCarry, type Carrier } from './hosts';
import type { Plan } from './schema';

/**
 * A scene with all that is mounted on what moves going with it. What stands still of it becomes a body of what carries it; what moves of it
 * rides on that, or is one with it where both go by the same travel.
 *
 * @param scene  everything as it is laid, with what carries it shut and standing still
 */
export function withRiders(plan: Plan, scene: Scene): Scene {
  const carriers = carriersOf(plan);
  if (carriers.length === 0) return scene;
  const movers = new Map(scene.movers.map((mover) => [mover.id, mover]));
  /** Movers that go by the same travel as another are part of that, by their ids. */
  const partOf = new Map<string, string>();
  const riders: string[] = [];
  const aboard = new Set<string>();
  for (const [item, carrier] of carriers) {
    const host = movers.get(partOf.get(carrier.mover) ?? carrier.mover);
    if (!host) throw new Error(`${item} is mounted on ${carrier.mover}, which is no mover of the scene.`);
    const by = host.bodies.find(({ id }) => id === carrier.body)!;
    aboard.add(item);
    let laden = withBodies(
      host,
      scene.still
        .filter((body) => body.item === item)
        .map((body) => goingWith(by, body, host.needs.shell === 0 ? plan.gaps.running.mm : undefined)),
    );
    for (const mover of scene.movers.filter((one) => one.item === item)) {
      if (carrier.while === 'same') {
        laden = withSameTravel(laden, by, mover);
        partOf.set(mover.id, host.id);
        movers.delete(mover.id);
      } else {
        movers.set(mover.id, ridingOn(mover, host, { on: host.id, by: by.id, while: carrier.while }));
        riders.push(mover.id);
      }
    }
    movers.set(host.id, laden);
  }
  // What rides on a rider is aboard of that before it goes aboard itself.
  for (const id of riders.reverse()) {
    const rider = movers.get(id)!;
    const host = movers.get(rider.ride!.on)!;
    movers.set(host.id, withBodies(host, ridersBodies(rider, host)));
  }
  return {
    ...scene,
    still: scene.still.filter(({ item }) => !aboard.has(item)),
    movers: scene.movers.flatMap(({ id }) => movers.get(id) ?? []),
  };
}

/** What carries each item that is carried, hosts first. */
function carriersOf(plan: Plan): (readonly [string, Carrier])[] {
  if (!mayCarry(plan)) return [];
  return hostsFirst(plan).flatMap(({ id }) => {
    const carrier = carrierOf(plan, id);
    return carrier ? [[id, carrier] as const] : [];
  });
}

const withBodies = (mover: Mover, bodies: readonly MovingBody[]): Mover =>
  bodies.length > 0 ? { ...mover, bodies: [...mover.bodies, ...bodies] } : mover;

/**
 * A body that stood still, fixed to one that moves.
 *
 * @param shell  what it needs from walls, floor and ceiling, where the other stands in its frame as near as it likes
 */
const goingWith = ({ motion, own }: MovingBody, body: Body, shell: number | undefined): MovingBody => ({
  // All that stands still of carcasses and parts is made of convex solids.
  ...(body as Body & Pick<MovingBody, 'pieces'>),
  motion,
  ...(own && { own }),
  ...(shell !== undefined && { shell }),
});

/** A mover with another that goes by its travel, each from shut to open at once. */
function withSameTravel(host: Mover, by: MovingBody, { bodies, contacts, from, to }: Mover): Mover {
  const rate = (to - from) / (host.to - host.from);
  const inStep = (motion: Motion) => retimed(motion, from - rate * host.from, rate);
  const travelOf = (own: number) => host.from + (own - from) / rate;
  const joined = bodies.map((body): MovingBody => ({
    ...body,
    motion: carried(by.motion, inStep(body.motion)),
    ...(by.own && { own: carried(by.own, inStep(body.motion)) }),
  }));
  const meant = contacts.map((contact): IntendedContact => ({
    ...contact,
    from: travelOf(contact.from),
    to: travelOf(contact.to),
  }));
  return { ...withBodies(host, joined), contacts: [...host.contacts, ...meant] };
}
