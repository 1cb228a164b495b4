/** `npm run -s bench:ui`: how fast the board follows a hand, measured in the browser; `-- --json` prints one object. */
import { ensurePackages } from './lib/packages.mjs';
import { command } from './lib/run.mjs';

await command(async () => {
  await ensurePackages();
  const { withDemo } = await import('./lib/browser.mjs');
  const figures = await withDemo(async ({ open, demo }) => {
    const page = await open(`/jobs/${demo}/check`);
    await page.getByRole('status').getByText('so next').waitFor();
    const frames = await scrub(page);
    const edits = await answers(page);
    return {
      scrubP50Ms: quantile(frames, 0.5),
      scrubP95Ms: quantile(frames, 0.95),
      scrubFrames: frames.length,
      editMs: quantile(edits, 0.5),
      editWorstMs: quantile(edits, 1),
      edits: edits.length,
    };
  });
  if (process.argv.includes('--json')) console.log(JSON.stringify(figures));
  else for (const [name, value] of Object.entries(figures)) console.log(`${name.padEnd(14)} ${value}`);
  return 0;
});

/** Times between the frames of three drags along the whole strip, ms. */
async function scrub(page) {
  const rider = page.getByRole('slider', { name: 'Travel of Locker leaf' });
  await rider.click();
  const box = await rider.boundingBox();
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  await page.evaluate(() => {
    globalThis.frameTimes = [];
    globalThis.recording = true;
    let last = performance.now();
    const frame = (now) => {
      globalThis.frameTimes.push(now - last);
      last = now;
      if (globalThis.recording) requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let pass = 0; pass < 3; pass += 1) {
    for (let i = 0; i <= 110; i += 1)
      await page.mouse.move(x + 220 * (pass % 2 === 0 ? i / 110 : 1 - i / 110), y);
  }
  await page.mouse.up();
  const times = await page.evaluate(() => {
    globalThis.recording = false;
    return globalThis.frameTimes;
  });
  return times.slice(2);
}

/** Times from the key that takes an edit to its answer on the page, ms. */
async function answers(page) {
  const field = page.getByRole('textbox', { name: 'Opening limit' });
  const times = [];
  for (let i = 0; i < 20; i += 1) {
    await field.fill(String(40 + i));
    times.push(
      await field.evaluate(
        (input) =>
          new Promise((resolve) => {
            const list = document.querySelector('[aria-label="Travel strips"]');
            const start = performance.now();
            const watch = new MutationObserver(() => {
              if (list.textContent.includes('working it out')) return;
              watch.disconnect();
              requestAnimationFrame(() => resolve(performance.now() - start));
            });
            watch.observe(list, { subtree: true, childList: true, characterData: true });
            input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
          }),
      ),
    );
  }
  return times;
}

function quantile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return Math.round(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] * 10) / 10;
}
