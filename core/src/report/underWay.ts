import { AT_EASE } from '../balance/force';
import { velocityAt } from '../balance/coordinate';
import { called } from '../item/called';
import { noteOf, type PartNote } from '../item/note';
import { forceMark, lengthMark } from '../length/lengthMark';
import { appraisalOf } from '../parts/appraisals';
import { familyOf, type Part } from '../parts/families';
import type { Existing } from '../existing/schema';
import { bayOf, carcassIdOf } from '../parts/contract/mount';
import { GRAVITY, type Weight } from '../piece/mass';
import { baysOf } from '../carcass/schema';
import { carriedBy } from '../plan/carried';
import { carrierOf } from '../plan/hosts';
import { linkedTo } from '../plan/linked';
import { partBuilt, planHardware } from '../plan/place';
import type { Plan } from '../plan/schema';
import type { Mover, MovingBody, Scene } from '../scene/scene';
import { massOf } from '../solid/mass';
import type { Point3 } from '../solid/prism';
import { dot, long } from '../solid/vector';
import type { Thing } from '../things/schema';
import { swaysOf, type Carries, type Sways } from '../space/carries';
import { noteFindings } from './noteFindings';
import type { NoteFinding } from './records';

const DEGREES = Math.PI / 180;
/** What is there already is taken to weigh so much, kg/m3: pine, from memory of the USDA Wood Handbook. */
const THERE_DENSITY = 450;
const CUBIC_MM_A_M3 = 1e9;
/** Of what holds it so much is used before it is told as near. */
const NEAR = 0.8;
/** Less than this opens nothing: a lid that a bump just lifts has no weight left, and no push either, N. */
const NOTHING = 0.5;
/** What stands free slides from so much of its weight on. Common practice: crockery on varnish. */
export const SLIDES = 0.25;

/** A way in which a vehicle or a boat throws about what is in it: how it reads, and what a kg is thrown with, m/s2, its weight among that. */
export interface Thrown {
  readonly key: keyof Sways | 'other side' | 'other heel';
  readonly words: string;
  readonly by: Point3;
}

/** The way forward, and to the right of it, as unit vectors of the space. */
const WAY: Readonly<Record<Carries['forward'], readonly [Point3, Point3]>> = {
  north: [[0, 1, 0], [1, 0, 0]],
  south: [[0, -1, 0], [-1, 0, 0]],
  east: [[1, 0, 0], [0, -1, 0]],
  west: [[-1, 0, 0], [0, 1, 0]],
}; // prettier-ignore

/** All the ways it is reckoned to be thrown about, one by one: each as EN 12195-1 takes them, with its weight. */
export function waysThrown(carries: Carries): Thrown[] {
  const { forward, back, side, up, heel } = swaysOf(carries);
  const [ahead, right] = WAY[carries.forward];
  const push = (along: Point3, times: number, down = 1): Point3 =>
    [0, 1, 2].map((i) => GRAVITY * (along[i]! * times - (i === 2 ? down : 0))) as unknown as Point3;
  const lean = heel * DEGREES;
  const heeled = (sense: 1 | -1): Point3 => push([right[0] * sense, right[1] * sense, 0], Math.sin(lean), Math.cos(lean));
  return [
    // Braked, what is in it goes on forward.
    { key: 'forward', words: 'braking', by: push(ahead, forward) },
    { key: 'back', words: 'setting off', by: push(ahead, -back) },
    { key: 'side', words: carries.kind === 'boat' ? 'rolling to the right' : 'a swerve to the left', by: push(right, side) },
    { key: 'other side', words: carries.kind === 'boat' ? 'rolling to the left' : 'a swerve to the right', by: push(right, -side) },
    { key: 'up', words: carries.kind === 'boat' ? 'a wave' : 'a bump', by: push([0, 0, 1], up) },
    { key: 'heel', words: `a heel of ${heel}° to the right`, by: heeled(1) },
    { key: 'other heel', words: `a heel of ${heel}° to the left`, by: heeled(-1) },
  ];
} // prettier-ignore

/** What a mover's catches are asked to hold, at its free edge, N, in its worst way; and what they do. */
export interface Wanted {
  readonly worst: Thrown;
  readonly wanted: number;
  readonly holds: number;
}

/** @param weights  what moves of it, by the bodies' ids; @param helped  what opens it besides, Nmm or N along its travel */
export function wantedOf(
  { bodies, from }: Pick<Mover, 'bodies' | 'from'>,
  weights: readonly (Weight & { readonly body: string })[],
  helped: number,
  holds: number,
  ways: readonly Thrown[],
): Wanted {
  const lever = Math.max(1e-9, ...bodies.map((body) => fastest(body, from)));
  const each = ways.map((way) => {
    const along = weights.reduce((sum, { body, kg, centre }) => {
      const motion = bodies.find(({ id }) => id === body)?.motion;
      return motion ? sum + kg * dot(way.by, velocityAt(motion, centre, from)) : sum;
    }, 0);
    return { way, wanted: (along + helped) / lever };
  });
  const worst = each.reduce((a, b) => (b.wanted > a.wanted ? b : a));
  return { worst: worst.way, wanted: worst.wanted, holds };
}

