import { standingAt } from './standingAt';
import { called } from '../item/called';
import { noteOf, type PartNote } from '../item/note';
import { lengthMark } from '../length/lengthMark';
import { appraisalOf } from '../parts/appraisals';
import type { Hides } from '../parts/contract/hides';
import { carrierOf } from '../plan/hosts';
import { partBuilt } from '../plan/place';
import type { Plan } from '../plan/schema';
import { bodyOf, type Body, type Mover, type Scene } from '../scene/scene';
import { Look } from '../sight/look';
import { isConvex } from '../sight/view';
import type { Convex } from '../solid/convex';
import type { Point3 } from '../solid/prism';
import { cross, dot, less } from '../solid/vector';
import { thingBodies } from '../things/build';
import { noteFindings } from './noteFindings';
import type { NoteFinding } from './records';
import { travelText } from './words';

/** Where somebody's eyes are, and how that reads: "who stands before it". */
export interface Eye {
  readonly key: string;
  readonly words: string;
  readonly at: Point3;
  /** What must be open for somebody to be there, by its item. */
  readonly open?: string;
}

/** Who stands, and who sits, so high and so far before a door, mm. Common practice. */
const STANDS = 1600;
const SITS = 1200;
const BEFORE = 1500;
/** Who lies has the eyes so far over what they lie on, and so far in from its end, mm. Common practice. */
const LIES = { over: 250, in: 200 } as const;
/** From a wall nobody stands nearer, mm. */
const FROM_WALL = 250;
/** Of many slits so many are told. */
const MOST_TOLD = 3;

/** What is seen past what must hide it, from each place, with everything shut; and from what travel on it shows. */
export function sightFindings(plan: Plan, scene: Scene): NoteFinding[] {
  const hidden = plan.parts.flatMap((part) =>
    (appraisalOf(part).hides?.(partBuilt(plan, part)!.laid) ?? []).map((hides) => ({ part, hides })),
  );
  if (hidden.length === 0) return [];
  return hidden.flatMap(({ part, hides }) => {
    const eyes = eyesFor(plan, scene, hides);
    const carrier = carrierOf(plan, part.id)?.mover;
    const ids = carrier === undefined ? hides.movers : [carrier];
    const movers = scene.movers.filter(({ id }) => ids.includes(id));
    const kept = keptFromSight(plan, hides);
    const notes = kept.flatMap((target) => eyes.flatMap((eye) => sightNotes(plan, scene, { eye, target, shut: standingFor(scene, eye.open), movers })));
    return noteFindings(part.id, notes, plan, 'sight');
  });
} // prettier-ignore

/** Every look of a plan with what stands in its way, everything shut but what the eye lies on: what a benchmark times. */
export function sightOf(plan: Plan, scene: Scene) {
  return plan.parts
    .flatMap((part) => appraisalOf(part).hides?.(partBuilt(plan, part)!.laid) ?? [])
    .flatMap((hides) =>
      eyesFor(plan, scene, hides).flatMap(({ at, open }) =>
        keptFromSight(plan, hides).flatMap(({ faces }) => faces.map((corners) => ({ eye: at, corners, bodies: standingFor(scene, open) }))),
      ),
    );
} // prettier-ignore

/** All that stands with everything shut, but for what an eye lies on. */
const standingFor = ({ still, movers }: Scene, open?: string): Body[] => [
  ...still.filter(({ zone }) => !zone),
  ...movers.flatMap((one) => standingAt(one, one.item === open ? 'to' : 'from')),
];

/** Something that is not to be seen, by its flat faces: whatever of it is seen is seen on one of those. */
interface Kept {
  readonly key: string;
  readonly words: string;
  readonly faces: readonly (readonly Point3[])[];
}

/** What is not to be seen: what the person says, else all that is behind. */
function keptFromSight(plan: Plan, { key, words, corners }: Hides): Kept[] {
  const told = plan.things.filter(({ kind, state }) => kind === 'kept from sight' && state !== 'to be removed');
  if (told.length === 0) return [{ key, words, faces: [corners] }];
  return told.map((thing) => ({
    key: thing.id,
    words: `the ${called(thing.name)}`,
    faces: thingBodies(thing).flatMap(({ pieces }) => pieces.filter(isConvex).flatMap(facesOf)),
  }));
} // prettier-ignore

const facesOf = ({ corners, faces }: Convex): Point3[][] =>
  faces.map((face) => face.map((i): Point3 => [corners[3 * i]!, corners[3 * i + 1]!, corners[3 * i + 2]!]));

/** The looks at those of its faces that are turned to the eye; of a single one from either side. */
const looksAt = (eye: Point3, { faces }: Kept): Look[] =>
  faces
    .filter(([a, b, c]) => faces.length === 1 || dot(less(eye, a!), cross(less(b!, a!), less(c!, a!))) > 0)
    .flatMap((corners) => lookAt(eye, corners) ?? []);

