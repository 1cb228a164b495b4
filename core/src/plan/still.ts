import { carcassLink, rowOf, type BuiltCarcass, type GroundWork } from '../carcass/build';
import type { Carcass } from '../carcass/schema';
import { existingVoid } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { frameOf } from '../item/frame';
import type { Link } from '../piece/piece';
import { carcassIdOf } from '../parts/contract/mount';
import { familyOf, type Part } from '../parts/families';
import { bodyOfLink } from '../scene/linkBody';
import type { Body, Mover } from '../scene/scene';
import { spaceBodies } from '../space/build';
import type { Point3 } from '../solid/prism';
import type { Void } from '../space/shell';
import type { Space } from '../space/schema';
import { isAir, isHidden, thingBodies, thingVoid } from '../things/build';
import type { Thing } from '../things/schema';
import { carcassOf, existingOf, partBuilt } from './place';
import { withUncertainty } from './uncertainty';
import type { Plan } from './schema';

// Items of a plan never change: an edit makes new ones of what it changes and keeps the rest (`edit.ts`). So what was
// built of one is kept as long as the item itself, and only what was edited is built anew.
const bodiesKept = new WeakMap<object, readonly Body[]>();

function kept<Item extends object>(item: Item, build: (item: Item) => readonly Body[]): readonly Body[] {
  let bodies = bodiesKept.get(item);
  if (!bodies) bodiesKept.set(item, (bodies = build(item)));
  return bodies;
}

const stillKept = new WeakMap<Plan, readonly Body[]>();

/** Everything of a plan that stands still, with how well its place is known. */
export function stillBodies(plan: Plan): readonly Body[] {
  let still = stillKept.get(plan);
  if (!still) stillKept.set(plan, (still = allStill(plan)));
  return still;
}

function allStill(plan: Plan): Body[] {
  const bodies = [
    ...shellOf(plan),
    ...thingsOf(plan, (thing) => thing.state !== 'to be removed' && !isAir(thing) && !isHidden(thing)),
    ...stays(plan).flatMap((item) => existingOf(plan, item).still),
    ...plan.carcasses.map((carcass) => carcassBody(plan, carcass)),
    ...plan.parts.flatMap((part) => partBuilt(plan, part)?.still ?? []),
  ];
  return withUncertainty(plan, bodies);
}

/** What is there now and will be gone once the job is done. */
export const goneBodies = (plan: Plan): Body[] => [
  ...thingsOf(plan, ({ state }) => state === 'to be removed'),
  ...plan.existing
    .filter(({ state }) => state === 'to be removed')
    .flatMap((item) => [...existingOf(plan, item).mover.bodies, ...existingOf(plan, item).still]),
];

/** Air that is spoken for while nothing moves, and what is hidden in walls and ceilings: drawn, and met by nothing that moves. */
export const airBodies = (plan: Plan): Body[] => thingsOf(plan, (thing) => isAir(thing) || isHidden(thing));

/** What moves in the space already and stays. */
export const existingMovers = (plan: Plan): Mover[] =>
  stays(plan).map((item) => existingOf(plan, item).mover);

const stays = (plan: Plan): Existing[] => plan.existing.filter(({ state }) => state !== 'to be removed');

const thingsOf = (plan: Plan, counts: (thing: Thing) => boolean): Body[] =>
  plan.things.filter(counts).flatMap((thing) => kept(thing, thingBodies));

/** What a part cuts out of the wall it is mounted on. */
function cutOut(plan: Plan, part: Part): Void | undefined {
  const { cuts } = familyOf(part);
  const built = cuts && partBuilt(plan, part);
  const cut = built && cuts(built.laid);
  if (!cut) return undefined;
  const frame = frameOf(cut.at);
  const [p, q] = [frame.toSpace([0, 0, 0]), frame.toSpace([cut.width, cut.deep, cut.height])];
  const ends = (pick: (a: number, b: number) => number) =>
    [0, 1, 2].map((i) => pick(p[i]!, q[i]!)) as unknown as Point3;
  return { least: ends(Math.min), greatest: ends(Math.max), thick: cut.deep };
}

const shellsKept = new WeakMap<Space, { readonly key: string; readonly bodies: readonly Body[] }>();

/** The space's own bodies, less what is cut out of them. */
function shellOf(plan: Plan): readonly Body[] {
  const voids: Void[] = [
    ...plan.things
      .filter(({ state }) => state !== 'to be removed')
      .flatMap((thing) => thingVoid(thing) ?? []),
    ...plan.existing.flatMap((item) => existingVoid(item) ?? []),
    ...plan.parts.flatMap((part) => cutOut(plan, part) ?? []),
  ];
  const key = JSON.stringify(voids);
  const known = shellsKept.get(plan.space);
  if (known?.key === key) return known.bodies;
  const bodies = spaceBodies(plan.space, voids);
  shellsKept.set(plan.space, { key, bodies });
  return bodies;
}

/** What the parts of a carcass have worked into its boards. */
const workedInto = (plan: Plan, carcass: Carcass): readonly GroundWork[] =>
  plan.parts
    .filter((part) => carcassIdOf(part) === carcass.id)
    .flatMap((part) => partBuilt(plan, part)?.pieces.onGround ?? []);

const linksKept = new WeakMap<
  BuiltCarcass,
  { readonly worked: readonly GroundWork[]; readonly link: Link }
>();

/** A carcass's boards with all that its parts have worked into them. */
export function carcassPieces(plan: Plan, carcass: Carcass): Link {
  const built = carcassOf(plan, carcass);
  const worked = workedInto(plan, carcass);
  const known = linksKept.get(built);
  if (known && sameItems(known.worked, worked)) return known.link;
  const link = carcassLink(carcass, built.boards, worked);
  linksKept.set(built, { worked, link });
  return link;
}

const bodiesOfCarcass = new WeakMap<
  BuiltCarcass,
  { readonly worked: readonly GroundWork[]; readonly body: Body }
>();

/** A carcass as the scene has it. Only air that is cut out of its boards changes it: a boring that is filled again does not. */
function carcassBody(plan: Plan, carcass: Carcass): Body {
  const built = carcassOf(plan, carcass);
  const worked = workedInto(plan, carcass).filter(({ work }) => work.air);
  const known = bodiesOfCarcass.get(built);
  if (known && sameItems(known.worked, worked)) return known.body;
  const body = bodyOfLink(carcassLink(carcass, built.boards, worked), rowOf(carcass));
  bodiesOfCarcass.set(built, { worked, body });
  return body;
}

const sameItems = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((item, i) => item === b[i]);
