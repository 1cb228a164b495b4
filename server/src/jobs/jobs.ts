import {
  EMPTY_LOG,
  LARGEST_PLAN,
  PLAN_VERSION,
  readPlan,
  type Answer,
  type Issue,
  type Plan,
  type ReadingLog,
} from '@tarnpass/core';
import { and, desc, eq } from 'drizzle-orm';
import type { Database } from '../db/connect';
import { jobs, revisions, type History } from '../db/tables';
import { put } from '../readings/readings';
import type { AnswerKeeper } from './answers';
import { engineMark } from './engine';
import type { Save } from './schema';

export interface JobRow {
  readonly id: string;
  readonly title: string;
  readonly revision: number;
  readonly savedAt: Date;
  /** Null until it is worked out, which is soon. */
  readonly parts: number | null;
  readonly answer: Answer | null;
}

export interface Job {
  readonly id: string;
  readonly revision: number;
  readonly savedAt: Date;
  readonly plan: Plan;
  readonly history: History;
}

export interface RevisionRow {
  readonly revision: number;
  readonly savedAt: Date;
  readonly edits: readonly string[];
}

/** What a call came to: the thing asked for, or why not. */
export type Outcome<T> =
  | { readonly kind: 'done'; readonly value: T }
  | { readonly kind: 'unknown job' }
  | { readonly kind: 'too large' }
  | { readonly kind: 'bad plan'; readonly issues: readonly Issue[] }
  | { readonly kind: 'newer revision'; readonly current: Job };

const NO_HISTORY: History = { done: [], undone: [] };

/** A list that lacks the answer to what was saved this moment waits so long for it, ms. */
const MOMENT = 100;

/** Every job with how it stands, the last saved first. Nothing is checked for it: what is not known yet is asked for. */
export async function listJobs(db: Database, answers: AnswerKeeper): Promise<JobRow[]> {
  const rows = await jobRows(db);
  const stale = rows.filter(({ answer, answeredBy }) => answer === null || answeredBy !== engineMark());
  for (const { id, revision } of stale) answers.ask(id, revision);
  const missing = rows.some(({ answer }) => answer === null);
  if (missing) await answers.soon(MOMENT);
  const known = missing ? await jobRows(db) : rows;
  return known.map(({ id, title, revision, savedAt, parts, answer }) => ({
    id,
    title,
    revision,
    savedAt,
    parts,
    answer,
  }));
}

const jobRows = (db: Database) =>
  db
    .select({
      id: jobs.id,
      title: jobs.title,
      revision: jobs.revision,
      savedAt: jobs.savedAt,
      parts: revisions.parts,
      answer: revisions.answer,
      answeredBy: revisions.answeredBy,
    })
    .from(jobs)
    .innerJoin(revisions, and(eq(revisions.jobId, jobs.id), eq(revisions.revision, jobs.revision)))
    .orderBy(desc(jobs.savedAt));

export async function createJob(
  db: Database,
  raw: unknown,
  demo: string | null = null,
  log: ReadingLog = EMPTY_LOG,
): Promise<Outcome<Job>> {
  if (Buffer.byteLength(JSON.stringify(raw) ?? '') > LARGEST_PLAN) return { kind: 'too large' };
  const read = readPlan(raw);
  if (!read.ok) return { kind: 'bad plan', issues: read.issues };
  const { plan } = read;
  const value = await db.transaction(async (tx) => {
    const [job] = await tx
      .insert(jobs)
      .values({ title: plan.title, revision: 1, history: NO_HISTORY, demo })
      .returning();
    await tx.insert(revisions).values({
      jobId: job!.id,
      revision: 1,
      formatVersion: PLAN_VERSION,
      plan,
      parts: plan.parts.length,
      edits: [],
      savedAt: job!.savedAt,
    });
    if (log.readings.length + log.instruments.length > 0) await put(tx, job!.id, log);
    return { id: job!.id, revision: 1, savedAt: job!.savedAt, plan, history: NO_HISTORY };
  });
  return { kind: 'done', value };
}

export async function readJob(db: Database, id: string): Promise<Outcome<Job>> {
  const [row] = await db
    .select({
      revision: jobs.revision,
      history: jobs.history,
      savedAt: jobs.savedAt,
      plan: revisions.plan,
      formatVersion: revisions.formatVersion,
    })
    .from(jobs)
    .innerJoin(revisions, and(eq(revisions.jobId, jobs.id), eq(revisions.revision, jobs.revision)))
    .where(eq(jobs.id, id));
  if (!row) return { kind: 'unknown job' };
  const { revision, savedAt, plan } = row;
  // Edits of an older format name places that its plan no longer has.
  const history = row.formatVersion === PLAN_VERSION ? row.history : NO_HISTORY;
  return { kind: 'done', value: { id, revision, savedAt, plan: stored(plan), history } };
}

/**
 * Keep a plan as the next revision, if the one it builds on is still the newest; else tell what is there now.
 * The update takes the row's lock, so of two saves on one revision exactly one succeeds.
 */
export async function saveJob(db: Database, id: string, save: Save): Promise<Outcome<Job>> {
  const read = readPlan(save.plan);
  if (!read.ok) return { kind: 'bad plan', issues: read.issues };
  const { plan } = read;
  const { baseRevision, history, edits } = save;
  const saved = await db.transaction(async (tx) => {
    const revision = baseRevision + 1;
    const [job] = await tx
      .update(jobs)
      .set({ title: plan.title, revision, history, savedAt: new Date() })
      .where(and(eq(jobs.id, id), eq(jobs.revision, baseRevision)))
      .returning();
    if (!job) return undefined;
    await tx.insert(revisions).values({
      jobId: id,
      revision,
      formatVersion: PLAN_VERSION,
      plan,
      parts: plan.parts.length,
      edits,
      savedAt: job.savedAt,
    });
    return { id, revision, savedAt: job.savedAt, plan, history };
  });
  if (saved) return { kind: 'done', value: saved };
  const current = await readJob(db, id);
  return current.kind === 'done' ? { kind: 'newer revision', current: current.value } : current;
}

export async function listRevisions(db: Database, id: string): Promise<Outcome<RevisionRow[]>> {
  const value = await db
    .select({ revision: revisions.revision, savedAt: revisions.savedAt, edits: revisions.edits })
    .from(revisions)
    .where(eq(revisions.jobId, id))
    .orderBy(desc(revisions.revision))
    .limit(200);
  return value.length > 0 ? { kind: 'done', value } : { kind: 'unknown job' };
}

/** A plan as kept, migrated to today's format. Only read plans are kept, so one that fails is damage, told loudly. */
function stored(raw: unknown): Plan {
  const read = readPlan(raw);
  if (!read.ok)
    throw new Error(
      `A kept plan cannot be read: ${read.issues[0]!.path.join('.')} ${read.issues[0]!.message}`,
    );
  return read.plan;
}
