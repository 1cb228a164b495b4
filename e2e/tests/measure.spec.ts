import { expect, test, type Page } from '@playwright/test';
import { emptyRoom, makeJob, onPlan, saved } from './demo';

const mm = (value: number) => ({ mm: value });

/** A plain room with a cupboard whose door opens towards the east wall, and one whose outline can be drawn anew. */
const room = (title: string) => ({
  ...emptyRoom(title, 2400, 1900),
  carcasses: [
    {
      id: 'case',
      name: 'Case',
      x: mm(2372),
      y: mm(500),
      z: mm(90),
      faces: 'north',
      width: mm(600),
      height: mm(1800),
      depth: mm(500),
      sheet: mm(18),
    },
  ],
  parts: [
    {
      id: 'leaf',
      family: 'door',
      name: 'Leaf',
      carcass: 'case',
      fit: { kind: 'overlay', hinge: mm(16), free: mm(16), top: mm(16), bottom: mm(16) },
      thickness: mm(18),
      hinge: { side: 'left', knuckle: 'proud', pin: mm(5) },
      limit: 90,
      handle: null,
    },
  ],
});

const tab = (page: Page, name: string | RegExp) => page.getByRole('tab', { name }).click();
const live = (page: Page, job: string) =>
  page.waitForResponse((response) => response.url().includes(`/api/jobs/${job}/live`));

