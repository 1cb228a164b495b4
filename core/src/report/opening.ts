import type { MoverCheck } from '../clearance/checkMover';
import { freeBeside } from '../clearance/freeBeside';
import type { Move, Order, Parkable, Posed } from '../clearance/order';
import { OrderSearch, type Standing } from '../clearance/orderSearch';
import type { PairMap } from '../clearance/pairMap';
import { mayMeet, type PairMaps } from '../clearance/pairMaps';
import { isRiderOf } from '../clearance/riderSquare';
import { freeSpaceInMm } from '../clearance/freeSpace';
import { type FreeSpace } from '../clearance/freeGround';
import { carriedAt, rideTravel, takenAlong } from '../scene/riding';
import { byWaiting, partsOfMover, sameThing, type Mover, type Scene } from '../scene/scene';
import { carries } from '../scene/standing';

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
  const moves: Move[] = [];
  for (const group of groupsOf(scene)) {
    const order = searchFor(group, maps, within(group, goal)).order();
    if (order.kind !== 'order') return order;
    moves.push(...order.moves);
  }
  return { kind: 'order', moves };
}

function searchFor(scene: Scene, maps: PairMaps, goal: Travels): OrderSearch {
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
  const posed = ({ id, hostAt, takenAt }: Posed): Mover => {
    const mover = byId.get(id)!;
    const host = mover.ride && byId.get(mover.ride.on);
    if (host && takenAt !== undefined) return takenAlong(mover, host, takenAt);
    return host && hostAt !== undefined ? carriedAt(mover, host, hostAt) : mover;
  };
  return new OrderSearch(
    ways.map(({ mover: { id, thing, goes, ride }, states }): Parkable => ({
      id,
      states,
      ...(thing !== undefined && { thing }),
      ...(goes !== undefined && { goes }),
      // Where what carries it never goes so far, it never goes.
      ...(ride && { ride: { ...ride, at: rideTravel(ride, moverOf(scene, ride.on)) } }),
    })),
    goal,
    (a, b) => maps.of(posed(a), posed(b), scene.still),
    (map) => roomOver(byId.get(map.a)!, byId.get(map.b)!, map),
  );
}

function moverOf({ movers }: Scene, id: string): Mover {
  const mover = movers.find((one) => one.id === id);
  if (!mover) throw new Error(`The scene has no mover ${id}.`);
  return mover;
}

const roomsKept = new WeakMap<PairMap, FreeSpace>();

/** The room over a map, looked at once. */
function roomOver(a: Mover, b: Mover, map: PairMap): FreeSpace {
  let room = roomsKept.get(map);
  if (!room) roomsKept.set(map, (room = freeSpaceInMm(a, b, map)));
  return room;
}

/**
 * The order that opens every part as far as what stands still leaves it, whatever shut neighbours stand before it. Where no
 * order opens all so far, the one that opens most, and what is left over as far as it goes beside those; that is told.
 *
 * @param checks  of the scene's movers, in their order
 */
export function fullestOpening(scene: Scene, checks: readonly MoverCheck[], maps: PairMaps): Opening {
  const wanted = openTravels(scene, checks);
  const moves: Move[] = [];
  const goal: Record<string, number> = {};
  const less = new Map(wanted.less.map((one) => [one.part, one]));
  let never: Opening['never'];
  for (const group of groupsOf(scene)) {
    const search = searchFor(group, maps, within(group, wanted.goal));
    const order = search.order();
    if (order.kind === 'order') {
      moves.push(...order.moves);
      Object.assign(goal, within(group, wanted.goal));
      continue;
    }
    never ??= order;
    const [best] = search
      .nearest()
      .map((standing) => openedFurther(group, wanted.goal, standing))
      .sort((a, b) => b.share - a.share);
    moves.push(...best!.moves);
    Object.assign(goal, best!.goal);
    for (const one of best!.less) less.set(one.part, one);
  }
  return { order: { kind: 'order', moves }, never, goal, less: [...less.values()] };
}

/** The scene cut into groups of movers none of which ever meets one of another group: each has an order of its own. */
function groupsOf({ still, movers }: Scene): Scene[] {
  // What rides on another and goes wherever that stands comes to more places than its boxes tell.
  if (movers.some(({ ride }) => ride?.while === 'any')) return [{ still, movers }];
  const groups: Mover[][] = [];
  const left = new Set(movers);
  for (const first of movers) {
    if (!left.delete(first)) continue;
    const group = [first];
    for (const one of group) {
      for (const other of left) {
        const linked = sameThing(one, other) || isRiderOf(one, other) || isRiderOf(other, one);
        if (!linked && !mayMeet(one, other)) continue;
        left.delete(other);
        group.push(other);
      }
    }
    groups.push(movers.filter((mover) => group.includes(mover)));
  }
  return groups.map((group) => ({ still, movers: group }));
}

