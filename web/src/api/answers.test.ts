import { newPlan } from '@tarnpass/core';
import { readJob } from './client';

const job = { id: 'a', revision: 3, savedAt: '2026-03-01T10:00:00.000Z', plan: newPlan('A room'), history: { done: [], undone: [] } }; // prettier-ignore

/** What the page makes of an answer. */
async function reading(body: unknown, status = 200) {
  const answer = body === 'a page' ? new Response('<html>') : new Response(JSON.stringify(body), { status });
  globalThis.fetch = () => Promise.resolve(answer);
  return readJob('a').then(
    (read) => read,
    ({ status: told, message }: { status: number; message: string }) => [told, message],
  );
}

const { fetch: own } = globalThis;
afterEach(() => {
  globalThis.fetch = own;
});

describe('an answer of the server', () => {
  it('is taken as it reads, and what is in it beside that is let be', async () => {
    expect(await reading({ ...job, more: 1 })).toMatchObject({ id: 'a', revision: 3 });
  });

  it('is refused with its place where it is not what this page can read', async () => {
    const strange = (place: RegExp) => [502, expect.stringMatching(place)];
    expect(await reading({ ...job, revision: 'three' })).toEqual(
      strange(/cannot read, at revision\. Reload/),
    );
    expect(await reading({ ...job, plan: { ...job.plan, space: null } })).toEqual(strange(/, at plan\./));
    expect(await reading({ ...job, history: { done: [{}], undone: [] } })).toEqual(
      strange(/, at history\.done\.0/),
    );
    expect(await reading('a page')).toEqual(strange(/cannot read\. Reload/));
  });

  it('that refuses says why, and a refusal that cannot be read its number', async () => {
    expect(await reading({ message: 'There is no such job.' }, 404)).toEqual([404, 'There is no such job.']);
    expect(await reading({ message: 7 }, 500)).toEqual([500, 'The server answered 500.']);
  });
});
