import { ShelfLoadSchema } from '../strength/shelfLoad';
import * as v from 'valibot';
import { lengthBetween, LengthSchema, positiveLength, type Length } from '../length/length';
import { FRONTED, IdSchema } from '../item/schema';

/** What a carcass is called and how it is built by default; `kinds.ts` has the usual numbers of each. */
export const CARCASS_KINDS = [
  'cupboard',
  'wall cupboard',
  'tower',
  'bench',
  'low locker',
  'table frame',
  'free cradle',
] as const;

/** Widths and heights of an opening as read, mm: as many as there are. Where it is read narrower it is narrower. */
export const ReadOpeningSchema = v.strictObject({
  bottom: v.optional(positiveLength()),
  middle: v.optional(positiveLength()),
  top: v.optional(positiveLength()),
  left: v.optional(positiveLength()),
  right: v.optional(positiveLength()),
  /** Its width where it is narrowest along its depth: half-way in, or at the back. */
  deep: v.optional(positiveLength()),
});

/** A share of what a split leaves: a size of its own, an equal share, or the rest. */
export const TAKES = ['equal', 'rest', 'fixed'] as const;

/**
 * A part of a carcass's inside: an opening that a leaf can close, or one that uprights (left to right) or fixed shelves
 * (bottom to top) split into more.
 */
export interface Bay {
  readonly id: string;
  readonly take: (typeof TAKES)[number];
  /** mm; of a bay that takes a size of its own. */
  readonly size?: Length | undefined;
  readonly read: v.InferOutput<typeof ReadOpeningSchema>;
  readonly split?: Split | undefined;
}
export interface Split {
  readonly way: 'uprights' | 'shelves';
  /** How far the uprights or shelves stand back from the front, mm. */
  readonly setback: Length;
  readonly bays: readonly Bay[];
}

const MOST_BAYS = 30;

export const BaySchema: v.GenericSchema<unknown, Bay> = v.pipe(
  v.strictObject({
    id: IdSchema,
    take: v.picklist(TAKES, 'A bay takes an equal share, the rest, or a size of its own.'),
    size: v.optional(lengthBetween(10)),
    read: v.optional(ReadOpeningSchema, {}),
    split: v.optional(
      v.lazy(() =>
        v.strictObject({
          way: v.picklist(['uprights', 'shelves'], 'A bay is split by uprights or by shelves.'),
          setback: lengthBetween(0),
          bays: v.pipe(
            v.array(BaySchema),
            v.minLength(2, 'A split makes two bays or more.'),
            v.maxLength(MOST_BAYS, `A split makes up to ${MOST_BAYS} bays.`),
          ),
        }),
      ),
    ),
  }),
  v.check(
    ({ take, size }) => (take === 'fixed') === (size !== undefined),
    'A bay of a fixed size needs its size; another has none.',
  ),
);

/** How far a side's inner face stands off plumb into the opening, mm, half-way up and at its head; less than 0 is away from it. */
export const LeanSchema = v.nullable(v.strictObject({ middle: LengthSchema, head: LengthSchema }));

const EndSchema = v.nullable(
  v.strictObject({
    material: IdSchema,
    /** How far it stands out past the carcass's front, mm. */
    proud: lengthBetween(0, 500),
    reaches: v.picklist(
      ['the carcass', 'the floor'],
      'An end panel goes as low as the carcass, or to the floor.',
    ),
  }),
);
const FillerSchema = v.nullable(
  v.strictObject({
    width: positiveLength(1000),
    /** Left on to be cut to the wall, mm. */
    scribe: lengthBetween(0, 100),
  }),
);

/**
 * A case with an open front. (x, y, z) is its left front bottom corner as seen by somebody standing before it, `faces`
 * the way its front looks; width, height and depth are outer sizes, with what it stands on and its face frame.
 */
export const CarcassSchema = v.strictObject({
  ...FRONTED,
  kind: v.picklist(CARCASS_KINDS, 'There is no such kind of carcass.'),
  width: lengthBetween(50),
  height: lengthBetween(50),
  depth: lengthBetween(20),
  /** The material of its sides, top, bottom, uprights and shelves. */
  sheet: IdSchema,
  back: v.nullable(
    v.strictObject({
      material: IdSchema,
      set: v.picklist(['between', 'behind'], 'A back is set between the sides or behind them.'),
    }),
  ),
  top: v.picklist(['between', 'over', 'none'], 'A top lies between the sides, over them, or there is none.'),
  /** Across the front between stiles: a face frame of this material, each member as wide as said. */
  frame: v.nullable(
    v.strictObject({
      material: IdSchema,
      left: positiveLength(500),
      right: positiveLength(500),
      top: positiveLength(500),
      bottom: positiveLength(500),
      /** Of a member before an upright or fixed shelf. */
      between: positiveLength(500),
    }),
  ),
  stands: v.variant(
    'on',
    [
      v.strictObject({ on: v.literal('the floor') }),
      v.strictObject({
        on: v.literal('a plinth'),
        height: positiveLength(1000),
        setback: lengthBetween(0, 500),
      }),
      v.strictObject({ on: v.literal('legs'), height: positiveLength(2000), thick: positiveLength(300) }),
      v.strictObject({ on: v.literal('the wall'), rail: positiveLength(500) }),
      v.strictObject({ on: v.literal('the ceiling') }),
    ],
    'It stands on the floor, a plinth or legs, or hangs on the wall or the ceiling.',
  ),
  /** What else of the plan carries it: another carcass, or what moves, by its place among its item's movers. */
  mount: v.optional(
    v.variant(
      'on',
      [
        v.strictObject({ on: v.literal('carcass'), host: IdSchema }),
        v.strictObject({
          on: v.literal('mover'),
          host: IdSchema,
          nth: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(200)),
          /** Where that must stand for what is in it to go. */
          while: v.picklist(
            ['shut', 'open', 'any'],
            'What is in it goes with what carries it shut, open, or anywhere.',
          ),
        }),
      ],
      'It is mounted on another carcass, or on what moves.',
    ),
  ),
  /** What fixes its head, or its rail, to what is behind or above it, and how many; null where it is not fixed. */
  fixing: v.optional(
    v.nullable(
      v.strictObject({
        hardware: IdSchema,
        count: v.pipe(
          v.number('Fixings are counted.'),
          v.integer('Fixings are counted whole.'),
          v.minValue(1, 'At least one fixing.'),
          v.maxValue(24, 'At most 24 fixings.'),
        ),
      }),
    ),
    null,
  ),
  /** kg on a metre of its bottom and of each fixed shelf; null where nobody said, which counts as books. */
  load: ShelfLoadSchema,
  /** Added to each front edge, mm; 0 where the edges are left. */
  banding: lengthBetween(0, 10),
  /** What its faces carry, mm thick: paint, carpet, trim; inside, and on its front edges. */
  carries: v.strictObject({ inside: lengthBetween(0, 50), front: lengthBetween(0, 50) }),
  ends: v.strictObject({ left: EndSchema, right: EndSchema }),
  fillers: v.strictObject({ left: FillerSchema, right: FillerSchema }),
  sides: v.strictObject({ left: LeanSchema, right: LeanSchema }),
  bay: BaySchema,
});
export type Carcass = v.InferOutput<typeof CarcassSchema>;

/** A bay and all within it, the outer ones first. */
export function baysOf(bay: Bay): Bay[] {
  return [bay, ...(bay.split?.bays ?? []).flatMap(baysOf)];
}
