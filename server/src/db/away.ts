import { AllTaken } from './promptPool';

/** PostgreSQL's classes 08 (connection) and 57P (shut down, terminated), too many connections, and the system's own. */
const LOST = /^(08|57P|53300|ECONN|ETIMEDOUT|EPIPE|EHOSTUNREACH)/;
/** The driver has no codes of its own for a connection that went away under it. */
const SAID = /connection (terminated|ended|error)|not queryable|timeout exceeded when trying to connect/i;

/** Why the database cannot be had just now, where that is what an error says, itself or as its cause; else undefined. */
export function databaseAway(error: unknown): string | undefined {
  for (let at = error, deep = 0; at instanceof Error && deep < 5; at = at.cause, deep += 1) {
    if (at instanceof AllTaken) return 'The database is busy just now.';
    const { code } = at as { code?: string };
    if ((code && LOST.test(code)) || SAID.test(at.message)) return 'The database cannot be reached just now.';
    // Several addresses of one host were tried.
    if (at instanceof AggregateError && at.errors.some(databaseAway))
      return 'The database cannot be reached just now.';
  }
  return undefined;
}

/** While nothing else is heard of the database for so long, it is the same outage, ms. */
const SAME_OUTAGE = 30_000;

/** A log in which an outage of the database is one line: every request and every idle connection comes upon it. */
export function outageOnce(
  print: (line: unknown) => void,
  now: () => number = Date.now,
): (error: unknown) => void {
  let last = -Infinity;
  return (error) => {
    const why = databaseAway(error);
    if (!why) return print(error);
    if (now() - last > SAME_OUTAGE) print(why);
    last = now();
  };
}
