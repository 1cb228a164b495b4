/**
 * `npm run -s mutants`: whether the tests of what people buy, cut, lift and stand on would notice a wrong figure. Changes drawn by a fixed
 * seed from the lines of sizes, hardware, notes, advice, balance and levers are made one at a time, in a copy, and the tests run on each.
 *
 *   --count N    so many changes (100)      --seed S    another draw (20261128)
 *   --trust      all tests are known to pass as they are: only the quick ones are run first without any change
 *   --of PART    only files with this in their path
 *   --quick      only the quick tests: what they let pass, others may still notice
 *   --json       killedPercent and all that survived, as JSON       --list    only what would be changed
 */
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';
import { command, Told } from './lib/run.mjs';

/** What is changed, and the tests that should notice: the quick ones of all are run first, since one that fails is enough. */
const KINDS = ['core/src/parts/(figureBook|kinds|levers|figures).test'];
const MADE = ['core/src/make', 'core/src/parts/mixed.test'];
const SCOPE = [
  {
    files: /^core\/src\/(strength|stability|material)\//,
    tests: [
      ['core/src/strength', 'core/src/stability', 'core/src/report/cautions', 'core/src/parts/tradeFigures'],
      KINDS,
    ],
  },
  { files: /^core\/src\/report\//, tests: [['core/src/report', 'core/src/parts/tradeFigures'], KINDS] },
  { files: /^core\/src\/(balance|sizing)\//, tests: [['core/src/balance'], KINDS, ['core/src/parts/top']] },
  {
    files: /^core\/src\/(cures|item\/lever)/,
    tests: [
      ['core/src/parts/levers.test', 'core/src/parts/madeUp'],
      ['core/src/cures', 'core/src/plan/plan.test', 'core/cli/offers'],
    ],
  },
  { files: /^core\/src\/parts\/door\//, tests: [KINDS, ['core/src/parts/door', ...MADE]] },
  {
    files: /^core\/src\/parts\/(drawer|pullout|kit\/(drawn|runs|box|contents))\//,
    tests: [KINDS, ['core/src/parts/drawer', 'core/src/parts/kit', ...MADE]],
  },
  { files: /^core\/src\/parts\/sliding\//, tests: [KINDS, ['core/src/parts/sliding', ...MADE]] },
  { files: /^core\/src\/parts\//, tests: [KINDS, ['core/src/parts/(top|shelf|kit)', ...MADE]] },
  {
    files: /^core\/src\/hardware\//,
    tests: [
      KINDS,
      ['core/src/hardware', 'core/src/formats/hardwareCsv', 'core/src/parts/door/trade', ...MADE],
    ],
  },
  {
    files: /^core\/src\/(carcass|things|existing)\//,
    tests: [KINDS, ['core/src/carcass', 'core/src/existing', 'core/src/things', ...MADE]],
  },
];
/** All tests together take minutes on a slow machine. */
const LONGEST_MS = 2_400_000;
/** The quick ones a minute or two: a loop that a change keeps from ending is noticed after this. */
const LONGEST_QUICK_MS = 300_000;

/** Whether tests pass in the copy, and what they said. */
function run(copy, tests, timeout = LONGEST_MS) {
  const flags = ['--experimental-vm-modules', '--disable-warning=ExperimentalWarning'];
  const jest = join(copy, 'node_modules/jest/bin/jest.js');
  const args = [...flags, jest, '--bail', '--silent', ...tests];
  return spawnSync(process.execPath, args, { cwd: copy, timeout, encoding: 'utf8' });
}

/** The test that noticed first, by its file; undefined where none did. */
function noticedBy(copy, change, quick) {
  const path = join(copy, change.file);
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, text.slice(0, change.start) + change.to + text.slice(change.end));
  try {
    const { tests } = SCOPE.find(({ files }) => files.test(change.file));
    for (const [i, some] of (quick ? tests.slice(0, 1) : tests).entries()) {
      const { status, stderr } = run(copy, some, i === 0 ? LONGEST_QUICK_MS : LONGEST_MS);
      if (status !== 0) return /^FAIL \S+ (\S+)/m.exec(stderr)?.[1] ?? 'no end';
    }
    return undefined;
  } finally {
    writeFileSync(path, text);
  }
}

await command(async () => {
  await ensurePackages();
  // It wants the compiler, which a fresh machine has only now.
  const { drawn } = await import('./lib/changes.mjs');
  const args = process.argv.slice(2);
  const number = (flag, usual) => (args.includes(flag) ? Number(args[args.indexOf(flag) + 1]) : usual);
  const asJson = args.includes('--json');
  const part = args.includes('--of') ? args[args.indexOf('--of') + 1] : '';
  const { of, changes } = drawn(number('--count', 100), number('--seed', 20261128), part);
  const said = ({ file, line, from, to }) => `${file}:${line}: ${from} -> ${to}`;
  if (args.includes('--list')) return console.log(changes.map(said).join('\n'));
  const copy = mkdtempSync(join(tmpdir(), 'tarnpass-mutants-'));
  const survivors = [];
  try {
    for (const name of [
      'core',
      'demo',
      'package.json',
      'jest.config.mjs',
      'tsconfig.base.json',
      'server',
      'web',
    ])
      cpSync(fromRoot(name), join(copy, name), {
        recursive: true,
        filter: (path) => !/node_modules|[\\/]dist$/.test(path),
      });
    for (const room of ['', 'core', 'server', 'web'])
      if (existsSync(fromRoot(join(room, 'node_modules'))))
        symlinkSync(fromRoot(join(room, 'node_modules')), join(copy, room, 'node_modules'));
    // A test that fails without any change would notice everything.
    const all = [...new Set(SCOPE.flatMap(({ tests }) => tests.flat()))];
    const { status, stderr } = run(copy, args.includes('--trust') ? KINDS : all);
    if (status !== 0) throw new Told(`A test fails as it is:\n${stderr}`);
    for (const [i, change] of changes.entries()) {
      const test = noticedBy(copy, change, args.includes('--quick'));
      if (!test) survivors.push(change);
      if (!asJson)
        console.log(
          `${i + 1}/${changes.length} ${test ? `noticed by ${test}` : 'SURVIVED'}  ${said(change)}`,
        );
    }
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
  const killedPercent = (100 * (changes.length - survivors.length)) / changes.length;
  if (asJson)
    console.log(
      JSON.stringify({ killedPercent, changes: changes.length, of, survivors: survivors.map(said) }, null, 2),
    );
  else
    console.log(
      `${killedPercent.toFixed(1)} percent of ${changes.length} changes noticed, drawn from ${of}.`,
    );
});
