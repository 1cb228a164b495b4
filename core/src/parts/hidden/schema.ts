import * as v from 'valibot';
import { counted } from '../../item/counted';
import { degreesBetween, IdSchema, NameSchema } from '../../item/schema';
import { LengthSchema, lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { MoverMountSchema, WallMountSchema } from '../contract/mount';

export const OPENINGS = ['there', 'new', 'none'] as const;
export const REACHED = ['a hidden pull', 'a push', 'a magnet key', 'a cover that turns'] as const;

/** How it is carried, and how it goes. */
export const HungSchema = v.variant(
  'kind',
  [
    /** On a leaf that is there already: its axis stays. Brackets hold the case to it; it hangs on so many hinges. */
    v.strictObject({
      kind: v.literal('door'),
      hinges: counted('Hinges', 2, 8),
      brackets: v.strictObject({ hardware: IdSchema, count: counted('Brackets', 2, 16) }),
    }),
    /** Pivots at head and foot: so far in from the hinge edge and back from the front face; less than 0 is before or beside it. */
    v.strictObject({
      kind: v.literal('pivots'),
      hardware: IdSchema,
      in: LengthSchema,
      back: LengthSchema,
    }),
    /** Butts on the edge of its hinge side; their pin stands so far proud of the face it swings out of. */
    v.strictObject({
      kind: v.literal('butts'),
      hardware: IdSchema,
      count: counted('Hinges', 2, 8),
      proud: lengthBetween(0, 60),
    }),
    /** It slides along the wall on hangers in a track over it, or on castors. */
    v.strictObject({
      kind: v.literal('track'),
      hangers: counted('Hangers', 2, 8),
      rating: v.pipe(v.number('A rating is a number of kg.'), v.minValue(1, 'At least 1 kg.'), v.maxValue(500, 'At most 500 kg.')),
      travel: positiveLength(4000),
    }),
    v.strictObject({
      kind: v.literal('castors'),
      hardware: IdSchema,
      count: counted('Castors', 3, 12),
      travel: positiveLength(4000),
    }),
  ],
  'A hidden door is carried by a door that is there, by pivots, butts, a track or castors.',
); // prettier-ignore
export type Hung = v.InferOutput<typeof HungSchema>;

/** What of its hinge end is taken off at the corner that leads: so far along it and so deep. */
export const ReliefSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('none') }),
    v.strictObject({ kind: v.literal('cut'), along: positiveLength(600), deep: positiveLength(800), both: v.boolean() }),
    v.strictObject({ kind: v.literal('round'), radius: positiveLength(500), both: v.boolean() }),
    /** Its whole end slopes. */
    v.strictObject({ kind: v.literal('slope'), along: positiveLength(600), both: v.boolean() }),
  ],
  'A corner is cut, rounded or sloped, or it is left.',
); // prettier-ignore
export type Relief = v.InferOutput<typeof ReliefSchema>;

export const ShapeSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('plumb') }),
    /** Its head leans back to the wall, its axis with it. */
    v.strictObject({ kind: v.literal('leaning'), degrees: degreesBetween(0.5, 45, 'Its lean') }),
    /** Its head slopes: so much lower at one edge than at the other. */
    v.strictObject({
      kind: v.literal('tapered'),
      low: v.picklist(['free edge', 'hinge edge'], 'It is lower at its free edge or at its hinge edge.'),
      by: positiveLength(3000),
    }),
  ],
  'It is plumb, it leans, or it is tapered.',
);
export type Shape = v.InferOutput<typeof ShapeSchema>;

