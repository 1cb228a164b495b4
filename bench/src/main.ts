import { spawnSync } from 'node:child_process';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { Figures } from './figures';
import { measureMaps } from './maps';
import { measureColdRoom, measureGrowth, measureWarmRoom, printPeakMemory } from './rooms';

/**
 * `npm run -s bench`: ratios against general-purpose libraries, measured side by side in one run; `-- --json` prints
 * one object. Counts of distance evaluations are the steady figures; times wander with the machine.
 */
if (process.argv.includes('--memory')) printPeakMemory();
else await measure();

async function measure(): Promise<void> {
  const figures = new Figures();
  measureColdRoom(figures);
  // Loaded only now: compiling the libraries compared with would count as the room's first time.
  const { measureQueries } = await import('./queries');
  const { measureSweeps } = await import('./sweeps');
  measureQueries(figures);
  measureSweeps(figures);
  measureWarmRoom(figures);
  measureMaps(figures);
  measureGrowth(figures);
  figures.note('peakMb', peakMemory());
  if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures.values)}\n`);
  else print(figures);
}

/** In a process of its own, without the libraries compared with. */
function peakMemory(): number {
  const self = fileURLToPath(import.meta.url);
  return Number(spawnSync(process.execPath, [self, '--memory'], { encoding: 'utf8' }).stdout);
}

function print({ values }: Figures): void {
  const day = new Date().toISOString().slice(0, 10);
  const machine = `${cpus().length} x ${cpus()[0]?.model.trim() ?? 'processor'}`;
  process.stdout.write(`${day}, ${machine}, Node.js ${process.versions.node}, ${process.platform}\n\n`);
  for (const [name, value] of Object.entries(values)) process.stdout.write(`${name.padEnd(20)} ${value}\n`);
}
