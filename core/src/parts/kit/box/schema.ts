import * as v from 'valibot';
import { lengthBetween, positiveLength } from '../../../length/length';
import { IdSchema } from '../../../item/schema';

const some = (words: string) =>
  v.pipe(
    v.number(`${words} are counted.`),
    v.integer(`${words} are counted whole.`),
    v.minValue(0, `There cannot be less than no ${words.toLowerCase()}.`),
    v.maxValue(12, `At most 12 ${words.toLowerCase()}.`),
  );

/** How the ends of a box meet its sides. */
export const JointSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('butt') }),
    /** The ends lie in rebates of the sides' ends, or in grooves across them, so deep. */
    v.strictObject({ kind: v.literal('rebate'), deep: positiveLength(40) }),
    v.strictObject({ kind: v.literal('housed'), deep: positiveLength(40) }),
    /** The ends run over the sides' ends with a lip, and a tongue behind it stands so deep in a groove of the side. */
    v.strictObject({ kind: v.literal('lock'), deep: positiveLength(40), lip: positiveLength(40) }),
  ],
  'A box is joined by butt, rebate, housed or lock joints.',
);

const BottomSchema = v.variant(
  'kind',
  [
    v.strictObject({
      kind: v.literal('groove'),
      material: IdSchema,
      deep: positiveLength(40),
      up: positiveLength(200),
      /** Bars under it from front to back, which share its width. */
      muntins: v.optional(some('Muntins'), 0),
    }),
    /** In a rebate round the lower edges. */
    v.strictObject({ kind: v.literal('let in'), material: IdSchema, deep: positiveLength(40) }),
    v.strictObject({ kind: v.literal('under'), material: IdSchema }),
    /** None: a rail between the sides at each end keeps them apart. */
    v.strictObject({ kind: v.literal('none'), rail: positiveLength(500) }),
  ],
  'A bottom is in a groove, let in, under the box, or there is none.',
);

/** A box that slides in and out; its width follows from what it runs in. */
export const BoxSchema = v.strictObject({
  /** Of its sides and ends. */
  material: IdSchema,
  /** Its outer height; null where it takes what its place leaves. */
  height: v.nullable(positiveLength(3000)),
  /** Its outer depth; null where it is as deep as its slides are long. */
  depth: v.nullable(positiveLength(3000)),
  /** Left free beneath and above it, in its place. */
  under: lengthBetween(0, 3000),
  above: lengthBetween(0, 1000),
  /** Kept clear of it at either side, for hinges of a door before it: what it runs on is packed out by as much. */
  aside: v.strictObject({ left: lengthBetween(0, 1000), right: lengthBetween(0, 1000) }),
  joint: JointSchema,
  bottom: BottomSchema,
  /** Boards that part it, from side to side and from front to back. */
  dividers: v.strictObject({ across: some('Dividers'), along: some('Dividers'), material: IdSchema }),
  /** Cut out of its back and bottom for pipes: so wide, so deep from the back, its left edge so far from the box's left side. */
  notch: v.nullable(
    v.strictObject({ width: positiveLength(3000), depth: positiveLength(3000), left: lengthBetween(0) }),
  ),
});
export type BoxSpec = v.InferOutput<typeof BoxSchema>;
