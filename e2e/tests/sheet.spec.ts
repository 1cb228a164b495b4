import { expect, test, type Locator, type Page } from '@playwright/test';
import { answer, demoCopy, makeJob, onPlan, saved } from './demo';

/** The plan kept in the database. */
async function kept(page: Page, id: string) {
  await saved(page);
  const { plan } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
    plan: {
      things: { id: string; x: { mm: number } }[];
      carcasses: { id: string; name: string; x: { mm: number } }[];
    };
  };
  return plan;
}

/** Choose a view for a pane by the title of the one it shows. */
async function show(page: Page, from: string, to: string): Promise<void> {
  await page.getByRole('button', { name: `${from}: change this pane` }).click();
  await page.getByRole('menuitem', { name: to, exact: true }).click();
}

/** How much of a drawing is all but black: its lines are dark blue, its surfaces light. */
async function blackShare(page: Page, drawing: Locator): Promise<number> {
  const png = (await drawing.screenshot()).toString('base64');
  return page.evaluate(async (base64) => {
    const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
    const picture = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
    const sheet = new OffscreenCanvas(picture.width, picture.height).getContext('2d')!;
    sheet.drawImage(picture, 0, 0);
    const { data } = sheet.getImageData(0, 0, picture.width, picture.height);
    let black = 0;
    for (let i = 0; i < data.length; i += 4)
      if (Math.max(data[i]!, data[i + 1]!, data[i + 2]!) < 24) black += 1;
    return (4 * black) / data.length;
  }, png);
}

test('a thing dragged on the sheet catches on what is near, and undo puts it back', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'By hand');
  await page.goto(`/jobs/${id}/measure`);
  await expect(answer(page)).toContainText('Both parts');
  const post = onPlan(page).getByRole('button', { name: 'Roof post', exact: true });
  await post.click();
  const before = (await kept(page, id)).things.find((thing) => thing.id === 'post')!.x.mm;
  const box = (await post.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  // To the west wall, and a little too far: the boxes are with their lines.
  const wall = (await onPlan(page).getByRole('button', { name: 'Window sill', exact: true }).boundingBox())!;
  await page.mouse.move(wall.x + box.width / 2 - 4, y, { steps: 12 });
  await expect(onPlan(page)).toContainText('against the west wall');
  await page.mouse.up();
  await expect
    .poll(async () => (await kept(page, id)).things.find((thing) => thing.id === 'post')!.x.mm)
    .toBe(0);
  await page.keyboard.press('Control+z');
  await expect
    .poll(async () => (await kept(page, id)).things.find((thing) => thing.id === 'post')!.x.mm)
    .toBe(before);
});

test('a number typed over a dimension is taken with its arithmetic, and refused with a sentence that changes nothing', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'Typed over');
  await page.goto(`/jobs/${id}/plan`);
  await onPlan(page).getByRole('button', { name: 'Boot locker', exact: true }).click();
  const figure = onPlan(page).getByRole('button', { name: 'Width of Boot locker: type over it' });
  await figure.focus();
  await page.keyboard.press('Enter');
  const over = page.getByRole('textbox', { name: 'Width of Boot locker' });
  await over.fill('25 m');
  await over.press('Enter');
  await expect(page.getByRole('alert')).toContainText('This is over 20 m');
  await expect(over).toHaveValue('25 m');
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('560');
  await over.fill('560 + 2*18');
  await over.press('Enter');
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('560 + 2*18');
  await expect(figure).toContainText('596');
});

