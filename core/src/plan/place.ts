import { carcassBodies } from '../carcass/build';
import type { Part } from '../parts/families';
import { familyOf } from '../parts/families';
import type { PartPlace } from '../parts/family';
import type { Carcass } from '../carcass/schema';
import type { Body, Mover } from '../scene/scene';
import { spaceBodies, thingBody } from '../space/build';
import type { Thing } from '../space/schema';
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

/** Everything of a plan that stands still. */
export function stillBodies(plan: Plan): Body[] {
  return [
    ...kept(plan.space, spaceBodies),
    ...thingsOf(plan, (state) => state !== 'to be removed'),
    ...plan.carcasses.flatMap((carcass) => kept(carcass, carcassBodies)),
  ];
}

/** What is there now and will be gone once the job is done. */
export const goneBodies = (plan: Plan): Body[] => thingsOf(plan, (state) => state === 'to be removed');

const thingsOf = (plan: Plan, counts: (state: Thing['state']) => boolean): Body[] =>
  plan.things
    .filter(({ state }) => counts(state))
    .flatMap((thing) => kept(thing, (item) => [thingBody(item)]));

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
