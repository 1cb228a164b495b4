import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { answer, demoCopy, saved, type } from './demo';

/** What is not saved: that it is kept, that it is asked about, and that the page never says so where it is not. */
const stages = (page: Page) => page.getByRole('navigation', { name: 'Stages' });
const limit = (page: Page) => page.getByRole('textbox', { name: 'Opening limit' });
const choice = (page: Page) => page.getByRole('dialog', { name: 'This job was also changed elsewhere' });

/** Where the server cannot be reached. A route that is taken away would leave a save hanging that is under way just then: it stays. */
const unreached = new WeakSet<BrowserContext>();
/** The server takes no save from here on: it cannot be reached, not by what a page sends as it closes either. */
const away = (context: BrowserContext) => {
  unreached.add(context);
  return context.route('**/api/jobs/*', (route) =>
    route.request().method() === 'PUT' && unreached.has(context) ? route.abort() : route.continue(),
  );
};
const silentAtClose = (context: BrowserContext) =>
  context.addInitScript(() => {
    const real = window.fetch;
    window.fetch = (input, init) =>
      init?.keepalive ? Promise.reject(new TypeError('not reached')) : real(input, init);
  });
const back = (context: BrowserContext) => unreached.delete(context);

test('the choice between mine and theirs is asked again after every reload, and nothing is written before it is made', async ({
  page,
  context,
  request,
}) => {
  await silentAtClose(context);
  const id = await demoCopy(request, 'Asked again');
  await page.goto(`/jobs/${id}`);
  await expect(answer(page)).toContainText('Both parts');
  await away(context);
  await type(page, 'Opening limit', '65');
  await expect(stages(page)).toContainText('not saved yet, kept here');
  // Theirs comes meanwhile, from another computer.
  const { plan } = (await (await request.get(`/api/jobs/${id}`)).json()) as { plan: { parts: object[] } };
  const theirs = { ...plan, parts: [{ ...plan.parts[0], limit: 40 }, ...plan.parts.slice(1)] };
  const body = { baseRevision: 1, plan: theirs, history: { done: [], undone: [] }, edits: ['Theirs'] };
  expect((await request.put(`/api/jobs/${id}`, { data: body })).status()).toBe(200);
  back(context);
  for (let times = 0; times < 3; times += 1) {
    await page.reload();
    await expect(choice(page)).toContainText('Revision 2 was saved there');
    // Longer than the pause after which a page saves by itself.
    await page.waitForTimeout(1200);
  }
  const now = (await (await request.get(`/api/jobs/${id}`)).json()) as {
    revision: number;
    plan: { parts: { limit: number }[] };
  };
  expect([now.revision, now.plan.parts[0]!.limit]).toEqual([2, 40]);
  await choice(page)
    .getByRole('button', { name: /Put mine on top/ })
    .click();
  await expect(stages(page)).toContainText('revision 3');
  await expect(choice(page)).toHaveCount(0);
});

test('two tabs of a job keep a draft each while the server is away, and what a closed one left is asked about', async ({
  page,
  context,
  request,
}) => {
  await silentAtClose(context);
  const id = await demoCopy(request, 'Two tabs');
  const other = await context.newPage();
  for (const one of [page, other]) {
    await one.goto(`/jobs/${id}`);
    await expect(answer(one)).toContainText('Both parts');
  }
  await away(context);
  await type(page, 'Opening limit', '61');
  await type(other, 'Opening limit', '52');
  for (const one of [page, other]) await expect(stages(one)).toContainText('not saved yet, kept here');
  // Each goes on with its own after a reload.
  for (const [one, text] of [
    [page, '61'],
    [other, '52'],
  ] as const) {
    await one.reload();
    await one.getByRole('slider', { name: 'Travel of Locker leaf' }).click();
    await expect(limit(one)).toHaveValue(text);
  }
  await other.close();
  back(context);
  await expect(stages(page)).toContainText('revision 2', { timeout: 15_000 });

  const third = await context.newPage();
  await third.goto(`/jobs/${id}`);
  await expect(choice(third)).toContainText('what you see here builds on revision 1');
  await choice(third)
    .getByRole('button', { name: /Put mine on top/ })
    .click();
  await expect(stages(third)).toContainText('revision 3');
  await third.getByRole('slider', { name: 'Travel of Locker leaf' }).click();
  await expect(limit(third)).toHaveValue('52');
});

test('a full storage is told: nothing is said to be kept, the plan can be saved as a file, and closing warns', async ({
  page,
  context,
  request,
}) => {
  const id = await demoCopy(request, 'Full');
  await page.addInitScript(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.goto(`/jobs/${id}`);
  await expect(answer(page)).toContainText('Both parts');
  await away(context);
  await type(page, 'Opening limit', '65');
  await expect(stages(page)).toContainText('not saved, on this page alone');
  await expect(page.getByText('kept in this browser')).toHaveCount(0);
  const file = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a plan file' }).click();
  expect((await file).suggestedFilename()).toBe('Full.json');
  const warned = page.waitForEvent('dialog');
  void page.close({ runBeforeUnload: true });
  const dialog = await warned;
  expect(dialog.type()).toBe('beforeunload');
  await dialog.dismiss();
  back(context);
  await saved(page);
  await expect(page.getByText('This browser keeps nothing for this page')).toHaveCount(0);
});

test('a browser whose storage is turned off shows every page all the same', async ({ page, request }) => {
  const id = await demoCopy(request, 'Turned off');
  await page.addInitScript(() => {
    for (const name of ['localStorage', 'sessionStorage'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('denied', 'SecurityError');
        },
      });
  });
  await page.goto('/');
  await page.getByRole('link', { name: /Turned off/ }).click();
  await expect(page).toHaveURL(new RegExp(`/jobs/${id}`));
  await expect(answer(page)).toContainText('Both parts');
  await type(page, 'Opening limit', '64');
  await expect(stages(page)).toContainText('revision 2');
  for (const path of [`/jobs/${id}/measure`, `/jobs/${id}/read`, '/hardware', '/keys', '/quick']) {
    await page.goto(path);
    await expect(page.getByRole('heading').first()).toBeVisible();
  }
});