test('a copy, its order of opening, and who stands in whose way', async ({ page, request }) => {
  await page.goto(`/jobs/${await demoCopy(request, 'In order')}/plan`);
  await expect(answer(page)).toContainText('Both parts');
  await onPlan(page).getByRole('button', { name: 'Boot locker', exact: true }).click();
  await page.keyboard.press('d');
  await expect(answer(page)).toContainText('of three');
  await page.getByRole('button', { name: 'Open in order' }).click();
  const order = page.getByRole('status', { name: 'Order of opening' });
  await expect(order).toContainText('Open in this order:');
  for (const name of ['Wardrobe leaf', 'Locker leaf', 'Locker leaf 2']) {
    await expect(order).toContainText(name);
    await expect(page.getByRole('slider', { name: `Travel of ${name}`, exact: true })).toHaveAttribute(
      'aria-valuetext',
      /open to \d\d/,
    );
  }

  // Cupboards across a narrow aisle: neither door passes the other once it stands open.
  await page.goto(`/jobs/${await makeJob(request, acrossAnAisle())}`);
  await expect(answer(page)).toContainText('Both parts open');
  await page.getByRole('button', { name: 'Open in order' }).click();
  await expect(page.getByRole('status', { name: 'Order of opening' })).toContainText(
    'No order opens all: South door and North door cannot both stand open, whatever else is shut.',
  );
  // The pass says the same, and its keys move both.
  await expect(
    page.getByText('cannot both stand open: shut one before you open the other.').first(),
  ).toBeVisible();
  const here = page.getByRole('slider', { name: /^Travels of/ });
  await here.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowUp');
  await expect(here).toHaveAttribute('aria-valuetext', /^South door 10°, North door 1°\./);
  await page.getByRole('button', { name: 'All pairs' }).click();
  await expect(page.getByRole('dialog', { name: 'Which two parts?' })).toContainText('one at a time');
});

test('two cupboards grouped are shifted, mirrored and copied into another job as one', async ({
  page,
  context,
  request,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const id = await demoCopy(request, 'Grouped');
  await page.goto(`/jobs/${id}/plan`);
  await expect(answer(page)).toContainText('Both parts');
  const before = (await kept(page, id)).carcasses;
  await onPlan(page).getByRole('button', { name: 'Boot locker', exact: true }).click();
  await onPlan(page)
    .getByRole('button', { name: 'Wardrobe', exact: true })
    .click({ modifiers: ['Shift'] });
  await page.keyboard.press('g');
  await expect(page.getByRole('region', { name: 'Boot locker' })).toContainText('Group 1');
  await onPlan(page).getByRole('button', { name: 'Boot locker', exact: true }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect
    .poll(async () => (await kept(page, id)).carcasses.map(({ x }) => x.mm))
    .toEqual(before.map(({ x }) => x.mm + 10));

  // Copied with what hangs on them, into a job that has nothing.
  await page.keyboard.press('Control+c');
  const { plan } = (await (await request.get(`/api/jobs/${id}`)).json()) as { plan: object };
  const other = await makeJob(request, { ...plan, title: 'Pasted', carcasses: [], parts: [] });
  await page.goto(`/jobs/${other}/plan`);
  await expect(answer(page)).toContainText('What moves here already is free');
  await page.keyboard.press('Control+v');
  await expect(answer(page)).toContainText(/Both parts|of two/);
  expect((await kept(page, other)).carcasses).toHaveLength(2);
  await page.keyboard.press('Control+z');
  await expect(answer(page)).toContainText('What moves here already is free');

  // What cannot be done says why.
  await page.keyboard.press('d');
  await expect(page.getByRole('alert')).toContainText('Select a carcass, a part or a thing first.');
});

test('the quick start answers without a job, keeps what cannot be taken, and becomes a job', async ({
  page,
}) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A door beside a wall/ }).click();
  await expect(answer(page)).toContainText('touches the west wall at');
  const gap = page.getByRole('textbox', { name: 'From the wall to the cupboard' });
  await gap.fill('far');
  await gap.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Could not read');
  await expect(gap).toHaveValue('far');
  await gap.fill('700');
  await gap.press('Enter');
  await expect(answer(page)).toContainText('The cupboard door opens fully, to 110°');
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await expect(page).toHaveURL(/\/jobs\/.+\/check/);
  await expect(answer(page)).toContainText('The cupboard door opens fully, to 110°');
});