/** Bring a tab to the front with the keyboard alone. */
async function tabByKeys(page: Page, from: string, presses: number): Promise<void> {
  await page.getByRole('tab', { name: from, exact: true }).focus();
  for (let i = 0; i < presses; i += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
}

test('a meter that reads too much is found out by a tape, its readings are corrected, planned with, and seen live elsewhere', async ({
  page,
  browser,
  request,
}) => {
  const job = await makeJob(request, room('Read by keys'));
  await page.goto(`/jobs/${job}/measure`);
  // The tape is entered and trusted; from here on the keyboard alone.
  await tabByKeys(page, 'Numbers', 3);
  await page.getByLabel('Name of the instrument').focus();
  await page.keyboard.type('Steel tape');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Trust', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('The others are held against it.')).toBeVisible();
  const value = page.getByLabel('Reads', { exact: true });
  const take = async (): Promise<number> => {
    await value.focus();
    await expect(async () => {
      await page.keyboard.press('F2');
      await expect(value).not.toHaveValue('', { timeout: 3000 });
    }).toPass();
    return Number(await value.inputValue());
  };
  for (const [i, length] of [500, 1200, 1900, 2600].entries()) {
    if (i > 0) {
      await page.getByRole('button', { name: 'Another length' }).focus();
      await page.keyboard.press('Enter');
    }
    await page.getByLabel('Instrument', { exact: true }).selectOption('Steel tape');
    await value.focus();
    await page.keyboard.type(String(length));
    await page.keyboard.press('Enter');
    // The stand-in is pointed at what the tape read, and comes as an instrument of its own.
    expect(await take()).toBeGreaterThan(length);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText(/Off from the trusted one: [\d.]+ mm too much/)).toBeVisible();
  await expect(page.getByText(/they cannot both be right/)).toBeHidden();

  // The room's width, off the same meter: what it reads too much is taken off.
  await tabByKeys(page, 'Tapes', 4);
  await page.getByLabel('Dimension', { exact: true }).selectOption({ label: 'Width, west to east' });
  const raw = await take();
  await page.keyboard.press('Enter');
  const governs = page.locator('[data-governs]');
  await expect(governs).toBeVisible();
  const corrected = Number((await governs.innerText()).replace(/[^\d.]/g, ''));
  expect(raw - corrected).toBeGreaterThan(2);
  expect(Math.abs(corrected - 2400)).toBeLessThan(2);
  await page.getByRole('button', { name: /^(Use|The plan’s)/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('The plan has this number.')).toBeVisible();
  await saved(page);
  const kept = (await (await request.get(`/api/jobs/${job}`)).json()) as {
    plan: { space: { width: { mm: number } }; measured: { of: string; sigma: number }[] };
  };
  // What is shown is rounded to a tenth.
  expect(Math.abs(kept.plan.space.width.mm - corrected)).toBeLessThan(0.0501);
  expect(kept.plan.measured[0]).toMatchObject({ of: 'space/width' });
  // How well it is known goes on into what the door needs of that wall.
  await page.keyboard.press('3');
  await expect(page.getByRole('list', { name: 'What it meets' })).toContainText('for the readings');

  // A phone beside the wall: what it reads is on this board at once; cut off it keeps what it reads, and loses none.
  await page.goto(`/jobs/${job}/measure`);
  const connected = live(page, job);
  await tab(page, 'Readings');
  await connected;
  await page.getByLabel('Dimension', { exact: true }).selectOption({ label: 'Depth, south to north' });
  const pocket = await browser.newContext({ viewport: { width: 400, height: 860 } });
  const phone = await pocket.newPage();
  await phone.goto(`/jobs/${job}/read`);
  await phone.getByLabel('Dimension').selectOption({ label: 'The space: depth, south to north' });
  const read = async (text: string) => {
    await phone.getByLabel('Reads', { exact: true }).fill(text);
    await phone.getByRole('button', { name: 'Keep' }).click();
  };
  await expect(phone.getByRole('status')).toHaveText('live');
  await read('1897');
  const list = page.getByRole('list', { name: 'Readings' });
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await pocket.setOffline(true);
  await read('1895.5');
  await read('1896');
  await expect(phone.getByRole('status')).toContainText('2 to send');
  await expect(list.getByRole('listitem')).toHaveCount(1);
  // Even a page that is closed and opened again has them.
  await pocket.setOffline(false);
  await expect(list.getByRole('listitem')).toHaveCount(3);
  await expect(phone.getByRole('status')).toHaveText('live');
  // The smallest governs the depth of a room that things go into.
  await expect(governs).toHaveText('1895.5 mm');
  await pocket.close();
});

test('the space is drawn by runs and turns and from a drawing, with a door and an overhead door in it', async ({
  page,
  request,
}) => {
  const job = await makeJob(request, { ...room('Drawn'), carcasses: [], parts: [] });
  await page.goto(`/jobs/${job}/measure`);
  const walls = page.getByRole('region', { name: 'Walls' });
  await walls
    .getByRole('textbox')
    .first()
    .fill('3600 left\n1500 left\n1600 right\n900 left\n2000 left\n2400 left');
  await walls.getByRole('button', { name: 'Draw these walls' }).click();
  await expect(walls.getByRole('status')).toHaveText('The runs close.');
  await expect(page.getByLabel('Width, west to east')).toHaveValue('3600');
  // A run that crosses another is told and draws nothing.
  await walls
    .getByRole('textbox')
    .first()
    .fill('3600 left\n1500 left\n1600 left\n1700 right\n100 left 10\n2400');
  await walls.getByRole('button', { name: 'Draw these walls' }).click();
  await expect(walls.getByRole('alert')).toContainText(/from where they began|crosses/);
  await expect(page.getByLabel('Width, west to east')).toHaveValue('3600');

  // A corner is dragged by hand, and shifted by keys.
  const corner = onPlan(page).getByRole('button', { name: /^Corner 3 of the walls/ });
  // The drawing follows the fields a frame or two later.
  await expect(onPlan(page).getByRole('button', { name: /^Corner 6 of the walls/ })).toBeVisible();
  const at = (await corner.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2 - 30, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel('Corner 3 from south')).not.toHaveValue('1500');
  await corner.focus();
  const before = Number(await page.getByLabel('Corner 3 from south').inputValue());
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Corner 3 from south')).toHaveValue(String(before + 1));
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Corner 3 from south')).toHaveValue('1500');

  for (const kind of ['Room door', 'Overhead door']) {
    await page.getByRole('button', { name: 'Add a thing' }).click();
    await page.getByRole('menuitem', { name: kind, exact: true }).click();
    await expect(page.getByRole('region', { name: kind }).first()).toBeVisible();
    await expect(page.getByRole('region', { name: 'Travel strips' })).toContainText(kind);
  }
  await expect(onPlan(page).getByRole('button', { name: 'The space', exact: true })).toBeVisible();

  await tab(page, 'Files');
  const drawing = page.getByRole('region', { name: 'Walls from a drawing' });
  const give = (name: string, text: string) =>
    drawing
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  await give(
    'open.dxf',
    dxf([
      [0, 0, 4, 0],
      [4, 0, 4, 3],
      [4, 3, 0, 3],
    ]),
  );
  await expect(drawing.getByRole('alert')).toContainText('no closed outline in this drawing');
  await give(
    'shed.dxf',
    dxf([
      [0, 0, 4, 0],
      [4, 0, 4, 3],
      [4, 3, 0, 3],
      [0, 3, 0, 0],
    ]),
  );
  // It does not say its unit: the size by each is offered, and nothing is drawn before one is chosen.
  await expect(drawing).toContainText('The file does not say its unit. How large is the room?');
  await expect(drawing.getByRole('button', { name: 'Draw these walls' })).toBeDisabled();
  await drawing.getByLabel('Unit of the drawing').selectOption('1 m: 4000 × 3000 mm');
  await expect(drawing).toContainText('4 corners, 4000 × 3000 mm');
  await expect(drawing).toContainText('1 × text');
  await give(
    'shed.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" width="500mm" viewBox="0 0 500 400"><g transform="scale(10)"><path d="M0 0h400v300h-150v60h-250z"/></g><text>x</text></svg>',
  );
  await expect(drawing).toContainText('6 corners, 4000 × 3600 mm');
  await drawing.getByRole('button', { name: 'Draw these walls' }).click();
  await tab(page, 'Numbers');
  await page.keyboard.press('Escape');
  await onPlan(page).getByRole('button', { name: 'The space', exact: true }).press('Enter');
  await expect(page.getByLabel('Width, west to east')).toHaveValue('4000');
  await saved(page);
});

test('what cannot be right is told by its place, and the rest is offered', async ({ page, request }) => {
  const job = await makeJob(request, room('Bad readings'));
  await page.goto(`/jobs/${job}/measure`);
  await tab(page, 'Readings');
  const value = page.getByLabel('Reads', { exact: true });
  for (const [text, said] of [
    ['0', 'A reading must be more than 0.'],
    ['2.4', '2.4 mm is far from the 2400 mm on the plan: is it in metres?'],
    ['24 00x', /./],
  ] as const) {
    await value.fill(text);
    await value.press('Enter');
    await expect(page.getByRole('alert')).toHaveText(said);
  }
  await expect(page.getByRole('list', { name: 'Readings' })).toHaveCount(0);

  await tab(page, 'Files');
  const readings = page.getByRole('region', { name: 'Readings', exact: true });
  const csv = [
    'dimension,value,unit,place,who,at',
    'space/width,2398.5,mm,top,Ada,2026-03-01',
    'The space: width,2401,mm',
    'space/width,2.4,mm,top',
    'space/nothing,2400',
    'space/depth,1.9,m,bottom',
    'space/depth,many,mm',
    'space/depth,75,furlong',
  ];
  await readings
    .locator('input[type=file]')
    .setInputFiles({ name: 'r.csv', mimeType: 'text/csv', buffer: Buffer.from(csv.join('\n')) });
  const bad = readings.getByRole('list', { name: 'Rows that cannot be taken' });
  await expect(bad.getByRole('listitem')).toHaveText([
    /^Row 3: There is no dimension “The space: width”/,
    /^Row 4: 2.4 mm is far from/,
    /^Row 5: There is no dimension “space\/nothing”/,
    /^Row 7: “many” cannot be taken/,
    /^Row 8: “furlong” is no unit/,
  ]);
  // Nothing is in until it is taken, and then all that was good.
  expect(
    ((await (await request.get(`/api/jobs/${job}/readings`)).json()) as { readings: [] }).readings,
  ).toHaveLength(0);
  await readings.getByRole('button', { name: 'Take in 2 readings' }).click();
  await expect(readings.getByRole('status')).toHaveText('2 readings are in.');

  const obstacle = page.getByRole('region', { name: 'An obstacle' });
  const stl = (bytes: number) => ({ name: 'big.stl', mimeType: 'model/stl', buffer: Buffer.alloc(bytes) });
  await obstacle.locator('input[type=file]').setInputFiles(stl(50_000_000));
  await expect(obstacle.getByRole('alert')).toHaveText('big.stl has 50 MB; at most 20 MB is taken in.');
  // An L of two boxes that hang together: its hull fills the hollow, and that is told.
  await obstacle
    .locator('input[type=file]')
    .setInputFiles({ name: 'bracket.obj', mimeType: 'text/plain', buffer: Buffer.from(BRACKET) });
  await expect(obstacle).toContainText('300 × 100 × 300 mm');
  await expect(obstacle).toContainText(/stand up to 1\d\d(\.\d)? mm out from it/);
  await obstacle.getByRole('button', { name: 'Put it in' }).click();
  await expect(page.getByRole('heading', { name: 'bracket' })).toBeVisible();
  // The file and all that was read go out with the plan and come back with it.
  await saved(page);
  await page.goto('/');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save Bad readings as a plan file' }).click();
  const path = await (await download).path();
  await page.getByLabel('Plan file', { exact: true }).setInputFiles(path);
  await expect(page).toHaveURL(/\/check$/);
  const copy = /jobs\/([^/]+)\//.exec(page.url())![1]!;
  const log = (await (await request.get(`/api/jobs/${copy}/readings`)).json()) as {
    readings: { mm: number }[];
  };
  expect(log.readings.map((one) => one.mm)).toEqual([2398.5, 1900]);
});

/** Lines as a DXF drawing of the oldest kind, with a text beside them. */
function dxf(lines: readonly (readonly [number, number, number, number])[]): string {
  const entity = ([x1, y1, x2, y2]: (typeof lines)[number]) =>
    `0\nLINE\n8\n0\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
  const text = '0\nTEXT\n8\n0\n10\n1\n20\n1\n40\n0.2\n1\nShed\n';
  return `0\nSECTION\n2\nENTITIES\n${lines.map(entity).join('')}${text}0\nENDSEC\n0\nEOF\n`;
}

/** An angle bracket as an OBJ file: an L of 300 by 300 by 100, its arms 100 thick. */
const BRACKET = (() => {
  const outline = [
    [0, 0],
    [300, 0],
    [300, 100],
    [100, 100],
    [100, 300],
    [0, 300],
  ];
  const points = [0, 100].flatMap((y) => outline.map(([x, z]) => `v ${x} ${y} ${z}`));
  const sides = outline.map((_, i) => {
    const j = (i + 1) % 6;
    return `f ${i + 1} ${j + 1} ${j + 7} ${i + 7}`;
  });
  const caps = ['f 1 2 3 4', 'f 1 4 5 6', 'f 7 8 9 10', 'f 7 10 11 12'];
  return [...points, ...sides, ...caps].join('\n');
})();
