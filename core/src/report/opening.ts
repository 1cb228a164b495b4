import { checkMover, type MoverCheck } from '../clearance/checkMover';
import { parked } from '../clearance/checkScene';
import { orderOfOpening, type Order, type Parkable } from '../clearance/order';
import type { PairMaps } from '../clearance/pairMaps';
import { roomInMm } from '../clearance/room';
import { byWaiting, sameThing, type Mover, type Scene } from '../scene/scene';

/** Travels of several parts, by id. */
export type Travels = Readonly<Record<string, number>>;

/** A part that opens less than all its travel, and what stops it there: a body that stands still, or another part. */
export interface Less {
  readonly part: string;
  readonly to: number;
  readonly by:
    { readonly kind: 'body'; readonly id: string } | { readonly kind: 'part'; readonly id: string };
}

/** The order that opens parts, how far each opens in it, and which open less than all their travel. */
export interface Opening {
  readonly order: Order;
  /** Why no order opens all as far as what stands still leaves them: then `order` opens as much as can be. */
  readonly never: Exclude<Order, { readonly kind: 'order' }> | undefined;
  readonly goal: Travels;
  readonly less: readonly Less[];
}

/**
 * The shortest order from all shut to every named part at its wanted travel; each part may be parked shut, or there.
 * A part that is stopped short of its travel is taken to go no farther, so that its open edge is as sharp as its shut one.
 *
 * @throws where a part is wanted where it can never be left, as what rides on a thing half way out of it
 */
export function openingOrder(scene: Scene, maps: PairMaps, goal: Travels): Order {
  const out = (mover: Mover) => {
    const wanted = goal[mover.id];
    return wanted === undefined || wanted <= mover.from ? mover.to : wanted;
  };
  const ways = scene.movers.map((mover) => {
    const thing = mover.goes === 'along' ? scene.movers.find(({ id }) => id === mover.thing) : undefined;
    const states = [...new Set([mover.from, ...(thing ? [out(thing)] : []), out(mover)])];
    // Out with its thing and no farther, where that does not come out all the way or nobody asks for more.
    const rides = thing && (out(thing) < thing.to || goal[mover.id] === undefined);
    return {
      mover: { ...mover, to: rides ? out(thing) : out(mover) },
      states: rides ? states.slice(0, 2) : states,
    };
  });
  const byId = new Map(ways.map(({ mover }) => [mover.id, mover]));
  return orderOfOpening(
    ways.map(({ mover: { id, thing, goes }, states }): Parkable => ({
      id,
      states,
      ...(thing !== undefined && { thing }),
      ...(goes !== undefined && { goes }),
    })),
    goal,
    (a, b) => maps.of(byId.get(a)!, byId.get(b)!),
    (map) => roomInMm(byId.get(map.a)!, byId.get(map.b)!, map),
  );
}

/**
 * The order that opens every part as far as what stands still leaves it, whatever shut neighbours stand before it. Where no
 * order opens all so far, the part that stands in another's way least of all gives way, and that is told.
 *
 * @param checks  of the scene's movers, in their order
 */
export function fullestOpening(scene: Scene, checks: readonly MoverCheck[], maps: PairMaps): Opening {
  const wanted = openTravels(scene, checks);
  const less = new Map(wanted.less.map((one) => [one.part, one]));
  const goal: Record<string, number> = { ...wanted.goal };
  let never: Opening['never'];
  for (;;) {
    const order = openingOrder(scene, maps, goal);
    const cut = order.kind === 'order' ? undefined : giveWay(scene, goal, order.pair);
    if (order.kind !== 'order') never ??= order;
    if (!cut) return { order, never, goal, less: [...less.values()] };
    less.set(cut.part, cut);
    if (cut.to > moverOf(scene, cut.part).from) goal[cut.part] = cut.to;
    else delete goal[cut.part];
  }
}

/** How far each part opens by itself: as far as what stands still leaves it. Those that do not open at all are left out of the goal. */
export function openTravels(
  scene: Scene,
  checks: readonly MoverCheck[],
): { readonly goal: Travels; readonly less: readonly Less[] } {
  const moving = new Map(scene.movers.flatMap(({ id, bodies }) => bodies.map((body) => [body.id, id])));
  const less: Less[] = [];
  const goal: Record<string, number> = {};
  scene.movers.forEach((mover, i) => {
    // A thing opens in one way at a time: the first it has.
    if (mover.goes === 'instead') return;
    let to = mover.to;
    let by: string | undefined;
    for (const { contact, still } of checks[i]!.encounters) {
      if (!contact || contact.free >= to || (moving.get(still) ?? mover.id) !== mover.id) continue;
      [to, by] = [contact.free, still];
    }
    if (!isOpening(mover, to)) to = mover.from;
    if (by !== undefined) less.push({ part: mover.id, to, by: { kind: 'body', id: by } });
    if (to > mover.from) goal[mover.id] = to;
  });
  return ridingAlong(scene, goal, less);
}

