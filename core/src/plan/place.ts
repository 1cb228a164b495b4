import { buildCarcass, rowOf, type BuiltCarcass } from '../carcass/build';
import { carcassGrounds } from '../carcass/grounds';
import { layOut, type Layout } from '../carcass/layout';
import type { Carcass } from '../carcass/schema';
import type { Built } from '../existing/kind';
import { buildExisting } from '../existing/kinds';
import type { Existing } from '../existing/schema';
import { hardwareList, type HardwareList } from '../hardware/generic';
import { frameOf, type Fronted } from '../item/frame';
import { edgeKey, faceKey, mountFrame, sideOf, type Ground } from '../item/ground';
import type { OwnSchools, Schools } from '../material/schema';
import { stockOf, type Stock } from '../material/stock';
import type { ClearOpening } from '../parts/contract/clearOpening';
import type { AnyPlace, GroundPlace, PartPieces, PartPlace, Place } from '../parts/contract/family';
import type { EdgeMount, LevelMount, Mounted, MoverMount, WallMount } from '../parts/contract/mount';
import type { Part } from '../parts/families';
import { familyOf } from '../parts/families';
import { laidOf } from '../parts/laidOf';
import type { Link } from '../piece/piece';
import { bodyOfLink } from '../scene/linkBody';
import type { Body, Mover } from '../scene/scene';
import type { Point3 } from '../solid/prism';
import { wallsOf } from '../space/outline';
import { floorAt } from '../things/floor';
import type { Plan } from './schema';

// Items of a plan never change: an edit makes new ones of what it changes and keeps the rest (`edit.ts`). So what was
// built of one is kept as long as the item itself, and only what was edited is built anew.
const layoutsKept = new WeakMap<Carcass, { readonly stock: Stock; readonly layout: Layout }>();
const carcassesKept = new WeakMap<Carcass, { readonly stock: Stock; readonly built: BuiltCarcass }>();
const placesKept = new WeakMap<object, AnyPlace[]>();
const partsKept = new WeakMap<Part, BuiltPart>();
const stocksKept = new WeakMap<Plan['materials'], Stock[]>();
const hardwareKept = new WeakMap<Plan['hardware'], HardwareList>();

const existingKept = new WeakMap<Existing, { readonly around: number; readonly built: Built }>();

