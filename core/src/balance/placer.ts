import { AT_EASE, type Effort } from './force';
import { driveOf } from './poise';
import type { Figure } from './bounds';
import type { GasStrut } from './strut';

// Looked up once: they are called for millions of places.
const { atan2, floor, hypot, max, min, sqrt } = Math;

/** A place in the plane a leaf turns in, mm: from its axis along the shut leaf, and back into the case. */
export type InPlane = readonly [along: number, back: number];

/** From the least to the most a place may be, mm. */
export interface Allowed {
  readonly along: readonly [number, number];
  readonly back: readonly [number, number];
}

/** A strut that may be taken, and whether it lies in the drawer. */
export interface Candidate {
  readonly id: string;
  readonly strut: GasStrut;
  /** Half of what its tube is thick, mm. */
  readonly half: number;
  readonly own: boolean;
}

/** What is wanted of struts: a hand's force at most, N; that it stays open, and shut, by itself. */
export interface StrutWants {
  readonly hand: number;
  readonly staysOpen: boolean;
  readonly staysShut: boolean;
}

/** A leaf that turns about its axis, and where struts may be fixed. */
export interface PlacerTask {
  /** All that drives it but struts; about its axis, by its turn, rad. */
  readonly efforts: readonly Effort[];
  readonly to: number;
  /** How fast the place goes where a hand takes hold, mm a radian. */
  readonly handle: Figure;
  readonly onLeaf: Allowed;
  readonly onCase: Allowed;
  /** The hinge edge of the inner face of what the struts are fixed to, which they keep behind; none where they are fixed to an arm, beside it. */
  readonly corner: InPlane | undefined;
  readonly candidates: readonly Candidate[];
  readonly counts: readonly (1 | 2)[];
  readonly wants: StrutWants;
  /** mm; the grid that both ends are tried on. */
  readonly step: number;
  /** So much of a stroke is kept at either end, mm. */
  readonly keep: number;
}

/** Where a kind of answer fixes its struts, and what a hand gives then at most, as far as was looked: never more than it truly is. */
export interface Placement {
  readonly candidate: Candidate;
  readonly count: 1 | 2;
  readonly onLeaf: InPlane;
  readonly onCase: InPlane;
  readonly hand: number;
  /** By how much it falls short of what is wanted, N at the hand; 0 where it does all. */
  readonly miss: number;
}

/** Travels a placement is looked at, its ends among them. */
const LOOKS = 13;
/** Of each kind so many placements are kept, the best first: what is worse than they is not looked at again. */
const KEPT = 120;

/** How a strut's push of 1 N turns its leaf at each travel looked at, and how it goes there. */
class Looks {
  readonly turn = new Float64Array(LOOKS);
  readonly sine = new Float64Array(LOOKS);
  readonly cosine = new Float64Array(LOOKS);
  readonly opening = new Float64Array(LOOKS);
  readonly closing = new Float64Array(LOOKS);
  readonly grip = new Float64Array(LOOKS);

  constructor({ efforts, to, handle }: Pick<PlacerTask, 'efforts' | 'to' | 'handle'>) {
    const drive = (sense: 1 | -1) => driveOf(efforts, { ...AT_EASE, sense });
    const [opens, shuts] = [drive(1), drive(-1)];
    for (let i = 0; i < LOOKS; i += 1) {
      const t = (to * i) / (LOOKS - 1);
      this.turn[i] = t;
      this.sine[i] = Math.sin(t);
      this.cosine[i] = Math.cos(t);
      // Against the hand: the least that helps it to lift, and both ways as it shuts.
      this.opening[i] = opens(t, t).least;
      this.closing[i] = shuts(t, t).least;
      this.grip[i] = max(1e-9, handle(t, t).most);
    }
  }
}

/** Kept sorted by what they miss and what a hand gives. */
class Best {
  readonly kept: Placement[] = [];

