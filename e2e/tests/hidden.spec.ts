import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { answer, makeJob, saved } from './demo';

const BOAT = JSON.parse(
  readFileSync(new URL('../../demo/sedge-wren.json', import.meta.url), 'utf8'),
) as object;

const answered = (page: Page) =>
  expect(page.locator('[aria-label="Travel strips"][aria-busy="false"]')).toBeVisible();
const told = (page: Page) => page.getByRole('list', { name: 'What its numbers tell' });

async function enter(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.focus();
  await field.fill(text);
  await page.keyboard.press('Enter');
}

/** What rides on a door has no strip of its own: it is found by its name. */
async function find(page: Page, name: string): Promise<void> {
  await page.keyboard.press('w');
  await page.getByRole('combobox', { name: 'What to find' }).fill(name);
  await page.keyboard.press('Enter');
}

test('from a door that is there to a hidden one that clears, with its flap before it and what is seen past it', async ({
  page,
}) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A shelf case on a door that is there/ }).click();
  await answered(page);
  // Deeper than the room beside the hinges leaves: the wall stands in its way, and a shallower one clears.
  await enter(page, 'Depth of the case', '220');
  await expect(answer(page)).toContainText('touches the east wall');
  await enter(page, 'Depth of the case', '120');
  await expect(answer(page)).not.toContainText('touches');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).click();
  await find(page, 'Shelf case');
  await expect(told(page)).toContainText('brackets hold it to the leaf');
  await expect(told(page)).toContainText(
    'Who stands before it sees nothing of what is behind the shelf case while it is shut',
  );

  // A flap over the joint beside its hinges: it opens first.
  await page.getByRole('button', { name: 'Fix to a wall' }).click();
  await page.getByRole('menuitem', { name: 'A cover flap beside one' }).click();
  await enter(page, 'Opening, wide', '135');
  await enter(page, 'Along the wall from its left', '2');
  await enter(page, 'Its face before the wall', '120');
  await enter(page, 'Opens to its stop', '90');
  await answered(page);
  // Shut it would stand in the door's way; told that it covers that, the door waits for it.
  await page.getByLabel('It covers the hinge side of', { exact: true }).selectOption('Shelf case');
  await answered(page);
  await expect(answer(page)).not.toContainText('touches');
  await expect(told(page)).toContainText('whoever is within opens it first, then the door that it covers');
  await expect(page.getByRole('slider', { name: 'Travel of Hidden door' })).toBeVisible();
  await saved(page);
});

test('what to shut before a boat moves is listed in order, and printed', async ({ page, request }) => {
  const id = await makeJob(request, BOAT);
  await page.goto(`/jobs/${id}`);
  await answered(page);
  await page.getByRole('navigation').getByRole('link', { name: /^Make/ }).click();
  const list = page.getByRole('region', { name: 'Before you move' });
  await expect(list).toContainText('Shut the stores tray, and fasten its roller catch, 30 N.');
  await expect(list).toContainText('Belts are free');
  await page.emulateMedia({ media: 'print' });
  await expect(list).toBeVisible();
});