test('panes, the cut, the zoom and a finding: every view shows the same state', async ({ page, request }) => {
  await page.goto(`/jobs/${await demoCopy(request, 'Four views')}`);
  await expect(answer(page)).toContainText('Both parts');
  await page.getByRole('button', { name: 'The pass: change this pane' }).click();
  await page.getByRole('menuitem', { name: 'Add a pane' }).click();
  await expect(page.getByRole('button', { name: /change this pane/ })).toHaveCount(4);
  // A finding opens its part to the place, in the plan and the front alike.
  await page.getByRole('button', { name: /^The handle of the locker leaf touches the window sill/ }).click();
  await expect(page.getByRole('slider', { name: 'Travel of Locker leaf' })).toHaveAttribute(
    'aria-valuenow',
    '74',
  );
  for (const view of [/^Plan /, /^Front /])
    await expect(page.getByRole('group', { name: view }).getByTestId('nearest')).toBeVisible();
  // The next one by its key is another part's or another place.
  await page.keyboard.press('n');
  await expect(page.getByText('2 of 5')).toBeVisible();
  // The cut is moved by keys, and the section says where it is.
  const cut = page.getByRole('slider', { name: 'Where the section is cut' });
  const before = await cut.getAttribute('aria-valuetext');
  await cut.press('ArrowRight');
  await expect(cut).not.toHaveAttribute('aria-valuetext', before!);
  // Enlarged by a key, whole again by a button.
  const sill = onPlan(page).getByRole('button', { name: 'Window sill', exact: true });
  const small = (await sill.boundingBox())!.height;
  await sill.press('+');
  await expect.poll(async () => (await sill.boundingBox())!.height).toBeGreaterThan(1.4 * small);
  await onPlan(page).getByRole('button', { name: 'Show the whole' }).click();
  await expect.poll(async () => (await sill.boundingBox())!.height).toBeCloseTo(small, 0);
});

test('without WebGL the flat views go on and say so', async ({ page, request }) => {
  await page.goto(`/jobs/${await demoCopy(request, 'No solids')}`);
  await expect(answer(page)).toContainText('Both parts');
  await show(page, 'The pass', 'Solid');
  const canvas = page.locator('canvas');
  await expect(canvas).toBeVisible();
  await expect.poll(() => blackShare(page, canvas)).toBeLessThan(0.02);
  await canvas.evaluate((node: HTMLCanvasElement) =>
    node.getContext('webgl2')!.getExtension('WEBGL_lose_context')!.loseContext(),
  );
  await expect(page.getByText('This browser cannot draw solids just now')).toBeVisible();
  const rider = page.getByRole('slider', { name: 'Travel of Locker leaf' });
  await rider.press('PageUp');
  await expect(rider).toHaveAttribute('aria-valuenow', '10');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(canvas).toBeVisible();
});

test('a context that is lost while it is made leaves the flat views standing too', async ({
  page,
  request,
}) => {
  await page.addInitScript(() => {
    const made = HTMLCanvasElement.prototype.getContext;
    // Of canvases on the page only: the one that finds out what draws here is none of them.
    HTMLCanvasElement.prototype.getContext = function (this: HTMLCanvasElement, ...asked: unknown[]) {
      const context = (made as (...asked: unknown[]) => WebGL2RenderingContext).apply(this, asked);
      if (this.isConnected && !('whole' in window)) context.getExtension('WEBGL_lose_context')?.loseContext();
      return context;
    } as typeof made;
  });
  await page.goto(`/jobs/${await demoCopy(request, 'Lost at once')}`);
  await expect(answer(page)).toContainText('Both parts');
  await show(page, 'The pass', 'Solid');
  await expect(page.getByText('This browser cannot draw solids just now')).toBeVisible();
  await expect(answer(page).first()).toContainText('Both parts');
  await page.evaluate(() => Object.assign(window, { whole: true }));
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.locator('canvas')).toBeVisible();
});

