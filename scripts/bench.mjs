/** `npm run -s bench`: the core's speed against general-purpose libraries, side by side; `-- --json` prints one object. */
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';

await ensurePackages();
const { status, error } = spawnSync(
  process.execPath,
  ['--import', 'tsx', fromRoot('bench/src/main.ts'), ...process.argv.slice(2)],
  {
    stdio: 'inherit',
  },
);
if (error) throw error;
process.exitCode = status ?? 1;
