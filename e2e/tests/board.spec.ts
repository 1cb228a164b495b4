import { expect, test } from '@playwright/test';
import { answer, DEMO, demoCopy, mend, onPlan, saved, type } from './demo';

test('the demo job opens from the list with its answer', async ({ page }) => {
  await page.goto('/');
  const job = page.getByRole('link', { name: new RegExp(DEMO) });
  await expect(job).toContainText('Eight parts of eleven stop short');
  await job.click();
  await expect(answer(page)).toContainText(
    'the rack on the left leaf of the medicine pair stands 15 mm inside fixed shelf 1 of the medicine cupboard when shut',
  );
  await expect(page.getByRole('region', { name: 'Travel strips' })).toContainText('hits at 74°');
  await mend(page, 'make what is on its back 59 mm deep');
  await expect(answer(page)).not.toContainText('the rack on the left leaf');
  await expect(onPlan(page).getByRole('button', { name: 'Window sill', exact: true })).toBeVisible();
});

test('what would mend a finding is offered with its cost, tried on the sheet, put back, taken and undone', async ({
  page,
  request,
}) => {
  await page.goto(`/jobs/${await demoCopy(request, 'Offers')}`);
  await page.getByRole('slider', { name: 'Travel of Wardrobe leaf' }).click();
  const ways = page.getByRole('list', { name: 'What would mend it' }).first();
  await expect(ways).toContainText(/Stop it at 9\d°: it opens less far/);
  await ways.getByRole('button', { name: /more way/ }).click();
  expect(await ways.getByRole('button', { name: /^Try it/ }).count()).toBeGreaterThan(1);
  const limit = page.getByRole('textbox', { name: 'Opening limit' });
  await ways.getByRole('button', { name: /^Try it: stop it at/ }).click();
  await expect(answer(page)).toContainText('Tried on the sheet, nothing is changed yet: stop it at');
  await expect(limit).toHaveValue('115');
  await page.getByRole('button', { name: 'Put back', exact: true }).last().click();
  await expect(answer(page)).toContainText('Both parts stop short');
  await ways.getByRole('button', { name: /^Take it: stop it at/ }).click();
  await expect(answer(page)).toContainText('One part of two stops short');
  await expect(limit).not.toHaveValue('115');
  await saved(page);
  await page.getByRole('button', { name: /^Undo: Wardrobe leaf: stop it at/ }).click();
  await expect(answer(page)).toContainText('Both parts stop short');
  await expect(limit).toHaveValue('115');
});

for (const system of ['mm', 'inches'] as const) {
  test(`a hit goes when the opening limit is changed, is kept over a reload, and undo brings it back, in ${system}`, async ({
    page,
    request,
  }) => {
    await page.goto(`/jobs/${await demoCopy(request, `Limit in ${system}`)}`);
    if (system === 'inches') {
      await page.getByRole('button', { name: 'Lengths in mm: change' }).click();
      await page.getByRole('menuitemradio', { name: 'Inches to 1/16', exact: true }).click();
    }
    await page.getByRole('slider', { name: 'Travel of Wardrobe leaf' }).click();
    await expect(page.getByRole('list', { name: 'What it meets' })).toContainText(
      'Touches the roof slope at 93°, 22° short of full travel; pushed on it would go ',
    );

    await type(page, 'Opening limit', '90');
    await expect(page.getByRole('list', { name: 'What it meets' })).toContainText(
      system === 'mm'
        ? 'Clears the roof slope by 22.1 mm at 90°; 10 mm is needed.'
        : 'Clears the roof slope by 7/8- in at 90°; 3/8+ in is needed.',
    );
    await expect(answer(page)).toContainText('One part of two stops short');
    await saved(page);

    await page.reload();
    await expect(answer(page)).toContainText('One part of two stops short');
    await page.getByRole('slider', { name: 'Travel of Wardrobe leaf' }).click();
    await expect(page.getByRole('textbox', { name: 'Opening limit' })).toHaveValue('90');

    await page.getByRole('button', { name: /^Undo: Wardrobe leaf: opening limit/ }).click();
    await expect(answer(page)).toContainText('Both parts stop short');
    await expect(page.getByRole('textbox', { name: 'Opening limit' })).toHaveValue('115');
    await page.getByRole('button', { name: /^Redo/ }).click();
    await expect(answer(page)).toContainText('One part of two stops short');
  });
}

test('a drag along the strip moves the leaf and ties it to what is nearest', async ({ page, request }) => {
  await page.goto(`/jobs/${await demoCopy(request, 'Drag')}`);
  await expect(answer(page)).toContainText('Both parts');
  const leaf = onPlan(page).locator('[data-part="locker-leaf"] polygon').nth(1);
  const shut = await leaf.getAttribute('points');
  const rider = (await page.getByRole('slider', { name: 'Travel of Locker leaf' }).boundingBox())!;
  const start = { x: rider.x + rider.width / 2, y: rider.y + rider.height / 2 };
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  // Two thirds of the strip's 192 px, less a hair.
  await page.mouse.move(start.x + 127, start.y, { steps: 8 });
  await page.mouse.up();
  expect(await leaf.getAttribute('points')).not.toBe(shut);
  await expect(page.getByRole('slider', { name: 'Travel of Locker leaf' })).toHaveAttribute(
    'aria-valuetext',
    /open to 6\d°/,
  );
  await page.getByRole('slider', { name: 'Travel of Locker leaf' }).press('PageUp');
  await expect(onPlan(page).getByTestId('nearest')).toBeVisible();
  await page.getByRole('button', { name: 'Shut all' }).click();
  await expect(leaf).toHaveAttribute('points', shut!);
});