/** Of travels those of a scene's own movers. */
const within = ({ movers }: Scene, travels: Travels): Travels =>
  Object.fromEntries(movers.flatMap(({ id }) => (travels[id] === undefined ? [] : [[id, travels[id]]])));

/** What stands still shut where others are open is opened as far as it goes beside them. */
function openedFurther(scene: Scene, wanted: Travels, { moves, travels }: Standing) {
  const at: Record<string, number> = { ...travels };
  const goal: Record<string, number> = {};
  const added: Move[] = [];
  const less: Less[] = [];
  for (const mover of scene.movers) {
    const end = wanted[mover.id];
    if (end === undefined) continue;
    const passed =
      (mover.goes === 'in place' || mover.ride?.while === 'shut') &&
      moves.some((move) => move.kind === 'one' && move.part === mover.id);
    if (at[mover.id] === end || passed) {
      goal[mover.id] = end;
      continue;
    }
    const { to: free, by } = besideOthers(scene, mover, end, at);
    // To a whole degree or millimetre: left in touch, it would be in the way of whatever goes after it.
    const to = free < end ? wholeSteps(mover, free) : end;
    const opens = at[mover.id] === mover.from && isOpening(mover, to);
    if (!opens || to < end)
      less.push({ part: mover.id, to: opens ? to : at[mover.id]!, by: { kind: 'part', id: by } });
    if (!opens) continue;
    added.push({ kind: 'one', part: mover.id, from: mover.from, to });
    at[mover.id] = goal[mover.id] = to;
  }
  const share = scene.movers.reduce((sum, { id, from, to }) => sum + (at[id]! - from) / (to - from), 0);
  return { moves: [...moves, ...added], goal, less, share };
}

/** How far a part goes from shut with all others where they stand, and which of them stops it. */
function besideOthers(scene: Scene, mover: Mover, end: number, at: Travels): { to: number; by: string } {
  let [to, by] = [end, ''];
  for (const other of scene.movers) {
    if (other === mover || sameThing(other, mover)) continue;
    // Another way of a thing stands where the thing is, and a rider is a body of what carries it.
    if ((other.goes === 'instead' || other.ride) && at[other.id] === other.from) continue;
    const free = freeBeside(mover, other, at[other.id]!);
    if (free < to || by === '') [to, by] = [Math.min(to, free), other.id];
  }
  // What rides on it would have to be looked at too: it stays shut.
  const ridden =
    scene.movers.some(({ goes, thing }) => goes === 'along' && thing === mover.id) ||
    carries(scene.movers, mover);
  return mover.goes !== undefined || mover.ride || ridden ? { to: mover.from, by } : { to, by };
}

/** How far each part opens by itself: as far as what stands still leaves it. Those that do not open at all are left out of the goal. */
export function openTravels(
  scene: Scene,
  checks: readonly MoverCheck[],
): { readonly goal: Travels; readonly less: readonly Less[] } {
  const moving = new Map(
    scene.movers.flatMap((mover) => partsOfMover(mover).map((part) => [part.id, mover.id])),
  );
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
  return onOpenHosts(scene, ridingAlong(scene, goal, less));
}

/** What only goes while that which carries it stands open stays shut where that does not come so far: stopped by what stops that. */
function onOpenHosts(scene: Scene, open: ReturnType<typeof openTravels>): ReturnType<typeof openTravels> {
  const goal: Record<string, number> = { ...open.goal };
  const less = new Map(open.less.map((one) => [one.part, one]));
  // Hosts come before what waits for them.
  for (const [mover] of byWaiting(scene.movers).flat()) {
    if (mover.ride?.while !== 'open' || goal[mover.id] === undefined) continue;
    const host = moverOf(scene, mover.ride.on);
    if (goal[host.id] === host.to) continue;
    delete goal[mover.id];
    const by = less.get(host.id)?.by ?? { kind: 'part' as const, id: host.id };
    less.set(mover.id, { part: mover.id, to: mover.from, by });
  }
  return { goal, less: [...less.values()] };
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
  const moving = new Map(
    scene.movers.flatMap((mover) => partsOfMover(mover).map((part) => [part.id, mover.id])),
  );
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
            (one) =>
              among.has(one.id) &&
              one !== mover &&
              !sameThing(one, mover) &&
              !isRiderOf(one, mover) &&
              !isRiderOf(mover, one) &&
              (!one.ride || travels[one.id] !== undefined),
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

/** Play is no opening: less than half a degree, or half a millimetre. */
const isOpening = ({ unit, from }: Mover, to: number): boolean =>
  to - from >= (unit === 'rad' ? Math.PI / 360 : 0.5);

function wholeSteps({ unit, from }: Mover, to: number): number {
  const step = unit === 'rad' ? Math.PI / 180 : 1;
  return from + Math.floor((to - from) / step) * step;
}
