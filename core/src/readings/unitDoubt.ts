import { formatLength } from '../length/formatLength';
import type { Units } from '../length/units';

/** A reading so many times larger or smaller than the plan's own number is a slip of the unit, not of the wall. */
const UNIT_FACTOR = 8;
const METRES = 1000;
/** Small things may well be drawn several times too large; lengths to compare tapes at are longer, mm. */
const SMALL = 50;
/** Two instruments differ by their offsets and by what tapes are stretched; more than this is looked at again. Common practice. */
const ASK = { mm: 8, share: 0.003 };

/**
 * Why a reading cannot be of a dimension: it is so far from what the plan has there that its unit must be wrong.
 * Undefined where it can.
 *
 * @param drawn  what the plan has, mm
 */
export function unitDoubt(mm: number, drawn: number, units: Units): string | undefined {
  return farFrom(mm, drawn, units, 'on the plan');
}

/**
 * Why a reading to compare instruments by is asked about: its unit, or a slip of figures against what others read of the
 * same length. Undefined where it is as likely as any.
 *
 * @param others  what the other instruments read of that length, mm
 */
export function checkDoubt(mm: number, others: readonly number[], units: Units): string | undefined {
  const sorted = others.toSorted((a, b) => a - b);
  const before = sorted[Math.floor(sorted.length / 2)];
  if (before === undefined)
    return mm < SMALL
      ? `${formatLength(mm, units, true)} is short for a length to compare tapes by${guessOf(mm, 1000)}`
      : undefined;
  const unit = farFrom(mm, before, units, 'another read there');
  if (unit) return unit;
  const off = Math.abs(mm - before);
  return off > ASK.mm + ASK.share * before
    ? `Another read ${formatLength(before, units, true)} there, ${formatLength(off, units, true)} ${mm > before ? 'less' : 'more'}: is one of the two a slip?`
    : undefined;
}

function farFrom(mm: number, known: number, units: Units, where: string): string | undefined {
  if (known < SMALL || (mm < UNIT_FACTOR * known && known < UNIT_FACTOR * mm)) return undefined;
  return `${formatLength(mm, units, true)} is far from the ${formatLength(known, units, true)} ${where}${guessOf(mm, known)}`;
}

function guessOf(mm: number, known: number): string {
  const near = (by: number) => mm * by < 2 * known && 2 * mm * by > known;
  if (near(METRES)) return ': is it in metres?';
  if (near(10)) return ': is it in centimetres?';
  if (near(25.4)) return ': is it in inches?';
  return near(1 / 25.4) ? ': is it in millimetres?' : ': is the unit right?';
}
