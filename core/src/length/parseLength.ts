import { tokenize, unitMm, Unreadable, type Token } from './lengthTokens';
import { MM_PER_INCH, type UnitSystem } from './units';

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
/** `1.200` and `3.600`: nobody reads a tape to a thousandth of a millimetre, and 20 m is the longest length there is. */
const METRES_OR_THOUSANDS = /^\d{1,2}\.\d{3}$/;
const LONGEST_METRES = 20;
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
  const mm = unitMm(unit.trim());
  return mm === undefined ? undefined : parseWith(text, mm, mm === MM_PER_INCH ? 'in' : 'named', true);
}

/** Read a plain number with the same arithmetic (an angle in degrees, a count). The answer stands in `mm`'s place as `value`. */
export function parseNumber(text: string): { ok: true; value: number } | Exclude<ParsedLength, { ok: true }> {
  const read = parseWith(text, 1, 'named', false);
  return read.ok ? { ok: true, value: read.mm } : read;
}

/** What numbers without a unit are taken for; `named` where something else says it, so that there is nothing to doubt. */
type Bare = UnitSystem | 'named';

/** `1/2 scant` is read as `1/2-` is: the hair is not known any closer. */
const withoutHairWord = (text: string): string => text.replace(/\s+(full|scant)\s*$/i, '');

function parseWith(text: string, bareMm: number, bare: Bare, unitsAllowed: boolean): ParsedLength {
  try {
    if (text.trim() === '') throw new Unreadable('Nothing is typed here yet.', 0, 0);
    if (text.length > LONGEST_TEXT)
      throw new Unreadable(`This is over ${LONGEST_TEXT} characters.`, LONGEST_TEXT, 1);
    const tokens = tokenize(withoutHairWord(text), bare === 'in', unitsAllowed);
    const value = new Reader(tokens, text.length, bareMm, bare === 'mm').all();
    return { ok: true, mm: value };
  } catch (error) {
    if (error instanceof Unreadable) {
      return { ok: false, message: error.message, at: error.at, length: error.length };
    }
    throw error;
  }
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
