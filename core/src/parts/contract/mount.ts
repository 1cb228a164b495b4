import * as v from 'valibot';
import { IdSchema } from '../../item/schema';

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

/** What a part is mounted on: its host is laid first. */
export type Mount = BayMount | TopMount;

/** A part as far as its mount goes. */
export interface Mounted {
  readonly mount: Mount;
}

/** The bay a part is in; undefined of one that is in none. */
export const bayOf = ({ mount }: Mounted): string | undefined => (mount.on === 'bay' ? mount.bay : undefined);
