import { MM_PER_FOOT, MM_PER_INCH } from './units';

/** One number, length or sign of what was typed, with its place. */
export interface Token {
  readonly type: 'number' | 'length' | '+' | '-' | '*' | '/' | '(' | ')';
  readonly value: number;
  readonly at: number;
  readonly text: string;
}

/** Why a text cannot be read, and where. */
export class Unreadable extends Error {
  constructor(
    message: string,
    readonly at: number,
    readonly length: number,
  ) {
    super(message);
  }
}

const VULGAR: Record<string, string> = {
  '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8', '⅓': '1/3', '⅔': '2/3',
}; // prettier-ignore
const UNIT_MM: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  ft: MM_PER_FOOT,
  foot: MM_PER_FOOT,
  feet: MM_PER_FOOT,
  "'": MM_PER_FOOT,
};

/** mm of one of a unit, in any case; undefined where it is none. */
export const unitMm = (unit: string): number | undefined =>
  Object.hasOwn(UNIT_MM, unit.toLowerCase()) ? UNIT_MM[unit.toLowerCase()] : undefined;

const NUMBER = /^(?:\d+(?:\.\d*)?|\.\d+)/;
const FRACTION = /^(\d+)\/(\d+)(?![\d.])/;
const UNIT = /^\s*(mm|cm|m|inches|inch|in|feet|foot|ft|"|')(?![a-z])/i;
/** Inches of a foot, written behind it. */
const FOOT = 12;
const TAPE_DENOMINATORS = new Set([2, 4, 8, 16, 32, 64]);

/** Same length as what was typed, character for character, so that places in it stay true. */
function plainCharacters(text: string): string {
  return text
    .replace(/[×✕xX](?![a-z])/g, '*')
    .replace(/÷/g, '/')
    .replace(/[−–—]/g, '-')
    .replace(/[″”“]/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/⁄/g, '/');
}

/**
 * The numbers, lengths and signs of a text.
 *
 * @throws Unreadable with the place of what cannot be read
 */
export function tokenize(text: string, bareIsInch: boolean, unitsAllowed: boolean): Token[] {
  if (/^[\d\s./]+(?:[xX][\d\s./]+)+$/.test(text))
    throw new Unreadable(
      `“${text.trim()}” is a size of several lengths: type one of them, or ${text.trim().replace(/\s*x\s*/gi, ' * ')} for the product.`,
      0,
      text.length,
    );
  const plain = plainCharacters(text);
  const tokens: Token[] = [];
  let at = 0;
  const push = (type: Token['type'], value: number, from: number, to: number) =>
    tokens.push({ type, value, at: from, text: text.slice(from, to) });

  while (at < plain.length) {
    const ch = plain[at]!;
    if (ch === ' ' || ch === '\t') {
      at += 1;
    } else if (/[\d.½¼¾⅛⅜⅝⅞⅓⅔]/.test(ch)) {
      const start = at;
      const quantity = readQuantity(plain, at, bareIsInch);
      at = quantity.end;
      // Only of a length by itself, as it is shown: in a sum a sign at the end is one too many.
      if (tokens.every(({ type }) => type === '-')) at += hairAt(plain, at, bareIsInch);
      const unit = UNIT.exec(plain.slice(at));
      if (!unit) {
        push('number', quantity.value, start, at);
        continue;
      }
      if (!unitsAllowed)
        throw new Unreadable(`A plain number is wanted here, without “${unit[1]}”.`, at, unit[0].length);
      at += unit[0].length;
      let mm = quantity.value * UNIT_MM[unit[1]!.toLowerCase()]!;
      if (/^(ft|foot|feet|')$/i.test(unit[1]!)) {
        const inches = readInchesAfterFeet(plain, at, text.slice(start));
        if (inches) {
          mm += inches.value * MM_PER_INCH;
          at = inches.end;
        }
      }
      push('length', mm, start, at);
    } else if (ch === ',' && /\d/.test(plain[at + 1] ?? '')) {
      throw new Unreadable('Write decimals with a point, as in 59.7, and thousands without a mark.', at, 1);
    } else if ('+-*/()'.includes(ch)) {
      push(ch as Token['type'], 0, at, at + 1);
      at += 1;
    } else {
      const word = /^[^\s\d+\-*/().]+/.exec(plain.slice(at))?.[0] ?? ch;
      throw new Unreadable(
        `Could not read “${text.slice(at, at + word.length)}” at character ${at + 1}.`,
        at,
        word.length,
      );
    }
  }
  return tokens;
}

/** A number, a fraction, or a mixed number that starts at `at`. */
function readQuantity(plain: string, at: number, bareIsInch: boolean): Quantity {
  const vulgar = VULGAR[plain[at]!];
  if (vulgar) return { value: ratio(vulgar), end: at + 1 };

  const number = NUMBER.exec(plain.slice(at))?.[0];
  if (!number) throw new Unreadable(`Could not read “${plain[at]}” at character ${at + 1}.`, at, 1);
  let end = at + number.length;
  if (/[\d.]/.test(plain[end] ?? ''))
    throw new Unreadable('This number has two points.', at, number.length + 1);
  const whole = Number(number);
  if (number.includes('.')) return { value: whole, end };

  const rest = plain.slice(end);
  const attached = VULGAR[rest.trimStart()[0] ?? ''];
  if (attached) {
    end += rest.length - rest.trimStart().length + 1;
    return { value: whole + ratio(attached), end };
  }
  const mixed = spacedFraction(plain, at, end, rest) ?? hyphenedFraction(plain, end, rest, bareIsInch);
  if (mixed) return { value: whole + mixed.value, end: mixed.end };
  // `5/8` alone: kept together so that a unit or a hair mark after it belongs to the fraction.
  const alone = FRACTION.exec(plain.slice(at));
  const after = at + (alone?.[0].length ?? 0);
  if (alone && (UNIT.test(plain.slice(after)) || hairAt(plain, after, bareIsInch) > 0)) {
    checkDenominator(alone, at);
    return { value: Number(alone[1]) / Number(alone[2]), end: after };
  }
  return { value: whole, end };
}

interface Quantity {
  readonly value: number;
  readonly end: number;
}

/** `21 5/8`: behind a whole number that began at `at` and ends at `end`, a space, then a fraction written without spaces. */
function spacedFraction(plain: string, at: number, end: number, rest: string): Quantity | undefined {
  const spaced = /^ +/.exec(rest)?.[0].length ?? 0;
  const fraction = spaced > 0 ? FRACTION.exec(rest.slice(spaced)) : null;
  if (!fraction) return undefined;
  const from = end + spaced;
  const long = fraction[0].length;
  checkDenominator(fraction, from);
  if (Number(fraction[1]) >= Number(fraction[2]))
    throw new Unreadable(
      'The fraction behind a whole number is less than 1: is a sign missing before it?',
      from,
      long,
    );
  if (/\d\/$/.test(plain.slice(0, at)))
    throw new Unreadable('Two fractions stand side by side: is a sign missing between them?', from, long);
  return { value: Number(fraction[1]) / Number(fraction[2]), end: from + long };
}

/** `21-5/8`: the cutting-list hyphen, only where inches are meant and the fraction is one a tape has. */
function hyphenedFraction(
  plain: string,
  end: number,
  rest: string,
  bareIsInch: boolean,
): Quantity | undefined {
  if (!rest.startsWith('-')) return undefined;
  const fraction = FRACTION.exec(rest.slice(1));
  const numerator = Number(fraction?.[1]);
  const denominator = Number(fraction?.[2]);
  if (!fraction || !(numerator < denominator) || !TAPE_DENOMINATORS.has(denominator)) return undefined;
  const after = end + 1 + fraction[0].length;
  const unit = UNIT.exec(plain.slice(after))?.[1]?.toLowerCase();
  const inches = unit ? UNIT_MM[unit] === MM_PER_INCH : bareIsInch;
  return inches ? { value: numerator / denominator, end: after } : undefined;
}

/** How long a hair mark at `at` is: a sign that touches a length in inches, with nothing but its unit behind it. */
function hairAt(plain: string, at: number, bareIsInch: boolean): number {
  if (!/^[+-]/.test(plain.slice(at))) return 0;
  const rest = plain.slice(at + 1);
  if (rest.trim() === '') return bareIsInch ? 1 : 0;
  return isInch(UNIT.exec(rest)) ? 1 : 0;
}

const isInch = (unit: RegExpExecArray | null): boolean =>
  unit !== null && UNIT_MM[unit[1]!.toLowerCase()] === MM_PER_INCH;

/** The inches that follow a feet mark: `1' 9 5/8"`, `1'-9`, `5' - 6"`, `5 ft 3 in`. Apart from the mark, and 12 or more, they are taken off. */
function readInchesAfterFeet(
  plain: string,
  at: number,
  text: string,
): { value: number; end: number } | undefined {
  const lead = /^(?: *- *| *)(?=[\d.½¼¾⅛⅜⅝⅞])/.exec(plain.slice(at))?.[0];
  if (lead === undefined) return undefined;
  const quantity = readQuantity(plain, at + lead.length, true);
  const hair = hairAt(plain, quantity.end, false);
  const unit = UNIT.exec(plain.slice(quantity.end + hair));
  if (unit && !isInch(unit)) return undefined;
  const end = quantity.end + hair + (unit?.[0].length ?? 0);
  const apart = lead.includes('-') && lead.length > 1;
  if (quantity.value >= FOOT) {
    if (apart) return undefined;
    throw new Unreadable('Inches behind feet are less than 12.', at, end - at);
  }
  if (apart && (!unit || plain[at - 1] !== "'")) {
    const both = text.slice(0, end - (plain.length - text.length)).trim();
    const [feet, inches] = both.split(/\s*[-−–—]\s*/);
    const marked = unit ? inches : `${inches}"`;
    throw new Unreadable(
      `“${both}” can be read in two ways: write ${feet} ${marked} for the two together, or (${feet}) - ${marked} to take the inches off.`,
      at,
      end - at,
    );
  }
  return { value: quantity.value, end };
}

function ratio(fraction: string): number {
  const [top, bottom] = fraction.split('/');
  return Number(top) / Number(bottom);
}

function checkDenominator(fraction: RegExpExecArray, at: number): void {
  if (Number(fraction[2]) === 0)
    throw new Unreadable('A fraction cannot have 0 below the line.', at, fraction[0].length);
}
