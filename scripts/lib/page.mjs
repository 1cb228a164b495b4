import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fromRoot } from './paths.mjs';
import { Told, run } from './run.mjs';

const MARK = fromRoot('web/dist/.built-from');
const SOURCES = [
  'web/src',
  'web/index.html',
  'web/vite.config.ts',
  'web/package.json',
  'core/src',
  'package-lock.json',
];

/** Build the page, unless what it was built from has not changed. */
export async function buildPage() {
  const from = fingerprint();
  if (existsSync(MARK) && readFileSync(MARK, 'utf8') === from) return;
  process.stderr.write('Building the page ...\n');
  const { code, output } = await run(process.execPath, [viteProgram(), 'build', '--logLevel', 'warn'], {
    cwd: fromRoot('web'),
  });
  if (code !== 0) throw new Told(`The page could not be built.\n${output}`);
  writeFileSync(MARK, from);
}

/** Names and contents of all that the page is made of. */
function fingerprint() {
  const hash = createHash('sha256');
  const add = (path) => {
    if (statSync(path).isDirectory()) for (const name of readdirSync(path).sort()) add(join(path, name));
    else hash.update(path).update('\0').update(readFileSync(path)).update('\0');
  };
  for (const source of SOURCES) add(fromRoot(source));
  return hash.digest('hex');
}

/** npm may put the page's own packages in the root's folder or in its room's. */
function viteProgram() {
  const found = createRequire(fromRoot('web/package.json')).resolve('vite/package.json');
  return join(dirname(found), 'bin', 'vite.js');
}
