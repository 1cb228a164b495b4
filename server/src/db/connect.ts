import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { fileURLToPath } from 'node:url';
import pg from 'pg';

export type Database = NodePgDatabase;
export interface Connection {
  readonly db: Database;
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
  const pool = new pg.Pool({ connectionString: url, max: 8, connectionTimeoutMillis: 5000 });
  // A server restart ends idle connections; the next query opens a new one.
  pool.on('error', onIdleError);
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
  return { db, close: () => pool.end() };
}
