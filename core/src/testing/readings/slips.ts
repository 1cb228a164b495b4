import type { Dice } from '../dice';

/** A number from a bell of so much standard deviation (Box and Muller). */
export const bell = (dice: Dice, sigma: number): number =>
  sigma * Math.sqrt(-2 * Math.log(1 - dice.real(0, 1))) * Math.cos(2 * Math.PI * dice.real(0, 1));

/** By how much a slip as hands and eyes make it is off: a centimetre or more, or two figures changed about. */
export function slippedBy(dice: Dice, mm: number): number {
  const digits = [...String(Math.round(mm))];
  const at = dice.below(digits.length - 1);
  const turned = Number(digits.toSpliced(at, 2, digits[at + 1]!, digits[at]!).join(''));
  return dice.chance(0.5) && turned !== Math.round(mm)
    ? turned - mm
    : dice.one([-100, -50, -20, -10, 10, 20, 50, 100]);
}
