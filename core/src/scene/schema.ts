import * as v from 'valibot';
import { LONGEST_MM } from '../length/length';

/** The scene file: bodies, joints, meant touches and needed clearances, without a plan. docs/formats.md describes it. */
export const SCENE_FORMAT = 'tarnpass-scene';
export const SCENE_VERSION = 1;
export const MOST_PIECES = 5000;
const MOST_TRAVEL = 1e6;
/** A shorter travel than this is none, mm or radians. */
const LEAST_TRAVEL = 1e-6;

const finite = v.pipe(v.number('This must be a number.'), v.finite('This must be a finite number.'));
const length = v.pipe(
  finite,
  v.check((mm) => Math.abs(mm) <= LONGEST_MM, 'This is over 20 m: is the unit right?'),
);
/** A travel, mm or radians; how far a joint goes on it is looked at where it is built. */
const travel = v.pipe(
  finite,
  v.check((value) => Math.abs(value) <= MOST_TRAVEL, 'This is no travel: is the unit right?'),
);
const above0 = v.pipe(
  length,
  v.check((mm) => mm > 0, 'This must be more than 0.'),
);
const point = v.strictTuple([length, length, length]);
const point2 = v.strictTuple([length, length]);
const direction = v.pipe(
  v.strictTuple([finite, finite, finite]),
  v.check((d) => Math.hypot(...d) > 1e-9, 'A direction must not be 0.'),
  v.transform(([x, y, z]): [number, number, number] => {
    const size = Math.hypot(x, y, z);
    return [x / size, y / size, z / size];
  }),
);
const id = v.pipe(
  v.string('An id is text.'),
  v.minLength(1, 'An id must not be empty.'),
  v.maxLength(100, 'An id may have up to 100 characters.'),
);

const PieceSchema = v.variant('kind', [
  v.strictObject({ kind: v.literal('box'), least: point, most: point }),
  v.strictObject({
    kind: v.literal('prism'),
    /** The way it stands: its outline is in the plane across, y z for x, z x for y, x y for z. */
    axis: v.picklist(['x', 'y', 'z']),
    outline: v.pipe(v.array(point2), v.maxLength(500, 'An outline may have up to 500 points.')),
    holes: v.optional(
      v.array(v.pipe(v.array(point2), v.maxLength(500, 'An outline may have up to 500 points.'))),
      [],
    ),
    from: length,
    to: length,
  }),
  v.strictObject({
    kind: v.literal('hull'),
    points: v.pipe(v.array(point), v.maxLength(2000, 'A hull may have up to 2,000 points.')),
  }),
  v.strictObject({ kind: v.literal('half-space'), point, out: direction }),
]);
export type PieceSpec = v.InferOutput<typeof PieceSchema>;

const DriveSchema = v.optional(
  v.union(
    [
      v.strictObject({ ratio: finite }),
      v.strictObject({
        table: v.pipe(
          v.array(v.strictTuple([finite, finite])),
          v.minLength(2, 'A table needs two points or more.'),
        ),
      }),
    ],
    'A drive is a ratio or a table.',
  ),
  { ratio: 1 },
);

const JointSchema = v.variant('kind', [
  v.strictObject({ kind: v.literal('turn'), point, axis: direction, drive: DriveSchema }),
  v.strictObject({ kind: v.literal('slide'), direction, drive: DriveSchema }),
  v.strictObject({
    kind: v.literal('four-bar'),
    link: v.picklist(['crank', 'coupler', 'rocker']),
    axis: direction,
    first: point,
    second: point,
    crank: above0,
    coupler: above0,
    rocker: above0,
    assembly: v.picklist(['open', 'crossed']),
    /** The crank's angle as built, radians from the line of the ground pivots. */
    start: finite,
  }),
  v.strictObject({
    kind: v.literal('track'),
    start: point,
    along: direction,
    axis: direction,
    stretches: v.pipe(
      v.array(
        v.variant('kind', [
          v.strictObject({ kind: v.literal('line'), length: above0 }),
          v.strictObject({ kind: v.literal('arc'), radius: above0, angle: finite }),
        ]),
      ),
      v.minLength(1, 'A track needs a stretch.'),
      v.maxLength(100, 'A track may have up to 100 stretches.'),
    ),
    front: length,
    spacing: above0,
  }),
  v.strictObject({
    kind: v.literal('cup hinge'),
    /** Where the plane's origin is, and where its x and y point. */
    origin: point,
    x: direction,
    y: direction,
    plate: v.strictTuple([point2, point2]),
    cup: v.strictTuple([point2, point2]),
    sense: v.picklist([1, -1]),
  }),
]);
export type JointSpec = v.InferOutput<typeof JointSchema>;

const BodySchema = v.strictObject({ id, name: v.optional(v.string()), pieces: v.array(PieceSchema) });

const MovingSchema = v.strictObject({
  ...BodySchema.entries,
  /** Another body of this mover that carries it. */
  parent: v.optional(id),
  joints: v.pipe(v.array(JointSchema), v.maxLength(8, 'A body may have up to 8 joints of its own.')),
});

const MoverSchema = v.pipe(
  v.strictObject({
    id,
    name: v.optional(v.string()),
    unit: v.picklist(['rad', 'mm']),
    from: v.optional(travel, 0),
    to: travel,
    bodies: v.pipe(v.array(MovingSchema), v.minLength(1, 'A mover needs a body.')),
    contacts: v.optional(
      v.array(
        v.pipe(
          v.strictObject({
            moving: id,
            still: id,
            from: finite,
            to: finite,
            depth: v.pipe(length, v.minValue(0, 'A depth cannot be less than 0.')),
          }),
          v.forward(
            v.check(({ from, to }) => to >= from, 'A touch cannot end before it begins.'),
            ['to'],
          ),
        ),
      ),
      [],
    ),
    needs: v.optional(
      v.strictObject({
        around: v.pipe(length, v.minValue(0, 'A clearance cannot be less than 0.')),
        of: v.optional(v.record(v.string(), v.pipe(length, v.minValue(0))), {}),
      }),
      { around: 0 },
    ),
  }),
  v.forward(
    v.check(({ from, to }) => to - from >= LEAST_TRAVEL, 'The travel must end after it begins.'),
    ['to'],
  ),
);

export const SceneFileSchema = v.strictObject({
  format: v.literal(SCENE_FORMAT),
  version: v.literal(SCENE_VERSION),
  bodies: v.array(BodySchema),
  movers: v.array(MoverSchema),
});
export type SceneFile = v.InferOutput<typeof SceneFileSchema>;
