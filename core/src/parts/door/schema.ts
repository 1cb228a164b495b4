import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { LengthSchema, lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { degreesBetween, IdSchema, NameSchema } from '../../item/schema';
import { ReusedBoardSchema } from '../kit/reused';

const side = v.picklist(['left', 'right'], 'Hinges are on the left or the right.');
const knuckle = v.picklist(['proud', 'flush', 'let in'], 'The knuckle stands proud, flush or let in.');
/** How many; null where the rule says. */
const count = v.nullable(
  v.pipe(
    v.number('Hinges are counted.'),
    v.integer('Hinges are counted whole.'),
    v.minValue(2, 'A leaf needs two hinges or more.'),
    v.maxValue(12, 'At most 12 hinges.'),
  ),
);
/** From the leaf's top, and from its foot, to the middle of the hinge next to it. */
const ends = lengthBetween(20, 1000);

/**
 * What the leaf hangs on, with how it is set. `pin` of a butt or continuous hinge is how far the pin's centre is from
 * the flush place: out of it (proud) or into the leaf (let in). The flush place is the leaf's face for an inset leaf,
 * and the leaf's outer edge for an overlay one. `mortise` is where its folded leaves are let in.
 */
export const HingeSchema = v.variant(
  'kind',
  [
    v.strictObject({
      kind: v.literal('butt'),
      hardware: IdSchema,
      side,
      knuckle,
      pin: lengthBetween(0, 60),
      mortise: v.picklist(['none', 'leaf', 'both'], 'It is let into nothing, into the leaf, or into both.'),
      count,
      ends,
    }),
    v.strictObject({
      kind: v.literal('continuous'),
      hardware: IdSchema,
      side,
      knuckle,
      pin: lengthBetween(0, 60),
      mortise: v.picklist(['none', 'leaf', 'both'], 'It is let into nothing, into the leaf, or into both.'),
    }),
    v.strictObject({
      kind: v.literal('pivot'),
      hardware: IdSchema,
      side,
      /** The axis: in from the hinge edge, and back from the leaf's face. */
      in: positiveLength(2000),
      back: lengthBetween(0, 1000),
    }),
    v.strictObject({
      kind: v.literal('cup'),
      hardware: IdSchema,
      side,
      arm: v.picklist(
        ['as needed', 'full', 'half', 'inset'],
        'An arm is for full overlay, half overlay or inset.',
      ),
      /** From the leaf's edge to the cup's. */
      cup: lengthBetween(0, 30),
      /** Height of the plate. */
      plate: lengthBetween(0, 40),
      count,
      ends,
    }),
  ],
  'Hinges are butt, continuous, pivot or cup hinges.',
);
export type Hinge = v.InferOutput<typeof HingeSchema>;

/**
 * How a leaf closes its opening: gaps where it is inset, overlaps where it lies over the front, each named by its edge;
 * or even, where one gap is left between neighbours and half of it at the carcass's own edges.
 */
const EDGES = { hinge: LengthSchema, free: LengthSchema, top: LengthSchema, bottom: LengthSchema };
const FitSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('inset'), ...EDGES }),
    v.strictObject({ kind: v.literal('overlay'), ...EDGES }),
    v.strictObject({ kind: v.literal('even'), gap: lengthBetween(0, 60) }),
  ],
  'A leaf is inset, overlay as typed, or overlay with even gaps.',
);

export const HandleSchema = v.strictObject({
  kind: v.picklist(['bar', 'knob'], 'A handle is a bar or a knob.'),
  projection: positiveLength(300),
  width: positiveLength(),
  height: positiveLength(),
  /** From the free edge, and from the foot of the leaf, to the handle's nearer side. */
  fromFree: lengthBetween(0),
  fromBottom: lengthBetween(0),
});

/** A door of one leaf or a pair, opening outward from the front of a bay of its carcass. */
export const DoorSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('door'),
  name: NameSchema,
  mount: BayMountSchema,
  leaves: v.picklist(['one', 'pair'], 'A door is one leaf or a pair.'),
  fit: FitSchema,
  /** Between the two leaves of a pair. */
  middle: lengthBetween(0, 200),
  leaf: v.strictObject({
    material: IdSchema,
    /** Added to each edge. */
    banding: lengthBetween(0, 10),
    /** What its faces carry: paint, trim, carpet; round its edges too where it wraps them. */
    front: lengthBetween(0, 60),
    back: lengthBetween(0, 60),
    wraps: v.boolean(),
    /** Glass set into it, or a mirror on its face, with this much of the leaf left all round. */
    pane: v.nullable(
      v.strictObject({
        kind: v.picklist(['glass', 'mirror']),
        material: IdSchema,
        border: lengthBetween(0, 1000),
        /** How far glass lies in the leaf beyond what is clear of it, at each edge. */
        rebate: v.optional(lengthBetween(0, 40), 0),
      }),
    ),
    /** Put together of stiles and rails so wide, with a panel of a material in grooves so deep between them; null where it is one board. */
    framed: v.optional(
      v.nullable(
        v.strictObject({
          stile: positiveLength(400),
          rail: positiveLength(400),
          groove: positiveLength(30),
          panel: IdSchema,
        }),
      ),
      null,
    ),
  }),
  /** The old leaf that is hung again; it decides the size. */
  old: v.nullable(ReusedBoardSchema),
  hinge: HingeSchema,
  /** Where a stop or the hinge itself ends the opening, degrees from shut. */
  limit: degreesBetween(5, 270, 'The opening limit'),
  handle: v.nullable(HandleSchema),
  /** Shelves or bins on its back, as one box. */
  rack: v.nullable(
    v.strictObject({
      depth: positiveLength(1000),
      height: positiveLength(),
      fromHinge: lengthBetween(0),
      fromFree: lengthBetween(0),
      fromBottom: lengthBetween(0),
      /** kg, with what is in it. */
      load: v.pipe(
        v.number('A load is a number of kg.'),
        v.minValue(0, 'A load cannot be less than 0.'),
        v.maxValue(200, 'At most 200 kg.'),
      ),
    }),
  ),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Door = v.InferOutput<typeof DoorSchema>;
