import { expect, test, type Page } from '@playwright/test';
import { answer, saved } from './demo';

const answered = (page: Page) =>
  expect(page.locator('[aria-label="Travel strips"][aria-busy="false"]')).toBeVisible();
const struts = (page: Page) => page.getByRole('region', { name: 'Struts that do it' });
const kinds = (page: Page) =>
  struts(page).getByRole('list', { name: 'Kinds of answer' }).getByRole('listitem');
const toCut = (page: Page) => page.getByRole('region', { name: 'To cut' });
const told = (page: Page) => page.getByRole('list', { name: 'What its numbers tell' });

/** A job to add to: a folding platform in its room, under Plan. */
async function planAPlatform(page: Page): Promise<void> {
  await page.goto('/quick/folding-platform');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).click();
}

/** What a person does, each press of the mouse and each key for itself. */
class Presses {
  count = 0;

  constructor(private readonly page: Page) {}

  async click(role: 'link' | 'button' | 'tab', name: string | RegExp): Promise<void> {
    this.count += 1;
    await this.page.getByRole(role, { name }).first().click();
  }

  async type(label: string, text: string): Promise<void> {
    this.count += 1 + text.length + 1;
    const field = this.page.getByLabel(label, { exact: true });
    await field.click();
    await field.fill(text);
    await this.page.keyboard.press('Enter');
  }
}

test('from a mattress to a bunk that clears the roof slope, its struts chosen, in under thirty presses', async ({
  page,
}) => {
  const by = new Presses(page);
  await page.goto('/quick');
  await by.click('link', /A bunk that folds up on its side under a slope/);
  await answered(page);
  // The knee wall as it is: the cabinet's head stands in the slope over it.
  await by.type('Knee wall behind it, high', '880');
  await expect(answer(page)).toContainText('slope');
  await expect(answer(page)).not.toContainText('clears');
  await by.type('Mattress, wide', '650');
  await expect(toCut(page)).toContainText('Bunk, platform');
  await by.click('button', 'Make it a job');
  await answered(page);
  await expect(answer(page)).not.toContainText('slope');
  await by.click('link', /^Plan/);
  by.count += 1;
  await page.getByRole('slider', { name: 'Travel of Bunk' }).click();
  await by.click('tab', 'Forces');
  await expect(page.getByRole('img', { name: /^Force on Bunk/ })).toBeVisible();
  await by.click('button', 'Find struts');
  await expect(kinds(page).first()).toBeVisible({ timeout: 30_000 });
  by.count += 1;
  await kinds(page)
    .first()
    .getByRole('button', { name: /^Take it/ })
    .click();
  await answered(page);
  await saved(page);
  expect(by.count).toBeLessThan(30);

  // What was chosen is told: a hand's force no more than is given with ease, and what another mattress would do.
  await page.getByRole('tab', { name: 'Numbers' }).click();
  await expect(told(page)).toContainText(/It comes down to 90°, as far as was wanted, onto its legs/);
  await expect(told(page)).toContainText(/Struts go in at their longest, with the bed/);
  await page.getByRole('tab', { name: 'Forces' }).click();
  const days = page.getByRole('table', { name: 'What happens if' });
  await expect(days.getByRole('row', { name: /^With a mattress half as heavy again/ })).toBeVisible();
  await expect(days.getByRole('row', { name: /^Without its mattress/ })).toBeVisible();
});

test('a folding platform by keyboard: its leaves, what its stack meets, and what cannot be is told with what would do', async ({
  page,
}) => {
  await page.goto('/quick/folding-platform');
  await answered(page);
  const enter = async (label: string, text: string) => {
    const field = page.getByLabel(label, { exact: true });
    await field.focus();
    await field.fill(text);
    await page.keyboard.press('Enter');
  };
  // (1500 - 15 - 2 x 6) / 3, and legs as long as the seat is high.
  await enter('Flat, from back to front', '1500');
  await expect(toCut(page)).toContainText('900 × 491 × 18 mm');
  await expect(toCut(page)).toContainText('400 × 45 × 18 mm');
  await page.getByRole('button', { name: 'Make it a job' }).focus();
  await page.keyboard.press('Enter');
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).focus();
  await page.keyboard.press('Enter');
  const rider = page.getByRole('slider', { name: 'Travel of Platform' });
  await expect(async () => {
    await rider.focus();
    await page.keyboard.press('End');
    await expect(rider).toHaveAttribute('aria-valuetext', /180°/, { timeout: 1000 });
  }).toPass();
  await page.locator('[data-part="platform"]').first().press('Enter');
  await expect(told(page)).toContainText('Folded the stack is 84 mm thick, 3 leaves of 18 mm');
  // With less room than it takes it stands proud; the room is given back.
  await enter('Room for the stack', '80');
  await expect(told(page)).toContainText('Folded the stack stands 4 mm proud');
  await enter('Room for the stack', '90');
  await expect(told(page)).toContainText('Folded the stack is 84 mm thick');
  // A gap that its hinge would bind in is refused, and stays in its field.
  const gap = page.getByLabel('Between leaves', { exact: true });
  await enter('Between leaves', '3');
  await expect(page.getByText(/bind on the knuckle of their hinge\. At least 4\.5 mm/)).toBeVisible();
  await expect(gap).toHaveValue(/3/);
  await enter('Between leaves', '8');
  await expect(told(page)).toContainText('Folded the stack is 88 mm thick');
  await saved(page);
});

