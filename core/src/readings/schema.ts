import * as v from 'valibot';
import { DimensionKeySchema, ReadMmSchema } from '../measure/measured';
import { NameSchema } from '../item/schema';

/** Where on a dimension it was read: openings are seldom the same all over. */
export const READ_PLACES = ['top', 'middle', 'bottom', 'left', 'right', 'here'] as const;

export const INSTRUMENT_KINDS = ['tape', 'rule', 'distance meter', 'angle gauge', 'scale'] as const;

const UuidSchema = v.pipe(v.string(), v.uuid('An id is a UUID.'));
/** More than this ahead of the reader's clock is no time a reading can have. */
const TimeSchema = v.pipe(v.string(), v.isoTimestamp('A time is written as 2026-03-01T10:00:00Z.'));

/** A tape, a meter: what a reading was taken with. The one that is trusted, if any, is what the others are held against. */
export const InstrumentSchema = v.strictObject({
  id: UuidSchema,
  name: NameSchema,
  kind: v.picklist(INSTRUMENT_KINDS),
  trusted: v.boolean(),
});
export type Instrument = v.InferOutput<typeof InstrumentSchema>;

/** One reading of one dimension, as it was read. Its id is made where it is taken, so that sending it twice keeps it once. */
export const ReadingSchema = v.strictObject({
  id: UuidSchema,
  of: DimensionKeySchema,
  mm: ReadMmSchema,
  place: v.picklist(READ_PLACES),
  instrument: v.nullable(UuidSchema),
  who: v.pipe(v.string(), v.trim(), v.maxLength(40, 'Who read it may have up to 40 characters.')),
  at: TimeSchema,
  note: v.pipe(v.string(), v.trim(), v.maxLength(200, 'A note may have up to 200 characters.')),
  /** Taken back: kept, and not counted. */
  withdrawn: v.boolean(),
});
export type Reading = v.InferOutput<typeof ReadingSchema>;

export const MOST_READINGS = 20_000;
export const MOST_INSTRUMENTS = 40;

/** All that was read for a job. */
export const ReadingLogSchema = v.strictObject({
  instruments: v.pipe(
    v.array(InstrumentSchema),
    v.maxLength(MOST_INSTRUMENTS, `At most ${MOST_INSTRUMENTS} instruments.`),
  ),
  readings: v.pipe(
    v.array(ReadingSchema),
    v.maxLength(MOST_READINGS, `At most ${MOST_READINGS} readings.`),
    v.check(
      (list) => new Set(list.map(({ id }) => id)).size === list.length,
      'Two readings have the same id.',
    ),
  ),
});
export type ReadingLog = v.InferOutput<typeof ReadingLogSchema>;

export const EMPTY_LOG: ReadingLog = { instruments: [], readings: [] };

/** Lengths read only to hold instruments against each other: `check/1`, `check/2`. */
export const CHECK_ITEM = 'check';
export const isCheck = ({ of }: Pick<Reading, 'of'>): boolean => of.startsWith(`${CHECK_ITEM}/`);
