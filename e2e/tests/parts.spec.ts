import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { answer, demoCopy, onPlan, saved, type } from './demo';

const toCut = (page: Page) => page.getByRole('region', { name: 'To cut' });
const card = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

/** The plan as the database has it. */
async function planOf(page: Page, id: string) {
  const { plan } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
    plan: {
      carcasses: { bay: { split?: { bays: { take: string; size?: { mm: number } }[] } } }[];
      parts: { family: string; mount: { bay: string }; limit?: number }[];
      hardware: { id: string }[];
    };
  };
  return plan;
}
const jobId = (page: Page) => /jobs\/([0-9a-f-]+)/.exec(page.url())![1]!;

/** Take hold of something and let it go so far off, px. */
async function drag(page: Page, x: number, y: number, dx: number, dy: number): Promise<void> {
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + dx / 2, y + dy / 2, { steps: 4 });
  await page.mouse.move(x + dx, y + dy, { steps: 4 });
  await page.mouse.up();
}

test('a wardrobe pair beside the room door, by mouse, from the quick start to its sizes', async ({
  page,
}) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A pair beside the room door/ }).click();
  // 1000 less half a gap at either side and one between: (1000 - 3 - 3) / 2; 2100 less plinth and the same: 2007.
  await expect(toCut(page)).toContainText('2007 × 497 × 18 mm');
  const width = page.getByLabel('Width of the wardrobe', { exact: true });
  await width.click();
  await width.fill('1100');
  await page.getByLabel('From the wardrobe to the room door', { exact: true }).click();
  await expect(toCut(page)).toContainText('2007 × 547 × 18 mm');
  await page.getByLabel('From the wardrobe to the room door', { exact: true }).fill('40');
  await width.click();
  // So near, the room door's handle comes to the leaves; farther off it does not.
  await expect(answer(page)).toContainText(
    'the handle of the room door touches the right leaf of the wardrobe pair at',
  );
  await page.getByLabel('From the wardrobe to the room door', { exact: true }).fill('150');
  await width.click();
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await expect(answer(page)).toContainText('measure how thick the birch plywood 18 mm is before you cut');

  // Split it, and move the upright by hand in the front view.
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).click();
  await onPlan(page).getByRole('button', { name: 'Wardrobe', exact: true }).click();
  await card(page, 'Wardrobe').getByLabel('Split').first().selectOption('2 side by side');
  await page.getByRole('button', { name: 'Plan: change this pane' }).click();
  await page.getByRole('menuitem', { name: 'Front', exact: true }).click();
  await expect(page.getByRole('menu')).toHaveCount(0);
  const grip = page.getByRole('button', {
    name: 'Upright 1 of Wardrobe: drag it, or shift it with the arrow keys',
  });
  // Once the view stands still.
  await grip.hover();
  const box = (await grip.boundingBox())!;
  await drag(page, box.x + box.width / 2, box.y + box.height / 2, 30, 0);
  await expect(page.getByRole('button', { name: /^Undo: Move upright 1 of Wardrobe/ })).toBeVisible();
  const bays = async () => (await planOf(page, jobId(page))).carcasses[0]!.bay.split!.bays;
  await expect.poll(async () => (await bays()).map(({ take }) => take)).toEqual(['fixed', 'rest']);
  // Seen from before it, right on the sheet is right in the carcass: the first bay has grown past its half of 523.
  expect((await bays())[0]!.size!.mm).toBeGreaterThan(530);
  // A loose shelf in the second bay, and all of it in the parts list with its sum.
  await page.getByRole('button', { name: 'Hang on it' }).click();
  await page.getByRole('menuitem', { name: 'A shelf' }).nth(2).click();
  await page.getByRole('navigation').getByRole('link', { name: /^Make/ }).click();
  const pieces = page.getByRole('table', { name: 'Pieces of Wardrobe' });
  await expect(pieces.getByRole('row', { name: /^Wardrobe pair, left/ })).toContainText('547');
  await pieces.getByRole('button', { name: 'Wardrobe shelf' }).click();
  await expect(page.getByRole('region', { name: 'Wardrobe shelf' }).last()).toContainText(
    'less than its opening',
  );
  // The list for people, and every piece with its works for machines.
  for (const [table, file, head] of [
    ['Parts list', /parts\.csv$/, 'item,'],
    ['Every piece', /pieces\.csv$/, 'piece,of,name,is,'],
    ['Every work', /works\.csv$/, 'piece,work,kind,side,'],
  ] as const) {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as CSV' }).click();
    await page.getByRole('menuitem', { name: table }).click();
    expect((await download).suggestedFilename()).toMatch(file);
    const text = readFileSync(await (await download).path(), 'utf8');
    expect(text.startsWith(head)).toBe(true);
    const rows = text.trim().split('\n');
    expect(rows.length).toBeGreaterThan(5);
    // A shelf on pins has nothing worked into it.
    const shelf = rows.filter((row) => row.includes('Wardrobe shelf')).length;
    expect(shelf > 0).toBe(table !== 'Every work');
  }
});

