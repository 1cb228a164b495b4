import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { answer, makeJob, saved, type } from './demo';

const toCut = (page: Page) => page.getByRole('region', { name: 'To cut' });
const answered = (page: Page) =>
  expect(page.locator('[aria-label="Travel strips"][aria-busy="false"]')).toBeVisible();
const demoPlan = (name: string) => {
  const file = JSON.parse(
    readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8'),
  ) as Record<string, unknown>;
  // A job is made of the plan alone: what was read of it comes by its own way.
  return Object.fromEntries(
    Object.entries(file).filter(([key]) => key !== 'instruments' && key !== 'readings'),
  );
};

test('a face-framed wall cupboard in inches, half an inch over its frame, from the deck in two entries', async ({
  page,
}) => {
  await page.goto('/quick');
  await page.getByRole('link', { name: /A cupboard with a face frame/ }).click();
  await page.getByRole('button', { name: 'In inches' }).click();
  await type(page, 'Width', '36');
  await type(page, 'Height', '24');
  // The frame's members are 1 1/2: the opening is 33 by 21, and half an inch more all round 34 by 22; a pair less 3 mm between.
  await expect(toCut(page)).toContainText('22 ×');
  await expect(toCut(page)).toContainText(/16\s*15\/16/);
  await page.getByRole('button', { name: 'Make it a job' }).click();
  await answered(page);
  await expect(answer(page)).toContainText(
    'Everything opens fully; take care with the wall cupboard: it hangs with all that is in it',
  );
  // What its plates are screwed to, measured from the foot of that.
  await page.getByRole('navigation').getByRole('link', { name: /^Plan/ }).click();
  await page.keyboard.press('w');
  await page.getByRole('combobox', { name: 'What to find' }).fill('Cupboard doors');
  await page.keyboard.press('Enter');
  await page.getByRole('tab', { name: /Numbers/ }).click();
  await expect(page.getByRole('list', { name: 'What its numbers tell' })).toContainText(
    'Its hinge plates are on the left stile',
  );

  // A caution is taken by name and with a reason, never clicked away: it is asked for both.
  await page.getByRole('navigation').getByRole('link', { name: /^Make/ }).click();
  const care = page.getByRole('region', { name: 'Take care' });
  await care.getByRole('button', { name: 'Take it upon me' }).first().click();
  const form = page.getByRole('form', { name: 'Take this caution' });
  await form.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(form.getByRole('alert')).toHaveText('Give it a name.');
  await form.getByLabel('Your name').fill('Robin');
  await form
    .getByLabel('How it is seen to, or why it may stand')
    .fill('Rail into three studs, found with a magnet.');
  await form.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(care).toContainText('Taken by Robin: Rail into three studs, found with a magnet.');
  await expect(answer(page)).toContainText('Both parts open fully');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Take care' })).toContainText('Taken by Robin');
  await page.getByRole('button', { name: 'Let it stand again' }).click();
  await expect(answer(page)).toContainText('take care with the wall cupboard');
});

test('a glass shelf that would break is mended by what is offered', async ({ page, request }) => {
  const mm = (value: number) => ({ mm: value });
  const id = await makeJob(request, {
    ...demoPlan('sedge-wren'),
    title: 'A glass shelf',
    units: { system: 'mm', step: 0.1 },
    space: { width: mm(3000), depth: mm(2000), height: mm(2400), slopes: [] },
    measured: [],
    things: [],
    existing: [],
    carcasses: [
      {
        ...(demoPlan('hollin-hut')['carcasses'] as Record<string, unknown>[]).find(
          (one) => one['id'] === 'medicine',
        ),
        id: 'case',
        name: 'Glass case',
        sheet: 'ply-18',
        back: null,
        x: mm(2100),
        y: mm(320),
        z: mm(1400),
        faces: 'north',
        width: mm(1200),
        depth: mm(320),
        height: mm(600),
        bay: { id: 'all', take: 'equal', read: {} },
      },
    ],
    parts: [
      {
        id: 'shelf',
        family: 'shelf',
        name: 'Glass shelf',
        mount: { on: 'bay', carcass: 'case', bay: 'all' },
        material: 'glass-4',
        count: 1,
        up: null,
        less: mm(3),
        setback: mm(10),
        banding: mm(0),
        pins: mm(8),
        moisture: 4,
        held: 'loose',
        load: 5,
      },
    ],
  });
  await page.goto(`/jobs/${id}/check`);
  await expect(answer(page)).toContainText(
    'it breaks in time: with 5 kg a metre and its own weight it is strained to',
  );
  await page.getByRole('button', { name: 'Try it', exact: true }).click();
  await expect(answer(page)).toContainText(
    'Tried on the sheet, nothing is changed yet: make the glass shelf of',
  );
  await page.getByRole('button', { name: 'Take it', exact: true }).click();
  await expect(answer(page)).not.toContainText('it breaks in time');
  await saved(page);
  const { plan } = (await (await request.get(`/api/jobs/${id}`)).json()) as {
    plan: { materials: { id: string; name: string }[]; parts: { material: string }[] };
  };
  const now = plan.materials.find((one) => one.id === plan.parts[0]!.material)!;
  expect(now.name).not.toBe('Glass 4 mm');
});

for (const name of ['sedge-wren', 'hollin-hut', 'kiln-shed'])
  test(`every length on the cards of ${name}, shown in inches and typed back, is taken`, async ({
    page,
    request,
  }) => {
    test.setTimeout(240_000);
    const plan = demoPlan(name);
    const id = await makeJob(request, { ...plan, units: { system: 'in', step: 16 } });
    await page.goto(`/jobs/${id}/plan`);
    await expect(answer(page)).toContainText('so next');
    const items = ['carcasses', 'parts', 'things'].flatMap((list) => plan[list] as { name: string }[]);
    let typed = 0;
    for (const item of items) {
      // A key in a field is a letter of it.
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
      await page.keyboard.press('w');
      await page.getByRole('combobox', { name: 'What to find' }).fill(item.name);
      await page
        .getByRole('option')
        .filter({ has: page.getByText(item.name, { exact: true }) })
        .first()
        .click();
      const card = page.getByRole('region', { name: item.name, exact: true }).first();
      await expect(card).toBeVisible();
      const fields = card.getByRole('textbox');
      const all = await fields.evaluateAll((nodes) =>
        (nodes as HTMLInputElement[]).map(({ value }) => value),
      );
      for (const [i, shown] of all.entries()) {
        const field = fields.nth(i);
        // Lengths are told by their fractions; names and counts are other tests' matter.
        if (!/\d\/\d/.test(shown)) continue;
        await field.fill('');
        await field.fill(shown);
        await field.press('Enter');
        await expect(field).not.toHaveAttribute('aria-invalid', 'true');
        typed += 1;
      }
    }
    expect(typed).toBeGreaterThan(3);
  });
