const WORDS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth', 'eleventh', 'twelfth']; // prettier-ignore
const ENDINGS = [undefined, 'st', 'nd', 'rd'];

/** "third": a place in a row, counted from 1. */
export const ordinal = (nth: number): string =>
  WORDS[nth - 1] ?? `${nth}${ENDINGS[nth % 100 > 20 ? nth % 10 : 0] ?? 'th'}`;
