import { parked } from '../clearance/checkScene';
import { coldStart } from '../clearance/gjk';
import { emptySeparation, separate } from '../clearance/separation';
import { called } from '../item/called';
import { formatLength } from '../length/formatLength';
import { itemsOf } from '../plan/items';
import { extentOf } from '../plan/placing';
import type { Plan } from '../plan/schema';
import type { Body, Scene } from '../scene/scene';
import type { Convex } from '../solid/convex';
import { hull } from '../solid/hull';
import { box, type Point3 } from '../solid/prism';
import { isAir } from '../things/build';
import { boxOf, type Box } from '../things/frame';
import type { ShapeOf, Thing } from '../things/schema';

/** What was found of air that is spoken for: whether it is free with everything at rest, or a hand comes to it. */
export interface AirFinding {
  readonly item: string;
  readonly name: string;
  readonly verdict: 'clear' | 'hits';
  readonly sentence: string;
  /** What stands in it, or in a hand's way; undefined where nothing does. */
  readonly by: string | undefined;
}

/** What touches a zone's face stands beside it, not in it, mm. */
const SKIN = 0.05;

/** The words of each kind for what is in it. */
const IN: Partial<Record<Thing['kind'], { free: string; taken: string }>> = {
  'air path': { free: 'is open', taken: 'is closed off by' },
  'standing room': { free: 'is free', taken: 'is taken by' },
  walkway: { free: 'is free', taken: 'is narrowed by' },
};

/** Look at all air that is spoken for: zones with everything shut, and reaches with the part they name open. */
export function airFindings(plan: Plan, scene: Scene): AirFinding[] {
  return plan.things
    .filter((thing) => isAir(thing) && thing.state !== 'to be removed')
    .map((thing) =>
      thing.shape?.kind === 'reach'
        ? reachFinding(plan, scene, thing, thing.shape)
        : zoneFinding(scene, thing),
    );
}

/** All that is solid, with one mover open. */
function solids(scene: Scene, open?: string): Body[] {
  return [
    ...scene.still.filter(({ zone }) => !zone),
    ...scene.movers.flatMap((mover) => parked(mover, mover.id === open ? mover.to : mover.from)),
  ];
}

function zoneFinding(scene: Scene, thing: Thing): AirFinding {
  const { least, greatest } = boxOf(thing);
  const by = (axis: 0 | 1 | 2) => Math.min(SKIN, (greatest[axis] - least[axis]) / 4);
  const zone = box(
    [least[0] + by(0), least[1] + by(1), least[2] + by(2)],
    [greatest[0] - by(0), greatest[1] - by(1), greatest[2] - by(2)],
  );
  const inside = solids(scene).find((body) => meets(zone, body));
  const words = IN[thing.kind] ?? { free: 'is free', taken: 'is taken by' };
  const said = inside ? `${words.taken} ${inside.name}` : `${words.free} with everything shut`;
  return {
    item: thing.id,
    name: thing.name,
    verdict: inside ? 'hits' : 'clear',
    sentence: `The ${called(thing.name)} ${said}.`,
    by: inside?.item,
  };
}

function meets(solid: Convex, { pieces }: Body): boolean {
  return pieces.some((piece) => {
    if (piece.kind === 'half-space') {
      const { normal, offset } = piece;
      const { corners } = solid;
      for (let i = 0; i < corners.length; i += 3)
        if (normal[0] * corners[i]! + normal[1] * corners[i + 1]! + normal[2] * corners[i + 2]! < offset)
          return true;
      return false;
    }
    const found = separate(solid, solid.corners, piece, piece.corners, coldStart(), emptySeparation(), 0);
    return found.value <= 0;
  });
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

/** A hand and its arm are tried along every way, as a square bar; a way found free is proof, none found is not proof that there is none. */
function reachFinding(
  plan: Plan,
  scene: Scene,
  thing: Thing,
  { hand, arm, open }: ShapeOf<'reach'>,
): AirFinding {
  const own = boxOf(thing);
  const inWay = solids(scene, open).filter((body) => !within(body, own));
  const found = { item: thing.id, name: thing.name };
  // A part that is gone since opens nothing.
  const part = [...plan.parts, ...plan.existing].find(({ id }) => id === open);
  const opened = part ? ` with the ${called(part.name)} open` : '';
  const subject = `the ${called(thing.name)}`;
  const shut = enclosures(plan);
  let least: { body: Pick<Body, 'name' | 'item'>; reach: number } | undefined;
  for (const way of WAYS) {
    const blocked = (long: number) => {
      const bar = barAlong(own, way, hand.mm, long);
      return inWay.find((body) => meets(bar, body));
    };
    // An arm that ends inside a closed case belongs to nobody.
    const end = alongWay(own, way, arm.mm);
    const body =
      blocked(arm.mm) ??
      shut.find(({ box: around }) => end.every((x, i) => x > around.least[i]! && x < around.greatest[i]!));
    if (!body)
      return {
        ...found,
        verdict: 'clear',
        sentence: `A hand ${formatLength(hand.mm, plan.units, true)} broad gets to ${subject} from ${wayWords(way)}${opened}.`,
        by: undefined,
      };
    // How far the hand would get: the shortest arm that is stopped, to a centimetre.
    let [low, high] = [0, arm.mm];
    while (high - low > 10) {
      const middle = (low + high) / 2;
      if (blocked(middle)) high = middle;
      else low = middle;
    }
    if (!least || low > least.reach) least = { body, reach: low };
  }
  return {
    ...found,
    verdict: 'hits',
    sentence: `No straight way for a hand to ${subject} was found${opened}: ${least!.body.name} is in the way.`,
    by: least!.body.item,
  };
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

/** Whether a body lies in the place that is reached: what the hand is to get hold of is not in its way. */
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
