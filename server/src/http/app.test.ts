import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { connect as connectTcp } from 'node:net';
import { eq, sql } from 'drizzle-orm';
import pg from 'pg';
import type { Server } from 'node:http';
import type { Connection } from '../db/connect';
import { connect } from '../db/connect';
import { jobs, revisions } from '../db/tables';
import {
  GENERIC_HARDWARE,
  offersOf,
  PLAN_VERSION,
  readPlan,
  readPlanFile,
  reportOf,
  SceneChecker,
  type Answer,
  type Plan,
} from '@tarnpass/core';
import { layDemo } from '../jobs/demo';
import { createApp } from './app';

const DEMO = new URL('../../../demo/', import.meta.url);
const ROOM = new URL('../../../core/src/testing/room.json', import.meta.url);
const file = readPlanFile(readFileSync(ROOM, 'utf8'));
if (!file.ok) throw new Error('the room must read');
const ready = file;
const plan: Record<string, unknown> = { ...file.plan };
const history = { done: [], undone: [] };

let connection: Connection;
let server: Server;
let base: string;

beforeAll(async () => {
  const url = process.env['DATABASE_URL'];
  if (!url)
    throw new Error(
      'The server tests need a PostgreSQL of their own: run them through npm test, which sets DATABASE_URL.',
    );
  connection = await connect(url, () => undefined);
  server = createApp({ connection, log: () => undefined }).listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(async () => {
  await new Promise((resolve) => server.close(resolve));
  await connection.close();
});

async function call(method: string, path: string, body?: unknown, headers: Record<string, string> = {}) {
  const response = await fetch(base + path, {
    method,
    headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...headers },
    ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  return {
    status: response.status,
    body: (await response.json()) as Record<string, never> & { message: string },
  };
}
const newJob = async () =>
  (await call('POST', '/api/jobs', { plan })).body as unknown as { id: string; revision: number };
const save = (baseRevision: number, limit: number) => ({
  baseRevision,
  plan: { ...plan, parts: [{ ...(plan['parts'] as object[])[0], limit }, (plan['parts'] as object[])[1]] },
  history,
  edits: [`Opening limit ${limit}`],
});

/** How a plan stands, and the first offer that mends what is to be mended next. */
function answerOf(of: Plan): Answer {
  const checker = new SceneChecker({ curves: true });
  const { answer } = reportOf(of, checker);
  const [best] = answer.finding ? offersOf(of, checker, [answer.finding], 1)[0]!.offers : [];
  return best ? { ...answer, next: best.words } : answer;
}

describe('the jobs API on a real PostgreSQL', () => {
  it('keeps every save as a revision, with its format version and the names of its edits', async () => {
    const { id } = await newJob();
    for (const [revision, limit] of [
      [1, 90],
      [2, 80],
    ] as const) {
      const { status, body } = await call('PUT', `/api/jobs/${id}`, save(revision, limit));
      expect([status, body['revision']]).toEqual([200, revision + 1]);
    }
    const { body } = await call('GET', `/api/jobs/${id}/revisions`);
    const rows = body as unknown as { revision: number; edits: string[] }[];
    expect(rows.map(({ revision, edits }) => [revision, edits])).toEqual([
      [3, ['Opening limit 80']],
      [2, ['Opening limit 90']],
      [1, []],
    ]);
  });

  it('reads a job kept in the first format, its one slope among several now, and takes no edit back that names the old places', async () => {
    const { id } = await newJob();
    const rest = Object.fromEntries(
      Object.entries(plan).filter(([key]) => !['space', 'measured', 'wayIn', 'existing'].includes(key)),
    );
    const { space } = plan as { space: object };
    const { slopes, ...box } = space as { slopes: object[] };
    const parts = (plan as { parts: { mount: { carcass: string } }[] }).parts.map(({ mount, ...part }) => ({
      ...part,
      carcass: mount.carcass,
    }));
    const old = { ...rest, parts, version: 1, space: { ...box, slope: slopes[0] } };
    const edit = { name: 'old', changes: [{ path: ['space', 'slope', 'pitch'], before: 30, after: 36 }] };
    await connection.db
      .update(jobs)
      .set({ history: { done: [edit], undone: [] } })
      .where(eq(jobs.id, id));
    await connection.db
      .update(revisions)
      .set({ plan: old as never, formatVersion: 1 })
      .where(eq(revisions.jobId, id));
    const { body } = await call('GET', `/api/jobs/${id}`);
    expect(body).toMatchObject({
      plan: { version: 6, space: { slopes }, existing: [], wayIn: [], measured: [] },
      history: { done: [], undone: [] },
    });
  });

  it('answers 409 with what is there to a save over a newer revision, and keeps it', async () => {
    const { id } = await newJob();
    await call('PUT', `/api/jobs/${id}`, save(1, 90));
    const { status, body } = await call('PUT', `/api/jobs/${id}`, save(1, 50));
    expect(status).toBe(409);
    expect(body.message).toBe('This job was saved elsewhere since: revision 2 is there now.');
    const current = body['current'] as unknown as { revision: number; plan: { parts: { limit: number }[] } };
    expect([current.revision, current.plan.parts[0]!.limit]).toEqual([2, 90]);
  });

  it('lets exactly one of twenty saves on one revision through', async () => {
    const { id } = await newJob();
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) => call('PUT', `/api/jobs/${id}`, save(1, 60 + i))),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, ...Array<number>(19).fill(409)]);
  });

  it.each<[string, number, unknown, RegExp]>([
    ['a plan over 2 MB', 413, { plan: { ...plan, title: 'x'.repeat(2_000_001) } }, /up to 2 MB/],
    ['what is not JSON', 400, '{"plan": ', /not JSON/],
    [
      'a NUL in a name',
      400,
      JSON.stringify({ plan: { ...plan, title: 'a\u0000b' } }),
      /characters no text has/,
    ],
    ['a plan of a later version', 422, { plan: { ...plan, version: 9 } }, /format version 9/],
    ['a plan with a field missing', 422, { plan: { ...plan, space: undefined } }, /missing/],
    ['no plan at all', 422, { plan: null }, /a JSON object/],
    ['a field too many', 400, { plan, other: 1 }, /cannot be read/],
  ])('refuses %s with %d and a sentence, and makes no job', async (_name, status, body, said) => {
    const before = await connection.db.$count(jobs);
    const answer = await call('POST', '/api/jobs', body);
    expect([answer.status, said.test(answer.body.message)]).toEqual([status, true]);
    expect(await connection.db.$count(jobs)).toBe(before);
  });

  it('tells the path of what is wrong', async () => {
    const { body } = await call('PUT', `/api/jobs/${(await newJob()).id}`, save(1, 400));
    expect((body['issues'] as unknown as { path: unknown }[])[0]!.path).toEqual(['parts', 0, 'limit']);
  });

  it('has nothing at unknown jobs and addresses', async () => {
    for (const path of [
      '/api/jobs/nothing',
      '/api/jobs/00000000-0000-4000-8000-000000000000',
      '/api/jobs/00000000-0000-4000-8000-000000000000/revisions',
      '/api/else',
    ]) {
      expect((await call('GET', path)).status).toBe(404);
    }
    expect((await call('PUT', '/api/jobs/00000000-0000-4000-8000-000000000000', save(1, 90))).status).toBe(
      404,
    );
  });

  it('lets no other page in: foreign origin, foreign host name, a form post', async () => {
    expect((await call('POST', '/api/jobs', { plan }, { Origin: 'http://elsewhere.example' })).status).toBe(
      403,
    );
    const form = await fetch(`${base}/api/jobs`, {
      method: 'POST',
      headers: { 'Content-Type': 'text/plain' },
      body: JSON.stringify({ plan }),
    });
    expect(form.status).toBe(415);
    const rebound = await new Promise<string>((resolve) => {
      const socket = connectTcp((server.address() as AddressInfo).port, '127.0.0.1', () => {
        socket.write('GET /api/jobs HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n');
      });
      let text = '';
      socket.on('data', (chunk) => (text += chunk));
      socket.on('close', () => resolve(text));
    });
    expect(rebound).toMatch(/^HTTP\/1\.1 403/);
  });

  it('lays the demo once, and anew on top of what was made of it', async () => {
    const demoJobs = async () =>
      (await connection.db.select().from(jobs)).filter(({ demo }) => demo !== null);
    await layDemo(connection.db, DEMO, false);
    await layDemo(connection.db, DEMO, false);
    const all = await demoJobs();
    expect(all.map(({ demo, revision }) => [demo, revision]).sort()).toEqual([
      ['hollin-hut.json', 3],
      ['kiln-shed.json', 3],
      ['sedge-wren.json', 3],
    ]);
    const laid = all.find(({ demo }) => demo === 'hollin-hut.json');
    const kept = (await call('GET', `/api/jobs/${laid!.id}/revisions`)).body as unknown as {
      edits: string[];
    }[];
    expect(kept.map(({ edits }) => edits)).toEqual([['Lay the faults again'], ['Mend what was found'], []]);
    await call('PUT', `/api/jobs/${laid!.id}`, save(3, 60));
    await layDemo(connection.db, DEMO, true);
    const { body } = await call('GET', `/api/jobs/${laid!.id}`);
    const { revision, plan: now } = body as unknown as {
      revision: number;
      plan: { parts: { limit: number }[] };
    };
    expect([revision, now.parts[0]!.limit]).toEqual([5, 105]);
  });
});

