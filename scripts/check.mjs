/** `npm run -s check -- plan.json`: the core's answer to a plan file, from a shell. */
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';

await ensurePackages();
const { status, error } = spawnSync(
  process.execPath,
  ['--import', 'tsx', fromRoot('core/cli/check.ts'), ...process.argv.slice(2)],
  {
    stdio: 'inherit',
  },
);
if (error) throw error;
process.exitCode = status ?? 2;
