/**
 * `npm run -s referee -- --scenes N --seed S`: random scenes of every joint, the engine's answers held against manifold-3d over poses
 * worked out apart from it. `--orders N` instead: its orders, ways and words of two to five movers; `--readings N`: so many tapes held against a
 * trusted rule, and rooms whose lengths between corners were read, with slips as hands make them. With `--prove` each fault that the engine once had (or `--only` those
 * of a letter) is put back in a copy, and must be found.
 */
import { spawn } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { manifoldModule } from '../src/testing/manifoldGap';
import { studyRooms } from '../src/testing/readings/studyRooms';
import { studyTapes } from '../src/testing/readings/studyTapes';
import { FAULTS, type Fault } from '../src/testing/referee/faults';
import { tallied, type Tally } from '../src/testing/referee/tally';
import { talliedOrders, type OrdersTally } from '../src/testing/referee/tallyOrders';

const core = fileURLToPath(new URL('..', import.meta.url));

function option(name: string, fallback: number): number {
  const at = process.argv.indexOf(`--${name}`);
  const value = at < 0 ? fallback : Number(process.argv[at + 1]);
  if (!Number.isInteger(value) || value < 0) throw new Error(`--${name} needs a whole number.`);
  return value;
}

const shares = (of: Readonly<Record<string, number>>, all: number) =>
  Object.entries(of)
    .sort(([, a], [, b]) => b - a)
    .map(([key, count]) => `${key} ${((100 * count) / all).toFixed(1)} %`)
    .join(', ');

function print({ scenes, wrong, joints, verdicts, close, pairs, slowest }: Tally): void {
  const told = Object.values(verdicts).reduce((sum, count) => sum + count, 0);
  console.log(`${scenes} scenes, ${pairs} pairs of bodies, ${told} of them told`);
  console.log(`scenes with a joint: ${shares(joints, scenes)}`);
  console.log(`told: ${shares(verdicts, told)}`);
  console.log(`within 0.1 mm of touching: ${shares({ scenes: close }, scenes)}`);
  console.log(`slowest for the engine: scene ${slowest[1]}, ${slowest[0].toFixed(0)} ms`);
  for (const what of wrong.slice(0, 20)) console.log(`  ${what}`);
  console.log(`${wrong.length} disagreements`);
}

function printOrders({ scenes, wrong, joints, words, orders, slowest }: OrdersTally): void {
  const pairs = Object.values(words).reduce((sum, count) => sum + count, 0);
  console.log(`${scenes} scenes, ${pairs} pairs of movers`);
  console.log(`scenes with a joint: ${shares(joints, scenes)}`);
  console.log(`pairs: ${shares(words, pairs)}`);
  console.log(`opened in order: ${shares(orders, scenes)}`);
  console.log(`slowest for the engine: scene ${slowest[1]}, ${slowest[0].toFixed(0)} ms`);
  for (const what of wrong.slice(0, 20)) console.log(`  ${what}`);
  console.log(`${wrong.length} disagreements`);
}

/** Ends with 1 where a correction made a reading worse than it says, or a true room was lost. */
function printReadings(count: number, seed: number): boolean {
  const of = (n: number, all: number) => `${n} of ${all} (${((100 * n) / Math.max(1, all)).toFixed(1)} %)`;
  const tapes = studyTapes(count, seed);
  console.log(`${tapes.trials} tapes compared with a trusted rule at one to eight lengths`);
  console.log(`  good tapes called off or doubted: ${of(tapes.falseAlarms, tapes.good)}`);
  console.log(
    `  tapes off by 3 mm or more, three lengths compared, corrected: ${of(tapes.corrected, tapes.bad)}`,
  );
  console.log(`  slips of 9 mm or more among the checks, nothing said: ${of(tapes.silent, tapes.slipped)}`);
  console.log(
    `  readings made worse than three of their sigma by a correction: ${of(tapes.worse, tapes.trials)}`,
  );
  console.log(`  readings over 25 mm off once corrected: ${of(tapes.far, tapes.trials)}`);
  console.log(`  readings beyond three of their sigma: ${of(tapes.beyond, tapes.trials)}`);
  console.log(`  readings told without doubt: ${of(tapes.certain, tapes.trials)}`);
  const rooms = studyRooms(count, seed);
  console.log(`${rooms.rooms} rooms of five shapes, read with a tape to a millimetre`);
  console.log(`  true rooms lost: ${of(rooms.lost, rooms.good)}`);
  console.log(`  true rooms in which a length is suspected: ${of(rooms.falseAlarms, rooms.good)}`);
  console.log(`  slips of 9 mm or more, nothing said: ${of(rooms.silent, rooms.slipped)}`);
  console.log(`  slips told, the wrong length named first: ${of(rooms.first, rooms.told)}`);
  console.log(`  first or second: ${of(rooms.second, rooms.told)}`);
  return tapes.worse + rooms.lost === 0;
}

