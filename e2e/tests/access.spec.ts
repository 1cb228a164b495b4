import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { answer, demoCopy, onPlan } from './demo';

for (const colorScheme of ['light', 'dark'] as const) {
  test(`no screen has a serious accessibility finding, ${colorScheme} sheet`, async ({ page, request }) => {
    // Some twenty screens, each looked through whole.
    test.setTimeout(240_000);
    // A colour half way through its change is none to be judged.
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    const id = await demoCopy(request, `Access ${colorScheme}`);
    const board = ['check', 'plan', 'measure', 'make'].map((stage) => `/jobs/${id}/${stage}`);
    const tabs = ['Readings', 'Missing', 'Tapes', 'Way in', 'Files'].map(
      (name) => `/jobs/${id}/measure#${name}`,
    );
    tabs.push(...['Materials', 'Hardware', 'Ways'].map((name) => `/jobs/${id}/plan#${name}`));
    const alone = ['/', '/keys', '/quick', '/hardware', `/jobs/${id}/read`];
    for (const path of [...alone, '/quick/doors-in-corner', ...board, ...tabs, `/jobs/${id}/find`]) {
      await page.goto(path.replace('find', 'check'));
      if (!alone.includes(path)) await expect(answer(page)).toContainText('Both parts');
      if (path.endsWith('/read'))
        await expect(page.getByRole('button', { name: /^Take off the meter/ })).toBeEnabled();
      const tab = path.split('#')[1];
      if (tab) {
        await page.getByRole('tab', { name: tab }).click();
        await expect(page.getByRole('tab', { name: tab })).toHaveAttribute('aria-selected', 'true');
      }
      if (path.endsWith('find')) {
        await page.keyboard.press('w');
        await expect(page.getByRole('combobox', { name: 'What to find' })).toBeVisible();
      }
      // About tabs and their panel the board is the same, and was looked through with its stage; in the dark only colours are others.
      const axe = new AxeBuilder({ page });
      if (tab) axe.include('[role="tablist"]').include('[role="tabpanel"]');
      const { violations } = await (
        colorScheme === 'dark' ? axe.withRules(['color-contrast']) : axe
      ).analyze();
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
      expect(serious.map(({ id, nodes }) => `${path} ${id}: ${nodes[0]!.html.slice(0, 120)}`)).toEqual([]);
    }
  });
}

test('all of it from the keyboard alone', async ({ page, request }) => {
  await page.goto(`/jobs/${await demoCopy(request, 'Keyboard')}`);
  await expect(answer(page)).toContainText('Both parts');
  // Tab reaches a strip; its keys move the part, and play it.
  const rider = page.getByRole('slider', { name: 'Travel of Locker leaf' });
  for (let i = 0; i < 80 && !(await rider.evaluate((node) => node === document.activeElement)); i += 1)
    await page.keyboard.press('Tab');
  await page.keyboard.press('PageUp');
  await page.keyboard.press('ArrowRight');
  await expect(rider).toHaveAttribute('aria-valuenow', '11');
  await page.keyboard.press('End');
  await expect(rider).toHaveAttribute('aria-valuenow', '100');
  await page.keyboard.press('Enter');
  await expect(rider).toHaveAttribute('aria-valuenow', '0');
  // The next act is a button like any other.
  await page.getByRole('button', { name: 'Try it', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(answer(page)).toContainText('Tried on the sheet');
  await page.getByRole('button', { name: 'Take it', exact: true }).focus();
  await page.keyboard.press('Enter');
  await expect(answer(page)).toContainText('One part of two stops short');
  await page.keyboard.press('Control+z');
  await expect(answer(page)).toContainText('Both parts stop short');
  // A thing is found by name, shifted on the sheet, and the stage changes with it.
  await page.keyboard.press('w');
  await expect(page.getByRole('combobox', { name: 'What to find' })).toBeFocused();
  await page.keyboard.type('Roof');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/measure$/);
  const west = page.getByRole('textbox', { name: 'From the west wall' });
  const before = Number(await west.inputValue());
  await onPlan(page).getByRole('button', { name: 'Roof post', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(west).toHaveValue(String(before + 11));
  // In an open menu they are the menu's own.
  await page.getByRole('button', { name: 'More for Roof post' }).press('Enter');
  await page.keyboard.press('d');
  await page.keyboard.press('Escape');
  await expect(onPlan(page).getByRole('button', { name: 'Roof post 2', exact: true })).toHaveCount(0);
  // Single keys can be turned off.
  await page.keyboard.press('h');
  await page.getByRole('checkbox', { name: /Single keys count/ }).press('Space');
  await page.goBack();
  await expect(answer(page)).toContainText('Both parts');
  await page.keyboard.press('h');
  await expect(page).toHaveURL(/measure$/);
});
