import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../length/length';
import { lengthMark } from '../length/lengthMark';
import { OFFSET_CURVES } from '../measure/offsets';
import { GroupSchema, IdSchema, NameSchema, SideSchema } from '../item/schema';

/** Kinds of things that stand in a space, and of the air in it that is spoken for. */
export const THING_KINDS = [
  'sill',
  'skirting',
  'architrave',
  'radiator',
  'pipe',
  'valve',
  'socket',
  'switch',
  'handle',
  'bolt head',
  'beam',
  'post',
  'lamp',
  'appliance',
  'hob',
  'heater',
  'gas pipe',
  'furniture',
  'wheel arch',
  'curved side',
  'sloping face',
  'lowered ceiling',
  'compartment',
  'recess',
  'opening',
  'flooring',
  'studs',
  'joists',
  'wall rail',
  'hollow wall',
  'thin wall',
  'box',
  'shaped piece',
  'imported piece',
  'keep-clear zone',
  'hand reach',
  'air path',
  'standing room',
  'walkway',
  'place to see from',
  'kept from sight',
] as const;

/** Where somebody's eyes are, and what they must not see: nothing of them is solid, and nothing is asked of the air there. */
export const SIGHT_KINDS = ['place to see from', 'kept from sight'] as const;

/** The kinds that are air: nothing of them is solid. */
export const ZONE_KINDS = ['keep-clear zone', 'hand reach', 'air path', 'standing room', 'walkway'] as const;

/** Whether a thing is there now and stays, is to be removed, or comes with the job: what is checked is the finished state. */
export const THING_STATES = ['there now', 'to be removed', 'to come'] as const;

export const AXES = ['west to east', 'south to north', 'upright'] as const;

/** A place within a thing's box, 0 at its least corner and 1 at its greatest. */
const ShareSchema = v.pipe(
  v.number(),
  v.check((share) => share >= 0 && share <= 1, 'A share lies between 0 and 1.'),
);

/** One station of a table of offsets: how far along the box, and how deep the solid is there. */
export const OffsetSchema = v.strictObject({ station: lengthBetween(0), depth: lengthBetween(0) });
export type Offset = v.InferOutput<typeof OffsetSchema>;

const MOST_OFFSETS = 200;
const MOST_POINTS = 400;

