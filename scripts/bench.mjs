/** `npm run -s bench`: the core's speed against general-purpose libraries, side by side; `-- --json` prints one object. */
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';

await ensurePackages();
// Measured as it ships: put together by the bundler that makes the page.
const { build } = await import('rolldown');
await build({
  input: fromRoot('bench/src/main.ts'),
  platform: 'node',
  external: ['@dimforge/rapier3d-compat', 'manifold-3d'],
  output: { dir: fromRoot('bench/dist'), cleanDir: true, minify: true },
});
const { status, error } = spawnSync(
  process.execPath,
  [fromRoot('bench/dist/main.js'), ...process.argv.slice(2)],
  { stdio: 'inherit' },
);
if (error) throw error;
process.exitCode = status ?? 1;