  add(placement: Placement): void {
    const { kept } = this;
    if (kept.length === KEPT && !before(placement, kept[KEPT - 1]!)) return;
    let [low, high] = [0, kept.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (before(placement, kept[middle]!)) high = middle;
      else low = middle + 1;
    }
    kept.splice(low, 0, placement);
    if (kept.length > KEPT) kept.pop();
  }

  /** Whether one that misses so much and takes so much would be kept. */
  wants(miss: number, hand: number): boolean {
    const last = this.kept[KEPT - 1];
    return !last || miss < last.miss || (miss === last.miss && hand < last.hand);
  }
}

const before = (a: Placement, b: Placement): boolean =>
  a.miss < b.miss || (a.miss === b.miss && a.hand < b.hand);

/**
 * The best places for struts, kind by kind: of every strut and every count all pairs of places on a grid are tried. What a hand gives is looked
 * at at some travels, and so never more than it is: whoever certifies the kept ones in their order and stops where the next is no better than
 * the best certified has the best of the whole grid.
 *
 * @returns for each kind of answer its placements, the best first, those that do all before those that miss something
 */
export function* placeStruts(task: PlacerTask): Generator<number, readonly (readonly Placement[])[]> {
  const looks = new Looks(task);
  const kinds = task.candidates.flatMap((candidate) =>
    task.counts.map((count) => ({ candidate, count, best: new Best() })),
  );
  const byStroke = groupBy(kinds, ({ candidate: { strut } }) => `${strut.extended} ${strut.stroke}`);
  const leaf = placesIn(task.onLeaf, task.step);
  const fixed = placesIn(task.onCase, task.step);
  const lengths = new Float64Array(LOOKS);
  const arms = new Float64Array(LOOKS);
  const leastHalf = min(...task.candidates.map(({ half }) => half));
  const rooms = fixed.map((place) => roomAt(looks, task, place));
  for (const [n, p] of leaf.entries()) {
    for (const [m, q] of fixed.entries()) {
      const room = rooms[m]!;
      if (room.face < leastHalf) continue;
      const [least, most] = lengthsOver(looks, p, q, task.to, lengths, arms);
      const free = min(room.face, aboutCorner(p, room, task.corner));
      for (const group of byStroke) {
        const { extended, stroke } = group[0]!.candidate.strut;
        if (least < extended - stroke + task.keep || most > extended - task.keep) continue;
        for (const { candidate, count, best } of group) {
          if (candidate.half > free) continue;
          const { hand, miss } = judge(task, looks, candidate.strut, count, lengths, arms);
          if (best.wants(miss, hand)) best.add({ candidate, count, onLeaf: p, onCase: q, hand, miss });
        }
      }
    }
    yield (n + 1) / leaf.length;
  }
  return kinds.map(({ best }) => best.kept);
}

/** A fixed end as seen from the leaf on its way: what it has to the inner face while it is before that, and where it is once it is behind its edge. */
interface Room {
  readonly face: number;
  readonly behind: readonly InPlane[];
}

/** A strut runs from its fixed end to the leaf, and clears the inner face by no more than that end does. */
function roomAt({ sine, cosine }: Looks, { corner }: PlacerTask, [a, b]: InPlane): Room {
  if (!corner) return { face: Infinity, behind: [] };
  let face = Infinity;
  const behind: InPlane[] = [];
  for (let i = 0; i < LOOKS; i += 1) {
    const along = a * cosine[i]! - b * sine[i]!;
    const back = a * sine[i]! + b * cosine[i]!;
    if (along < corner[0]) behind.push([along, back]);
    else face = min(face, back - corner[1]);
  }
  return { face, behind };
}

/** How far a strut's line keeps from the hinge edge of the inner face, once its fixed end is behind that. */
function aboutCorner([a, b]: InPlane, { behind }: Room, corner: InPlane | undefined): number {
  if (!corner) return Infinity;
  let least = Infinity;
  for (const [along, back] of behind) {
    const [x, y] = [along - a, back - b];
    const off = ((corner[1] - b) * x - (corner[0] - a) * y) / hypot(x, y);
    if (off < least) least = off;
  }
  return least;
}

