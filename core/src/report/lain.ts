import { checkMover, type MoverCheck } from '../clearance/checkMover';
import { parked } from '../clearance/checkScene';
import { called } from '../item/called';
import { noteOf, type PartNote } from '../item/note';
import { lengthMark } from '../length/lengthMark';
import { motionOf } from '../motion/motion';
import { appraisalOf } from '../parts/appraisals';
import type { LainOn } from '../parts/contract/lainOn';
import { partBuilt } from '../plan/place';
import type { Plan } from '../plan/schema';
import { bodyOf, type Body, type Mover, type Scene } from '../scene/scene';
import { span, type Bounds, type Range } from '../solid/bounds';
import type { Point3 } from '../solid/prism';
import { noteFindings } from './noteFindings';
import type { NoteFinding } from './records';
import { standingAt } from './standingAt';
import { mayBeIn, seenFrom, type Seen } from './seenFrom';
import { travelText } from './words';

/** To walk by, to turn over and to sit up, mm. Common practice, no single source. */
const ROOM = { walk: 600, turn: 500, sit: 900 } as const;
/** One walks by between these heights above the floor, mm: over a rug, under a beam. */
const WALKS = [100, 1700] as const;
/** Farther off nothing is in anybody's way, mm. */
const FAR = 2500;
/** So much less than the whole width is looked at, that what it lies beside is not met: mm. */
const BESIDE = 2;
/** What is pushed out to see how far it goes is so thick, mm: it begins where one ends. */
const THIN = 1;

/** What is left before and over what one lies on, down, and whether the doors and windows there still open: the ways out. */
export function lainFindings(plan: Plan, scene: Scene, checks: readonly MoverCheck[]): NoteFinding[] {
  return plan.parts.flatMap((part) => {
    const lainOn = appraisalOf(part).lainOn?.(partBuilt(plan, part)!.laid);
    const own = scene.movers.findIndex(({ item }) => item === part.id);
    if (!lainOn || own < 0) return [];
    const bed = scene.movers[own]!;
    // What does not come down is told as such; where it would lie is nobody's way yet.
    if (checks[own]!.usable < checks[own]!.to) return [];
    const around = besides(scene, bed);
    const notes = [
      beforeNote(scene, lainOn, around),
      overNote(scene, lainOn, [...around, ...otherBeds(plan, scene, bed)]),
      ...wayOutNotes(plan, scene, checks, bed),
    ];
    return noteFindings(part.id, notes, plan, 'lain');
  });
}

/** What stands in the space with everything else shut. */
function besides({ still, movers }: Scene, bed: Mover): Body[] {
  return [
    ...still.filter(({ item, zone }) => item !== bed.item && !zone),
    ...movers.filter(({ item }) => item !== bed.item).flatMap((mover) => standingAt(mover, 'from')),
  ];
}

/** The others that one lies on, down as well. */
const otherBeds = ({ parts }: Plan, { movers }: Scene, bed: Mover): Body[] =>
  movers
    .filter(({ item }) => item !== bed.item)
    .filter(({ item }) => parts.some((part) => part.id === item && appraisalOf(part).lainOn))
    .flatMap((mover) => standingAt(mover, 'to'));

/** How far a thin slab goes along a direction of the frame before it meets anything, and what that is. */
function freeRun(
  { frame }: LainOn,
  [least, greatest]: readonly [Point3, Point3],
  direction: Point3,
  around: readonly Body[],
): { readonly free: number; readonly meets: string | undefined } {
  const slab: Mover = {
    id: 'slab',
    item: 'slab',
    name: 'slab',
    bodies: [
      {
        id: 'slab',
        item: 'slab',
        name: 'slab',
        pieces: [frame.box(least, greatest)],
        motion: motionOf({ kind: 'slide', direction: frame.turn(direction) }),
      },
    ],
    unit: 'mm',
    from: 0,
    to: FAR,
    contacts: [],
    needs: { around: 0, of: {} },
  };
  const { usable, encounters } = checkMover(slab, around);
  const first = encounters.find(({ contact }) => contact && contact.free <= usable);
  return { free: usable + THIN, meets: first?.still };
}

const atWhat = (scene: Scene, meets: string | undefined): string =>
  meets === undefined ? '' : ` to ${bodyOf(scene, meets).name}`;

