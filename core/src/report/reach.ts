import type { MoverCheck } from '../clearance/checkMover';
import { called } from '../item/called';
import { formatLength } from '../length/formatLength';
import { itemsOf } from '../plan/items';
import { extentOf } from '../plan/placing';
import type { Plan } from '../plan/schema';
import type { Body, Mover, Scene } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import { box, type Point3 } from '../solid/prism';
import { boxOf, type Box } from '../things/frame';
import type { ShapeOf, Thing } from '../things/schema';
import { openedInTurn, type Travels } from './opening';
import { SKIN, solidsAt, stands } from './solids';
import { travelText } from './words';

/** Whether a hand comes to a place, in words; and what is in its way. */
export interface ReachAnswer {
  readonly verdict: 'clear' | 'hits';
  readonly sentence: string;
  readonly by: string | undefined;
}

/** Ways a hand may come, from the place it reaches: level and steep, straight and on the slant. */
const WAYS: readonly Point3[] = [-1, 0, 1]
  .flatMap((x) => [-1, 0, 1].flatMap((y) => [-1, 0, 1].map((z): Point3 => [x, y, z])))
  .filter((way) => way.some((step) => step !== 0))
  // Straight ways first: what is told is the plainest.
  .sort((a, b) => size(a) - size(b));

function size(way: Point3): number {
  return way.reduce((sum, step) => sum + step * step, 0);
}

const COMPASS = { x: ['west', 'east'], y: ['south', 'north'], z: ['below', 'above'] } as const;

/** Where all that opens stands for a reach, and how that is said after "a hand gets there". */
interface Tried {
  readonly travels: Travels;
  readonly words: string;
}

/**
 * A hand and its arm are tried along every way, as a square bar, with the part it names open as far as that goes: all of it at
 * once, then one leaf or drawer of several. A way found free is proof, none found is not proof that there is none.
 */
export function reachAnswer(
  plan: Plan,
  scene: Scene,
  checks: readonly MoverCheck[],
  thing: Thing,
  { hand, arm, open }: ShapeOf<'reach'>,
): ReachAnswer {
  const own = boxOf(thing);
  const subject = `the ${called(thing.name)}`;
  const shut = enclosures(plan);
  let hindered: { readonly words: string; readonly body: Pick<Body, 'name' | 'item'> } | undefined;
  for (const { travels, words } of triedFor(plan, scene, checks, open)) {
    const inWay = solidsAt(scene, travels).filter((body) => !isReached(plan, body, own, open));
    const tried = tryWays(own, hand.mm, arm.mm, inWay, shut);
    if ('way' in tried)
      return {
        verdict: 'clear',
        sentence: `A hand ${formatLength(hand.mm, plan.units, true)} broad gets to ${subject} from ${wayWords(tried.way)}${words}.`,
        by: undefined,
      };
    hindered ??= { words, body: tried.body };
  }
  const { words, body } = hindered!;
  return {
    verdict: 'hits',
    sentence: `No straight way for a hand to ${subject} was found${words}: ${body.name} is in the way.`,
    by: body.item,
  };
}

/** The plainest way that is free, or what leaves the hand to come nearest. */
function tryWays(
  own: Box,
  broad: number,
  arm: number,
  inWay: readonly Body[],
  shut: ReturnType<typeof enclosures>,
): { readonly way: Point3 } | { readonly body: Pick<Body, 'name' | 'item'> } {
  // What moves and stands in the very place keeps a hand from it whichever way that comes.
  const place = box(
    own.least.map((x) => x + SKIN) as unknown as Point3,
    own.greatest.map((x) => x - SKIN) as unknown as Point3,
  );
  const inPlace = inWay.find((body) => body.parked !== undefined && stands(body, place));
  if (inPlace) return { body: inPlace };
  let least: { body: Pick<Body, 'name' | 'item'>; reach: number } | undefined;
  for (const way of WAYS) {
    const blocked = (long: number) => {
      const bar = barAlong(own, way, broad, long);
      return inWay.find((body) => stands(body, bar));
    };
    // An arm that ends inside a closed case belongs to nobody.
    const end = alongWay(own, way, arm);
    const body =
      blocked(arm) ??
      shut.find(({ box: around }) => end.every((x, i) => x > around.least[i]! && x < around.greatest[i]!));
    if (!body) return { way };
    // How far the hand would get: the shortest arm that is stopped, to a centimetre.
    let [low, high] = [0, arm];
    while (high - low > 10) {
      const middle = (low + high) / 2;
      if (blocked(middle)) high = middle;
      else low = middle;
    }
    if (!least || low > least.reach) least = { body, reach: low };
  }
  return least!;
}

