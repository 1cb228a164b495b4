/**
 * `npm run -s mutants`: whether the tests of what people buy, cut, lift and stand on would notice a wrong figure. Changes drawn by a fixed
 * seed from the lines of sizes, hardware, notes, advice, balance and levers are made one at a time, in a copy, and the tests run on each.
 *
 *   --count N    so many changes (100)      --seed S    another draw (20261128)
 *   --json       killedPercent and all that survived, as JSON       --list    only what would be changed
 */
import { spawnSync } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ts from 'typescript';
import { ensurePackages } from './lib/packages.mjs';
import { fromRoot } from './lib/paths.mjs';
import { command, Told } from './lib/run.mjs';

/** What is changed, and the tests that should notice: the quick ones of all are run first, since one that fails is enough. */
const KINDS = ['core/src/parts/(figureBook|kinds|levers|figures).test'];
const MADE = ['core/src/make', 'core/src/parts/mixed.test'];
const SCOPE = [
  { files: /^core\/src\/(balance|sizing)\//, tests: [KINDS, ['core/src/balance', 'core/src/parts/top']] },
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
/** Lines of sizes, hardware, notes, advice, balance and levers, by the files they stand in. */
const FILES = [
  /^core\/src\/(balance|sizing|cures|hardware)\/[^/]+$/,
  /^core\/src\/carcass\/(notes|levers|boards|layout|shares)\.ts$/,
  /^core\/src\/(things|existing)\/levers\.ts$/,
  /^core\/src\/parts\/.*\/(advice|notes|levers|lay|pieces|load|hingePulls|hinges|leaf|bank|runs|box|contents|liftOut|clear|entry|fronts|reused|forces|weights)\.ts$/,
];

/** One thing in place of another: operators, and the figures themselves. */
const OPERATORS = new Map([
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.LessThanToken, '>'],
  [ts.SyntaxKind.GreaterThanToken, '<'],
  [ts.SyntaxKind.LessThanEqualsToken, '>'],
  [ts.SyntaxKind.GreaterThanEqualsToken, '<'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);
const NAMES = new Map([
  ['min', 'max'],
  ['max', 'min'],
  ['floor', 'ceil'],
  ['ceil', 'floor'],
]);

/** Every change there is to make in a file. */
function changesIn(file) {
  const text = readFileSync(fromRoot(file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const add = (node, to) => {
    const { line } = source.getLineAndCharacterOfPosition(node.getStart());
    found.push({ file, line: line + 1, start: node.getStart(), end: node.end, from: node.getText(), to });
  };
  const visit = (node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isNumericLiteral(node))
      add(node, `${Number(node.text) + (Number(node.text) < 1 && node.text !== '0' ? 0.5 : 1)}`);
    else if (ts.isBinaryExpression(node) && OPERATORS.has(node.operatorToken.kind) && !isText(node))
      add(node.operatorToken, OPERATORS.get(node.operatorToken.kind));
    else if (
      ts.isPropertyAccessExpression(node) &&
      node.expression.getText() === 'Math' &&
      NAMES.has(node.name.text)
    )
      add(node.name, NAMES.get(node.name.text));
    else if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
    else if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
    else if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken)
      add(node, node.operand.getText());
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

const isText = ({ left, right }) =>
  [left, right].some((side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side));

/** Numbers that a seed repeats: mulberry32, by Tommy Ettinger, public domain. */
function dice(seed) {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

function drawn(count, seed) {
  const files = readdirSync(fromRoot('core/src'), { recursive: true })
    .map((file) => `core/src/${file}`)
    .filter((file) => file.endsWith('.ts') && !/\.test\./.test(file) && FILES.some((one) => one.test(file)));
  const all = files.sort().flatMap(changesIn);
  const next = dice(seed);
  // Shuffled as far as wanted, so that more of one seed are the same and others after them.
  for (let i = 0; i < Math.min(count, all.length); i += 1) {
    const j = i + Math.floor(next() * (all.length - i));
    [all[i], all[j]] = [all[j], all[i]];
  }
  return { of: all.length, changes: all.slice(0, count) };
}

/** Whether tests pass in the copy, and what they said. */
function run(copy, tests) {
  const flags = ['--experimental-vm-modules', '--disable-warning=ExperimentalWarning'];
  const jest = join(copy, 'node_modules/jest/bin/jest.js');
  const args = [...flags, jest, '--bail', '--silent', ...tests];
  return spawnSync(process.execPath, args, { cwd: copy, timeout: 600_000, encoding: 'utf8' });
}

/** The test that noticed first, by its file; undefined where none did. */
function noticedBy(copy, change) {
  const path = join(copy, change.file);
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, text.slice(0, change.start) + change.to + text.slice(change.end));
  try {
    const { tests } = SCOPE.find(({ files }) => files.test(change.file));
    for (const some of tests) {
      const { status, stderr } = run(copy, some);
      if (status !== 0) return /^FAIL \S+ (\S+)/m.exec(stderr)?.[1] ?? 'no end';
    }
    return undefined;
  } finally {
    writeFileSync(path, text);
  }
}

await command(async () => {
  await ensurePackages();
  const args = process.argv.slice(2);
  const number = (flag, usual) => (args.includes(flag) ? Number(args[args.indexOf(flag) + 1]) : usual);
  const asJson = args.includes('--json');
  const { of, changes } = drawn(number('--count', 100), number('--seed', 20261128));
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
    const { status, stderr } = run(copy, [...new Set(SCOPE.flatMap(({ tests }) => tests.flat()))]);
    if (status !== 0) throw new Told(`A test fails as it is:\n${stderr}`);
    for (const [i, change] of changes.entries()) {
      const test = noticedBy(copy, change);
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
