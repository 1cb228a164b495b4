import * as v from 'valibot';
import { formatLength } from './formatLength';
import { lengthMark } from './lengthMark';
import { parseLength } from './parseLength';
import type { Units } from './units';

/** No space, part or position in this product is longer; what is typed beyond it is a slip. */
export const LONGEST_MM = 20_000;

/**
 * A length somebody decided: kept in mm, with the text as typed and the unit that text was read in.
 * A file may give a bare number of mm. Where text is kept it must read as the same length, so the two cannot drift; text of
 * an older plan that is not read any more, or is read otherwise now, is let go of, and its length stays.
 */
export const LengthSchema = v.pipe(
  v.union(
    [
      v.pipe(
        v.number(),
        v.transform((mm) => ({ mm })),
      ),
      v.strictObject({
        mm: v.number('A length needs a number of mm.'),
        typed: v.optional(v.pipe(v.string(), v.maxLength(200))),
        unit: v.optional(v.picklist(['mm', 'in'])),
      }),
    ],
    'A length is a number of mm, or an object with mm, typed and unit.',
  ),
  v.check(({ mm }) => Number.isFinite(mm), 'A length must be a finite number of mm.'),
  v.check(({ mm }) => Math.abs(mm) <= LONGEST_MM, 'This is over 20 m: is the unit right?'),
  v.transform(withoutOldText),
  v.check(typedAgrees, 'The typed text does not read as the same length as mm.'),
);
export type Length = v.InferOutput<typeof LengthSchema>;

interface Typed {
  readonly mm: number;
  readonly typed?: string | undefined;
  readonly unit?: 'mm' | 'in' | undefined;
}

/** Feet and inches with a hyphen apart between them: once read as a subtraction. */
const FEET_LESS_INCHES = /(?:['′’]|ft|foot|feet)\s*[-−–—]/i;

function withoutOldText(length: Typed): Typed {
  if (length.typed === undefined || typedAgrees(length)) return length;
  const read = parseLength(length.typed, length.unit ?? 'mm');
  return !read.ok || FEET_LESS_INCHES.test(length.typed) ? { mm: length.mm } : length;
}

function typedAgrees({ mm, typed, unit }: Typed): boolean {
  if (typed === undefined) return true;
  const read = parseLength(typed, unit ?? 'mm');
  return read.ok && Math.abs(read.mm - mm) < 1e-6;
}

/** A length of at least `least` mm that may not exceed `most`; the sentences name what is wrong with it. */
export function lengthBetween(least: number, most = LONGEST_MM) {
  return v.pipe(
    LengthSchema,
    v.check(
      ({ mm }) => mm >= least,
      least > 0 ? `This must be at least ${lengthMark(least, 'least')}.` : 'This cannot be less than 0.',
    ),
    v.check(({ mm }) => mm <= most, `This must be at most ${lengthMark(most, 'most')}.`),
  );
}

/** A length that must be there: above zero. */
export const positiveLength = (most = LONGEST_MM) =>
  v.pipe(
    LengthSchema,
    v.check(({ mm }) => mm > 0, 'This must be more than 0.'),
    v.check(({ mm }) => mm <= most, `This must be at most ${lengthMark(most, 'most')}.`),
  );

/** What a field shows: the text as typed while its unit is the job's, else the value in the job's units. */
export function lengthText(length: Length, units: Units): string {
  return length.typed !== undefined && length.unit === units.system
    ? length.typed
    : formatLength(length.mm, units);
}
