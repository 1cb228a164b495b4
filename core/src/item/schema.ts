import * as v from 'valibot';
import { LengthSchema } from '../length/length';
/** The ways a face can look, by the way they lie from the middle of the room. */
export const SideSchema = v.picklist(['north', 'east', 'south', 'west']);

export type Side = v.InferOutput<typeof SideSchema>;

export const SIDES = ['north', 'east', 'south', 'west'] as const;

export const OPPOSITE: Record<Side, Side> = { north: 'south', south: 'north', east: 'west', west: 'east' };

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

/** What stands in the space with a front: (x, y, z) is its left front foot for somebody who stands before it; `faces` is where that looks. */
export const FRONTED = {
  id: IdSchema,
  name: NameSchema,
  x: LengthSchema,
  y: LengthSchema,
  z: LengthSchema,
  faces: SideSchema,
  group: GroupSchema,
};

/** A number of degrees between two bounds; `what` begins the sentence. */
export const degreesBetween = (least: number, most: number, what: string) =>
  v.pipe(
    v.number(`${what} is a number of degrees.`),
    v.check((deg) => deg >= least && deg <= most, `${what} must be between ${least} and ${most} degrees.`),
  );
