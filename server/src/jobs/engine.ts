import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const CORE = fileURLToPath(new URL('../../../core/src/', import.meta.url));

let mark: string | undefined;

/** Stands for the core as it is now: an answer that bears another mark was worked out by another engine, and is worked out again. */
export function engineMark(): string {
  if (mark === undefined) {
    const hash = createHash('sha256');
    const files = readdirSync(CORE, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts') && !name.includes('.test.') && !name.startsWith('testing'))
      .sort();
    for (const name of files) hash.update(name).update(readFileSync(CORE + name));
    mark = hash.digest('hex').slice(0, 16);
  }
  return mark;
}
