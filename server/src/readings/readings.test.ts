import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { compareInstruments, newPlan, type Reading } from '@tarnpass/core';
import { connect, type Connection } from '../db/connect';
import { standIn, MAKES } from '../devices/standIn';
import { createApp } from '../http/app';

/** Two servers on one database, as two of them behind one address would be. */
const servers: { connection: Connection; server: Server; base: string }[] = [];
beforeAll(async () => {
  for (let i = 0; i < 2; i += 1) {
    const connection = await connect(process.env['DATABASE_URL']!, () => undefined);
    const server = createApp({ connection, log: () => undefined }).listen(0, '127.0.0.1');
    await new Promise((resolve) => server.once('listening', resolve));
    servers.push({ connection, server, base: `http://127.0.0.1:${(server.address() as AddressInfo).port}` });
  }
});
afterAll(async () => {
  for (const { connection, server } of servers) {
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
    await connection.close();
  }
});

const post = async (path: string, body: unknown, on = 0) => {
  const response = await fetch(servers[on]!.base + path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  return {
    status: response.status,
    body: (await response.json()) as Record<string, never> & { message: string },
  };
};
const get = async <T>(path: string): Promise<T> =>
  (await fetch(servers[0]!.base + path)).json() as Promise<T>;
const newJob = async () =>
  (await post('/api/jobs', { plan: newPlan('A room') })).body['id'] as unknown as string;
const reading = (mm: number, over: Partial<Reading> = {}): Reading => ({
  id: randomUUID(),
  of: 'space/width',
  mm,
  place: 'top',
  instrument: null,
  who: 'Ada',
  at: '2026-03-01T10:00:00.000Z',
  note: '',
  withdrawn: false,
  ...over,
});

/** Listen to a stream until so many events have come; what they held, by their number. */
async function events(
  address: string,
  count: number,
  headers: Record<string, string> = {},
  during?: () => Promise<void>,
) {
  const stop = new AbortController();
  const response = await fetch(address, { headers, signal: stop.signal });
  const found: { id: number; data: { reading?: Reading } }[] = [];
  const decoder = new TextDecoder();
  let text = '';
  const acting = during?.();
  for await (const chunk of response.body!) {
    text += decoder.decode(chunk as Uint8Array, { stream: true });
    const parts = text.split('\n\n');
    text = parts.pop()!;
    for (const part of parts) {
      const id = /^id: (\d+)$/m.exec(part)?.[1];
      const data = /^data: (.*)$/m.exec(part)?.[1];
      if (id && data) found.push({ id: Number(id), data: JSON.parse(data) as { reading?: Reading } });
    }
    if (found.length >= count) break;
  }
  stop.abort();
  await acting;
  return found;
}

describe('readings on a real PostgreSQL', () => {
  it('one that is sent twice is kept once, and one that is taken back is kept and told so', async () => {
    const id = await newJob();
    const one = reading(2400.5);
    await post(`/api/jobs/${id}/readings`, { instruments: [], readings: [one] });
    await post(`/api/jobs/${id}/readings`, { instruments: [], readings: [one, reading(2401)] });
    await post(`/api/jobs/${id}/readings`, { instruments: [], readings: [{ ...one, withdrawn: true }] });
    const { readings } = await get<{ readings: Reading[] }>(`/api/jobs/${id}/readings`);
    expect(readings.map(({ mm, withdrawn }) => [mm, withdrawn]).sort()).toEqual([
      [2400.5, true],
      [2401, false],
    ]);
  });

  it('one taken on another server comes in live, and a page that was cut off misses none', async () => {
    const id = await newJob();
    const live = `${servers[0]!.base}/api/jobs/${id}/live`;
    const send = (mm: number) =>
      post(`/api/jobs/${id}/readings`, { instruments: [], readings: [reading(mm)] }, 1);
    const first = await events(live, 2, {}, async () => {
      await send(2000);
      await send(2001);
    });
    // While nobody listens three more come in.
    for (const mm of [2002, 2003, 2004]) await send(mm);
    const rest = await events(live, 3, { 'Last-Event-ID': String(first.at(-1)!.id) });
    expect([...first, ...rest].map(({ data }) => data.reading!.mm)).toEqual([2000, 2001, 2002, 2003, 2004]);
  });

  it('keeps all or none of what comes together', async () => {
    const id = await newJob();
    const bad = { instruments: [], readings: [reading(1000), reading(0)] };
    const refused = await post(`/api/jobs/${id}/readings`, bad);
    expect([refused.status, JSON.stringify(refused.body)]).toEqual([
      400,
      expect.stringMatching(/must be more than 0/),
    ]);
    expect((await get<{ readings: Reading[] }>(`/api/jobs/${id}/readings`)).readings).toEqual([]);
  });

  it('trusts one instrument at a time, and has no readings of unknown jobs', async () => {
    const id = await newJob();
    const tool = (name: string) => ({ id: randomUUID(), name, kind: 'tape', trusted: true });
    await post(`/api/jobs/${id}/readings`, { instruments: [tool('Old tape')], readings: [] });
    await post(`/api/jobs/${id}/readings`, { instruments: [tool('New tape')], readings: [] });
    const { instruments } = await get<{ instruments: { name: string; trusted: boolean }[] }>(
      `/api/jobs/${id}/readings`,
    );
    expect(instruments.filter(({ trusted }) => trusted).map(({ name }) => name)).toEqual(['New tape']);
    expect((await post(`/api/jobs/${randomUUID()}/readings`, { instruments: [], readings: [] })).status).toBe(
      404,
    );
  });

  it('takes 5,000 at once and refuses more than a job keeps, whole', async () => {
    const id = await newJob();
    const many = Array.from({ length: 5000 }, (_, i) => reading(1000 + i / 10));
    for (let i = 0; i < 4; i += 1)
      expect(
        (
          await post(`/api/jobs/${id}/readings`, {
            instruments: [],
            readings: many.map((one) => ({ ...one, id: randomUUID() })),
          })
        ).status,
      ).toBe(200);
    const over = await post(`/api/jobs/${id}/readings`, {
      instruments: [],
      readings: [reading(1), reading(2)],
    });
    expect([over.status, over.body.message]).toEqual([
      422,
      expect.stringMatching(/keeps up to 20000 readings/),
    ]);
    expect((await get<{ readings: Reading[] }>(`/api/jobs/${id}/readings`)).readings).toHaveLength(20_000);
  });
});

describe('a stand-in for a device', () => {
  it('has a bias that lengths read beside a tape bring to light, a battery that runs down, and drop-outs', () => {
    let seed = 7;
    const random = () => ((seed = (seed * 16807) % 2147483647) - 1) / 2147483646;
    const meter = standIn({ ...MAKES[0]!, drain: 0.05 }, random);
    const read: number[] = [];
    meter.listen((event) => event.type === 'reading' && read.push(event.value));
    const lengths = [500, 900, 1400, 1900, 2400, 2900];
    for (const truth of lengths) {
      meter.aim(truth);
      meter.take();
    }
    const { fits } = compareInstruments(
      lengths.map((tape, i) => ({ of: `check/${i}`, read: { tape, meter: read[i]! } })),
      { reference: 'tape', sigmaOf: () => 1 },
    );
    const fit = fits.find(({ id }) => id === 'meter')!;
    expect(fit.standing).toBe('off');
    expect(Math.abs(fit.off - 3)).toBeLessThan(1.5);
    for (let i = 0; i < 30; i += 1) meter.take();
    expect([read.length, meter.state().battery]).toEqual([20, 0]);
    const dropping = standIn({ ...MAKES[0]!, dropsEvery: 2 }, random);
    dropping.take();
    dropping.take();
    expect(dropping.state().link).toBe('lost');
  });
});
