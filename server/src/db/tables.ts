import { sql } from 'drizzle-orm';
import {
  bigint,
  boolean,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgSequence,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core';
import type { Answer, Edit, Hardware, Instrument, Plan, Reading } from '@tarnpass/core';

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
    /** How many parts it has. */
    parts: integer('parts'),
    /** How it stands, worked out after it was saved, and by which engine; null until then. */
    answer: jsonb('answer').$type<Answer>(),
    answeredBy: text('answered_by'),
    /** Names of the edits since the revision before. */
    edits: jsonb('edits').$type<readonly string[]>().notNull(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.revision] })],
);

/** Readings and instruments are numbered together in the order they came, so that a page can ask for what is new. */
export const logSeq = pgSequence('log_seq');
const seq = () =>
  bigint('seq', { mode: 'number' })
    .notNull()
    .default(sql`nextval('log_seq')`);

/** What a job's readings are taken with. */
export const instruments = pgTable(
  'instruments',
  {
    jobId: uuid('job_id')
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    /** Made where it is entered. */
    id: uuid('id').notNull(),
    seq: seq(),
    name: text('name').notNull(),
    kind: text('kind').$type<Instrument['kind']>().notNull(),
    trusted: boolean('trusted').notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.id] })],
);

/** Every reading, as it was read. None is taken out: one that is taken back is kept and not counted. */
export const readings = pgTable(
  'readings',
  {
    jobId: uuid('job_id')
      .notNull()
      .references(() => jobs.id, { onDelete: 'cascade' }),
    id: uuid('id').notNull(),
    seq: seq(),
    of: text('of').notNull(),
    mm: doublePrecision('mm').notNull(),
    place: text('place').$type<Reading['place']>().notNull(),
    instrument: uuid('instrument'),
    who: text('who').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull(),
    note: text('note').notNull(),
    withdrawn: boolean('withdrawn').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.jobId, table.id] }),
    index('readings_in_order').on(table.jobId, table.seq),
  ],
);

/** Hardware that lies in the workshop's drawer, for all its jobs. A plan keeps its own copy of what it takes. */
export const drawer = pgTable(
  'drawer',
  {
    id: text('id').primaryKey(),
    kind: text('kind').$type<Hardware['kind']>().notNull(),
    name: text('name').notNull(),
    item: jsonb('item').$type<Hardware>().notNull(),
    count: integer('count').notNull(),
  },
  (table) => [index('drawer_by_kind').on(table.kind, table.name)],
);
