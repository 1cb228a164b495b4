import { expect, test, type Page } from '@playwright/test';
import { answer, saved, type } from './demo';

const answered = (page: Page) =>
  expect(page.locator('[aria-label="Travel strips"][aria-busy="false"]')).toBeVisible();
const struts = (page: Page) => page.getByRole('region', { name: 'Struts that do it' });
const days = (page: Page) => page.getByRole('table', { name: 'What happens if' });
const row = (page: Page, name: RegExp) => days(page).getByRole('row', { name });

/** A force as the table says it, N. */
async function force(page: Page, name: RegExp, column: number): Promise<number> {
  const text = await row(page, name).getByRole('cell').nth(column).innerText();
  return Number(/[\d.]+/.exec(text)![0]);
}

test('a bench lid in margins before a leaning back, by mouse from the deck to its struts, and other days read from the card', async ({
  page,
}) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A bench lid before a leaning back/ }).click();
  // 1100 - 2 x 60 - 2 x 3, and 500 + 20 - 60 - 3.
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('974 × 457 × 18 mm');
  await expect(page.getByRole('status')).toContainText(
    'The cushion of the bench lid touches the back strip of the bench lid at 94°',
  );
  // A strip as wide as the note of the least says clears both.
  await type(page, 'Back strip before it', '90');
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText('974 × 427 × 18 mm');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).click();
  await page.getByRole('slider', { name: 'Travel of Bench lid' }).click();
  await page.getByRole('tab', { name: 'Forces' }).click();
  await expect(page.getByRole('img', { name: /^Force on Bench lid/ })).toBeVisible();
  const bare = await force(page, /^On a usual day/, 0);
  expect(bare).toBeGreaterThan(20);

  // The chart has the strip's own rider: pressed half way along, the lid stands there.
  const chart = page.getByRole('img', { name: /^Force on Bench lid/ });
  const box = (await chart.boundingBox())!;
  await page.mouse.click(box.x + 40 + (box.width - 54) / 2, box.y + 100);
  await expect(page.getByRole('slider', { name: 'Travel of Bench lid' })).toHaveAttribute(
    'aria-valuetext',
    /4[5-9]/,
  );
  await expect(page.getByRole('region', { name: 'Forces' })).toContainText(
    /At 4[5-9][\d.]*°, on a usual day \(20 °C\): .* to lift it/,
  );

  await struts(page).getByRole('button', { name: 'Find struts' }).click();
  const kinds = struts(page).getByRole('list', { name: 'Kinds of answer' }).getByRole('listitem');
  await expect(kinds).toHaveCount(5, { timeout: 20_000 });
  await expect(struts(page)).toContainText('38 struts at');
  const two = kinds.filter({ hasText: /^Two of gas strut/ }).first();
  await two.getByRole('button', { name: /^Try it/ }).click();
  await expect(answer(page)).toContainText(
    'Tried on the sheet, nothing is changed yet: fit two of gas strut',
  );
  await two.getByRole('button', { name: /^Take it/ }).click();
  await answered(page);
  await expect(row(page, /^With one strut failed/)).toBeVisible();

  // Read from the card: a cold day, a warm one, and one strut failed.
  const [cold, warm, failed] = await Promise.all(
    [/^On a cold day/, /^On a warm day/, /^With one strut failed/].map((name) => force(page, name, 0)),
  );
  expect(cold!).toBeGreaterThanOrEqual(warm!);
  expect(failed!).toBeGreaterThan(cold!);
  await row(page, /^With one strut failed/)
    .getByRole('button')
    .click();
  await expect(page.getByRole('region', { name: 'Forces' })).toContainText('with one strut failed: ');
  await saved(page);
});

test('a lift-up door by keyboard in inches: reached, headroom told, its struts found and what cannot be is refused', async ({
  page,
}) => {
  await page.goto('/quick/lift-up');
  await page.getByRole('button', { name: 'In inches' }).focus();
  await page.keyboard.press('Enter');
  const field = page.getByLabel('Width', { exact: true });
  await field.focus();
  await field.fill('30');
  await page.keyboard.press('Enter');
  await page.getByLabel('Its bottom above the floor', { exact: true }).fill('54');
  await page.keyboard.press('Enter');
  // 30 less two sides of 18 mm, with even gaps of 3 mm over both: 30 - 3 mm.
  await expect(page.getByRole('region', { name: 'To cut' })).toContainText(/29\s*7\/8/);
  await page.getByRole('button', { name: 'Make it a job' }).focus();
  await page.keyboard.press('Enter');
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).focus();
  await page.keyboard.press('Enter');
  const rider = page.getByRole('slider', { name: 'Travel of Lift-up door' });
  // The stage may still be on its way in.
  await expect(async () => {
    await rider.focus();
    await page.keyboard.press('End');
    await expect(rider).toHaveAttribute('aria-valuetext', /98°/, { timeout: 1000 });
  }).toPass();
  await expect(page.getByRole('list', { name: 'What its numbers tell' })).toContainText(
    /Open it reaches 11 11\/16\S* in above where its head is shut/,
  );
  await page.getByRole('tab', { name: 'Numbers' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(days(page)).toContainText('lbf');
  const most = page.getByLabel('A hand gives at most, lbf');
  await most.focus();
  await most.fill('nothing');
  await page.keyboard.press('Enter');
  await expect(struts(page).getByRole('alert')).toBeVisible();
  await most.fill('6');
  await page.keyboard.press('Enter');
  await struts(page).getByRole('button', { name: 'Find struts' }).focus();
  await page.keyboard.press('Enter');
  const kinds = struts(page).getByRole('list', { name: 'Kinds of answer' }).getByRole('listitem');
  await expect(kinds.first()).toBeVisible({ timeout: 20_000 });
  await kinds
    .first()
    .getByRole('button', { name: /^Take it/ })
    .focus();
  await page.keyboard.press('Enter');
  await answered(page);
  await expect(answer(page)).not.toContainText('does not stay open');

  // A strut that is longer shut than the room for it, with the number that would do.
  await page.getByRole('tab', { name: 'Numbers' }).focus();
  await page.keyboard.press('Enter');
  const help = page.getByRole('region', { name: 'Help' });
  for (const label of ['On the case, in from the leaf', 'On the case, from the axis']) {
    await help.getByLabel(label).focus();
    await help.getByLabel(label).fill('0');
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('alert').first()).toContainText(
    /The strut is .* long pressed in wholly, and shut there are/,
  );
});
