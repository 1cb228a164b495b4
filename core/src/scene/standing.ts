import { carriedAt, hostsOf } from './riding';
import type { Mover } from './scene';

/** Where movers stand to be drawn or held against something. */
export interface Standing {
  readonly travels: Readonly<Record<string, number>>;
  /** Ids of those left out: a thing is in one place, however many ways it has, and a rider that is shut is a body of what carries it. */
  readonly hidden: ReadonlySet<string>;
  /** All movers in their order, riders where what carries them has taken them, and that without the bodies of riders that are out. */
  readonly movers: readonly Mover[];
}

/** @param travels  asked for, by id; shut where none is given */
export function standingAt(movers: readonly Mover[], travels: Readonly<Record<string, number>>): Standing {
  const at: Record<string, number> = { ...travels };
  const hidden = new Set<string>();
  for (const mover of movers) {
    const thing = mover.goes && movers.find(({ id }) => id === mover.thing);
    if (!thing) continue;
    const own = travels[mover.id] ?? mover.from;
    const out = at[thing.id] ?? thing.from;
    const moves = own > mover.from;
    if (mover.goes === 'instead') hidden.add(moves ? thing.id : mover.id);
    else if (mover.goes === 'in place' && out > thing.from && !moves) hidden.add(mover.id);
    else if (mover.goes === 'along') {
      at[thing.id] = Math.max(out, Math.min(own, thing.to));
      at[mover.id] = Math.max(own, Math.min(out, thing.to));
    }
  }
  return { travels: at, hidden, movers: ridersAt(movers, at, hidden) };
}

/** Settles where riders are and what carries them; both are changed in what is handed in. */
function ridersAt(
  movers: readonly Mover[],
  at: Record<string, number>,
  hidden: Set<string>,
): readonly Mover[] {
  if (!movers.some(({ ride }) => ride)) return movers;
  const byId = new Map(movers.map((mover) => [mover.id, mover]));
  const isOut = ({ id, from }: Mover) => (at[id] ?? from) > from;
  // What is out holds open what it can only come out of open; what is out by itself keeps shut what opens on it shut.
  const settled = new Set<Mover>();
  const settle = (mover: Mover): void => {
    if (!mover.ride || settled.has(mover)) return;
    settled.add(mover);
    const host = byId.get(mover.ride.on)!;
    if (isOut(mover) && mover.ride.while === 'open') at[host.id] = host.to;
    settle(host);
    if (isOut(host) && mover.ride.while === 'shut') at[mover.id] = mover.from;
  };
  movers.forEach(settle);
  const out = new Set(movers.filter((mover) => mover.ride && isOut(mover)).map(({ id }) => id));
  for (const { id, ride } of movers) if (ride && !out.has(id)) hidden.add(id);
  const placed = new Map<string, Mover>();
  const place = (mover: Mover): Mover => {
    const known = placed.get(mover.id);
    if (known) return known;
    const left = mover.bodies.filter(({ riders = [] }) => !riders.some((id) => out.has(id)));
    let one = left.length < mover.bodies.length ? { ...mover, bodies: left } : mover;
    if (mover.ride && out.has(mover.id)) {
      const host = place(byId.get(mover.ride.on)!);
      one = carriedAt(one, host, at[host.id] ?? host.from);
    }
    placed.set(mover.id, one);
    return one;
  };
  return movers.map(place);
}

/** Whether any of the movers carries another, or what carries it does. */
export const carries = (movers: readonly Mover[], { id }: Mover): boolean =>
  movers.some((mover) => hostsOf(mover, movers).some((host) => host.id === id));
