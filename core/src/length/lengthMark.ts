import { formatLength } from './formatLength';
import { MM_PER_INCH, type Units } from './units';

/** A bound is told so that the figure itself is allowed: the most rounded down, the least rounded up. */
export type Rounding = 'near' | 'most' | 'least';

const MARK = /⟦(near|most|least|mass|shelf|force|stress|stiff) (-?\d+(?:\.\d+)?(?:e-?\d+)?)⟧/g;

const POUND_KG = 0.45359237;
/** @source NIST SP 811: a pound-force in newtons */
export const NEWTONS_A_POUND = 4.4482216152605;
const FOOT_M = 0.3048;
const PSI_MPA = 0.006894757293168;
const MILLION = 1e6;

/** A length inside a sentence whose reader's units are not known yet; `sayLengths` writes it out. */
export const lengthMark = (mm: number, rounding: Rounding = 'near'): string => `⟦${rounding} ${mm}⟧`;

/** A mass in kg, or a force in N, said in pounds to those who measure in inches. */
export const massMark = (kg: number): string => `⟦mass ${kg}⟧`;
export const forceMark = (newtons: number): string => `⟦force ${newtons}⟧`;

/** A load on a shelf, kg a metre: said in pounds a foot to those who measure in inches. */
export const shelfLoadMark = (kg: number): string => `⟦shelf ${kg}⟧`;

/** A stress, or a stiffness, in MPa: said in psi to those who measure in inches. */
export const stressMark = (mpa: number): string => `⟦stress ${mpa}⟧`;
export const stiffnessMark = (mpa: number): string => `⟦stiff ${mpa}⟧`;

/** Three figures are more than anybody knows of a mass or a force. */
const few = (value: number) =>
  Math.abs(value) < 10 ? value.toFixed(1).replace(/\.0$/, '') : String(Math.round(value));

const tens = (value: number) => (Math.round(value / 10) * 10).toLocaleString('en');
const MPA_A_GPA = 1000;

/** Marks that are no length. */
type Unlike = 'mass' | 'shelf' | 'force' | 'stress' | 'stiff';

/** A force as it is said, of N. */
export const forceText = (newtons: number, { system }: Pick<Units, 'system'>): string =>
  system === 'in' ? `${few(newtons / NEWTONS_A_POUND)} lbf` : `${few(newtons)} N`;

/** Units as fine as a bound is told by: what is there at most is not told as nothing where a finer mark of the tape would tell it. */
function unitsFor(mm: number, rounding: Rounding, units: Units): Units {
  if (units.system === 'mm' || rounding !== 'most' || mm <= 0) return units;
  const step = ([16, 32, 64] as const).find((marks) => marks >= units.step && mm >= MM_PER_INCH / marks);
  return step ? { ...units, step } : units;
}

/** Write out the marked lengths, masses and forces of a sentence in the reader's units. */
export function sayLengths(sentence: string, units: Units): string {
  return sentence.replace(MARK, (_, kind: Rounding | Unlike, text: string) => {
    const mm = Number(text);
    const inches = units.system === 'in';
    if (kind === 'mass') return inches ? `${few(mm / POUND_KG)} lb` : `${few(mm)} kg`;
    if (kind === 'shelf')
      return inches ? `${few((mm / POUND_KG) * FOOT_M)} lb a foot` : `${few(mm)} kg a metre`;
    if (kind === 'stress') return inches ? `${tens(mm / PSI_MPA)} psi` : `${few(mm)} MPa`;
    if (kind === 'stiff')
      return inches ? `${few(mm / PSI_MPA / MILLION)} million psi` : `${few(mm / MPA_A_GPA)} GPa`;
    if (kind === 'force') return forceText(mm, units);
    const fine = unitsFor(mm, kind, units);
    const step = fine.system === 'in' ? MM_PER_INCH / fine.step : fine.step;
    // A hair of slack, so that a bound which is a whole number of steps stays itself.
    const shown = {
      near: mm,
      most: Math.floor(mm / step + 1e-9) * step,
      least: Math.ceil(mm / step - 1e-9) * step,
    }[kind];
    return formatLength(shown, fine, true);
  });
}
