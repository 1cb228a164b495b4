import type { Instrument, Reading, ReadingLog } from '@tarnpass/core';
import { MOST_READINGS } from '@tarnpass/core';
import { and, asc, count, eq, gt, sql } from 'drizzle-orm';
import type { Database } from '../db/connect';
import { instruments, jobs, readings } from '../db/tables';

/** The channel on which servers that share a database tell each other of new readings, by their job. */
export const READ_CHANNEL = 'tarnpass_read';

/** A reading or an instrument with its place in the order in which the database took them. */
export interface LogEntry {
  readonly seq: number;
  readonly reading?: Reading;
  readonly instrument?: Instrument;
}

export type LogOutcome =
  | { readonly kind: 'done'; readonly seq: number }
  | { readonly kind: 'unknown job' }
  | { readonly kind: 'too many'; readonly message: string };

type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0];

export async function jobExists(db: Pick<Database, 'select'>, jobId: string): Promise<boolean> {
  const found = await db.select({ id: jobs.id }).from(jobs).where(eq(jobs.id, jobId));
  return found.length > 0;
}

/** All that was read for a job, in the order it came; undefined where there is no such job. */
export async function readLog(
  db: Database,
  jobId: string,
): Promise<(ReadingLog & { seq: number }) | undefined> {
  if (!(await jobExists(db, jobId))) return undefined;
  const [tools, rows] = await Promise.all([
    db.select().from(instruments).where(eq(instruments.jobId, jobId)).orderBy(asc(instruments.seq)),
    db.select().from(readings).where(eq(readings.jobId, jobId)).orderBy(asc(readings.seq)),
  ]);
  const seq = Math.max(0, tools.at(-1)?.seq ?? 0, rows.at(-1)?.seq ?? 0);
  return { instruments: tools.map(instrumentOf), readings: rows.map(readingOf), seq };
}

/** What came after a place in that order. */
export async function logAfter(db: Database, jobId: string, after: number): Promise<LogEntry[]> {
  const [tools, rows] = await Promise.all([
    db
      .select()
      .from(instruments)
      .where(and(eq(instruments.jobId, jobId), gt(instruments.seq, after))),
    db
      .select()
      .from(readings)
      .where(and(eq(readings.jobId, jobId), gt(readings.seq, after))),
  ]);
  const entries: LogEntry[] = [
    ...tools.map((row) => ({ seq: row.seq, instrument: instrumentOf(row) })),
    ...rows.map((row) => ({ seq: row.seq, reading: readingOf(row) })),
  ];
  return entries.sort((a, b) => a.seq - b.seq);
}

/**
 * Keep readings and instruments of a job, all or none. One that is there already is kept once, as it comes now; a reading
 * that names an instrument nobody knows keeps its value and loses that name.
 */
export async function keepLog(db: Database, jobId: string, log: ReadingLog): Promise<LogOutcome> {
  return db.transaction(async (tx) => {
    if (!(await jobExists(tx, jobId))) return { kind: 'unknown job' };
    return put(tx, jobId, log);
  });
}

/** The same within a transaction that made the job. */
export async function put(tx: Transaction, jobId: string, log: ReadingLog): Promise<LogOutcome> {
  // One at a time a job, so that their numbers come to be seen in their order.
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`read ${jobId}`}))`);
  const next = sql`nextval('log_seq')`;
  for (const { id, name, kind, trusted } of log.instruments) {
    await tx
      .insert(instruments)
      .values({ id, jobId, name, kind, trusted })
      .onConflictDoUpdate({
        target: [instruments.jobId, instruments.id],
        set: { name, kind, trusted, seq: next },
      });
    // Only one is trusted.
    if (trusted)
      await tx
        .update(instruments)
        .set({ trusted: false, seq: next })
        .where(
          and(eq(instruments.jobId, jobId), eq(instruments.trusted, true), sql`${instruments.id} <> ${id}`),
        );
  }
  const known = new Set(
    (await tx.select({ id: instruments.id }).from(instruments).where(eq(instruments.jobId, jobId))).map(
      ({ id }) => id,
    ),
  );
  const rows = log.readings.map((reading) => ({
    ...reading,
    instrument: reading.instrument !== null && known.has(reading.instrument) ? reading.instrument : null,
  }));
  // One parameter for all rows: thousands of them each with its own took seconds to write and to read.
  if (rows.length > 0)
    await tx.execute(sql`
      insert into ${readings} (job_id, id, "of", mm, place, instrument, who, "at", note, withdrawn)
      select ${jobId}::uuid, id, "of", mm, place, instrument, who, "at", note, withdrawn
      from jsonb_to_recordset(${JSON.stringify(rows)}::jsonb) as given(
        id uuid, "of" text, mm float8, place text, instrument uuid, who text, "at" timestamptz, note text,
        withdrawn boolean)
      on conflict (job_id, id) do update set
        "of" = excluded."of", mm = excluded.mm, place = excluded.place, instrument = excluded.instrument,
        note = excluded.note, withdrawn = excluded.withdrawn, seq = nextval('log_seq')`);
  const [all] = await tx.select({ n: count() }).from(readings).where(eq(readings.jobId, jobId));
  if (all!.n > MOST_READINGS)
    throw new TooMany(`A job keeps up to ${MOST_READINGS} readings; with these there would be ${all!.n}.`);
  await tx.execute(sql`select pg_notify(${READ_CHANNEL}, ${jobId})`);
  const [last] = (await tx.execute(sql`select last_value from log_seq`)).rows as { last_value: string }[];
  return { kind: 'done', seq: Number(last!.last_value) };
}

/** Thrown inside a transaction, so that nothing of it is kept. */
export class TooMany extends Error {}

function instrumentOf({ id, name, kind, trusted }: typeof instruments.$inferSelect): Instrument {
  return { id, name, kind, trusted };
}

function readingOf(row: typeof readings.$inferSelect): Reading {
  const { id, of, mm, place, instrument, who, at, note, withdrawn } = row;
  return { id, of, mm, place, instrument, who, at: at.toISOString(), note, withdrawn };
}
