import type { HardwareList } from '../../../hardware/generic';
import type { HardwareOf } from '../../../hardware/schema';
import { GRAVITY } from '../../../piece/mass';
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
 * @source CP: the longest stock length not over clear depth less an inset front less push travel
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

/** CP, no single source. */
const USUAL_PUSH = 3;

/**
 * How far in the middle of its weight a box may stand in front of what it runs on before it tips, and what holds it.
 *
 * @param centre   of its weight, behind its front end, mm
 * @param travel   how far it is out, mm
 * @param bearer   from the box's front end, shut, back to the front end of what bears it, mm
 * @source DER, by moments about the front end of the runner: it tips once the middle of the weight is past it
 */
export function tipping(centre: number, travel: number, bearer: number) {
  return { at: centre - bearer, past: travel - (centre - bearer) };
}

/**
 * What a kicker over the tail is pressed with, N, and how far the front droops by the play above the tail, mm.
 *
 * @param mass  kg
 * @source DER: moments about the front end of the runner; the box turns about it until its tail meets the kicker
 */
export function kicked(
  { mass, past, tail, front }: { mass: number; past: number; tail: number; front: number },
  gap: number,
) {
  return { press: (mass * GRAVITY * Math.max(0, past)) / tail, droop: (gap * front) / tail };
}
