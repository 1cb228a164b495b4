import { formatLength } from '../length/formatLength';
import type { Units } from '../length/units';

/** A reading so many times larger or smaller than the plan's own number is a slip of the unit, not of the wall. */
const TIMES = 8;
const METRES = 1000;

/**
 * Why a reading cannot be of a dimension: it is so far from what the plan has there that its unit must be wrong.
 * Undefined where it can.
 *
 * @param drawn  what the plan has, mm
 */
export function unitDoubt(mm: number, drawn: number, units: Units): string | undefined {
  // Small things may well be drawn several times too large.
  if (drawn < 50 || (mm < TIMES * drawn && drawn < TIMES * mm)) return undefined;
  const said = `${formatLength(mm, units, true)} is far from the ${formatLength(drawn, units, true)} on the plan`;
  const near = (by: number) => mm * by < 2 * drawn && 2 * mm * by > drawn;
  const guess = near(METRES)
    ? ': is it in metres?'
    : near(10)
      ? ': is it in centimetres?'
      : near(25.4)
        ? ': is it in inches?'
        : near(1 / 25.4)
          ? ': is it in millimetres?'
          : ': is the unit right?';
  return `${said}${guess}`;
}
