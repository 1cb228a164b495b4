import type { Connection } from '../db/connect';
import { READ_CHANNEL } from './readings';

/** Tells pages that look at a job when something was read for it, on this server or on another of the same database. */
export class LogHub {
  private readonly listeners = new Map<string, Set<() => void>>();

  constructor(connection: Pick<Connection, 'listen'>) {
    connection.listen(READ_CHANNEL, (jobId) => {
      // Without a job the connection was away for a while: anything may have come in.
      const told =
        jobId === undefined ? [...this.listeners.values()] : [this.listeners.get(jobId) ?? new Set()];
      for (const acts of told) acts.forEach((act) => act());
    });
  }

  listen(jobId: string, act: () => void): () => void {
    const acts = this.listeners.get(jobId) ?? new Set();
    this.listeners.set(jobId, acts.add(act));
    return () => {
      acts.delete(act);
      if (acts.size === 0) this.listeners.delete(jobId);
    };
  }
}
