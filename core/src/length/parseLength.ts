import { MM_PER_FOOT, MM_PER_INCH, type UnitSystem } from './units';

/** A length read from what somebody typed, or what could not be read and where. */
export type ParsedLength =
  | { readonly ok: true; readonly mm: number }
  | { readonly ok: false; readonly message: string; readonly at: number; readonly length: number };

/** A plain number may become a length or a factor; a ratio (length over length) may only be a factor. */
type Kind = 'bare' | 'length' | 'ratio';
/** `size` is mm for a length, and as typed for the other two. */
interface Value {
  readonly kind: Kind;
  readonly size: number;
  /** A number in it that may have been meant in metres. */
  readonly metres?: Token | undefined;
}
interface Token {
  readonly type: 'number' | 'length' | '+' | '-' | '*' | '/' | '(' | ')';
  readonly value: number;
  readonly at: number;
  readonly text: string;
}

class Unreadable extends Error {
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
  mm: 1, cm: 10, m: 1000, in: MM_PER_INCH, inch: MM_PER_INCH, inches: MM_PER_INCH, '"': MM_PER_INCH,
  ft: MM_PER_FOOT, foot: MM_PER_FOOT, feet: MM_PER_FOOT, "'": MM_PER_FOOT,
}; // prettier-ignore

