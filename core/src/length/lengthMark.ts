import { formatLength } from './formatLength';
import { MM_PER_INCH, type Units } from './units';

/** A bound is told so that the figure itself is allowed: the most rounded down, the least rounded up. */
export type Rounding = 'near' | 'most' | 'least';

const MARK = /⟦(near|most|least) (-?\d+(?:\.\d+)?(?:e-?\d+)?)⟧/g;

/** A length inside a sentence whose reader's units are not known yet; `sayLengths` writes it out. */
export const lengthMark = (mm: number, rounding: Rounding = 'near'): string => `⟦${rounding} ${mm}⟧`;

/** Write out the marked lengths of a sentence in the reader's units. */
export function sayLengths(sentence: string, units: Units): string {
  return sentence.replace(MARK, (_, rounding: Rounding, text: string) => {
    const mm = Number(text);
    const step = units.system === 'in' ? MM_PER_INCH / units.step : units.step;
    // A hair of slack, so that a bound which is a whole number of steps stays itself.
    const shown = {
      near: mm,
      most: Math.floor(mm / step + 1e-9) * step,
      least: Math.ceil(mm / step - 1e-9) * step,
    }[rounding];
    return formatLength(shown, units, true);
  });
}
