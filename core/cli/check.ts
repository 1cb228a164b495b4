import { readFileSync } from 'node:fs';
import {
  isSceneFile,
  LARGEST_LOG,
  offersOf,
  parseJson,
  pathText,
  readPlanFile,
  readScene,
  reportOf,
  reportText,
  sceneReport,
  SceneChecker,
  sceneReportText,
  type Issue,
} from '../src/index';

const USAGE = `Check a plan file or a scene file: what each part meets over its whole travel.

  npm run -s check -- plan.json          the report as JSON
  npm run -s check -- --text plan.json   the report as sentences
  npm run -s check -- -                  read standard input

Ends with 0 where all is clear or tight, 1 where something hits, 2 where the plan cannot be read.
`;

/** Of what would mend a finding so much is told. */
const OFFERS_TOLD = 1;

const CLEAR = 0;
const HITS = 1;
const BAD_INPUT = 2;

function main(args: readonly string[]): number {
  const asText = args.includes('--text');
  const files = args.filter((arg) => arg !== '--text');
  const unknown = files.find((arg) => arg.startsWith('-') && arg !== '-');
  if (args.includes('--help')) {
    process.stdout.write(USAGE);
    return CLEAR;
  }
  if (files.length !== 1 || unknown)
    return refuse([
      { path: [], message: unknown ? `There is no option ${unknown}.` : 'Name one plan or scene file.' },
    ]);

  const text = readInput(files[0]!);
  if (typeof text !== 'string') return refuse([text]);
  const parsed = parseJson(text);
  if (!parsed.ok) return refuse(parsed.issues);
  return isSceneFile(parsed.raw) ? checkScene(parsed.raw, asText) : checkPlan(text, asText);
}

function checkPlan(text: string, asText: boolean): number {
  const read = readPlanFile(text);
  if (!read.ok) return refuse(read.issues);
  const checker = new SceneChecker({ curves: true, charts: true });
  const report = reportOf(read.plan, checker);
  const open = [...report.parts.flatMap(({ findings }) => findings), ...report.notes, ...report.air];
  const keys = open.filter(({ verdict }) => verdict !== 'clear').map(({ key }) => key);
  const offers = offersOf(read.plan, checker, keys, OFFERS_TOLD);
  process.stdout.write(
    asText ? reportText(read.plan, report, offers) : `${JSON.stringify({ ...report, offers }, null, 2)}\n`,
  );
  return report.answer.verdict === 'hits' ? HITS : CLEAR;
}

function checkScene(raw: unknown, asText: boolean): number {
  const read = readScene(raw);
  if (!read.ok) return refuse(read.issues);
  const report = sceneReport(read.scene);
  process.stdout.write(asText ? sceneReportText(read.scene, report) : `${JSON.stringify(report, null, 2)}\n`);
  return report.movers.some(({ verdict }) => verdict === 'hits') ? HITS : CLEAR;
}

function readInput(file: string): string | Issue {
  try {
    const bytes = readFileSync(file === '-' ? 0 : file);
    if (bytes.length > LARGEST_LOG)
      return { path: [], message: 'A plan file with its readings may have up to 8 MB.' };
    return bytes.toString('utf8');
  } catch (error) {
    return {
      path: [],
      message: `Cannot read ${file}: ${(error as NodeJS.ErrnoException).code ?? String(error)}.`,
    };
  }
}

function refuse(issues: readonly Issue[]): number {
  for (const { path, message } of issues)
    process.stderr.write(`${path.length > 0 ? `${pathText(path)}: ` : ''}${message}\n`);
  return BAD_INPUT;
}

process.exitCode = main(process.argv.slice(2));
