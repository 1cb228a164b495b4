import type { Amount } from '../item/lever';

/** What comes of a lever at a value. */
export interface Trial {
  /** It mends what is to be mended and makes nothing worse. */
  readonly mends: boolean;
  /** How far from that, mm; undefined where that is no length, or where so it cannot be built. */
  readonly short: number | undefined;
}

/** The least change of a lever that mends, and whether it is proven that none less does. */
export interface LeastChange {
  readonly value: number;
  readonly proven: boolean;
}

/** As near as a change is looked for, in the lever's unit: mm or degrees. */
export const GRAIN = 0.1;
/** Looks at a lever before the rest of it is only sampled, and looks at the rest then. */
const MOST_STEPS = 24;
const SAMPLES = 8;
/** Of a lever along which something may jump so many units are looked at one by one. */
const MOST_UNITS = 60;

/**
 * The least change of a lever that mends, as it is or a little more.
 *
 * From a value that is short by s nothing mends nearer than s over how far anything moves for a unit of the lever: so much may be
 * stepped over and nothing is missed, however the clearance goes up and down along it. Where what is short is no length, or the steps
 * run out, the rest of the lever is sampled and the last sample that does not mend closed in on.
 *
 * @param start    what comes of it as it is
 * @param attempt  what comes of a value, in steps
 * @source conservative advancement, Mirtich 1996, along the lever in place of time
 */
export function* leastChange<P>(
  lever: Amount,
  start: Trial,
  attempt: (value: number) => Generator<P, Trial>,
): Generator<P, LeastChange | undefined> {
  const sense = Math.sign(lever.to - lever.from);
  const range = Math.abs(lever.to - lever.from);
  const at = (offset: number) => lever.from + sense * offset;
  const mends = function* (offset: number) {
    return (yield* attempt(at(offset))).mends;
  };
  const near = function* (fails: number, holds: number): Generator<P, number> {
    let [low, high] = [fails, holds];
    while (high - low > GRAIN) {
      const middle = (low + high) / 2;
      if (yield* mends(middle)) high = middle;
      else low = middle;
    }
    return high;
  };
  if (lever.lasting) {
    const guess = lever.guess === undefined ? 0 : (lever.guess - lever.from) * sense;
    const tried = guess > 0 && guess < range ? yield* mends(guess) : undefined;
    if (tried) {
      const less = Math.max(0, guess - GRAIN);
      const fails = less === 0 || !(yield* mends(less));
      return { value: at(fails ? guess : yield* near(0, less)), proven: true };
    }
    if (!(yield* mends(range))) return undefined;
    return { value: at(yield* near(tried === false ? guess : 0, range)), proven: true };
  }
  let [offset, short] = [0, start.short];
  if (lever.jumps) {
    // Looked at unit by unit, as far as that is worth it.
    while (offset + 1 <= Math.min(range, MOST_UNITS)) {
      if (yield* mends(offset + 1)) return { value: at(yield* near(offset, offset + 1)), proven: false };
      offset += 1;
    }
    short = undefined;
  }
  for (let step = 0; step < MOST_STEPS && short !== undefined; step += 1) {
    const before = offset;
    offset += Math.max(GRAIN, short / lever.moves);
    if (offset > range) {
      // Nothing up to its end mends: how near that comes is told all the same.
      if (before < range) yield* attempt(at(range));
      return undefined;
    }
    const trial = yield* attempt(at(offset));
    if (trial.mends) return { value: at(offset), proven: true };
    short = trial.short;
  }
  const from = offset;
  for (let i = 1; i <= SAMPLES; i += 1) {
    const sample = from + ((range - from) * i) / SAMPLES;
    if (yield* mends(sample))
      return { value: at(yield* near(from + ((range - from) * (i - 1)) / SAMPLES, sample)), proven: false };
  }
  return undefined;
}
