import { existsSync } from 'node:fs';
import { installDebian } from './debian.mjs';

const PROGRAMS = ['/usr/bin/chromium', '/usr/bin/chromium-browser'];

/** Debian's Chromium, for the browser tests; installed where it is missing. */
export async function findChromium() {
  const found = () => PROGRAMS.find((program) => existsSync(program));
  if (!found()) await installDebian('chromium', 'The browser tests need Chromium, which is not here.');
  return found();
}
