import { EditSchema, ReadingLogSchema } from '@tarnpass/core';
import * as v from 'valibot';

const MOST_EDITS = 200;
const EditsSchema = v.pipe(
  v.array(EditSchema),
  v.maxLength(MOST_EDITS, `At most ${MOST_EDITS} edits are kept.`),
);

export const HistorySchema = v.strictObject({ done: EditsSchema, undone: EditsSchema });

/** A new job, with what was read for it. The plan is read by the core, which tells what is wrong with it. */
export const NewJobSchema = v.strictObject({ plan: v.unknown(), log: v.optional(ReadingLogSchema) });

/** A save on top of a revision, with the names of the edits it holds. */
export const SaveSchema = v.strictObject({
  baseRevision: v.pipe(v.number(), v.integer(), v.minValue(1)),
  plan: v.unknown(),
  history: HistorySchema,
  edits: v.pipe(v.array(v.pipe(v.string(), v.maxLength(200))), v.maxLength(1000)),
});
export type Save = v.InferOutput<typeof SaveSchema>;

export const JobIdSchema = v.pipe(v.string(), v.uuid('There is no such job.'));
