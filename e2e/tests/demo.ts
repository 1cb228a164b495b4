import { expect, type APIRequestContext, type Page } from '@playwright/test';

export const DEMO = "Warden's room, Hollin Hut";

/** A job of its own for a test, made of the demo's plan, so that tests do not meet in one job. */
export async function demoCopy(request: APIRequestContext, title: string): Promise<string> {
  const jobs = (await (await request.get('/api/jobs')).json()) as { id: string; title: string }[];
  const demo = jobs.find((job) => job.title === DEMO);
  if (!demo) throw new Error('The demo job is not laid in.');
  const { plan } = (await (await request.get(`/api/jobs/${demo.id}`)).json()) as { plan: object };
  return makeJob(request, { ...plan, title });
}

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
