import { integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import type { Edit, Plan } from '@tarnpass/core';

/** What can be taken back, and what was, the latest last: both survive a reload and another browser. */
export interface History {
  readonly done: readonly Edit[];
  readonly undone: readonly Edit[];
}

export const jobs = pgTable('jobs', {
  id: uuid('id').primaryKey().defaultRandom(),
  title: text('title').notNull(),
  /** The newest revision: a save names the one it builds on, and only the newest may be built on. */
  revision: integer('revision').notNull(),
  history: jsonb('history').$type<History>().notNull(),
  /** The demo file it was laid from, so that it is laid once; null for people's own jobs. */
  demo: text('demo').unique(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
});

/** Every save, whole. Rows are added and never changed. */
export const revisions = pgTable(
  'revisions',
  {
    jobId: uuid('job_id')
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    revision: integer('revision').notNull(),
    formatVersion: integer('format_version').notNull(),
    plan: jsonb('plan').$type<Plan>().notNull(),
    /** Names of the edits since the revision before. */
    edits: jsonb('edits').$type<readonly string[]>().notNull(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.revision] })],
);
