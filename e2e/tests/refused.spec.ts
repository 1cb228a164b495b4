import { expect, test } from '@playwright/test';
import { answer, demoCopy, onPlan, type } from './demo';

/** A number that is refused is never taken for one that is in force. */
test('quick start: what is in force stands beside what is refused, which is taken once another number lets it', async ({
  page,
}) => {
  await page.goto('/quick/sliding-top');
  await expect(answer(page)).toContainText('so next');
  const numbers = page.getByRole('region', { name: 'Numbers' });
  const travel = page.getByRole('textbox', { name: 'Slides by' });
  await type(page, 'Slides by', '1050');
  await expect(numbers.getByRole('alert')).toContainText('So far out nothing is left of the cleats');
  await expect(numbers).toContainText('in force 350');
  await expect(travel).toHaveAccessibleDescription(/in force 350.*So far out/);
  await expect(travel).toHaveValue('1050');

  await type(page, 'Width of the cubby', '1600');
  await expect(numbers.getByRole('alert')).toHaveCount(0);
  await expect(travel).toHaveValue('1050');
  await expect(numbers).not.toContainText('in force');
  // It is in force now: the number that made it possible cannot be taken back past it.
  await type(page, 'Width of the cubby', '800');
  await expect(numbers).toContainText('in force 1600');
});

test('quick start: no job is made past a refused number without saying so', async ({ page }) => {
  await page.goto('/quick/sliding-top');
  await expect(answer(page)).toContainText('so next');
  await type(page, 'Slides by', '1050');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  const said = page.getByRole('alert').filter({ hasText: 'Slides by was refused at 1050' });
  await expect(said).toContainText('350 mm is in force. The job would be made with what is in force.');
  await expect(page).toHaveURL(/\/quick\/sliding-top$/);
  await page.getByRole('button', { name: 'Make it as in force' }).click();
  await expect(page).toHaveURL(/\/jobs\//);
  await page
    .getByRole('button', { name: /Plan|Card/ })
    .first()
    .waitFor();
  const id = /jobs\/([^/]+)/.exec(page.url())![1]!;
  const { plan } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
    plan: { parts: { travel: { mm: number } }[] };
  };
  expect(plan.parts[0]!.travel.mm).toBe(350);
});

test('on a card too: the value in force beside it, tried again after an edit elsewhere', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'Refused');
  await page.goto(`/jobs/${id}/plan`);
  await expect(answer(page)).toContainText('Both parts');
  await onPlan(page).getByRole('button', { name: 'Locker leaf', exact: true }).click();
  // A handle so high needs a longer bar to stand on the leaf, or to begin lower.
  const height = page.getByRole('textbox', { name: 'Height', exact: true });
  const before = await height.inputValue();
  await type(page, 'Height', '900');
  await expect(page.getByRole('alert')).toContainText('The handle would stand off the leaf.');
  await expect(page.getByText(`in force ${before}`)).toBeVisible();
  await type(page, 'From the foot', '100');
  await expect(page.getByText(/^in force /)).toHaveCount(0);
  await expect(height).toHaveValue('900');
  await type(page, 'Height', '5000');
  await expect(page.getByText('in force 900')).toBeVisible();
  await height.press('Escape');
  await expect(page.getByText(/^in force /)).toHaveCount(0);
  await expect(height).toHaveValue('900');
});
