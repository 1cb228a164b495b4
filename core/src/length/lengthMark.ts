import { formatLength } from './formatLength';
import type { Units } from './units';

const MARK = /⟦(-?\d+(?:\.\d+)?(?:e-?\d+)?)⟧/g;

/** A length inside a sentence whose reader's units are not known yet; `sayLengths` writes it out. */
export const lengthMark = (mm: number): string => `⟦${mm}⟧`;

/** Write out the marked lengths of a sentence in the reader's units. */
export function sayLengths(sentence: string, units: Units): string {
  return sentence.replace(MARK, (_, mm: string) => formatLength(Number(mm), units, true));
}