/** How fast its fastest corner goes at a travel: a catch there has the longest lever. */
function fastest({ pieces, motion }: MovingBody, travel: number): number {
  return Math.max(
    0,
    ...pieces.flatMap(({ corners }) =>
      Array.from({ length: corners.length / 3 }, (_, i) =>
        long(velocityAt(motion, [corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!], travel)),
      ),
    ),
  );
}

/** Every mover of the plan with what its catches are asked for; none where nothing is under way. */
export function heldUnderWay(
  plan: Plan,
  { movers }: Scene,
): { readonly mover: Mover; readonly held: Wanted }[] {
  const { carries } = plan.space;
  if (!carries) return [];
  const ways = waysThrown(carries);
  // What goes another way, or along with its thing, is held with that.
  return movers
    .filter(({ goes }) => goes === undefined)
    .map((mover) => ({ mover, held: heldOf(plan, mover, ways) }));
}

function heldOf(plan: Plan, mover: Mover, ways: readonly Thrown[]): Wanted {
  const there = plan.existing.find(({ id }) => id === mover.item);
  const parts = plan.parts.filter((part) => part.id === mover.item || isOneWith(plan, part, mover));
  const each = parts.map((part) => ofPart(plan, part, mover));
  const sum = (pick: (one: (typeof each)[number]) => number) => each.reduce((all, one) => all + pick(one), 0);
  return wantedOf(
    mover,
    [
      ...(there ? thereWeights(mover) : []),
      ...each.flatMap(({ weights }) => weights),
      ...carriedBy(plan, mover.item).map(({ link, kg, centre }) => ({ body: link, kg, centre })),
    ],
    sum(({ helped }) => helped),
    catchesHold(plan, there) + sum(({ holds }) => holds),
    ways,
  );
}

/** Whether what holds a part holds a mover: a rod opens it with that, or it is fixed to that and has no way of its own. What rides on it and moves is held by itself. */
const isOneWith = (plan: Plan, part: Part, { id, item }: Mover): boolean =>
  linkedTo(part) === item ||
  (carrierOf(plan, part.id)?.mover === id && partBuilt(plan, part)!.movers.length === 0);

/** What holds an item under way besides its own latch, as its hardware and how many; undefined where nothing does. */
export function catchesOf(plan: Plan, item: Part | Existing | undefined) {
  const catches = item && 'underWay' in item ? item.underWay : undefined;
  const hardware = catches && planHardware(plan).named(catches.hardware);
  return catches && hardware && { hardware, count: catches.count };
}

/** Whether anything burns gas or oil in it. */
export const burns = ({ things }: Plan): boolean =>
  things.some(({ kind, state }) => state !== 'to be removed' && BURN.has(kind));
const BURN: ReadonlySet<Thing['kind']> = new Set<Thing['kind']>(['gas pipe', 'hob', 'heater']);

/** What the catches of an item bear together, N. */
function catchesHold(plan: Plan, item: Part | Existing | undefined): number {
  const catches = catchesOf(plan, item);
  if (!catches) return 0;
  const { hardware } = catches;
  return catches.count * ('holds' in hardware ? hardware.holds : 'bears' in hardware ? hardware.bears : 0);
}

/** What moves of a part, shut; what opens it besides its weight; and what keeps it shut, N at its free edge. */
function ofPart(plan: Plan, part: Part, mover: Mover) {
  const { laid, pieces, movers } = partBuilt(plan, part)!;
  const appraisal = appraisalOf(part);
  const weights = appraisal
    .forces(laid, pieces, movers)
    .filter(({ force }) => force.kind === 'weight')
    .map(({ link, force }) => {
      const shut = {
        ...AT_EASE,
        travel: movers.find(({ bodies }) => bodies.some(({ id }) => id === link))?.from ?? 0,
      };
      return { body: link, kg: force.newtons(shut).most / GRAVITY, centre: force.at(shut) };
    });
  const balance = appraisal.balances?.(laid, pieces).find((one) => one.mover === mover.id);
  const helped = (balance?.efforts ?? [])
    .filter(({ kind }) => kind === 'strut' || kind === 'spring')
    .reduce((sum, effort) => sum + effort.over(mover.from, mover.from, AT_EASE).most, 0);
  return { weights, helped, holds: catchesHold(plan, part) + (balance?.latch?.holds ?? 0) };
}

const thereWeights = ({ bodies, item }: Mover) =>
  bodies
    .filter((body) => body.item === item)
    .map(({ id, pieces }) => {
      const { volume, centre } = massOf(pieces);
      return { body: id, kg: (volume * THERE_DENSITY) / CUBIC_MM_A_M3, centre };
    });

