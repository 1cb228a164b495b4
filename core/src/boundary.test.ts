import { ESLint } from 'eslint';
import { fileURLToPath } from 'node:url';

/** The rules that keep the core free of its hosts, tried on code that breaks them. */
describe('the core imports nothing of its hosts', () => {
  const eslint = new ESLint({ cwd: fileURLToPath(new URL('../..', import.meta.url)) });
  const faults = async (code: string) => {
    const [result] = await eslint.lintText(code, { filePath: 'core/src/tried.ts' });
    return result!.messages.map(({ ruleId }) => ruleId).filter((rule) => rule?.startsWith('no-restricted'));
  };

  it.each([
    "import { readFileSync } from 'node:fs'; export const x = readFileSync;",
    "import fs from 'fs'; export const x = fs;",
    "import { useState } from 'react'; export const x = useState;",
    "import { store } from '../../web/src/store'; export const x = store;",
    "export { connect } from '../../server/src/db/connect';",
    'export const x = () => document.title;',
    'export const x = () => process.env;',
    'export const x = () => fetch("/");',
  ])('%s', async (code) => expect(await faults(code)).not.toEqual([]));

  it('and its own files and valibot are allowed', async () => {
    const code =
      "import * as v from 'valibot'; import { box } from './solid/prism'; export const x = [v, box];";
    expect(await faults(code)).toEqual([]);
  });
});