const NUMBER = /^(?:\d+(?:\.\d*)?|\.\d+)/;
const FRACTION = /^(\d+)\/(\d+)(?![\d.])/;
const UNIT = /^\s*(mm|cm|m|inches|inch|in|feet|foot|ft|"|')(?![a-z])/i;
/** Inches of a foot, written behind it. */
const FOOT = 12;
/** `1.200` and `3.600`: nobody reads a tape to a thousandth of a millimetre, and 20 m is the longest length there is. */
const METRES_OR_THOUSANDS = /^\d{1,2}\.\d{3}$/;
const LONGEST_METRES = 20;
const TAPE_DENOMINATORS = new Set([2, 4, 8, 16, 32, 64]);
const LONGEST_TEXT = 200;

/**
 * Read a length as people write it: `597`, `59.7cm`, `21 5/8`, `21-5/8"`, `1' 9 5/8"`, `600 - 2*18`, `21 5/8 / 2`.
 *
 * A number without a unit is in `system`'s unit. In inches, `21-5/8` with no spaces is the mixed number written on
 * cutting lists; `21 - 5/8` with spaces is a subtraction. After a foot mark a hyphen joins the inches, however it is
 * spaced: `5'-6`, `5' - 6"`. Fractions of an inch are exact in binary, so nothing is lost down to 1/64 in. A hair mark, as
 * lengths are shown with (`21 5/8+`), is read over. What can be read in two ways is refused, with how to write either.
 *
 * @param text    what was typed, up to 200 characters
 * @param system  the unit of numbers that name none
 * @returns the length in mm (any sign: the caller knows its range), or a sentence with the place
 */
export function parseLength(text: string, system: UnitSystem): ParsedLength {
  return parseWith(text, system === 'in' ? MM_PER_INCH : 1, system, true);
}

/**
 * Read a length where numbers that name no unit are in the named one, as in a column of a file that says its unit.
 *
 * @param unit  as it would stand behind a number, in any case; undefined is returned where it is none
 */
export function parseLengthIn(text: string, unit: string): ParsedLength | undefined {
  const mm = UNIT_MM[unit.trim().toLowerCase()];
  return mm === undefined ? undefined : parseWith(text, mm, mm === MM_PER_INCH ? 'in' : 'named', true);
}

/** Read a plain number with the same arithmetic (an angle in degrees, a count). The answer stands in `mm`'s place as `value`. */
export function parseNumber(text: string): { ok: true; value: number } | Exclude<ParsedLength, { ok: true }> {
  const read = parseWith(text, 1, 'named', false);
  return read.ok ? { ok: true, value: read.mm } : read;
}

/** What numbers without a unit are taken for; `named` where something else says it, so that there is nothing to doubt. */
type Bare = UnitSystem | 'named';

function parseWith(text: string, bareMm: number, bare: Bare, unitsAllowed: boolean): ParsedLength {
  try {
    if (text.trim() === '') throw new Unreadable('Nothing is typed here yet.', 0, 0);
    if (text.length > LONGEST_TEXT)
      throw new Unreadable(`This is over ${LONGEST_TEXT} characters.`, LONGEST_TEXT, 1);
    const tokens = tokenize(text, bare === 'in', unitsAllowed);
    const value = new Reader(tokens, text.length, bareMm, bare === 'mm').all();
    return { ok: true, mm: value };
  } catch (error) {
    if (error instanceof Unreadable) {
      return { ok: false, message: error.message, at: error.at, length: error.length };
    }
    throw error;
  }
}

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

function tokenize(text: string, bareIsInch: boolean, unitsAllowed: boolean): Token[] {
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
function readQuantity(plain: string, at: number, bareIsInch: boolean): { value: number; end: number } {
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
  // `21 5/8`: a space, then a fraction written without spaces.
  const spaced = /^ +/.exec(rest)?.[0].length ?? 0;
  if (spaced > 0) {
    const fraction = FRACTION.exec(rest.slice(spaced));
    if (fraction) {
      checkDenominator(fraction, end + spaced);
      if (Number(fraction[1]) >= Number(fraction[2]))
        throw new Unreadable(
          'The fraction behind a whole number is less than 1: is a sign missing before it?',
          end + spaced,
          fraction[0].length,
        );
      if (/\d\/$/.test(plain.slice(0, at)))
        throw new Unreadable(
          'Two fractions stand side by side: is a sign missing between them?',
          end + spaced,
          fraction[0].length,
        );
      return {
        value: whole + Number(fraction[1]) / Number(fraction[2]),
        end: end + spaced + fraction[0].length,
      };
    }
  }
  // `21-5/8`: the cutting-list hyphen, only where inches are meant and the fraction is one a tape has.
  if (rest[0] === '-') {
    const fraction = FRACTION.exec(rest.slice(1));
    const numerator = Number(fraction?.[1]);
    const denominator = Number(fraction?.[2]);
    if (fraction && numerator < denominator && TAPE_DENOMINATORS.has(denominator)) {
      const after = end + 1 + fraction[0].length;
      const unit = UNIT.exec(plain.slice(after))?.[1]?.toLowerCase();
      if (unit ? UNIT_MM[unit] === MM_PER_INCH : bareIsInch) {
        return { value: whole + numerator / denominator, end: after };
      }
    }
  }
  // `5/8` alone: kept together so that a unit or a hair mark after it belongs to the fraction.
  const alone = FRACTION.exec(plain.slice(at));
  const after = at + (alone?.[0].length ?? 0);
  if (alone && (UNIT.test(plain.slice(after)) || hairAt(plain, after, bareIsInch) > 0)) {
    checkDenominator(alone, at);
    return { value: Number(alone[1]) / Number(alone[2]), end: after };
  }
  return { value: whole, end };
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

/** Recursive descent over the tokens: sums of products of signed terms. */
class Reader {
  private next = 0;
  private depth = 0;

  constructor(
    private readonly tokens: readonly Token[],
    private readonly textLength: number,
    private readonly bareMm: number,
    /** Whether numbers that may be meant in metres are asked about. */
    private readonly asks: boolean,
  ) {}

  all(): number {
    const value = this.sum();
    const left = this.tokens[this.next];
    if (left)
      throw new Unreadable(
        `Did not expect “${left.text}” at character ${left.at + 1}.`,
        left.at,
        left.text.length,
      );
    if (value.kind === 'ratio')
      throw new Unreadable('A length divided by a length is a number, not a length.', 0, this.textLength);
    const mm = this.asLength(value);
    if (!Number.isFinite(mm))
      throw new Unreadable('This comes to no number: is it divided by 0?', 0, this.textLength);
    return mm;
  }

  private sum(): Value {
    let left = this.product();
    for (let op = this.take('+', '-'); op; op = this.take('+', '-')) {
      const right = this.product();
      const sign = op.type === '+' ? 1 : -1;
      if (left.kind === right.kind)
        left = {
          kind: left.kind,
          size: left.size + sign * right.size,
          metres: left.metres ?? right.metres,
        };
      else if (left.kind === 'ratio' || right.kind === 'ratio') {
        throw new Unreadable('Cannot add a length to a plain number.', op.at, 1);
      } else left = { kind: 'length', size: this.asLength(left) + sign * this.asLength(right) };
    }
    return left;
  }

  private product(): Value {
    let left = this.signed();
    for (let op = this.take('*', '/'); op; op = this.take('*', '/')) {
      const right = this.signed();
      if (op.type === '*') {
        if (left.kind === 'length' && right.kind === 'length') {
          throw new Unreadable('A length times a length is an area, not a length.', op.at, 1);
        }
        const size = left.size * right.size;
        // `600 * 1.005` is no doubt a factor.
        const metres = size < LONGEST_METRES ? (left.metres ?? right.metres) : undefined;
        left = { kind: stronger(left.kind, right.kind), size, metres };
        continue;
      }
      if (right.size === 0) throw new Unreadable('Cannot divide by 0.', op.at, 1);
      if (right.kind === 'length') {
        if (left.kind !== 'length')
          throw new Unreadable('Cannot divide a plain number by a length.', op.at, 1);
        left = { kind: 'ratio', size: left.size / right.size };
      } else left = { kind: left.kind, size: left.size / right.size, metres: left.metres };
    }
    return left;
  }

  private signed(): Value {
    const op = this.take('+', '-');
    const before = this.tokens[this.next - 2]?.type;
    if (op && (before === '+' || before === '-'))
      throw new Unreadable('Two signs stand in a row.', op.at, op.text.length);
    const next = this.tokens[this.next];
    if (op && (next?.type === '+' || next?.type === '-'))
      throw new Unreadable('Two signs stand in a row.', next.at, next.text.length);
    const value = this.term();
    return op?.type === '-' ? { ...value, size: -value.size } : value;
  }

  private term(): Value {
    const token = this.tokens[this.next];
    if (!token) throw new Unreadable('Something is missing at the end.', this.textLength, 0);
    this.next += 1;
    if (token.type === 'number') {
      const metres = METRES_OR_THOUSANDS.test(token.text) && token.value < LONGEST_METRES ? token : undefined;
      return { kind: 'bare', size: token.value, metres };
    }
    if (token.type === 'length') return { kind: 'length', size: token.value };
    if (token.type === '(') {
      this.depth += 1;
      if (this.depth > 20) throw new Unreadable('Too many brackets within each other.', token.at, 1);
      const inner = this.sum();
      if (!this.take(')')) throw new Unreadable('This bracket is never closed.', token.at, 1);
      this.depth -= 1;
      return inner;
    }
    throw new Unreadable(
      `Did not expect “${token.text}” at character ${token.at + 1}.`,
      token.at,
      token.text.length,
    );
  }

  private take(...types: Token['type'][]): Token | undefined {
    const token = this.tokens[this.next];
    if (!token || !types.includes(token.type)) return undefined;
    this.next += 1;
    return token;
  }

  private asLength({ kind, size, metres }: Value): number {
    if (kind !== 'bare') return size;
    if (this.asks && metres)
      throw new Unreadable(
        `“${metres.text}” would be ${metres.value} mm. Write ${metres.text} m, ${1000 * metres.value} or ${metres.text} mm, whichever is meant.`,
        metres.at,
        metres.text.length,
      );
    return size * this.bareMm;
  }
}

function stronger(a: Kind, b: Kind): Kind {
  if (a === 'length' || b === 'length') return 'length';
  return a === 'ratio' || b === 'ratio' ? 'ratio' : 'bare';
}