/** Put a fault back into a copy of the core, and look how many scenes it takes to find it. */
async function proved(fault: Fault, scenes: number, seed: number): Promise<boolean> {
  // Beside the packages, so that the copy finds them.
  const cache = join(core, 'node_modules', '.cache');
  mkdirSync(cache, { recursive: true });
  const copy = mkdtempSync(join(cache, 'referee-'));
  try {
    for (const part of ['src', 'cli', 'package.json'])
      cpSync(join(core, part), join(copy, part), { recursive: true });
    const file = join(copy, 'src', fault.file);
    let source = readFileSync(file, 'utf8');
    for (const [now, faulty] of fault.changes) {
      const fits = squeezed(now);
      const [at, length] = found(source, fits);
      if (at < 0) throw new Error(`Fault ${fault.letter} no longer fits ${fault.file}: ${now}`);
      source = source.slice(0, at) + faulty + source.slice(at + length);
    }
    writeFileSync(file, source);
    const args = ['--import', 'tsx', join(copy, 'cli', 'referee.ts'), '--until-wrong'];
    const of = fault.by === 'orders' ? '--orders' : '--scenes';
    const child = spawn(process.execPath, [...args, of, String(scenes), '--seed', String(seed)]);
    let output = '';
    let failure = '';
    child.stdout.on('data', (chunk) => (output += chunk));
    child.stderr.on('data', (chunk) => (failure += chunk));
    const code = await new Promise((resolve) => child.on('close', resolve));
    const first = /^ {2}(scene \d+: .*)$/m.exec(output)?.[1];
    if (!/disagreements$/m.test(output))
      throw new Error(`The copy with fault ${fault.letter} did not run.\n${failure}`);
    console.log(`${fault.letter}: ${fault.what}`);
    console.log(code === 1 && first ? `  found, ${first.slice(0, 150)}` : `  NOT FOUND in ${scenes} scenes`);
    return code === 1 && first !== undefined;
  } finally {
    rmSync(copy, { recursive: true, force: true });
  }
}

const squeezed = (text: string) => text.replace(/\s+/g, '');

/** Where source has a text, however it is broken into lines: from, and how long. */
function found(source: string, wanted: string): readonly [number, number] {
  const places = [...source].flatMap((char, i) => (/\s/.test(char) ? [] : [i]));
  const at = places
    .map((i) => source[i])
    .join('')
    .indexOf(wanted);
  if (at < 0) return [-1, 0];
  const [first, last] = [places[at]!, places[at + wanted.length - 1]!];
  return [first, last + 1 - first];
}

const readingsAsked = process.argv.includes('--readings');
const ordersAsked = process.argv.includes('--orders');
const scenes = ordersAsked ? option('orders', 300) : option('scenes', 2000);
const seed = option('seed', 1);
if (readingsAsked) process.exitCode = printReadings(option('readings', 10_000), seed) ? 0 : 1;
else if (process.argv.includes('--prove')) {
  const at = process.argv.indexOf('--only');
  const tried = FAULTS.filter(({ letter }) => at < 0 || letter.startsWith(process.argv[at + 1] ?? ''));
  const queue = [...tried];
  let missed = 0;
  const worker = async () => {
    for (let fault = queue.shift(); fault; fault = queue.shift())
      if (!(await proved(fault, scenes, seed))) missed += 1;
  };
  await Promise.all([worker(), worker()]);
  console.log(`${tried.length - missed} of ${tried.length} faults found`);
  process.exitCode = missed === 0 ? 0 : 1;
} else if (ordersAsked) {
  const tally = talliedOrders(scenes, seed, process.argv.includes('--until-wrong'));
  printOrders(tally);
  process.exitCode = tally.wrong.length === 0 ? 0 : 1;
} else {
  const tally = tallied(await manifoldModule(), scenes, seed, process.argv.includes('--until-wrong'));
  print(tally);
  process.exitCode = tally.wrong.length === 0 ? 0 : 1;
}
