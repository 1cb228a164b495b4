import { ESLint } from 'eslint';
import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));
const eslint = new ESLint({ cwd: root });

/** What the lint says of code that stands in a file. */
async function faults(filePath: string, code: string): Promise<string[]> {
  const [result] = await eslint.lintText(code, { filePath });
  return result!.messages
    .map(({ ruleId }) => ruleId ?? '')
    .filter((rule) => rule.startsWith('no-restricted'));
}

/** The rules that keep the core free of its hosts, tried on code that breaks them. */
describe('the core imports nothing of its hosts', () => {
  it.each([
    "import { readFileSync } from 'node:fs'; export const x = readFileSync;",
    "import fs from 'fs'; export const x = fs;",
    "import { useState } from 'react'; export const x = useState;",
    "import { store } from '../../web/src/store'; export const x = store;",
    "export { connect } from '../../server/src/db/connect';",
    'export const x = () => document.title;',
    'export const x = () => process.env;',
    'export const x = () => fetch("/");',
  ])('%s', async (code) => expect(await faults('core/src/tried.ts', code)).not.toEqual([]));

  it('and its own files and valibot are allowed', async () => {
    const code =
      "import * as v from 'valibot'; import { box } from './solid/prism'; export const x = [v, box];";
    expect(await faults('core/src/tried.ts', code)).toEqual([]);
  });
});

describe('no family of parts is known by its name outside parts/, and no id is cut up', () => {
  const named = [
    "export const x = (part: { family: string }) => part.family === 'door';",
    "export const x = ({ family }: { family: string }) => family !== 'door';",
    "export const x = { family: 'door' };",
    "export type X<Part> = Extract<Part, { family: 'door' }>;",
    "export const x = (part: { family: string }) => { switch (part.family) { case 'door': return 1; default: return 2; } };",
  ];
  const cut = [
    "export const x = (id: string) => id.split('.')[0];",
    "export const x = (body: { id: string }) => body.id.startsWith('thing-');",
    'export const x = (key: string) => /^d(\\d+)$/.exec(key);',
    'export const x = ({ item }: { item: string }) => item.slice(3);',
  ];

  it.each(['core/src/plan/tried.ts', 'web/src/view/tried.tsx', 'server/src/jobs/tried.ts'])(
    '%s',
    async (file) => {
      for (const code of [...named, ...cut])
        expect([code, await faults(file, code)]).toEqual([code, ['no-restricted-syntax']]);
    },
  );

  it('nor in parts/, where a family may say its own name', async () => {
    for (const code of cut)
      expect(await faults('core/src/parts/tried.ts', code)).toEqual(['no-restricted-syntax']);
    expect(await faults('core/src/parts/tried.ts', named[2]!)).toEqual([]);
  });
});

describe('no ring and no step upward between files and folders', () => {
  const laid: string[] = [];
  afterAll(() => laid.forEach((dir) => rmSync(dir, { recursive: true })));

  /** The rules that a made-up house breaks. */
  const broken = (files: Readonly<Record<string, string>>): string[] => {
    const dir = mkdtempSync(join(tmpdir(), 'tarnpass-house-'));
    laid.push(dir);
    for (const [file, code] of Object.entries(files)) {
      mkdirSync(dirname(join(dir, file)), { recursive: true });
      writeFileSync(join(dir, file), code);
    }
    const cruise = join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
    const args = [cruise, '--config', join(root, '.dependency-cruiser.mjs'), '--output-type', 'json'];
    const { stdout } = spawnSync(
      process.execPath,
      [...args, ...new Set(Object.keys(files).map((file) => file.split('/').slice(0, 2).join('/')))],
      { cwd: dir, encoding: 'utf8' },
    );
    const { summary } = JSON.parse(stdout) as { summary: { violations: { rule: { name: string } }[] } };
    return [...new Set(summary.violations.map(({ rule }) => rule.name))].sort();
  };
  const importing = (from: string) =>
    `import type { X } from '${from}';\nexport type Y = X;\nexport type X = 1;\n`;

  it('two files that need each other, if only for their types', () => {
    expect(broken({ 'core/src/a.ts': importing('./b'), 'core/src/b.ts': importing('./a') })).toEqual([
      'no-ring-of-files',
    ]);
  });

  it('two folders that need each other by four files that do not', () => {
    const house = {
      'core/src/one/a.ts': importing('../two/b'),
      'core/src/two/b.ts': 'export type X = 1;\n',
      'core/src/two/c.ts': importing('../one/d'),
      'core/src/one/d.ts': 'export type X = 1;\n',
    };
    expect(broken(house)).toEqual(['no-ring-of-folders']);
  });

  it.each([
    ['engine-knows-no-plan', 'core/src/clearance/a.ts', 'core/src/plan/b.ts'],
    ['parts-know-no-plan', 'core/src/parts/kit/a.ts', 'core/src/plan/b.ts'],
    ['families-apart', 'core/src/parts/hatch/a.ts', 'core/src/parts/flap/b.ts'],
    ['families-by-their-table', 'core/src/report/a.ts', 'core/src/parts/flap/b.ts'],
    ['core-stands-alone', 'core/src/report/a.ts', 'web/src/state/b.ts'],
    ['state-draws-nothing', 'web/src/state/a.ts', 'web/src/view/b.ts'],
    ['views-know-no-screen', 'web/src/view/a.ts', 'web/src/screens/b.ts'],
  ])('%s', (rule, from, to) => {
    const up = '../'.repeat(from.split('/').length - 1);
    expect(
      broken({ [from]: importing(`${up}${to.replace('.ts', '')}`), [to]: 'export type X = 1;\n' }),
    ).toEqual([rule]);
  });
});