describe('the list of jobs', () => {
  type Row = { id: string; revision: number; parts: number | null; answer: unknown };
  const list = async () => (await call('GET', '/api/jobs')).body as unknown as Row[];

  it('checks nothing for it: jobs without an answer are listed at once, and have theirs from the core soon after', async () => {
    const ids = Array.from({ length: 30 }, () => randomUUID());
    // As kept by a server that stored no answers yet.
    await connection.db.insert(jobs).values(ids.map((id) => ({ id, title: 'old', revision: 1, history })));
    await connection.db.insert(revisions).values(
      ids.map((id) => ({
        jobId: id,
        revision: 1,
        formatVersion: PLAN_VERSION,
        plan: ready.plan,
        edits: [],
      })),
    );
    const mine = async () => (await list()).filter(({ id }) => ids.some((one) => one === id));
    expect((await mine()).some(({ answer }) => answer === null)).toBe(true);
    for (let i = 0; i < 600 && (await mine()).some(({ answer }) => answer === null); i += 1)
      await new Promise((resolve) => setTimeout(resolve, 100));
    const answer = answerOf(ready.plan);
    for (const row of await mine())
      expect([row.parts, row.answer]).toEqual([ready.plan.parts.length, JSON.parse(JSON.stringify(answer))]);
  });

  it('tells of the newest revision how it stands, and not what stood before', async () => {
    const { id } = await newJob();
    await call('PUT', `/api/jobs/${id}`, save(1, 40));
    let row: Row | undefined;
    for (let i = 0; i < 300 && !row?.answer; i += 1) {
      row = (await list()).find((one) => one.id === id);
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    const read = readPlan(save(1, 40).plan);
    if (!read.ok) throw new Error('it must be taken');
    expect([row!.revision, row!.answer]).toEqual([2, JSON.parse(JSON.stringify(answerOf(read.plan)))]);
  });
});

describe('the drawer of hardware', () => {
  const hinge = { item: usual('brass', 'Brass butt'), count: 6 };
  function usual(id: string, name: string) {
    const butt = GENERIC_HARDWARE.find(({ kind }) => kind === 'butt hinge')!;
    return { ...butt, id, name };
  }

  it('takes all of what it is handed or none, keeps the last of each id, and gives it back', async () => {
    expect((await call('POST', '/api/hardware', { items: [hinge] })).status).toBe(201);
    const more = {
      items: [
        { ...hinge, count: 4 },
        { item: usual('steel', 'Steel butt'), count: 2 },
      ],
    };
    await call('POST', '/api/hardware', more);
    const listed = (await call('GET', '/api/hardware')).body as unknown as (typeof hinge)[];
    expect(listed.map(({ item, count }) => [item.id, count])).toEqual([
      ['brass', 4],
      ['steel', 2],
    ]);
    const bad = {
      items: [
        { ...hinge, count: 9 },
        { item: { ...hinge.item, opens: 900 }, count: 1 },
      ],
    };
    const refused = await call('POST', '/api/hardware', bad);
    expect([refused.status, refused.body.message]).toEqual([400, 'This request cannot be read.']);
    expect((await call('DELETE', '/api/hardware/steel', {})).body).toEqual([{ ...hinge, count: 4 }]);
    expect((await call('DELETE', '/api/hardware/steel', {})).status).toBe(404);
  });
});

describe('a database that goes away', () => {
  it('is told as 503 with a sentence, and the server lives on', async () => {
    const lost = await connect(process.env['DATABASE_URL']!, () => undefined);
    const app = createApp({ connection: lost, log: () => undefined }).listen(0, '127.0.0.1');
    await new Promise((resolve) => app.once('listening', resolve));
    await lost.close();
    const response = await fetch(`http://127.0.0.1:${(app.address() as AddressInfo).port}/api/jobs`);
    expect(response.status).toBeGreaterThanOrEqual(500);
    expect(((await response.json()) as { message: string }).message).toMatch(/\.$/);
    await new Promise((resolve) => app.close(resolve));
  });

  it('in the middle of a save is told as 503, nothing of it is kept, and the next save goes through', async () => {
    const { id } = await newJob();
    const other = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
    await other.connect();
    // The save waits for the row that this one holds; then its own connection is ended under it.
    await other.query('begin');
    await other.query('select 1 from jobs where id = $1 for update', [id]);
    const waiting = call('PUT', `/api/jobs/${id}`, save(1, 77));
    const ended = async () => {
      const { rowCount } = await connection.db.execute(
        sql`select pg_terminate_backend(pid) from pg_stat_activity where wait_event_type = 'Lock' and query like 'update "jobs"%'`,
      );
      return rowCount;
    };
    for (let i = 0; i < 200 && !(await ended()); i += 1)
      await new Promise((resolve) => setTimeout(resolve, 20));
    const lost = await waiting;
    await other.query('rollback');
    await other.end();
    expect([lost.status, lost.body.message]).toEqual([503, 'The database cannot be reached just now.']);
    expect((await call('GET', `/api/jobs/${id}`)).body['revision']).toBe(1);
    expect((await call('PUT', `/api/jobs/${id}`, save(1, 78))).status).toBe(200);
  });

  it('whose connections are all taken is told as 503 at once, and a burst that they can serve is not', async () => {
    const { id } = await newJob();
    const burst = await Promise.all(Array.from({ length: 60 }, () => call('GET', `/api/jobs/${id}`)));
    expect(burst.map(({ status }) => status)).toEqual(Array<number>(60).fill(200));
    const asleep = Array.from({ length: 8 }, async () => connection.db.execute(sql`select pg_sleep(3)`));
    await new Promise((resolve) => setTimeout(resolve, 200));
    const began = performance.now();
    const { status, body } = await call('GET', `/api/jobs/${id}`);
    expect([status, body.message]).toEqual([503, 'The database is busy just now.']);
    expect(performance.now() - began).toBeLessThan(1500);
    await Promise.all(asleep);
    expect((await call('GET', `/api/jobs/${id}`)).status).toBe(200);
  });
});
