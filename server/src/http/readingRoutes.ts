import express, { Router } from 'express';
import { LARGEST_LOG, ReadingLogSchema } from '@tarnpass/core';
import type { Database } from '../db/connect';
import type { LogHub } from '../readings/hub';
import { jobExists, keepLog, logAfter, readLog, TooMany, type LogOutcome } from '../readings/readings';
import { jobId, noSuchJob, parsed } from './parsed';
import { eventStream, lastSeen } from './stream';

/** What was read for a job: all of it, more of it, and what comes in while one looks. */
export function readingRoutes(
  db: Database,
  hub: LogHub,
  reviver: (key: string, value: unknown) => unknown,
): Router {
  const router = Router();
  const json = express.json({ limit: LARGEST_LOG, reviver });

  router.get('/jobs/:id/readings', async (request, response) => {
    const id = jobId(request, response);
    if (!id) return;
    const log = await readLog(db, id);
    if (log) response.json(log);
    else noSuchJob(response);
  });

  router.post('/jobs/:id/readings', json, async (request, response) => {
    const id = jobId(request, response);
    const log = id && parsed(ReadingLogSchema, request.body, response);
    if (!id || !log) return;
    const outcome = await keepLog(db, id, log).catch((error: unknown): LogOutcome => {
      if (error instanceof TooMany) return { kind: 'too many', message: error.message };
      throw error;
    });
    if (outcome.kind === 'done') response.json({ seq: outcome.seq });
    else if (outcome.kind === 'unknown job') noSuchJob(response);
    else response.status(422).json({ message: outcome.message });
  });

  router.get('/jobs/:id/live', async (request, response) => {
    const id = jobId(request, response);
    if (!id) return;
    let seen = lastSeen(request) ?? 0;
    if (!(await jobExists(db, id))) return noSuchJob(response);
    const stream = eventStream(request, response);
    // One look at a time: what comes in meanwhile is seen by the next.
    let looking: Promise<void> = Promise.resolve();
    const look = async () => {
      for (const entry of await logAfter(db, id, seen)) {
        stream.send('entry', entry.seq, entry);
        seen = entry.seq;
      }
    };
    const again = () => {
      // A database that is away is asked again at the next sign, and when the page comes back.
      looking = looking.then(look).catch(() => undefined);
    };
    stream.onClose(hub.listen(id, again));
    again();
  });
  return router;
}
