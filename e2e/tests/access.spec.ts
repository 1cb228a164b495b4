import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { answer, demoCopy } from './demo';

for (const colorScheme of ['light', 'dark'] as const) {
  test(`no screen has a serious accessibility finding, ${colorScheme} sheet`, async ({ page, request }) => {
    await page.emulateMedia({ colorScheme });
    const id = await demoCopy(request, `Access ${colorScheme}`);
    for (const path of ['/', `/jobs/${id}/check`, `/jobs/${id}/plan`, `/jobs/${id}/measure`]) {
      await page.goto(path);
      if (path !== '/') await expect(answer(page)).toContainText('Both parts');
      const { violations } = await new AxeBuilder({ page }).analyze();
      const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
      expect(serious.map(({ id, nodes }) => `${path} ${id}: ${nodes[0]!.html.slice(0, 120)}`)).toEqual([]);
    }
  });
}

test('the whole path works from the keyboard', async ({ page, request }) => {
  await page.goto(`/jobs/${await demoCopy(request, 'Keyboard')}`);
  await expect(answer(page)).toContainText('Both parts');
  const rider = page.getByRole('slider', { name: 'Travel of Locker leaf' });
  for (let i = 0; i < 60 && !(await rider.evaluate((node) => node === document.activeElement)); i += 1)
    await page.keyboard.press('Tab');
  await page.keyboard.press('PageUp');
  await page.keyboard.press('ArrowRight');
  await expect(rider).toHaveAttribute('aria-valuenow', '11');
  await page.keyboard.press('End');
  await expect(rider).toHaveAttribute('aria-valuenow', '100');
  await page.getByRole('button', { name: 'Try it' }).focus();
  await page.keyboard.press('Enter');
  await expect(answer(page)).toContainText('One part of two stops short');
  await page.keyboard.press('Control+z');
  await expect(answer(page)).toContainText('Both parts stop short');
});