/** What fills a thing's box; a thing without a shape fills it wholly. */
export const ShapeSchema = v.variant(
  'kind',
  [
    /** A round bar along one of the box's axes. */
    v.strictObject({ kind: v.literal('round'), along: v.picklist(AXES) }),
    /** The upper half of a round bar: a wheel arch. */
    v.strictObject({ kind: v.literal('arch'), along: v.picklist(AXES) }),
    /** A prism over an outline of shares, along one of the box's axes. */
    v.strictObject({
      kind: v.literal('prism'),
      along: v.picklist(AXES),
      outline: v.pipe(
        v.array(v.tuple([ShareSchema, ShareSchema])),
        v.minLength(3, 'An outline needs three points or more.'),
        v.maxLength(MOST_POINTS, `An outline may have up to ${MOST_POINTS} points.`),
      ),
    }),
    /** All that lies behind a plane, within the box: so deep from its back at its foot, so deep at its head. */
    v.strictObject({
      kind: v.literal('leaning'),
      back: SideSchema,
      foot: lengthBetween(0),
      head: lengthBetween(0),
    }),
    /** Between the box's back and a curve through stations, seen from above or along the wall. */
    v.strictObject({
      kind: v.literal('offsets'),
      back: SideSchema,
      seen: v.picklist(['in plan', 'in section'] as const),
      curve: v.picklist(OFFSET_CURVES),
      table: v.pipe(
        v.array(OffsetSchema),
        v.minLength(2, 'A table of offsets needs two stations or more.'),
        v.maxLength(MOST_OFFSETS, `A table of offsets may have up to ${MOST_OFFSETS} stations.`),
        v.rawCheck(({ dataset, addIssue }) => {
          if (!dataset.typed) return;
          const stations = dataset.value.map(({ station }) => station.mm);
          const at = stations.findIndex((mm, i) => i > 0 && !(mm > stations[i - 1]!));
          if (at > 0) addIssue({ message: `The stations must rise: row ${at + 1} does not.` });
        }),
      ),
    }),
    /** Convex pieces, each by its corners as shares; by how much they cover more than was imported, mm. */
    v.strictObject({
      kind: v.literal('hulls'),
      hulls: v.pipe(
        v.array(
          v.pipe(
            v.array(v.tuple([ShareSchema, ShareSchema, ShareSchema])),
            v.minLength(4),
            v.maxLength(MOST_POINTS),
          ),
        ),
        v.minLength(1),
        v.maxLength(64),
      ),
      deviation: v.number(),
      source: NameSchema,
    }),
    /** A plate that fills the box, and a plug in it: how far that stands out, how tightly its cable bends, how long it hangs. */
    v.strictObject({
      kind: v.literal('plug'),
      faces: SideSchema,
      plug: lengthBetween(0, 300),
      bend: lengthBetween(0, 500),
      cable: lengthBetween(0),
    }),
    /** An appliance, and the air its maker wants about it. */
    v.strictObject({
      kind: v.literal('aired'),
      faces: SideSchema,
      back: lengthBetween(0),
      sides: lengthBetween(0),
      top: lengthBetween(0),
    }),
    /** A box of walls with a mouth: low compartments with a lip at their foot and a head over them, or open to above. */
    v.strictObject({
      kind: v.literal('compartment'),
      mouth: v.picklist(['north', 'east', 'south', 'west', 'up'] as const),
      wall: positiveLength(300),
      lip: lengthBetween(0),
      head: lengthBetween(0),
      cheeks: lengthBetween(0),
    }),
    /** Cut out of wall, floor or ceiling: a recess has a back, an opening has none. */
    v.strictObject({
      kind: v.literal('void'),
      into: v.picklist(['north', 'east', 'south', 'west', 'down', 'up'] as const),
      through: v.boolean(),
    }),
    /**
     * What is behind a wall's face or over a ceiling and holds fixings: timbers of a width, the middle of the first so far from the
     * west or south end of its box, then by a spacing; or, with a spacing of 0, all of it alike. `holds` is what one fixing there bears,
     * pulled straight out, N.
     */
    v.strictObject({
      kind: v.literal('framing'),
      first: lengthBetween(0),
      spacing: lengthBetween(0, 3000),
      wide: positiveLength(1000),
      holds: v.pipe(
        v.number('What a fixing holds is a number of N.'),
        v.minValue(0, 'It cannot hold less than nothing.'),
        v.maxValue(20_000, 'At most 20,000 N.'),
      ),
    }),
    /** Air that a hand must reach with a part open: from where, and which part. */
    v.strictObject({
      kind: v.literal('reach'),
      hand: positiveLength(400),
      arm: positiveLength(2000),
      open: v.optional(IdSchema),
    }),
  ],
  'There is no such shape.',
);
export type Shape = v.InferOutput<typeof ShapeSchema>;
export type ShapeOf<Kind extends Shape['kind']> = Extract<Shape, { kind: Kind }>;

/** Something in the space: the box it lies in, by its least corner and size, and what fills that. */
export const ThingSchema = v.pipe(
  v.strictObject({
    id: IdSchema,
    name: NameSchema,
    kind: v.picklist(THING_KINDS),
    x: LengthSchema,
    y: LengthSchema,
    z: LengthSchema,
    width: positiveLength(),
    depth: positiveLength(),
    height: positiveLength(),
    shape: v.optional(ShapeSchema),
    state: v.optional(v.picklist(THING_STATES)),
    /** Of a walkway: there is no other way out. */
    onlyWay: v.optional(v.boolean()),
    group: GroupSchema,
  }),
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed) return;
    const { shape, width, depth, height } = dataset.value;
    if (shape?.kind !== 'offsets' && shape?.kind !== 'leaning') return;
    const alongX = shape.back === 'north' || shape.back === 'south';
    const deep = (alongX ? depth : width).mm;
    const most =
      shape.kind === 'leaning'
        ? Math.max(shape.foot.mm, shape.head.mm)
        : Math.max(...shape.table.map((row) => row.depth.mm));
    if (most > deep + 1e-6)
      addIssue({ message: `The box is ${lengthMark(deep)} deep, and ${lengthMark(most)} is wanted in it.` });
    if (shape.kind === 'leaning') return;
    const long = (shape.seen === 'in section' ? height : alongX ? width : depth).mm;
    const last = shape.table[shape.table.length - 1]!.station.mm;
    if (last > long + 1e-6)
      addIssue({
        message: `The box is ${lengthMark(long)} long, and the last station is at ${lengthMark(last)}.`,
      });
  }),
);
export type Thing = v.InferOutput<typeof ThingSchema>;
