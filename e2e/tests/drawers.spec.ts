import { expect, test, type Page } from '@playwright/test';
import { answer, onPlan, saved, type, mend } from './demo';

const toCut = (page: Page) => page.getByRole('region', { name: 'To cut' });
const card = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const stage = (page: Page, name: RegExp) => page.getByRole('navigation').getByRole('link', { name }).click();
/** Selects a part on the plan, though others may lie over it there. */
const pick = (page: Page, name: string) =>
  onPlan(page).getByRole('button', { name, exact: true }).last().press('Enter');
/** Once every answer on the page is of the plan as it is. */
const answered = (page: Page) =>
  expect(page.locator('[aria-label="Travel strips"][aria-busy="false"]')).toBeVisible();

test('a tower of three drawers behind a door, by mouse, from the quick start to its sizes', async ({
  page,
}) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /Drawers behind a door/ }).click();
  // With usual numbers the boxes stand in the hinges, and it says by how much to pack them out.
  await expect(answer(page)).toContainText('inside a hinge plate of the tower door when shut');
  await expect(answer(page)).toContainText('pack out what it runs on by');
  const aside = page.getByLabel('Kept clear at the hinges', { exact: true });
  await aside.click();
  await aside.fill('40');
  await page.getByLabel('Depth of the carcass', { exact: true }).click();
  await expect(answer(page)).not.toContainText('inside a hinge plate');
  // 600 - 2 x 18 - 40 - 2 x 12.7 = 498.6, less two sides of 12: ends of 474.6.
  await expect(toCut(page)).toContainText('474.6');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  // It waits for its door: the map of the two says so.
  await page.getByRole('slider', { name: 'Travel of Tower drawers, 2' }).click();
  await expect(page.getByText(/Open Tower door first, then Tower drawers, 2/).first()).toBeVisible();

  // Graduated, and what does not fit is told with what would do while all stays as it was.
  await stage(page, /^Plan/);
  await pick(page, 'Tower drawers, 1');
  const own = card(page, 'Tower drawers');
  await own.getByLabel('Heights', { exact: true }).selectOption('graduated');
  const step = own.getByLabel('Each lower than the one beneath by', { exact: true });
  await step.click();
  await step.fill('400');
  await step.press('Enter');
  await expect(own.getByRole('alert')).toContainText(
    'The topmost front would be 0 mm high. Steps of at most',
  );
  await step.press('Escape');
  await stage(page, /^Make/);
  const pieces = page.getByRole('table', { name: 'Pieces of Tower' });
  await expect(pieces.getByRole('row', { name: /^Tower drawers box, end/ }).first()).toContainText('474.6');
  await pieces.getByRole('button', { name: 'Tower drawers box, end' }).first().click();
  await expect(page.getByRole('region', { name: 'Tower drawers box, end' }).first()).toContainText('slides');
  await expect(page.getByText(/Side slides .*: 500 mm/)).toBeVisible();
});

test('the same tower by keyboard, in inches', async ({ page }) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /Drawers behind a door/ }).press('Enter');
  await expect(page).toHaveURL(/tower-behind-door/);
  await page.getByRole('button', { name: 'In inches' }).press('Enter');
  await expect(page.getByRole('button', { name: 'In mm' })).toBeVisible();
  await type(page, 'Width of the carcass', '20 7/8');
  await type(page, 'Kept clear at the hinges', '1 1/2');
  await type(page, 'Depth of the carcass', '22');
  // 20 7/8 less two sides of 18 mm, 1 1/2 and 1 in of slides: 16.958 in, less sides of 12 mm: 16.013 in.
  await expect(toCut(page)).toContainText(/16(\s*0)?\+? /);
  await page.getByRole('button', { name: 'Make it a job' }).press('Enter');
  await expect(page).toHaveURL(/\/check$/);
  await answered(page);
  await page.getByRole('link', { name: /^Plan/ }).press('Enter');
  await pick(page, 'Tower drawers, 1');
  const stands = await answer(page).innerText();
  // A slide longer than the depth.
  await type(page, 'Length', '700 mm');
  await expect(page.getByRole('alert').first()).toContainText(
    /is longer than the clear depth of .* is the longest that fits\./,
  );
  await page.keyboard.press('Escape');
  await expect(answer(page)).toHaveText(stands);
});

test('four panels on three tracks: every clear opening is read, and shown on the sheet', async ({ page }) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /^.*Sliding panels/ }).click();
  await expect(toCut(page)).toContainText('430');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  const openings = page.getByRole('region', { name: 'Clear openings' });
  await expect(openings.getByRole('row')).toHaveCount(6);
  await expect(openings.getByRole('row').nth(1)).toContainText('0 to 740');
  await expect(openings.getByRole('row').nth(2)).toContainText('430 to 1170');
  await openings.getByRole('row').nth(1).getByRole('button', { name: 'Show' }).click();
  // The first goes right until the fourth, which shares its track, stops it.
  await expect(page.getByRole('slider', { name: 'Travel of Panels, 1' })).toHaveAttribute(
    'aria-valuetext',
    /740/,
  );
  await expect(page.getByRole('slider', { name: 'Travel of Panels, 2 right' })).toHaveAttribute(
    'aria-valuetext',
    /780/,
  );

  // Panels too narrow for the run are refused with what would do.
  await stage(page, /^Plan/);
  await pick(page, 'Panels, 1');
  const width = page.getByLabel('Width given', { exact: true });
  await width.click();
  await width.fill('380');
  await width.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText(
    'The panels cannot cover the run: 80 mm stays open. At least 400 mm wide will do.',
  );
  await width.press('Escape');
  await stage(page, /^Check/);
  await expect(openings.getByRole('row').nth(1)).toContainText('0 to 740');
});

