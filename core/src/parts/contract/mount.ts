import * as v from 'valibot';
import { LengthSchema } from '../../length/length';
import { IdSchema, SideSchema } from '../../item/schema';

/** In an opening of a carcass, which it closes, is drawn out of, or stands in. */
export const BayMountSchema = v.strictObject({
  on: v.literal('bay'),
  carcass: IdSchema,
  bay: IdSchema,
});
export type BayMount = v.InferOutput<typeof BayMountSchema>;

/** On the top of a carcass, over all its openings. */
export const TopMountSchema = v.strictObject({ on: v.literal('top'), carcass: IdSchema });
export type TopMount = v.InferOutput<typeof TopMountSchema>;

/**
 * Where what carries it must stand for what is mounted on it to go: shut, open, or anywhere; or it goes by the same travel,
 * as a leg goes that folds out with its bed.
 */
export const RIDES = ['shut', 'open', 'any', 'same'] as const;
export const RidesSchema = v.picklist(
  RIDES,
  'It goes with what carries it shut, open, or anywhere, or at the same travel.',
);
export type Rides = v.InferOutput<typeof RidesSchema>;

/** On an edge of a top: of a carcass's own, or of one that slides; so far along it from its left end. */
export const EdgeMountSchema = v.strictObject({
  on: v.literal('edge'),
  host: IdSchema,
  edge: v.picklist(['front', 'back', 'left', 'right'], 'A top has a front, a back, a left and a right edge.'),
  from: LengthSchema,
  /** Counts where the top moves. */
  while: RidesSchema,
});
export type EdgeMount = v.InferOutput<typeof EdgeMountSchema>;

/** On a wall of the space, by the corner that begins it: so far along it from its left end as seen from the room, and so high up. */
export const WallMountSchema = v.strictObject({
  on: v.literal('wall'),
  corner: IdSchema,
  from: LengthSchema,
  up: LengthSchema,
});
export type WallMount = v.InferOutput<typeof WallMountSchema>;

/** On the floor or under the ceiling of the space: its left front foot, and where it looks. */
export const LevelMountSchema = v.strictObject({
  on: v.picklist(['floor', 'ceiling']),
  x: LengthSchema,
  y: LengthSchema,
  faces: SideSchema,
});
export type LevelMount = v.InferOutput<typeof LevelMountSchema>;

/** On a face of what moves, by its place among its item's movers: so far along it from its left end as one stands before it, and so high up. */
export const MoverMountSchema = v.strictObject({
  on: v.literal('mover'),
  host: IdSchema,
  nth: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(200)),
  face: v.picklist(['outside', 'inside'], 'A leaf has an outside and an inside.'),
  from: LengthSchema,
  up: LengthSchema,
  while: RidesSchema,
});
export type MoverMount = v.InferOutput<typeof MoverMountSchema>;

/** What a part is mounted on: its host is laid first. */
export type Mount = BayMount | TopMount | EdgeMount | WallMount | LevelMount | MoverMount;

/** A part as far as its mount goes. */
export interface Mounted {
  readonly mount: Mount;
}

/** What a part is mounted on, told as any mount there is: most families know but one. */
export const mountOf = ({ mount }: Mounted): Mount => mount;

/** The bay a part is in; undefined of one that is in none. */
export const bayOf = ({ mount }: Mounted): string | undefined => (mount.on === 'bay' ? mount.bay : undefined);

/** The carcass a part is in or on top of; undefined of one that is mounted elsewhere. */
export const carcassIdOf = ({ mount }: Mounted): string | undefined =>
  mount.on === 'bay' || mount.on === 'top' ? mount.carcass : undefined;

/** The item a part is mounted on, by its id; undefined of one on the space itself. */
export const hostIdOf = (part: Mounted): string | undefined =>
  carcassIdOf(part) ?? ('host' in part.mount ? part.mount.host : undefined);