/** What opens under way, and what slides off. */
export function underWayFindings(plan: Plan, scene: Scene): NoteFinding[] {
  const { carries } = plan.space;
  if (!carries) return [];
  const all = heldUnderWay(plan, scene);
  const own = all.flatMap(({ mover, held }) => noteFindings(mover.item, [heldNote(mover, held)], plan, 'under way'));
  return [...own, ...noteFindings('space', spaceNotes(plan, carries, all), plan, 'under way')];
} // prettier-ignore

function heldNote(mover: Mover, { worst, wanted, holds }: Wanted): PartNote {
  const name = `the ${called(mover.name)}`;
  if (wanted < NOTHING)
    return noteOf(
      'under way',
      'clear',
      `Under way nothing opens ${name}: it stays shut by itself.`,
      mover.id,
    );
  const does = holds >= wanted;
  return noteOf(
    'under way',
    !does ? 'hits' : wanted > NEAR * holds ? 'tight' : 'clear',
    `Under way ${worst.words} opens ${name} with ${forceMark(wanted)} at its free edge; ${holds > 0 ? `what holds it bears ${forceMark(holds)}` : 'nothing holds it'}${does ? '' : `: a catch with its keeper for ${forceMark(wanted)}, there`}.`,
    mover.id,
  );
}

function spaceNotes(plan: Plan, carries: Carries, all: ReturnType<typeof heldUnderWay>): PartNote[] {
  const loose = all.filter(({ held }) => held.wanted >= NOTHING && held.wanted > held.holds);
  const first = loose.reduce<(typeof loose)[number] | undefined>((a, b) => (!a || b.held.holds / b.held.wanted < a.held.holds / a.held.wanted || (b.held.holds === a.held.holds && b.held.wanted > a.held.wanted) ? b : a), undefined);
  const { forward, back, side, heel } = swaysOf(carries);
  const most = Math.max(forward, back, side, Math.sin(heel * DEGREES));
  // What heels is pressed down by less, too.
  const share = Math.max(forward, back, side, Math.tan(heel * DEGREES));
  const open = openShelves(plan);
  return [
    ...(first ? [noteOf('balance', 'hits', `Under way the ${called(first.mover.name)} opens first: ${first.held.worst.words} ${first.held.holds > 0 ? 'is more than its catch holds' : 'is enough, since nothing holds it'}.`, 'first')] : []),
    ...(share > SLIDES && open.length > 0
      ? [noteOf('balance', 'tight', `What stands free slides from ${SLIDES} times gravity on, and ${Math.round(most * 100) / 100} is reckoned with: nothing stays on a table, nor in ${open.slice(0, 4).join(', ')}${open.length > 4 ? ` and ${open.length - 4} more` : ''} without a strap, a net or a rim: one ${lengthMark(rimHeight(BOTTLE, share), 'least')} high keeps what is ${lengthMark(BOTTLE.high)} high and ${lengthMark(BOTTLE.across)} across from falling over it.`, 'slides')]
      : []),
    noteOf('caution', 'tight', 'Belts, exits and the way to them stay free with everything shut and held; nobody sits or sleeps where no belt is while it goes.', 'exits'),
    noteOf('caution', 'tight', `${burns(plan) ? 'What burns gas is off and its bottle shut before it moves: t' : 'T'}he locker of a gas bottle drains at its foot to outside, is shut off from where people are, and a boat’s drains overboard above the waterline; its fitting is for licensed people.`, 'gas'),
    noteOf('caution', 'tight', 'Batteries are strapped down, their poles covered, and aired as their maker says: some give off gas that burns. Licensed people connect them.', 'batteries'),
  ];
} // prettier-ignore

/** What is reckoned to stand on a shelf under way: a bottle, mm. Common practice. */
const BOTTLE = { high: 300, across: 80 };

/**
 * How high a rim keeps what stands behind it from tipping over it, mm: above it share x g pushes with the lever
 * high / 2 - rim, and its weight rights it with half of what it is across.
 *
 * @param share  of gravity that pushes it level
 */
export const rimHeight = ({ high, across }: typeof BOTTLE, share: number): number =>
  Math.max(0, high / 2 - across / 2 / share);

/** Carcasses with an opening that nothing closes. */
function openShelves(plan: Plan): string[] {
  return plan.carcasses
    .filter(({ bay, id }) => {
      const closed = new Set(plan.parts.flatMap((part) => (carcassIdOf(part) === id ? [familyOf(part).closes?.(part)?.bay ?? bayOf(part) ?? ''] : [])));
      return !closed.has(bay.id) && baysOf(bay).some((one) => !one.split && !closed.has(one.id));
    })
    .map(({ name }) => `the ${called(name)}`);
} // prettier-ignore
