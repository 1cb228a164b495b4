import * as v from 'valibot';
import { HeldSchema } from '../hardware/held';
import { lengthBetween, positiveLength } from '../length/length';
import { degreesBetween, FRONTED } from '../item/schema';

/** What every existing mover has. */
const PLACED = {
  ...FRONTED,
  width: lengthBetween(50),
  height: lengthBetween(20),
  state: v.optional(v.picklist(['there now', 'to be removed', 'to come'])),
  underWay: HeldSchema,
};

const side = v.picklist(['left', 'right'], 'Hinges are on the left or the right.');
const stop = degreesBetween(5, 185, 'The stop');

/** A leaf that turns on an upright axis in an opening: a room door or a casement. */
const SWUNG = {
  ...PLACED,
  hinge: side,
  swings: v.picklist(['into the room', 'away'], 'It swings into the room or away.'),
  thickness: lengthBetween(3, 150),
  /** How thick the wall or frame is that it stands in. */
  wall: lengthBetween(20, 1000),
  stop,
  handle: v.strictObject({ projection: lengthBetween(0, 300), height: lengthBetween(0) }),
};
export const RoomDoorSchema = v.strictObject({
  kind: v.literal('room door'),
  ...SWUNG,
  /** What is behind its faces, where somebody found out: what is screwed to a hollow leaf finds nothing to hold in. */
  core: v.optional(v.picklist(['solid', 'hollow'], 'A leaf is solid or hollow.')),
});
export const CasementSchema = v.strictObject({ kind: v.literal('casement window'), ...SWUNG });
export type RoomDoor = v.InferOutput<typeof RoomDoorSchema>;
export type Casement = v.InferOutput<typeof CasementSchema>;

/** Two sashes one before the other; the lower, inner one slides up. */
export const SashSchema = v.strictObject({
  kind: v.literal('sash window'),
  ...PLACED,
  thickness: lengthBetween(3, 150),
  wall: lengthBetween(20, 1000),
  opens: positiveLength(),
});
export type Sash = v.InferOutput<typeof SashSchema>;

/** Sections in a row that run up a track, round its bend and back under the ceiling. */
export const OverheadDoorSchema = v.strictObject({
  kind: v.literal('overhead door'),
  ...PLACED,
  sections: v.pipe(
    v.number(),
    v.integer('Sections are counted whole.'),
    v.minValue(2, 'An overhead door has two sections or more.'),
    v.maxValue(12, 'At most 12 sections.'),
  ),
  thickness: lengthBetween(5, 120),
  radius: lengthBetween(100, 1500),
  /** From the head of the opening up to the level track. */
  headroom: lengthBetween(0, 3000),
  wall: lengthBetween(20, 1000),
});
export type OverheadDoor = v.InferOutput<typeof OverheadDoorSchema>;

/** One panel whose top rollers run level while two arms swing its middle up. */
export const OnePieceDoorSchema = v.strictObject({
  kind: v.literal('one-piece door'),
  ...PLACED,
  thickness: lengthBetween(5, 120),
  /** From roller to arm on the panel, which is the arm's own length too. */
  arm: lengthBetween(100, 3000),
  /** How far below the panel's top edge its rollers are. */
  roller: lengthBetween(0, 500),
  wall: lengthBetween(20, 1000),
  stop: degreesBetween(5, 90, 'The stop'),
});
export type OnePieceDoor = v.InferOutput<typeof OnePieceDoorSchema>;

/** A leaf hinged along its top in a wall, or along its back when it lies flat, held up by struts. */
export const HatchSchema = v.strictObject({
  kind: v.literal('hatch'),
  ...PLACED,
  lies: v.picklist(['upright', 'flat'], 'A hatch lies upright or flat.'),
  thickness: lengthBetween(3, 150),
  wall: lengthBetween(3, 1000),
  stop,
  struts: v.nullable(
    v.strictObject({
      /** From the hinge along the leaf to where the strut holds it. */
      onLeaf: positiveLength(),
      /** From the hinge along the frame, and back from the shut leaf's face, to where it stands. */
      onFrame: positiveLength(),
      back: lengthBetween(0, 1000),
    }),
  ),
});
export type Hatch = v.InferOutput<typeof HatchSchema>;

/** A seat hinged along the wall: stowed upright, level in use. */
export const FoldingSeatSchema = v.strictObject({
  kind: v.literal('folding seat'),
  ...PLACED,
  thickness: lengthBetween(3, 300),
  folds: v.picklist(['up', 'down'], 'A seat is stowed up or down.'),
});
export type FoldingSeat = v.InferOutput<typeof FoldingSeatSchema>;

/** What moves in the space already. */
export const ExistingSchema = v.variant(
  'kind',
  [
    RoomDoorSchema,
    CasementSchema,
    SashSchema,
    OverheadDoorSchema,
    OnePieceDoorSchema,
    HatchSchema,
    FoldingSeatSchema,
  ],
  'There is no such kind of door, window, hatch or seat.',
);
export type Existing = v.InferOutput<typeof ExistingSchema>;
