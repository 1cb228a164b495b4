import * as v from 'valibot';
import { BayMountSchema } from '../contract/mount';
import { lengthBetween, positiveLength } from '../../length/length';
import { OwnSchoolsSchema } from '../../material/schema';
import { MOVES } from '../contract/moves';
import { IdSchema, NameSchema } from '../../item/schema';

const counted = (what: string, most: number) =>
  v.pipe(
    v.number(`${what} are counted.`),
    v.integer(`${what} are counted whole.`),
    v.minValue(1, `At least one of the ${what.toLowerCase()}.`),
    v.maxValue(most, `At most ${most} ${what.toLowerCase()}.`),
  );

/** What one slides a panel by: a hole or cup let into it, or a knob that stands out. */
export const SlidingPullSchema = v.strictObject({
  kind: v.picklist(['let in', 'knob'], 'A pull is let in, or a knob.'),
  width: positiveLength(400),
  /** How far a knob stands out of the face. */
  projection: lengthBetween(0, 120),
  /** From the panel's edge to the pull's nearer side, and from its foot to its middle. */
  fromEdge: lengthBetween(0, 3000),
  up: lengthBetween(0, 5000),
  /** On its left or right edge; or outward, where panels of the left half have it on the left. */
  at: v.picklist(
    ['left', 'right', 'outward', 'both'],
    'A pull is at the left, the right, outward, or at both edges.',
  ),
});

/** Height between the faces of both tracks, read so far from the left end of the opening. */
const StationSchema = v.strictObject({ at: lengthBetween(0), height: positiveLength() });

export const WaySchema = v.variant(
  'kind',
  [
    v.strictObject({
      kind: v.literal('grooves'),
      panels: counted('Panels', 12),
      tracks: counted('Tracks', 6),
      /** Which end panel runs on the front track; its neighbours on those behind, over and over. */
      front: v.picklist(['left', 'right'], 'The left or the right panel runs on the front track.'),
      /** Heights of the rails the grooves are in; 0 where they are cut into the case's own boards. */
      rails: v.strictObject({ top: lengthBetween(0, 300), bottom: lengthBetween(0, 300) }),
      top: positiveLength(80),
      bottom: positiveLength(80),
      /** How wide each groove is, what is left between two, and from the front of what they are in to the first. */
      wide: positiveLength(80),
      fin: positiveLength(80),
      setback: lengthBetween(0, 500),
      /** Of a panel in its top groove, seated, where the tracks are farthest apart. */
      bite: lengthBetween(0, 80),
      /** Of neighbours, and behind each end post. */
      overlap: lengthBetween(0, 500),
      lap: lengthBetween(0, 200),
      /** Panel sizes where they are given: panels that are there, or glass that is cut. */
      width: v.nullable(positiveLength()),
      height: v.nullable(positiveLength()),
      stations: v.pipe(v.array(StationSchema), v.maxLength(30, 'At most 30 stations.')),
      /** How far the rails may sag between their ends, mm: the upper one down, the lower one down. */
      sag: v.strictObject({ top: lengthBetween(0, 50), bottom: lengthBetween(0, 50) }),
    }),
    v.strictObject({
      kind: v.literal('hung'),
      /** One panel to a side, or a pair that parts. */
      panels: v.picklist(
        ['to the left', 'to the right', 'a pair'],
        'A hung panel slides left or right, or a pair parts.',
      ),
      /** Free between the panel's back and the front of its case. */
      gap: lengthBetween(0, 200),
      /** How far it lies over its opening at each side, over its top and below its foot. */
      sides: lengthBetween(0, 500),
      over: lengthBetween(0, 500),
      below: lengthBetween(0, 500),
      /** The track over it: height, and how far it stands out. */
      track: v.strictObject({ height: positiveLength(300), out: positiveLength(300) }),
      /** Free between the panel's head and the track. */
      hanger: lengthBetween(0, 100),
      /** kg that its hangers and track carry. */
      rating: v.pipe(
        v.number('A rating is a number of kg.'),
        v.minValue(0.1, 'A rating must be more than 0.'),
        v.maxValue(1000, 'At most 1000 kg.'),
      ),
    }),
  ],
  'Panels slide in grooves, or hang from a track.',
);

/** Panels that slide before a bay of their carcass. */
export const SlidingSchema = v.strictObject({
  id: IdSchema,
  family: v.literal('sliding'),
  name: NameSchema,
  mount: BayMountSchema,
  material: IdSchema,
  way: WaySchema,
  pull: v.nullable(SlidingPullSchema),
  ...MOVES,
  schools: OwnSchoolsSchema,
});
export type Sliding = v.InferOutput<typeof SlidingSchema>;
export type Grooves = Extract<Sliding['way'], { kind: 'grooves' }>;
export type Hung = Extract<Sliding['way'], { kind: 'hung' }>;
