import * as v from 'valibot';
import { lengthBetween, positiveLength } from '../../../length/length';
import { IdSchema } from '../../../item/schema';

/** A slide of a make that comes in several lengths: the one named, or the longest that fits. */
const MADE = { hardware: IdSchema, length: v.nullable(positiveLength(1500)) };

/** What carries a box as it comes out. */
export const RunsSchema = v.variant(
  'kind',
  [
    v.strictObject({
      kind: v.literal('side slides'),
      ...MADE,
      /** From the box's foot up to the slide's lower edge. */
      up: lengthBetween(0),
      /** A second pair at its head, its upper edge so far below the rim; none where one pair carries it. */
      upper: v.optional(v.nullable(lengthBetween(0)), null),
      /** Length of the screws that hold it, to the box and to the case alike. */
      screw: lengthBetween(5, 80),
    }),
    v.strictObject({ kind: v.literal('under slides'), ...MADE }),
    v.strictObject({
      kind: v.literal('wooden runners'),
      /** Free at each side. */
      play: lengthBetween(0.1, 20),
      /** The strip each side of the box stands on. */
      wide: positiveLength(200),
      thick: positiveLength(100),
      /** How far its stop lets it come out. */
      out: positiveLength(),
      /** A strip over the box's tail, so high above its sides; none where nothing holds it down. */
      kicker: v.nullable(v.strictObject({ gap: lengthBetween(0.1, 60) })),
    }),
  ],
  'It runs on side slides, under slides or wooden runners.',
);
export type Runs = v.InferOutput<typeof RunsSchema>;

export const CLOSINGS = ['plain', 'soft-close', 'push-to-open'] as const;
export const ClosingSchema = v.picklist(CLOSINGS, 'It closes plainly, softly, or opens by a push.');
export type Closing = v.InferOutput<typeof ClosingSchema>;
