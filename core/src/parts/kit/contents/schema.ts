import * as v from 'valibot';
import { lengthBetween, positiveLength } from '../../../length/length';
import { degreesBetween, IdSchema, NameSchema } from '../../../item/schema';

const WHEN = v.picklist(['in place', 'drawn out'], 'It opens in place or drawn out.');

/** What goes into a drawer or pull-out: it rides along, wants its room, and may have a lid or a tank of its own. */
export const ContentSchema = v.strictObject({
  id: IdSchema,
  name: NameSchema,
  count: v.pipe(
    v.number('Contents are counted.'),
    v.integer('Contents are counted whole.'),
    v.minValue(1, 'At least one.'),
    v.maxValue(24, 'At most 24 of one kind.'),
  ),
  /** At its widest: the mouth of a bin. */
  width: positiveLength(3000),
  depth: positiveLength(3000),
  height: positiveLength(3000),
  /** Its foot, where that is smaller than its mouth. */
  base: v.nullable(v.strictObject({ width: positiveLength(3000), depth: positiveLength(3000) })),
  /** Wanted free above it. */
  air: lengthBetween(0, 1000),
  /** kg, each with what is in it. */
  load: v.pipe(
    v.number('A load is a number of kg.'),
    v.minValue(0, 'A load cannot be less than 0.'),
    v.maxValue(200, 'At most 200 kg.'),
  ),
  /** The tier it is on, the lowest is 1, where what it is in has several. */
  tier: v.optional(
    v.pipe(
      v.number('Tiers are counted.'),
      v.integer('Tiers are counted whole.'),
      v.minValue(1, 'The lowest tier is 1.'),
      v.maxValue(12, 'At most 12 tiers.'),
    ),
    1,
  ),
  stands: v.picklist(['on the bottom', 'hung'], 'It stands on the bottom or is hung.'),
  /** Its own lid, or a tank that is lifted out. */
  opens: v.variant(
    'kind',
    [
      v.strictObject({ kind: v.literal('no') }),
      v.strictObject({
        kind: v.literal('lid'),
        when: WHEN,
        hinge: v.picklist(['back', 'front'], 'A lid is hinged at its back or its front.'),
        to: degreesBetween(5, 180, 'A lid'),
      }),
      v.strictObject({ kind: v.literal('tank'), when: WHEN, by: positiveLength(2000) }),
    ],
    'It has a lid, a tank to lift out, or neither.',
  ),
});
export type Content = v.InferOutput<typeof ContentSchema>;

export const ContentsSchema = v.strictObject({
  /** Side by side, or one behind another. */
  set: v.picklist(
    ['side by side', 'one behind another'],
    'Contents stand side by side or one behind another.',
  ),
  items: v.pipe(
    v.array(ContentSchema),
    v.maxLength(12, 'At most 12 kinds of contents.'),
    v.check(
      (items) => new Set(items.map(({ id }) => id)).size === items.length,
      'Two of the contents have one id.',
    ),
  ),
  /** kg more that is loose in it; null where nobody said, which counts as full of clothes where nothing else is in it. */
  load: v.nullable(
    v.pipe(
      v.number('A load is a number of kg.'),
      v.minValue(0, 'A load cannot be less than 0.'),
      v.maxValue(500, 'At most 500 kg.'),
    ),
  ),
});
export type Contents = v.InferOutput<typeof ContentsSchema>;

/** A cable or hose from the case's back to the back of what comes out. */
export const CableSchema = v.strictObject({
  what: v.picklist(['cable', 'hose'], 'It is a cable or a hose.'),
  length: positiveLength(),
  thick: positiveLength(100),
  /** Tightest bend it bears, to its middle. */
  bend: lengthBetween(0, 500),
  /** Where it is held: from the bay's left and above its bottom at the back of the case. */
  wall: v.strictObject({ left: lengthBetween(0), up: lengthBetween(0) }),
  /** Where it is held on the back of the box: from its left side and above its foot. */
  box: v.strictObject({ left: lengthBetween(0), up: lengthBetween(0) }),
  /** Its plug, and the round hole that the plug must pass; null where it is wired in place. */
  plug: v.nullable(
    v.strictObject({ width: positiveLength(200), height: positiveLength(200), hole: positiveLength(300) }),
  ),
});
export type Cable = v.InferOutput<typeof CableSchema>;
