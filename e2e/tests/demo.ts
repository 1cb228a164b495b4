import { readFileSync } from 'node:fs';
import { expect, type APIRequestContext, type Page } from '@playwright/test';

export const DEMO = "Warden's room, Hollin Hut";

/** The room that the tests of the core begin with too: a locker and a wardrobe under a slope. */
const ROOM = JSON.parse(
  readFileSync(new URL('../../core/src/testing/room.json', import.meta.url), 'utf8'),
) as object;

/** A job of its own for a test, so that tests do not meet in one job. */
export const demoCopy = (request: APIRequestContext, title: string): Promise<string> =>
  makeJob(request, { ...ROOM, title });

export async function makeJob(request: APIRequestContext, plan: object): Promise<string> {
  const made = await request.post('/api/jobs', { data: { plan } });
  expect(made.status()).toBe(201);
  return ((await made.json()) as { id: string }).id;
}

/** The answer line once it is settled. */
export const answer = (page: Page) => page.getByRole('status');

/** The plan view: what other panes show too is looked for there. */
export const onPlan = (page: Page) => page.getByRole('group', { name: /^Plan / });

/** Wait until the page says that its plan is the one in the database. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByRole('navigation', { name: 'Stages' })).toContainText(/revision \d+/);
}

/** Type into a field as a person does, and take it with Enter. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.click();
  await field.fill(text);
  await field.press('Enter');
}

const mm = (value: number) => ({ mm: value });

/** A plain room with nothing in it, in the second format: opened, it is brought up to the current one. */
export const emptyRoom = (title: string, width: number, depth: number) => ({
  format: 'tarnpass-plan',
  version: 2,
  title,
  units: { system: 'mm', step: 0.1 },
  gaps: { running: mm(1), around: mm(10) },
  space: { width: mm(width), depth: mm(depth), height: mm(2400), slopes: [] },
  measured: [],
  wayIn: [],
  existing: [],
  things: [],
  carcasses: [],
  parts: [],
});

/** Try what the answer line offers, which must be this, on the sheet, and take it. */
export async function mend(page: Page, words: string): Promise<void> {
  await expect(answer(page)).toContainText(`so next, ${words}`);
  await page.getByRole('button', { name: 'Try it', exact: true }).click();
  await expect(answer(page)).toContainText(`Tried on the sheet, nothing is changed yet: ${words}`);
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
}
