import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../../../length/length';
import { IdSchema } from '../../../item/schema';

const counted = (most: number) =>
  v.pipe(
    v.number('They are counted.'),
    v.integer('They are counted whole.'),
    v.minValue(1, 'At least one.'),
    v.maxValue(most, `At most ${most}.`),
  );

/** A place in the plane that a leaf turns in: from its axis along the shut leaf, and in from its inner face. */
export const PlaceInPlaneSchema = v.strictObject({ along: LengthSchema, in: LengthSchema });
export type PlaceInPlane = v.InferOutput<typeof PlaceInPlaneSchema>;

/** Springs side by side between two plates. */
export const MOST_SPRINGS = 12;

/** Between the leaf and its case: where each end is. */
const BETWEEN = { onLeaf: PlaceInPlaneSchema, onCase: PlaceInPlaneSchema };

/** What helps a hand to lift a leaf, or holds it where it is left. */
export const HelpSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('none') }),
    v.strictObject({ kind: v.literal('gas struts'), hardware: IdSchema, count: counted(2), ...BETWEEN }),
    v.strictObject({
      kind: v.literal('pull springs'),
      hardware: IdSchema,
      count: counted(2),
      /** Side by side between two plates at each place; one where it is not said. */
      each: v.optional(counted(MOST_SPRINGS)),
      ...BETWEEN,
    }),
    v.strictObject({ kind: v.literal('counterweight'), hardware: IdSchema, count: counted(2), ...BETWEEN }),
    v.strictObject({ kind: v.literal('lid springs'), hardware: IdSchema, count: counted(6) }),
    v.strictObject({ kind: v.literal('friction hinges'), hardware: IdSchema, count: counted(6) }),
  ],
  'It is helped by gas struts, pull springs, a counterweight, lid springs, friction hinges, or by nothing.',
);
export type Help = v.InferOutput<typeof HelpSchema>;
export type HelpKind = Help['kind'];
/** Of every kind of help its usual numbers. */
export type UsualHelp = { readonly [Kind in HelpKind]: Extract<Help, { kind: Kind }> };

/** What lets it open so far and no farther: a chain, a strap, a stay, at one end of it or at both. */
export const StaySchema = v.nullable(
  v.strictObject({
    hardware: IdSchema,
    ends: v.picklist(['left', 'right', 'both'], 'A stay is at the left, at the right, or at both ends.'),
    ...BETWEEN,
  }),
);
export type Stay = v.InferOutput<typeof StaySchema>;

/** What takes up the last of its fall. */
export const CloserSchema = v.nullable(v.strictObject({ hardware: IdSchema, count: counted(4) }));
export type Closer = v.InferOutput<typeof CloserSchema>;

/** What keeps it shut. */
export const LatchSchema = v.nullable(
  v.strictObject({
    hardware: IdSchema,
    /** It is reached from outside with the leaf shut, or only from within. */
    reached: v.picklist(['from outside', 'from within'], 'A latch is reached from outside or from within.'),
  }),
);

export type Latch = v.InferOutput<typeof LatchSchema>;

/** What a leaf turns on: the pin over the outer face, within it, or beneath the inner one. */
export const LevelHingeSchema = v.strictObject({
  kind: v.picklist(['continuous', 'butt'], 'It hangs on a continuous hinge or on butts.'),
  hardware: IdSchema,
  knuckle: v.picklist(
    ['above', 'flush', 'beneath'],
    'The knuckle is above the leaf, flush with it, or beneath it.',
  ),
  /** From the face it is at to the middle of its pin. */
  pin: lengthBetween(0, 60),
  mortise: v.picklist(['none', 'leaf', 'both'], 'It is let into nothing, into the leaf, or into both.'),
  /** Of butts: how many; null where the rule says. And from each end of the leaf to the middle of the next. */
  count: v.nullable(counted(12)),
  ends: positiveLength(1000),
});
export type LevelHinge = v.InferOutput<typeof LevelHingeSchema>;

/** What lies on its outer face and goes with it, or is taken off first. */
export const CushionSchema = v.nullable(
  v.strictObject({
    thick: positiveLength(300),
    kg: v.pipe(
      v.number('A weight is a number of kg.'),
      v.minValue(0, 'A weight cannot be less than 0.'),
      v.maxValue(50, 'At most 50 kg.'),
    ),
    /** From the leaf's hinge edge to where it begins. */
    setBack: lengthBetween(0, 1000),
    rides: v.picklist(['along', 'off'], 'A cushion rides along, or comes off first.'),
  }),
);

/** Where a hand takes hold of it. */
export const GripSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('edge') }),
    v.strictObject({ kind: v.literal('notch'), wide: positiveLength(600), deep: positiveLength(200) }),
    v.strictObject({ kind: v.literal('pull'), projection: positiveLength(200), wide: positiveLength(1000) }),
  ],
  'It is taken by its edge, at a notch, or by a pull.',
);
export type Grip = v.InferOutput<typeof GripSchema>;

const EDGES = { sides: LengthSchema, top: LengthSchema, bottom: LengthSchema };

/** How it closes its opening. */
export const FlapFitSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('inset'), ...EDGES }),
    v.strictObject({ kind: v.literal('overlay'), ...EDGES }),
    v.strictObject({ kind: v.literal('even'), gap: lengthBetween(0, 60) }),
  ],
  'A flap is inset, overlay as typed, or overlay with even gaps.',
);
export type FlapFit = v.InferOutput<typeof FlapFitSchema>;