/** What moves there already, as it is built. */
export function existingOf({ gaps }: Plan, item: Existing): Built {
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

/** A part as far as its place goes. */
type PlacedPart = Mounted & { readonly schools?: OwnSchools };

/** Where a part is, or undefined where what it is mounted on is not in the plan: `mountIssue` says why. Hosts go round in no ring. */
export function partPlace(plan: Plan, part: PlacedPart): AnyPlace | undefined {
  const { mount } = part;
  if (mount.on === 'bay' || mount.on === 'top') return carcassPlace(plan, mount.carcass, part.schools);
  const ground = groundOf(plan, mount);
  return ground && groundPlace(plan, ground, mount, part.schools);
}

/** The place of what hangs in a carcass of the plan or lies on it, as it is called. */
export function carcassPlace(plan: Plan, id: string, schools?: OwnSchools): PartPlace | undefined {
  const carcass = plan.carcasses.find((one) => one.id === id);
  if (!carcass) return undefined;
  const stock = planStock(plan, schools);
  return keptPlace(
    carcass,
    placeOf(plan, stock, before(carcass, carcass.width.mm / 2)),
    (place): PartPlace => {
      // A part that counts otherwise than its job still hangs on the carcass as the job has it: only its own sums differ.
      const layout = carcassLayout(carcass, stock);
      const built =
        stock === planStock(plan) ? carcassOf(plan, carcass) : { ...carcassOf(plan, carcass), layout };
      return { ...place, carcass, built };
    },
  );
}

function groundPlace(
  plan: Plan,
  ground: Ground,
  mount: EdgeMount | WallMount | LevelMount | MoverMount,
  schools: OwnSchools | undefined,
): GroundPlace {
  const from = 'from' in mount ? mount.from.mm : 0;
  const up = 'up' in mount ? mount.up.mm : 0;
  const at = mountFrame(ground, from, up);
  const same = (one: AnyPlace) =>
    'at' in one && one.at.x.mm === at.x.mm && one.at.y.mm === at.y.mm && one.at.z.mm === at.z.mm;
  return keptPlace(
    ground,
    placeOf(plan, planStock(plan, schools), before(at, 0)),
    (place) => ({ ...place, ground, at }),
    same,
  );
}

/** Where one stands before what looks somewhere: so far along it, and out from it. */
function before(at: Fronted, along: number): Point3 {
  return frameOf(at).toSpace([along, -STANDS_OUT, 0]);
}
const STANDS_OUT = 300;

function placeOf(plan: Plan, stock: Stock, stands: Point3): Place {
  return {
    stock,
    hardware: planHardware(plan),
    season: plan.season,
    gaps: { running: plan.gaps.running.mm, around: plan.gaps.around.mm },
    reach: { low: plan.reach.low.mm, high: plan.reach.high.mm, fingers: plan.reach.fingers.mm },
    floor: floorAt(plan.things, [stands[0], stands[1]]),
  };
}

/** The very place that was made of the same content before: what is laid in it is kept by it. */
function keptPlace<At extends AnyPlace>(
  host: object,
  place: Place,
  make: (place: Place) => At,
  same: (one: AnyPlace) => boolean = () => true,
): At {
  const { stock, hardware, gaps, reach, season, floor } = place;
  let kept = placesKept.get(host);
  if (!kept) placesKept.set(host, (kept = []));
  const known = kept.find(
    (one) =>
      one.stock === stock &&
      one.hardware === hardware &&
      one.season.climate === season.climate &&
      one.season.made === season.made &&
      one.gaps.running === gaps.running &&
      one.gaps.around === gaps.around &&
      one.reach.low === reach.low &&
      one.reach.high === reach.high &&
      one.reach.fingers === reach.fingers &&
      one.floor.high === floor.high &&
      one.floor.bodies.join() === floor.bodies.join() &&
      same(one),
  );
  if (known) return known as At;
  const made = make(place);
  if (kept.length > MOST_PLACES) kept.length = 0;
  kept.push(made);
  return made;
}
const MOST_PLACES = 8;

/** What an item offers others to be mounted on. */
export function groundsOf(plan: Plan, id: string): readonly Ground[] {
  const carcass = plan.carcasses.find((one) => one.id === id);
  if (carcass) return keptGrounds(carcass, carcassLayout(carcass, planStock(plan)));
  const existing = plan.existing.find((one) => one.id === id);
  if (existing) return existingOf(plan, existing).grounds;
  const part = plan.parts.find((one) => one.id === id);
  return (part && partBuilt(plan, part)?.grounds) ?? [];
}

const groundsKept = new WeakMap<Layout, readonly Ground[]>();
function keptGrounds(carcass: Carcass, layout: Layout): readonly Ground[] {
  let grounds = groundsKept.get(layout);
  if (!grounds) groundsKept.set(layout, (grounds = carcassGrounds(carcass, layout)));
  return grounds;
}

/** The movers of an item, in their order. */
export function moversOf(plan: Plan, id: string): readonly Mover[] {
  const existing = plan.existing.find((one) => one.id === id);
  if (existing) return [existingOf(plan, existing).mover];
  const part = plan.parts.find((one) => one.id === id);
  return (part && partBuilt(plan, part)?.movers) ?? [];
}

/** What a mount names, as it stands with everything shut; undefined where it is not there. */
export function groundOf(
  plan: Plan,
  mount: EdgeMount | WallMount | LevelMount | MoverMount,
): Ground | undefined {
  switch (mount.on) {
    case 'edge':
      return groundsOf(plan, mount.host).find(({ key }) => key === edgeKey(mount.edge));
    case 'mover': {
      const mover = moversOf(plan, mount.host)[mount.nth];
      const bodies = new Set(mover?.bodies.map(({ id }) => id));
      return groundsOf(plan, mount.host).find(
        ({ key, link }) => link !== undefined && bodies.has(link) && key === faceKey(mount.face),
      );
    }
    case 'wall':
      return wallGround(plan, mount.corner);
    case 'floor':
    case 'ceiling':
      return levelGround(plan, mount);
  }
}

const spaceGrounds = new WeakMap<Plan['space'], Map<string, Ground>>();
function spaceGround(plan: Plan, key: string, make: () => Ground | undefined): Ground | undefined {
  let known = spaceGrounds.get(plan.space);
  if (!known) spaceGrounds.set(plan.space, (known = new Map()));
  const before = known.get(key);
  if (before) return before;
  const made = make();
  if (made) known.set(key, made);
  return made;
}

/** Walls that stand square to the room, which square frames stand on. */
export const squareWalls = ({ space }: Pick<Plan, 'space'>) =>
  wallsOf(space).filter(({ out }) => Math.max(...out.map(Math.abs)) >= 1 - SQUARE);

/** A wall as its own ground, from its left end as seen from the room; undefined of one on a slant, which no square frame stands on. */
function wallGround(plan: Plan, corner: string): Ground | undefined {
  return spaceGround(plan, corner, () => {
    const wall = squareWalls(plan).find(({ id }) => id === corner);
    if (!wall) return undefined;
    // The room is to the left of its way round: seen from there the wall begins, at its left, where that way ends.
    const [x, y] = wall.to;
    return {
      key: `wall ${corner}`,
      words: wall.name,
      at: {
        x: { mm: x },
        y: { mm: y },
        z: { mm: 0 },
        faces: sideOf([-wall.out[0], -wall.out[1]]),
      },
      size: [wall.length, 0, plan.space.height.mm],
    };
  });
}
/** A wall within so much of square counts as square: a tenth of a millimetre in ten metres. */
const SQUARE = 1e-10;

function levelGround(plan: Plan, { on, x, y, faces }: LevelMount): Ground | undefined {
  const { width, depth, height } = plan.space;
  const high = on === 'floor' ? floorAt(plan.things, [x.mm, y.mm]).high : height.mm;
  return spaceGround(plan, `${on} ${x.mm} ${y.mm} ${faces} ${high}`, () => ({
    key: on,
    words: `the ${on}`,
    at: { x, y, z: { mm: high }, faces },
    size: [width.mm, depth.mm, 0],
  }));
}

/** A part with all that follows from it and its place, worked out once. */
export interface BuiltPart {
  readonly place: AnyPlace;
  /** What its family laid of it, to be handed back to that. */
  readonly laid: unknown;
  readonly pieces: PartPieces;
  readonly movers: readonly Mover[];
  /** The flat places of it that others may be mounted on. */
  readonly grounds: readonly Ground[];
  /** What of it stays in its carcass, as the scene has it. */
  readonly still: readonly Body[];
}

const hasSolids = ({ pieces }: Link) => pieces.some(({ solids }) => solids.length > 0);

/** A part as it is built, or undefined where what it is mounted on is not in the plan. */
export function partBuilt(plan: Plan, part: Part): BuiltPart | undefined {
  const place = partPlace(plan, part);
  if (!place) return undefined;
  const known = partsKept.get(part);
  if (known?.place === place) return known;
  const family = familyOf(part);
  const laid = laidOf(part, place);
  const pieces = family.pieces(laid);
  const row = 'carcass' in place ? rowOf(place.carcass) : undefined;
  const built: BuiltPart = {
    place,
    laid,
    pieces,
    movers: family.move(laid, pieces),
    grounds: family.grounds?.(laid, pieces) ?? [],
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