export const BodySchema = v.variant(
  'kind',
  [
    /** A case of shelves, open to the front; books stand on every shelf, so deep and so heavy a metre. */
    v.strictObject({
      kind: v.literal('case'),
      material: IdSchema,
      deep: positiveLength(800),
      shelves: counted('Shelves', 0, 20),
      back: v.nullable(IdSchema),
      /** Along the front of every shelf: so high. */
      lip: lengthBetween(0, 200),
      /** A wire from the hinge edge's head to the free edge's foot. */
      braced: v.boolean(),
      books: v.strictObject({
        kg: v.pipe(v.number('A load is a number of kg.'), v.minValue(0, 'A load cannot be less than 0.'), v.maxValue(200, 'At most 200 kg a metre.')),
        deep: lengthBetween(0, 800),
      }),
    }),
    /** A thick leaf, of so many boards glued. */
    v.strictObject({ kind: v.literal('leaf'), material: IdSchema, layers: counted('Boards', 1, 4) }),
  ],
  'It is a case or a leaf.',
); // prettier-ignore
export type Body = v.InferOutput<typeof BodySchema>;

/** The floor under its free edge: so high over the floor at its foot, by how far it is open. */
export const FloorReadingSchema = v.strictObject({
  degrees: degreesBetween(0, 180, 'A place on its way'),
  high: LengthSchema,
});

const opens = ['into the room', 'away'] as const;

/** A door that does not look like one: a case or a thick leaf in an opening of a wall, before it, or on a door that is there. */
export const HiddenSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('hidden'),
  name: NameSchema,
  /** Its opening's left foot in the wall; or the left foot of the case on a leaf. */
  mount: v.variant('on', [WallMountSchema, MoverMountSchema]),
  /** What it closes, clear: there already, to be cut, or none where it stands before the wall. Of a case on a leaf its own size, and 0 deep. */
  opening: v.strictObject({
    width: positiveLength(4000),
    height: positiveLength(4000),
    deep: lengthBetween(0, 1000),
    is: v.picklist(OPENINGS, 'An opening is there, new, or there is none.'),
  }),
  /** Between it and its opening; less than 0 laps over. `middle` is between the leaves of a pair. */
  gaps: v.strictObject({
    hinge: LengthSchema,
    free: LengthSchema,
    head: LengthSchema,
    foot: LengthSchema,
    middle: lengthBetween(0, 100),
  }),
  /** Its face stands so far before the wall; less than 0 lies back in the opening. */
  proud: LengthSchema,
  leaves: v.picklist(['one', 'pair'], 'It is one leaf or a pair.'),
  /** Where one is hinged, or the way it slides. */
  side: v.picklist(['left', 'right'], 'It is hinged on the left or the right.'),
  swings: v.picklist(opens, 'It swings into the room or away.'),
  /** It opens so far, degrees. */
  limit: degreesBetween(5, 180, 'Its stop'),
  hung: HungSchema,
  body: BodySchema,
  /** A mirror or a panel on its front. */
  facing: v.nullable(IdSchema),
  relief: ReliefSchema,
  shape: ShapeSchema,
  floor: v.strictObject({
    readings: v.pipe(
      v.array(FloorReadingSchema),
      v.maxLength(24, 'At most 24 places.'),
      v.check(
        (rows) => rows.every(({ degrees }, i) => i === 0 || degrees > rows[i - 1]!.degrees),
        'The places must follow each other as it opens.',
      ),
    ),
    /** What lies on it besides: a carpet's pile. */
    pile: lengthBetween(0, 60),
    /** What bears it at its free edge, so far in from that. */
    runs: v.nullable(
      v.strictObject({
        kind: v.picklist(['wheel', 'skid'], 'It runs on a wheel or on a skid.'),
        in: lengthBetween(0, 1000),
      }),
    ),
  }),
  latch: v.strictObject({
    hardware: v.nullable(IdSchema),
    reached: v.picklist(
      REACHED,
      'Its latch is reached by a hidden pull, a push, a magnet key or under a cover.',
    ),
    /** It is locked from outside; it is let go from within, by hand, without a key. */
    locks: v.boolean(),
    within: v.boolean(),
  }),
  behind: v.strictObject({
    /** Somebody can be in there; sleeps there; has no other way out; and air comes in with it shut. */
    somebody: v.boolean(),
    sleeps: v.boolean(),
    onlyWay: v.boolean(),
    aired: v.boolean(),
  }),
  /** The hidden door whose hinge side it covers: it is opened before that. */
  covers: v.optional(IdSchema),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Hidden = v.InferOutput<typeof HiddenSchema>;
export const SWINGS = opens;
