import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { answer, makeJob } from './demo';

const mm = (value: number) => ({ mm: value });
const order = (page: Page) => page.getByRole('status', { name: 'Order of opening' });
const travel = (page: Page, name: string) =>
  page.getByRole('slider', { name: `Travel of ${name}`, exact: true });

/** Two cupboards in a corner: the bar of the right door stands out in front of the left one, which laps behind it. */
function inTheCorner(): object {
  const cupboard = (id: string, name: string, faces: string, x: number, y: number) => ({
    id,
    name,
    faces,
    x: mm(x),
    y: mm(y),
    z: mm(90),
    width: mm(500),
    height: mm(720),
    depth: mm(500),
    sheet: mm(18),
  });
  const door = (id: string, name: string, side: string, handle: object | null) => ({
    id: `${id}-door`,
    family: 'door',
    name,
    carcass: id,
    thickness: mm(18),
    limit: 90,
    handle,
    fit: { kind: 'overlay', hinge: mm(16), free: mm(16), top: mm(16), bottom: mm(16) },
    hinge: { side, knuckle: 'proud', pin: mm(5) },
  });
  const bar = { projection: mm(34), width: mm(20), height: mm(160), fromFree: mm(40), fromBottom: mm(300) };
  return {
    format: 'tarnpass-plan',
    version: 1,
    title: 'In the corner',
    units: { system: 'mm', step: 0.1 },
    gaps: { running: mm(1), around: mm(10) },
    space: { width: mm(2600), depth: mm(2400), height: mm(2400), slope: null },
    things: [],
    carcasses: [cupboard('left', 'Left', 'east', 500, 540), cupboard('right', 'Right', 'north', 1040, 500)],
    parts: [door('left', 'Left door', 'right', null), door('right', 'Right door', 'left', bar)],
  };
}

/** The room of the tests with its wardrobe closed by a pair, and a hook in it that a hand is to reach. */
function pairWithHook(): object {
  const room = JSON.parse(
    readFileSync(new URL('../../core/src/testing/room.json', import.meta.url), 'utf8'),
  ) as {
    parts: { id: string; leaves: string }[];
    things: object[];
  };
  return {
    ...room,
    title: 'A hook in the wardrobe',
    things: [
      ...room.things,
      {
        id: 'hook',
        name: 'Coat hook',
        kind: 'hand reach',
        x: mm(1640),
        y: mm(250),
        z: mm(900),
        width: mm(100),
        depth: mm(100),
        height: mm(100),
        shape: { kind: 'reach', hand: mm(60), arm: mm(500), open: 'wardrobe-leaf' },
      },
    ],
    parts: room.parts.map((part) => (part.id === 'wardrobe-leaf' ? { ...part, leaves: 'pair' } : part)),
  };
}

test('leaves that lap are opened in order, each to its full travel, and to where they stand', async ({
  page,
  request,
}) => {
  await page.goto(`/jobs/${await makeJob(request, inTheCorner())}/check`);
  await expect(answer(page)).toContainText('open the right door first: then it goes all the way');
  await expect(page.getByRole('button', { name: 'In order to here' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Open in order' }).click();
  await expect(order(page)).toContainText(/Open in this order:.*1.*Right door.*2.*Left door/);
  for (const name of ['Left door', 'Right door'])
    await expect(travel(page, name)).toHaveAttribute('aria-valuetext', /open to 90°/);
  // Drawn to where one wants them, and asked how to come there.
  await travel(page, 'Left door').focus();
  await page.keyboard.press('PageDown');
  await page.getByRole('button', { name: 'In order to here' }).click();
  await expect(order(page)).toContainText(/Open in this order:.*1.*Right door.*2.*Left door/);
  await expect(travel(page, 'Left door')).toHaveAttribute('aria-valuetext', /open to 80°/);
});

test('a hand reaches in through both leaves of a pair', async ({ page, request }) => {
  await page.goto(`/jobs/${await makeJob(request, pairWithHook())}/measure`);
  await expect(answer(page)).toContainText('of three');
  await page.keyboard.press('w');
  await page.getByRole('combobox', { name: 'What to find' }).fill('Coat hook');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Coat hook' })).toContainText(
    /A hand 60 mm broad gets to the coat hook from the north with the wardrobe leaf open/,
  );
});

test('of drawers behind a leaf that stands in their way, Hollin Hut advises what can be done', async ({
  page,
  request,
}) => {
  const file = JSON.parse(
    readFileSync(new URL('../../demo/hollin-hut.json', import.meta.url), 'utf8'),
  ) as object;
  // A plan file carries its log besides the plan.
  const plan = { ...file, instruments: undefined, readings: undefined };
  await page.goto(`/jobs/${await makeJob(request, plan)}/check`);
  await expect(page.getByRole('button', { name: 'All pairs' })).toBeVisible();
  await page.getByRole('button', { name: 'All pairs' }).click();
  const pairs = page.getByRole('dialog', { name: 'Which two parts?' });
  const of = pairs.getByRole('button', { name: /^Linen drawers, 1 does not open past/ });
  await expect(of).toHaveAccessibleName(
    /past Wardrobe pair, right: it goes to 40 mm with that shut, to 46\.5 mm with it open, of 500 mm\.$/,
  );
  await expect(pairs.getByRole('button', { name: /shut one before you open the other/ })).toHaveCount(0);
  await of.click();
  await page.getByRole('button', { name: 'Open in order' }).click();
  // What is told opens as far as it is told to.
  await expect(order(page)).toContainText('cannot both stand open, whatever else is shut.');
  await expect(order(page)).toContainText(/Linen drawers, 1 to 46 mm only/);
  await expect(travel(page, 'Linen drawers, 1')).toHaveAttribute('aria-valuetext', /46/);
});
