import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fromRoot } from './paths.mjs';

const LOCK = fromRoot('package-lock.json');
const MARK = fromRoot('node_modules/.tarnpass-lock');

/**
 * Install the npm packages of the lock file where they are missing or of another lock file. Uses Node alone, since
 * nothing else is there yet; npm's own output goes to standard error, so that a command's result stays clean.
 */
export async function ensurePackages() {
  const wanted = createHash('sha256').update(readFileSync(LOCK)).digest('hex');
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === wanted) return;
  process.stderr.write('Installing the npm packages of the lock file ...\n');
  const code = await new Promise((resolve, reject) => {
    const npm = spawn('npm', ['ci', '--no-audit', '--no-fund'], {
      cwd: fromRoot(''),
      stdio: ['ignore', 2, 2],
    });
    npm.on('error', reject);
    npm.on('close', resolve);
  });
  if (code !== 0) throw new Error(`npm ci ended with ${code}: the npm packages could not be installed.`);
  writeFileSync(MARK, wanted);
}
