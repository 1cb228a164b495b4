import * as v from 'valibot';
import { counted } from '../item/counted';
import { IdSchema } from '../item/schema';

/** Kinds that hold what moves while a vehicle or a boat is under way. */
export const HELD_KINDS = ['catch', 'roller catch', 'turn button', 'bolt', 'chain'] as const;

/** What holds it shut under way besides its own latch, at its free edge: so many of a piece of hardware, each with its keeper. */
export const HeldSchema = v.optional(
  v.nullable(v.strictObject({ hardware: IdSchema, count: counted('Catches', 1, 8) })),
);
export type Held = v.InferOutput<typeof HeldSchema>;
