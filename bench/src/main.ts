import { spawnSync } from 'node:child_process';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Figures, median } from './figures';
import { measureMaps } from './maps';
import { measureDrawing, measureReadings } from './readings';
import { measureBalance } from './balance';
import { measureBank } from './bank';
import { cabin, measureCabin } from './cabin';
import { measureSight } from './sight';
import { measureWall } from './wall';
import {
  measureGrowth,
  measureNear,
  measureWarmRoom,
  printColdRoom,
  printLongestStep,
  printPeakMemory,
} from './rooms';

/**
 * `npm run -s bench`: ratios against general-purpose libraries, measured side by side in one run; `-- --json` prints
 * one object. Counts of distance evaluations are the steady figures; times wander with the machine.
 */
if (process.argv.includes('--memory')) printPeakMemory();
else if (process.argv.includes('--cold')) printColdRoom();
else if (process.argv.includes('--step')) printLongestStep();
// The plan that a page is measured with, as its file is.
else if (process.argv.includes('--cabin')) process.stdout.write(JSON.stringify(cabin()));
else await measure();

async function measure(): Promise<void> {
  // The libraries compared with are loaded here only: they count in nobody's memory but this process's.
  const { measureQueries } = await import('./queries');
  const { measureSweeps } = await import('./sweeps');
  const figures = new Figures();
  figures.note('roomColdMs', median(Array.from({ length: 7 }, () => alone('--cold'))));
  measureQueries(figures);
  measureSweeps(figures);
  measureWarmRoom(figures);
  measureMaps(figures);
  measureGrowth(figures);
  measureNear(figures);
  measureReadings(figures);
  measureDrawing(figures);
  measureWall(figures);
  measureBank(figures);
  measureBalance(figures);
  measureCabin(figures);
  measureSight(figures);
  figures.note('longestStepMs', median(Array.from({ length: 5 }, () => alone('--step'))));
  figures.note('peakMb', alone('--memory'));
  if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures.values)}\n`);
  else print(figures);
}

/** What a process of its own prints. */
function alone(what: string): number {
  const self = fileURLToPath(import.meta.url);
  const { stdout, stderr } = spawnSync(process.execPath, [self, what], { encoding: 'utf8' });
  if (!stdout) throw new Error(`The run ${what} printed nothing.\n${stderr}`);
  return Number(stdout);
}

function print({ values }: Figures): void {
  const day = new Date().toISOString().slice(0, 10);
  const machine = `${cpus().length} x ${cpus()[0]?.model.trim() ?? 'processor'}`;
  process.stdout.write(`${day}, ${machine}, Node.js ${process.versions.node}, ${process.platform}\n\n`);
  for (const [name, value] of Object.entries(values)) process.stdout.write(`${name.padEnd(20)} ${value}\n`);
}
