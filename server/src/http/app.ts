import express, { type Express, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { LARGEST_LOG, LARGEST_PLAN } from '@tarnpass/core';
import type { Connection } from '../db/connect';
import { DeviceBench } from '../devices/bench';
import { AnswerKeeper } from '../jobs/answers';
import { createJob, listJobs, listRevisions, readJob, saveJob, type Outcome } from '../jobs/jobs';
import { NewJobSchema, SaveSchema } from '../jobs/schema';
import { LogHub } from '../readings/hub';
import { databaseAway } from '../db/away';
import { deviceRoutes } from './deviceRoutes';
import { guard } from './guard';
import { hardwareRoutes } from './hardwareRoutes';
import { jobId, noSuchJob, parsed } from './parsed';
import { readingRoutes } from './readingRoutes';

export interface AppOptions {
  readonly connection: Pick<Connection, 'db' | 'listen'>;
  /** Folder of the built page; without it only the API is served. */
  readonly page?: string;
  readonly log: (error: unknown) => void;
}

/** The whole server: the API under /api, and the page for every other address. */
export function createApp({ connection, page, log }: AppOptions): Express {
  const { db } = connection;
  const answers = new AnswerKeeper(db, log);
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: {
        // MUI writes its styles into the page, so styles may be inline; scripts may not.
        directives: {
          'default-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: false, // loopback has no certificate
    }),
  );
  app.use(guard);
  // Readings, and jobs that come with theirs, may be larger than a plan alone.
  app.use('/api', readingRoutes(db, new LogHub(connection), keepableText));
  app.use('/api', (request, response, next) => {
    const limit = request.method === 'POST' && request.path === '/jobs' ? LARGEST_LOG : LARGEST_PLAN;
    express.json({ limit, reviver: keepableText })(request, response, next);
  });
  app.use('/api', deviceRoutes(new DeviceBench()));
  app.use('/api', hardwareRoutes(db));

  app.get('/api/jobs', async (_request, response) => {
    response.json(await listJobs(db, answers));
  });
  app.post('/api/jobs', async (request, response) => {
    const body = parsed(NewJobSchema, request.body, response);
    if (!body) return;
    const made = await createJob(db, body.plan, null, body.log);
    if (made.kind === 'done') answers.saved(made.value.id, made.value.revision);
    answer(response, made, 201);
  });
  app.get('/api/jobs/:id', async (request, response) => {
    const id = jobId(request, response);
    if (id) answer(response, await readJob(db, id));
  });
  app.put('/api/jobs/:id', async (request, response) => {
    const id = jobId(request, response);
    const save = id && parsed(SaveSchema, request.body, response);
    if (!id || !save) return;
    const saved = await saveJob(db, id, save);
    if (saved.kind === 'done') answers.saved(id, saved.value.revision);
    answer(response, saved);
  });
  app.get('/api/jobs/:id/revisions', async (request, response) => {
    const id = jobId(request, response);
    if (id) answer(response, await listRevisions(db, id));
  });
  app.use('/api', (_request, response) => {
    response.status(404).json({ message: 'There is nothing at this address.' });
  });

  if (page) {
    app.use(express.static(page, { index: false, maxAge: '1h' }));
    app.get('/{*path}', (_request, response) => {
      response.set('Cache-Control', 'no-cache').sendFile('index.html', { root: page });
    });
  }

  app.use((error: unknown, _request: Request, response: Response, next: NextFunction) => {
    if (response.headersSent) return next(error);
    const { status, message } = toldError(error);
    if (status >= 500) log(error);
    response.status(status).json({ message });
  });
  return app;
}

/** PostgreSQL keeps no NUL and no half of a surrogate pair in text, so no such text comes in. */
function keepableText(_key: string, value: unknown): unknown {
  if (typeof value === 'string' && (value.includes('\u0000') || !value.isWellFormed()))
    throw new SyntaxError('unkeepable text');
  return value;
}

function answer<T>(response: Response, outcome: Outcome<T>, status = 200): void {
  switch (outcome.kind) {
    case 'done':
      response.status(status).json(outcome.value);
      return;
    case 'unknown job':
      noSuchJob(response);
      return;
    case 'bad plan':
      response.status(422).json({ message: outcome.issues[0]!.message, issues: outcome.issues });
      return;
    case 'too large':
      response.status(413).json({ message: 'A plan may have up to 2 MB.' });
      return;
    case 'newer revision':
      response.status(409).json({
        message: `This job was saved elsewhere since: revision ${outcome.current.revision} is there now.`,
        current: outcome.current,
      });
  }
}

function toldError(error: unknown): { status: number; message: string } {
  const { type } = (error ?? {}) as { type?: string };
  if (type === 'entity.too.large') return { status: 413, message: 'A plan may have up to 2 MB.' };
  if (type === 'entity.parse.failed')
    return { status: 400, message: 'This is not JSON, or holds characters no text has.' };
  if (type?.startsWith('encoding.') || type?.startsWith('charset.'))
    return { status: 415, message: 'Send JSON in UTF-8.' };
  const why = databaseAway(error);
  if (why) return { status: 503, message: why };
  return { status: 500, message: 'Something went wrong in the server; it is in its log.' };
}
