import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { PromptPool } from './promptPool';

export type Database = NodePgDatabase;
export interface Connection {
  readonly db: Database;
  /** Hear what is said on a channel; undefined where the connection was away and anything may have been missed. */
  listen(channel: string, act: (payload: string | undefined) => void): void;
  close(): Promise<void>;
}

/** Any number that only this product locks: servers that start together take turns at preparing the database. */
const PREPARING = 7_264_881;

/**
 * Open a pool on a PostgreSQL, bring its tables up to date, and run `prepare`; one server at a time does so.
 * Rejects where the database cannot be reached.
 */
export async function connect(
  url: string,
  onIdleError: (error: Error) => void,
  prepare: (db: Database) => Promise<void> = async () => {},
): Promise<Connection> {
  const pool = new PromptPool({ connectionString: url, max: 8, connectionTimeoutMillis: 5000 });
  // A server restart ends idle connections; the next query opens a new one. One that is lost while it is at work says so
  // to its query, and to whoever listens to it: without an ear of its own that would end the process.
  pool.on('error', onIdleError);
  pool.on('connect', (client) => client.on('error', () => undefined));
  const db = drizzle(pool);
  const holder = await pool.connect();
  try {
    await holder.query('select pg_advisory_lock($1)', [PREPARING]);
    await migrate(db, { migrationsFolder: fileURLToPath(new URL('../../migrations', import.meta.url)) });
    await prepare(db);
  } finally {
    await holder.query('select pg_advisory_unlock($1)', [PREPARING]);
    holder.release();
  }
  const ears: (() => void)[] = [];
  return {
    db,
    listen: (channel, act) => ears.push(listening(url, channel, act, onIdleError)),
    close: async () => {
      ears.forEach((end) => end());
      await pool.end();
    },
  };
}

/** How long until a lost ear is put to the database again, ms. */
const AGAIN = 1000;

/** A connection of its own that only listens, made anew whenever it is lost. Returns what ends it. */
function listening(
  url: string,
  channel: string,
  act: (payload: string | undefined) => void,
  onError: (error: Error) => void,
): () => void {
  let client: pg.Client | undefined;
  let ended = false;
  let timer: NodeJS.Timeout | undefined;
  const lost = (error?: Error) => {
    if (ended || timer) return;
    if (error) onError(error);
    void client?.end().catch(() => undefined);
    timer = setTimeout(() => {
      timer = undefined;
      open(true);
    }, AGAIN);
  };
  const open = (again: boolean) => {
    const ear = new pg.Client({ connectionString: url, connectionTimeoutMillis: 5000 });
    client = ear;
    ear.on('error', lost);
    ear.on('end', () => lost());
    ear.on('notification', ({ payload }) => act(payload));
    ear
      .connect()
      .then(() => ear.query(`listen ${ear.escapeIdentifier(channel)}`))
      .then(() => {
        if (again) act(undefined);
      })
      .catch(lost);
  };
  open(false);
  return () => {
    ended = true;
    clearTimeout(timer);
    void client?.end().catch(() => undefined);
  };
}