/** What is tried open for a reach: nothing where it names no part, or one that is gone since. */
function triedFor(
  plan: Plan,
  scene: Scene,
  checks: readonly MoverCheck[],
  open: string | undefined,
): readonly Tried[] {
  const part = [...plan.parts, ...plan.existing].find(({ id }) => id === open);
  const movers = part ? scene.movers.filter(({ item }) => item === open) : [];
  const main = movers.filter(({ goes }) => goes === undefined);
  const ways = movers.filter(({ goes }) => goes === 'instead');
  if (!part || main.length === 0) return [{ travels: {}, words: '' }];
  const tried = (which: readonly Mover[], name: string): Tried => {
    const travels = openedInTurn(
      scene,
      checks,
      which.map(({ id }) => id),
    );
    return { travels, words: openWords(which, travels, name, plan) };
  };
  return [
    tried(main, part.name),
    ...(main.length > 1 ? main.map((one) => tried([one], one.name)) : []),
    ...ways.map((one) => tried([one], one.name)),
  ];
}

function openWords(which: readonly Mover[], travels: Travels, name: string, { units }: Plan): string {
  const words = `the ${called(name)}`;
  const at = (mover: Mover) => travels[mover.id] ?? mover.from;
  if (which.every((mover) => at(mover) >= mover.to)) return ` with ${words} open`;
  if (which.every((mover) => at(mover) <= mover.from)) return `, and ${words} does not open`;
  const [only] = which;
  return which.length === 1
    ? ` with ${words} open as far as it goes, to ${travelText(only!, at(only!), units)}`
    : ` with ${words} open as far as it goes`;
}

/** Whether a body lies in the place that is reached and is what the hand is to get hold of: nothing of the plan's own parts, nor of what opens. */
function isReached(plan: Plan, body: Body, own: Box, open: string | undefined): boolean {
  const moves = body.parked !== undefined;
  if (moves && (body.item === open || plan.parts.some(({ id }) => id === body.item))) return false;
  return within(body, own);
}

/** What has an inside: an arm must come from without. */
function enclosures(plan: Plan): { readonly name: string; readonly item: string; readonly box: Box }[] {
  return itemsOf(plan).flatMap((item) => {
    const hollow =
      item.list === 'carcasses' || (item.list === 'things' && item.value.shape?.kind === 'compartment');
    const extent = hollow ? extentOf(item) : undefined;
    return extent ? [{ name: `the ${called(item.name)}`, item: item.id, box: extent }] : [];
  });
}

/** Whether a body lies in a box. */
function within({ pieces }: Body, { least, greatest }: Box): boolean {
  return pieces.every(
    (piece) =>
      piece.kind === 'convex' &&
      piece.corners.every((value, i) => value >= least[i % 3]! - SKIN && value <= greatest[i % 3]! + SKIN),
  );
}

/** The way outwards as a unit vector, and how far it is along it from the middle of a box to its face. */
function outward({ least, greatest }: Box, way: Point3): { unit: number[]; toFace: number } {
  const unit = way.map((step) => step / Math.sqrt(size(way)));
  const toFace = Math.min(
    ...unit.map((step, i) =>
      Math.abs(step) < 1e-9 ? Infinity : (greatest[i]! - least[i]!) / 2 / Math.abs(step),
    ),
  );
  return { unit, toFace };
}

/** Where an arm ends that reaches a box along a way. */
function alongWay(own: Box, way: Point3, long: number): number[] {
  const { unit, toFace } = outward(own, way);
  return unit.map((step, i) => (own.least[i]! + own.greatest[i]!) / 2 + (toFace + long) * step);
}

/** A square bar from the middle of a box outwards along a way, from the box's face on. */
function barAlong(own: Box, way: Point3, broad: number, long: number): Convex {
  const { least, greatest } = own;
  const middle = [0, 1, 2].map((i) => (least[i]! + greatest[i]!) / 2);
  const { unit, toFace } = outward(own, way);
  const side = Math.abs(unit[2]!) > 0.9 ? [1, 0, 0] : [0, 0, 1];
  const across = crossed(unit, side);
  const up = crossed(across, unit);
  const corners = [toFace, toFace + Math.max(1, long)].flatMap((along) =>
    [-1, 1].flatMap((a) =>
      [-1, 1].map((b): Point3 => {
        const at = (i: number) => middle[i]! + along * unit[i]! + (broad / 2) * (a * across[i]! + b * up[i]!);
        return [at(0), at(1), at(2)];
      }),
    ),
  );
  return hull(corners);
}

function crossed(a: readonly number[], b: readonly number[]): number[] {
  const c = [a[1]! * b[2]! - a[2]! * b[1]!, a[2]! * b[0]! - a[0]! * b[2]!, a[0]! * b[1]! - a[1]! * b[0]!];
  const long = Math.hypot(...c);
  return c.map((x) => x / long);
}

function wayWords([x, y, z]: Point3): string {
  const level = [y !== 0 && COMPASS.y[y > 0 ? 1 : 0], x !== 0 && COMPASS.x[x > 0 ? 1 : 0]]
    .filter(Boolean)
    .join('-');
  const steep = z === 0 ? '' : COMPASS.z[z > 0 ? 1 : 0];
  return [level && `the ${level}`, steep].filter(Boolean).join(' and ');
}