test('a pull-out is raised over a lip until it clears', async ({ page }) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A tray over a lip/ }).click();
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await expect(answer(page)).toContainText('The tray touches the lip at 10 mm');
  await expect(answer(page)).toContainText('raise it to 62 mm above the foot of its place');
  // What is offered mends it.
  await mend(page, 'raise it to 62 mm above the foot of its place');
  await expect(answer(page)).not.toContainText('touches the lip');
  await saved(page);
  // And by hand, a hair too low.
  await stage(page, /^Plan/);
  await pick(page, 'Tray');
  const under = page.getByLabel('Free beneath it', { exact: true });
  await expect(under).toHaveValue('62');
  await under.click();
  await under.fill('50');
  await under.press('Enter');
  await expect(answer(page)).toContainText('touches the lip');
});

test('a bin pull-out is fitted to its bins', async ({ page }) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A bin pull-out/ }).click();
  await expect(toCut(page)).toContainText('board for bins');
  const mouth = page.getByLabel('Mouth of a bin, wide', { exact: true });
  await mouth.click();
  await mouth.fill('230');
  await page.getByLabel('Height of a bin', { exact: true }).click();
  // 500 - 36 - 25.4 - 24 = 414.6 for two of 230.
  await expect(page.getByRole('alert').first()).toContainText(
    'The contents take 460 mm side by side, and the box has 414.6 mm: it must be 45.4 mm wider, or hold fewer.',
  );
  await mouth.click();
  await mouth.fill('205');
  await page.getByLabel('Height of a bin', { exact: true }).click();
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await stage(page, /^Plan/);
  await pick(page, 'Bin pull-out');
  await page.getByLabel('It opens', { exact: true }).selectOption('has a lid');
  await expect(page.getByRole('slider', { name: /^Travel of Lid of Bin 1, drawn out/ })).toBeVisible();
  await stage(page, /^Make/);
  await expect(page.getByText(/2 cut-outs for Bin, 189 mm by 284 mm, right through: 9.5 mm/)).toBeVisible();
});

test('a tall pull-out holds a bottle on every tier, and sways by the play of its slides', async ({
  page,
}) => {
  await page.goto('/quick/tall-pull-out');
  // 1729 of height less 4 shelves of 12: 420.25 from one to the next, less what it wants above it.
  const bottle = page.getByLabel('Tallest bottle', { exact: true });
  await bottle.click();
  await bottle.fill('430');
  await page.getByLabel('Tiers', { exact: true }).click();
  await expect(page.getByRole('alert').first()).toContainText(
    '“Tallest bottle” wants 440 mm of height with the air above it, and there are 420.2 mm.',
  );
  await bottle.click();
  await bottle.fill('400');
  await page.getByLabel('Tiers', { exact: true }).click();
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await expect(card(page, 'Tall pull-out')).toContainText('its top sways');
  await stage(page, /^Plan/);
  await pick(page, 'Tall pull-out');
  // One tier fewer than the topmost bottle stands on.
  await type(page, 'Tiers', '3');
  await expect(page.getByRole('alert').first()).toContainText(
    '“Tallest bottle” stands on tier 4, and there are 3. At most 3 will do.',
  );
  await page.keyboard.press('Escape');
  await stage(page, /^Make/);
  await expect(page.getByRole('row', { name: /Tall pull-out box, shelf/ }).first()).toContainText('4');
});

test('a hung panel wants wall beside it, and a sliding top stops at the one it meets', async ({ page }) => {
  await page.goto('/quick/hung-panel');
  await expect(answer(page)).toContainText('touches the west wall');
  // 900 - 36 clear, 30 over each side: a panel of 924 that goes 894; with 10 kept from the wall 904 will do.
  const wall = page.getByLabel('From the wall it goes to', { exact: true });
  await wall.click();
  await wall.fill('890');
  await page.getByLabel('Over its sides', { exact: true }).click();
  await expect(answer(page)).toContainText('touches the west wall');
  await wall.click();
  await wall.fill('930');
  await page.getByLabel('Over its sides', { exact: true }).click();
  await expect(answer(page)).not.toContainText('touches the west wall');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  const openings = page.getByRole('region', { name: 'Clear openings' });
  await openings.getByRole('button', { name: 'Show' }).click();
  await expect(page.getByRole('slider', { name: 'Travel of Panel' })).toHaveAttribute(
    'aria-valuetext',
    /894/,
  );

  await page.goto('/quick/sliding-top');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await expect(answer(page)).toContainText(
    'The sliding top touches the west wall at 300 mm, so next, stop it at 290 mm',
  );
  await mend(page, 'stop it at 290 mm');
  await expect(answer(page)).not.toContainText('touches the west wall');
  await saved(page);
});
