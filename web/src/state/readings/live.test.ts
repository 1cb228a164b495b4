import type { Dimension, Reading, Summary } from '@tarnpass/core';
import { jobStore } from '../../testing/jobStore';
import { undo } from '../job/edits';
import { closed } from '../slices/jobSlice';
import { deviceIs } from '../slices/readingsSlice';
import { takeOver } from './takeOver';

// The tab's name is claimed as the page loads, with a browser's locks where it has them.
Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
const { followDevices, followLog, sendMany, takeReading } = await import('./live');
const { instrumentOf } = await import('./instruments');

/** A server's stream that the test speaks for. */
class FakeStream {
  static all: FakeStream[] = [];
  static readonly CLOSED = 2;
  readyState = 1;
  onopen?: () => void;
  onerror?: () => void;
  private readonly heard = new Map<string, (event: { data: string }) => void>();
  constructor(readonly url: string) {
    FakeStream.all.push(this);
  }
  addEventListener(name: string, listener: (event: { data: string }) => void): void {
    this.heard.set(name, listener);
  }
  say(name: string, data: unknown): void {
    this.heard.get(name)!({ data: typeof data === 'string' ? data : JSON.stringify(data) });
  }
  close(): void {
    this.readyState = FakeStream.CLOSED;
  }
}

const kept = new Map<string, string>();
const sent: unknown[] = [];
let answer: () => Response;
const ok = (body: unknown) => new Response(JSON.stringify(body), { status: 200 });
const NAMES = ['one', 'two', 'there', 'x', 'y', 'z'] as const;
type Name = (typeof NAMES)[number];
const idOf = (name: Name) => `00000000-0000-4000-8000-00000000000${NAMES.indexOf(name)}`;
const namesOf = (readings: readonly Reading[]) => readings.map(({ id }) => NAMES[Number(id.slice(-1))]);
const reading = (name: Name, mm = 900): Reading => ({
  id: idOf(name),
  of: 'space/width',
  mm,
  place: 'here',
  instrument: null,
  who: '',
  at: '2026-03-01T10:00:00.000Z',
  note: '',
  withdrawn: false,
});
const soon = (ms = 5) => new Promise((resolve) => setTimeout(resolve, ms));
const own = { fetch: globalThis.fetch };

beforeEach(() => {
  kept.clear();
  sent.length = 0;
  FakeStream.all = [];
  answer = () => ok({ seq: 1 });
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => void kept.set(key, text),
    removeItem: (key: string) => void kept.delete(key),
  };
  Object.assign(globalThis, {
    localStorage: storage,
    EventSource: FakeStream,
    fetch: (_url: string, init?: { body?: string; method?: string }) => {
      if (init?.body) sent.push(JSON.parse(init.body));
      return Promise.resolve(
        init?.body ? answer() : ok({ instruments: [], readings: [reading('there')], seq: 7 }),
      );
    },
  });
});
afterAll(() => Object.assign(globalThis, own));

describe('readings that are taken', () => {
  it('are on the page and in the browser at once, and go to the server once', async () => {
    const store = jobStore();
    answer = () => ok({ seq: 8 });
    store.dispatch(takeReading(reading('one')));
    expect(namesOf(store.getState().readings.log.readings)).toEqual(['one']);
    expect([...kept.values()].join('')).toContain(idOf('one'));
    await soon();
    expect(store.getState().readings.outbox).toEqual([]);
    expect([sent, [...kept.values()]]).toEqual([[{ instruments: [], readings: [reading('one')] }], []]);
  });

  it('are kept where the server does not answer, with the reason, and none of them is lost', async () => {
    const store = jobStore();
    answer = () => new Response(JSON.stringify({ message: 'The server is closing.' }), { status: 503 });
    store.dispatch(takeReading(reading('one')));
    store.dispatch(takeReading(reading('two')));
    await soon();
    const { outbox, trouble } = store.getState().readings;
    expect([namesOf(outbox), trouble]).toEqual([['one', 'two'], 'The server is closing.']);
    expect([...kept.values()].join('')).toContain(idOf('two'));
    store.dispatch(closed());
  });

  it('of no job are not taken', async () => {
    const store = jobStore();
    store.dispatch(closed());
    store.dispatch(takeReading(reading('one')));
    await soon();
    expect([sent, store.getState().readings.log.readings]).toEqual([[], []]);
    expect(await store.dispatch(sendMany({ instruments: [], readings: [] }))).toBe('No job is open.');
  });
});

describe('the log of a job', () => {
  it('is read, followed from there, and what comes in a burst is put on the page together', async () => {
    const store = jobStore();
    const end = store.dispatch(followLog('a'));
    await soon();
    const [stream] = FakeStream.all;
    expect(stream!.url).toBe('/api/jobs/a/live?after=7');
    stream!.onopen!();
    expect(store.getState().readings.live).toBe('connected');
    let changes = 0;
    const stop = store.subscribe(() => (changes += 1));
    for (const [seq, id] of [[8, 'x'], [9, 'y'], [10, 'z']] as const) stream!.say('entry', { seq, reading: reading(id) }); // prettier-ignore
    stream!.say('entry', 'no JSON');
    await soon(60);
    stop();
    expect(namesOf(store.getState().readings.log.readings)).toEqual(['there', 'x', 'y', 'z']);
    expect([store.getState().readings.seq, changes]).toEqual([10, 1]);
    stream!.onerror!();
    expect(store.getState().readings.live).toBe('lost');
    end();
    expect(stream!.readyState).toBe(FakeStream.CLOSED);
  });

  it('hears devices, and an instrument is entered for one that is new', async () => {
    const store = jobStore();
    const end = store.dispatch(followDevices());
    const state = {
      type: 'state',
      device: 'd',
      name: 'Caliper',
      kind: 'caliper',
      unit: 'mm',
      state: 'ready',
    } as const;
    FakeStream.all[0]!.say('device', { nonsense: true });
    expect(store.getState().readings.devices).toEqual({});
    store.dispatch(deviceIs(state as never));
    const made = store.dispatch(instrumentOf({ device: 'd' } as never));
    expect(made).toMatchObject({ name: 'Caliper', kind: 'caliper', trusted: false });
    expect(store.dispatch(instrumentOf({ device: 'other' } as never))).toBeUndefined();
    await soon();
    expect(sent).toEqual([{ instruments: [made], readings: [] }]);
    end();
  });
});

describe('what governs is taken over', () => {
  it('as one edit with how well it is known, a second time in place of the first', () => {
    const store = jobStore();
    const dimension = {
      key: 'space/width',
      name: 'The space, width',
      path: ['space', 'width'],
    } as unknown as Dimension;
    const summary = (mm: number): Summary =>
      ({ governs: { mm, sigma: 0.8, rule: 'smallest' }, readings: [1, 2, 3] }) as unknown as Summary;
    expect(store.dispatch(takeOver(dimension, summary(2987.4)))).toEqual([]);
    store.dispatch(takeOver(dimension, summary(2990)));
    const { plan } = store.getState().job!;
    expect(plan.space.width.mm).toBe(2990);
    expect(plan.measured).toEqual([
      { of: 'space/width', mm: 2990, sigma: 0.8, rule: 'smallest', readings: 3 },
    ]);
    store.dispatch(undo());
    store.dispatch(undo());
    expect([store.getState().job!.plan.space.width.mm, store.getState().job!.plan.measured]).toEqual([
      3000,
      [],
    ]);
  });
});
