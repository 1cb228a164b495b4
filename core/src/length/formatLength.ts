import { MM_PER_INCH, type Units } from './units';

/** A shown length in pieces, so that a page can set the fraction as one and a sentence can join them. */
export interface ShownLength {
  readonly sign: '' | '-';
  /** `5'`, where feet are shown and there is one at least. */
  readonly feet: string;
  readonly whole: string;
  /** `5/8` in inches; empty in mm and for whole inches. */
  readonly fraction: string;
  /** `+` where the true value is a hair over what is shown, `-` a hair under; inches only. */
  readonly hair: '' | '+' | '-';
  /** What stands behind it where the unit is named; empty where its own marks do. */
  readonly unit: ' mm' | ' in' | '';
  /** The mark of inches, where feet are shown: always part of the length. */
  readonly mark: '' | '"';
}

/** Inches in a foot. */
const FOOT = 12;
/** Less than this off a mark, in inches, is the mark itself: it is the rounding of 64-bit sums, not a hair of wood. */
const ON_THE_MARK = 1e-7;

/** What lies on a 32nd, as sheets do by their names, is told by that also where the job goes by 16ths. */
const stepFor = (inches: number, step: number): number =>
  step < SHEETS && Math.abs(inches * SHEETS - Math.round(inches * SHEETS)) < SHEETS * ON_THE_MARK
    ? SHEETS
    : step;
const SHEETS = 32;

/**
 * How a length is shown in the job's units: mm to 0.5 or 0.1, inches to 1/16, 1/32 or 1/64 with a hair mark.
 * It rounds once, from the kept mm, and never what was rounded before.
 */
export function showLength(mm: number, units: Units): ShownLength {
  const sign = mm < 0 ? '-' : '';
  if (units.system === 'mm') {
    const rounded = Math.round(Math.abs(mm) / units.step) * units.step;
    const whole = rounded.toFixed(1).replace(/\.0$/, '');
    return {
      sign: whole === '0' ? '' : sign,
      feet: '',
      whole,
      fraction: '',
      hair: '',
      mark: '',
      unit: ' mm',
    };
  }
  const inches = Math.abs(mm) / MM_PER_INCH;
  const step = stepFor(inches, units.step);
  const parts = Math.round(inches * step);
  const off = inches - parts / step;
  const hair = Math.abs(off) < ON_THE_MARK ? '' : off > 0 ? '+' : '-';
  const inFeet = units.feet === true;
  const feet = inFeet ? Math.floor(parts / step / FOOT) : 0;
  const whole = Math.floor(parts / step) - FOOT * feet;
  let top = parts - (FOOT * feet + whole) * step;
  let bottom = step;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return {
    sign: parts === 0 && hair === '' ? '' : sign,
    feet: feet > 0 ? `${feet}'` : '',
    // Behind feet no inches are told as such: 1' 3/8" may be read as a foot and three, or as a slip.
    whole: whole === 0 && top > 0 && feet === 0 ? '' : String(whole),
    fraction: top > 0 ? `${top}/${bottom}` : '',
    hair,
    mark: inFeet ? '"' : '',
    unit: inFeet ? '' : ' in',
  };
}

/** How what is a hair over or under its mark is told where a plus or a minus would be one of a sum. */
export const HAIR_WORDS = { '': '', '+': ' full', '-': ' scant' } as const;

/** The shown length in a sum: `21 5/8 full` in place of `21 5/8+`. `parseLength` reads it back. */
export function lengthInSum(mm: number, units: Units): string {
  const text = formatLength(mm, units);
  const { hair } = showLength(mm, units);
  return hair === '' ? text : `${text.replace(/[+-](?="?$)/, '')}${HAIR_WORDS[hair]}`;
}

/**
 * The shown length as one text: `571.6`, `21 5/8`, `21 5/8+`, `1' 9 5/8"`; with its unit when asked: `571.6 mm`, `21 5/8 in`.
 * `parseLength` reads it back.
 */
export function formatLength(mm: number, units: Units, withUnit = false): string {
  const { sign, feet, whole, fraction, hair, mark, unit } = showLength(mm, units);
  const number = [feet, whole, fraction].filter(Boolean).join(' ');
  return `${sign}${number}${hair}${mark}${withUnit ? unit : ''}`;
}
