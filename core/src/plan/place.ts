import { buildCarcass, carcassLink, rowOf, type BuiltCarcass, type GroundWork } from '../carcass/build';
import { layOut, type Layout } from '../carcass/layout';
import { hardwareList, type HardwareList } from '../hardware/generic';
import type { OwnSchools, Schools } from '../material/schema';
import { stockOf, type Stock } from '../material/stock';
import type { Part } from '../parts/families';
import { familyOf } from '../parts/families';
import type { Mounted } from '../parts/contract/mount';
import { laidOf } from '../parts/laidOf';
import type { PartPieces, PartPlace } from '../parts/contract/family';
import type { Link } from '../piece/piece';
import type { ClearOpening } from '../parts/contract/clearOpening';
import type { Carcass } from '../carcass/schema';
import { bodyOfLink } from '../scene/linkBody';
import type { Body, Mover } from '../scene/scene';
import { buildExisting, existingVoid } from '../existing/kinds';
import type { Built } from '../existing/kind';
import type { Existing } from '../existing/schema';
import { spaceBodies } from '../space/build';
import type { Void } from '../space/shell';
import type { Space } from '../space/schema';
import { isAir, thingBodies, thingVoid } from '../things/build';
import type { Thing } from '../things/schema';
import { withUncertainty } from './uncertainty';
import type { Plan } from './schema';

// Items of a plan never change: an edit makes new ones of what it changes and keeps the rest (`edit.ts`). So what was
// built of one is kept as long as the item itself, and only what was edited is built anew.
const bodiesKept = new WeakMap<object, readonly Body[]>();
const layoutsKept = new WeakMap<Carcass, { readonly stock: Stock; readonly layout: Layout }>();
const carcassesKept = new WeakMap<Carcass, { readonly stock: Stock; readonly built: BuiltCarcass }>();
const placesKept = new WeakMap<Carcass, PartPlace[]>();
const partsKept = new WeakMap<Part, BuiltPart>();
const stocksKept = new WeakMap<Plan['materials'], Stock[]>();
const hardwareKept = new WeakMap<Plan['hardware'], HardwareList>();

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

/** What a plan cuts from, by its schools or with a part's own. */
export function planStock({ materials, schools }: Plan, own?: OwnSchools): Stock {
  // A plan that was read leaves out what is not its own; it never says undefined.
  const asked = own ? ({ ...schools, ...own } as Schools) : schools;
  const key = JSON.stringify(asked);
  let kept = stocksKept.get(materials);
  if (!kept) stocksKept.set(materials, (kept = []));
  let stock = kept.find(({ schools: one }) => JSON.stringify(one) === key);
  if (!stock) kept.push((stock = stockOf(materials, asked)));
  return stock;
}

export function planHardware({ hardware }: Plan): HardwareList {
  let list = hardwareKept.get(hardware);
  if (!list) hardwareKept.set(hardware, (list = hardwareList(hardware)));
  return list;
}

/** A carcass laid out, with what of it cannot be. */
export function carcassLayout(carcass: Carcass, stock: Stock): Layout {
  const known = layoutsKept.get(carcass);
  if (known?.stock === stock) return known.layout;
  const layout = layOut(carcass, stock);
  layoutsKept.set(carcass, { stock, layout });
  return layout;
}

/** A carcass as it is built in its plan. Throws where it cannot be: the plan was not checked. */
export const carcassOf = (plan: Plan, carcass: Carcass): BuiltCarcass => builtOf(carcass, planStock(plan));

function builtOf(carcass: Carcass, stock: Stock): BuiltCarcass {
  const known = carcassesKept.get(carcass);
  if (known?.stock === stock) return known.built;
  const built = buildCarcass(carcass, stock, carcassLayout(carcass, stock));
  carcassesKept.set(carcass, { stock, built });
  return built;
}

/** Where a part is, or undefined where its carcass is not in the plan. */
export function partPlace(
  plan: Plan,
  part: Mounted & { readonly schools?: OwnSchools },
): PartPlace | undefined {
  const carcass = plan.carcasses.find(({ id }) => id === part.mount.carcass);
  if (!carcass) return undefined;
  const stock = planStock(plan, part.schools);
  const hardware = planHardware(plan);
  const gaps = { running: plan.gaps.running.mm, around: plan.gaps.around.mm };
  const reach = { low: plan.reach.low.mm, high: plan.reach.high.mm, fingers: plan.reach.fingers.mm };
  let kept = placesKept.get(carcass);
  if (!kept) placesKept.set(carcass, (kept = []));
  const known = kept.find(
    (one) =>
      one.stock === stock &&
      one.hardware === hardware &&
      one.gaps.running === gaps.running &&
      one.gaps.around === gaps.around &&
      one.reach.low === reach.low &&
      one.reach.high === reach.high &&
      one.reach.fingers === reach.fingers,
  );
  if (known) return known;
  // A part that counts otherwise than its job still hangs on the carcass as the job has it: only its own sums differ.
  const layout = carcassLayout(carcass, stock);
  const built =
    stock === planStock(plan) ? carcassOf(plan, carcass) : { ...carcassOf(plan, carcass), layout };
  const place = { carcass, built, stock, hardware, gaps, reach };
  if (kept.length > MOST_PLACES) kept.length = 0;
  kept.push(place);
  return place;
}
const MOST_PLACES = 8;

/** A part with all that follows from it and its place, worked out once. */
export interface BuiltPart {
  readonly place: PartPlace;
  /** What its family laid of it, to be handed back to that. */
  readonly laid: unknown;
  readonly pieces: PartPieces;
  readonly movers: readonly Mover[];
  /** What of it stays in its carcass, as the scene has it. */
  readonly still: readonly Body[];
}

const hasSolids = ({ pieces }: Link) => pieces.some(({ solids }) => solids.length > 0);

/** A part as it is built, or undefined where its carcass is not in the plan. */
export function partBuilt(plan: Plan, part: Part): BuiltPart | undefined {
  const place = partPlace(plan, part);
  if (!place) return undefined;
  const known = partsKept.get(part);
  if (known?.place === place) return known;
  const family = familyOf(part);
  const laid = laidOf(part, place);
  const pieces = family.pieces(laid);
  const row = rowOf(place.carcass);
  const built: BuiltPart = {
    place,
    laid,
    pieces,
    movers: family.move(laid, pieces),
    still: pieces.still.filter(hasSolids).map((link) => bodyOfLink(link, row)),
  };
  partsKept.set(part, built);
  return built;
}

/** The clear openings that what moves of a part allows together, the widest first; none of parts whose movers leave no choice. */
export function clearOpeningsOf(plan: Plan, part: Part): readonly ClearOpening[] {
  const built = partBuilt(plan, part);
  return (built && familyOf(part).openings?.(built.laid)) ?? [];
}

/** What the parts of a carcass have worked into its boards. */
const workedInto = (plan: Plan, carcass: Carcass): readonly GroundWork[] =>
  plan.parts
    .filter((part) => part.mount.carcass === carcass.id)
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