/** Every place of a grid. */
export function placesIn({ along, back }: Allowed, step: number): InPlane[] {
  const range = ([from, to]: readonly [number, number]) =>
    Array.from({ length: max(1, floor((to - from) / step + 1e-9) + 1) }, (_, i) => from + i * step);
  const deep = range(back);
  return range(along).flatMap((a) => deep.map((b): InPlane => [a, b]));
}

/**
 * A strut's length and lever arm at every travel looked at, and the least and most length over the whole travel: at its ends, or where it
 * is in line with the axis.
 */
function lengthsOver(
  { sine, cosine }: Looks,
  [pa, pb]: InPlane,
  [qa, qb]: InPlane,
  to: number,
  lengths: Float64Array,
  arms: Float64Array,
): readonly [number, number] {
  const squares = pa * pa + pb * pb + qa * qa + qb * qb;
  // Of the leaf's place turned by t: dot and cross with the fixed one, opening away from the back.
  const dot0 = pa * qa + pb * qb;
  const cross0 = pa * qb - pb * qa;
  let [least, most] = [Infinity, -Infinity];
  for (let i = 0; i < LOOKS; i += 1) {
    const dot = dot0 * cosine[i]! - cross0 * sine[i]!;
    const cross = cross0 * cosine[i]! + dot0 * sine[i]!;
    const length = sqrt(max(1e-9, squares - 2 * dot));
    lengths[i] = length;
    arms[i] = cross / length;
    if (length < least) least = length;
    if (length > most) most = length;
  }
  // In line: the turn at which the cross is 0 with the dot more, or less, than 0.
  const between = atan2(cross0, dot0);
  const reach = sqrt(max(0, dot0 * dot0 + cross0 * cross0));
  const passes = (angle: number) => {
    const turn = angle - between;
    const wrapped = turn - 2 * Math.PI * floor(turn / (2 * Math.PI));
    return wrapped <= to;
  };
  if (passes(0)) least = sqrt(max(0, squares - 2 * reach));
  if (passes(Math.PI)) most = sqrt(squares + 2 * reach);
  return [least, most];
}

/** What a hand gives at most at the travels looked at, N, and by how much the wants are missed. */
function judge(
  { wants }: PlacerTask,
  { opening, closing, grip }: Looks,
  { push, progression, stroke, extended, friction, tolerance }: GasStrut,
  count: number,
  lengths: Float64Array,
  arms: Float64Array,
): { hand: number; miss: number } {
  const rise = 1 - 1 / progression;
  const [weak, strong] = [count * push * (1 - tolerance), count * push * (1 + tolerance)];
  let hand = 0;
  let short = 0;
  for (let i = 0; i < LOOKS; i += 1) {
    const pressed = (extended - lengths[i]!) / stroke;
    const arm = arms[i]! / (1 - pressed * rise);
    // Pressed in it takes more by what its seals rub.
    const inward = arm * (1 + friction);
    const [helps, against] = arm >= 0 ? [weak * arm, weak * inward] : [strong * inward, strong * arm];
    const most = arm >= 0 ? strong * inward : weak * arm;
    const lift = -(opening[i]! + helps);
    const shut = closing[i]! + most;
    const back = -(closing[i]! + against);
    const at = grip[i]!;
    hand = max(hand, lift / at, shut / at, back / at);
    // Let go where it is open, it must not fall; where it is shut, it must not rise.
    if (i === LOOKS - 1 && wants.staysOpen) short = max(short, back / at);
    if (i === 0 && wants.staysShut) {
      const rises = opening[i]! + (arm >= 0 ? strong * arm : weak * inward);
      short = max(short, rises / at);
    }
  }
  return { hand, miss: max(0, short, hand - wants.hand) };
}

function groupBy<T>(all: readonly T[], key: (one: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const one of all) {
    const name = key(one);
    const group = groups.get(name);
    if (group) group.push(one);
    else groups.set(name, [one]);
  }
  return [...groups.values()];
}
