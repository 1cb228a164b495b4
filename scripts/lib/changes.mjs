import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';
import { fromRoot } from './paths.mjs';

/** Lines of sizes, strength, stability, hardware, notes, advice, balance and levers, by the files they stand in. */
const FILES = [
  /^core\/src\/(balance|sizing|cures|hardware)\/[^/]+$/,
  /^core\/src\/(strength|stability|material)\/[^/]+$/,
  /^core\/src\/report\/(air|cautions|squeeze)\.ts$/,
  /^core\/src\/carcass\/(strength|notes|levers|boards|layout|shares)\.ts$/,
  /^core\/src\/(things|existing)\/levers\.ts$/,
  /^core\/src\/parts\/.*\/(advice|notes|levers|lay|pieces|load|hingePulls|hinges|leaf|bank|runs|box|contents|liftOut|clear|entry|fronts|reused|forces|weights|wood|strength|muntins|benchNotes|framedLeaf|plates)\.ts$/,
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

/** So many changes as a seed draws them, of all there are in the files with this part in their path. */
export function drawn(count, seed, part = '') {
  const files = readdirSync(fromRoot('core/src'), { recursive: true })
    .map((file) => `core/src/${file}`)
    .filter(
      (file) =>
        file.endsWith('.ts') &&
        !/\.test\./.test(file) &&
        file.includes(part) &&
        FILES.some((one) => one.test(file)),
    );
  const all = files.sort().flatMap(changesIn);
  const next = dice(seed);
  // Shuffled as far as wanted, so that more of one seed are the same and others after them.
  for (let i = 0; i < Math.min(count, all.length); i += 1) {
    const j = i + Math.floor(next() * (all.length - i));
    [all[i], all[j]] = [all[j], all[i]];
  }
  return { of: all.length, changes: all.slice(0, count) };
}
