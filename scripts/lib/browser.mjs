import { chromium } from 'playwright-core';
import { findChromium } from './chromium.mjs';
import { buildPage } from './page.mjs';
import { throwawayCluster } from './postgres.mjs';
import { startServer } from './server.mjs';

const QUIET = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/**
 * The built application with the demo data, on a database thrown away afterwards, and a browser on it.
 *
 * @param use  gets a function that opens a page at a path, the id of the first demo job, and that of any by words of its title
 */
export async function withDemo(use) {
  const executablePath = await findChromium();
  await buildPage();
  const cluster = await throwawayCluster();
  const stops = [cluster.stop];
  try {
    const server = await startServer({ url: await cluster.makeDatabase('demo') });
    stops.push(server.stop);
    const browser = await chromium.launch({ executablePath, args: QUIET });
    stops.push(() => browser.close());
    const jobs = await (await fetch(`${server.address}/api/jobs`)).json();
    const job = (words) => jobs.find(({ title }) => title.includes(words)).id;
    const open = async (path, { width = 1280, height = 800, dark = false, init } = {}) => {
      const context = await browser.newContext({
        viewport: { width, height },
        colorScheme: dark ? 'dark' : 'light',
        locale: 'en-GB',
      });
      const page = await context.newPage();
      if (init) await page.addInitScript(init);
      await page.goto(server.address + path);
      return page;
    };
    return await use({ open, demo: job('Hollin Hut'), job, address: server.address });
  } finally {
    for (const stop of stops.reverse()) await stop();
  }
}
