/** `npm run -s referee`: the engine against manifold-3d over random scenes, from a shell. */
import { spawnSync } from 'node:child_process';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';

await ensurePackages();
const { status, error } = spawnSync(
  process.execPath,
  ['--import', 'tsx', fromRoot('core/cli/referee.ts'), ...process.argv.slice(2)],
  { stdio: 'inherit' },
);
if (error) throw error;
process.exitCode = status ?? 2;