test('arithmetic in a field is kept as typed; what cannot be taken stays with a sentence and changes nothing', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'Numbers');
  await page.goto(`/jobs/${id}/plan`);
  await onPlan(page).getByRole('button', { name: 'Boot locker', exact: true }).click();
  await type(page, 'Width', '600 - 2*18');
  await saved(page);
  await page.reload();
  await onPlan(page).getByRole('button', { name: 'Boot locker', exact: true }).click();
  const width = page.getByLabel('Width', { exact: true });
  await expect(width).toHaveValue('600 - 2*18');
  for (const [text, sentence] of [
    ['0', 'This must be at least 50 mm.'],
    ['-600', 'This must be at least 50 mm.'],
    ['21m', 'This is over 20 m: is the unit right?'],
    ['60o', 'Could not read “o” at character 3.'],
    ['600 -', 'Something is missing at the end.'],
  ] as const) {
    await type(page, 'Width', text);
    await expect(page.getByRole('alert')).toHaveText(sentence);
    await expect(width).toHaveValue(text);
  }
  const { plan } = (await (await request.get(`/api/jobs/${id}`)).json()) as {
    plan: { carcasses: { width: { mm: number } }[] };
  };
  expect(plan.carcasses[0]!.width.mm).toBe(564);
  await width.press('Escape');
  await expect(width).toHaveValue('600 - 2*18');

  await onPlan(page).getByRole('button', { name: 'Locker leaf', exact: true }).click();
  await type(page, 'Hinge gap', '40');
  await expect(page.getByRole('alert')).toContainText(
    'The leaf cannot cover its opening: a gap of 40 mm at the hinge edge stays open.',
  );
});

test('a new job tells where to begin, and answers after one press', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await expect(answer(page)).toContainText('Nothing moves here yet, so next, add a carcass with a door.');
  await page.getByRole('button', { name: 'Add a carcass with a door' }).click();
  await expect(answer(page)).toContainText('The cupboard door opens fully, to 105°');
  await page.getByRole('button', { name: /^Undo: Add Cupboard/ }).click();
  await expect(answer(page)).toContainText('Nothing moves here yet');
});

test('a save over a newer revision loses neither: mine goes on top or becomes a copy', async ({
  page,
  context,
  request,
}) => {
  const id = await demoCopy(request, 'Two windows');
  const other = await context.newPage();
  await page.goto(`/jobs/${id}`);
  await other.goto(`/jobs/${id}`);
  await expect(answer(other)).toContainText('Both parts');
  await type(page, 'Opening limit', '60');
  await saved(page);
  await expect(page.getByRole('navigation')).toContainText('revision 2');
  await type(other, 'Opening limit', '50');
  const dialog = other.getByRole('dialog', { name: 'This job was also changed elsewhere' });
  await expect(dialog).toContainText('Revision 2 was saved there');
  await dialog.getByRole('button', { name: /Put mine on top/ }).click();
  await expect(other.getByRole('navigation')).toContainText('revision 3');
  await expect(other.getByRole('textbox', { name: 'Opening limit' })).toHaveValue('50');

  await type(page, 'Opening limit', '70');
  await page.getByRole('button', { name: 'Keep mine as a copy, show theirs' }).click();
  await page.getByRole('slider', { name: 'Travel of Locker leaf' }).click();
  await expect(page.getByRole('textbox', { name: 'Opening limit' })).toHaveValue('50');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Two windows \(my copy\)/ })).toBeVisible();
});

test('what the server does not take is kept in the browser and saved when it answers again', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'Server away');
  await page.goto(`/jobs/${id}`);
  await expect(answer(page)).toContainText('Both parts');
  await page.route('**/api/jobs/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await type(page, 'Opening limit', '65');
  await expect(page.getByRole('navigation')).toContainText('not saved yet, kept here');
  await page.reload();
  await page.getByRole('slider', { name: 'Travel of Locker leaf' }).click();
  await expect(page.getByRole('textbox', { name: 'Opening limit' })).toHaveValue('65');
  await page.unroute('**/api/jobs/*');
  await expect(page.getByRole('navigation')).toContainText('revision 2', { timeout: 15_000 });
});

test('a plan file that cannot be read is refused by path and sentence; a good one opens', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'From a file');
  const { plan } = (await (await request.get(`/api/jobs/${id}`)).json()) as { plan: { version: number } };
  const file = (name: string, text: string) => ({
    name,
    mimeType: 'application/json',
    buffer: Buffer.from(text),
  });
  await page.goto('/');
  const input = page.getByLabel('Plan file', { exact: true });
  await input.setInputFiles(file('later.json', JSON.stringify({ ...plan, version: 7 })));
  await expect(page.getByRole('alert')).toContainText(
    'later.json, version: This file is of format version 7; this Tarnpass reads up to version 6.',
  );
  await input.setInputFiles(file('broken.json', '{"format":'));
  await expect(page.getByRole('alert')).toContainText('broken.json: This is not JSON');
  await input.setInputFiles(file('good.json', JSON.stringify(plan)));
  await expect(answer(page)).toContainText('Both parts stop short');
});
