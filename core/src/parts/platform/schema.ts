import * as v from 'valibot';
import { counted } from '../../item/counted';
import { IdSchema, NameSchema } from '../../item/schema';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { TopMountSchema } from '../contract/mount';

/** What carries its leaves once they lie flat. */
export const BearsSchema = v.variant(
  'kind',
  [
    /** Legs at the far edge of each leaf but the first: boards that lie against its underside until they are swung out. */
    v.strictObject({
      kind: v.literal('legs'),
      material: IdSchema,
      /** So many to a leaf. */
      count: counted('Legs', 2, 6),
      wide: positiveLength(200),
      in: lengthBetween(0, 400),
    }),
    /** Strips along both sides, on what stands there: so thick down, and so far under the leaves. */
    v.strictObject({
      kind: v.literal('ledgers'),
      material: IdSchema,
      bears: positiveLength(200),
    }),
    /** A frame that comes apart: ledgers along both sides, bearers across on them, in sections that are bolted end to end. */
    v.strictObject({
      kind: v.literal('frame'),
      material: IdSchema,
      /** A ledger, so broad; a bearer, so deep; from one to the next, at most. */
      bears: positiveLength(200),
      deep: positiveLength(300),
      apart: positiveLength(1000),
      sections: counted('Sections', 1, 6),
      /** Of each joint; the outer ones so far from the bearer's ends. */
      bolts: v.strictObject({ count: counted('Bolts', 2, 6), in: positiveLength(400) }),
    }),
  ],
  'A folding platform lies on legs, on ledgers along both sides, or on a frame of bearers.',
);
export type Bears = v.InferOutput<typeof BearsSchema>;
export type FrameBears = Extract<Bears, { kind: 'frame' }>;

/**
 * Leaves over a carcass that lie folded on each other and come out before it to lie flat, hinged by turns on top and beneath.
 * The first stays on its carcass.
 */
export const PlatformSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('platform'),
  name: NameSchema,
  mount: TopMountSchema,
  material: IdSchema,
  /** How wide each is along its way, the one on the carcass first. */
  leaves: v.pipe(
    v.array(positiveLength(1500)),
    v.minLength(2, 'A folding platform has two leaves at least.'),
    v.maxLength(6, 'A folding platform has six leaves at most.'),
  ),
  /** How far it lies over each side of its carcass, and over its front. */
  over: v.strictObject({
    left: lengthBetween(-500, 500),
    right: lengthBetween(-500, 500),
    front: lengthBetween(-500, 500),
  }),
  /** What lies on each leaf and stays there: a carpet, a mat; 0 where nothing does. */
  mat: v.strictObject({
    thick: lengthBetween(0, 120),
    kg: v.pipe(
      v.number('A load is a number of kg.'),
      v.minValue(0, 'A load cannot be less than 0.'),
      v.maxValue(20, 'At most 20 kg a square metre.'),
    ),
  }),
  /** Between two leaves: edge to edge when they lie flat, and face to face when they are folded. */
  gap: positiveLength(80),
  hinge: v.strictObject({ hardware: IdSchema }),
  bears: BearsSchema,
  /** What room there is for the stack above its carcass; 0 where nothing says. */
  within: lengthBetween(0, 2000),
  /** It is sat on while it is folded. */
  seat: v.boolean(),
  /** It stands in what moves: fixed to that, and held while it is under way. */
  travels: v.boolean(),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Platform = v.InferOutput<typeof PlatformSchema>;
