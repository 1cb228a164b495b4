/** `npm run -s bench:ui`: how fast the board follows a hand, measured in the browser; `-- --json` prints one object. */
import { spawnSync } from 'node:child_process';
import { readFileSync, readdirSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';
import { command } from './lib/run.mjs';
import { uiBank } from './lib/uiBank.mjs';
import { uiRoom } from './lib/uiRoom.mjs';
import { uiWall } from './lib/uiWall.mjs';

/** The demo jobs, by words of their titles. */
const DEMOS = ['Hollin Hut', 'Kiln shed', 'Sedge Wren'];

/** The part that is dragged and edited: one that stops short, at 85 degrees, so that it is among the first strips. */
const DRAGGED = 'Door 24';

await command(async () => {
  await ensurePackages();
  const { withDemo } = await import('./lib/browser.mjs');
  const figures = await withDemo(async ({ open, address, job }) => {
    const path = `/jobs/${await makeJob(address, uiRoom())}/check`;

    // Each is a browser context of its own: nothing is in its cache.
    const paints = [];
    for (let i = 0; i < 5; i += 1) {
      const page = await open(path, { init: watchForSheet });
      paints.push(await (await page.waitForFunction(() => globalThis.sheetAt)).jsonValue());
      await page.context().close();
    }
    const page = await open(path);
    await settled(page);
    const frames = await scrub(page);
    const edits = await answers(page);
    await page.context().close();

    const solid = await open(path);
    await settled(solid);
    await solid
      .getByRole('button', { name: /change this pane/ })
      .first()
      .click();
    await solid.getByRole('menuitem', { name: 'Solid', exact: true }).click();
    await solid.locator('canvas').first().waitFor();
    await solid.waitForTimeout(1500);
    const solids = await scrub(solid);
    await solid.context().close();
    const reading = await readings(open, address);
    const wall = await wardrobeWall(open, `/jobs/${await makeJob(address, uiWall())}`);
    const offered = [];
    for (const demo of DEMOS) offered.push(await firstOffer(open, `/jobs/${job(demo)}/check`));
    const bank = await drawerBank(open, `/jobs/${await makeJob(address, uiBank())}/plan`);
    const cabin = await cabinBed(open, `/jobs/${await makeJob(address, cabinPlan())}/plan`);
    return {
      scrubP50Ms: quantile(frames, 0.5),
      scrubP95Ms: quantile(frames, 0.95),
      scrubFrames: frames.length,
      solidP50Ms: quantile(solids, 0.5),
      solidP95Ms: quantile(solids, 0.95),
      solidFrames: solids.length,
      editMs: quantile(edits, 0.5),
      editWorstMs: quantile(edits, 1),
      paintMs: quantile(paints, 0.5),
      entryKb: entryKb(),
      ...reading,
      ...wall,
      ...bank,
      ...cabin,
      firstOfferMs: Math.max(...offered.map((times) => quantile(times, 0.5))),
      firstOfferWorstMs: Math.max(...offered.flat()),
    };
  });
  if (process.argv.includes('--json')) console.log(JSON.stringify(figures));
  else for (const [name, value] of Object.entries(figures)) console.log(`${name.padEnd(14)} ${value}`);
  return 0;
});

/** A job of a plan; its id. */
async function makeJob(address, plan) {
  const made = await fetch(`${address}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ plan }),
  });
  if (made.status !== 201) throw new Error(`The plan was not taken: ${await made.text()}`);
  return (await made.json()).id;
}

/** A wall of 24 openings: from the key that takes an edit of a door, and of a whole case with its six, to all answers. */
async function wardrobeWall(open, path) {
  const page = await open(`${path}/check`);
  await settled(page);
  const doors = await answers(page, 'Opening limit', (i) => String(86 + i));
  await page.getByRole('link', { name: /^Plan/ }).click();
  await page
    .getByRole('group', { name: /^Plan / })
    .getByRole('button', { name: 'Case 2', exact: true })
    .click();
  await page.waitForTimeout(500);
  const cases = await answers(page, 'Width', (i) => String(980 + i));
  await page.context().close();
  return {
    wallDoorMs: quantile(doors, 0.5),
    wallDoorWorstMs: quantile(doors, 1),
    wallCaseMs: quantile(cases, 0.5),
    wallCaseWorstMs: quantile(cases, 1),
  };
}

/** From the key that takes a gap, which changes all of a bank's drawers, to all answers on the page. */
async function drawerBank(open, path) {
  const page = await open(path);
  await settled(page);
  await page.locator('[data-part="bank.d24"]').first().press('Enter');
  const gaps = await answers(page, 'Gap between neighbours', (i) => (2 + i / 10).toFixed(1));
  await page.context().close();
  return { bankGapMs: quantile(gaps, 0.5), bankGapWorstMs: quantile(gaps, 1) };
}

/** A bed, a folding platform and ten lids: from the key that takes how thick the mattress is to all answers. */
async function cabinBed(open, path) {
  const page = await open(path);
  await settled(page);
  await page.locator('[data-part="cabinet-part"]').first().press('Enter');
  const edits = await answers(page, 'Mattress, thick', (i) => String(150 + i));
  await page.context().close();
  return { cabinEditMs: quantile(edits, 0.5), cabinEditWorstMs: quantile(edits, 1) };
}

/** The cabin that the core is measured with too. */
function cabinPlan() {
  const { stdout } = spawnSync(process.execPath, [fromRoot('scripts/bench.mjs'), '--cabin'], {
    encoding: 'utf8',
  });
  return JSON.parse(stdout);
}

/** From the answer on the page to the first way to mend what it tells, ms; the units are what is changed, so that the finding stays. */
async function firstOffer(open, path) {
  const page = await open(path);
  await settled(page);
  const offer = page.getByRole('button', { name: 'Try it', exact: true });
  await offer.waitFor();
  const times = [];
  for (let i = 0; i < 9; i += 1) {
    await page.waitForTimeout(1500);
    times.push(
      await page.evaluate(
        () =>
          new Promise((resolve) => {
            const list = document.querySelector('[aria-label="Travel strips"]');
            const found = () =>
              [...document.querySelectorAll('.answer button')].some(
                ({ textContent, disabled }) => textContent === 'Try it' && !disabled,
              );
            let [gone, answered] = [false, 0];
            const look = () => {
              gone ||= !found();
              if (gone && !answered && list.getAttribute('aria-busy') === 'false')
                answered = performance.now();
              if (answered && found()) resolve(performance.now() - answered);
              else requestAnimationFrame(look);
            };
            document.body.dispatchEvent(
              new KeyboardEvent('keydown', { key: 'u', code: 'KeyU', bubbles: true }),
            );
            document.body.dispatchEvent(
              new KeyboardEvent('keyup', { key: 'u', code: 'KeyU', bubbles: true }),
            );
            look();
          }),
      ),
    );
  }
  await page.context().close();
  return times.map((ms) => Math.round(ms * 10) / 10);
}

/** In the page: notes when the plan with its furniture is first on the screen, ms from the start of the load. */
function watchForSheet() {
  const look = () => {
    if (document.querySelector('[data-sheet="plan"] [data-item]'))
      // The frame after the one in which it is found has been painted.
      requestAnimationFrame(() => (globalThis.sheetAt = performance.now()));
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}

async function settled(page) {
  await page.getByRole('status').getByText('so next').waitFor();
  await page.locator('[aria-label="Travel strips"][aria-busy="false"]').waitFor();
}

/** The gzipped script and style that the page's first screen loads, kB: what index.html names, and what that imports. */
function entryKb() {
  const dist = fromRoot('web/dist');
  const files = readdirSync(`${dist}/assets`);
  const seen = new Set();
  const add = (name) => {
    if (seen.has(name) || !files.includes(name)) return;
    seen.add(name);
    if (!name.endsWith('.js')) return;
    const text = readFileSync(`${dist}/assets/${name}`, 'utf8');
    // Imports at the top of a module; import() is loaded when first used.
    for (const [, other] of text.matchAll(/(?:from|^import|[;}]import)\s*["']\.\/([^"']+)["']/g)) add(other);
  };
  for (const [, name] of readFileSync(`${dist}/index.html`, 'utf8').matchAll(
    /(?:src|href)="\/assets\/([^"]+)"/g,
  ))
    add(name);
  const bytes = [...seen]
    .filter((name) => /\.(js|css)$/.test(name))
    .reduce((sum, name) => sum + gzipSync(readFileSync(`${dist}/assets/${name}`), { level: 9 }).length, 0);
  return Math.round(bytes / 1000);
}

/** Times between the frames of three drags along the whole strip, ms. */
async function scrub(page) {
  const rider = page.getByRole('slider', { name: `Travel of ${DRAGGED}`, exact: true });
  await rider.scrollIntoViewIfNeeded();
  const box = await rider.boundingBox();
  const x = box.x + box.width / 2;
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.waitForTimeout(300);
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
  for (let pass = 0; pass < 3; pass += 1) {
    for (let i = 0; i <= 110; i += 1)
      await page.mouse.move(x + 192 * (pass % 2 === 0 ? i / 110 : 1 - i / 110), y);
  }
  await page.mouse.up();
  const times = await page.evaluate(() => {
    globalThis.recording = false;
    return globalThis.frameTimes;
  });
  return times.slice(2);
}

/** Times from the key that takes an edit to its answer on the page, ms. */
async function answers(page, label = 'Opening limit', text = (i) => String(86 + i)) {
  const field = page.getByRole('textbox', { name: label, exact: true });
  const times = [];
  for (let i = 0; i < 19; i += 1) {
    // The pause of a person between two edits: the drawing and the save of the one before are through.
    await page.waitForTimeout(500);
    await field.fill(text(i));
    times.push(
      await field.evaluate(
        (input) =>
          new Promise((resolve) => {
            const list = document.querySelector('[aria-label="Travel strips"]');
            const start = performance.now();
            const watch = new MutationObserver(() => {
              if (list.getAttribute('aria-busy') !== 'false') return;
              watch.disconnect();
              requestAnimationFrame(() => resolve(performance.now() - start));
            });
            watch.observe(list, { attributes: true });
            input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));
          }),
      ),
    );
  }
  return times;
}

/**
 * Ten thousand readings in a job: from the press on their tab to the list with what governs; and a file of five thousand
 * more, from the choice of it to the offer, and from taking it in to having it kept.
 */
async function readings(open, address) {
  const uuid = (n) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
  const keys = ['space/width', 'space/depth', 'space/height', 'box-1/x', 'box-1/y'];
  const size = {
    'space/width': 9700,
    'space/depth': 2420,
    'space/height': 2400,
    'box-1/x': 80,
    'box-1/y': 1150,
  };
  const many = Array.from({ length: 10_000 }, (_, i) => ({
    id: uuid(i),
    of: keys[i % keys.length],
    mm: size[keys[i % keys.length]] + ((i * 7) % 11) / 10,
    place: 'here',
    instrument: null,
    who: 'Ada',
    at: '2026-03-01T10:00:00.000Z',
    note: '',
    withdrawn: false,
  }));
  const made = await fetch(`${address}/api/jobs`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ plan: uiRoom(), log: { instruments: [], readings: many } }),
  });
  if (made.status !== 201) throw new Error(`The readings were not taken: ${await made.text()}`);
  const { id } = await made.json();
  const page = await open(`/jobs/${id}/measure`);
  await settled(page);
  await page.waitForTimeout(3000);
  const list = [];
  for (let i = 0; i < 7; i += 1) {
    await page.getByRole('tab', { name: 'Numbers' }).click();
    await page.waitForTimeout(400);
    list.push(
      await page.getByRole('tab', { name: 'Readings' }).evaluate(
        (tab) =>
          new Promise((resolve) => {
            const start = performance.now();
            tab.click();
            const look = () =>
              document.querySelector('[data-governs]')
                ? requestAnimationFrame(() => resolve(performance.now() - start))
                : requestAnimationFrame(look);
            look();
          }),
      ),
    );
  }
  await page.getByRole('tab', { name: 'Files' }).click();
  const box = page.getByRole('region', { name: 'Readings', exact: true });
  const rows = many.slice(0, 5000).map(({ of, mm }) => `${of},${mm},mm,top,Ada`);
  const csv = globalThis.Buffer.from(['dimension,value,unit,place,who', ...rows].join('\n'));
  const start = performance.now();
  await box
    .locator('input[type=file]')
    .setInputFiles({ name: 'many.csv', mimeType: 'text/csv', buffer: csv });
  const take = box.getByRole('button', { name: 'Take in 5000 readings' });
  await take.waitFor();
  const offered = performance.now();
  await take.click();
  await box.getByRole('status').waitFor();
  const kept = performance.now();
  await page.context().close();
  return {
    readingsListMs: quantile(list, 0.5),
    csvOfferMs: Math.round(offered - start),
    csvKeepMs: Math.round(kept - offered),
  };
}

function quantile(values, share) {
  const sorted = [...values].sort((a, b) => a - b);
  return Math.round(sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] * 10) / 10;
}
