import {
  DrawerItemSchema,
  EditSchema,
  InstrumentSchema,
  readPlan,
  ReadingLogSchema,
  ReadingSchema,
  type Plan,
} from '@tarnpass/core';
import * as v from 'valibot';

/** What comes from the server is read by these before anything else sees it: dates are text, and more fields may come than are used. */

const revision = v.pipe(v.number(), v.integer(), v.minValue(1));
const seq = v.pipe(v.number(), v.integer(), v.minValue(0));

export const JobRowSchema = v.object({
  id: v.string(),
  title: v.string(),
  revision,
  savedAt: v.string(),
  /** Null while it is worked out. */
  parts: v.nullable(v.number()),
  answer: v.nullable(
    v.object({ verdict: v.picklist(['clear', 'tight', 'hits']), stands: v.string(), next: v.string() }),
  ),
});
export type JobRow = v.InferOutput<typeof JobRowSchema>;

export const HistorySchema = v.object({ done: v.array(EditSchema), undone: v.array(EditSchema) });
export type History = v.InferOutput<typeof HistorySchema>;

/** A plan as the core reads it; one that it refuses is refused with its first sentence. */
const PlanAnswerSchema = v.pipe(
  v.unknown(),
  v.rawTransform<unknown, Plan>(({ dataset, addIssue, NEVER }) => {
    const read = readPlan(dataset.value);
    if (read.ok) return read.plan;
    addIssue({ message: read.issues[0]!.message });
    return NEVER;
  }),
);

export const JobSchema = v.object({
  id: v.string(),
  revision,
  savedAt: v.string(),
  plan: PlanAnswerSchema,
  history: HistorySchema,
});
export type Job = v.InferOutput<typeof JobSchema>;

/** Of a save only this is news: the plan is the one that was sent. */
export const SavedSchema = v.object({ revision, savedAt: v.string() });

export const LogSchema = v.object({ ...ReadingLogSchema.entries, seq });
export const SeqSchema = v.object({ seq });
/** One entry of a job's live log. */
export const EntrySchema = v.object({
  seq,
  reading: v.optional(ReadingSchema),
  instrument: v.optional(InstrumentSchema),
});
export const DrawerSchema = v.array(DrawerItemSchema);

/** Why a call did not come to what was asked; with 409, what is there now. */
export const RefusalSchema = v.object({
  message: v.optional(v.string()),
  issues: v.optional(
    v.array(v.object({ path: v.array(v.union([v.string(), v.number()])), message: v.string() })),
    [],
  ),
  current: v.optional(JobSchema),
});
