import type { HardwareList } from '../../../hardware/generic';
import type { HardwareOf } from '../../../hardware/schema';
import { AT_EASE, weightForce } from '../../../balance/force';
import { holdsUntil, momentAbout, type Axis } from '../../../balance/moment';
import { reactionsTo, type Support } from '../../../balance/reactions';
import { motionOf } from '../../../motion/motion';
import type { Point3 } from '../../../solid/prism';
import type { Closing, Runs } from './schema';

/** A slide of either kind, as its hardware tells it. */
export type Slide = HardwareOf<'slide'> | HardwareOf<'under slide'>;

export const slideKind = ({ kind }: Runs): 'slide' | 'under slide' =>
  kind === 'under slides' ? 'under slide' : 'slide';

/** The slide it names; undefined on wooden runners, or where there is none of that name and kind. */
export function slideOf(runs: Runs, hardware: HardwareList): Slide | undefined {
  if (runs.kind === 'wooden runners') return undefined;
  return runs.kind === 'under slides'
    ? hardware.find(runs.hardware, 'under slide')
    : hardware.find(runs.hardware, 'slide');
}

/** Lengths a slide comes in, mm, the longest first. */
export function lengthsOf({ length, shortest, step }: Pick<Slide, 'length' | 'shortest' | 'step'>): number[] {
  if (shortest <= 0 || shortest >= length) return [length];
  const count = Math.floor((length - shortest) / step + 1e-9);
  return Array.from({ length: count + 1 }, (_, i) => length - i * step);
}

/**
 * The longest of a slide's lengths that is not over the room for it, mm; undefined where even the shortest is.
 *
 * @source common practice: the longest stock length not over clear depth less an inset front less push travel
 */
export function longestThatFits(slide: Pick<Slide, 'length' | 'shortest' | 'step'>, room: number) {
  return lengthsOf(slide).find((mm) => mm <= room + 1e-9);
}

/** How far a slide of a length comes out, mm: all of one make come out by the same share of their length. */
export const travelOf = (slide: Pick<Slide, 'length' | 'travel'>, length: number): number =>
  (slide.travel * length) / slide.length;

/** How much narrower than its clear opening a box of these sides is in all, mm. */
export function roomBeside(runs: Runs, slide: Slide | undefined, side: number): number {
  if (runs.kind === 'wooden runners') return 2 * runs.play.mm;
  if (slide?.kind === 'under slide') return slide.inner - 2 * side;
  return 2 * slide!.side;
}

/** How far it is pushed in to open, mm. */
export const pushOf = (closing: Closing, slide: Slide | undefined): number =>
  closing === 'push-to-open' ? (slide?.push ?? USUAL_PUSH) : 0;

/** Common practice, no single source. */
const USUAL_PUSH = 3;

/** The front end of what a box runs on, with y back into the case: what tips turns about it. */
const FRONT: Axis = { point: [0, 0, 0], direction: [-1, 0, 0] };
const OUT = motionOf({ kind: 'slide', direction: [0, -1, 0] });
const UP: readonly Point3[] = [[0, 0, 1]];
/** No box comes out so far, mm. */
const FAR = 1e5;

/**
 * How far a box may come out on runners before it tips, and how far past that its stop lets it come, mm.
 *
 * @param mass    of it and all that is in it, kg; `centre` of that behind the front end of the box and of what bears it, shut, mm
 * @param travel  how far it comes out, mm
 */
export function tipping({ mass, centre }: Loaded, travel: number) {
  const box = weightForce('box', 'the box', { kg: mass, centre: [0, centre, 0] }, OUT);
  const at = holdsUntil((out) => momentAbout(FRONT, [box], { ...AT_EASE, travel: out }), 0, FAR) ?? FAR;
  return { at, past: travel - at };
}

/** A box with all that is in it: kg, and the middle of that behind its front end, mm. */
interface Loaded {
  readonly mass: number;
  readonly centre: number;
}

/**
 * What a kicker over the tail is pressed with, N, and how far the front droops by the play above the tail, mm.
 *
 * @param tail  how far behind the front end of its runners its tail still is at its stop, mm
 */
export function kicked({ mass, centre }: Loaded, travel: number, tail: number, gap: number) {
  const box = weightForce('box', 'the box', { kg: mass, centre: [0, centre, 0] }, OUT);
  const supports: Support[] = [
    { key: 'runners', at: [0, 0, 0], holds: UP },
    { key: 'kicker', at: [0, tail, 0], holds: UP },
  ];
  const held = reactionsTo(supports, [box], { ...AT_EASE, travel })!;
  // It holds the tail down: what would lift it is no load of it.
  return { press: Math.max(0, -held[1]!.along[0]!.least), droop: (gap * travel) / tail };
}

/**
 * What a pair of slides carries at the outer edge of what is drawn out, kg: they are rated for a load that is spread over the box, whose
 * middle is half the depth nearer the case.
 */
export function edgeLoad(rating: number, travel: number, depth: number): number {
  const outOf = (kg: number, out: number) =>
    momentAbout(FRONT, [weightForce('load', 'a load', { kg, centre: [0, -out, 0] })], AT_EASE).least;
  return Math.max(0, outOf(rating, travel - depth / 2) / outOf(1, travel));
}
