/** `npm run screenshots`: the pictures of docs/screenshots, from the demo job. */
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';
import { command } from './lib/run.mjs';

await command(async () => {
  await ensurePackages();
  const { withDemo } = await import('./lib/browser.mjs');
  const onPlan = (page) => page.getByRole('group', { name: /^Plan / });
  await withDemo(async ({ open, demo, job }) => {
    const take = async (name, path, options, act = async () => {}) => {
      const page = await open(path, options);
      if (!['/hardware', '/quick'].includes(path) && !path.endsWith('/read'))
        await page.getByText('so next').first().waitFor();
      // What would mend it comes after the answer.
      if (path.endsWith('/check')) await page.getByRole('button', { name: 'Try it', exact: true }).waitFor();
      await act(page);
      await page.evaluate(
        () => document.activeElement?.matches('[role="button"]') && document.activeElement.blur(),
      );
      await page.mouse.move(0, 0);
      await page.getByText('Working it out', { exact: true }).waitFor({ state: 'hidden' });
      await page.waitForTimeout(400);
      await refuseBlank(page, name);
      await page.screenshot({ path: fromRoot(`docs/screenshots/${name}.png`) });
      await page.context().close();
    };
    /** A page that shows nothing, or a part of it that is still being fetched, is no picture: everything stops there. */
    const refuseBlank = async (page, name) => {
      const { words, seen } = await page.evaluate(() => {
        const { innerWidth: wide, innerHeight: high } = globalThis;
        const spots = Array.from({ length: 60 }, (_, i) => [
          ((i % 6) + 0.5) / 6,
          (Math.floor(i / 6) + 0.5) / 10,
        ]);
        const root = document.getElementById('root');
        const on = spots.filter(([x, y]) => {
          const there = document.elementFromPoint(x * wide, y * high);
          return there && there !== root && root.contains(there);
        });
        return { words: document.body.innerText.trim().split(/\s+/).length, seen: on.length / spots.length };
      });
      if (words < 12 || seen < 0.2)
        throw new Error(
          `The picture ${name} would be blank: ${words} words, ${Math.round(100 * seen)} % of it drawn on.`,
        );
    };
    const openLeaf = (name, degrees) => async (page) => {
      const rider = page.getByRole('slider', { name: `Travel of ${name}` });
      await rider.focus();
      for (let i = 0; i < Math.floor(degrees / 10); i += 1) await rider.press('PageUp');
      for (let i = 0; i < degrees % 10; i += 1) await rider.press('ArrowRight');
      await rider.evaluate((node) => node.blur());
    };
    await take('jobs', '/', {}, (page) =>
      page.waitForFunction(() => !document.body.innerText.includes('It is being checked')),
    );
    await take('check', `/jobs/${demo}/check`, {}, openLeaf('Locker leaf', 71));
    await take('check-dark', `/jobs/${demo}/check`, { dark: true }, async (page) => {
      await openLeaf('Wardrobe pair, left', 88)(page);
      await page
        .getByRole('button', { name: /^Try it: stop it at/ })
        .first()
        .click();
      await page.getByText('Tried on the sheet').waitFor();
    });
    await take(
      'check-tablet',
      `/jobs/${demo}/check`,
      { width: 800, height: 1180 },
      openLeaf('Locker leaf', 71),
    );
    await take('plan', `/jobs/${demo}/plan`, {}, async (page) =>
      onPlan(page).getByRole('button', { name: 'Wardrobe pair, left', exact: true }).click(),
    );
    await take('measure', `/jobs/${demo}/measure`, {}, async (page) =>
      onPlan(page).getByRole('button', { name: 'Roof post', exact: true }).click(),
    );
    const tab = (name) => async (page) => {
      await page.getByRole('tab', { name }).click();
    };
    await take('readings', `/jobs/${demo}/measure`, {}, async (page) => {
      await tab('Readings')(page);
      await page.getByRole('button', { name: 'Show it on the sheet' }).click();
    });
    await take('tapes', `/jobs/${demo}/measure`, {}, tab('Tapes'));
    await take('missing', `/jobs/${demo}/measure`, { dark: true }, tab(/Missing/));
    await take('cabin', `/jobs/${job('Sedge Wren')}/measure`, {}, async (page) =>
      onPlan(page).getByRole('button', { name: 'Hull side, starboard', exact: true }).click(),
    );
    await take('forces', `/jobs/${job('Kiln shed')}/plan`, {}, async (page) => {
      await onPlan(page).getByRole('button', { name: 'Drying cupboard door', exact: true }).press('Enter');
      await openLeaf('Drying cupboard door', 40)(page);
      await page.getByRole('tab', { name: 'Forces' }).click();
      await page.getByText(/^Force at its/).waitFor();
    });
    await take('make', `/jobs/${demo}/make`, {}, async (page) =>
      page.getByRole('button', { name: 'Wardrobe pair, left' }).click(),
    );
    await take('drawer', '/hardware', {}, async (page) => {
      for (const name of [
        'Cup hinge 35 mm, opens 110°',
        'Butt hinge 63 mm',
        'Bar handle, holes 128 mm apart',
      ]) {
        await page.getByRole('button', { name: 'Put in' }).click();
        await page.getByRole('menuitem', { name, exact: true }).click();
        await page
          .getByRole('button', { name: new RegExp(name.slice(0, 12)) })
          .first()
          .waitFor();
      }
    });
    await take('phone', `/jobs/${demo}/read`, { width: 400, height: 860 }, async (page) => {
      await page.getByRole('textbox').first().waitFor();
    });
    await take('solid', `/jobs/${demo}/check`, {}, async (page) => {
      await openLeaf('Wardrobe pair, left', 60)(page);
      await page.getByRole('button', { name: 'Plan: change this pane' }).click();
      await page.getByRole('menuitem', { name: 'Solid', exact: true }).click();
      await page.locator('canvas').waitFor();
      await page.waitForTimeout(1500);
    });
    await take('quick-deck', '/quick', {});
    await take('quick', '/quick/wardrobe-pair', {}, openLeaf('Wardrobe pair, left', 75));
    // All opened in the order that is found.
    await take('order', `/jobs/${job('Kiln shed')}/check`, {}, async (page) => {
      await page.getByRole('button', { name: 'Open in order' }).click();
      await page
        .getByText(/Open in this order|No order opens all/)
        .first()
        .waitFor();
      await page.getByRole('button', { name: 'Stop', exact: true }).waitFor({ state: 'detached' });
    });
    // At the end, since the units are the job's own: inches, and a number that cannot be taken.
    await take('plan-inches', `/jobs/${demo}/plan`, {}, async (page) => {
      await page.getByRole('button', { name: 'Lengths in mm: change' }).click();
      await page.getByRole('menuitemradio', { name: 'Inches to 1/16', exact: true }).click();
      await onPlan(page).getByRole('button', { name: 'Wardrobe pair, left', exact: true }).click();
      const gap = page.getByRole('textbox', { name: 'Gap between neighbours' });
      await gap.fill('1 5/8');
      await gap.press('Enter');
      await gap.evaluate((node) => node.blur());
    });
  });
  return 0;
});