test('a wall cupboard by keyboard in inches, and what cannot be is told with what would do', async ({
  page,
}) => {
  await page.goto('/quick');
  const press = async (name: string | RegExp, role: 'link' | 'button') => {
    await page.getByRole(role, { name }).press('Enter');
  };
  await press(/A wall cupboard (?!whose)/, 'link');
  await expect(page).toHaveURL(/wall-cupboard/);
  await press('In inches', 'button');
  await expect(page.getByRole('button', { name: 'In mm' })).toBeVisible();
  await type(page, 'Width', '36');
  await type(page, 'Height', '28 - 1/2');
  await type(page, 'Its bottom above the floor', '4\' 6"');
  // 36 in less 3 mm round and 3 mm between: 454.2 mm, a hair over 17 7/8; 27 1/2 in less 3 mm: 27 3/8 and a hair.
  await expect(toCut(page)).toContainText(/27\s*3\/8\+/);
  await expect(toCut(page)).toContainText(/17\s*7\/8\+/);
  await press('Make it a job', 'button');
  await expect(page).toHaveURL(/\/check$/);
  await expect(page.locator('[aria-label="Travel strips"][aria-busy="false"]')).toBeVisible();
  // What would mend it comes a moment after the answer.
  await expect(answer(page)).toContainText('so next, stop it at 91°');
  const stands = await answer(page).innerText();

  // The hinge's own end, and an overlay wider than its side: the sentence names what would do, and all stays as it was.
  await page.getByRole('slider', { name: 'Travel of Cupboard pair, left' }).focus();
  await type(page, 'Opening limit', '130');
  await expect(page.getByRole('alert')).toHaveText(
    'The hinges open no farther than 110°. At most 110 will do.',
  );
  await expect(page.getByRole('group', { name: 'What would do' })).toContainText('Make it 110');
  await page.keyboard.press('Escape');
  await press(/^Plan/, 'link');
  await expect(page.getByRole('tab', { name: 'Numbers' })).toBeVisible();
  await page.getByLabel('Fit', { exact: true }).focus();
  await page.getByLabel('Fit', { exact: true }).selectOption('overlay');
  await type(page, 'Top overlay', '1');
  await expect(page.getByRole('alert')).toHaveText(
    'The overlay of 1 in at the top is wider than what it lies on. At most 11/16 in will do.',
  );
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await press(/^Check/, 'link');
  await expect(answer(page)).toHaveText(stands);
  await saved(page);
  expect((await planOf(page, jobId(page))).parts[0]!.limit).toBe(105);
});

test('hardware from a file lies in the drawer, comes first on the card, and is copied into the job that takes it', async ({
  page,
  request,
}) => {
  await page.goto('/hardware');
  await page.getByLabel('As a file, file', { exact: true }).setInputFiles({
    name: 'drawer.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'id,name,kind,in drawer,confirmed,opens,knuckle\nbrass-butt,Brass butt,butt hinge,6,yes,180,8\nbad,Bad,butt hinge,many,,,\nbig,Big,butt hinge,1,,900,\n',
    ),
  });
  const rows = page.getByRole('list', { name: 'Rows that cannot be taken' });
  await expect(rows).toContainText('Row 3: How many are in the drawer must be a whole number, not “many”.');
  await expect(rows).toContainText('Row 4: “Opens to” must be between 30 and 355.');
  await page.getByRole('button', { name: 'Put in 1 pieces' }).click();
  await expect(page.getByRole('button', { name: /Brass butt/ }).first()).toBeVisible();

  const id = await demoCopy(request, 'Hardware');
  await page.goto(`/jobs/${id}/plan`);
  await onPlan(page).getByRole('button', { name: 'Locker leaf', exact: true }).click();
  const which = page.getByLabel('Which', { exact: true });
  await expect(which.locator('option').first()).toHaveText('Brass butt, 6 in the drawer');
  await which.selectOption('Brass butt, 6 in the drawer');
  await saved(page);
  expect((await planOf(page, id)).hardware.map((one) => one.id)).toEqual(['brass-butt']);
  await page.getByRole('tab', { name: 'Hardware' }).click();
  await expect(page.getByRole('list', { name: 'Hardware the job takes' })).toContainText('6 in the drawer');
  // What is taken out of the drawer stays in the job.
  await page.goto('/hardware');
  await page.getByRole('button', { name: 'Take out Brass butt' }).click();
  await expect(page.getByText('The drawer is empty.')).toBeVisible();
  expect((await planOf(page, id)).hardware.map((one) => one.id)).toEqual(['brass-butt']);
});