/**
 * How far movers open that are to stand open together, with all they wait for, and every other shut: one after the other, each as
 * far as what stands and those opened before it leave it; first whichever opens all the way it could by itself.
 *
 * @param ids  of the movers; what they wait for is opened before them
 */
export function openedInTurn(scene: Scene, checks: readonly MoverCheck[], ids: readonly string[]): Travels {
  const levels = byWaiting(scene.movers);
  const waitedFor = new Set(levels.flat().flatMap(([{ id }, open]) => (ids.includes(id) ? [...open] : [])));
  const moving = new Map(scene.movers.flatMap(({ id, bodies }) => bodies.map((body) => [body.id, id])));
  const among = new Set([...ids, ...waitedFor]);
  const travels: Record<string, number> = {};
  // By itself: what meets others of these is looked at where they come to stand.
  const alone = (mover: Mover) =>
    Math.min(
      mover.to,
      ...checks[scene.movers.indexOf(mover)]!.encounters.flatMap(({ contact, still }) => {
        const other = moving.get(still);
        return contact && !(other !== undefined && other !== mover.id && among.has(other))
          ? [contact.free]
          : [];
      }),
    );
  const open = (group: readonly Mover[]) => {
    const left = new Set(group);
    while (left.size > 0) {
      const best = [...left]
        .map((mover) => {
          const own = alone(mover);
          const others = scene.movers.filter(
            (one) => among.has(one.id) && one !== mover && !sameThing(one, mover),
          );
          const to = Math.min(
            own,
            ...others.map((other) => freeBeside(mover, other, travels[other.id] ?? other.from)),
          );
          return { mover, to, lost: (own - to) / (mover.to - mover.from) };
        })
        .sort((a, b) => a.lost - b.lost)[0]!;
      left.delete(best.mover);
      if (isOpening(best.mover, best.to)) travels[best.mover.id] = best.to;
    }
  };
  for (const level of levels) {
    const group = level.map(([mover]) => mover).filter(({ id }) => among.has(id));
    open(group);
  }
  return travels;
}

/** What rides on a thing opens once that is out all the way; it comes out no farther than all that rides on it. */
function ridingAlong(scene: Scene, free: Travels, less: readonly Less[]): ReturnType<typeof openTravels> {
  const goal: Record<string, number> = { ...free };
  const told = new Map(less.map((one) => [one.part, one]));
  for (const rider of scene.movers) {
    const thing = rider.goes === 'along' ? scene.movers.find(({ id }) => id === rider.thing) : undefined;
    if (!thing) continue;
    const own = free[rider.id] ?? rider.from;
    const out = Math.min(goal[thing.id] ?? thing.from, own);
    if (out >= thing.to) continue;
    const by = told.get(own <= out ? rider.id : thing.id)!.by;
    delete goal[rider.id];
    if (out > thing.from) goal[thing.id] = out;
    else delete goal[thing.id];
    told.set(thing.id, { part: thing.id, to: out, by });
    told.set(rider.id, { part: rider.id, to: out, by });
  }
  return { goal, less: [...told.values()] };
}

/** Of two parts in each other's way the one that loses the lesser share of its travel by going only as far as the other leaves it; or stays shut. */
function giveWay(scene: Scene, goal: Travels, pair: readonly [string, string] | undefined): Less | undefined {
  if (!pair) return undefined;
  const [a, b] = pair.map((id) => moverOf(scene, id)) as [Mover, Mover];
  const cuts = (
    [
      [a, b],
      [b, a],
    ] as const
  ).flatMap(([stays, goes]): { less: Less; lost: number }[] => {
    const wanted = goal[goes.id];
    if (wanted === undefined) return [];
    const free = freeBeside(goes, stays, goal[stays.id] ?? stays.from);
    // What is stopped by nothing where the other stands is in the way on the way there: it stays shut.
    const to = free < wanted && isOpening(goes, free) ? free : goes.from;
    const by = { kind: 'part', id: stays.id } as const;
    return [{ less: { part: goes.id, to, by }, lost: (wanted - to) / (goes.to - goes.from) }];
  });
  return cuts.sort((one, two) => one.lost - two.lost)[0]?.less;
}

/** Play is no opening: less than half a degree, or a millimetre. */
const isOpening = ({ unit, from }: Mover, to: number): boolean =>
  to - from >= (unit === 'rad' ? Math.PI / 360 : 1);

/** How far a part goes free of another that stands still at a travel. */
function freeBeside(mover: Mover, other: Mover, at: number): number {
  const { encounters } = checkMover(mover, parked(other, at));
  return Math.min(
    mover.to,
    ...encounters.flatMap(({ contact, neighbour }) =>
      contact && neighbour === other.id ? [contact.free] : [],
    ),
  );
}

function moverOf(scene: Scene, id: string): Mover {
  const mover = scene.movers.find((candidate) => candidate.id === id);
  if (!mover) throw new Error(`There is no moving part “${id}”.`);
  return mover;
}