/** One gets up where it is widest: of every stretch along it as broad as one walks, the one with the most before it. */
function beforeNote(scene: Scene, lain: LainOn, around: readonly Body[]): PartNote {
  const { x, y, floor } = lain;
  const ahead: Bounds = { x, y: [y[0] - FAR, y[0]], z: [floor + WALKS[0], floor + WALKS[1]] };
  const inWay = around.filter((body) => seenFrom(lain.frame, body).some((one) => mayBeIn(one, ahead)));
  const seen = inWay.flatMap((body) => seenFrom(lain.frame, body)).filter((one) => mayBeIn(one, ahead));
  // The stretch that may have the most is looked at first, and no other that cannot have more.
  const looked = stretches(lain, seen)
    .map((from) => ({ from, most: mostBefore({ ...ahead, x: from }, seen) }))
    .sort((a, b) => b.most - a.most);
  let best: { readonly free: number; readonly meets: string | undefined } | undefined;
  for (const { from, most } of looked) {
    if (best && most <= best.free) break;
    const slab = [
      [from[0] + BESIDE, y[0] - THIN, ahead.z[0]],
      [from[1] - BESIDE, y[0], ahead.z[1]],
    ] as const;
    const run = freeRun(lain, slab, [0, -1, 0], inWay);
    if (!best || run.free > best.free) best = run;
  }
  const { free, meets } = best!;
  const left = meets === undefined ? 'more than ' : '';
  return noteOf(
    'fit',
    free < ROOM.walk ? 'tight' : 'clear',
    `Down, ${left}${lengthMark(free, 'most')} is left before it${atWhat(scene, meets)} to get up and walk by${free < ROOM.walk ? `; ${lengthMark(ROOM.walk)} is wanted` : ''}.`,
    'walk',
  );
}

/**
 * No more than this is free before a stretch, mm: as far as to the nearest box that stands well before it, and to the nearest corner of anything
 * that is within it. What reaches in by a hair, or by an edge alone, may leave less.
 */
function mostBefore({ x, y, z }: Bounds, seen: readonly Seen[]): number {
  let nearest = -Infinity;
  for (const { box, fills, corners } of seen) {
    if (!box) continue;
    if (fills && meetsWell(box.x, x) && meetsWell(box.z, z)) nearest = Math.max(nearest, box.y[1]);
    if (fills || box.y[1] <= nearest) continue;
    for (const [cx, cy, cz] of corners)
      if (cy > nearest && cy <= y[1] && isWell(cx, x) && isWell(cz, z)) nearest = cy;
  }
  return Math.min(FAR, Math.max(0, y[1] - nearest)) + THIN;
}

/** Ranges share more than the hair that a slab is narrower by. */
const meetsWell = (a: Range, b: Range): boolean =>
  Math.min(a[1], b[1] - BESIDE) - Math.max(a[0], b[0] + BESIDE) > 0;
const isWell = (at: number, [from, to]: Range): boolean => at > from + BESIDE && at < to - BESIDE;

/** Where along it to look: the widest stretch begins or ends at an end of it, or beside what stands before it. */
function stretches({ x }: LainOn, seen: readonly Seen[]): Range[] {
  if (span(x) <= ROOM.walk) return [x];
  const edges = seen.flatMap(({ box }) => box?.x ?? []);
  const starts = [x[0], x[1] - ROOM.walk, ...edges, ...edges.map((edge) => edge - ROOM.walk)];
  return [...new Set(starts)]
    .filter((from) => from >= x[0] && from + ROOM.walk <= x[1])
    .map((from) => [from, from + ROOM.walk]);
}

function overNote(scene: Scene, lain: LainOn, around: readonly Body[]): PartNote {
  const { x, y, top } = lain;
  const slab = [
    [x[0] + BESIDE, y[0] + BESIDE, top],
    [x[1] - BESIDE, y[1] - BESIDE, top + THIN],
  ] as const;
  const { free, meets } = freeRun(lain, slab, [0, 0, 1], around);
  const wanted =
    free < ROOM.turn
      ? `; ${lengthMark(ROOM.turn)} is wanted to turn over, ${lengthMark(ROOM.sit)} to sit up`
      : free < ROOM.sit
        ? `: to sit up ${lengthMark(ROOM.sit)} is wanted`
        : '';
  return noteOf(
    'fit',
    free < ROOM.turn ? 'tight' : 'clear',
    `Over who lies on it ${meets === undefined ? 'more than ' : ''}${lengthMark(free, 'most')} is free${atWhat(scene, meets)}${wanted}.`,
    'over',
  );
}

/** Doors, windows and hatches that open less far with it down: with half of their way or less nobody gets out there. */
function wayOutNotes(
  { existing, units }: Plan,
  { movers }: Scene,
  checks: readonly MoverCheck[],
  bed: Mover,
): PartNote[] {
  const down = parked(bed, bed.to);
  return movers.flatMap((door, i) => {
    const there = existing.find(({ id }) => id === door.item);
    const alone = checks[i]!.usable;
    if (!there || there.kind === 'folding seat' || !(alone > door.from)) return [];
    const { usable } = checkMover(door, down);
    if (usable >= alone) return [];
    const out = usable - door.from > (alone - door.from) / 2;
    const [goes, went] = [usable, alone].map((travel) => travelText(door, travel, units));
    return [
      noteOf(
        'fit',
        out ? 'tight' : 'hits',
        `With it down the ${called(there.name)} opens to ${goes}, and else to ${went}${out ? '' : ': nobody gets out there in a fire. Let the way out stay free'}.`,
        `way out ${door.id}`,
      ),
    ];
  });
}
