import { carcassBodies } from '../carcass/build';
import type { Part } from '../parts/families';
import { familyOf } from '../parts/families';
import type { PartPlace } from '../parts/family';
import type { Carcass } from '../carcass/schema';
import type { Body, Mover } from '../scene/scene';
import { buildExisting, existingVoid } from '../existing/kinds';
import type { Built } from '../existing/kind';
import type { Existing } from '../existing/schema';
import { spaceBodies } from '../space/build';
import type { Void } from '../space/shell';
import type { Space } from '../space/schema';
import { isAir, thingBodies, thingVoid } from '../things/build';
import type { Thing } from '../things/schema';
import { doubted } from './doubt';
import type { Plan } from './schema';

// Items of a plan never change: an edit makes new ones of what it changes and keeps the rest (`edit.ts`). So what was
// built of one is kept as long as the item itself, and only what was edited is built anew.
const bodiesKept = new WeakMap<object, readonly Body[]>();
const placesKept = new WeakMap<Carcass, PartPlace>();
const moversKept = new WeakMap<Part, { readonly place: PartPlace; readonly mover: Mover }>();

function kept<Item extends object>(item: Item, build: (item: Item) => readonly Body[]): readonly Body[] {
  let bodies = bodiesKept.get(item);
  if (!bodies) bodiesKept.set(item, (bodies = build(item)));
  return bodies;
}

/** Everything of a plan that stands still, with how well its place is known. */
export function stillBodies(plan: Plan): Body[] {
  const bodies = [
    ...shellOf(plan),
    ...thingsOf(plan, (thing) => thing.state !== 'to be removed' && !isAir(thing)),
    ...stays(plan).flatMap((item) => existingOf(plan, item).still),
    ...plan.carcasses.flatMap((carcass) => kept(carcass, carcassBodies)),
  ];
  return doubted(plan, bodies);
}

/** What is there now and will be gone once the job is done. */
export const goneBodies = (plan: Plan): Body[] => [
  ...thingsOf(plan, ({ state }) => state === 'to be removed'),
  ...plan.existing
    .filter(({ state }) => state === 'to be removed')
    .flatMap((item) => [...existingOf(plan, item).mover.bodies, ...existingOf(plan, item).still]),
];

/** Air that is spoken for while nothing moves. */
export const airBodies = (plan: Plan): Body[] => thingsOf(plan, (thing) => isAir(thing));

/** What moves in the space already and stays. */
export const existingMovers = (plan: Plan): Mover[] =>
  stays(plan).map((item) => existingOf(plan, item).mover);

const stays = (plan: Plan): Existing[] => plan.existing.filter(({ state }) => state !== 'to be removed');

const thingsOf = (plan: Plan, counts: (thing: Thing) => boolean): Body[] =>
  plan.things.filter(counts).flatMap((thing) => kept(thing, thingBodies));

const shellsKept = new WeakMap<Space, { readonly key: string; readonly bodies: readonly Body[] }>();

/** The space's own bodies, less what is cut out of them. */
function shellOf(plan: Plan): readonly Body[] {
  const voids: Void[] = [
    ...plan.things
      .filter(({ state }) => state !== 'to be removed')
      .flatMap((thing) => thingVoid(thing) ?? []),
    ...plan.existing.flatMap((item) => existingVoid(item) ?? []),
  ];
  const key = JSON.stringify(voids);
  const known = shellsKept.get(plan.space);
  if (known?.key === key) return known.bodies;
  const bodies = spaceBodies(plan.space, voids);
  shellsKept.set(plan.space, { key, bodies });
  return bodies;
}

const existingKept = new WeakMap<Existing, { readonly around: number; readonly built: Built }>();

function existingOf({ gaps }: Plan, item: Existing): Built {
  const around = gaps.around.mm;
  const known = existingKept.get(item);
  if (known?.around === around) return known.built;
  const built = buildExisting(item, around);
  existingKept.set(item, { around, built });
  return built;
}

/** Where a part is, or undefined where its carcass is not in the plan. */
export function partPlace(plan: Plan, part: Part): PartPlace | undefined {
  const carcass = plan.carcasses.find(({ id }) => id === part.carcass);
  if (!carcass) return undefined;
  const gaps = { running: plan.gaps.running.mm, around: plan.gaps.around.mm };
  const known = placesKept.get(carcass);
  if (known?.gaps.running === gaps.running && known.gaps.around === gaps.around) return known;
  const place = { carcass, panels: kept(carcass, carcassBodies), gaps };
  placesKept.set(carcass, place);
  return place;
}

/** A part as it moves, or undefined where its carcass is not in the plan. */
export function partMover(plan: Plan, part: Part): Mover | undefined {
  const place = partPlace(plan, part);
  if (!place) return undefined;
  const known = moversKept.get(part);
  if (known?.place === place) return known.mover;
  const mover = familyOf(part).build(part, place);
  moversKept.set(part, { place, mover });
  return mover;
}
