import { expect, test, type Page } from '@playwright/test';
import { emptyRoom, makeJob, onPlan, saved } from './demo';

const room = (title: string) => emptyRoom(title, 3600, 2400);

const tab = (page: Page, name: string | RegExp) => page.getByRole('tab', { name }).click();

test('two checks that contradict each other are told and correct nothing, until a third tells', async ({
  page,
  request,
}) => {
  const job = await makeJob(request, room('Two tapes'));
  await page.goto(`/jobs/${job}/measure`);
  await tab(page, 'Tapes');
  const enter = async (name: string, kind: string) => {
    await page.getByLabel('Name of the instrument').fill(name);
    await page.getByLabel('Kind of instrument').selectOption(kind);
    await page.getByRole('button', { name: 'Enter', exact: true }).click();
    await expect(page.getByRole('list', { name: 'Instruments' })).toContainText(name);
  };
  await enter('Folding rule', 'rule');
  await enter('Old tape', 'tape');
  await page.getByRole('button', { name: 'Trust', exact: true }).first().click();
  const value = page.getByLabel('Reads', { exact: true });
  const read = async (instrument: string, text: string) => {
    await page.getByLabel('Instrument', { exact: true }).selectOption(instrument);
    await value.fill(text);
    await value.press('Enter');
  };
  const another = () => page.getByRole('button', { name: 'Another length' }).click();

  // A slip of figures is asked about before it is kept, and metres are.
  await read('Folding rule', '600');
  await expect(page.getByRole('table')).toContainText('600 mm');
  await read('Old tape', '0.600');
  await expect(page.getByText('“0.600” would be 0.6 mm. Write 0.600 m, 600 or 0.600 mm')).toBeVisible();
  await read('Old tape', '600');
  await another();
  await read('Folding rule', '2400');
  await read('Old tape', '2142');
  await expect(
    page.getByText('Another read 2400 mm there, 258 mm more: is one of the two a slip?'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep it all the same' })).toBeVisible();
  await read('Old tape', '2412');
  const tools = page.getByRole('list', { name: 'Instruments' });
  await expect(tools).toContainText('They differ by 12 mm at one length and not at another');
  await expect(tools).toContainText('Its readings stay as they were read');

  await tab(page, 'Readings');
  await page.getByLabel('Dimension', { exact: true }).selectOption({ label: 'Width, west to east' });
  await read('Old tape', '3600');
  await expect(page.locator('[data-governs]')).toHaveText('3600 mm');
  await expect(page.getByRole('region', { name: 'What was read' })).toContainText('± 24.1 mm');
  await expect(page.getByRole('region', { name: 'What was read' })).toContainText(
    'Since a thing goes in: the narrowest place decides.',
  );

  // Two more lengths outvote the slip: it is named, left out, and the tape is sound.
  await tab(page, 'Tapes');
  for (const [rule, tape] of [
    ['1200', '1200.5'],
    ['1800', '1799.5'],
  ] as const) {
    await another();
    await read('Folding rule', rule);
    await read('Old tape', tape);
  }
  await expect(tools).toContainText('Length 2 does not fit the others: a slip, and left out.');
  await page.getByRole('button', { name: '2', exact: true }).click();
  await page.getByRole('button', { name: 'Take back the check of 2412 mm' }).click();
  await expect(tools).toContainText('Agrees with the trusted one over 3 lengths');
});

test('a bay comes out of a DXF drawing with its curve, and what that costs is told', async ({
  page,
  request,
}) => {
  const job = await makeJob(request, room('A bay'));
  await page.goto(`/jobs/${job}/measure`);
  await tab(page, 'Files');
  const drawing = page.getByRole('region', { name: 'Walls from a drawing' });
  // A room of 4 by 3 m, its north wall opened into a bay of half a circle, in mm; and the same seen from below.
  const points = [[0, 0], [4000, 0], [4000, 3000], [3000, 3000, 1], [1000, 3000], [0, 3000]]; // prettier-ignore
  const polyline = points
    .map(([x, y, bulge]) => `10\n${x}\n20\n${y}\n${bulge ? `42\n${bulge}\n` : ''}`)
    .join('');
  const text = `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n8\n0\n90\n6\n70\n1\n${polyline}0\nENDSEC\n0\nEOF\n`;
  await drawing
    .locator('input[type=file]')
    .setInputFiles({ name: 'bay.dxf', mimeType: 'text/plain', buffer: Buffer.from(text) });
  await expect(drawing).toContainText(/\d\d corners, 4000 × 4000 mm/);
  await expect(drawing).toContainText(
    /within 1 mm and never outside them: the room is 0\.0\d % smaller than drawn/,
  );
  await drawing.getByRole('button', { name: 'Draw these walls' }).click();
  await tab(page, 'Numbers');
  await page.keyboard.press('Escape');
  await onPlan(page).getByRole('button', { name: 'The space', exact: true }).press('Enter');
  await expect(page.getByLabel('Depth, south to north')).toHaveValue('4000');
  await saved(page);
  const { plan } = (await (await request.get(`/api/jobs/${job}`)).json()) as {
    plan: { space: { outline: { x: { mm: number }; y: { mm: number } }[] } };
  };
  // Every corner of the bay stands on its circle or inside, none by more than a millimetre.
  const bay = plan.space.outline.filter(({ y }) => y.mm > 3000.5);
  expect(bay.length).toBeGreaterThan(20);
  for (const { x, y } of bay) {
    const off = 1000 - Math.hypot(x.mm - 2000, y.mm - 3000);
    expect(off).toBeGreaterThan(-0.01);
    expect(off).toBeLessThan(1.05);
  }
});

test('a curved side is taken down row by row: its chords, what nobody measured, and a spline that swings past its rows', async ({
  page,
  request,
}) => {
  const job = await makeJob(request, room('A hull'));
  await page.goto(`/jobs/${job}/measure`);
  await page.getByRole('button', { name: 'Add a thing' }).click();
  await page.getByRole('menuitem', { name: 'Curved side', exact: true }).click();
  const rows = page.getByLabel(/^Table of offsets/);
  await rows.fill('100  50\n500  50\n520  90\n560  90\n580  50\n1000  50');
  await rows.blur();
  await expect(page.getByText('Not measured before the first station (0 to 100 mm)')).toBeVisible();
  await expect(
    page.getByRole('img', { name: 'The curve through the rows, and where nothing is measured' }),
  ).toBeVisible();
  await expect(page.getByText(/the spline lies/)).toHaveCount(0);
  await page.getByLabel('Between stations', { exact: true }).selectOption('spline');
  await expect(page.getByText(/the spline lies .* than the straight line, past both rows/)).toBeVisible();
  await page.getByLabel('Between stations', { exact: true }).selectOption('smooth');
  await expect(page.getByText(/the spline lies/)).toHaveCount(0);
  // A number that may be in metres is asked about in any field, and changes nothing.
  const height = page.getByRole('textbox', { name: 'Height', exact: true });
  const stood = await height.inputValue();
  await height.fill('1.200');
  await height.press('Enter');
  await expect(page.getByText('“1.200” would be 1.2 mm. Write 1.200 m, 1200 or 1.200 mm')).toBeVisible();
  await expect(page.getByText(`in force ${stood}`)).toBeVisible();
  await height.press('Escape');
  // So is a station.
  await rows.fill('0.100  50\n500  50');
  await rows.blur();
  await expect(page.getByText(/Row 1, “0\.100”: “0\.100” would be 0\.1 mm/)).toBeVisible();
  // The same table in feet and inches is read back as it is shown.
  await rows.fill('100  50\n1000  60');
  await rows.blur();
  await page.getByRole('button', { name: 'Lengths in mm: change' }).click();
  await page.getByRole('menuitemradio', { name: 'Feet and inches to 1/16', exact: true }).click();
  await expect(rows).toHaveValue('3 15/16-"  1 15/16+"\n3\' 3 3/8-"  2 3/8-"');
  await rows.fill(`${await rows.inputValue()}\n4' - 6"  2"`);
  await rows.blur();
  await expect(page.getByLabel(/^Table of offsets/)).toHaveAttribute('aria-invalid', 'false');
});