/** Places the person sets, and usual ones: standing and seated before it, and lying on every bed. */
export function eyesFor(plan: Plan, scene: Scene, { frame, middle }: Hides): Eye[] {
  const set = plan.things
    .filter(({ kind, state }) => kind === 'place to see from' && state !== 'to be removed')
    .map(({ id, name, x, y, z, width, depth, height }): Eye => ({
      key: id,
      words: `Whoever looks from the ${called(name)}`,
      at: [x.mm + width.mm / 2, y.mm + depth.mm / 2, z.mm + height.mm / 2],
    }));
  const before = (up: number): Point3 => within(plan, frame.toSpace([middle, -BEFORE, up]));
  const beds = plan.parts.flatMap((part) => {
    const lain = appraisalOf(part).lainOn?.(partBuilt(plan, part)!.laid);
    if (!lain || !scene.movers.some(({ item }) => item === part.id)) return [];
    const mid = (lain.y[0] + lain.y[1]) / 2;
    const across = lain.x[1] - lain.x[0] >= lain.y[1] - lain.y[0];
    const ends = across
      ? [[lain.x[0] + LIES.in, mid] as const, [lain.x[1] - LIES.in, mid] as const]
      : [[(lain.x[0] + lain.x[1]) / 2, lain.y[0] + LIES.in] as const, [(lain.x[0] + lain.x[1]) / 2, lain.y[1] - LIES.in] as const];
    return ends.map(([x, y], i): Eye => ({
      key: `${part.id} ${i}`,
      words: `Who lies on the ${called(part.name)}, head at its ${(across ? ['left', 'right'] : ['front', 'back'])[i]!} end,`,
      at: lain.frame.toSpace([x, y, lain.top + LIES.over]),
      open: part.id,
    }));
  });
  return [
    ...set,
    { key: 'stands', words: 'Who stands before it', at: before(STANDS) },
    { key: 'sits', words: 'Who sits before it', at: before(SITS) },
    ...beds,
  ];
} // prettier-ignore

/** Nobody stands in a wall. */
function within({ space: { width, depth, height } }: Plan, [x, y, z]: Point3): Point3 {
  const between = (at: number, most: number) =>
    Math.max(Math.min(FROM_WALL, most / 2), Math.min(most - Math.min(FROM_WALL, most / 2), at));
  return [between(x, width.mm), between(y, depth.mm), Math.min(z, height.mm - 1)];
}

interface Looking {
  readonly eye: Eye;
  readonly target: Kept;
  readonly shut: readonly Body[];
  readonly movers: readonly Mover[];
}

/** Looks of the last plans, by where the eye is and what it looks at: each keeps what it saw. */
const looks = new Map<string, Look | undefined>();
const MOST_LOOKS = 64;

function lookAt(eye: Point3, corners: readonly Point3[]): Look | undefined {
  const key = JSON.stringify([eye, corners]);
  const known = looks.get(key);
  if (known || looks.has(key)) return known;
  if (looks.size >= MOST_LOOKS) looks.clear();
  const made = Look.at(eye, corners);
  looks.set(key, made);
  return made;
}

function sightNotes(plan: Plan, scene: Scene, { eye, target, shut, movers }: Looking): PartNote[] {
  const looks = looksAt(eye.at, target);
  if (looks.length === 0) return [];
  const slits = looks.flatMap((look) => look.slits(shut)).sort((a, b) => b.passed - a.passed);
  const of = `${target.key} ${eye.key}`;
  const name = (id: string) => bodyOf(scene, id).name;
  if (slits.length > 0)
    return slits.slice(0, MOST_TOLD).map(({ passed, long, between, lap, place }, i) =>
      noteOf(
        'sight',
        'tight',
        `${eye.words} sees ${target.words}, shut: through a slit ${lengthMark(passed, 'least')} wide and ${lengthMark(long)} long${between.length > 0 ? ` beside ${[...new Set(between)].map(name).join(' and ')}` : ''}, ${lengthMark(place[2])} above the floor. A strip, a lap or a rebate behind it of ${lengthMark(lap, 'least')} closes it.`,
        `${of} ${i}`,
      ),
    );
  const nothing = `${eye.words} sees nothing of ${target.words} while it is shut`;
  return [noteOf('sight', 'clear', () => `${nothing}${untilWords(plan, looks, shut, movers)}.`, `${of} 0`)];
} // prettier-ignore

/** Up to what travel it stays unseen: of a pair by the leaf that shows it first, the other shut. */
function untilWords(
  { units }: Plan,
  looks: readonly Look[],
  shut: readonly Body[],
  movers: readonly Mover[],
): string {
  const opened = movers.map((mover) => {
    const others = shut.filter(({ parked: whose }) => whose !== mover.id);
    return { mover, free: Math.min(...looks.map((look) => look.unseenTo(mover, others))) };
  });
  const [first] = opened.sort((a, b) => a.free - a.mover.from - (b.free - b.mover.from));
  if (!first || first.free <= first.mover.from) return '';
  return `, nor before ${movers.length > 1 ? 'a leaf of it' : 'it'} is open to ${travelText(first.mover, first.free, units)}`;
}