test('a table stands on the floor, is dragged there, and its highest is refused with what would do', async ({
  page,
}) => {
  await planAPlatform(page);
  await page.getByRole('button', { name: 'Stand on the floor' }).click();
  await page.getByRole('menuitem', { name: 'A table on a pedestal' }).click();
  await answered(page);
  const west = page.getByLabel('From the west', { exact: true });
  const before = await west.inputValue();
  const sheet = page.getByRole('group', { name: /^Plan / });
  const table = sheet.locator('[data-part="lift-table-1"]').first();
  const box = (await table.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2 - 30, { steps: 8 });
  await page.mouse.up();
  await answered(page);
  await expect(west).not.toHaveValue(before);
  const high = page.getByLabel('Highest, above the floor', { exact: true });
  await high.fill('1300');
  await high.press('Enter');
  await expect(
    page.getByText(/each held in the next by 80 mm, draw out by 604 mm: at most 1004 mm high will do/),
  ).toBeVisible();
  await high.fill('740');
  await high.press('Enter');
  await answered(page);
  await saved(page);
});

test('a seat that folds down is fixed to a wall, and too few screws are told with how many would do', async ({
  page,
}) => {
  await planAPlatform(page);
  await page.getByRole('button', { name: 'Fix to a wall' }).click();
  await page.getByRole('menuitem', { name: 'A seat that folds down' }).click();
  await answered(page);
  await expect(told(page)).toContainText('Raised it is 440 mm above the floor and 440 mm out from the wall');
  const fixings = page.getByLabel('Fixings', { exact: true });
  await fixings.fill('1');
  await fixings.press('Enter');
  // 120 kg at 440 over 309: 1676 N, and a coach screw holds 800.
  await expect(told(page)).toContainText(/drawn off the wall with 1676 N .* 3 of them would do/);
  await fixings.fill('4');
  await fixings.press('Enter');
  await expect(told(page)).not.toContainText('would do');
  // On another wall of the room it stands there.
  await page.getByLabel('On the wall', { exact: true }).selectOption({ index: 2 });
  await answered(page);
  await saved(page);
});

test('a bed gets a desk that stays level and springs by count, a platform a frame that comes apart', async ({
  page,
}) => {
  const choose = async (label: string, word: string) => {
    await page.getByLabel(label, { exact: true }).selectOption(word);
    await answered(page);
  };
  await page.goto('/quick/fold-up-bed');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).click();
  await page.getByRole('slider', { name: 'Travel of Bed' }).click();
  await choose('A desk on its underside', 'one that stays level');
  await expect(told(page)).toContainText('It stays level as the bed comes down');
  // So far under its hinges that the pins of its bars would be in the bottom.
  const room = page.getByLabel('Room for what stays on it', { exact: true });
  await room.fill('400');
  await room.press('Enter');
  await expect(page.getByText(/pins of its desk’s bars are as far under its pivot as this/)).toBeVisible();
  await room.fill('50');
  await room.press('Enter');
  await choose('A desk on its underside', 'none');
  await choose('Helped by', 'pull springs');
  await choose('Side by side at each place', '3');
  await page.getByRole('tab', { name: 'Forces' }).click();
  const days = page.getByRole('table', { name: 'What happens if' });
  await expect(days.getByRole('row', { name: /^With one spring taken out at either side/ })).toBeVisible();
  await expect(days.getByRole('row', { name: /^With two springs taken out at either side/ })).toBeVisible();
  await saved(page);

  await planAPlatform(page);
  await page.getByRole('slider', { name: 'Travel of Platform' }).click();
  await choose('Lies on', 'a frame that comes apart');
  await expect(told(page)).toContainText(/Its sections come apart by 2 bolts M8 x \d+ at each joint/);
  // Five bearers more to a section leave 68.6 mm beside a bolt.
  const apart = page.getByLabel('Bearers apart, at most', { exact: true });
  await apart.fill('100');
  await apart.press('Enter');
  await expect(told(page)).toContainText(
    /they are not put in: beside the end bearers .* a bolt with a hand wants/,
  );
  await saved(page);
});
