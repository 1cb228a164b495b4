/** Random numbers that a seed repeats: mulberry32, by Tommy Ettinger, public domain. */
export interface Dice {
  /** Evenly from least to most. */
  real(least: number, most: number): number;
  /** A whole number from 0 to below n. */
  below(n: number): number;
  one<T>(of: readonly T[]): T;
  /** True so often of 1. */
  chance(share: number): boolean;
}

export function diceOf(seed: number): Dice {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const dice: Dice = {
    real: (least, most) => least + (most - least) * next(),
    below: (n) => Math.floor(next() * n),
    one: (of) => of[dice.below(of.length)]!,
    chance: (share) => next() < share,
  };
  return dice;
}
