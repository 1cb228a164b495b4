import * as v from 'valibot';
import { LengthSchema, lengthBetween, positiveLength } from '../length/length';
import { wordChoice, type Field } from '../item/field';

/** The four walls, by the way they lie from the middle of the room. */
export const SideSchema = v.picklist(['north', 'east', 'south', 'west']);
export type Side = v.InferOutput<typeof SideSchema>;

/** A roof slope that rises inward from one wall: from `knee` above the floor, at `pitch` degrees from level. */
export const SlopeSchema = v.strictObject({
  side: SideSchema,
  knee: lengthBetween(0),
  pitch: v.pipe(
    v.number('The pitch is a number of degrees.'),
    v.check((deg) => deg >= 5 && deg <= 85, 'The pitch must be between 5 and 85 degrees.'),
  ),
});

/** A four-walled space, measured inside: x runs east and y north from its south-west corner, z up from the floor. */
export const SpaceSchema = v.strictObject({
  width: lengthBetween(100),
  depth: lengthBetween(100),
  height: lengthBetween(100),
  slope: v.nullable(SlopeSchema),
});
export type Space = v.InferOutput<typeof SpaceSchema>;

export const NameSchema = v.pipe(
  v.string('A name is text.'),
  v.trim(),
  v.minLength(1, 'Give it a name.'),
  v.maxLength(80, 'A name may have up to 80 characters.'),
);
export const IdSchema = v.pipe(
  v.string(),
  v.regex(/^[a-z][a-z0-9-]{0,39}$/, 'An id is small letters, digits and hyphens.'),
);

/** Carcasses and things with the same group name are moved, copied and mirrored together. */
export const GroupSchema = v.optional(NameSchema);

/** Kinds of things; a keep-clear zone is air that must stay empty. */
export const THING_KINDS = [
  'sill', 'skirting', 'architrave', 'radiator', 'pipe', 'valve', 'socket', 'switch', 'handle', 'bolt head', 'beam', 'post',
  'lamp', 'appliance', 'furniture', 'wheel arch', 'box', 'keep-clear zone',
] as const; // prettier-ignore

/** Whether a thing is there now and stays, is to be removed, or comes with the job: what is checked is the finished state. */
export const THING_STATES = ['there now', 'to be removed', 'to come'] as const;

/** A box in the space that parts must miss: its least corner, and its size. */
export const ThingSchema = v.strictObject({
  id: IdSchema,
  name: NameSchema,
  kind: v.picklist(THING_KINDS),
  x: LengthSchema,
  y: LengthSchema,
  z: LengthSchema,
  width: positiveLength(),
  depth: positiveLength(),
  height: positiveLength(),
  state: v.optional(v.picklist(THING_STATES)),
  group: GroupSchema,
});
export type Thing = v.InferOutput<typeof ThingSchema>;

const SIDES = ['north', 'east', 'south', 'west'] as const;
const SLOPE = { side: 'east', knee: { mm: 1300 }, pitch: 35 } as const;
const sloped = ({ slope }: Space) => slope !== null;

export const SPACE_FIELDS: readonly Field<Space>[] = [
  { group: 'Space', label: 'Width, west to east', path: ['width'], input: 'length' },
  { group: 'Space', label: 'Depth, south to north', path: ['depth'], input: 'length' },
  { group: 'Space', label: 'Ceiling height', path: ['height'], input: 'length' },
  {
    group: 'Roof slope',
    label: 'Rises from the',
    path: ['slope'],
    input: {
      words: ['no wall', ...SIDES],
      word: ({ slope }) => slope?.side ?? 'no wall',
      value: (word, { slope }) => (word === 'no wall' ? null : { ...(slope ?? SLOPE), side: word }),
    },
  },
  { group: 'Roof slope', label: 'Knee height', path: ['slope', 'knee'], input: 'length', when: sloped },
  { group: 'Roof slope', label: 'Pitch', path: ['slope', 'pitch'], input: 'degrees', when: sloped },
];

const along = (label: string, path: keyof Thing): Field<Thing> => ({
  group: 'Place and size',
  label,
  path: [path],
  input: 'length',
});

export const THING_FIELDS: readonly Field<Thing>[] = [
  { group: 'Thing', label: 'Name', path: ['name'], input: 'text' },
  {
    group: 'Thing',
    label: 'Kind',
    path: ['kind'],
    input: wordChoice(['kind'], THING_KINDS),
  },
  {
    group: 'Thing',
    label: 'It is',
    path: ['state'],
    input: {
      words: THING_STATES,
      word: ({ state }) => state ?? 'there now',
      value: (word) => (word === 'there now' ? undefined : word),
    },
  },
  along('From the west wall', 'x'),
  along('From the south wall', 'y'),
  along('Above the floor', 'z'),
  along('Width, west to east', 'width'),
  along('Depth, south to north', 'depth'),
  along('Height', 'height'),
];
