/**
 * `npm test`: everything that must hold, on a fresh machine. Its last line is `N passed, N failed`: the sums of what the
 * runners report, with each of the checks that only pass or fail counted as one.
 */
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findChromium } from './lib/chromium.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';
import { throwawayCluster } from './lib/postgres.mjs';
import { Told, command, freePort, run } from './lib/run.mjs';

const TYPES = [
  'core/tsconfig.json',
  'core/tsconfig.test.json',
  'server/tsconfig.json',
  'web/tsconfig.json',
  'e2e/tsconfig.json',
  'bench/tsconfig.json',
];
const node = process.execPath;

await command(async () => {
  await ensurePackages();
  const chromium = await findChromium();
  const results = mkdtempSync(join(tmpdir(), 'tarnpass-results-'));
  const tally = { passed: 0, failed: 0 };
  const count = (name, { passed, failed }) => {
    tally.passed += passed;
    tally.failed += failed;
    console.log(`${name}: ${passed} passed, ${failed} failed`);
  };
  const cluster = await throwawayCluster();
  try {
    const { buildPage } = await import('./lib/page.mjs');
    // Each takes one processor.
    await Promise.all([checkTypes(count), checkText(count)]);
    const url = await cluster.makeDatabase('units');
    count('unit tests', await jest(results, url, ['core', 'web']));
    // These share a database: one file after the other.
    count('server tests', await jest(results, url, ['server'], ['--runInBand']));
    await buildPage();
    count('browser tests', await playwright(results, await cluster.makeDatabase('browser'), chromium));
  } finally {
    await cluster.stop();
    rmSync(results, { recursive: true, force: true });
  }
  console.log(`${tally.passed} passed, ${tally.failed} failed`);
  return tally.failed === 0 ? 0 : 1;
});

async function checkTypes(count) {
  const tsc = fromRoot('node_modules/typescript/bin/tsc');
  for (const project of TYPES) count(`types, ${project}`, await check([tsc, '-p', fromRoot(project)]));
}

async function checkText(count) {
  count('lint', await check([fromRoot('node_modules/eslint/bin/eslint.js'), '.', '--max-warnings', '0']));
  const cruiser = fromRoot('node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
  const rooms = ['core/src', 'web/src', 'server/src'];
  count(
    'order of the house',
    await check([cruiser, '--config', fromRoot('.dependency-cruiser.mjs'), ...rooms]),
  );
  const prettier = fromRoot('node_modules/prettier/bin/prettier.cjs');
  count('format', await check([prettier, '--check', '--log-level', 'warn', '.']));
}

/** A check that only passes or fails. */
async function check(args) {
  const { code, output } = await run(node, args, { cwd: fromRoot('') });
  if (code !== 0) console.log(output);
  return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** Tests of some rooms, a file on each processor. */
async function jest(results, url, rooms, how = ['--maxWorkers', '100%']) {
  const file = join(results, `${rooms.join('-')}.json`);
  const flags = ['--experimental-vm-modules', '--disable-warning=ExperimentalWarning'];
  const { code } = await run(
    node,
    [
      ...flags,
      fromRoot('node_modules/jest/bin/jest.js'),
      ...['--selectProjects', ...rooms],
      ...how,
      ...['--json', `--outputFile=${file}`, '--silent'],
    ],
    {
      cwd: fromRoot(''),
      env: { DATABASE_URL: url },
      show: true,
    },
  );
  const report = readReport(file, 'Jest');
  const passed = report.numPassedTests;
  // A suite that could not even start counts as a failure of its own.
  const failed = report.numFailedTests + report.numRuntimeErrorTestSuites;
  return ran('Jest', code, passed, failed);
}

async function playwright(results, url, chromium) {
  const file = join(results, 'playwright.json');
  const { code } = await run(
    node,
    [
      fromRoot('node_modules/@playwright/test/cli.js'),
      'test',
      '--config',
      fromRoot('e2e/playwright.config.ts'),
    ],
    {
      cwd: fromRoot('e2e'),
      env: {
        DATABASE_URL: url,
        CHROMIUM: chromium,
        PLAYWRIGHT_JSON_OUTPUT_NAME: file,
        E2E_PORT: String(await freePort()),
      },
      show: true,
    },
  );
  const { stats, errors } = readReport(file, 'Playwright');
  return ran('Playwright', code, stats.expected, stats.unexpected + stats.flaky + errors.length);
}

function readReport(file, runner) {
  if (!existsSync(file)) throw new Told(`${runner} wrote no report: it did not run.`);
  return JSON.parse(readFileSync(file, 'utf8'));
}

/** A runner that ran nothing, or that ends badly without saying which test failed, has failed. */
function ran(runner, code, passed, failed) {
  if (passed + failed === 0) console.log(`${runner} ran no test.`);
  const silent = passed + failed === 0 || (code !== 0 && failed === 0);
  return { passed, failed: failed + (silent ? 1 : 0) };
}