test('a screen that cannot be loaded says what that means, and comes back', async ({ page }) => {
  await page.goto('/');
  await page.route('**/assets/QuickDeck*.js', (route) => route.abort());
  await page.getByRole('link', { name: 'Quick start' }).click();
  await expect(page.getByRole('alert')).toHaveText('This screen stopped');
  await expect(page.getByText('Nothing of your plan is lost')).toBeVisible();
  await page.unroute('**/assets/QuickDeck*.js');
  await page.getByRole('button', { name: 'Load the page again' }).click();
  await expect(page).toHaveURL(/quick/);
  await expect(page.getByRole('link', { name: /A bank of drawers/ })).toBeVisible();
});

test('a check that stops says so, shows no old answer as fresh, and can be asked again', async ({
  page,
  request,
}) => {
  const id = await demoCopy(request, 'Stopped');
  await page.route('**/check.worker-*.js', (route) => route.abort());
  await page.goto(`/jobs/${id}`);
  await expect(page.getByText(/The check stopped: .* What you planned is kept\./)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Travel strips' })).toHaveAttribute('aria-busy', 'true');
  await page.unroute('**/check.worker-*.js');
  await page.getByRole('button', { name: 'Check again' }).click();
  await expect(answer(page)).toContainText('Both parts stop short');
});

test('the sheet goes to paper alone with its title, and to a file that stands by itself', async ({
  page,
  request,
}) => {
  await page.goto(`/jobs/${await demoCopy(request, 'On paper')}`);
  await expect(answer(page)).toContainText('Both parts');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText(/^Plan, cut at 1000 mm; lengths in mm; drawn .*, revision 1$/)).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  for (const [words, start] of [
    ['Save the sheet as SVG', '<svg'],
    ['Save the sheet as PNG', '\u{89}PNG'],
  ] as const) {
    await page.keyboard.press('w');
    await page.getByRole('combobox', { name: 'What to find' }).fill(words);
    const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')]);
    const chunks: Buffer[] = [];
    for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
    const file = Buffer.concat(chunks);
    expect(file.toString('latin1').startsWith(start)).toBe(true);
    if (start === '<svg') {
      expect(file.toString()).toContain('Window sill');
      expect(file.toString()).not.toContain('var(--');
    }
  }
});

/** Two cupboards face to face, 900 apart, with leaves of 532 that open to 90 degrees from the same end. */
function acrossAnAisle(): object {
  const mm = (value: number) => ({ mm: value });
  const cupboard = (id: string, name: string, faces: string, x: number, y: number) => ({
    id,
    name,
    faces,
    x: mm(x),
    y: mm(y),
    z: mm(90),
    fixing: { hardware: 'stud-screw', count: 2 },
    width: mm(500),
    height: mm(1800),
    depth: mm(400),
    sheet: mm(18),
  });
  // What a cupboard of this old format stands on is a thing of its own, set back from its front.
  const plinth = (id: string, x: number, y: number) => ({
    id,
    name: `Plinth ${id}`,
    kind: 'box',
    x: mm(x),
    y: mm(y),
    z: mm(0),
    width: mm(500),
    depth: mm(360),
    height: mm(90),
  });
  const door = (id: string, name: string, side: string) => ({
    id: `${id}-door`,
    family: 'door',
    name,
    carcass: id,
    fit: { kind: 'overlay', hinge: mm(16), free: mm(16), top: mm(16), bottom: mm(16) },
    thickness: mm(18),
    hinge: { side, knuckle: 'proud', pin: mm(5) },
    limit: 90,
    handle: null,
  });
  return {
    format: 'tarnpass-plan',
    version: 1,
    title: 'Across an aisle',
    units: { system: 'mm', step: 0.1 },
    gaps: { running: mm(1), around: mm(10) },
    space: { width: mm(2000), depth: mm(1700), height: mm(2400), slope: null },
    things: [plinth('under-south', 700, 0), plinth('under-north', 700, 1340)],
    carcasses: [
      cupboard('south', 'South', 'north', 1200, 400),
      cupboard('north', 'North', 'south', 700, 1300),
    ],
    parts: [door('south', 'South door', 'left'), door('north', 'North door', 'right')],
  };
}
